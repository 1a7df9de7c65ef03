/**
 * What breaks before anyone steps on a field: checks over the ledgers of a line-up, each finding with place, men and
 * the fact that proves it. May use lineup and below. Read {@link mensch.core.audit.Audit} first.
 */
@NullMarked
package mensch.core.audit;

import org.jspecify.annotations.NullMarked;
