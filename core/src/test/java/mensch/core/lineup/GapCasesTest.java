package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mensch.core.Snaps;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.rung.FitRole;
import mensch.core.rung.Task;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** {@code cases/gaps.txt}: the gap owners of every front, mirrored too. */
class GapCasesTest {
    static List<String> rows() throws IOException {
        return Files.readAllLines(Path.of("../cases/gaps.txt")).stream()
                .filter(l -> !l.startsWith("#"))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void holds(String row) {
        String[] c = Arrays.stream(row.split("\\|")).map(String::strip).toArray(String[]::new);
        for (boolean mirrored : new boolean[] {false, true}) {
            Snap snap = Snaps.LIBRARY.formation(c[1]).snap(null, mirrored, "hs m 50 1&10");
            Lineup lineup = Lineup.of(Snaps.LIBRARY.call(c[0]), snap);
            assertThat(owners(lineup)).containsExactlyElementsOf(List.of(c[2].split(", ")));
        }
    }

    private static List<String> owners(Lineup lineup) {
        var owners = new ArrayList<String>();
        Side call = lineup.sides().call().side();
        for (Side side : List.of(call, call.opposite())) {
            GapLedger.of(lineup).rows().stream()
                    .filter(r -> r.gap().side() == side)
                    .sorted((a, b) -> a.gap().index() - b.gap().index())
                    .map(r -> r.gap().letter() + (side == call ? "c " : "a ") + words(r))
                    .forEach(owners::add);
        }
        return owners;
    }

    /** Owner with F when he is force there; two-gappers when nobody owns it alone. */
    private static String words(GapLedger.Row row) {
        if (row.owners().isEmpty()) {
            return row.twoGappers().isEmpty()
                    ? "nobody"
                    : row.twoGappers().get(0).role().id() + " 2";
        }
        assertThat(row.owners()).as(row.gap().words()).hasSize(1);
        Job owner = row.owners().get(0);
        boolean force = owner.fit() instanceof Task.Fit fit && fit.role() == FitRole.FORCE;
        return owner.role().id() + (force ? " F" : "");
    }
}
