package mensch.core.library;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.CallAssembly;
import mensch.core.call.CallDocument;
import mensch.core.call.CallReader;
import mensch.core.call.Layer;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.Yaml;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Given;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Roster;
import mensch.core.rung.Part;
import mensch.core.rung.RungId;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.SheetMaker;
import org.junit.jupiter.api.Test;

/** The library is data: adding to it changes no Java. And the documents themselves. */
class AddedDataTest {
    private static Library added() throws IOException {
        try (var in = AddedDataTest.class.getResourceAsStream("/library/added.yaml")) {
            return Snaps.LIBRARY.with(Yaml.read("added.yaml", new String(in.readAllBytes(), StandardCharsets.UTF_8)));
        }
    }

    @Test
    void aFormationACoverageAndACallFromFilesGiveExplainedJobs() throws IOException {
        Library library = added();
        Call call = library.call("anvil-hail");
        Lineup lineup =
                Lineup.of(call, Notation.place(library.formation("wing-tight").formation(), "hs m 50 1&10"));
        assertThat(lineup.job("nickel").before().align().chain())
                .extracting(w -> w.rung().words())
                .containsExactly("hail/overhang-strong/wing");
        assertThat(lineup.job("nickel").feet().x()).isEqualTo(6.4);
        assertThat(GapLedger.of(lineup).rows()).extracting(r -> r.gap().words()).contains("E gap right");
        assertThat(lineup.job("weak").after().pass().orNull().words())
                .as("no #2 weak, so else")
                .isEqualTo("hole");
        Sheet sheet = new SheetMaker(library).of(lineup, Roster.EMPTY);
        assertThat(sheet.jobs())
                .allSatisfy(j -> assertThat(j.parts())
                        .hasSize(9)
                        .allSatisfy(p -> assertThat(p.because()).isNotEmpty()));
        assertThat(sheet.eligibles())
                .filteredOn(e -> e.man().equals("Z"))
                .singleElement()
                .satisfies(e -> assertThat(e.byMan()).containsExactly("corner-right"));
    }

    @Test
    void theOldCoveragesCarryTheNewFormation() throws IOException {
        Snap snap = Notation.place(added().formation("wing-tight").formation(), "col l 30 2&5");
        for (Call call :
                added().calls().stream().filter(c -> c.front().players() == 11).toList()) {
            assertThat(Lineup.of(call, snap).jobs()).hasSize(11).allMatch(j -> j.feet() != null);
        }
    }

    /**
     * Whatever a front says it carries lines up against every formation, and a front from a new file gets its coverages
     * without a word in a coverage file.
     */
    @Test
    void everyFrontResolvesWithEveryCoverageThatItSaysItCarriesAndANewOneToo() {
        var body = new LinkedHashMap<>(
                Snaps.LIBRARY.find("front", "anvil").orElseThrow().body());
        body.put("id", "novel");
        body.put("name", "Novel");
        Library library = Snaps.LIBRARY.with(List.of(Document.of(body)));
        int pairs = 0;
        for (Document front : library.kind("front")) {
            for (Object coverage : front.body().get("carries") instanceof List<?> list ? list : List.of()) {
                Call call = library.compose(
                        CallAssembly.named("paired", "Paired", List.of(front.id(), String.valueOf(coverage))));
                for (var formation : library.formationsFor(call)) {
                    String spot = call.front().players() == 11
                            ? "hs m 40 1&10"
                            : "flag" + call.front().players() + " m 30 1&10";
                    Lineup lineup = Lineup.of(call, formation.snap(null, false, spot));
                    assertThat(lineup.jobs())
                            .as("%s %s %s", front.id(), coverage, formation.id())
                            .hasSize(call.front().players())
                            .allMatch(j -> j.feet() != null);
                    for (Part part : Part.values()) {
                        assertThat(lineup.jobs())
                                .as("%s %s %s %s", front.id(), coverage, formation.id(), part)
                                .noneMatch(j -> j.part(part) instanceof Given.Undefined
                                        || j.part(part) instanceof Given.Undecided);
                    }
                }
                pairs++;
            }
        }
        assertThat(pairs).isGreaterThan(70);
        assertThat(library.kind("front").stream()
                        .filter(f -> f.id().equals("novel"))
                        .findFirst()
                        .orElseThrow()
                        .body()
                        .get("carries"))
                .isEqualTo(Snaps.LIBRARY
                        .find("front", "anvil")
                        .orElseThrow()
                        .body()
                        .get("carries"));
    }

    /**
     * A ladder is short enough to teach, and no rung of a front, coverage, movement or pressure asks for a formation by
     * its id.
     */
    @Test
    void laddersAreShortAndNameNoFormation() {
        var ids = Snaps.LIBRARY.formations().stream().map(f -> f.id()).toList();
        int longest = 0;
        for (Call call : Snaps.LIBRARY.calls()) {
            for (Layer layer : call.layers()) {
                longest = Math.max(
                        longest,
                        layer.ladders().values().stream()
                                .mapToInt(l -> l.rungs().size())
                                .max()
                                .orElse(0));
                layer.ladders()
                        .values()
                        .forEach(l -> l.rungs()
                                .forEach(r -> assertThat(ids)
                                        .noneMatch(id ->
                                                id.contains("-") && r.words().contains(id))));
            }
        }
        assertThat(longest).isLessThanOrEqualTo(11);
    }

    @Test
    void aDigestDoesNotDependOnTheOrderOfKeys() {
        var body = Snaps.LIBRARY.call("anvil-fog").document().body();
        var turned = new LinkedHashMap<String, Object>();
        body.keySet().stream().sorted(Comparator.reverseOrder()).forEach(k -> turned.put(k, body.get(k)));
        assertThat(turned.keySet()).isNotEqualTo(body.keySet().stream().toList());
        assertThat(Document.of(turned).digest()).isEqualTo(Document.of(body).digest());
        turned.put("name", "Other");
        assertThat(Document.of(turned).digest()).isNotEqualTo(Document.of(body).digest());
    }

