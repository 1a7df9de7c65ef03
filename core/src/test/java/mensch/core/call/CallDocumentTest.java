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

/** A call as it stands written: edits are new values, and how it is written is checked before what it says. */
class CallDocumentTest {
    private static final CallDocument CALL = Snaps.LIBRARY.call("anvil-drizzle").written();

    @Test
    void anEditIsANewValueAndTheTypedPartsAgreeWithTheDocument() {
        for (RungId id : List.of(
                new RungId("anvil-drizzle", "mike", "own"),
                new RungId(CallDocument.THIS_WEEK, "mike", "own"),
                new RungId("anvil", "mike", "own"),
                new RungId("drizzle", "hook-weak", "own"))) {
            CallDocument edited = CALL.put(id, "key first words").put(id, "key second words");
            assertThat(edited).isEqualTo(CallDocument.of(edited.document())).isNotEqualTo(CALL);
            assertThat(edited.document().body().toString())
                    .contains("key near back")
                    .doesNotContain("key centre}");
            assertThat(edited.remove(id))
                    .isEqualTo(CallDocument.of(edited.remove(id).document()));
            assertThat(edited.remove(id).document().body().toString()).doesNotContain("key second words");
        }
        assertThat(CALL.document().digest())
                .isEqualTo(Snaps.LIBRARY.call("anvil-drizzle").document().digest());
    }

    @Test
    void aNewRungStandsOnTopAndAKnownOneStaysInItsPlace() {
        var base = new RungId("anvil", "mike", "base");
        List<String> before = names(CALL);
        assertThat(names(CALL.put(base, "run A gap"))).isEqualTo(before);
        assertThat(names(CALL.put(new RungId("anvil", "mike", "top"), "run A gap")))
                .startsWith("top")
                .endsWith(before.toArray(String[]::new));
    }

    private static List<String> names(CallDocument call) {
        return call.layers().stream()
                .filter(l -> l.id().equals("anvil"))
                .flatMap(l -> l.ladders().bySeat().get("mike").stream())
                .map(w -> w.name())
                .toList();
    }

    @Test
    void howItIsWrittenIsSaidWithEveryPlace() {
        Document wrong = CALL.document()
                .with("rungs", Map.of("mike", "run A gap", "will", List.of("run B gap"), "nose", List.of(Map.of())))
                .with("layers", List.of("anvil"));
        DocumentException fault = catchThrowableOfType(DocumentException.class, () -> CallDocument.of(wrong));
        assertThat(fault.problems())
                .extracting(p -> p.where() + " " + p.message())
                .containsExactlyInAnyOrder(
                        "layers hold the name of a document instead of the document",
                        "mike must be a list of rungs",
                        "will has a rung that is not written as name: \"sentence\"",
                        "nose has a rung that is not written as name: \"sentence\"");
    }
}
