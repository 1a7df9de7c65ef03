package mensch.core.audit;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.call.CallReader;
import mensch.core.lineup.Lineup;
import mensch.core.rung.RungId;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * Twelve calls broken on purpose, one for each rule and more: each is found, by the rule it breaks and with the man or
 * the place; the sound call shows none of it.
 */
class BrokenCallsTest {

    @ParameterizedTest(name = "{0} {1}: {5}")
    @CsvSource(delimiter = '|', textBlock = """
        anvil-drizzle | will     | run A gap                                       | pro-i        | gaps     | BUST | Nobody has the B gap left.
        anvil-fog     | corner   | run alley                                       | pro-i        | edge     | BUST | Nobody is force on the left.
        anvil-drizzle | weak     | align landmark hash @ 12; run none              | pro-i        | edge     | BUST | Nobody is force on the left.
        anvil-frost   | nickel   | run none until crack then outside, force        | doubles-open | edge     | BUST | Nobody is force on the left.
        anvil-squall  | weak     | pass none                                       | doubles-open | coverage | WEAK | weak safety has nothing to do against the pass.
        anvil-drizzle | nickel   | pass deep middle third                          | pro-i        | coverage | WEAK | Nobody drops to the flat and curl on the right.
        anvil-drizzle | mike     | align stack tackle @ 0.5                        | pro-i        | legality | BUST | mike is in the neutral zone.
        anvil-drizzle | mike     | key wing                                        | pro-i        | jobs     | WEAK | mike: rule gives nobody for key.
        anvil-swift   | will     | pass curl-flat                                  | doubles-gun  | pressure | BUST | Nobody replaces the middle.
        anvil-drizzle | end-call | move pinch to B gap; pass rush B gap            | doubles-gun  | pressure | WEAK | Nobody keeps the quarterback in on the right.
        anvil-thunder | corner   | when 1 or more receivers on my side: align over #1, outside, 1 x 7 | doubles-open | leverage | WEAK | corner left gives the inside away.
        anvil-drizzle | weak     | show landmark middle @ 14                       | doubles-open | tells    | WEAK | The disguise costs weak safety too much.
        anvil-drizzle | will     | align stack tackle @ 9                          | pro-i        | gaps     | BUST | will cannot own the B gap left.
        """)
    void aBrokenCallIsFoundForItsOwnReason(
            String id, String role, String sentence, String formation, String rule, Severity severity, String title) {
        Call sound = Snaps.LIBRARY.call(id);
        CallDocument broken = sound.written().put(new RungId(sound.ref().id(), role, "broken"), sentence);
        Call call = CallReader.read(broken, 0, Snaps.LIBRARY.vocabulary());
        assertThat(found(call, formation, rule, severity, title))
                .as("%s not found", title)
                .isTrue();
        assertThat(found(sound, formation, rule, severity, title))
                .as("the sound call shows it too")
                .isFalse();
    }

    private static boolean found(Call call, String formation, String rule, Severity severity, String title) {
        var subject = new Subject(
                Lineup.of(call, Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10")),
                Snaps.LIBRARY.plays(),
                java.util.List.of());
        return Audit.of(subject).stream()
                .anyMatch(f -> f.check().rule().id().equals(rule)
                        && f.severity() == severity
                        && f.evidence().title().equals(title));
    }
}
