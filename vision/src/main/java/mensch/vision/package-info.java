/** What the picture itself tells of a play; proposals that somebody confirms, never grades. */
@NullMarked
package mensch.vision;

import org.jspecify.annotations.NullMarked;
