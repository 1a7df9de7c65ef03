/**
 * What grades come to, for those who may see it: coaches of every man, a player of himself; on screen, on paper and as
 * a table. May use grading, roster and playbook. Read {@link mensch.app.report.Reports} first.
 */
@NullMarked
package mensch.app.report;

import org.jspecify.annotations.NullMarked;
