package mensch.core.repair;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.audit.Finding;
import mensch.core.audit.Rule;
import mensch.core.call.Call;
import mensch.core.call.LayeredRung;
import mensch.core.coverage.CoverSeat;
import mensch.core.formation.Answer;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.front.Role;
import mensch.core.front.Sits;
import mensch.core.geometry.Point;
import mensch.core.library.Library;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.possible.DeepLedger;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gap;
import mensch.core.rung.Move;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.RungReader;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import mensch.core.rung.Vocabulary;

/**
 * The changes that are within reach of a finding, natural ones first: what the call itself teaches the man, an exchange
 * with a neighbour, what lies open, a step; and, where these do not do, what the library teaches such a man.
 */
final class Reach {
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

    /** One change and what kind of answer it is. */
    record Way(List<Sentence> steps, Natural natural) {}

    Reach(Library library) {
        this.vocabulary = library.vocabulary();
        for (Call call : library.calls()) {
            for (Role role : call.front().roles()) {
                collect(call, role, taught.computeIfAbsent(role.id(), k -> new LinkedHashMap<>()));
            }
        }
    }

    private static void collect(Call call, Role role, Map<Part, Set<String>> into) {
        for (boolean onCoverSide : new boolean[] {true, false}) {
            for (LayeredRung layered : call.ladder(role, onCoverSide).rungs()) {
                layered.rung()
                        .gives()
                        .forEach(g -> into.computeIfAbsent(g.part(), k -> new LinkedHashSet<>())
                                .add(g.words()));
            }
        }
    }

    /** The parts of a job that can mend what a rule found. */
    private static Set<Part> parts(Finding finding) {
        // what a row did, another row undoes; where he stands is not the cause
        if (finding.check().reads().contains(Part.READS)) {
            return EnumSet.of(Part.READS);
        }
        return switch (finding.check().rule()) {
            case GAPS, EDGE, COUNT -> EnumSet.of(Part.RUN, Part.ALIGN, Part.MOVE);
            case COVERAGE, LEVERAGE, PRESSURE -> EnumSet.of(Part.PASS, Part.ALIGN);
            case CONFLICT -> EnumSet.of(Part.RUN, Part.PASS);
            case KEYS -> EnumSet.of(Part.KEY, Part.ALIGN);
            case TELLS -> EnumSet.of(Part.SHOW, Part.ALIGN);
            case LEGALITY -> EnumSet.of(Part.ALIGN);
            case JOBS, LOAD -> EnumSet.of(Part.ALIGN, Part.KEY, Part.RUN, Part.PASS);
        };
    }

    /**
     * The natural changes, in a fixed order.
     *
     * @param nearest how many men are tried: those the finding names, then the nearest to it
     */
    List<Way> natural(Call call, Lineup lineup, Finding finding, int nearest) {
        return natural(call, lineup, men(lineup, finding, nearest), parts(finding));
    }

    /** The natural changes of some men, the first tried first, in some parts of their jobs. */
    List<Way> natural(Call call, Lineup lineup, List<Job> men, Set<Part> parts) {
        var ways = new ArrayList<Way>();
        for (Job man : men) {
            Map<Part, Set<String>> own = new LinkedHashMap<>();
            collect(call, man.role(), own);
            parts.forEach(p -> say(lineup, man, own.getOrDefault(p, Set.of()), Natural.HIS_OWN, ways));
        }
        for (int i = 0; i < men.size(); i++) {
            for (int j = i + 1; j < men.size(); j++) {
                trade(lineup, men.get(i), men.get(j), parts, ways);
            }
        }
        for (Job man : men) {
            say(lineup, man, open(lineup, man, parts), Natural.TAKES_IT, ways);
            if (parts.contains(Part.ALIGN)) {
                say(lineup, man, SHIFTS, Natural.STEP, ways);
            }
        }
        return ways;
    }

    /** What the library teaches such men besides, in the calls of their names. */
    List<Way> taught(Lineup lineup, Finding finding, int nearest) {
        return taught(lineup, men(lineup, finding, nearest), parts(finding));
    }

    /** What the library teaches some men besides in some parts of their jobs. */
    List<Way> taught(Lineup lineup, List<Job> men, Set<Part> parts) {
        var ways = new ArrayList<Way>();
        for (Job man : men) {
            for (Part part : parts) {
                say(
                        lineup,
                        man,
                        taught.getOrDefault(man.role().id(), Map.of()).getOrDefault(part, Set.of()),
                        Natural.TAUGHT,
                        ways);
            }
        }
        return ways;
    }

    private void say(Lineup lineup, Job man, Collection<String> words, Natural natural, List<Way> into) {
        for (String word : words) {
            if (!told(man, word) && !half(lineup, man, word)) {
                into.add(new Way(List.of(step(lineup, man, word)), natural));
                if (man.role().sits() == Sits.EACH_SIDE) {
                    into.add(new Way(
                            List.of(new Sentence(man.role().id(), "when " + picture(lineup, man) + ": " + word)),
                            natural));
                }
            }
        }
    }

    /** Half of what two men do together, with nobody who does the other half. */
    private static boolean half(Lineup lineup, Job man, String word) {
        return word.startsWith("pass man first")
                || word.startsWith("pass bracket")
                        && lineup.jobs().stream()
                                .noneMatch(j -> j != man
                                        && j.seat() == man.seat()
                                        && j.passTask() instanceof Task.Bracket other
                                        && word.startsWith(
                                                "pass bracket " + other.man().words()));
    }

