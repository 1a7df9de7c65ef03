package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import mensch.core.convention.Speeds;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.matchup.Tells;
import mensch.core.rung.Part;

/**
 * What an offence can tell before the snap from the other calls of the plan, and whether a disguise leaves time to get
 * home.
 */
final class TellsCheck implements Check {
    static final CheckId DISGUISE =
            CheckId.of("disguise", Rule.TELLS, Part.SHOW, Part.ALIGN).smallSidedToo();
    static final CheckId TELL =
            CheckId.of("tell", Rule.TELLS, Part.SHOW, Part.ALIGN).needing(CheckId.Need.PLAN);

    private static final Point BEHIND_THE_BALL = new Point(0, 6);

    @Override
    public List<CheckId> finds() {
        return List.of(DISGUISE, TELL);
    }

    @Override
    public Asked asked() {
        return Asked.AGAINST_PLAYS;
    }

    @Override
    public List<Finding> in(Subject subject) {
        Tells tells = subject.tells();
        Speeds speeds = subject.lineup().convention().speeds();
        var findings = new ArrayList<Finding>();
        for (Tells.Travel travel : tells.travels()) {
            double late = travel.seconds() - speeds.passer().quickThrow();
            if (late > 0) {
                findings.add(new Finding(
                        DISGUISE,
                        late <= subject.lineup().convention().jobs().late() ? Severity.NOTE : Severity.WEAK,
                        travel.feet(),
                        List.of(travel.job()),
                        new Evidence.DisguiseCost(
                                travel.job(),
                                travel.yards(),
                                travel.seconds(),
                                speeds.passer().quickThrow())));
            }
        }
        if (!tells.pairs().isEmpty()) {
            List<Job> who = tells.pairs().stream()
                    .flatMap(pair -> Stream.ofNullable(pair.men() == 0 ? pair.stance() : pair.by()))
                    .distinct()
                    .toList();
            findings.add(new Finding(
                    TELL,
                    Severity.FACT,
                    who.isEmpty() ? BEHIND_THE_BALL : who.get(0).feetOr(BEHIND_THE_BALL),
                    who,
                    new TellEvidence.GivenAway(tells.pairs())));
        }
        return findings;
    }
}
