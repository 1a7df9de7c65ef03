package mensch.core.rung;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.document.Document;
import mensch.core.event.Event;
import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.rung.ReadTable.Becomes;
import mensch.core.rung.ReadTable.GoesToPass;
import mensch.core.rung.ReadTable.Stands;
import org.junit.jupiter.api.Test;

class ReadTableTest {

    private static ReadTable table(List<?>... rows) {
        return ReadTable.read(
                Document.of(Map.of("format", 1, "kind", "reads", "id", "mine", "name", "Mine", "rows", List.of(rows))),
                Snaps.LIBRARY.vocabulary());
    }

    @Test
    void everyShippedTableReadsAndTeachesEachMessageOnce() {
        for (Document document : Snaps.LIBRARY.kind("reads")) {
            ReadTable table = Snaps.LIBRARY.readTable(document.id()).orElseThrow();
            assertThat(table.rows())
                    .as(table.id())
                    .isNotEmpty()
                    .extracting(r -> r.whose().words() + " " + r.message().words())
                    .doesNotHaveDuplicates();
            assertThat(table.rows()).allSatisfy(r -> assertThat(r.words()).isNotBlank());
        }
    }

    /** B3: a row says whose movement it reads, and no message stands for something else. */
    @Test
    void everyShippedRowSaysWhoseMovementItReads() {
        for (Document document : Snaps.LIBRARY.kind("reads")) {
            for (Object row : (List<?>) document.body().get("rows")) {
                String cell = String.valueOf(((List<?>) row).get(0));
                assertThat(Whose.values())
                        .as(document.id() + ": " + cell)
                        .anyMatch(w -> cell.startsWith(w.words() + " "));
            }
        }
        assertThat(told("edge-safety")).containsExactly("back to me", "back away", "boot to me", "pass set");
        assertThat(told("robber")).startsWith("breaks under 8", "breaks at 8", "run");
        assertThat(told("zone-home")).contains("ball crosses").doesNotContain("release");
        assertThat(told("stack-spill")).containsExactly("back to me", "leaks past it", "pull");
    }

    private static List<String> told(String table) {
        return Snaps.LIBRARY.readTable(table).orElseThrow().rows().stream()
                .map(r -> r.message().words())
                .toList();
    }

    @Test
    void aRowIsOfTheKeyUnlessItSaysOtherwise() {
        ReadTable table = table(List.of("base", "hold", "run"), List.of("second key pull", "go with him", "run chase"));
        assertThat(table.rows()).extracting(ReadTable.Read::whose).containsExactly(Whose.KEY, Whose.SECOND);
        assertThat(table(List.of("key down", "squeeze", "run"), List.of("neighbour down", "fight", "run"))
                        .rows())
                .hasSize(2);
    }

    /** Steps wait for the same events that keys tell. */
    @Test
    void everyEventEndsATask() {
        for (Event event : Event.all()) {
            String sentence = "run none until " + event.words() + " then outside, force";
            assertThat(RungReader.readParts(sentence, Snaps.LIBRARY.vocabulary())
                            .get(0)
                            .words())
                    .isEqualTo(sentence);
        }
    }

    /**
     * Read force on a tight end: reach, become force; down, spill tight; base, hold the edge; release, coverage first.
     */
    @Test
    void theForceManOnAnEndReactsInParts() {
        ReadTable table = Snaps.LIBRARY.readTable("force-on-end").orElseThrow();
        assertThat(((Becomes) table.on(Message.REACH).orElseThrow().reaction()).parts())
                .extracting(Gives::words)
                .containsExactly("run outside, force");
        assertThat(table.on(Message.DOWN).orElseThrow().reaction().words()).isEqualTo("run spill");
        assertThat(table.on(Message.BASE).orElseThrow().reaction()).isInstanceOf(Stands.class);
        assertThat(table.on(Message.RELEASE).orElseThrow().reaction()).isInstanceOf(GoesToPass.class);
        assertThat(table.on(Message.CRACK)).isEmpty();
    }

    @Test
    void rowsForAManAloneTakeThePlaceOfRowsThatStand() {
        var document = Document.of(Map.of(
                "format",
                1,
                "kind",
                "reads",
                "id",
                "edge",
                "name",
                "Edge",
                "rows",
                List.of(List.of("down", "spill it", "run spill"), List.of("base", "hold", "run")),
                "alone",
                List.of(List.of("down", "box it", "run box"))));
        ReadTable edge = ReadTable.read(document, Snaps.LIBRARY.vocabulary());
        assertThat(edge.on(Message.DOWN).orElseThrow().words()).isEqualTo("spill it");
        assertThat(edge.whenAlone().on(Message.DOWN).orElseThrow().words()).isEqualTo("box it");
        assertThat(edge.whenAlone().on(Message.BASE).orElseThrow().words()).isEqualTo("hold");
        var without = Document.of(Map.of(
                "format",
                1,
                "kind",
                "reads",
                "id",
                "edge",
                "name",
                "Edge",
                "rows",
                List.of(List.of("base", "hold", "run")),
                "alone",
                List.of(List.of("down", "box it", "run box"))));
        assertThatThrownBy(() -> ReadTable.read(without, Snaps.LIBRARY.vocabulary()))
                .hasMessageContaining("alone/down")
                .hasMessageContaining("takes the place of no row");
    }

    @Test
    void aTableThatCannotBeTaughtIsRefusedWithItsRow() {
        assertThat(table(List.of("base", "hold", "run")).rows()).hasSize(1);
        assertThatThrownBy(() -> table(List.of("wink", "hold", "run")))
                .hasMessageContaining("wink")
                .hasMessageContaining("pass set");
        assertThatThrownBy(() -> table(List.of("base", "hold", "run"), List.of("base", "go", "pass")))
                .hasMessageContaining("base stands twice");
        assertThatThrownBy(() -> table(List.of("base", "hold", "run sideways")))
                .hasMessageContaining("rows/base")
                .hasMessageContaining("sideways");
        assertThatThrownBy(() -> table(List.of("base", "hold"))).hasMessageContaining("3 cells");
        assertThatThrownBy(ReadTableTest::table).hasMessageContaining("rows");
    }
}