    @Test
    void aSentenceReplacedInsideACallChangesThatCallOnly() {
        Call call = Snaps.LIBRARY.call("anvil-fog");
        CallDocument edited = call.written()
                .put(
                        new RungId("anvil", "will", "base"),
                        "align gap B @ 5; key near back then guard; reads backer; run B gap; technique backer-block");
        Snap snap = Notation.snap("ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7");
        assertThat(Lineup.of(CallReader.read(edited, 1, Snaps.LIBRARY.vocabulary()), snap)
                        .job("will")
                        .feet()
                        .y())
                .isEqualTo(5);
        assertThat(Lineup.of(call, snap).job("will").feet().y()).isEqualTo(4.5);
        assertThatThrownBy(() -> call.written().put(new RungId("no-such", "will", "base"), "run A gap"))
                .hasMessageContaining("no document of this call");
    }

    @Test
    void everyFaultOfACallIsToldAtOnce() {
        CallDocument broken = Snaps.LIBRARY
                .call("anvil-fog")
                .written()
                .put(new RungId("anvil", "will", "base"), "align gap Q @ 5")
                .put(new RungId("fog", "deep-strong", "base"), "pass deep hal")
                .put(new RungId("anvil-fog", "sam", "new"), "run A gap");
        DocumentException fault = catchThrowableOfType(
                DocumentException.class, () -> CallReader.read(broken, 1, Snaps.LIBRARY.vocabulary()));
        assertThat(fault.problems())
                .extracting(DocumentException.Problem::where)
                .contains("will/base", "deep-strong/base", "rungs/sam");
        assertThat(fault.problems().get(0).at()).isEqualTo(10);
    }

    @Test
    void aSeatThatTheFrontDoesNotFillIsRefused() {
        Map<String, Object> coverage = Map.of(
                "format",
                1,
                "kind",
                "coverage",
                "id",
                "odd",
                "cover side",
                "field",
                "seats",
                Map.of("middle-hook", List.of(Map.of("base", "pass hook"))));
        Map<String, Object> call =
                Map.of("format", 1, "kind", "call", "id", "anvil-odd", "layers", List.of("anvil", "odd"));
        assertThatThrownBy(() -> Snaps.LIBRARY.with(List.of(Document.of(coverage), Document.of(call))))
                .hasMessageContaining("seat unfilled")
                .hasMessageContaining("middle-hook");
    }

    /** A front with a coverage it carries is a call; families stand for their formations, exceptions of both hold. */
    @Test
    void whatAFrontCarriesIsACallForWhatBothAreMeantFor() {
        Call call = Snaps.LIBRARY.call("chisel-sleet");
        assertThat(call.name()).isEqualTo("Chisel Sleet");
        assertThat(call.meantFor()).contains("pro-i", "doubles-gun").doesNotContain("power-i", "double-wing", "quads");
        assertThat(Snaps.LIBRARY.call("shim-squall").motion())
                .as("a coverage checks to another of the same front")
                .anySatisfy(m -> assertThat(m.words()).contains("check shim-drizzle"));
        assertThat(Snaps.LIBRARY.calls().stream().filter(c -> c.ref().id().equals("anvil-thunder")))
                .as("one that is written is not made again")
                .singleElement()
                .satisfies(c -> assertThat(c.name()).isEqualTo("Anvil Kestrel"));
        assertThat(Snaps.LIBRARY.formations())
                .allSatisfy(f -> assertThat(Snaps.LIBRARY.calls())
                        .as("a call for " + f.name())
                        .anyMatch(c -> c.meantFor().contains(f.id())));
    }

    /** What may be written short in the catalogue may be written short by a programme: the same call comes of it. */
    @Test
    void aCoverageLikeAnotherAndFamiliesAreReadInDocumentsOfAProgrammeToo() {
        Library own = Snaps.LIBRARY.with(Yaml.read("own.yaml", """
                format: 1
                kind: coverage
                id: chinook
                name: Chinook
                cover side: pass strength
                deep: middle
                like: gust
                concedes: [run]
                seats:
                  deep-weak:
                    - base: "align landmark hash @ 9; key quarterback; reads safety; run alley; pass hole; technique safety-space"
                  deep-strong:
                    - base: "align landmark middle @ 12; key ball then #2; reads safety; run alley; pass deep middle third; technique safety-space"
                """));
        Call call = own.compose(
                CallAssembly.named("ours", "Ours", List.of("anvil", "chinook")).with("for", List.of("three by one")));
        assertThat(call.meantFor()).contains("trips-open", "trips-nub").doesNotContain("three by one", "pro-i");
        Lineup lineup = Lineup.of(call, Snaps.LIBRARY.formation("doubles-gun").snap(null, false, "hs m 50 1&10"));
        assertThat(lineup.job("nickel").after().pass().orNull().words())
                .as("of gust")
                .isEqualTo("man #2");
        assertThat(lineup.job("weak").after().pass().orNull().words())
                .as("its own")
                .isEqualTo("hole");
        assertThat(own.calls())
                .as("no call nobody asked for")
                .noneMatch(c -> c.ref().id().contains("chinook"));
        assertThatThrownBy(() -> Snaps.LIBRARY.with(Yaml.read("own.yaml", """
                format: 1
                kind: coverage
                id: chinook
                cover side: pass strength
                like: nothing
                seats: {}
                """)))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("\"nothing\" is no coverage");
    }
}
