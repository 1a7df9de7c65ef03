package mensch.core.audit;

import java.util.List;

/**
 * One thing that a rule looks for; holds no state. It reads jobs and ledgers, never the sentences behind them. It
 * describes itself: a new check is its own file, its test and a line in {@link Audit}.
 */
interface Check {
    /** What it finds, in the order of a report. */
    List<CheckId> finds();

    /** When it is asked. */
    default Asked asked() {
        return Asked.OF_ANY_LINE_UP;
    }

    /** Every way this subject breaks the rule; empty when it holds. */
    List<Finding> in(Subject subject);

    /** When a check is asked. */
    enum Asked {
        /** A line-up shows it by itself, whatever is run at it. */
        OF_ANY_LINE_UP,
        /** Against the plays of an opponent and the calls of a plan. */
        AGAINST_PLAYS,
        /** Of small-sided football alone. */
        OF_SMALL_SIDED
    }
}
