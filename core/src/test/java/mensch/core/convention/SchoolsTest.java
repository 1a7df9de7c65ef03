package mensch.core.convention;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.call.CallAssembly;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Distribution;
import mensch.core.play.Pass;
import mensch.core.roster.Roster;
import mensch.core.rung.Part;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.SheetMaker;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Each setting changes a job, a place, a label or a landmark somewhere, and only there. */
class SchoolsTest {
    @ParameterizedTest(name = "{0}={1}: {4} {5}")
    @CsvSource(delimiter = '|', textBlock = """
        nose               | shade   | anvil-drizzle | pro-i       | nose         | align | 2i technique              | 1 technique
        two-gap-ends       | four    | bellows-drizzle | pro-i     | end-call     | align | 5 technique               | 4 technique
        tite-nose          | lag     | tongs-drizzle | pro-i       | nose         | run   | two-gap                   | A gap other side
        stack-ends         | four-i  | awl-drizzle   | pro-i       | end-call     | align | 5 technique               | 4i technique
        stack-ends         | four-i  | awl-drizzle   | pro-i       | sam          | run   | B gap                     | C gap
        backer-key         | guards  | anvil-drizzle | pro-i       | mike         | key   | near back then guard      | guard then near back
        backer-key         | backs   | anvil-drizzle | pro-i       | mike         | key   | near back then guard      | fullback then guard
        middle-backer      | carry   | anvil-fog     | doubles-gun | mike         | pass  | hook                      | hook carry #3
        quarters           | spot    | anvil-frost   | doubles-gun | free         | pass  | deep inside quarter match #2 | deep inside quarter
        quarters-corner    | outside | anvil-frost   | doubles-gun | corner-right | align | over #1, inside, 1 x 7    | over #1, outside, 1 x 7
        trips-safety       | lock    | anvil-frost   | trips-open  | weak         | align | landmark hash @ 9         | outside end man 3 x 9
        man-corner         | press   | anvil-squall  | doubles-gun | corner-right | align | over #1, inside, 1 x 7    | over #1, inside, 1 x 1
        """)
    void aSchoolOfRungsChangesThatPart(
            String setting,
            String choice,
            String call,
            String formation,
            String job,
            String part,
            String was,
            String is) {
        assertThat(words(Snaps.LIBRARY, call, formation, job, part)).isEqualTo(was);
        assertThat(words(Snaps.LIBRARY.choosing(Map.of(setting, choice)), call, formation, job, part))
                .isEqualTo(is);
    }

    private static String words(Library library, String call, String formation, String job, String part) {
        Lineup lineup =
                Lineup.of(library.call(call), library.formation(formation).snap(null, false, "hs m 50 1&10"));
        Job man = lineup.job(job);
        return new SheetMaker(library)
                .of(lineup, Roster.EMPTY).jobs().stream()
                        .filter(j -> j.id().equals(man.id()))
                        .findFirst()
                        .orElseThrow()
                        .parts()
                        .get(Part.valueOf(part.toUpperCase()).ordinal())
                        .words();
    }

    @ParameterizedTest
    @CsvSource({
        "curl-flat-landmark,numbers,nickel,m,13.28,19.67",
        "hook-landmark,hash,mike,m,6.89,8.89",
        "hook-clamp,free,will,l,-2.0,2.0"
    })
    void aSchoolOfLandmarksMovesTheLandmark(
            String setting, String choice, String job, String hash, double was, double is) {
        assertThat(landmark(Snaps.LIBRARY, job, hash)).isEqualTo(was);
        assertThat(landmark(Snaps.LIBRARY.choosing(Map.of(setting, choice)), job, hash))
                .isEqualTo(is);
    }

    private static double landmark(Library library, String job, String hash) {
        Lineup lineup = Lineup.of(
                library.call("anvil-drizzle"), library.formation("pro-i").snap(null, false, "hs " + hash + " 50 1&10"));
        Sheet sheet = new SheetMaker(library).of(lineup, Roster.EMPTY);
        return Math.round(sheet.areas().stream()
                                .filter(a -> a.owner().equals(job))
                                .findFirst()
                                .orElseThrow()
                                .landmark()
                                .x()
                        * 100)
                / 100.0;
    }

