package mensch.core.matchup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Test;

/** Two men who sort out two receivers, two men on one, and a man who takes another when a third goes. */
class HandOverTest {
    private static Snap snap(String formation) {
        return Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10");
    }

    /** Who has each receiver, by their names, on a pass. */
    private static Map<String, List<String>> having(Call call, String formation, String pass, Side side) {
        var thrown = Snaps.LIBRARY.plays().passes().stream()
                .filter(p -> p.id().equals(pass))
                .findFirst()
                .orElseThrow();
        return Distribution.of(Lineup.of(call, snap(formation)), thrown, side).orElseThrow().rows().stream()
                .collect(Collectors.toMap(
                        r -> r.man().name(),
                        r -> r.covers().stream().map(c -> c.job().words()).toList()));
    }

    private static List<Finding> findings(Call call, String formation) {
        return Audit.of(new Subject(Lineup.of(call, snap(formation)), Snaps.LIBRARY.plays(), List.of()));
    }

    /** Number two out at once: the corner comes up on him, the safety goes over the top of number one. */
    @Test
    void aTrapExchangesCornerAndSafetyOnTheFlat() {
        Call hail = Snaps.LIBRARY.call("anvil-hail");
        assertThat(having(hail, "doubles-open", "out-flat", Side.LEFT))
                .containsEntry("H", List.of("corner left"))
                .containsEntry("X", List.of("free safety"));
        assertThat(having(Snaps.LIBRARY.call("anvil-frost"), "doubles-open", "out-flat", Side.LEFT))
                .containsEntry("X", List.of("corner left"));
    }

    /** Number two deep: nothing is trapped, each has his own. */
    @Test
    void aTrapLeavesVerticalsAlone() {
        assertThat(having(Snaps.LIBRARY.call("anvil-hail"), "doubles-open", "four-verticals", Side.LEFT))
                .containsEntry("X", List.of("corner left"))
                .containsEntry("H", List.of("free safety"));
    }

    /** A named bracket is one cover, not two men on one receiver; take one of the others away and it is a bust. */
    @Test
    void aBracketIsOneCoverAndLeavesNobody() {
        Call haze = Snaps.LIBRARY.call("anvil-haze");
        assertThat(having(haze, "doubles-open", "four-verticals", Side.LEFT).get("H"))
                .containsExactlyInAnyOrder("nickel", "free safety");
        assertThat(findings(haze, "doubles-open"))
                .noneMatch(f -> f.severity() == Severity.BUST)
                .noneMatch(f -> f.check().id().equals("routes")
                        && f.who().stream().anyMatch(j -> j.role().id().equals("nickel")));
        assertThat(findings(Snaps.hand("anvil-haze", "weak", "pass hole"), "doubles-open"))
                .anyMatch(f ->
                        f.severity() == Severity.BUST && f.evidence().title().contains("Nobody"));
    }

    /** In a stack the outside man has whoever goes out, whichever of the two that is, and nobody can be picked. */
    @Test
    void aBanjoGivesTheFirstOutToTheOutsideMan() {
        Call smelt = Snaps.LIBRARY.call("anvil-smelt");
        Lineup lineup = Lineup.of(smelt, snap("doubles-stack"));
        Side stack = lineup.sides().cover().side();
        String corner = "corner " + stack.words();
        String two = lineup.features().shape().flank(stack).receivers().get(1).name();
        String one = lineup.features().shape().flank(stack).receivers().get(0).name();
        assertThat(having(smelt, "doubles-stack", "rub-slant", stack))
                .containsEntry(two, List.of(corner))
                .doesNotContainEntry(one, List.of(corner));
        assertThat(findings(Snaps.LIBRARY.call("anvil-squall"), "doubles-stack"))
                .anyMatch(f -> f.check().id().equals("pick"));
        assertThat(findings(smelt, "doubles-stack"))
                .noneMatch(f ->
                        f.check().id().equals("pick") && f.evidence().title().contains("can be picked"));
    }

    /** Two receivers too far apart for it: a man told to sort them out has only the one he can reach. */
    @Test
    void receiversFarApartCannotBeSortedOut() {
        Call call =
                Snaps.hand("anvil-squall", "corner", "align over #1, outside, 3 x 7; pass man first out of #1 and #2");
        Side side = Side.LEFT;
        assertThat(having(call, "doubles-open", "slant-flat", side).get("H")).doesNotContain("corner left");
        assertThat(findings(call, "doubles-open"))
                .anyMatch(f -> f.severity() == Severity.WEAK
                        && f.evidence().title().startsWith("Nobody has the")
                        && f.evidence().title().contains(" by X "));
    }

    /** The contain rusher on the side to which the back swings leaves his rush; on the other side he rushes. */
    @Test
    void aPeelRusherTakesTheBackWhoSwingsToHim() {
        Call bleak = Snaps.LIBRARY.call("anvil-bleak");
        assertThat(having(bleak, "trips-open", "snag-four", Side.RIGHT)).containsEntry("TB", List.of("end call"));
        assertThat(having(bleak, "trips-open", "snag-three", Side.RIGHT))
                .doesNotContainEntry("TB", List.of("end call"));
        assertThat(findings(bleak, "trips-open")).noneMatch(f -> f.severity() == Severity.BUST);
    }
}
