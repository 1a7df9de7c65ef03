package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The figures of a snap that no programme sets stand on a page of their own, each with what it says. */
class SmallFiguresTest {
    private static final Path SOURCES = Path.of("src", "main", "java", "mensch", "core");
    private static final Path PAGE = Path.of("..", "docs", "small-figures.md");
    private static final Pattern CONSTANT = Pattern.compile(
            "(?:/\\*\\*((?:(?!\\*/).)*)\\*/\\s*)?(?:private )?static final (?:double|int) ([A-Z_]+) = ([^;]+);",
            Pattern.DOTALL);
    /** No figures of the model: nobody, and what only keeps a computation from dividing by nothing. */
    private static final List<String> NONE = List.of("NOBODY", "NOT", "ONE_SPOT", "TICK_SECONDS");

    private record Figure(String where, String name, String value, String what) {
        String row() {
            return "| " + where + " | `" + name + "` | " + value + " | " + what + " |";
        }
    }

    @Test
    void thePageListsThemAll() throws IOException {
        List<Figure> figures = figures();
        assertThat(figures)
                .hasSizeGreaterThan(80)
                .allSatisfy(
                        f -> assertThat(f.what()).as(f.where() + "." + f.name()).isNotBlank());
        String page = page(figures);
        if (Boolean.getBoolean("mensch.draw")) {
            Files.writeString(PAGE, page);
        }
        assertThat(Files.readString(PAGE))
                .as("run this test with -Dmensch.draw=true")
                .isEqualTo(page);
    }

    private static String page(List<Figure> figures) {
        var page = new StringBuilder("""
                # The small figures of a snap

                Beside the figures a programme can set ([figures.md](figures.md)) these stand by name in the classes \
                that run a snap or read a key: how near is near, how sharp a turn is a
                turn, when one has gone by. They are ours. Their units stand with them; \
                a speed is in yards a second. `SmallFiguresTest` redraws this page with `-Dmensch.draw=true`.

                | class | name | value | what it says |
                |---|---|---|---|
                """);
        figures.forEach(f -> page.append(f.row()).append('\n'));
        return page.toString();
    }

    private static List<Figure> figures() throws IOException {
        var figures = new ArrayList<Figure>();
        for (String folder : List.of("simulation", "reading")) {
            try (Stream<Path> files = Files.list(SOURCES.resolve(folder))) {
                for (Path file : files.sorted().toList()) {
                    figures.addAll(in(file));
                }
            }
        }
        return figures;
    }

    /** A figure without words of its own belongs to the one before it. */
    private static List<Figure> in(Path file) throws IOException {
        var figures = new ArrayList<Figure>();
        String before = "";
        Matcher constant = CONSTANT.matcher(Files.readString(file));
        while (constant.find()) {
            String said = constant.group(1);
            before = said == null
                    ? before
                    : said.replaceAll("\\s*\\n\\s*\\*\\s*", " ").strip();
            if (!NONE.contains(constant.group(2))) {
                figures.add(new Figure(
                        file.getFileName().toString().replace(".java", ""),
                        constant.group(2),
                        constant.group(3),
                        before));
            }
        }
        return figures;
    }
}