    private static List<Job> men(Lineup lineup, Finding finding, int nearest) {
        return men(lineup, finding).stream()
                .limit(Math.max(nearest, finding.who().size() + 1))
                .toList();
    }

    /**
     * The men a finding names, then the others, the nearest to the spot first; where a run job is missing, a man near
     * the line whom a run gives nothing of his own comes before those who have a gap; where a rusher is, who is sent
     * and does not rush.
     */
    private static List<Job> men(Lineup lineup, Finding finding) {
        var men = new ArrayList<>(finding.who());
        double near = lineup.convention().jobs().force().deep();
        boolean run = parts(finding).contains(Part.RUN);
        boolean rush = finding.check().rule() == Rule.PRESSURE;
        lineup.placed().stream()
                .filter(p -> !men.contains(p.job()))
                .sorted(Comparator.comparing((Lineup.Placed p) ->
                                !(run && p.feet().distance(finding.where()) <= near && spare(p.job())
                                        || rush && sent(p.job())))
                        .thenComparingDouble(p -> p.feet().distance(finding.where())))
                .map(Lineup.Placed::job)
                .forEach(men::add);
        return men;
    }

    private static boolean sent(Job job) {
        Move move = job.after().move().orNull();
        return move != null && move.verb() != null && !(job.passTask() instanceof Task.Rush);
    }

    private static boolean spare(Job job) {
        return job.cover() != CoverSeat.CORNER
                && (job.runTask() instanceof Task.None
                        || job.runTask() instanceof Task.Fit fit && fit.role() == FitRole.ALLEY);
    }

    /** Gaps, edges and eligibles that nobody has, as this man would be told them. */
    private static List<String> open(Lineup lineup, Job man, Set<Part> parts) {
        var words = new ArrayList<String>();
        if (parts.contains(Part.RUN)) {
            openGaps(lineup, man, words);
        }
        if (parts.contains(Part.PASS)) {
            openMen(lineup, man, words);
        }
        return words;
    }

    private static void openGaps(Lineup lineup, Job man, List<String> words) {
        GapLedger gaps = GapLedger.of(lineup);
        for (GapLedger.Row row : gaps.rows()) {
            if (row.owners().isEmpty()) {
                String gap =
                        "run " + row.gap().letter() + " gap" + (row.gap().side() == man.seat() ? "" : " other side");
                words.add(gap);
                if (row.gap().index() >= flank(lineup, row.gap()).surface().size()) {
                    words.add(gap + ", force");
                }
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
    }

    /** Deep parts for those who play back there, receivers for those who can run with them. */
    private static void openMen(Lineup lineup, Job man, List<String> words) {
        if (man.role().lineman()) {
            return;
        }
        boolean back = man.role().body() == Role.Body.DB
                && man.feetOr(new Point(0, 0)).y()
                        >= lineup.convention().jobs().man().chases();
        DeepLedger.of(lineup, AreaLedger.of(lineup)).rows().stream()
                .filter(r -> back
                        && !r.held()
                        && (r.part().area().central() || r.part().side() == man.seat()))
                .forEach(r -> words.add("pass " + r.part().area().words()));
        for (EligibleLedger.Entry entry :
                EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries()) {
            if (entry.byMan().isEmpty() && entry.byZone().isEmpty()) {
                words.add("pass man " + named(lineup, man, entry.man()));
            }
        }
    }

    private static Shape.Flank flank(Lineup lineup, Gap gap) {
        return lineup.features().shape().flank(gap.side());
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
        for (Part part : Part.values()) {
            Object value = man.part(part).orNull();
            boolean same = value instanceof Steps steps
                    ? words.equals(part.words() + " " + steps.words())
                    : value instanceof Place place
                            && part == Part.ALIGN
                            && words.equals("align " + place.phrase().words());
            if (same) {
                return true;
            }
        }
        return false;
    }

    /** Two men of one side trade run jobs, or pass jobs: their words mean the same to both. */
    private void trade(Lineup lineup, Job one, Job other, Set<Part> parts, List<Way> into) {
        if (one.seat() != other.seat() || one.role().equals(other.role())) {
            return;
        }
        for (Part part : List.of(Part.RUN, Part.PASS)) {
            if (parts.contains(part)
                    && one.part(part).orNull() instanceof Steps mine
                    && other.part(part).orNull() instanceof Steps his
                    && !mine.equals(his)) {
                into.add(new Way(
                        List.of(
                                step(lineup, one, part.words() + " " + his.words()),
                                step(lineup, other, part.words() + " " + mine.words())),
                        Natural.EXCHANGE));
            }
        }
    }

    /**
     * The change for this picture only: as many receivers on his side, with or without an end, and for one of two men
     * the side of the coverage.
     */
    Sentence step(Lineup lineup, Job man, String words) {
        String side = man.role().sits() == Sits.EACH_SIDE
                ? (man.seat() == lineup.sides().cover().side() ? "" : "not ") + "cover side is my side and "
                : "";
        return new Sentence(man.role().id(), "when " + side + picture(lineup, man) + ": " + words);
    }

    /** His side of the picture in words. */
    private String picture(Lineup lineup, Job man) {
        int receivers = lineup.features().shape().flank(man.seat()).receivers().size();
        String count = receivers == 0
                ? "not 1 or more receivers on my side"
                : receivers > 3 ? receivers + " or more receivers on my side" : receivers + " receivers on my side";
        return count + " and " + (holds("tight end on my side", lineup, man) ? "" : "not ") + "tight end on my side";
    }

    private boolean holds(String condition, Lineup lineup, Job man) {
        return RungReader.readCondition(condition, vocabulary).in(lineup.view(man)) == Answer.YES;
    }
}
