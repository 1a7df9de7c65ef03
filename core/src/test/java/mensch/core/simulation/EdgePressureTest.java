package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Matchup;
import mensch.core.matchup.PassRush;
import mensch.core.matchup.Pressures;
import mensch.core.play.Pass;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** An edge pressure from the side where the back is not: what it aims at decides whether it keeps contain. */
class EdgePressureTest {
    /** At the back or at the quarterback himself he is inside him when it is no run; two yards outside he is not. */
    @ParameterizedTest
    @ValueSource(strings = {"anvil-drizzle", "anvil-squall"})
    void whoAimsAtTheQuarterbackLosesContainAndTwoYardsOutsideHimDoesNot(String call) {
        assertThat(outside(call, "near back")).isGreaterThan(0.5);
        assertThat(outside(call, "quarterback")).isGreaterThan(0.5);
        assertThat(outside(call, 2, "quarterback")).isLessThan(0.1);
    }

    /** Who aims at the back is inside a run that goes round him. */
    @ParameterizedTest
    @ValueSource(strings = {"anvil-drizzle", "anvil-squall"})
    void whoAimsAtTheBackGivesUpTheRunRoundHim(String call) {
        Outcome back = Plays.outcome(run(call, 0, "near back"));
        Outcome wide = Plays.outcome(run(call, 2, "quarterback"));
        assertThat(back.over(wide).clear())
                .as("%.1f and %.1f yd", back.mean(), wide.mean())
                .isTrue();
    }

    /** With a free man there before the ball is out the ledger's hot route is thrown, sooner than the play says. */
    @ParameterizedTest
    @ValueSource(strings = {"shallow-cross", "drive"})
    void thePasserThrowsHotWhenTheLedgerSaysSo(String id) {
        Lineup six = Plays.lineup("doubles-open", Snaps.LIBRARY.call("anvil-finch"), "hs m 50 1&10");
        Pass pass = Plays.pass(id);
        PassRush rush = new Matchup(six)
                .distribution(pass, Side.RIGHT)
                .flatMap(d -> PassRush.of(new Pressures(six), Snaps.LIBRARY.plays(), d))
                .orElseThrow();
        assertThat(rush.beaten()).isTrue();
        String hot = rush.hot().orElseThrow().man().name();
        Simulation thrown = Plays.thrown(six, pass, Side.RIGHT);
        assertThat(IntStream.range(0, Plays.SEEDS)
                        .mapToObj(thrown::snap)
                        .flatMap(snap -> snap.happenings().stream())
                        .filter(h -> h.what() == Happening.What.THROWN
                                && hot.equals(h.whom())
                                && h.seconds() < pass.throwSeconds() - 0.3)
                        .count())
                .isGreaterThan(Plays.SEEDS / 2);
    }

    /** Who slows down when the flow goes away has the cut-back; who comes on regardless is deep behind it. */
    @ParameterizedTest
    @ValueSource(strings = {"anvil-drizzle", "anvil-squall"})
    void whoThrottlesWhenFlowGoesAwayHasTheCutBack(String call) {
        for (String run : List.of("inside-zone", "outside-zone")) {
            Point throttles = behind(call, run, "reads edge-safety; key near back then quarterback");
            Point comes = behind(call, run, "reads robber; key quarterback");
            assertThat(throttles.y()).as(run).isBetween(-1.0, 2.0);
            assertThat(throttles.x()).as(run).isBetween(0.0, 5.5);
            assertThat(comes.y()).as(run).isLessThan(-3.5);
        }
    }

    /** Where the edge man is from the ball as it crosses the line, to his own side and up the field, on the average. */
    private static Point behind(String call, String run, String told) {
        Call edge = Snaps.hand(call, "nickel", "move blitz to 2 outside quarterback; run outside, force; " + told);
        Simulation away = Plays.of(Plays.lineup("doubles-gun", edge, "hs m 50 1&10"), run, Side.LEFT);
        var places = new ArrayList<Point>();
        for (int seed = 0; seed < Plays.SEEDS; seed++) {
            Unfolding snap = away.snap(seed);
            int nickel = snap.men().indexOf("nickel");
            snap.happenings().stream()
                    .filter(h -> h.what() == Happening.What.LINE_CROSSED)
                    .forEach(h -> places.add(new Point(
                            snap.at(nickel, h.tick()).x() - h.place().x(),
                            snap.at(nickel, h.tick()).y())));
        }
        return new Point(
                places.stream().mapToDouble(Point::x).average().orElseThrow(),
                places.stream().mapToDouble(Point::y).average().orElseThrow());
    }

    private static Simulation run(String call, int yards, String man) {
        return Plays.of(
                Plays.lineup("doubles-gun", aims(call, yards, man), "hs m 50 1&10"), "outside-zone", Side.RIGHT);
    }

    private static Call aims(String call, int yards, String man) {
        return Snaps.hand(call, "nickel", "move blitz to " + yards + " outside " + man);
    }

    private static double outside(String call, String man) {
        return outside(call, 0, man);
    }

    /** Share of snaps in which the quarterback gets outside him behind the line. */
    private static double outside(String call, int yards, String man) {
        Simulation fake = Plays.thrown("doubles-gun", aims(call, yards, man), Plays.pass("post-cross"));
        return IntStream.range(0, Plays.SEEDS)
                        .mapToObj(fake::snap)
                        .filter(EdgePressureTest::getsOutside)
                        .count()
                / (double) Plays.SEEDS;
    }

    private static boolean getsOutside(Unfolding snap) {
        List<String> men = snap.men();
        int quarterback = men.indexOf("QB");
        int edge = men.indexOf("nickel");
        return IntStream.range(0, snap.ticks())
                .anyMatch(t -> snap.at(edge, t).y() < 0
                        && snap.at(quarterback, t).y() < 0
                        && snap.at(quarterback, t).x() > snap.at(edge, t).x() + 0.5);
    }
}
