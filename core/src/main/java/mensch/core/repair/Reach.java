package mensch.core.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.audit.Finding;
import mensch.core.call.Call;
import mensch.core.call.LayeredRung;
import mensch.core.formation.Answer;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.front.Role;
import mensch.core.front.Sits;
import mensch.core.library.Library;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.FitRole;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.RungReader;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import mensch.core.rung.Vocabulary;

/**
 * The changes that are within reach of a finding: what the library teaches such a man, what lies open, a step, or his
 * neighbour's job.
 */
final class Reach {
    private static final List<Part> PARTS = List.of(Part.RUN, Part.PASS, Part.ALIGN);
    private static final List<String> SHIFTS = List.of(
            "align below 1 deeper",
            "align below 1 shallower",
            "align below 2 deeper",
            "align below 2 shallower",
            "align below half a man wider",
            "align below 1 wider",
            "align below 1 tighter");

    private final Vocabulary vocabulary;
    private final Map<String, Map<Part, Set<String>>> taught = new LinkedHashMap<>();

    Reach(Library library) {
        this.vocabulary = library.vocabulary();
        for (Call call : library.calls()) {
            for (Role role : call.front().roles()) {
                var byPart = taught.computeIfAbsent(role.id(), k -> new LinkedHashMap<>());
                for (boolean onCoverSide : new boolean[] {true, false}) {
                    for (LayeredRung layered : call.ladder(role, onCoverSide).rungs()) {
                        layered.rung().gives().stream()
                                .filter(g -> PARTS.contains(g.part()))
                                .forEach(g -> byPart.computeIfAbsent(g.part(), k -> new LinkedHashSet<>())
                                        .add(g.words()));
                    }
                }
            }
        }
    }

    /**
     * Every single change, and every trade of two jobs, in a fixed order.
     *
     * @param nearest how many men are tried: those the finding names, then the nearest to it
     */
    List<List<Sentence>> changes(Lineup lineup, Finding finding, int nearest) {
        List<Job> men = men(lineup, finding).stream()
                .limit(Math.max(nearest, finding.who().size()))
                .toList();
        var changes = new ArrayList<List<Sentence>>();
        for (Job man : men) {
            var words = new LinkedHashSet<String>(open(lineup, man));
            PARTS.forEach(p ->
                    words.addAll(taught.getOrDefault(man.role().id(), Map.of()).getOrDefault(p, Set.of())));
            words.addAll(SHIFTS);
            words.stream().filter(w -> !told(man, w)).forEach(w -> changes.add(List.of(step(lineup, man, w))));
        }
        for (int i = 0; i < men.size(); i++) {
            for (int j = i + 1; j < men.size(); j++) {
                trade(lineup, men.get(i), men.get(j), changes);
            }
        }
        return changes;
    }

    /** The men a finding names, then the others, the nearest to the spot first. */
    private static List<Job> men(Lineup lineup, Finding finding) {
        var men = new ArrayList<>(finding.who());
        lineup.placed().stream()
                .filter(p -> !men.contains(p.job()))
                .sorted(Comparator.comparingDouble(p -> p.feet().distance(finding.where())))
                .map(Lineup.Placed::job)
                .forEach(men::add);
        return men;
    }

    /** Gaps, edges and eligibles that nobody has, as this man would be told them. */
    private static List<String> open(Lineup lineup, Job man) {
        var words = new ArrayList<String>();
        GapLedger gaps = GapLedger.of(lineup);
        for (GapLedger.Row row : gaps.rows()) {
            if (row.owners().isEmpty()) {
                String gap =
                        "run " + row.gap().letter() + " gap" + (row.gap().side() == man.seat() ? "" : " other side");
                words.add(gap);
                words.add(gap + ", force");
            }
        }
        boolean edgeOpen = gaps.edges().stream()
                .anyMatch(e -> e.side() == man.seat() && e.forces().isEmpty());
        if (edgeOpen) {
            words.add("run outside, force");
            if (man.runTask() instanceof Task.Fit fit && fit.gap() != null && fit.role() != FitRole.FORCE) {
                words.add("run " + fit.gap().words() + ", force");
            }
        }
        for (EligibleLedger.Entry entry :
                EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries()) {
            if (entry.byMan().isEmpty() && entry.byZone().isEmpty()) {
                words.add("pass man " + named(lineup, man, entry.man()));
            }
        }
        return words;
    }

    private static String named(Lineup lineup, Job job, Man man) {
        Shape shape = lineup.features().shape();
        int number = shape.number(man);
        return number == 0
                ? "back"
                : "#" + number + (shape.flank(job.seat()).receivers().contains(man) ? "" : " other side");
    }

    /** Whether he is told this already. */
    private static boolean told(Job man, String words) {
        for (Part part : PARTS) {
            Object value = man.part(part).orNull();
            boolean same = value instanceof Steps steps
                    ? words.equals(part.words() + " " + steps.words())
                    : value instanceof Place place
                            && words.equals("align " + place.phrase().words());
            if (same) {
                return true;
            }
        }
        return false;
    }

    /** Two men of one side trade run jobs, or pass jobs: their words mean the same to both. */
    private void trade(Lineup lineup, Job one, Job other, List<List<Sentence>> changes) {
        if (one.seat() != other.seat() || one.role().equals(other.role())) {
            return;
        }
        for (Part part : List.of(Part.RUN, Part.PASS)) {
            if (one.part(part).orNull() instanceof Steps mine
                    && other.part(part).orNull() instanceof Steps his
                    && !mine.equals(his)) {
                changes.add(List.of(
                        step(lineup, one, part.words() + " " + his.words()),
                        step(lineup, other, part.words() + " " + mine.words())));
            }
        }
    }

    /**
     * The change for this picture only: as many receivers on his side, with or without an end, and for one of two men
     * the side of the coverage.
     */
    Sentence step(Lineup lineup, Job man, String words) {
        var facts = new ArrayList<String>();
        if (man.role().sits() == Sits.EACH_SIDE) {
            facts.add((man.seat() == lineup.sides().cover().side() ? "" : "not ") + "cover side is my side");
        }
        int receivers = lineup.features().shape().flank(man.seat()).receivers().size();
        facts.add(
                receivers == 0
                        ? "not 1 or more receivers on my side"
                        : receivers > 3
                                ? receivers + " or more receivers on my side"
                                : receivers + " receivers on my side");
        facts.add((holds("tight end on my side", lineup, man) ? "" : "not ") + "tight end on my side");
        return new Sentence(man.role().id(), "when " + String.join(" and ", facts) + ": " + words);
    }

    private boolean holds(String condition, Lineup lineup, Job man) {
        return RungReader.readCondition(condition, vocabulary).in(lineup.view(man)) == Answer.YES;
    }
}
