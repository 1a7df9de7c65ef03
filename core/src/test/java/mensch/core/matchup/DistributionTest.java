package mensch.core.matchup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Distribution.Having;
import mensch.core.matchup.Distribution.Row;
import mensch.core.play.Pass;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Who has each route by rule. */
class DistributionTest {
    private static final String SPOT = " 50 1&10";

    private static Pass pass(String id) {
        return Snaps.LIBRARY.plays().passes().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Distribution ledger(Call call, Snap snap, String pass, Side side) {
        return Distribution.of(Lineup.of(call, snap), pass(pass), side).orElseThrow();
    }

    private static Snap snap(String formation, String hash) {
        return Snaps.LIBRARY.formation(formation).snap(null, false, "hs " + hash + SPOT);
    }

    private static Map<String, String> owners(Distribution ledger) {
        return ledger.rows().stream()
                .collect(Collectors.toMap(
                        (Row r) -> r.route().id(),
                        (Row r) -> r.told().isEmpty()
                                ? "nobody"
                                : r.told().get(0).job().role().id(),
                        (a, b) -> a));
    }

    /**
     * Four eligible men to one side: with the push each has a man, mirrored and on every hash; with spots kept one
     * route is given, and the ledger says which.
     */
    @ParameterizedTest(name = "TR-01, TR-09 hash {0}")
    @ValueSource(strings = {"l", "m", "r"})
    void tr01Tr09TheFourManSnagIsPushed(String hash) {
        Library spots = Snaps.LIBRARY.choosing(Map.of("zone-push", "spots"));
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap snap = mirrored ? snap("trips-open", hash).mirror() : snap("trips-open", hash);
            Side side = mirrored ? Side.LEFT : Side.RIGHT;
            Distribution pushed = ledger(Snaps.LIBRARY.call("anvil-drizzle"), snap, "snag-four", side);
            Map<String, String> owners = owners(pushed);
            assertThat(owners)
                    .containsEntry("corner", "corner")
                    .containsEntry("swing", "nickel")
                    .containsEntry("outside-snag", "mike")
                    .containsEntry("inside-snag", "will");
            assertThat(pushed.rows().stream().filter(r -> r.told().stream().anyMatch(c -> c.by() == Having.PUSH)))
                    .hasSize(3);
            assertThat(pushed.open())
                    .as("with the ball on a hash the wide side may be reached late, which is told")
                    .allMatch(Row::late);
            if (!hash.equals("m")) {
                continue;
            }
            assertThat(pushed.matched()).isEqualTo(5);
            assertThat(pushed.open()).isEmpty();
            Distribution kept = ledger(spots.call("anvil-drizzle"), snap, "snag-four", side);
            assertThat(kept.matched()).isLessThan(5);
            assertThat(kept.given()).isPresent();
            assertThat(kept.overloads()).extracting(o -> o.job().id()).contains("nickel");
        }
    }

    /** A man told to be in two places: without the push the swing and the outside snag are both his. */
    @Test
    void tr06TheApexHasTwoJobsWhenNobodyPushes() {
        Library spots = Snaps.LIBRARY.choosing(Map.of("zone-push", "spots"));
        Distribution kept = ledger(spots.call("anvil-drizzle"), snap("trips-open", "m"), "snag-four", Side.RIGHT);
        var two = kept.overloads().stream()
                .filter(o -> o.job().id().equals("nickel"))
                .findFirst()
                .orElseThrow();
        assertThat(two.rows()).extracting(r -> r.route().id()).contains("swing", "outside-snag");
    }

    /** Two on the corner route and nobody inside: told as two men on one route. */
    @Test
    void tr07TwoWaitOnOneRoute() {
        Call both = Snaps.hand("anvil-drizzle", "nickel", "pass man #2");
        Distribution ledger = ledger(both, snap("trips-open", "m"), "snag-four", Side.RIGHT);
        assertThat(ledger.rows().stream()
                        .filter(r -> r.route().id().equals("corner"))
                        .findFirst()
                        .orElseThrow()
                        .owners())
                .extracting(c -> c.job().id())
                .contains("nickel");
        Call twice = Snaps.hand("anvil-frost", "nickel", "pass man #2");
        Distribution quarters = ledger(twice, snap("doubles-open", "m"), "four-verticals", Side.LEFT);
        assertThat(quarters.doubled()).extracting(r -> r.number()).contains("#2 left");
    }

