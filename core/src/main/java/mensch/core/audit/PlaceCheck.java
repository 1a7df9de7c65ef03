package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Bodies;
import mensch.core.formation.Man;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;
import mensch.core.rung.Phrase;
import mensch.core.rung.Place;
import mensch.core.rung.Task;
import mensch.core.rung.View;

/**
 * Nobody in the neutral zone, behind the end line, over a sideline or on another's spot; depths that the goal line took
 * away are told.
 */
final class PlaceCheck implements Check {
    static final CheckId ONE_SPOT = CheckId.of("one-spot", Rule.JOBS).smallSidedToo();
    static final CheckId PAST = CheckId.of("past", Rule.JOBS, Part.ALIGN).smallSidedToo();
    static final CheckId APART = CheckId.of("apart", Rule.JOBS, Part.ALIGN);
    static final CheckId NEUTRAL_ZONE = CheckId.of("neutral-zone", Rule.LEGALITY, Part.ALIGN);
    static final CheckId BOUNDS =
            CheckId.of("bounds", Rule.LEGALITY, Part.ALIGN).smallSidedToo();
    static final CheckId OFF_THE_BALL = CheckId.of("off-the-ball", Rule.GAPS, Part.RUN, Part.MOVE);
    static final CheckId COMPRESSION =
            CheckId.of("compression", Rule.LEGALITY, Part.ALIGN).smallSidedToo();

    @Override
    public List<CheckId> finds() {
        return List.of(ONE_SPOT, PAST, APART, NEUTRAL_ZONE, BOUNDS, OFF_THE_BALL, COMPRESSION);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        for (Lineup.Placed placed : lineup.placed()) {
            neutralZone(lineup.convention().bodies(), placed, findings);
            bounds(lineup, placed, findings);
            offTheBall(lineup, placed, findings);
            past(lineup, placed, findings);
            apart(lineup, placed, findings);
        }
        oneSpot(lineup, findings);
        alignment(lineup, findings);
        drops(lineup, findings);
        return findings;
    }

    private static void oneSpot(Lineup lineup, List<Finding> findings) {
        double limit = lineup.convention().bodies().ownPlace();
        List<Lineup.Placed> placed = lineup.placed();
        for (int i = 0; i < placed.size(); i++) {
            for (int j = i + 1; j < placed.size(); j++) {
                double apart = placed.get(i).feet().distance(placed.get(j).feet());
                if (apart < limit - 1e-9) {
                    findings.add(new Finding(
                            ONE_SPOT,
                            Severity.WEAK,
                            placed.get(i).feet(),
                            List.of(placed.get(i).job(), placed.get(j).job()),
                            new Evidence.OneSpot(
                                    placed.get(i).job(), placed.get(j).job(), apart, limit)));
                }
            }
        }
    }

    private static void neutralZone(Bodies bodies, Lineup.Placed placed, List<Finding> findings) {
        Job job = placed.job();
        double reach = job.role().lineman()
                ? bodies.stance().reachThreePoint()
                : bodies.stance().reachTwoPoint();
        double helmet = placed.feet().y() - reach;
        if (helmet < bodies.stance().neutralZone() - 1e-9) {
            findings.add(new Finding(
                    NEUTRAL_ZONE,
                    Severity.BUST,
                    placed.feet(),
                    List.of(job),
                    new Evidence.InNeutralZone(job, helmet, bodies.stance().neutralZone())));
        }
    }

    private static void bounds(Lineup lineup, Lineup.Placed placed, List<Finding> findings) {
        Job job = placed.job();
        Point feet = placed.feet();
        double behind = feet.y() - lineup.snap().field().endLineDepth();
        if (behind > 0) {
            findings.add(new Finding(
                    BOUNDS, Severity.BUST, feet, List.of(job), new Evidence.OutOfBounds(job, "end line", behind)));
        }
        Side side = feet.x() < 0 ? Side.LEFT : Side.RIGHT;
        double inside = lineup.snap().field().yardsFromSideline(side, feet.x());
        if (inside < 0) {
            findings.add(new Finding(
                    BOUNDS, Severity.BUST, feet, List.of(job), new Evidence.OutOfBounds(job, "sideline", -inside)));
        }
    }

