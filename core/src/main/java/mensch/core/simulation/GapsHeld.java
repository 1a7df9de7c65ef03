package mensch.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger;
import mensch.core.rung.Gap;
import mensch.core.rung.Task;

/** Where each gap is while the line moves, and who has it as he was told last. */
final class GapsHeld {
    private final Cast cast;
    private final Fits fits;
    private final Minds minds;
    private final List<Held> gaps;

    private record Held(Gap gap, List<Float> places, Spans by) {}

    GapsHeld(Cast cast, Fits fits, Minds minds) {
        this.cast = cast;
        this.fits = fits;
        this.minds = minds;
        this.gaps = GapLedger.of(cast.lineup).rows().stream()
                .map(row -> new Held(row.gap(), new ArrayList<>(), new Spans(cast, cast.defence, cast.size())))
                .toList();
    }

    /** Where they are at this tick, and who has them. */
    void look(int tick) {
        for (Held one : gaps) {
            one.places().add((float) fits.now(one.gap()));
            one.by()
                    .look(
                            tick,
                            d -> !minds.passes(d)
                                    && his(d).filter(one.gap()::equals).isPresent());
        }
    }

    private Optional<Gap> his(int defender) {
        return minds.run(defender) instanceof Task.Fit fit && fit.gap() != null
                ? fit.gap().in(cast.lineup.view(cast.job(defender)))
                : Optional.empty();
    }

    /** All of it, seen as the play really went. */
    List<Unfolding.GapNow> until(int tick, Side play) {
        return gaps.stream()
                .map(one -> new Unfolding.GapNow(
                        new Gap(
                                play == Side.RIGHT
                                        ? one.gap().side()
                                        : one.gap().side().opposite(),
                                one.gap().index()),
                        one.places().stream().map(x -> play.sign() * x).toList(),
                        one.by().until(tick)))
                .toList();
    }
}
