package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.lineup.AreaLedger.Row;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The table of {@code cases/lineups.txt}, each row also mirrored. */
class LineupCasesTest {

    static List<String> rows() throws IOException {
        return Files.readAllLines(Path.of("../cases/lineups.txt")).stream()
                .filter(l -> !l.startsWith("#"))
                .toList();
    }

    @ParameterizedTest
    @MethodSource("rows")
    void holds(String row) {
        String[] c = row.split("\\|", -1);
        for (int i = 0; i < c.length; i++) {
            c[i] = c[i].strip();
        }
        Snap snap = Notation.place(Snaps.LIBRARY.formation(c[0]).formation(), c[1]);
        Call call = Snaps.LIBRARY.call(c[2]);
        check(Lineup.of(call, snap), c[3], c, 1);
        check(Lineup.of(call, snap.mirror()), mirrored(c[3]), c, -1);
    }

    private static String mirrored(String job) {
        return job.endsWith("-left") ? job.replace("-left", "-right") : job.replace("-right", "-left");
    }

    private static void check(Lineup lineup, String id, String[] c, int sign) {
        Job job = lineup.job(id);
        assertThat(job.before().align().orNull().phrase().words()).isEqualTo(c[4]);
        assertThat(job.feet().x()).isCloseTo(sign * Double.parseDouble(c[5]), within(0.0051));
        assertThat(job.feet().y()).isCloseTo(Double.parseDouble(c[6]), within(0.051));
        assertThat(job.after().run().orNull().words()).isEqualTo(c[7]);
        assertThat(job.after().pass().orNull().words()).isEqualTo(c[8]);
        List<Row> areas = AreaLedger.of(lineup).rows().stream()
                .filter(r -> r.owner().equals(job))
                .toList();
        assertThat(areas).hasSize(c[9].isEmpty() ? 0 : 1);
        areas.forEach(a -> assertThat(a.landmark().x()).isCloseTo(sign * Double.parseDouble(c[9]), within(0.0051)));
    }
}
