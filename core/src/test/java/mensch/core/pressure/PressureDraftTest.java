package mensch.core.pressure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
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
import org.junit.jupiter.params.provider.EnumSource;

/** Who comes is said man by man; what the others can still play is measured. */
class PressureDraftTest {
    private static final Front ANVIL = Snaps.LIBRARY.call("anvil-drizzle").front();
    private static final Snap DOUBLES = Snaps.LIBRARY.formation("doubles-gun").snap(null, false, "hs m 50 1&10");

    private static List<CoverageLeft> left(ToldMan... men) {
        Document pressure = new PressureDraft(ANVIL, List.of(men)).document("otter", "Otter");
        return CoverageLeft.of(Snaps.LIBRARY, ANVIL.document(), pressure, DOUBLES, Plays.NONE);
    }

    private static Lineup lineup(CoverageLeft left) {
        return Lineup.of(left.call(), DOUBLES);
    }

    @Test
    void oneMoreComesForEachWhoIsToldToAndFewerForWhoDrops() {
        assertThat(left()).isNotEmpty().filteredOn(CoverageLeft::carried).allMatch(c -> c.rush() == 4 || c.rush() == 6);
        var five = left(new ToldMan("will", false, Told.THROUGH_B));
        assertThat(five).filteredOn(c -> c.coverage().equals("drizzle")).allMatch(c -> c.rush() == 5);
        var swapped =
                left(new ToldMan("nickel", false, Told.OFF_THE_EDGE), new ToldMan("end-away", false, Told.DROPS_HOOK));
        assertThat(swapped).filteredOn(c -> c.coverage().equals("drizzle")).allMatch(c -> c.rush() == 4);
    }

    @Test
    void whereTheLeastBreaksComesFirst() {
        var left = left(new ToldMan("will", false, Told.THROUGH_B));
        assertThat(left)
                .isSortedAccordingTo((a, b) -> Integer.compare(10 * a.busts() + a.weak(), 10 * b.busts() + b.weak()));
        assertThat(left.get(0).found()).allMatch(f -> f.severity() != Severity.NOTE);
        assertThat(left.get(left.size() - 1).busts())
                .as("not every coverage can spare the backer")
                .isGreaterThan(left.get(0).busts());
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
                    .filter(c -> c.coverage().equals("drizzle"))
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
