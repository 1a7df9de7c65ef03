package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.LongStream;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Severity;
import mensch.core.call.Call;
import mensch.core.document.RefusedException;
import mensch.core.formation.Notation;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.simulation.Happening.What;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What a snap of small-sided flag has to show (handbook 7): nobody blocks, everybody may catch, a flag ends it. */
class FlagTest {
    private static final Playable PLAYS = new Playable(Snaps.LIBRARY.plays());

    private static Lineup five(Call call, String hash) {
        return Lineup.of(
                call, Notation.place(Snaps.LIBRARY.formation("flag-spread").formation(), "flag5 " + hash + " 30 1&10"));
    }

    private static Simulation at(Lineup lineup, String play, Side side, List<Fault> faults) {
        return PLAYS.at(lineup, PLAYS.named(play).orElseThrow(), side, faults).orElseThrow();
    }

    private static Outcome of(Call call, String play) {
        return Plays.outcome(at(five(call, "m"), play, Side.RIGHT, List.of()));
    }

    private static void more(Outcome more, Outcome less, String what) {
        Outcome.Difference difference = more.over(less);
        assertThat(difference.less())
                .as(what + ": " + more.mean() + " against " + less.mean())
                .isPositive();
    }

    private static Call home(String role, String sentence) {
        return Snaps.hand("tack-dawn", role, sentence);
    }

    /** Whoever goes for a hand-off that was none has left his zone; who stays home has it. */
    @Test
    void aFakeHurtsThoseWhoChaseAndNotThoseWhoStayHome() {
        Call chase = Snaps.hand(
                "tack-dawn", Map.of("wing", "reads up-man", "middle", "reads up-man", "deep", "reads up-man"));
        Outcome stay = of(Snaps.LIBRARY.call("tack-dawn"), "flag-fake-throw");
        more(of(chase, "flag-fake-throw"), stay, "chasers");
        // and the chain says who came up
        Simulation fake = at(five(chase, "m"), "flag-fake-throw", Side.RIGHT, List.of());
        assertThat(LongStream.range(0, 40)
                        .mapToObj(fake::snap)
                        .filter(s -> s.gain() > 12)
                        .map(fake::cause)
                        .flatMap(c -> c.links().stream())
                        .map(Cause.Link::said))
                .anyMatch(said -> said.contains("\"run\""));
    }

    /** The man near the ball attacks a hand-off at once: without him, or with him back, it goes farther. */
    @Test
    void theUpManStopsAHandOff() {
        more(sweep(home("up", "align stack centre @ 8")), sweep(Snaps.LIBRARY.call("tack-dawn")), "up man back");
    }

    private static Outcome sweep(Call call) {
        return Plays.outcome(at(five(call, "m"), "flag-sweep", Side.LEFT, List.of()));
    }

    /**
     * A man who shows himself so far from home that a throw is out before he is there leaves it open; a step does not.
     */
    @ParameterizedTest
    @CsvSource({"stack centre @ 7, true", "landmark 5 inside sideline @ 7, false"})
    void aDisguiseCostsWhatItsWayTakes(String shows, boolean costs) {
        Lineup lineup = five(home("wing", "show " + shows), "m");
        Outcome there = Plays.outcome(at(lineup, "flag-roll-out", Side.RIGHT, List.of()));
        Outcome caught = Plays.outcome(at(
                lineup,
                "flag-roll-out",
                Side.RIGHT,
                List.of(Plays.fault("wing-left:still shows:0"), Plays.fault("wing-right:still shows:0"))));
        assertThat(caught.over(there).less() > 0).isEqualTo(costs);
        // the audit warns of the same one
        assertThat(Audit.of(lineup).stream()
                        .anyMatch(f -> f.check().id().equals("disguise") && f.severity() == Severity.WEAK))
                .isEqualTo(costs);
    }

    @Test
    void whoShowsNoOtherPlaceCannotBeCaughtInOne() {
        Lineup lineup = five(Snaps.LIBRARY.call("tack-dawn"), "m");
        assertThatThrownBy(() -> at(lineup, "flag-outs", Side.RIGHT, List.of(Plays.fault("deep:still shows:0"))))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("shows no other place");
    }

    /**
     * From the rush line he hurries the passer after so long, from behind it later; he hurries a slow throw, not a
     * quick one.
     */
    @Test
    void theNamedRusherNeedsHisTimeFromSevenYards() {
        double seven = hurriesAfter(Snaps.LIBRARY.call("tack-sparrow"));
        double nine = hurriesAfter(Snaps.hand("tack-sparrow", "up", "align stack centre @ 9"));
        assertThat(seven).isBetween(1.9, 2.6);
        assertThat(nine).isGreaterThan(seven + 0.1);
        assertThat(hurried("flag-fake-throw")).isGreaterThan(0.9);
        assertThat(hurried("flag-outs")).isLessThan(0.1);
    }

    private static double hurriesAfter(Call call) {
        Simulation slow = at(five(call, "m"), "flag-fake-throw", Side.RIGHT, List.of());
        return LongStream.range(0, Plays.SEEDS)
                .mapToObj(slow::snap)
                .flatMapToDouble(s -> s.happenings().stream()
                        .filter(h -> h.what() == What.HURRIED || h.what() == What.SACKED)
                        .limit(1)
                        .mapToDouble(h -> Clock.seconds(h.tick())))
                .average()
                .orElseThrow();
    }

    private static double hurried(String play) {
        Simulation simulation = at(five(Snaps.LIBRARY.call("tack-sparrow"), "m"), play, Side.RIGHT, List.of());
        long all = LongStream.range(0, Plays.SEEDS)
                .mapToObj(simulation::snap)
                .filter(s -> s.happenings().stream().anyMatch(h -> h.what() == What.HURRIED || h.what() == What.SACKED))
                .count();
        return (double) all / Plays.SEEDS;
    }

    /** Mirrored calls and plays are equal to the byte; nobody leaves the field or is nowhere, at any spot. */
    @ParameterizedTest
    @ValueSource(strings = {"l", "m", "r"})
    void everyPlayOfFlagIsRunSoundlyAndMirrors(String hash) {
        var seen = new ArrayList<String>();
        for (String id : List.of("tack-dawn", "tack-sparrow", "tack-siskin", "tack-noon")) {
            Lineup lineup = five(Snaps.LIBRARY.call(id), hash);
            for (Playable.Named play : PLAYS.named()) {
                for (Side side : Side.values()) {
                    PLAYS.at(lineup, play, side, List.of()).ifPresent(simulation -> {
                        seen.add(play.id());
                        Unfolding snap = simulation.snap(3);
                        Unfolding turned = at(lineup.mirror(), play.id(), side.opposite(), List.of())
                                .snap(3);
                        assertThat(turned.gain()).as(play.id()).isEqualTo(snap.gain());
                        assertThat(snap.gain()).isFinite();
                        // no contact in flag: nobody is held up or blocked
                        assertThat(snap.happenings())
                                .extracting(Happening::what)
                                .doesNotContain(What.PRESSED, What.CONTACT);
                        assertThat(simulation.cause(snap).links())
                                .isNotEmpty()
                                .noneMatch(link -> link.said().contains("brings him down")
                                        || link.said().contains("block"));
                        assertThat(simulation.watched(3).gaps()).isEmpty();
                    });
                }
            }
        }
        assertThat(seen).isNotEmpty().allMatch(play -> play.startsWith("flag-"));
    }
}
