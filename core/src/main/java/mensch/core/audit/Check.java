package mensch.core.audit;

import java.util.List;
import mensch.core.lineup.Lineup;

/** One rule of the audit; holds no state. */
@FunctionalInterface
interface Check {
    /** Every way this line-up breaks the rule; empty when it holds. */
    List<Finding> in(Lineup lineup);
}
