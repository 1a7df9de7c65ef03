package mensch.core.library;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a coordinator needs in his first week: a call for every formation, and calls everybody knows. */
class FirstWeekTest {
    private static List<Finding> findings(String call, String formation, String spot) {
        Lineup lineup = Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation(formation).snap(null, false, spot));
        return Audit.of(new Subject(lineup, Snaps.LIBRARY.plays(), List.of()));
    }

    private static boolean sound(String call, String formation, String spot) {
        return findings(call, formation, spot).stream()
                .noneMatch(f -> f.severity() == Severity.BUST || f.severity() == Severity.WEAK);
    }

    @Test
    void everyFormationHasACallThatIsMeantForItAndSoundAgainstIt() {
        for (LibraryFormation formation : Snaps.LIBRARY.formations()) {
            String spot = formation.players() == 11
                    ? formation.id().startsWith("goal") ? "hs m 3 1&3" : "hs m 50 1&10"
                    : "flag" + formation.players() + " m 30 1&10";
            assertThat(Snaps.LIBRARY.calls().stream()
                            .filter(c -> c.meantFor().contains(formation.id()))
                            .map(c -> c.ref().id()))
                    .as(formation.id())
                    .anyMatch(call -> sound(call, formation.id(), spot));
        }
    }

    @Test
    void theCallForEverythingIsMeantForAllButWhatTheBaseFrontIsFor() {
        Set<String> missing = Snaps.LIBRARY.formations().stream()
                .filter(f -> f.players() == 11)
                .map(LibraryFormation::id)
                .collect(Collectors.toSet());
        missing.removeAll(Snaps.LIBRARY.call("anvil-any").meantFor());
        assertThat(missing).containsExactlyInAnyOrder("heavy-13", "direct-snap-heavy");
        for (String formation : missing) {
            assertThat(sound("bellows-drizzle", formation, "hs m 50 1&10"))
                    .as(formation)
                    .isTrue();
        }
    }

    @Test
    void aTempoCallStaysItselfAndShowsNothing() {
        Call tempo = Snaps.LIBRARY.call("anvil-tempo");
        for (String formation : tempo.meantFor()) {
            Lineup lineup = Lineup.of(tempo, Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"));
            assertThat(lineup.inForce()).as(formation).isSameAs(tempo);
            assertThat(lineup.jobs())
                    .as(formation)
                    .allMatch(j -> j.before().show().orNull() == null);
        }
    }

    @ParameterizedTest
    @CsvSource({"doubles-gun", "trips-open", "direct-snap", "tackle-out", "tackles-out"})
    void aTryFromTheThreeHasItsCall(String formation) {
        assertThat(findings("anvil-two", formation, "hs m 3 1&3"))
                .extracting(Finding::severity)
                .doesNotContain(Severity.BUST);
    }

    @Test
    void whereALinemanIsMissingTheEndStepsOutAndIsForce() {
        Lineup lineup = Lineup.of(
                Snaps.LIBRARY.call("anvil-sprat"),
                Snaps.LIBRARY.formation("tackles-out").snap(null, false, "hs m 50 1&10"));
        for (String end : List.of("end-call", "end-away")) {
            assertThat(Math.abs(lineup.job(end).feet().x())).isGreaterThan(3);
            assertThat(lineup.job(end).fit().words()).isEqualTo("outside, force");
        }
        assertThat(sound("anvil-drizzle", "tackles-out", "hs m 50 1&10"))
                .as("without the answer the audit says so")
                .isFalse();
    }
}
