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
 * Forty calls broken on purpose, one for each rule and more: each is found, by the rule it breaks and with the man or
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
        anvil-drizzle | mike     | run B gap                                       | doubles-gun  | gaps     | BUST | Nobody has the A gap right.
        anvil-drizzle | nickel   | run A gap, force                                | pro-i        | gaps     | BUST | Nobody has the D gap right.
        anvil-drizzle | end-call | align 9 technique; run C gap                    | pro-i        | gaps     | BUST | end call cannot own the C gap right.
        anvil-drizzle | will     | align outside end man 12 x 12                   | doubles-gun  | gaps     | BUST | will cannot own the B gap left.
        anvil-drizzle | tackle   | move slant to A gap; run B gap                  | doubles-gun  | gaps     | BUST | tackle moves to one gap and is told another.
        anvil-drizzle | free     | pass hook                                       | doubles-gun  | coverage | BUST | Nobody has the deep middle third.
        anvil-drizzle | corner   | pass flat                                       | doubles-open | coverage | BUST | Nobody has the deep outside third left.
        anvil-fog     | weak     | pass hook                                       | doubles-gun  | coverage | BUST | Nobody has the deep half left.
        anvil-fog     | free     | pass rush                                       | trips-open   | coverage | BUST | Nobody has the deep half right.
        anvil-frost   | weak     | pass curl-flat                                  | doubles-open | coverage | BUST | Nobody has the deep inside quarter right.
        anvil-squall  | free     | pass hole                                       | doubles-gun  | coverage | BUST | Nobody is deep.
        anvil-squall  | nickel   | pass hole                                       | doubles-gun  | coverage | BUST | Nobody has TE (#2 right).
        anvil-squall  | nickel   | align stack tackle @ 4                          | doubles-open | coverage | WEAK | nickel chases H (#2 left).
        anvil-thunder | weak     | pass curl-flat                                  | doubles-gun  | coverage | BUST | Nobody has H (#2 left).
        anvil-drizzle | mike     | pass none                                       | doubles-gun  | coverage | WEAK | Nobody drops to the hook on the right.
        chisel-fog    | sam      | run none                                        | pro-i        | gaps     | BUST | Nobody has the D gap right.
        chisel-drizzle | sam      | run alley                                       | pro-i        | gaps     | BUST | Nobody has the D gap right.
        bellows-drizzle | end-call | run C gap                                       | pro-i        | gaps     | BUST | Nobody has the B gap right.
        bellows-drizzle | nose     | run A gap                                       | pro-i        | gaps     | BUST | Nobody has the A gap left.
        tongs-fog     | mike     | run alley                                       | pro-i        | gaps     | BUST | Nobody has the C gap right.
        awl-drizzle   | sam      | run A gap                                       | doubles-gun  | gaps     | BUST | Nobody has the B gap right.
        rasp-drizzle  | will     | run B gap                                       | pro-i        | gaps     | BUST | Nobody has the A gap left.
        wedge-ice     | free     | pass hole                                       | pro-i        | coverage | BUST | Nobody has TE (#2 right).
        maul-ice      | mike     | run A gap                                       | pro-i        | gaps     | BUST | Nobody has the B gap right.
        anvil-fog | corner | when 1 or more receivers on my side: align over #1, inside, 1 x 7 3 wider | doubles-open | jobs | WEAK | corner left does not stand where his place says.
        anvil-drizzle | nickel | when 2 or more receivers on my side: align apex #1 and #2 @ 5 6 wider | doubles-open | jobs | WEAK | nickel does not stand where his place says.
        anvil-drizzle | corner | when 1 or more receivers on my side: align over #1, outside, 8 x 7 | trips-nub | jobs | WEAK | corner right stands where nobody is.
        anvil-drizzle | weak | align outside end man 10 x 5; run D gap, force | heavy-22-i | edge | WEAK | weak safety is force from 10 yd outside.
        anvil-squall | nickel | run none | doubles-open | jobs | NOTE | nickel has nothing to do on a run.
        anvil-drizzle | nickel | key tight end | pro-i | keys | NOTE | nickel watches one man, and the table asks for two.
        anvil-haze | weak | pass hole | doubles-open | coverage | BUST | Nobody has Y (#2 right).
        anvil-hail | free | pass hook | doubles-open | coverage | BUST | Nobody has the deep inside quarter left.
        anvil-haze | nickel | pass hole | doubles-open | coverage | BUST | Half of the bracket on H (#2 left) is missing.
        anvil-rime    | mike     | pass lane 3                                     | pro-i        | coverage | WEAK | Nobody has lane 4.
        anvil-monsoon | nickel   | pass hook                                       | trips-open   | coverage | WEAK | Nobody drops to the flat and curl on the right.
        anvil-sleet   | weak     | pass flat                                       | doubles-gun  | coverage | BUST | Nobody has the deep half left.
        anvil-dew     | nickel   | pass hook                                       | doubles-gun  | coverage | WEAK | Nobody drops to the flat on the right.
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
