package mensch.core.convention;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.text.DecimalFormat;
import java.text.DecimalFormatSymbols;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.audit.Audit;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.Yaml;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Figures are read by their names; what is missing, unknown or out of bounds is said, all of it at once. */
class FiguresTest {
    private static final String SIGHTS = """
            format: 1
            kind: figures
            id: sight-limits
            figures:
              body: {what: W, value: 0.4, unit: yd, least: 0, most: 2, source: ours}
              upright: {what: W, value: 1.5, unit: yd, least: 0, most: 6, source: ours}
              over: {what: W, value: 1.0, unit: yd, least: 0, most: 4, source: ours}
              told-apart: {what: W, value: 1.5, unit: yd, least: 0, most: 6, source: ours}
            """;

    private static SightLimits sights(String text) {
        return Figures.of(Yaml.read("test", text)).read(SightLimits.class);
    }

    @Test
    void theyBecomeTheRecordOfTheirGroupWhateverTheirOrder() {
        String last = SIGHTS.replaceAll("  body: .*\n", "") + "  body: {what: W, value: 0.5, unit: yd, source: ours}\n";
        assertThat(sights(SIGHTS)).isEqualTo(new SightLimits(0.4, 1.5, 1.0, 1.5));
        assertThat(sights(last)).isEqualTo(new SightLimits(0.5, 1.5, 1.0, 1.5));
    }

    @ParameterizedTest(name = "{2}")
    @CsvSource(delimiter = '|', textBlock = """
            value: 0.4, unit: yd | value: 3, unit: yd | body: is 3.0 yd; it lies between 0.0 and 2.0
            body: {what | bodies: {what | bodies: is no figure of this group
            upright: {what: W, value: 1.5, unit: yd, | upright: {what: W, value: 1.5, | upright: is missing; write {what, value, unit
            id: sight-limits | id: sights | sight-limits figures: are missing
            """)
    void whatIsWrongIsSaidWithItsPlace(String what, String instead, String said) {
        assertThatThrownBy(() -> sights(SIGHTS.replace(what, instead)))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining(said);
    }

    /** A figure changed in a document changes what is found. */
    @Test
    void aFigureReachesTheAudit() {
        Document shipped = Snaps.LIBRARY.kind("figures").stream()
                .filter(d -> d.id().equals("limits"))
                .findFirst()
                .orElseThrow();
        var figures = new LinkedHashMap<>(
                shipped.values().part("figures").orElseThrow().all());
        figures.put(
                "sentences-per-role",
                Map.of("what", "Much to know.", "value", 2, "unit", "sentences", "source", "ours"));
        Library strict = Snaps.LIBRARY.with(List.of(shipped.with("figures", figures)));
        var snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10");
        assertThat(found(strict, snap)).contains("load").isNotEqualTo(found(Snaps.LIBRARY, snap));
        assertThat(found(Snaps.LIBRARY, snap)).doesNotContain("load");
    }

    /** What a page shows is what was read: a house that draws its rush line elsewhere sees its own. */
    @Test
    void theyAreListedAsTheyAreInForce() {
        assertThat(rushLine(Convention.standard())).isEqualTo(7);
        House house =
                new House(Snaps.LIBRARY.house().settings(), new Chosen(Map.of("flag-rush-line", "five"), Map.of()));
        Convention five = Convention.of(house, Figures.shipped(), List.of());
        assertThat(rushLine(five)).isEqualTo(5).isEqualTo(five.limits().rushLine());
    }

    private static double rushLine(Convention convention) {
        return convention.figures().groups().stream()
                .filter(g -> g.id().equals("limits"))
                .flatMap(g -> g.figures().stream())
                .filter(f -> f.id().equals("rush-line"))
                .findFirst()
                .orElseThrow()
                .value();
    }

    /** One page lists them all. */
    @Test
    void thePageOfFiguresIsCurrent() throws IOException {
        var drawn = new StringBuilder("""
                # The figures of the model

                Every figure that the engine reads, from the documents of kind `figures` that ship. The application shows those in force under
                House, Figures.
                """);
        for (FigureGroup group : Figures.shipped().groups()) {
            drawn.append("\n## %s\n\n`%s`\n\n".formatted(group.name(), group.id()))
                    .append("| Figure | What it says | Value | Bounds | Source |\n|---|---|---|---|---|\n");
            for (Figure f : group.figures()) {
                drawn.append("| `%s` | %s | %s %s | %s to %s | %s |\n"
                        .formatted(
                                f.id(),
                                f.what(),
                                said(f.value()),
                                f.unit(),
                                said(f.least()),
                                said(f.most()),
                                f.source()));
            }
        }
        Path page = Path.of("..", "docs", "figures.md");
        if (Boolean.getBoolean("mensch.draw")) {
            Files.writeString(page, drawn);
        }
        assertThat(Files.readString(page))
                .as("run this test with -Dmensch.draw=true")
                .isEqualTo(drawn.toString());
    }

    private static String said(double value) {
        return new DecimalFormat("0.##", DecimalFormatSymbols.getInstance(Locale.ROOT)).format(value);
    }

    private static List<String> found(Library library, mensch.core.formation.Snap snap) {
        var subject = new mensch.core.audit.Subject(
                Lineup.of(library.call("anvil-drizzle"), snap), library.plays(), List.of());
        return Audit.of(subject).stream().map(f -> f.check().id()).toList();
    }
}