    @Test
    void tr10TrafficOnTheWayOfTheBacksManIsTold() {
        Distribution ledger =
                ledger(Snaps.LIBRARY.call("anvil-squall"), snap("trips-open", "m"), "snag-four", Side.RIGHT);
        Row swing = ledger.rows().stream()
                .filter(r -> r.route().id().equals("swing"))
                .findFirst()
                .orElseThrow();
        assertThat(swing.owners()).extracting(c -> c.by()).containsExactly(Having.MAN);
        assertThat(ledger.rows())
                .as("the back's man crosses number one's snag")
                .anyMatch(r -> r.rub() != null && r.rub().job().id().equals("mike"));
        Distribution zone =
                ledger(Snaps.LIBRARY.call("anvil-drizzle"), snap("trips-open", "m"), "snag-four", Side.RIGHT);
        assertThat(zone.rows()).allMatch(r -> r.rub() == null);
    }

    /** Man-free against three receivers: number three is nobody's. */
    @Test
    void aRouteThatNobodyHasIsOpen() {
        Distribution ledger = ledger(
                Snaps.LIBRARY.call("anvil-squall"), snap("trips-bunch", "m"), "bunch-flat-corner-sit", Side.RIGHT);
        assertThat(ledger.open()).extracting(Row::number).containsExactly("#3 right");
        assertThat(ledger.given().orElseThrow().number()).isEqualTo("#3 right");
    }

    /** Inside leverage loses to the corner route; outside with help inside does not lose to the slant. */
    @Test
    void leverageIsLostToARouteThatBreaksAway() {
        Distribution smash = ledger(Snaps.LIBRARY.call("anvil-squall"), snap("doubles-open", "m"), "smash", Side.RIGHT);
        Row corner = smash.rows().stream()
                .filter(r -> r.number().equals("#2 right"))
                .findFirst()
                .orElseThrow();
        assertThat(corner.lost()).isNotNull();
        assertThat(corner.lost().leverage()).isEqualTo("inside");
        assertThat(corner.lost().breaksOut()).isTrue();
        Call outside = Snaps.hand("anvil-squall", "corner", "align over #1, outside, 1 x 7");
        Distribution slants = ledger(outside, snap("doubles-open", "m"), "double-slants", Side.RIGHT);
        assertThat(slants.rows().stream()
                        .filter(r -> r.number().equals("#1 right"))
                        .findFirst()
                        .orElseThrow()
                        .lost())
                .isNull();
        Call alone = Snaps.hand("anvil-thunder", "corner", "align over #1, outside, 1 x 7");
        Distribution zero = ledger(alone, snap("doubles-open", "m"), "double-slants", Side.RIGHT);
        assertThat(zero.rows().stream()
                        .filter(r -> r.number().equals("#1 right"))
                        .findFirst()
                        .orElseThrow()
                        .lost())
                .isNotNull();
    }

    /** Seams against one deep man: he has both. */
    @Test
    void oneHighSafetyHasTwoSeams() {
        Distribution ledger =
                ledger(Snaps.LIBRARY.call("anvil-drizzle"), snap("doubles-open", "m"), "four-verticals", Side.RIGHT);
        assertThat(ledger.overloads()).extracting(o -> o.job().id()).contains("free");
        Distribution quarters =
                ledger(Snaps.LIBRARY.call("anvil-frost"), snap("doubles-open", "m"), "four-verticals", Side.RIGHT);
        assertThat(quarters.overloads()).extracting(o -> o.job().id()).doesNotContain("free", "weak");
        assertThat(quarters.matched()).isEqualTo(quarters.rows().size());
    }

