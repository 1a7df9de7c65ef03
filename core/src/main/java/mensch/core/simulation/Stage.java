package mensch.core.simulation;

import java.util.List;
import mensch.core.convention.SnapModel;
import mensch.core.field.Situation;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Matchup;
import mensch.core.play.Pass;

/**
 * What every snap of one play at one line-up has in common. Everything is seen as if the play went to the right.
 *
 * @param play the side it really goes to
 * @param asked the line-up as it was asked, not turned
 * @param matchup of the line-up as seen, men as they stand at the snap
 */
record Stage(Side play, Lineup asked, Matchup matchup, Cast cast, SnapModel model, List<Fault> faults) {
    static Stage of(Lineup called, Side play, List<Fault> faults) {
        Lineup lineup = moved(called, faults);
        Lineup seen = play == Side.RIGHT ? lineup : lineup.mirror();
        return new Stage(
                play,
                lineup,
                Matchup.atTheSnap(seen),
                new Cast(seen, play),
                seen.convention().snap(),
                List.copyOf(faults));
    }

    /** With those elsewhere who are put elsewhere: whoever looks at them sees them there. */
    private static Lineup moved(Lineup lineup, List<Fault> faults) {
        Lineup moved = lineup;
        for (Fault fault : faults) {
            if (fault.kind() == Fault.Kind.MOVED_RIGHT) {
                moved = moved.moved(fault.man(), fault.amount(), 0);
            } else if (fault.kind() == Fault.Kind.MOVED_DEEP) {
                moved = moved.moved(fault.man(), 0, fault.amount());
            }
        }
        return moved;
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

    int yardsToGoal() {
        return cast.lineup.snap().field().ball().yardsToGoal();
    }

    Situation situation() {
        return cast.lineup.snap().situation();
    }
}
