package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Conflict;
import mensch.core.matchup.Pressure;
import mensch.core.matchup.Tells;
import mensch.core.play.BallPath;
import mensch.core.play.Plays;
import mensch.core.rung.Ladder;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Each rule of the audit with a subject that holds, one that breaks, one just at the limit and one that nobody can
 * tell.
 */
class RulesTest {
    private static final String SPOT = "hs m 50 1&10";

    private static Call call(String id, String... rungs) {
        Call call = Snaps.LIBRARY.call(id);
        for (int i = 0; i < rungs.length; i += 2) {
            var rung =
                    RungReader.read(new RungId("hand", rungs[i], "now" + i), rungs[i + 1], Snaps.LIBRARY.vocabulary());
            call = call.under(new Layer(
                    Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of(rungs[i], new Ladder(List.of(rung)))));
        }
        return call;
    }

    private static Snap snap(String formation) {
        return Snaps.LIBRARY.formation(formation).snap(null, false, SPOT);
    }

    private static Subject subject(Call call, Snap snap) {
        return new Subject(Lineup.of(call, snap), Snaps.LIBRARY.plays(), List.of());
    }

    private static List<String> titles(Subject subject, Rule rule, Severity severity) {
        return Audit.of(subject).stream()
                .filter(f -> f.check().rule() == rule && f.severity() == severity)
                .map(f -> f.evidence().title())
                .toList();
    }

    private static Verdict verdict(Subject subject, Rule rule) {
        return Audit.verdicts(subject).stream()
                .filter(v -> v.rule() == rule)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(Rule.class)
    void everyRuleIsAnsweredOnceInItsOrderWithAReason(Rule rule) {
        for (Snap snap : List.of(
                snap("pro-i"),
                snap("trips-open"),
                snap("empty-3x2"),
                Snaps.LIBRARY.formation("flag-spread").snap(null, false, "flag5 m 30 1&10"))) {
            String call = snap.field().code().flag() ? "tack-siskin" : "anvil-drizzle";
            List<Verdict> verdicts = Audit.verdicts(subject(Snaps.LIBRARY.call(call), snap));
            assertThat(verdicts).extracting(Verdict::rule).containsExactly(Rule.values());
            Verdict verdict = verdicts.get(rule.ordinal());
            if (verdict instanceof Verdict.Holds holds) {
                assertThat(holds.evidence().reason()).isNotBlank();
            } else if (verdict instanceof Verdict.CannotTell unknown) {
                assertThat(unknown.missing()).isNotBlank();
            } else {
                assertThat(verdict.findings())
                        .isNotEmpty()
                        .allMatch(f -> f.check().rule() == rule
                                && !f.evidence().title().isBlank()
                                && !f.evidence().reason().isBlank());
            }
        }
    }

    /** A verdict's order and words do not hang on how often it is asked. */
    @Test
    void theSameSubjectGivesTheSameFindings() {
        assertThat(Audit.of(subject(Snaps.LIBRARY.call("anvil-frost"), snap("trips-bunch"))).stream()
                        .map(f -> f.evidence().title())
                        .toList())
                .isEqualTo(Audit.of(subject(Snaps.LIBRARY.call("anvil-frost"), snap("trips-bunch"))).stream()
                        .map(f -> f.evidence().title())
                        .toList());
    }

    @Test
    void whatNobodyKnowsIsCannotTell() {
        Snap film = snap("pro-i").notKnowing(java.util.Set.of(mensch.core.formation.Feature.TIGHT_END));
        assertThat(verdict(subject(Snaps.LIBRARY.call("anvil-drizzle"), film), Rule.JOBS))
                .isInstanceOf(Verdict.CannotTell.class);
        var alone = new Subject(Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap("pro-i")), Plays.NONE, List.of());
        assertThat(verdict(alone, Rule.COUNT)).isEqualTo(new Verdict.CannotTell(Rule.COUNT, "no runs are told"));
        assertThat(verdict(alone, Rule.CONFLICT)).isInstanceOf(Verdict.CannotTell.class);
        assertThat(verdict(alone, Rule.TELLS)).isInstanceOf(Verdict.CannotTell.class);
    }

