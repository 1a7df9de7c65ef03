package mensch.core.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.rung.RungId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What is refused on save, with the sentence at fault. */
class SoundnessTest {
    private static final CallDocument CALL = Snaps.LIBRARY.call("anvil-drizzle").written();

    private static List<DocumentException.Problem> problems(CallDocument call) {
        DocumentException refused = catchThrowableOfType(
                DocumentException.class, () -> CallReader.read(call, 1, Snaps.LIBRARY.vocabulary()));
        return refused == null ? List.of() : refused.problems();
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource(delimiter = '|', textBlock = """
        when empty: align over #2, inside, 1 x 5                                       | leans on #2, who may not be there
        when bunch on my side: align over #3, inside, 1 x 5                            |
        when 3 or more receivers on my side: align apex #2 and #3 @ 5                  |
        when slot on my side: align split tackle and #2 @ 5                            |
        when slot on other side: align split tackle and #2 @ 5                         | leans on #2, who may not be there
        when tight end on my side: align over tight end, outside, 1 x 4                |
        when wing on my side or tight end on my side: align over tight end, outside, 1 x 4 | leans on tight end, who may not be there
        when not 1 or fewer receivers on my side: align over #2, inside, 1 x 5         |
        align 2 outside deepest back @ 6                                               | leans on deepest back, who may not be there
        when two backs or one back: align 2 outside deepest back @ 6                   |
        when tight end on my side and not tight end on my side: run A gap              | can never hold
        align stack nickel @ 5                                                         | stands by a man who stands by him
        """)
    void aManWhoMayNotBeThereIsSaid(String sentence, String fault) {
        List<DocumentException.Problem> found =
                problems(CALL.put(new RungId("anvil-drizzle", "nickel", "new"), sentence));
        if (fault == null) {
            assertThat(found).isEmpty();
        } else {
            assertThat(found)
                    .anySatisfy(p -> assertThat(p.where() + " " + p.message())
                            .contains("nickel")
                            .contains(fault));
        }
    }

    @Test
    void aSentenceThatCanNeverSpeakIsNamedWithTheOneThatAnswersFirst() {
        CallDocument twice = CALL.put(
                        new RungId("anvil-drizzle", "nickel", "late"), "when 4 or more receivers on my side: run A gap")
                .put(new RungId("anvil-drizzle", "nickel", "early"), "when 3 or more receivers on my side: run B gap");
        assertThat(problems(twice)).singleElement().satisfies(p -> {
            assertThat(p.where()).isEqualTo("nickel/late");
            assertThat(p.message()).contains("can never speak").contains("\"early\"");
        });
        CallDocument inOrder = CALL.put(
                        new RungId("anvil-drizzle", "nickel", "early"),
                        "when 3 or more receivers on my side: run B gap")
                .put(new RungId("anvil-drizzle", "nickel", "late"), "when 4 or more receivers on my side: run A gap");
        assertThat(problems(inOrder)).isEmpty();
    }

    @Test
    void aPartThatNoSentenceAlwaysGivesIsSaid() {
        CallDocument call = CALL.put(new RungId("drizzle", "hook-weak", "base"), "when gun: pass hook");
        assertThat(problems(call))
                .extracting(DocumentException.Problem::message)
                .anyMatch(m -> m.contains("no sentence gives \"pass\""));
    }

    @Test
    void aRoleNobodyHasAndAConditionNobodyKnowsAreRefused() {
        assertThat(problems(CALL.put(new RungId("anvil-drizzle", "nickel", "new"), "align stack jack @ 5")))
                .extracting(DocumentException.Problem::message)
                .anyMatch(m -> m.contains("jack"));
        assertThat(problems(CALL.put(
                                new RungId("anvil-drizzle", "nickel", "new"), "when house nose is round: run A gap"))
                        .get(0)
                        .expected())
                .contains("2i", "shade");
        assertThat(problems(CALL.put(new RungId("anvil-drizzle", "nickel", "new"), "when personnel 9: run A gap"))
                        .get(0)
                        .expected())
                .anyMatch(e -> e.contains("backs and ends"));
    }

    @Test
    void aCheckToACallThatIsNotThereAndAMovementForAManWhoIsNotThereAreRefused() {
        var lost = Document.of(Map.of(
                "format",
                1,
                "kind",
                "call",
                "id",
                "lost",
                "name",
                "Lost",
                "layers",
                List.of("anvil", "fog"),
                "checks",
                List.of("when empty: check nothing, mike")));
        assertThat(catchThrowableOfType(DocumentException.class, () -> Snaps.LIBRARY.with(List.of(lost))))
                .hasMessageContaining("nothing")
                .hasMessageContaining("no call");
        var odd = Document.of(Map.of(
                "format", 1, "kind", "call", "id", "odd", "name", "Odd", "layers", List.of("anvil", "fog", "dace")));
        assertThat(catchThrowableOfType(DocumentException.class, () -> Snaps.LIBRARY.with(List.of(odd))))
                .hasMessageContaining("dace")
                .hasMessageContaining("sam");
    }
}
