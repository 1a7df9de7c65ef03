package mensch.core.convention;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
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
              body: {value: 0.4, unit: yd, least: 0, most: 2, source: ours}
              upright: {value: 1.5, unit: yd, least: 0, most: 6, source: ours}
              over: {value: 1.0, unit: yd, least: 0, most: 4, source: ours}
              told-apart: {value: 1.5, unit: yd, least: 0, most: 6, source: ours}
            """;

    private static SightLimits sights(String text) {
        return Figures.of(Yaml.read("test", text)).read(SightLimits.class);
    }

    @Test
    void theyBecomeTheRecordOfTheirGroupWhateverTheirOrder() {
        String turned =
                SIGHTS.replace("              body: {value: 0.4, unit: yd, least: 0, most: 2, source: ours}\n", "")
                                .replace("figures:\n", "figures:\n")
                        + "  body: {value: 0.5, unit: yd, source: ours}\n";
        assertThat(sights(SIGHTS)).isEqualTo(new SightLimits(0.4, 1.5, 1.0, 1.5));
        assertThat(sights(turned.replace("  body: {value: 0.4, unit: yd, least: 0, most: 2, source: ours}\n", "")))
                .isEqualTo(new SightLimits(0.5, 1.5, 1.0, 1.5));
    }

    @ParameterizedTest(name = "{2}")
    @CsvSource(delimiter = '|', textBlock = """
            value: 0.4, unit: yd | value: 3, unit: yd | body: is 3.0 yd; it lies between 0.0 and 2.0
            body: {value | bodies: {value | bodies: is no figure of this group
            upright: {value: 1.5, unit: yd, | upright: {value: 1.5, | upright: is missing; write {value, unit
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
        String yaml = "format: 1\nkind: figures\nid: limits\nfigures:\n"
                + shipped.values().part("figures").orElseThrow().all().entrySet().stream()
                        .map(e -> "  " + e.getKey() + ": "
                                + e.getValue().toString().replace("=", ": "))
                        .reduce("", (a, b) -> a + b + "\n");
        Library strict = Snaps.LIBRARY.with(Yaml.read(
                "test", yaml.replaceFirst("sentences-per-role: \\{value: \\d+", "sentences-per-role: {value: 2")));
        var snap = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10");
        assertThat(found(strict, snap)).contains("load").isNotEqualTo(found(Snaps.LIBRARY, snap));
        assertThat(found(Snaps.LIBRARY, snap)).doesNotContain("load");
    }

    private static List<String> found(Library library, mensch.core.formation.Snap snap) {
        var subject = new mensch.core.audit.Subject(
                Lineup.of(library.call("anvil-drizzle"), snap), library.plays(), List.of());
        return Audit.of(subject).stream().map(f -> f.check().id()).toList();
    }
}
