package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.lineup.Lineup;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** What a coach has said about a finding stays with it while the same man or gap is concerned, whatever the words. */
class FindingKeyTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    private static List<String> keys(Subject subject) {
        return Audit.of(subject).stream().map(f -> f.key().text()).toList();
    }

    @Test
    void otherFiguresAreTheSameFindingAndAnotherManIsAnother() {
        Subject eight = RULES.subject(RULES.call("anvil-drizzle", "mike", "align gap A @ 8.5"), RULES.snap("pro-i"));
        Subject near = RULES.subject(RULES.call("anvil-drizzle", "nose", "align gap A @ 2.6"), RULES.snap("pro-i"));
        Subject far = RULES.subject(RULES.call("anvil-drizzle", "nose", "align gap A @ 3.1"), RULES.snap("pro-i"));
        String off = "off-the-ball/off the ball/nose";
        assertThat(keys(near)).contains(off);
        assertThat(keys(far)).as("deeper by half a yard").contains(off);
        assertThat(keys(eight)).doesNotContain(off);
        List<String> words = List.of(near, far).stream()
                .map(s -> Audit.of(s).stream()
                        .filter(f -> f.key().text().equals(off))
                        .findFirst()
                        .orElseThrow()
                        .evidence()
                        .reason())
                .toList();
        assertThat(words.get(0)).as("the words differ").isNotEqualTo(words.get(1));
    }

    /** Two lines of one report are never the same finding. */
    @ParameterizedTest
    @ValueSource(strings = {"anvil-drizzle", "anvil-frost", "bellows-fog", "wedge-ice", "anvil-heron", "tongs-fog"})
    void noTwoFindingsOfOneReportShareAKey(String call) {
        for (var formation : Snaps.ELEVEN_MAN) {
            Lineup lineup = Lineup.of(Snaps.LIBRARY.call(call), formation.snap(null, false, "hs l 30 2&7"));
            var subject = new Subject(lineup, Snaps.LIBRARY.plays(), List.of());
            assertThat(keys(subject)).as(formation.id()).doesNotHaveDuplicates();
        }
    }

    /** Each check says what it finds: nothing comes out under an id it has not declared. */
    @Test
    void theIdsAreOneListEachOnce() {
        assertThat(Audit.ids()).extracting(CheckId::id).doesNotHaveDuplicates().hasSizeGreaterThan(30);
        for (var formation : Snaps.ELEVEN_MAN) {
            Subject subject = RULES.subject(RULES.call("anvil-thunder"), RULES.snap(formation.id()));
            assertThat(Audit.of(subject)).extracting(Finding::check).allMatch(Audit.ids()::contains);
        }
    }
}
