package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.convention.SnapModel;
import mensch.core.document.RefusedException;
import mensch.core.field.Field;
import mensch.core.field.Situation;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.FlagRun;
import mensch.core.matchup.Matchup;
import mensch.core.matchup.Sights;
import mensch.core.play.Pass;
import mensch.core.play.Run;
import mensch.core.rung.Numbers;
import mensch.core.rung.Place;

/**
 * What every snap of one play at one line-up has in common. Everything is seen as if the play went to the right.
 *
 * @param play the side it really goes to
 * @param asked the line-up as it was asked, not turned
 * @param matchup of the line-up as seen, men as they stand at the snap
 * @param areas zones as they are told, whatever a man shows
 * @param blind jobs by id whose first key stands behind somebody at the snap
 */
record Stage(
        Side play,
        Lineup asked,
        Matchup matchup,
        AreaLedger areas,
        Set<String> blind,
        Cast cast,
        SnapModel model,
        List<Fault> faults) {
    /** Nobody lines up nearer to the line than this, yards. */
    private static final double LINE = 0.5;

    static Stage of(Lineup called, Side play, List<Fault> faults) {
        Lineup home = moved(called, faults);
        Lineup lineup = showing(home, faults);
        Lineup seen = play == Side.RIGHT ? lineup : lineup.mirror();
        return new Stage(
                play,
                lineup,
                Matchup.atTheSnap(seen),
                AreaLedger.of(play == Side.RIGHT ? home : home.mirror()),
                Sights.of(seen).hidden().stream().map(h -> h.job().id()).collect(Collectors.toUnmodifiableSet()),
                new Cast(seen, play),
                seen.convention().snap(),
                List.copyOf(faults));
    }

    /** With those who still show themselves where they do. */
    private static Lineup showing(Lineup lineup, List<Fault> faults) {
        Lineup showing = lineup;
        for (Fault fault : faults) {
            Job job = fault.kind() == Fault.Kind.SHOWS ? lineup.job(fault.man()) : null;
            Place show = job == null ? null : job.before().show().orNull();
            Point feet = job == null ? null : job.feet();
            if (show != null && feet != null) {
                showing = showing.moved(
                        fault.man(), show.feet().x() - feet.x(), show.feet().y() - feet.y());
            }
        }
        return showing;
    }

    /**
     * With those elsewhere who are put elsewhere: whoever looks at them sees them there.
     *
     * @throws RefusedException for a place where no defender may stand
     */
    private static Lineup moved(Lineup lineup, List<Fault> faults) {
        Lineup moved = lineup;
        for (Fault fault : faults) {
            if (fault.kind() == Fault.Kind.MOVED_RIGHT) {
                moved = moved.moved(fault.man(), fault.amount(), 0);
            } else if (fault.kind() == Fault.Kind.MOVED_DEEP) {
                moved = moved.moved(fault.man(), 0, fault.amount());
            } else {
                continue;
            }
            inTheField(moved, fault);
        }
        return moved;
    }

    private static void inTheField(Lineup moved, Fault fault) {
        Job job = moved.job(fault.man());
        Point feet = job == null ? null : job.feet();
        if (feet == null) {
            return;
        }
        Field field = moved.snap().field();
        boolean in = feet.y() >= LINE
                && feet.y() <= field.endLineDepth()
                && feet.x() >= field.sidelineX(Side.LEFT)
                && feet.x() <= field.sidelineX(Side.RIGHT);
        if (!in) {
            throw new RefusedException(moved.called(fault.man()) + " cannot stand there: a defender stays in the field"
                    + " and half a yard off the line; put in less than " + Numbers.words(Math.abs(fault.amount()))
                    + " yd");
        }
    }

    /** The pass with the routes that are run instead. */
    Pass instead(Pass pass) {
        Pass changed = pass;
        for (Fault fault : faults) {
            if (fault.route() != null) {
                changed =
                        changed.running(cast.actors.get(cast.named(fault.man())).man(), fault.route(), cast.view);
            }
        }
        return changed;
    }

    /** Small-sided flag: nobody blocks, and nobody is blocked. */
    boolean flag() {
        return cast.flag();
    }

    /** Who blocks whom on a run to a side; nobody in small-sided football. None when the formation cannot run it. */
    Optional<Blocking> blocking(Run run, Side side) {
        return flag()
                ? FlagRun.of(cast.lineup, run, side).map(flag -> flag.nobodyBlocks(cast.lineup))
                : matchup.blocking(run, side);
    }

    int yardsToGoal() {
        return cast.lineup.snap().field().ball().yardsToGoal();
    }

    Situation situation() {
        return cast.lineup.snap().situation();
    }
}