    @ParameterizedTest
    @CsvSource({"six-six-seven,end-call,7 technique,6i technique", "even-odd,end-call,7 technique,6i technique"})
    void anotherDictionaryRenamesAndMovesNobody(String dictionary, String job, String was, String is) {
        Library other = Snaps.LIBRARY.choosing(Map.of("technique-words", dictionary));
        assertThat(words(Snaps.LIBRARY, "anvil-drizzle", "pro-i", job, "align")).isEqualTo(was);
        assertThat(words(other, "anvil-drizzle", "pro-i", job, "align")).isEqualTo(is);
        for (var formation : Snaps.ELEVEN_MAN) {
            for (String call : List.of("anvil-drizzle", "rasp-frost", "wedge-ice")) {
                var snap = formation.snap(null, false, "hs m 50 1&10");
                assertThat(Lineup.of(other.call(call), snap).jobs())
                        .extracting(Job::feet)
                        .containsExactlyElementsOf(Lineup.of(Snaps.LIBRARY.call(call), snap).jobs().stream()
                                .map(Job::feet)
                                .toList());
            }
        }
        Labels labels = other.vocabulary().convention().labels();
        assertThat(labels.kept("align 6i technique tight; run C gap")).isEqualTo("align 7 technique tight; run C gap");
        assertThat(labels.said("align wide 9 technique"))
                .isEqualTo(dictionary.equals("even-odd") ? "align wide 7 technique" : "align 9 technique");
    }

