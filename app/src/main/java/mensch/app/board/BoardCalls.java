package mensch.app.board;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.call.CallBook;
import mensch.app.call.Edit;
import mensch.app.playbook.Playbook;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.document.DocumentRef;
import mensch.core.document.RefusedException;
import mensch.core.formation.Snap;
import mensch.core.front.Sits;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Ladder;
import mensch.core.rung.Rung;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** The call a board asks for: as saved, with edits not saved yet, and men put somewhere by hand on top. */
@Service
class BoardCalls {

    /** A man put somewhere for now: his job id and the phrase found for the spot. */
    record Hand(
            @NotBlank @Size(max = Bounds.NAME) String job,
            @NotBlank @Size(max = Bounds.SENTENCE) String phrase) {}

    /**
     * What to line up: the call as saved (newest when revision is null), edits not saved yet, men put somewhere by
     * hand.
     */
    record BoardRequest(
            @Valid @NotNull SnapWords snap,
            @NotBlank @Size(max = Bounds.NAME) String call,
            @Min(0) @Nullable Integer revision,
            @NotNull @Size(max = Bounds.EDITS) List<@Valid @NotNull Edit> edits,
            @NotNull @Size(max = Bounds.HANDS) List<@Valid @NotNull Hand> hand) {}

    private final Playbook playbook;
    private final CallBook book;
    private final Snaps snaps;

    BoardCalls(Playbook playbook, CallBook book, Snaps snaps) {
        this.snaps = snaps;
        this.playbook = playbook;
        this.book = book;
    }

    /** The line-up of one phase, 0 for the set offence; the last when there are fewer. */
    Lineup lineup(BoardRequest request, int phase, Principal by) {
        Snap snap = snaps.of(request.snap(), by.getName());
        int phases = Math.max(1, Math.min(phase + 1, snap.phases().size()));
        return Lineup.of(of(request, by), snap.with(snap.phases().subList(0, phases)));
    }

    Call of(BoardRequest request, Principal by) {
        Call call = book.seen(request.call(), request.revision(), request.edits(), by.getName());
        return request.hand().isEmpty()
                ? call
                : call.under(handLayer(call, Lineup.of(call, snaps.of(request.snap(), by.getName())), request.hand()));
    }

    /** The other calls of this week's plan that may meet this formation, on the same snap. */
    List<Lineup> planned(Lineup lineup, SnapWords snap, Principal by) {
        var plan = new ArrayList<Lineup>();
        for (String id : playbook.planned("call", by.getName())) {
            Call call = book.seen(id, null, List.of(), by.getName());
            boolean other = !id.equals(lineup.inForce().ref().id())
                    && (snap.men() != null || call.meantFor(snap.formation()))
                    && call.front().players() == lineup.inForce().front().players();
            if (other) {
                plan.add(Lineup.of(call, lineup.snap()));
            }
        }
        return plan;
    }

    /**
     * Another call as it is saved, on the snap of a line-up.
     *
     * @throws RefusedException for one of another game
     */
    Lineup other(String id, Lineup lineup, Principal by) {
        Call call = book.seen(id, null, List.of(), by.getName());
        int players = lineup.inForce().front().players();
        if (call.front().players() != players) {
            throw new RefusedException(id + " is a call of " + call.front().players()
                    + " men and cannot stand beside one of " + players + "; choose one of the same game");
        }
        return Lineup.of(call, lineup.snap());
    }

    /**
     * A man put somewhere is a rung of the hand layer; of two men of one role the condition names the one on or off the
     * cover side.
     */
    private Layer handLayer(Call call, Lineup lineup, List<Hand> hands) {
        var rungs = new LinkedHashMap<String, List<Rung>>();
        for (Hand hand : hands) {
            Job job = lineup.job(hand.job());
            if (job == null) {
                throw new RefusedException("nobody is called " + hand.job() + " in this call");
            }
            String role = job.role().id();
            boolean cover = job.seat() == lineup.sides().cover().side();
            String when = job.role().sits() != Sits.EACH_SIDE
                    ? ""
                    : "when " + (cover ? "" : "not ") + "cover side is my side: ";
            rungs.computeIfAbsent(role, k -> new ArrayList<>())
                    .add(RungReader.read(
                            new RungId("hand", role, hand.job()),
                            call.convention().labels().kept(when + "align " + hand.phrase()),
                            playbook.library().vocabulary()));
        }
        Map<String, Ladder> ladders = new LinkedHashMap<>();
        rungs.forEach((role, own) -> ladders.put(role, new Ladder(own)));
        return new Layer(Layer.Kind.HAND, new DocumentRef("hand", 0, ""), ladders);
    }
}
