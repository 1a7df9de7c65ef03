package mensch.core.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.front.Role;
import mensch.core.front.Role.Body;
import mensch.core.front.Sits;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;
import mensch.core.sheet.ChangeRow;
import mensch.core.sheet.SheetMaker;
import org.junit.jupiter.api.Test;

class RosterTest {
    private static final Player QUICK = new Player("quick", 90, "Tolley", Body.T, 236, 4.81);
    private static final Player HEAVY = new Player("heavy", 72, "Fenn", Body.T, 259, 5.02);

    private static Lineup lineup(String formation, String motion, boolean mirrored) {
        return Lineup.of(
                Snaps.LIBRARY.call("anvil-drizzle"),
                Snaps.LIBRARY.formation(formation).snap(motion, mirrored, "hs m 50 2&7"));
    }

    private static Roster inside(List<Staying> staying) {
        return new Roster(
                List.of(QUICK, HEAVY),
                List.of(
                        new ChartLine("tackle", Set.of(), List.of("quick")),
                        new ChartLine("nose", Set.of(), List.of("heavy"))),
                staying);
    }

    private static Job of(Lineup lineup, Manning manning, Player player) {
        return lineup.job(manning.jobOf(player).orElseThrow());
    }

    /**
     * The end trades from right to left; the pair has no permission to flip: each stays and takes his mate's role and
     * technique.
     */
    @Test
    void tq09AManWithoutPermissionToFlipStaysAndChangesHisTechnique() {
        Snap snap = Snaps.LIBRARY.formation("pro-i").snap("trade", false, "hs m 50 2&7");
        Lineup before = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap.before());
        Lineup after = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        Roster roster = inside(List.of(new Staying("tackle", "nose")));
        Manning had = roster.fill(before);
        Manning has = roster.fill(after);

        assertThat(of(before, had, QUICK).feet().x()).isPositive();
        assertThat(of(after, has, QUICK).feet().x()).isPositive();
        assertThat(of(before, had, QUICK).part(Part.ALIGN).orNull().toString())
                .isNotEqualTo(of(after, has, QUICK).part(Part.ALIGN).orNull().toString());
        assertThat(had.jobOf(QUICK)).contains("tackle");
        assertThat(has.jobOf(QUICK)).contains("nose");
        assertThat(has.jobOf(HEAVY)).contains("tackle");
        assertThat(of(after, has, HEAVY).seat()).isEqualTo(Side.LEFT);

