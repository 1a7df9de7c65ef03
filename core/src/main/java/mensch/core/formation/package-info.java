/**
 * The offence as it stands: men, what a defence sees in them (shape, features, strengths), the snap in one line of
 * text. Play frame, yards. May use convention, field, geometry. Read {@link mensch.core.formation.Snap} first, then
 * {@link mensch.core.formation.Features}.
 */
@NullMarked
package mensch.core.formation;

import org.jspecify.annotations.NullMarked;
