package mensch.core.possible;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.Snaps;
import mensch.core.audit.Rule;
import mensch.core.audit.Severity;
import mensch.core.verify.AuditVerifier;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A gap and an edge belong to a man who can be there. */
class RunAbilityTest {
    private static final AuditVerifier RULES = new AuditVerifier(Snaps.LIBRARY, "hs m 50 1&10");

    /** Said by the audit, at this severity; the mirror says the same of the other side. */
    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', textBlock = """
        end-call | align 9 technique; run A gap                          | GAPS | WEAK | end call cannot own the A gap right.
        end-call | align 9 technique; run C gap                          | GAPS | BUST | end call cannot own the C gap right.
        end-call | align 9 technique; move pinch to C gap                | GAPS | BUST |
        end-call | align 7 technique; run D gap, force                   | GAPS | WEAK | end call cannot own the D gap right.
        tackle   | align 3 technique; run A gap                          | GAPS | WEAK | tackle cannot own the A gap right.
        tackle   | align 2 technique; run A gap                          | GAPS | BUST | Nobody has the B gap right.
        tackle   | move slant to B gap; run A gap                        | GAPS | WEAK | tackle moves to one gap and is told another.
        tackle   | move loop to A gap; run C gap                         | GAPS | WEAK | tackle moves to one gap and is told another.
        will     | align outside end man 12 x 12; run B gap              | GAPS | BUST | will cannot own the B gap left.
        mike     | align outside end man 4.8 x 4.5; run A gap            | GAPS | BUST | mike cannot own the A gap right.
        mike     | align 4.8 outside deepest back @ 4.5; run A gap       | GAPS | WEAK | mike is late to the A gap right.
        mike     | align gap C @ 4.5; run A gap                          | GAPS | BUST |
        nickel   | run A gap, force                                      | EDGE | BUST | nickel cannot be force on the right.
        nickel   | align stack guard @ 5; run outside, force             | EDGE | BUST | nickel cannot be force on the right.
        nickel   | align outside end man 3 x 12; run D gap, force        | EDGE | WEAK | Force on the right comes late.
        nickel   | align outside end man 3 x 17; run D gap, force        | EDGE | BUST | Force on the right comes late.
        """)
    void aManIsHeldToWhereHeStands(String role, String sentence, Rule rule, Severity severity, String title) {
        for (boolean mirrored : new boolean[] {false, true}) {
            var snap = Snaps.LIBRARY.formation("pro-i").snap(null, mirrored, "hs m 50 1&10");
            var found = RULES.titles(RULES.subject(RULES.call("anvil-drizzle", role, sentence), snap), rule, severity);
            String said = title == null ? null : mirrored ? turned(title) : title;
            if (said == null) {
                assertThat(found).noneMatch(t -> t.startsWith(role.replace('-', ' ') + " "));
            } else {
                assertThat(found).contains(said);
            }
        }
    }

    private static String turned(String title) {
        return title.replace("right", "none").replace("left", "right").replace("none", "left");
    }
}
