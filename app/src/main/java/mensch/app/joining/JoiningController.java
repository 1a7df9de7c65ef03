package mensch.app.joining;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import mensch.app.game.Play;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Offers to make two plays one, and does it when asked. */
@RestController
@RequestMapping("/api/games/{game}/joins")
class JoiningController {
    record PairedPlay(long id, int number) {}

    record JoinPair(PairedPlay here, PairedPlay there) {}

    /**
     * Another game that looks like this one from another side.
     *
     * @param plays of the other game
     */
    record JoinOffer(long game, String opponent, int plays, List<JoinPair> pairs) {}

    /** A play of this game and one of another that are one. */
    record Join(
            @NotNull Long here, @NotNull Long game, @NotNull Long there) {}

    private final Joining joining;

    JoiningController(Joining joining) {
        this.joining = joining;
    }

    private static PairedPlay paired(Play play) {
        return new PairedPlay(play.id(), play.number());
    }

    /** Games that look like this one from another side. */
    @GetMapping
    List<JoinOffer> offers(@PathVariable Long game) {
        return joining.offers(game).stream()
                .map(o -> new JoinOffer(
                        o.other().id(),
                        o.other().opponent(),
                        o.plays(),
                        o.pairs().stream()
                                .map(p -> new JoinPair(paired(p.here()), paired(p.there())))
                                .toList()))
                .toList();
    }

    /** Makes two plays one; the answer is what else may be joined. */
    @PostMapping
    List<JoinOffer> join(@PathVariable Long game, @Valid @RequestBody Join join) {
        joining.join(game, join.here(), join.game(), join.there());
        return offers(game);
    }
}
