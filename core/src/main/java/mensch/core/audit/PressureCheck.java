package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.matchup.PassRush;
import mensch.core.matchup.Pressure;
import mensch.core.rung.Part;

/**
 * Four or more who rush keep the quarterback in on both sides; what a pressure leaves underneath is told with the time
 * it has.
 */
final class PressureCheck implements Check {
    static final CheckId CONTAIN =
            CheckId.of("contain", Rule.PRESSURE, Part.PASS, Part.MOVE).needing(CheckId.Need.PROTECTIONS);
    static final CheckId WINDOW =
            CheckId.of("window", Rule.PRESSURE, Part.PASS, Part.MOVE).needing(CheckId.Need.PROTECTIONS);

    static final CheckId HOT =
            CheckId.of("hot", Rule.PRESSURE, Part.PASS, Part.MOVE).needing(CheckId.Need.PROTECTIONS);

    private static final int KEEPS_BOTH = 4;
    private static final Point PASSER = new Point(0, -5);

    @Override
    public List<CheckId> finds() {
        return List.of(CONTAIN, WINDOW, HOT);
    }

    @Override
    public Asked asked() {
        return Asked.AGAINST_PLAYS;
    }

    @Override
    public List<Finding> in(Subject subject) {
        var findings = new ArrayList<Finding>();
        List<Pressure> ledgers = subject.protections();
        if (ledgers.isEmpty()) {
            return findings;
        }
        Pressure any = ledgers.get(0);
        if (any.rushers().size() >= KEEPS_BOTH) {
            for (Side side : Side.values()) {
                if (!any.contain().contains(side)) {
                    findings.add(new Finding(
                            CONTAIN,
                            Severity.WEAK,
                            new Point(side.sign() * 6.0, 1),
                            subject.rush().rushers(),
                            new PlayEvidence.NoContain(side, subject.rush().rushers())));
                }
            }
        }
        if (!any.windows().isEmpty()) {
            Pressure six = ledgers.stream()
                    .filter(p -> p.protection().men() == 6)
                    .findFirst()
                    .orElse(any);
            Side side = six.windows().get(0).side();
            findings.add(new Finding(
                    WINDOW,
                    Severity.FACT,
                    new Point(side.sign() * 8.0, 8),
                    subject.rush().rushers(),
                    new PlayEvidence.WindowOpen(
                            six.windows(),
                            six.seconds(),
                            !six.free().isEmpty(),
                            conceded(subject, side).orElse(null))));
        }
        hot(subject, findings);
        return findings;
    }

    /** What the rush does to the passing game, for the coordinator who sends it. */
    private static void hot(Subject subject, List<Finding> findings) {
        List<PassRush> beaten =
                subject.rushed().stream().filter(PassRush::beaten).toList();
        if (!beaten.isEmpty()) {
            var told = new PlayStandingEvidence.RushBeatsThrow(beaten);
            findings.add(new Finding(HOT, Severity.FACT, PASSER, told.first(), told));
        }
    }

    /** The first quick concept whose given route is caught on that side of the ball, if one is. */
    private static Optional<String> conceded(Subject subject, Side side) {
        double quick = subject.lineup().convention().routes().clock().quick();
        return subject.passes().stream()
                .filter(ledger -> ledger.pass().throwSeconds() <= quick)
                .flatMap(ledger -> ledger.given().stream()
                        .filter(given -> given.caught().x() * side.sign() > 0)
                        .map(given ->
                                "the " + given.what() + " on " + ledger.pass().name()))
                .findFirst();
    }
}