    /** Who owns the flat, the crosser, the deep man of each side on any boot, and who keeps the quarterback. */
    @Test
    void sf46OnABootEveryRouteHasAnOwner() {
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap snap = mirrored ? snap("pro-i", "m").mirror() : snap("pro-i", "m");
            Lineup lineup = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
            for (Side side : Side.values()) {
                Distribution boot =
                        Distribution.of(lineup, pass("boot-flood"), side).orElseThrow();
                if (boot != null) {
                    assertThat(boot.open()).isEmpty();
                    assertThat(boot.rows().stream().map(r -> r.route().id()).toList())
                            .contains("flat");
                }
            }
            Pressure rush = Pressure.of(
                            lineup, Snaps.LIBRARY.plays().protections().get(0))
                    .orElseThrow();
            assertThat(rush.contain()).containsExactly(Side.LEFT, Side.RIGHT);
        }
    }

    /**
     * Times are those of the trade's clock: a receiver is at his break when the table says so, and the ball flies at 21
     * yards a second.
     */
    @Test
    void routesKeepTheirTimes() {
        Snap snap = snap("doubles-open", "m");
        Distribution slants = ledger(Snaps.LIBRARY.call("anvil-drizzle"), snap, "double-slants", Side.RIGHT);
        Row slant = slants.rows().stream()
                .filter(r -> r.number().equals("#1 right"))
                .findFirst()
                .orElseThrow();
        var points = slant.route().points(slant.man().feet(), Side.RIGHT, snap.field());
        var gait = Snaps.LIBRARY.vocabulary().convention().speeds().gaits().receiver();
        assertThat(slant.route().at(1.1, points, gait).y()).isCloseTo(4, within(0.01));
        assertThat(slant.route().at(0.05, points, gait).distance(slant.man().feet()))
                .isZero();
        assertThat(slant.seconds()).isGreaterThan(1.6).isLessThan(3);
        assertThat(slant.caught().x()).isLessThan(slant.man().x());
    }

    @Test
    void everyConceptIsHandedOutAgainstEveryCallWithoutAHole() {
        int rows = 0;
        for (String call : List.of(
                "anvil-drizzle", "anvil-fog", "anvil-frost", "anvil-squall", "anvil-thunder", "bellows-drizzle")) {
            for (var formation : Snaps.ELEVEN_MAN) {
                Snap snap = formation.snap(null, false, "hs l 8 1&8");
                for (Pass pass : Snaps.LIBRARY.plays().passes()) {
                    List<Row> found = Distribution.of(Lineup.of(Snaps.LIBRARY.call(call), snap), pass, Side.RIGHT)
                            .map(Distribution::rows)
                            .orElse(List.of());
                    for (Row row : found) {
                        assertThat(row.caught().x())
                                .isFinite()
                                .isBetween(
                                        snap.field().sidelineX(Side.LEFT),
                                        snap.field().sidelineX(Side.RIGHT));
                        assertThat(row.caught().y())
                                .isLessThanOrEqualTo(snap.field().endLineDepth());
                        assertThat(row.seconds()).isGreaterThan(pass.throwSeconds());
                        rows++;
                    }
                }
            }
        }
        assertThat(rows).isGreaterThan(10_000);
    }

    /** A break behind the end line is no route; one that only ends there is. */
    @ParameterizedTest
    @CsvSource({"50,curl-flat,true", "3,curl-flat,false", "3,out-flat,true", "1,out-flat,false", "1,fade-out,true"})
    void aPassNeedsRoomForItsBreaks(int toGoal, String pass, boolean thrown) {
        Snap snap = Snaps.LIBRARY
                .formation("doubles-open")
                .snap(null, false, "hs m " + toGoal + " 1&" + Math.min(10, toGoal));
        assertThat(Distribution.of(Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap), pass(pass), Side.LEFT)
                        .isPresent())
                .isEqualTo(thrown);
    }

    @Test
    void everyRouteOfTheLibraryIsRunBySomeConcept() {
        var used = Snaps.LIBRARY.plays().passes().stream()
                .flatMap(p -> p.told().stream())
                .map(t -> t.route().id())
                .collect(Collectors.toSet());
        Function<Pass, Integer> men = p -> p.told().size();
        assertThat(used.size()).isGreaterThan(35);
        assertThat(Snaps.LIBRARY.plays().passes()).hasSizeGreaterThan(50).allMatch(p -> men.apply(p) >= 1);
    }
}