    /** Told one side of a man and put on the other: one of the two is not meant. */
    private static void past(Lineup lineup, Lineup.Placed placed, List<Finding> findings) {
        Place place = placed.job().before().align().orNull();
        if (place == null || !(place.phrase() instanceof Phrase.Shifted shifted)) {
            return;
        }
        View view = lineup.view(placed.job());
        // a man who stays while the offence moves may lean on somebody who is no longer there
        boolean there = shifted.needs().stream().allMatch(ref -> view.feet(ref).isPresent());
        if (there) {
            shifted.past(view, place.feet())
                    .ifPresent(man -> findings.add(new Finding(
                            PAST,
                            Severity.WEAK,
                            placed.feet(),
                            List.of(placed.job()),
                            new Evidence.PastHisMan(placed.job(), shifted.words(), man.words()))));
        }
    }

    /** So far outside everybody that nobody can be his. */
    private static void apart(Lineup lineup, Lineup.Placed placed, List<Finding> findings) {
        Side side = placed.feet().x() < 0 ? Side.LEFT : Side.RIGHT;
        Flank flank = lineup.features().shape().flank(side);
        double outermost = side.sign() * flank.endMan().x();
        for (Man receiver : flank.receivers()) {
            outermost = Math.max(outermost, side.sign() * receiver.x());
        }
        double yards = side.sign() * placed.feet().x() - outermost;
        if (yards > lineup.convention().limits().apart() && !lineup.flag()) {
            findings.add(new Finding(
                    APART,
                    Severity.WEAK,
                    placed.feet(),
                    List.of(placed.job()),
                    new Evidence.OutsideEverybody(placed.job(), yards)));
        }
    }

    /** A man of the line plays on it. */
    private static void offTheBall(Lineup lineup, Lineup.Placed placed, List<Finding> findings) {
        Job job = placed.job();
        double limit = lineup.convention().limits().lineDepth();
        if (job.role().lineman() && !lineup.flag() && placed.feet().y() > limit) {
            findings.add(new Finding(
                    OFF_THE_BALL,
                    Severity.WEAK,
                    placed.feet(),
                    List.of(job),
                    new Evidence.OffTheBall(job, placed.feet().y(), limit)));
        }
    }

    private static void alignment(Lineup lineup, List<Finding> findings) {
        var men = new ArrayList<Evidence.Compressed.Man>();
        for (Lineup.Placed placed : lineup.placed()) {
            if (placed.job().before().align() instanceof Given.By<Place> by
                    && by.value().squeezed() != null) {
                men.add(new Evidence.Compressed.Man(
                        placed.job(), placed.feet(), by.value().squeezed()));
            }
        }
        note(new Evidence.Compressed(List.copyOf(men), false), findings);
    }

    /** Drops may use the end zone, up to its line. */
    private static void drops(Lineup lineup, List<Finding> findings) {
        var men = new ArrayList<Evidence.Compressed.Man>();
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.Cover cover) {
                double wanted = cover.wantedDepth(lineup.view(job));
                Point landmark = cover.landmark(lineup.view(job));
                if (landmark.y() < wanted) {
                    men.add(new Evidence.Compressed.Man(job, landmark, new Place.Squeeze(wanted, landmark.y())));
                }
            }
        }
        note(new Evidence.Compressed(List.copyOf(men), true), findings);
    }

    private static void note(Evidence.Compressed evidence, List<Finding> findings) {
        if (!evidence.men().isEmpty()) {
            findings.add(new Finding(
                    COMPRESSION,
                    Severity.NOTE,
                    evidence.men().get(0).spot(),
                    evidence.men().stream().map(Evidence.Compressed.Man::job).toList(),
                    evidence));
        }
    }
}
