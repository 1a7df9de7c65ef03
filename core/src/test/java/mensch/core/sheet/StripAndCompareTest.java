package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeSet;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Roster;
import mensch.core.rung.Part;
import mensch.core.rung.Task;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/**
 * What the playbook shows of a line-up: the strip of formations, two calls side by side, small drawings, a part in
 * words.
 */
class StripAndCompareTest {
    private static final String SPOT = "hs m 50 1&10";

    private static StripCell cell(String call, String role, boolean onCover, String formation) {
        return StripCell.of(Snaps.LIBRARY.call(call), role, onCover, Snaps.LIBRARY.formation(formation), SPOT);
    }

    @ParameterizedTest
    @CsvSource({
        "trips-open,drizzle/overhang-strong/trips",
        "doubles-open,drizzle/overhang-strong/slot",
        "trips-end,drizzle/overhang-strong/outer",
        "trey-wing,drizzle/overhang-strong/outer-wing",
        "pro-i,anvil/nickel/tight"
    })
    void theStripNamesTheRungThatGivesAPart(String formation, String rung) {
        assertThat(cell("anvil-drizzle", "nickel", true, formation).fired())
                .contains(new StripCell.Fired(Part.ALIGN, rung));
    }

    @Test
    void ofTwoCornersTheStripFollowsTheOneAsked() {
        assertThat(cell("anvil-fog", "corner", true, "trips-nub").fired())
                .contains(new StripCell.Fired(Part.ALIGN, "fog/corner/man"));
        assertThat(cell("anvil-fog", "corner", false, "trips-nub").fired())
                .contains(new StripCell.Fired(Part.ALIGN, "fog/corner/nub"));
    }

    @Test
    void theStripSaysWhereNothingSpeaksWhereItBreaksAndWhatTheCallIsMeantFor() {
        StripCell weak = cell("anvil-squall", "weak", false, "trips-open");
        assertThat(weak.silent()).containsExactly("pass: nobody: no #2");
        assertThat(weak.busts()).isPositive();
        assertThat(weak.meant()).isFalse();
        assertThat(cell("anvil-squall", "weak", false, "doubles-gun").meant()).isTrue();
        StripCell checked = cell("anvil-breeze", "nickel", true, "empty-3x2");
        assertThat(checked.fired())
                .as("the call it checks to answers")
                .anyMatch(f -> f.rung().startsWith("drizzle/"));
    }

