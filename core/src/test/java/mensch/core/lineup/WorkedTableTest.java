package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.call.Call;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.rung.Task;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The tables of the core's design, each row a man: place, owner rung, run, drop, key. The same mirrored. */
class WorkedTableTest {
    static final String PRO_I = "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10";
    static final String TRIPS_LEFT_HASH = "ol2 X-16 Z19 Y12/1.5 H7/1.5 QB0/5 TB-1.6/5 | hs l 50 1&10";
    static final String TRIPS_LEFT_END_RIGHT = "ol2 TE4 X-19 Z-12/1.5 H-7/1.5 QB0/5 TB1.6/5 | hs m 50 1&10";
    private static final Call DRIZZLE = Library.shipped().call("anvil-drizzle");

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', textBlock = """
        corner   | LEFT  | -16.00 | 7   | over #1, outside, 1 x 7  | drizzle/corner/man        | none until crack then outside, force | -17.78 | #1 then #2
        weak     | LEFT  | -5.67  | 6   | outside end man 3 x 6    | drizzle/deep-weak/base  | outside, force | -13.28 | tackle then near back
        end-away | LEFT  | -3.07  | 1.0 | 5 technique              | anvil/end-away/base     | C gap          |        | tackle then near back
        will     | LEFT  | -2.00  | 4.5 | gap B @ 4.5              | anvil/will/base         | B gap          | -6.89  | near back then guard
        nose     | LEFT  | -0.93  | 1.0 | 2i technique             | anvil/nose/base         | A gap          |        | guard then centre
        mike     | RIGHT | 0.67   | 4.5 | gap A @ 4.5              | anvil/mike/base         | A gap          | 6.89   | near back then guard
        tackle   | RIGHT | 1.73   | 1.0 | 3 technique              | anvil/tackle/base       | B gap          |        | guard then tackle
        free     | RIGHT | 2.67   | 12  | stack tackle @ 12        | drizzle/deep-strong/base         | alley          | 0.00   | ball then #2
        end-call | RIGHT | 3.60   | 1.0 | 7 technique              | anvil/end-call/tight    | C gap          |        | tight end then near back
        nickel   | RIGHT | 7.00   | 5   | outside end man 3 x 5    | anvil/nickel/tight      | D gap, force   | 13.28  | tight end then near back
        corner   | RIGHT | 15.00  | 7   | over #1, outside, 1 x 7  | drizzle/corner/man        | none until crack then outside, force | 17.78 | #1 then #2
        """)
    void proIRight(
            String role,
            Side side,
            double x,
            double y,
            String phrase,
            String rung,
            String run,
            Double drop,
            String key) {
        check(PRO_I, role, side, x, y, phrase, rung, run, drop, key);
    }

    @ParameterizedTest(name = "{0} {1}")
    @CsvSource(delimiter = '|', textBlock = """
        corner   | LEFT  | -14.78 | 7   | over #1, inside, 1 x 7   | drizzle/corner/plus       | none until crack then outside, force | -8.89 | #1 then #2
        weak     | LEFT  | -5.67  | 6   | outside end man 3 x 6    | drizzle/deep-weak/base  | outside, force | -4.39  | tackle then near back
        will     | LEFT  | -2.00  | 4.5 | gap B @ 4.5              | anvil/will/base         | B gap          | -2.00  | near back then guard
        mike     | RIGHT | 0.67   | 4.5 | gap A @ 4.5              | anvil/mike/base         | A gap          | 15.77  | near back then guard
        free     | RIGHT | 2.67   | 12  | stack tackle @ 12        | drizzle/deep-strong/base         | alley          | 8.89   | ball then #2
        end-call | RIGHT | 3.07   | 1.0 | 5 technique              | anvil/end-call/base     | C gap          |        | tackle then near back
        nickel   | RIGHT | 9.50   | 5   | apex #2 and #3 @ 5       | drizzle/overhang-strong/trips      | outside, force | 22.16  | #2 then #3
        corner   | RIGHT | 20.00  | 7   | over #1, outside, 1 x 7  | drizzle/corner/man        | none until crack then outside, force | 26.66 | #1 then #2
        """)
    void tripsOpenRightOnTheLeftHash(
            String role,
            Side side,
            double x,
            double y,
            String phrase,
            String rung,
            String run,
            Double drop,
            String key) {
        check(TRIPS_LEFT_HASH, role, side, x, y, phrase, rung, run, drop, key);
    }

    @ParameterizedTest(name = "EV-03 {0} {1}")
    @CsvSource(delimiter = '|', textBlock = """
        tackle   | RIGHT | 1.73  | 1.0 | 3 technique           | anvil/tackle/base      | B gap        | | guard then tackle
        mike     | RIGHT | 0.67  | 4.5 | gap A @ 4.5           | anvil/mike/base        | A gap        | 6.89 | near back then guard
        end-call | RIGHT | 3.60  | 1.0 | 7 technique           | anvil/end-call/tight   | C gap        | | tight end then near back
        nickel   | LEFT  | -9.50 | 5   | apex #2 and #3 @ 5    | drizzle/overhang-strong/trips     | outside, force | -13.28 | #2 then #3
        free     | LEFT  | -2.67 | 12  | stack tackle @ 12     | drizzle/deep-strong/base        | alley        | 0 | ball then #2
        weak     | RIGHT | 7.00  | 6   | outside end man 3 x 6 | drizzle/deep-weak/tight | D gap, force | 13.28 | tight end then near back
        corner   | RIGHT | 8.00  | 7   | outside end man 4 x 7 | drizzle/corner/nub       | alley        | 17.78 | end man then near back
        """)
    void tripsLeftWithTheEndRight(
            String role,
            Side side,
            double x,
            double y,
            String phrase,
            String rung,
            String run,
            Double drop,
            String key) {
        check(TRIPS_LEFT_END_RIGHT, role, side, x, y, phrase, rung, run, drop, key);
    }

    /** Run strength and pass strength: the same table holds with both turned round. */
    private static void check(
            String line,
            String role,
            Side side,
            double x,
            double y,
            String phrase,
            String rung,
            String run,
            Double drop,
            String key) {
        Snap snap = Notation.snap(line);
        assertJob(Lineup.of(DRIZZLE, snap), role, side, 1, x, y, phrase, rung, run, drop, key);
        assertJob(Lineup.of(DRIZZLE, snap.mirror()), role, side.opposite(), -1, x, y, phrase, rung, run, drop, key);
    }

    private static void assertJob(
            Lineup lineup,
            String role,
            Side side,
            int sign,
            double x,
            double y,
            String phrase,
            String rung,
            String run,
            Double drop,
            String key) {
        Job job = lineup.job(role, side);
        assertThat(job).as("%s sits %s", role, side).isNotNull();
        assertThat(job.feet().x()).isCloseTo(sign * x, within(0.005));
        assertThat(job.feet().y()).isCloseTo(y, within(0.005));
        assertThat(job.before().align().orNull().phrase().words()).isEqualTo(phrase);
        assertThat(rungs(job.before().align())).isEqualTo(rung);
        assertThat(job.after().run().orNull().words()).isEqualTo(run);
        assertThat(job.before().key().orNull().words()).isEqualTo(key);
        if (drop != null) {
            var cover = (Task.Cover) job.passTask();
            assertThat(cover.landmark(lineup.view(job)).x()).isCloseTo(sign * drop, within(0.0051));
        }
    }

    private static String rungs(Given<?> given) {
        List<Why> chain = given.chain();
        return chain.stream().map(w -> w.rung().words()).collect(Collectors.joining(" over "));
    }
}