        List<ChangeRow> told = new SheetMaker(Snaps.LIBRARY).changes(before, after, roster);
        assertThat(told)
                .filteredOn(c -> "90 Tolley".equals(c.player()))
                .extracting(ChangeRow::part)
                .startsWith("role", "align")
                .contains("run");
        assertThat(told)
                .filteredOn(c -> "72 Fenn".equals(c.player()))
                .extracting(ChangeRow::told)
                .startsWith("You are tackle now.");
    }

    @Test
    void withPermissionTheManGoesWithHisRole() {
        Snap snap = Snaps.LIBRARY.formation("pro-i").snap("trade", false, "hs m 50 2&7");
        Lineup after = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        Manning manning = inside(List.of()).fill(after);
        assertThat(manning.jobOf(QUICK)).contains("tackle");
        assertThat(of(after, manning, QUICK).seat()).isEqualTo(Side.LEFT);
    }

    /** Nobody's job depends on who plays it. */
    @Test
    void theJobTableIsTheSameWhoeverStays() {
        for (Snap snap : Snaps.sample()) {
            Lineup lineup = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
            Manning stays = inside(List.of(new Staying("tackle", "nose"))).fill(lineup);
            Manning flips = inside(List.of()).fill(lineup);
            assertThat(stays.byJob().keySet())
                    .isEqualTo(flips.byJob().keySet())
                    .containsExactlyInAnyOrder("tackle", "nose");
            assertThat(of(lineup, stays, QUICK).seat())
                    .as(snap.toString())
                    .isEqualTo(
                            lineup.job("tackle").seat() == lineup.job("nose").seat()
                                    ? lineup.job("tackle").seat()
                                    : Side.RIGHT);
            assertThat(of(lineup, flips, QUICK).role().id()).isEqualTo("tackle");
        }
    }

    /** The heavier man to the shade, the quicker to the three technique; said with the figures that prove it. */
    @Test
    void tq07TheHeavierManBelongsNearerTheBall() {
        Lineup lineup = lineup("pro-i", null, false);
        assertThat(inside(List.of()).fill(lineup).notes())
                .noneMatch(n -> n.words().contains("inside men"));
        Roster wrong = new Roster(
                List.of(QUICK, HEAVY),
                List.of(
                        new ChartLine("tackle", Set.of(), List.of("heavy")),
                        new ChartLine("nose", Set.of(), List.of("quick"))),
                List.of());
        assertThat(wrong.fill(lineup).notes())
                .extracting(Manning.Note::words)
                .contains(
                        "the lighter of the two inside men is nearer the ball: 90 Tolley 236 lb, 72 Fenn 259 lb",
                        "the slower of the two inside men has the wider technique: 72 Fenn 5.02 s, 90 Tolley 4.81 s");
        assertThat(QUICK.measured()).isEqualTo("236 lb, shuttle 4.81 s");
        assertThat(wrong.unmeasured().fill(lineup).notes())
                .noneMatch(n -> n.words().contains("inside men"));
    }

    @Test
    void heavyPersonnelBringsOtherMenAndEveryManPlaysOnce() {
        var players = new ArrayList<Player>();
        for (int i = 0; i < 4; i++) {
            players.add(new Player("c" + i, 20 + i, "Corner", Body.DB, null, null));
        }
        var roster = new Roster(
                players,
                List.of(
                        new ChartLine("corner", Set.of(), List.of("c0", "c1")),
                        new ChartLine("corner", Set.of("22"), List.of("c2", "c3"))),
                List.of());
        Lineup spread = lineup("doubles-open", null, false);
        assertThat(roster.fill(spread).byJob().values()).extracting(Player::id).containsExactlyInAnyOrder("c0", "c1");
        assertThat(roster.fill(spread)
                        .on(spread.job("corner", spread.sides().cover().side()))
                        .orElseThrow()
                        .id())
                .isEqualTo("c0");
        assertThat(roster.fill(lineup("heavy-22-i", null, false)).byJob().values())
                .extracting(Player::id)
                .containsExactlyInAnyOrder("c2", "c3");
        Roster cornersStay = new Roster(roster.players(), roster.chart(), List.of(new Staying("corner", "corner")));
        for (boolean mirrored : List.of(false, true)) {
            Lineup lineup = lineup("trips-open", null, mirrored);
            assertThat(cornersStay
                            .fill(lineup)
                            .on(lineup.job("corner", Side.RIGHT))
                            .orElseThrow()
                            .id())
                    .isEqualTo("c0");
        }
    }

    @Test
    void aJobWithoutAManIsNotedNotFilled() {
        Manning manning = inside(List.of()).fill(lineup("pro-i", null, false));
        assertThat(manning.byJob()).hasSize(2);
        assertThat(manning.notes()).extracting(Manning.Note::words).contains("nobody is left on the chart for nickel");
    }

    @Test
    void whatDoesNotGoTogetherIsRefusedInWords() {
        assertThatThrownBy(() -> new Roster(
                        List.of(QUICK), List.of(new ChartLine("nose", Set.of(), List.of("nobody"))), List.of()))
                .hasMessageContaining("nobody")
                .hasMessageContaining("nose");
        assertThatThrownBy(() -> new Player("a", 100, "A", Body.T, null, null)).hasMessageContaining("0 to 99");
        assertThatThrownBy(() -> new ChartLine("nose", Set.of("1"), List.of())).hasMessageContaining("backs then ends");
        assertThatThrownBy(() -> new Roster(
                        List.of(QUICK),
                        List.of(),
                        List.of(new Staying("tackle", "nose"), new Staying("nose", "end-away"))))
                .hasMessageContaining("one pair");
    }

    @Test
    void everyShippedFrontPairsMenOfOneBodyOnOppositeSides() {
        Snaps.LIBRARY.calls().stream().map(c -> c.front()).distinct().forEach(front -> {
            for (Staying pair : Pairs.of(front)) {
                Role right = front.role(pair.right()).orElseThrow();
                Role left = front.role(pair.left()).orElseThrow();
                assertThat(right.body()).isEqualTo(left.body());
                assertThat(
                                right.sits() == Sits.EACH_SIDE
                                        ? right.id()
                                        : left.sits().words())
                        .isEqualTo(right.sits() == Sits.EACH_SIDE ? left.id() : "away side");
            }
        });
        assertThat(Pairs.of(Snaps.LIBRARY.call("anvil-drizzle").front()))
                .contains(
                        new Staying("end-call", "end-away"),
                        new Staying("tackle", "nose"),
                        new Staying("mike", "will"),
                        new Staying("corner", "corner"));
    }
}
