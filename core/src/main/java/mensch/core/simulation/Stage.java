package mensch.core.simulation;

import java.util.List;
import mensch.core.convention.SnapModel;
import mensch.core.field.Situation;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Matchup;

/**
 * What every snap of one play at one line-up has in common. Everything is seen as if the play went to the right.
 *
 * @param play the side it really goes to
 * @param asked the line-up as it was asked, not turned
 * @param matchup of the line-up as seen, men as they stand at the snap
 */
record Stage(Side play, Lineup asked, Matchup matchup, Cast cast, SnapModel model, List<Fault> faults) {
    static Stage of(Lineup lineup, Side play, List<Fault> faults) {
        Lineup seen = play == Side.RIGHT ? lineup : lineup.mirror();
        return new Stage(
                play,
                lineup,
                Matchup.atTheSnap(seen),
                new Cast(seen, play),
                seen.convention().snap(),
                List.copyOf(faults));
    }

    int yardsToGoal() {
        return cast.lineup.snap().field().ball().yardsToGoal();
    }

    Situation situation() {
        return cast.lineup.snap().situation();
    }
}