    @Test
    void whetherTheLineFlipsAfterATradeIsASetting() {
        var trade = Snaps.LIBRARY.formation("pro-i").snap("trade", false, "hs m 50 1&10");
        Lineup flipped = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), trade);
        Lineup stayed =
                Lineup.of(Snaps.LIBRARY.choosing(Map.of("line-flip", "stay")).call("anvil-drizzle"), trade);
        assertThat(flipped.job("tackle").feet().x()).isNegative();
        assertThat(stayed.job("tackle").feet().x()).isPositive();
    }

    @ParameterizedTest
    @CsvSource({"flag-match-ups,even,false,false", "flag-age,young,true,true"})
    void zoneIsAdvisedInFlagUnlessMatchUpsAreEven(String setting, String choice, boolean advised, boolean young) {
        var snap = Snaps.LIBRARY.formation("flag-spread").snap(null, false, "flag5 m 30 1&10");
        List<String> reasons =
                Audit.of(Lineup.of(
                                Snaps.LIBRARY.choosing(Map.of(setting, choice)).call("tack-noon"), snap))
                        .stream()
                        .filter(f -> f.evidence().title().equals("Zone is advised here."))
                        .map(f -> f.evidence().reason())
                        .toList();
        assertThat(reasons).hasSize(advised ? 1 : 0).allMatch(r -> r.startsWith("At this age") == young);
    }

    /** What a man is taught differs by school; where he stands and his gap do not. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        kick-out  | box     | anvil-fog     | pro-i       | nickel       | run spill | run box
        backside  | over    | anvil-drizzle | pro-i       | mike         | flat for the cut-back | over the top of the double
        press     | strike  | wedge-ice     | pro-i       | corner-left  | patient:      | two hands
        press     | bluff   | wedge-ice     | pro-i       | corner-left  | patient:      | bluff
        deep-turn | cushion | anvil-drizzle | pro-i       | corner-left  | count his     | turn when
        deep-turn | square  | anvil-drizzle | pro-i       | corner-left  | count his     | stay square
        look-back | zone    | anvil-drizzle | pro-i       | corner-left  | even:         | in zone
        look-back | never   | anvil-drizzle | pro-i       | corner-left  | even:         | trailing:
        """)
    void aSchoolOfTeachingChangesWhatHeIsTaught(
            String setting, String choice, String call, String formation, String job, String was, String is) {
        Library other = Snaps.LIBRARY.choosing(Map.of(setting, choice));
        assertThat(taught(Snaps.LIBRARY, call, formation, job)).contains(was).doesNotContain(is);
        assertThat(taught(other, call, formation, job)).contains(is).doesNotContain(was);
    }

    private static String taught(Library library, String call, String formation, String job) {
        Lineup lineup =
                Lineup.of(library.call(call), library.formation(formation).snap(null, false, "hs m 50 1&10"));
        Sheet.JobRow row = new SheetMaker(library)
                .of(lineup, Roster.EMPTY).jobs().stream()
                        .filter(j -> j.id().equals(job))
                        .findFirst()
                        .orElseThrow();
        return row.reads().stream().map(r -> r.words() + ": " + r.does()).toList() + " " + row.taught();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        trout | nose | movement: cross face to B gap | stunt (run): cross face to B gap
        eel   | tackle | game: loop to C gap, second | stunt (pass): loop to C gap, second
        """)
    void theWordForALineMovementIsASetting(String movement, String role, String separate, String one) {
        for (String choice : List.of("separate", "one")) {
            Library library = Snaps.LIBRARY.choosing(Map.of("movement-words", choice));
            var call = library.compose(CallAssembly.named("mine", "Mine", List.of("anvil", movement, "drizzle")));
            Lineup lineup = Lineup.of(call, library.formation("pro-i").snap(null, false, "hs m 50 1&10"));
            Sheet.JobRow row = new SheetMaker(library)
                    .of(lineup, Roster.EMPTY).jobs().stream()
                            .filter(j -> j.id().equals(role))
                            .findFirst()
                            .orElseThrow();
            assertThat(row.parts().get(Part.MOVE.ordinal()).shown()).isEqualTo(choice.equals("one") ? one : separate);
        }
    }

    /** The push to the flat: with it each of four receivers has a man, without it one route is given. */
    @Test
    void theZonePushChangesWhoHasARoute() {
        Snap snap = Snaps.LIBRARY.formation("trips-open").snap(null, false, "hs m 50 1&10");
        Pass snag = Snaps.LIBRARY.plays().passes().stream()
                .filter(p -> p.id().equals("snag-four"))
                .findFirst()
                .orElseThrow();
        assertThat(Distribution.of(Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), snap), snag, Side.RIGHT)
                        .orElseThrow()
                        .given())
                .isEmpty();
        Library spots = Snaps.LIBRARY.choosing(Map.of("zone-push", "spots"));
        assertThat(Distribution.of(Lineup.of(spots.call("anvil-drizzle"), snap), snag, Side.RIGHT)
                        .orElseThrow()
                        .given())
                .isPresent();
    }

    @Test
    void everySettingIsTestedHereAndAnUnknownChoiceIsRefused() {
        var tested = new TreeSet<>(List.of(
                "nose",
                "two-gap-ends",
                "tite-nose",
                "stack-ends",
                "backer-key",
                "middle-backer",
                "quarters",
                "quarters-corner",
                "trips-safety",
                "man-corner",
                "curl-flat-landmark",
                "hook-landmark",
                "hook-clamp",
                "technique-words",
                "line-flip",
                "flag-rush-line",
                "flag-rushers",
                "kick-out",
                "backside",
                "press",
                "deep-turn",
                "look-back",
                "movement-words",
                "flag-match-ups",
                "flag-age",
                "grade-score",
                "zone-push"));
        assertThat(new TreeSet<>(Snaps.LIBRARY.house().settings().stream()
                        .map(Setting::id)
                        .toList()))
                .isEqualTo(tested);
        assertThatThrownBy(() -> Snaps.LIBRARY.choosing(Map.of("nose", "round")))
                .hasMessageContaining("round")
                .hasMessageContaining("2i");
        assertThatThrownBy(() -> Snaps.LIBRARY.choosing(Map.of("nosy", "2i"))).hasMessageContaining("nosy");
    }
}
