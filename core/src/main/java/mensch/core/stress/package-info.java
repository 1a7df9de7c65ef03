/**
 * A plan against everything it may meet: audit of all calls by all formations, and what the plan asks the men to learn.
 * May use audit and below. Read {@link mensch.core.stress.PlanAudit} first.
 */
@NullMarked
package mensch.core.stress;

import org.jspecify.annotations.NullMarked;
