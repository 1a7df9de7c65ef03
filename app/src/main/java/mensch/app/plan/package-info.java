/**
 * The week's plan as a whole: its audit and what it asks the men to learn. Read {@link mensch.app.plan.PlanController}
 * first.
 */
@NullMarked
package mensch.app.plan;

import org.jspecify.annotations.NullMarked;
