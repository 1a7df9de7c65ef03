package mensch.app.board;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.app.call.Edit;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.repair.PlayMends;
import mensch.core.repair.Repair;
import mensch.core.repair.Repairs;
import mensch.core.repair.Sentence;
import mensch.core.sheet.SnapRun;
import mensch.core.sheet.SnapRunMaker;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Asks core for repairs of one finding and writes them as edits that the board can apply. */
@Service
class RepairBench {

    /** A finding that a repair would bring. */
    record CostRow(Severity severity, String title) {}

    /** Findings that come and go on other formations the call is meant for. */
    record ElsewhereRow(int formations, int jobs, int newBusts, int newWeak, int mended) {}

    /**
     * Edits to apply, the tag they are if they are one, what they cost here and elsewhere, and how many men learn
     * something else.
     */
    record RepairRow(
            List<Edit> edits,
            @Nullable String tag,
            List<CostRow> costs,
            int men,
            int parts,
            int rushersLost,
            ElsewhereRow elsewhere) {}

    record RepairOffer(List<RepairRow> repairs, int tried) {}

    /** A change with which a play is held better: edits to apply, the tag they are, how much better, what it costs. */
    record PlayMendRow(List<Edit> edits, @Nullable String tag, SnapRun.MendRow better, List<CostRow> costs, int men) {}

    record MendOffer(List<PlayMendRow> mends, int tried) {}

    private final Playbook playbook;
    private volatile @Nullable Ready ready;

    /** Reading what the library teaches takes a moment; it is done once per library. */
    private record Ready(Library library, Plays plays, Repairs repairs, PlayMends mends) {}

    RepairBench(Playbook playbook) {
        this.playbook = playbook;
    }

    /**
     * @param key of the finding, as its sheet has it
     * @param seen edits offered before, not to be offered again
     * @param by whose offence it is asked against
     */
    RepairOffer offer(Call call, Snap snap, String key, List<List<Edit>> seen, String by) {
        Plays plays = playbook.plays(by);
        Finding finding = Audit.of(new Subject(Lineup.of(call, snap), plays, List.of())).stream()
                .filter(f -> f.key().text().equals(key))
                .findFirst()
                .orElseThrow(() -> Problem.notFound("the finding " + key + " on this snap"));
        Repair.Offer offer = ready(plays)
                .repairs()
                .offer(
                        call,
                        snap,
                        finding,
                        seen.stream()
                                .map(edits ->
                                        edits.stream().map(e -> step(call, e)).toList())
                                .collect(Collectors.toSet()));
        return new RepairOffer(offer.repairs().stream().map(r -> row(call, r)).toList(), offer.tried());
    }

    private static Sentence step(Call call, Edit edit) {
        return new Sentence(
                edit.rung().split("/")[1], call.convention().labels().kept(edit.sentence()));
    }

    /** The smallest changes with which a call holds one play better; none when it cannot be run to that side. */
    Optional<MendOffer> mends(Call call, Snap snap, String play, Side side, String by) {
        return ready(playbook.plays(by))
                .mends()
                .offer(call, snap, play, side)
                .map(offer -> new MendOffer(
                        offer.mends().stream()
                                .map(m -> new PlayMendRow(
                                        edits(call, m.steps()),
                                        m.tag(),
                                        SnapRunMaker.mend(offer, m),
                                        costs(m.costs()),
                                        m.men()))
                                .toList(),
                        offer.tried()));
    }

    private Ready ready(Plays plays) {
        Library library = playbook.library();
        Ready known = ready;
        if (known == null || known.library() != library || !known.plays().equals(plays)) {
            known = new Ready(library, plays, new Repairs(library, plays), new PlayMends(library, plays));
            ready = known;
        }
        return known;
    }

    /** Sentences as rungs of the call's own layer that nobody has yet. */
    private static List<Edit> edits(Call call, List<Sentence> steps) {
        Set<String> taken = new HashSet<>();
        call.layers().stream()
                .filter(l -> l.kind() == Layer.Kind.CALL)
                .forEach(l ->
                        l.ladders().values().forEach(ladder -> ladder.rungs().forEach(r -> taken.add(r.id().words()))));
        var edits = new ArrayList<Edit>();
        for (Sentence step : steps) {
            int n = 1;
            while (!taken.add(call.ref().id() + "/" + step.role() + "/repair-" + n)) {
                n++;
            }
            edits.add(new Edit(
                    call.ref().id() + "/" + step.role() + "/repair-" + n,
                    call.convention().labels().said(step.sentence())));
        }
        return List.copyOf(edits);
    }

    private static List<CostRow> costs(List<Finding> findings) {
        return findings.stream()
                .map(f -> new CostRow(f.severity(), f.evidence().title()))
                .toList();
    }

    private static RepairRow row(Call call, Repair repair) {
        Repair.Elsewhere e = repair.elsewhere();
        return new RepairRow(
                edits(call, repair.steps()),
                repair.tag(),
                costs(repair.costs()),
                repair.men(),
                repair.parts(),
                repair.rushersLost(),
                new ElsewhereRow(e.formations(), e.jobs(), e.newBusts(), e.newWeak(), e.mended()));
    }
}
