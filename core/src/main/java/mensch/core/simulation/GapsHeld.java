package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger;
import mensch.core.rung.Gap;
import mensch.core.rung.Task;

/** Where each gap is while the line moves, and who has it as he was told last. */
final class GapsHeld {
    private static final int NOBODY = -1;

    private final Cast cast;
    private final Fits fits;
    private final Minds minds;
    private final List<Gap> gaps;
    private final List<List<Float>> places = new ArrayList<>();
    private final int[][] since;
    private final List<List<Unfolding.Held>> held = new ArrayList<>();

    GapsHeld(Cast cast, Fits fits, Minds minds) {
        this.cast = cast;
        this.fits = fits;
        this.minds = minds;
        this.gaps = GapLedger.of(cast.lineup).rows().stream()
                .map(GapLedger.Row::gap)
                .toList();
        this.since = new int[gaps.size()][cast.size()];
        for (int[] one : since) {
            Arrays.fill(one, NOBODY);
        }
        gaps.forEach(g -> {
            places.add(new ArrayList<>());
            held.add(new ArrayList<>());
        });
    }

    /** Where they are at this tick, and who has them. */
    void look(int tick) {
        for (int g = 0; g < gaps.size(); g++) {
            places.get(g).add((float) fits.now(gaps.get(g)));
            for (int d = cast.defence; d < cast.size(); d++) {
                boolean has =
                        !minds.passes(d) && his(d).filter(gaps.get(g)::equals).isPresent();
                if (has && since[g][d] == NOBODY) {
                    since[g][d] = tick;
                } else if (!has && since[g][d] != NOBODY) {
                    leaves(g, d, tick - 1);
                }
            }
        }
    }

    private Optional<Gap> his(int defender) {
        return minds.run(defender) instanceof Task.Fit fit && fit.gap() != null
                ? fit.gap().in(cast.lineup.view(cast.job(defender)))
                : Optional.empty();
    }

    private void leaves(int gap, int defender, int tick) {
        held.get(gap).add(new Unfolding.Held(cast.actors.get(defender).id(), since[gap][defender], tick));
        since[gap][defender] = NOBODY;
    }

    /** All of it, seen as the play really went. */
    List<Unfolding.GapNow> until(int tick, Side play) {
        var all = new ArrayList<Unfolding.GapNow>();
        for (int g = 0; g < gaps.size(); g++) {
            for (int d = cast.defence; d < cast.size(); d++) {
                if (since[g][d] != NOBODY) {
                    leaves(g, d, tick);
                }
            }
            Gap gap = gaps.get(g);
            Side side = play == Side.RIGHT ? gap.side() : gap.side().opposite();
            all.add(new Unfolding.GapNow(
                    new Gap(side, gap.index()),
                    places.get(g).stream().map(x -> play.sign() * x).toList(),
                    held.get(g)));
        }
        return all;
    }
}
