package mensch.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import mensch.core.Snaps;
import mensch.core.audit.Severity;
import mensch.core.document.Document;
import mensch.core.document.RefusedException;
import mensch.core.formation.Snap;
import mensch.core.front.Front;
import mensch.core.front.Role;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.play.Plays;
import mensch.core.pressure.PressureDraft.ToldMan;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** Who comes is said man by man; what the others can still play is measured. */
class PressureDraftTest {
    private static final Front ANVIL = Snaps.LIBRARY.call("anvil-drizzle").front();
    private static final Snap DOUBLES = Snaps.LIBRARY.formation("doubles-gun").snap(null, false, "hs m 50 1&10");

    private static List<CoverageLeft> left(ToldMan... men) {
        Document pressure = new PressureDraft(ANVIL, List.of(men)).document("otter", "Otter");
        return CoverageLeft.of(Snaps.LIBRARY, ANVIL, pressure, DOUBLES, Plays.NONE);
    }

    private static Lineup lineup(CoverageLeft left) {
        return Lineup.of(left.call(), DOUBLES);
    }

    @Test
    void oneMoreComesForEachWhoIsToldToAndFewerForWhoDrops() {
        assertThat(left())
                .isNotEmpty()
                .filteredOn(CoverageLeft::carried)
                .allMatch(c -> c.behind().rush() == 4 || c.behind().rush() == 6);
        var five = left(new ToldMan("will", false, Told.THROUGH_B));
        assertThat(five)
                .filteredOn(c -> c.coverage().id().equals("drizzle"))
                .allMatch(c -> c.behind().rush() == 5);
        var swapped =
                left(new ToldMan("nickel", false, Told.OFF_THE_EDGE), new ToldMan("end-away", false, Told.DROPS_HOOK));
        assertThat(swapped)
                .filteredOn(c -> c.coverage().id().equals("drizzle"))
                .allMatch(c -> c.behind().rush() == 4);
    }

    @Test
    void whatIsUsualBehindSoManyComesFirstWhereNothingIsGivenForNothing() {
        var five = left(new ToldMan("will", false, Told.THROUGH_B));
        assertThat(five.get(0).busts()).isZero();
        assertThat(five.get(0).behind().usual()).isTrue();
        assertThat(five).isSortedAccordingTo(Comparator.comparingInt(CoverageLeft::busts));
        assertThat(five.get(0).found()).allMatch(f -> f.severity() != Severity.NOTE);
        assertThat(five.get(five.size() - 1).busts())
                .as("not every coverage can spare the backer")
                .isGreaterThan(0);
        var six = left(new ToldMan("mike", false, Told.THROUGH_A), new ToldMan("will", false, Told.THROUGH_B));
        assertThat(six.get(0).behind()).isEqualTo(new CoverageLeft.Behind(6, 5, 0, 0, 0));
        assertThat(six).noneMatch(c -> c.coverage().id().equals("blank"));
    }

    @ParameterizedTest
    @CsvSource({
        "4, 0, 2, 5, true",
        "5, 5, 1, 0, true",
        "5, 4, 2, 0, false",
        "5, 0, 3, 3, true",
        "5, 0, 2, 4, true",
        "5, 0, 4, 2, false",
        "6, 5, 0, 0, true",
        "6, 0, 2, 3, false",
        "7, 4, 0, 0, false"
    })
    void pairsAreUsualAsCoachesPairThem(int rush, int man, int deep, int under, boolean usual) {
        assertThat(new CoverageLeft.Behind(rush, man, deep, under, 0).usual()).isEqualTo(usual);
    }

    /** Off the edge the gap outside a tight end is his, and on the open side the last one when the end pinches. */
    @Test
    void whoComesOffTheEdgeHasTheGapThatIsLeftToHim() {
        var edge = new ToldMan("will", false, Told.OFF_THE_EDGE);
        var pinch = new ToldMan("end-away", false, Told.PINCHES);
        assertThat(gaps(left(edge), "will")).containsOnly("outside");
        assertThat(gaps(left(edge, pinch), "will")).containsOnly("last gap");
        assertThat(gaps(left(edge, pinch), "end-away")).containsOnly("B gap");
        assertThat(gaps(left(new ToldMan("nickel", false, Told.OFF_THE_EDGE)), "nickel"))
                .containsOnly("D gap, force");
        assertThat(left(edge, pinch).get(0).busts()).isZero();
    }

    private static List<String> gaps(List<CoverageLeft> left, String role) {
        return left.stream()
                .flatMap(c -> lineup(c).jobs().stream())
                .filter(j -> j.role().id().equals(role))
                .map(j -> Objects.requireNonNull(j.after().run().orNull()).words())
                .distinct()
                .toList();
    }

    @Test
    void itSaysInWordsWhoIsToldWhat() {
        var draft = new PressureDraft(
                ANVIL,
                List.of(new ToldMan("will", false, Told.THROUGH_B), new ToldMan("corner", true, Told.OFF_THE_EDGE)));
        assertThat(draft.document("otter", "Otter").text("about"))
                .contains("Will comes through the B gap; corner on the cover side comes off the edge.");
    }

    /** Whoever can be told it does it: he rushes, or he is in coverage, in every line-up. */
    @ParameterizedTest
    @EnumSource(Told.class)
    void whatAManIsToldIsWhatHeDoes(Told told) {
        for (Role role : ANVIL.roles()) {
            if (!Told.choices(role.body()).contains(told)) {
                continue;
            }
            CoverageLeft drizzle = left(new ToldMan(role.id(), true, told)).stream()
                    .filter(c -> c.coverage().id().equals("drizzle"))
                    .findFirst()
                    .orElseThrow();
            Lineup lineup = lineup(drizzle);
            List<Job> come = RushCount.of(lineup).rushers();
            boolean drops = told == Told.DROPS_FLAT || told == Told.DROPS_HOOK;
            List<Job> his = lineup.jobs().stream()
                    .filter(j -> j.role().id().equals(role.id()))
                    .filter(j -> his(lineup, role, j))
                    .toList();
            assertThat(his).hasSize(1).allMatch(j -> come.contains(j) != drops, role.id() + " " + told.words());
        }
    }

    /** Of two corners the one on the cover side was told. */
    private static boolean his(Lineup lineup, Role role, Job job) {
        return !role.id().equals("corner")
                || job.seat() == lineup.sides().cover().side();
    }

    @Test
    void whoCannotBeToldItIsRefusedWithWhatHeCanBeTold() {
        assertThatThrownBy(() -> left(new ToldMan("nose", false, Told.OFF_THE_EDGE)))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("slants into the A gap");
        assertThatThrownBy(() -> left(new ToldMan("sam", false, Told.THROUGH_A)))
                .hasMessageContaining("has no \"sam\"");
        assertThatThrownBy(() ->
                        left(new ToldMan("will", false, Told.THROUGH_A), new ToldMan("will", true, Told.THROUGH_B)))
                .hasMessageContaining("two things");
    }
}
