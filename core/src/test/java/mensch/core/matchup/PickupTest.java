package mensch.core.matchup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Pickup.Twist;
import mensch.core.play.Protection;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Protections hand out the rushers man by man. */
class PickupTest {
    private static Protection protection(String id) {
        return Snaps.LIBRARY.plays().protections().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Lineup lineup(String call, String formation) {
        return Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"));
    }

    private static Pressure pressure(String call, String formation, String protection, String side) {
        return Pressure.of(lineup(call, formation), protection(protection), Side.valueOf(side.toUpperCase(Locale.ROOT)))
                .orElseThrow();
    }

    private static Map<String, String> had(Pressure pressure) {
        return pressure.pickups().stream()
                .filter(p -> p.rusher() != null)
                .collect(Collectors.toMap(
                        p -> p.blocker().name(), p -> p.rusher().words()));
    }

    /**
     * Who has whom by the trade's rules: three gaps on the slide side from the inside, each man the gap beside him when
     * there are men enough, big on big on the other, the back inside first; a full slide leaves the far edge to the
     * back; who is man on man has the lineman in front of him.
     */
    @ParameterizedTest(name = "{0} against {1} behind {2} to the {3}")
    @CsvSource(delimiter = '|', textBlock = """
        anvil-drizzle|doubles-open|five|right|C nose,RT end away,LG tackle,LT end call|
        anvil-drizzle|doubles-open|five|left|LG tackle,LT end call,RG nose,RT end away|
        anvil-drizzle|doubles-open|six|right|C nose,RT end away,LG tackle,LT end call|
        anvil-drizzle|doubles-open|full-six|right|C nose,RT end away,LG tackle,TB end call|
        anvil-drizzle|doubles-open|man-six|right|LT end call,LG tackle,RG nose,RT end away|
        anvil-thunder|doubles-open|five|right|C nose,RG will,RT end away,LG tackle,LT end call|mike
        anvil-thunder|doubles-open|six|right|C nose,RG will,RT end away,LG tackle,LT end call,TB mike|
        anvil-swift|doubles-open|five|left|C mike,LG tackle,LT end call,RG nose|nickel
        anvil-swift|doubles-open|six|left|C mike,LG tackle,LT end call,RG nose,TB nickel|
        anvil-swift|doubles-open|sprint-six|left|C mike,LG tackle,LT end call,RG nose,TB nickel|
        bellows-drizzle|doubles-open|man-six|right|LT end call,C nose,RT end away,TB jack|
        """)
    void rushersAreHandedOut(String call, String formation, String protection, String side, String has, String free) {
        Pressure pressure = pressure(call, formation, protection, side);
        Map<String, String> told = Arrays.stream(has.split(","))
                .collect(Collectors.toMap(s -> s.substring(0, s.indexOf(' ')), s -> s.substring(s.indexOf(' ') + 1)));
        assertThat(had(pressure)).isEqualTo(told);
        assertThat(pressure.free().stream().map(Job::words).toList())
                .isEqualTo(free == null ? List.of() : List.of(free));
    }

    /** Four from one side beat five men whichever way the line goes; the one too many is the outermost. */
    @Test
    void anOverloadIsFreeOnItsSide() {
        for (String side : List.of("left", "right")) {
            Pressure five = pressure("anvil-shrike", "doubles-open", "five", side);
            assertThat(five.free()).isNotEmpty();
            assertThat(five.overloaded()).contains(Side.LEFT);
        }
        assertThat(Pressure.of(lineup("anvil-shrike", "doubles-open"), protection("five")).orElseThrow().free().stream()
                        .map(Job::words))
                .containsExactly("nickel");
    }

    /**
     * Two neighbours man on man pass a twist on; in a slide it comes into a gap; with nobody beside him he must run.
     */
    @Test
    void aTwistIsPassedOnByNeighbours() {
        assertThat(pressure("anvil-eel", "doubles-open", "five", "right").pickups().stream()
                        .filter(p -> p.twist() == Twist.PASSED)
                        .map(p -> p.blocker().name()))
                .containsExactlyInAnyOrder("LG", "LT");
        assertThat(pressure("anvil-eel", "doubles-open", "five", "left").pickups().stream()
                        .filter(p -> p.twist() == Twist.IN_HIS_GAP)
                        .map(p -> p.blocker().name()))
                .contains("LG");
        assertThat(pressure("anvil-drizzle", "doubles-open", "man-six", "left").pickups())
                .allMatch(p -> p.twist() == Twist.NONE);
    }

    /** A boot leaves the edge man on its side to the passer, or to an end who stays. */
    @Test
    void aBootLeavesTheEdgeOfItsSide() {
        assertThat(pressure("anvil-drizzle", "doubles-gun", "boot", "left").free().stream()
                        .map(Job::words))
                .containsExactly("end call");
        assertThat(had(pressure("anvil-drizzle", "doubles-gun", "boot-slip", "left")))
                .containsEntry("TE", "end call");
    }

    /** Nobody has two, nobody is had twice, and whoever is not had is free: in every call against every protection. */
    @Test
    void everyRusherIsHadOnceOrFree() {
        for (var call : Snaps.LIBRARY.calls()) {
            if (call.front().players() != 11) {
                continue;
            }
            Lineup lineup =
                    Lineup.of(call, Snaps.LIBRARY.formation("doubles-gun").snap(null, false, "hs m 50 1&10"));
            for (Protection protection : Snaps.LIBRARY.plays().protections()) {
                for (Side side : Side.values()) {
                    Pressure.of(lineup, protection, side).ifPresent(p -> {
                        List<Job> had = p.pickups().stream()
                                .filter(one -> one.rusher() != null)
                                .map(Pickup::rusher)
                                .collect(Collectors.toList());
                        had.addAll(p.free());
                        assertThat(had)
                                .doesNotHaveDuplicates()
                                .containsExactlyInAnyOrderElementsOf(p.rushers().stream()
                                        .map(Pressure.Rusher::job)
                                        .toList());
                        assertThat(p.pickups()).hasSize(protection.men());
                    });
                }
            }
        }
    }

    /** A pass thrown later than a free man comes is told with what can be thrown before; a quick one is out in time. */
    @Test
    void whatTheRushBeatsIsToldWithItsHotThrow() {
        Subject zero = new Subject(lineup("anvil-thunder", "doubles-open"), Snaps.LIBRARY.plays(), List.of());
        Map<String, PassRush> left = zero.rushed().stream()
                .filter(p -> p.pass().play() == Side.LEFT)
                .collect(Collectors.toMap(p -> p.pass().pass().id(), p -> p));
        assertThat(left.get("mesh").beaten()).isTrue();
        assertThat(left.get("mesh").hot().map(r -> r.route().id())).contains("shallow");
        assertThat(left.get("hitches").beaten()).isFalse();
        List<Finding> hot = Audit.of(zero).stream()
                .filter(f -> f.check().id().equals("hot"))
                .toList();
        assertThat(hot).hasSize(1);
        assertThat(hot.get(0).severity()).isEqualTo(Severity.FACT);
        assertThat(hot.get(0).evidence().reason()).contains("Mesh to the left (2.5 s, hot the shallow by ");
        assertThat(Audit.of(new Subject(lineup("anvil-drizzle", "doubles-open"), Snaps.LIBRARY.plays(), List.of())))
                .noneMatch(f -> f.check().id().equals("hot"));
    }
}
