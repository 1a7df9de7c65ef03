package mensch.core.rung;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.document.Document;
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
            ReadTable table = Snaps.LIBRARY.readTable(document.id());
            assertThat(table.rows())
                    .as(table.id())
                    .isNotEmpty()
                    .extracting(ReadTable.Read::message)
                    .doesNotHaveDuplicates();
            assertThat(table.rows()).allSatisfy(r -> assertThat(r.words()).isNotBlank());
        }
    }

    /**
     * Read force on a tight end: reach, become force; down, spill tight; base, hold the edge; release, coverage first.
     */
    @Test
    void theForceManOnAnEndReactsInParts() {
        ReadTable table = Snaps.LIBRARY.readTable("force-on-end");
        assertThat(((Becomes) table.on(Message.REACH).reaction()).parts())
                .extracting(Gives::words)
                .containsExactly("run outside, force");
        assertThat(table.on(Message.DOWN).reaction().words()).isEqualTo("run spill");
        assertThat(table.on(Message.BASE).reaction()).isInstanceOf(Stands.class);
        assertThat(table.on(Message.RELEASE).reaction()).isInstanceOf(GoesToPass.class);
        assertThat(table.on(Message.CRACK)).isNull();
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