    /**
     * Eight near the run against seven blockers and a back: one is free. Seven: nobody is, told as a cost. Six:
     * outnumbered.
     */
    @ParameterizedTest
    @CsvSource({"8,", "7,NOTE", "6,WEAK"})
    void countOfTheRun(int support, Severity severity) {
        Call call = support == 8
                ? call("anvil-drizzle")
                : support == 7
                        ? call("anvil-drizzle", "weak", "align landmark hash @ 12")
                        : call("anvil-drizzle", "weak", "align landmark hash @ 12", "will", "align stack tackle @ 9");
        Subject subject = subject(call, snap("pro-i"));
        assertThat(subject.box().support()).hasSize(support);
        var found = Audit.of(subject).stream()
                .filter(f -> f.check() == CheckId.COUNT)
                .toList();
        if (severity == null) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found).extracting(Finding::severity).containsExactly(severity);
        }
    }

    /**
     * A kick-out and a puller bring two gaps: with the alley man and the backside backer they are fitted, without them
     * they are not.
     */
    @Test
    void gapsThatArriveWithThePlay() {
        assertThat(titles(subject(call("anvil-drizzle"), snap("pro-i")), Rule.GAPS, Severity.WEAK))
                .isEmpty();
        Subject without = subject(call("anvil-drizzle", "free", "run none", "will", "run B gap, chase"), snap("pro-i"));
        assertThat(titles(without, Rule.GAPS, Severity.WEAK))
                .anyMatch(t -> t.endsWith("is one gap too many on the right."));
        assertThat(titles(subject(call("anvil-drizzle"), snap("pro-i")), Rule.GAPS, Severity.NOTE))
                .contains("will must go over when a blocker leaves.");
    }

    /** Outside leverage without help gives the inside away; with a deep middle it does not. */
    @Test
    void leverageWantsHelp() {
        Subject zero = subject(call("anvil-thunder", "corner", "align over #1, outside, 1 x 7"), snap("doubles-open"));
        assertThat(titles(zero, Rule.LEVERAGE, Severity.WEAK))
                .contains("corner left gives the inside away.", "corner right gives the inside away.");
        assertThat(titles(
                        subject(call("anvil-squall", "corner", "align over #1, outside, 1 x 7"), snap("doubles-open")),
                        Rule.LEVERAGE,
                        Severity.WEAK))
                .isEmpty();
        assertThat(titles(subject(call("anvil-thunder"), snap("doubles-open")), Rule.LEVERAGE, Severity.WEAK))
                .isEmpty();
        assertThat(verdict(subject(call("anvil-fog"), snap("doubles-open")), Rule.LEVERAGE))
                .isInstanceOf(Verdict.Holds.class);
    }

    /** LN-06: man on a bunch can be picked, lanes cannot; at two depths they cannot either: 1.5 yd apart is enough. */
    @ParameterizedTest(name = "LN-06 {0}")
    @CsvSource({"7,true", "5.6,true", "5.5,false"})
    void ln06PickExposureInABunch(double depth, boolean picked) {
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap bunch = mirrored ? snap("trips-bunch").mirror() : snap("trips-bunch");
            Call man = call(
                    "anvil-squall",
                    "corner",
                    "align over #1, outside, 1 x 7",
                    "nickel",
                    "align over #2, inside, 1 x " + depth);
            List<String> found = Audit.of(subject(man, bunch)).stream()
                    .filter(f -> f.check() == CheckId.PICK && f.severity() == Severity.WEAK)
                    .map(f -> f.evidence().title())
                    .toList();
            assertThat(found.isEmpty()).as("nickel at %s", depth).isNotEqualTo(picked);
        }
        assertThat(titles(
                        subject(
                                Snaps.LIBRARY.call("anvil-rime"),
                                Snaps.LIBRARY.formation("trips-bunch").snap(null, false, "hs m 5 1&5")),
                        Rule.LEVERAGE,
                        Severity.WEAK))
                .isEmpty();
    }

    /**
     * A patient man has one job after the other: holding the window until the quarterback crosses is no conflict, the
     * same man told to fit at once is in one.
     */
    @Test
    void aManWhoWaitsIsNotInConflict() {
        Snap gun = snap("doubles-gun");
        Subject waits = subject(call("bellows-shad", "jack", "pass curl-flat"), gun);
        assertThat(waits.conflicts())
                .noneMatch(c -> c.key() != null && c.key().id().equals("jack") && c.overlap() > 0);
        Subject fits = subject(call("bellows-shad", "jack", "run outside, force; pass curl-flat"), gun);
        List<Conflict> his = fits.conflicts().stream()
                .filter(c -> c.key() != null && c.key().id().equals("jack") && c.overlap() > 0)
                .toList();
        assertThat(his).isNotEmpty();
        assertThat(his.get(0).run().from()).isLessThan(his.get(0).run().to());
        assertThat(titles(fits, Rule.CONFLICT, Severity.WEAK)).anyMatch(t -> t.startsWith("jack is in conflict on "));
        Subject rush = subject(call("bellows-shad", "jack", "run outside, force; pass rush"), gun);
        assertThat(rush.conflicts())
                .as("a rusher has no window")
                .noneMatch(c -> c.key() != null && c.key().id().equals("jack") && c.overlap() > 0);
    }

    /** OP-03: on a power read each way of the ball has an owner; take the force man away and the sweep has none. */
    @Test
    void op03EachWayOfTheBallHasAnOwner() {
        Snap gun = snap("doubles-gun");
        for (Snap snap : List.of(gun, gun.mirror())) {
            Side side = snap == gun ? Side.RIGHT : Side.LEFT;
            Conflict read = power(subject(Snaps.LIBRARY.call("bellows-shad"), snap), side);
            assertThat(read.open()).isEmpty();
            assertThat(read.owners().keySet()).containsExactly(BallPath.QUARTERBACK, BallPath.PITCH);
            assertThat(read.owners().get(BallPath.QUARTERBACK).id()).isIn("nose", "end-call", "end-away", "will");
            assertThat(read.owners().get(BallPath.PITCH).id()).isIn("sam", "mike", "strong", "free");
        }
        Subject nobody =
                subject(call("anvil-drizzle", "nickel", "run D gap", "free", "run none", "mike", "run A gap"), gun);
        assertThat(power(nobody, Side.RIGHT).open()).containsExactly(BallPath.PITCH);
        assertThat(titles(nobody, Rule.CONFLICT, Severity.WEAK))
                .contains("Nobody has the pitch on Power read to the right.");
    }

    private static Conflict power(Subject subject, Side side) {
        return subject.conflicts().stream()
                .filter(c -> c.name().equals("Power read") && c.play() == side)
                .findFirst()
                .orElseThrow();
    }

    /** EV-33: six against six when the back stays, one free when he goes. */
    @Test
    void ev33SixRushersAgainstSixProtectors() {
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap snap = mirrored ? snap("doubles-gun").mirror() : snap("doubles-gun");
            Lineup zero = Lineup.of(Snaps.LIBRARY.call("anvil-thunder"), snap);
            Pressure five = Pressure.of(
                            zero, Snaps.LIBRARY.plays().protections().get(0))
                    .orElseThrow();
            Pressure six = Pressure.of(zero, Snaps.LIBRARY.plays().protections().get(1))
                    .orElseThrow();
            assertThat(six.rushers()).hasSize(6);
            assertThat(six.free()).isEmpty();
            assertThat(six.oneOnOne()).isEqualTo(6);
            assertThat(five.free()).hasSize(1);
            assertThat(five.seconds()).isBetween(2.0, 2.2);
            assertThat(six.seconds()).isBetween(3.0, 3.2);
        }
    }

    /**
     * MV-01: four who rush are one on one with nobody free against five, and both edges are kept; an end who goes
     * inside leaves his.
     */
    @Test
    void mv01FourWhoRushKeepBothEdges() {
        Subject four = subject(Snaps.LIBRARY.call("anvil-drizzle"), snap("doubles-gun"));
        assertThat(four.protections().get(0).free()).isEmpty();
        assertThat(four.protections().get(0).contain()).containsExactly(Side.LEFT, Side.RIGHT);
        Subject inside =
                subject(call("anvil-drizzle", "end-call", "move pinch to B gap; pass rush B gap"), snap("doubles-gun"));
        assertThat(titles(inside, Rule.PRESSURE, Severity.WEAK))
                .anyMatch(t -> t.startsWith("Nobody keeps the quarterback in on the "));
    }

    /** A key behind a back is seen late; without a second key he sees nothing. */
    @Test
    void keysAreSeen() {
        Snap power = snap("pro-i");
        Call behind = call("anvil-drizzle", "mike", "align stack centre @ 4.5; key tailback then guard");
        assertThat(titles(subject(behind, power), Rule.KEYS, Severity.NOTE)).contains("mike cannot see TB.");
        Call only = call("anvil-drizzle", "mike", "align stack centre @ 4.5; key tailback");
        assertThat(titles(subject(only, power), Rule.KEYS, Severity.WEAK)).contains("mike cannot see TB.");
        Call beside = call("anvil-drizzle", "mike", "align gap C @ 4.5; key tailback");
        assertThat(titles(subject(beside, power), Rule.KEYS, Severity.WEAK)).isEmpty();
        assertThat(titles(subject(call("anvil-drizzle"), power), Rule.KEYS, Severity.NOTE))
                .contains("Nobody reads TB.");
        assertThat(titles(
                        subject(call("anvil-drizzle", "will", "key tailback then guard"), power),
                        Rule.KEYS,
                        Severity.NOTE))
                .doesNotContain("Nobody reads TB.");
    }

    /** SF-49: the pull overrides flow: whoever keys the back reads the guard next, so a pulling guard is somebody's. */
    @Test
    void sf49SomebodyReadsThePullingGuard() {
        assertThat(titles(subject(call("anvil-drizzle"), snap("doubles-gun")), Rule.KEYS, Severity.NOTE))
                .noneMatch(t -> t.contains("LG") || t.contains("RG"));
        Call blind = call(
                "bellows-drizzle",
                "mike",
                "key near back",
                "will",
                "key near back",
                "nose",
                "key centre",
                "end-call",
                "key tackle",
                "end-away",
                "key tackle");
        assertThat(titles(subject(blind, snap("doubles-gun")), Rule.KEYS, Severity.NOTE))
                .anyMatch(t -> t.contains("LG") && t.contains("RG"));
    }

    @ParameterizedTest
    @ValueSource(strings = {"anvil-fog", "anvil-frost"})
    void theOtherCallsOfThePlanTellWhoGivesItAway(String other) {
        Snap snap = snap("doubles-open");
        Lineup here = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        Tells tells = Tells.of(here, List.of(Lineup.of(Snaps.LIBRARY.call(other), snap), here));
        assertThat(tells.pairs()).hasSize(1);
        assertThat(tells.pairs().get(0).yards()).isGreaterThanOrEqualTo(1.5);
        assertThat(tells.travels()).extracting(t -> t.job().id()).containsExactly("weak");
        assertThat(tells.travels().get(0).yards()).isEqualTo(4);
        assertThat(verdict(new Subject(here, Plays.NONE, List.of(here)), Rule.TELLS))
                .isInstanceOf(Verdict.Holds.class);
    }

    /** A disguise from which he is late for a quick throw; at the limit he is not. */
    @Test
    void aDisguiseThatCostsTooMuchIsTold() {
        Snap snap = snap("doubles-open");
        assertThat(titles(
                        subject(call("anvil-drizzle", "weak", "show landmark middle @ 13"), snap),
                        Rule.TELLS,
                        Severity.WEAK))
                .contains("The disguise costs weak safety too much.");
        assertThat(titles(subject(call("anvil-drizzle"), snap), Rule.TELLS, Severity.WEAK))
                .isEmpty();
    }

    @Test
    void aRoleWithMuchToKnowIsTold() {
        var many = new ArrayList<String>();
        for (int i = 0; i < 22; i++) {
            many.add("mike");
            many.add("when gun: key centre");
        }
        assertThat(titles(
                        subject(call("anvil-drizzle", many.toArray(String[]::new)), snap("pro-i")),
                        Rule.LOAD,
                        Severity.NOTE))
                .contains("mike has much to know.");
        assertThat(verdict(subject(call("anvil-drizzle"), snap("pro-i")), Rule.LOAD))
                .isInstanceOf(Verdict.Holds.class);
    }

    /** EV-10: a twist exchanges two gaps: each mover is told with who has the gap he leaves, and no gap is lost. */
    @Test
    void ev10AMovementExchangesGapsAndSaysWhoHasThemNow() {
        Subject twist = subject(Snaps.LIBRARY.call("anvil-eel"), snap("pro-i"));
        assertThat(titles(twist, Rule.GAPS, Severity.NOTE))
                .contains(
                        "end call goes from the C gap right to the B gap right.",
                        "tackle goes from the B gap right to the C gap right.");
        assertThat(titles(twist, Rule.GAPS, Severity.BUST)).isEmpty();
        assertThat(titles(subject(call("anvil-drizzle"), snap("pro-i")), Rule.GAPS, Severity.NOTE))
                .noneMatch(t -> t.contains(" goes from the "));
    }

    /** Force from eight yards is in time, from a step deeper it is late. */
    @ParameterizedTest
    @CsvSource({"8,false", "8.1,true"})
    void forceFromTooDeepIsLate(double depth, boolean late) {
        Subject subject = subject(call("anvil-drizzle", "weak", "align outside end man 3 x " + depth), snap("pro-i"));
        assertThat(titles(subject, Rule.EDGE, Severity.WEAK).contains("Force on the left comes late."))
                .isEqualTo(late);
    }

    /** What a zone pressure leaves is told with the time it has and the throw it gives. */
    @Test
    void aPressureTellsWhatItGives() {
        var found = Audit.of(subject(Snaps.LIBRARY.call("anvil-swift"), snap("doubles-open"))).stream()
                .filter(f -> f.check() == CheckId.WINDOW)
                .toList();
        assertThat(found).hasSize(1);
        assertThat(found.get(0).evidence().reason()).contains(" s; a quick throw leaves before that: it gives the ");
    }

    /** One job ends as the other begins: no conflict; a hundredth of a second more is one. */
    @ParameterizedTest
    @CsvSource({"1.0,0", "1.01,0.01", "0.5,0"})
    void twoJobsAreAConflictOnlyWhileTheyOverlap(double runEnds, double overlap) {
        var conflict = new Conflict(
                "x",
                Side.LEFT,
                null,
                new Conflict.Demand("C gap", 0, runEnds),
                new Conflict.Demand("flat", 1, 2),
                Map.of(),
                List.of());
        assertThat(conflict.overlap()).isCloseTo(overlap, org.assertj.core.api.Assertions.within(1e-9));
    }

    /**
     * From 6.4 yd a back is home before a quick throw, from 6.5 yd he is not (1.6 s by the clock of a defensive back).
     */
    @ParameterizedTest
    @CsvSource({"12.4,false", "12.5,true"})
    void aDisguiseCostsTooMuchFromItsLimitOn(double shown, boolean late) {
        Subject subject = subject(call("anvil-drizzle", "weak", "show outside end man 3 x " + shown), snap("pro-i"));
        assertThat(titles(subject, Rule.TELLS, Severity.WEAK).contains("The disguise costs weak safety too much."))
                .isEqualTo(late);
    }

    /** Twenty sentences are not told, twenty-one are. */
    @ParameterizedTest
    @CsvSource({"20,false", "21,true"})
    void theLoadIsToldFromItsLimitOn(int sentences, boolean told) {
        Call base = call("anvil-drizzle");
        int has = mensch.core.matchup.TeachingLoad.sentences(
                base, base.front().role("mike").orElseThrow());
        var rungs = new ArrayList<String>();
        for (int i = has; i < sentences; i++) {
            rungs.addAll(List.of("mike", "when gun: key centre"));
        }
        assertThat(titles(
                                subject(call("anvil-drizzle", rungs.toArray(String[]::new)), snap("pro-i")),
                                Rule.LOAD,
                                Severity.NOTE)
                        .contains("mike has much to know."))
                .isEqualTo(told);
    }

    /** Over the guard the fullback hides the tailback, over the tackle he does not. */
    @ParameterizedTest
    @CsvSource({"guard,true", "tackle,false"})
    void aKeyIsHiddenWhileAManStandsInTheWay(String over, boolean hidden) {
        Subject subject = subject(
                call("anvil-drizzle", "mike", "align stack " + over + " @ 4.5; key tailback then guard"),
                snap("pro-i"));
        assertThat(titles(subject, Rule.KEYS, Severity.NOTE).contains("mike cannot see TB."))
                .isEqualTo(hidden);
    }

    /** A lineman plays on the line: from two and a half yards he is off it; a deep man is late from the line on. */
    @Test
    void aLinemanOffTheBallAndADeepManFromTheLineAreTold() {
        Snap snap = snap("pro-i");
        assertThat(titles(
                        subject(call("anvil-drizzle", "tackle", "align below 1 deeper"), snap),
                        Rule.GAPS,
                        Severity.WEAK))
                .isEmpty();
        assertThat(titles(
                        subject(call("anvil-drizzle", "tackle", "align below 2 deeper"), snap),
                        Rule.GAPS,
                        Severity.WEAK))
                .contains("tackle stands off the ball.");
        assertThat(titles(
                        subject(call("anvil-frost", "tackle", "pass deep middle third"), snap),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .contains("tackle is late to his deep part.");
        assertThat(titles(subject(call("anvil-drizzle", "tackle", "pass none"), snap), Rule.COVERAGE, Severity.WEAK))
                .contains("tackle has nothing to do against the pass.");
        assertThat(titles(
                        subject(call("anvil-drizzle", "nickel", "pass deep middle third"), snap),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .anyMatch(t -> t.startsWith("Two men, one deep middle third"));
    }

    /**
     * A job that hangs on what nobody knows leaves its rule open; that somebody is missing is then no finding. The load
     * is counted from the call and always known.
     */
    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
        GAPS     | anvil-drizzle | will     | run A gap                            | Cannot tell: nobody has the B gap left.
        EDGE     | anvil-drizzle | weak     | run alley                            | Cannot tell: nobody is force on the left.
        COUNT    | anvil-drizzle | weak     | align landmark hash @ 12             |
        COVERAGE | anvil-fog     | nickel   | pass rush                            | Cannot tell: nobody drops to the curl on the right.
        LEVERAGE | anvil-thunder | corner   | align over #1, outside, 1 x 7        |
        CONFLICT | anvil-drizzle | nickel   | run D gap                            |
        PRESSURE | anvil-drizzle | end-call | move pinch to B gap; pass rush B gap |
        KEYS     | anvil-drizzle | mike     | key tailback                         |
        LEGALITY | anvil-drizzle | mike     | align stack tackle @ 0.5             |
        TELLS    | anvil-drizzle | weak     | show landmark middle @ 13            |
        JOBS     | anvil-drizzle | weak     | show landmark middle @ 13            | weak safety: show cannot be told.
        """)
    void whatHangsOnTheUnknownIsNotAnswered(Rule rule, String id, String role, String sentence, String title) {
        Snap known = snap("pro-i");
        Snap film = known.notKnowing(java.util.Set.of(mensch.core.formation.Feature.STACK));
        Call call = call(id, role, "when stack on either side: " + sentence);
        Verdict verdict = verdict(subject(call, film), rule);
        assertThat(verdict).isInstanceOf(Verdict.CannotTell.class);
        assertThat(((Verdict.CannotTell) verdict).missing()).contains("stack");
        assertThat(titles(subject(call, film), rule, Severity.BUST)).isEmpty();
        if (title != null) {
            assertThat(titles(subject(call, film), rule, Severity.CANNOT_TELL)).contains(title);
        }
        assertThat(verdict(subject(call, known), rule))
                .as("known")
                .isEqualTo(verdict(subject(Snaps.LIBRARY.call(id), known), rule));
        assertThat(verdict(subject(call, film), Rule.LOAD)).isNotInstanceOf(Verdict.CannotTell.class);
    }

    /** A lineman two and a half yards off is on the line; a tenth more is off it. */
    @ParameterizedTest
    @CsvSource({"2.5,false", "2.6,true"})
    void offTheBallFromItsLimitOn(double depth, boolean told) {
        Subject subject = subject(call("anvil-drizzle", "tackle", "align stack guard @ " + depth), snap("pro-i"));
        assertThat(titles(subject, Rule.GAPS, Severity.WEAK).contains("tackle stands off the ball."))
                .isEqualTo(told);
    }

    /**
     * A standing man's helmet is three tenths before his feet, the ball takes three tenths: feet at six tenths are
     * legal.
     */
    @ParameterizedTest
    @CsvSource({"0.6,false", "0.59,true"})
    void theNeutralZoneToTheHundredth(double depth, boolean in) {
        Subject subject = subject(call("anvil-drizzle", "mike", "align stack tackle @ " + depth), snap("pro-i"));
        assertThat(titles(subject, Rule.LEGALITY, Severity.BUST).contains("mike is in the neutral zone."))
                .isEqualTo(in);
    }

    /**
     * Behind the ball the line to the tailback runs straight: a fullback four tenths beside it is in it, five
     * hundredths more is not.
     */
    @ParameterizedTest
    @CsvSource({"0.4,true", "0.45,false"})
    void aBodyHidesFourTenthsOfAYard(double beside, boolean hidden) {
        Snap snap =
                mensch.core.formation.Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB" + beside + "/4 TB0/7 | " + SPOT);
        Subject subject =
                subject(call("anvil-drizzle", "mike", "align stack centre @ 4.5; key tailback then guard"), snap);
        assertThat(titles(subject, Rule.KEYS, Severity.NOTE).contains("mike cannot see TB."))
                .isEqualTo(hidden);
    }

    /** One man a yard and a half from where he stands in the other call tells them apart; a tenth less does not. */
    @ParameterizedTest
    @CsvSource({"1.5,1", "1.4,0"})
    void twoPicturesAreToldApartFromTheirLimitOn(double yards, int pairs) {
        Snap snap = snap("doubles-open");
        Lineup here = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        Lineup other = Lineup.of(call("anvil-drizzle", "free", "align below " + yards + " deeper"), snap);
        assertThat(Tells.of(here, List.of(other)).pairs()).hasSize(pairs);
    }

    /** Three who rush are not asked to keep both edges; four are. */
    @ParameterizedTest
    @CsvSource({"3,false", "4,true"})
    void fourKeepBothEdges(int rushers, boolean told) {
        String[] inside = {"end-call", "move pinch to B gap; pass rush B gap"};
        Call call = rushers == 4
                ? call("anvil-drizzle", inside)
                : call("anvil-drizzle", inside[0], inside[1], "tackle", "pass hook");
        Subject subject = subject(call, snap("doubles-gun"));
        assertThat(subject.rush().rushers()).hasSize(rushers);
        assertThat(titles(subject, Rule.PRESSURE, Severity.WEAK).stream()
                        .anyMatch(t -> t.startsWith("Nobody keeps the quarterback in")))
                .isEqualTo(told);
    }

    /** A deep man is at his landmark two and a half seconds after the snap, or late: to the hundredth of a yard. */
    @ParameterizedTest
    @CsvSource({"0.01,false", "-0.01,true"})
    void aDeepManIsLateFromHisLimitOn(double deeper, boolean late) {
        var convention = Snaps.LIBRARY.vocabulary().convention();
        double depth = convention.drops().third()
                - convention.speeds().of("DB").distance(convention.limits().deepBy())
                + deeper;
        String sentence = "align landmark middle @ " + String.format(java.util.Locale.ROOT, "%.4f", depth)
                + "; pass deep middle third";
        Subject subject = subject(call("anvil-drizzle", "weak", sentence), snap("pro-i"));
        assertThat(titles(subject, Rule.COVERAGE, Severity.WEAK).contains("weak safety is late to his deep part."))
                .isEqualTo(late);
    }

    /** Without protections nobody can say who is free, without runs or options who is short. */
    @Test
    void withoutPlaysTheirRulesCannotBeTold() {
        var alone =
                new Subject(Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap("doubles-gun")), Plays.NONE, List.of());
        assertThat(verdict(alone, Rule.PRESSURE))
                .isEqualTo(new Verdict.CannotTell(Rule.PRESSURE, "no protections are told"));
        assertThat(verdict(subject(Snaps.LIBRARY.call("anvil-drizzle"), snap("doubles-gun")), Rule.PRESSURE))
                .isInstanceOf(Verdict.Holds.class);
    }

    /** Two men need a little more than half a yard. */
    @ParameterizedTest
    @CsvSource({"0.55,false", "0.54,true"})
    void twoMenOnOneSpot(double apart, boolean told) {
        Subject subject = subject(
                call("anvil-drizzle", "mike", "align stack centre @ 4", "will", "align stack centre @ " + (4 + apart)),
                snap("pro-i"));
        assertThat(titles(subject, Rule.JOBS, Severity.WEAK).stream().anyMatch(t -> t.endsWith(" stand on one spot.")))
                .isEqualTo(told);
        assertThat(titles(subject(call("anvil-drizzle"), snap("pro-i")), Rule.JOBS, Severity.WEAK))
                .isEmpty();
    }

    /**
     * Seven lanes, seven men: no flat, curl and hook are asked of lanes; a lane given twice leaves another to nobody.
     */
    @Test
    void goalLineLanesAreCountedAsLanes() {
        for (String id : List.of("anvil-rime", "chisel-rime")) {
            for (String formation : Snaps.LIBRARY.call(id).meantFor()) {
                Snap snap = Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 5 1&5");
                assertThat(titles(subject(Snaps.LIBRARY.call(id), snap), Rule.COVERAGE, Severity.WEAK))
                        .as(id + " " + formation)
                        .noneMatch(t -> t.contains("drops to the") || t.contains(" lane "));
            }
        }
        Snap snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 5 1&5");
        assertThat(titles(subject(call("anvil-rime", "mike", "pass lane 3"), snap), Rule.COVERAGE, Severity.WEAK))
                .contains("Nobody has lane 4.", "Two men, one lane 3: mike, will.");
        assertThat(titles(
                        subject(call("anvil-rime", "mike", "pass lane 3"), snap.mirror()),
                        Rule.COVERAGE,
                        Severity.WEAK))
                .contains("Nobody has lane 4.");
    }
}
