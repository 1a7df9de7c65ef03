package mensch.core.simulation;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/**
 * A figure of the model stands in figures.yaml, where a programme can set it. What stands by name in the classes that
 * run a snap or read a key is no parameter: steps of a search, guards, and the tick itself (docs/model.md lists them).
 */
class NoHiddenFigureTest {
    private static final Path SOURCES = Path.of("src", "main", "java", "mensch", "core");
    private static final Pattern CONSTANT = Pattern.compile("static final (?:double|float|int) ([A-Z_]+) = ([^;]+);");
    private static final Set<String> NONE = Set.of("NOBODY", "NOT");
    private static final List<String> STEPS = List.of(
            "Air.LONGEST = 20",
            "Blockers.CORNER = 0.6",
            "Cast.STILL = 0.05",
            "Clock.TICK = 0.05",
            "Eyes.OVER = 2",
            "Fault.MOST = 40",
            "Fits.MEETINGS = 40",
            "Fits.REACHED = 0.6",
            "Ground.SLOW = 1.0",
            "Ground.THERE = 0.05",
            "Outcome.INTERVAL = 1.96",
            "Routes.CORNER = 0.6",
            "Routes.REHEARSES = 160",
            "Runner.STEP = 0.5",
            "Simulation.SAME = 0.05",
            "Snap.BODIES = 0.6",
            "Snap.LONGEST = 12",
            "Snap.ONE_SPOT = 1e-3",
            "Stage.LINE = 0.5",
            "Unfolding.TICK_SECONDS = Clock.TICK");

    @Test
    void onlyStepsOfTheComputationStandInTheClasses() throws IOException {
        var found = new TreeSet<String>();
        for (String folder : List.of("simulation", "reading")) {
            try (Stream<Path> files = Files.list(SOURCES.resolve(folder))) {
                for (Path file : files.toList()) {
                    Matcher constant = CONSTANT.matcher(Files.readString(file));
                    while (constant.find()) {
                        if (!NONE.contains(constant.group(1))) {
                            found.add(file.getFileName().toString().replace(".java", "") + "." + constant.group(1)
                                    + " = " + constant.group(2));
                        }
                    }
                }
            }
        }
        assertThat(found).containsExactlyElementsOf(STEPS);
    }
}