    @Test
    void twoCallsDifferPartByPartAndAManOnlyOneHasStandsAlone() {
        Snap snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, SPOT);
        Lineup drizzle = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap);
        List<CompareRow> rows = CompareRow.between(drizzle, Lineup.of(Snaps.LIBRARY.call("anvil-fog"), snap));
        assertThat(rows)
                .contains(
                        new CompareRow("free", "free safety", "FS", Part.ALIGN, "stack tackle @ 12", "deep half @ 13"));
        assertThat(rows).noneMatch(r -> r.job().equals("tackle"));
        assertThat(CompareRow.between(drizzle, drizzle)).isEmpty();
        List<CompareRow> other = CompareRow.between(drizzle, Lineup.of(Snaps.LIBRARY.call("chisel-drizzle"), snap));
        assertThat(other)
                .anySatisfy(r -> assertThat(r)
                        .extracting(CompareRow::job, CompareRow::first)
                        .containsExactly("sam", ""));
        assertThat(other)
                .anySatisfy(r -> assertThat(r)
                        .extracting(CompareRow::job, CompareRow::second)
                        .containsExactly("nickel", ""));
    }

    @Test
    void aCallTeachesWhatItsLayersAreAbout() {
        assertThat(Snaps.LIBRARY.call("anvil-heron").points())
                .hasSize(3)
                .anyMatch(p -> p.startsWith("Five: the backer"))
                .anyMatch(p -> p.startsWith("Man with one man free"));
        for (Call call : Snaps.LIBRARY.calls()) {
            assertThat(call.points())
                    .as(call.ref().id())
                    .hasSizeGreaterThanOrEqualTo(2)
                    .noneMatch(String::isBlank);
        }
    }

    @Test
    void aSketchHasEverybodyToScale() {
        Call call = Snaps.LIBRARY.call("anvil-heron");
        Sketch sketch =
                Sketch.of(Lineup.of(call, Snaps.LIBRARY.formation("doubles-gun").snap(null, false, SPOT)));
        assertThat(sketch.offence())
                .hasSize(11)
                .anyMatch(m -> m.post() == Man.Post.CENTRE && m.x() == 0 && m.y() == -0.5);
        assertThat(sketch.defence())
                .hasSize(11)
                .filteredOn(m -> m.kind() == PassKind.RUSH)
                .hasSize(5);
        assertThat(sketch.defence()).filteredOn(m -> m.kind() == PassKind.MAN).hasSize(5);
    }

    @ParameterizedTest(name = "{0} {2} {3}: {4}")
    @CsvSource(delimiter = '|', textBlock = """
        anvil-heron  | pro-i       | free     | PASS | deep middle third, 0 x 14
        anvil-heron  | doubles-gun | nickel   | PASS | man #2 (TE)
        anvil-heron  | doubles-gun | will     | MOVE | blitz to outside
        anvil-heron  | doubles-gun | end-away | PASS | rush B gap
        anvil-eel    | pro-i       | tackle   | MOVE | game: loop to C gap, second
        anvil-frost  | trips-open  | weak     | PASS | deep inside quarter left, 6.7 x 14, match #3 other side
        anvil-thaw   | pro-i       | mike     | PASS | hook right, 6.9 x 9
        chisel-drizzle | pro-i     | mike     | RUN  | A right
        """)
    void aPartIsSaidForThisSnap(String call, String formation, String job, Part part, String words) {
        Lineup lineup = Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation(formation).snap(null, false, SPOT));
        Sheet.JobRow row = new SheetMaker(Snaps.LIBRARY)
                .of(lineup, Roster.EMPTY).jobs().stream()
                        .filter(j -> j.id().equals(job))
                        .findFirst()
                        .orElseThrow();
        assertThat(row.parts().stream()
                        .filter(p -> p.part() == part)
                        .findFirst()
                        .orElseThrow()
                        .shown())
                .isEqualTo(words);
    }

    /** Against the pass every man is taught the way his zone, or his man by leverage and help, is played. */
    @Test
    void everyPassJobOfTheLibraryHasItsTechnique() {
        var untaught = new TreeSet<String>();
        for (var call : Snaps.LIBRARY.calls()) {
            if (call.front().players() != 11) {
                continue;
            }
            for (String formation : List.of("pro-i", "doubles-gun", "trips-open")) {
                Lineup lineup =
                        Lineup.of(call, Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"));
                new SheetMaker(Snaps.LIBRARY).of(lineup, Roster.EMPTY).jobs().forEach(row -> {
                    var job = lineup.job(row.id());
                    boolean zone = job.passTask() instanceof Task.Cover;
                    if (zone
                            && row.taught().size() < 2
                            && job.after().technique().orNull() != null) {
                        untaught.add(job.passTask().words());
                    }
                });
            }
        }
        assertThat(untaught).isEmpty();
    }

    @Test
    void aManInCoverageIsTaughtByHisLeverageAndByWhoIsBehindHim() {
        assertThat(taught("anvil-squall", "corner-right")).contains("Man, inside leverage, with help");
        assertThat(taught("anvil-fog", "free")).contains("Deep half");
        assertThat(taught("anvil-drizzle", "nickel")).contains("Curl-flat");
    }

    private static List<String> taught(String call, String job) {
        Lineup lineup = Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation("doubles-gun").snap(null, false, "hs m 50 1&10"));
        return new SheetMaker(Snaps.LIBRARY)
                .of(lineup, Roster.EMPTY).jobs().stream()
                        .filter(j -> j.id().equals(job))
                        .flatMap(j -> j.taught().stream())
                        .map(Sheet.TaughtRow::title)
                        .toList();
    }
}
