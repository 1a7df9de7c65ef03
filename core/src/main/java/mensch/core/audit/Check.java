package mensch.core.audit;

import java.util.List;

/** One thing that a rule looks for; holds no state. It reads jobs and ledgers, never the sentences behind them. */
@FunctionalInterface
interface Check {
    /** Every way this subject breaks the rule; empty when it holds. */
    List<Finding> in(Subject subject);
}
