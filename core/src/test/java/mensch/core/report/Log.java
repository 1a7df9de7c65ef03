package mensch.core.report;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.convention.Convention;
import mensch.core.film.FilmedPath;
import mensch.core.grading.Beside;
import mensch.core.grading.CriterionMark;
import mensch.core.grading.FacetMark;
import mensch.core.grading.Flag;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Rep;
import mensch.core.grading.RepOutcome;
import mensch.core.grading.Settled;
import mensch.core.grading.Tackle;
import mensch.core.grading.Target;
import mensch.core.grading.Thrown;
import mensch.core.library.Library;
import mensch.core.rubric.Facet;
import mensch.core.rubric.Rubric;

/** Reps as a grader makes them, written down briefly, and what the reports then say. */
final class Log {
    static final List<Rubric> RUBRICS = Library.shipped().rubrics();
    private final List<Rep> reps = new ArrayList<>();
    private final Map<Long, Occasion> plays = new HashMap<>();
    private final List<Settled> settled = new ArrayList<>();
    private final List<Snaps.OnField> field = new ArrayList<>();
    private final List<Effort.Ran> ran = new ArrayList<>();
    private String grader = "marrow";
    private Target target = Target.MAN;

    Log by(String coach) {
        grader = coach;
        return this;
    }

    Log laidOn(Target whom) {
        target = whom;
        return this;
    }

    /** A run of no gain against starters, unless said otherwise by {@link #on}. */
    Log on(long game, int number, TheirUnit unit, boolean pass, int gain) {
        plays.put(game * 1000 + number, Occasion.logged(new OnPlay(game, "Stoats", number), unit, pass, gain));
        return this;
    }

    /** Who was on the field on a play that {@link #on} said. */
    Log field(long game, int number, String... men) {
        Occasion on = plays.get(game * 1000 + number);
        field.add(new Snaps.OnField(on, Set.of(men)));
        return this;
    }

    /**
     * A rep.
     *
     * @param said marks, ticks and what stands beside them: {@code "KEY -, pass-rush/lane -, out loss, flag loaf"}
     */
    Log rep(long game, int number, String man, String said) {
        long play = game * 1000 + number;
        plays.computeIfAbsent(
                play, p -> Occasion.logged(new OnPlay(game, "Stoats", number), TheirUnit.STARTERS, false, 0));
        var marks = new ArrayList<FacetMark>();
        var ticks = new ArrayList<CriterionMark>();
        Beside beside = Beside.NOTHING;
        for (String one : said.split(", ")) {
            String[] words = one.split(" ", 2);
            if (words[0].contains("/")) {
                String[] tick = words[0].split("/");
                ticks.add(new CriterionMark(rubric(tick[0], tick[1]), "", tick[1], mark(words[1])));
            } else if (words[0].chars().allMatch(Character::isUpperCase)) {
                marks.add(new FacetMark(facet(words[0]), mark(words[1]), null, null));
            } else {
                beside = with(beside, words[0], words.length > 1 ? words[1] : "");
            }
        }
        // the newest first
        reps.add(0, new Rep(play, man, grader, target, marks, ticks, beside));
        return this;
    }

    Log settle(long play, String man, mensch.core.grading.Topic topic, GradeMark mark) {
        settled.add(new Settled(play, man, topic, mark));
        return this;
    }

    private static String rubric(String id, String criterion) {
        return RUBRICS.stream()
                .filter(r -> r.id().equals(id) && r.criterion(criterion).isPresent())
                .findFirst()
                .orElseThrow(() -> new AssertionError("no criterion " + id + "/" + criterion))
                .id();
    }

    private static Beside with(Beside b, String what, String value) {
        return switch (what) {
            case "out" ->
                new Beside(
                        b.flags(),
                        RepOutcome.valueOf(value),
                        b.setsUp(),
                        b.extraCredit(),
                        b.tackle(),
                        b.thrown(),
                        b.lane(),
                        b.wrongAfter());
            case "sets" ->
                new Beside(
                        b.flags(),
                        RepOutcome.SET_UP,
                        Long.valueOf(value),
                        b.extraCredit(),
                        b.tackle(),
                        b.thrown(),
                        b.lane(),
                        b.wrongAfter());
            case "flag" ->
                new Beside(
                        Set.of(Flag.valueOf(value)),
                        b.outcome(),
                        b.setsUp(),
                        b.extraCredit(),
                        b.tackle(),
                        b.thrown(),
                        b.lane(),
                        b.wrongAfter());
            case "extra" ->
                new Beside(b.flags(), b.outcome(), b.setsUp(), true, b.tackle(), b.thrown(), b.lane(), b.wrongAfter());
            case "tackle" -> {
                String[] of = value.split(" ");
                var tackle = new Tackle(Tackle.How.valueOf(of[0]), of.length > 1 ? Integer.valueOf(of[1]) : null);
                yield new Beside(
                        b.flags(),
                        b.outcome(),
                        b.setsUp(),
                        b.extraCredit(),
                        tackle,
                        b.thrown(),
                        b.lane(),
                        b.wrongAfter());
            }
            case "thrown" ->
                new Beside(
                        b.flags(),
                        b.outcome(),
                        b.setsUp(),
                        b.extraCredit(),
                        b.tackle(),
                        Thrown.valueOf(value),
                        b.lane(),
                        b.wrongAfter());
            case "lane" ->
                new Beside(
                        b.flags(),
                        b.outcome(),
                        b.setsUp(),
                        b.extraCredit(),
                        b.tackle(),
                        b.thrown(),
                        mensch.core.grading.Lane.valueOf(value),
                        b.wrongAfter());
            case "wrong" ->
                new Beside(
                        b.flags(),
                        b.outcome(),
                        b.setsUp(),
                        b.extraCredit(),
                        b.tackle(),
                        b.thrown(),
                        b.lane(),
                        Double.valueOf(value));
            default -> throw new AssertionError(what);
        };
    }

    private static Facet facet(String sign) {
        return List.of(Facet.values()).stream()
                .filter(f -> f.words().equals(sign))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no facet " + sign));
    }

    private static GradeMark mark(String sign) {
        return List.of(GradeMark.values()).stream()
                .filter(m -> m.words().equals(sign))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no mark " + sign));
    }

    /** A man was followed on film, so fast. */
    Log ran(int number, String man, double yardsASecond, double sigma) {
        ran.add(new Effort.Ran(man, new OnPlay(1, "Stoats", number), new FilmedPath.Pace(yardsASecond, sigma, 2)));
        return this;
    }

    Graded graded() {
        return new Graded(reps, plays, settled, field, ran);
    }

    ManSheet man(String man) {
        return ManSheet.of(man, graded(), RUBRICS, Convention.standard());
    }

    UnitSheet unit() {
        return UnitSheet.of(graded(), r -> true, RUBRICS, Convention.standard());
    }
}
