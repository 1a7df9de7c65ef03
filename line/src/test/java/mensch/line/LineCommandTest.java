package mensch.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

class LineCommandTest {
    private static final String PRO_I = "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10";
    private static final String AGAINST_THE_RULES = "in motion at the snap";
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private int run(String... args) {
        return LineCommand.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    @Test
    void printsJobsWithReasonsAndFindings() {
        assertThat(run(PRO_I, "--call", "anvil-drizzle")).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8))
                .contains(
                        "end-call (E, right)  3.60 x 1.00",
                        "anvil/end-call/tight (tight end right: yes)",
                        "D nickel",
                        "8 with the force men");
    }

    @Test
    void printsJsonAndWhatMotionChanged() {
        assertThat(run(PRO_I, "--call", "anvil-drizzle", "--motion", "TE-4 SE-15/1.5 FL14", "--json"))
                .isZero();
        JsonNode json = JsonMapper.builder().build().readTree(out.toString(StandardCharsets.UTF_8));
        assertThat(json.at("/sheet/jobs")).hasSize(11);
        assertThat(json.at("/changes").toString())
                .contains("Your run job is D left, force now.")
                .contains("tight end left: yes");
    }

    /** A10: what the README shows runs, and is football: nothing the rules have against it is told. */
    @Test
    void examplesOfTheReadmeAreLegal() throws IOException {
        List<String> examples = Files.readAllLines(Path.of("../README.md")).stream()
                .map(String::strip)
                .filter(l -> l.startsWith("./mensch line '") && !l.contains("<"))
                .toList();
        assertThat(examples).isNotEmpty();
        for (String example : examples) {
            out.reset();
            assertThat(run(words(example.substring("./mensch line ".length()))))
                    .as(example)
                    .isZero();
            assertThat(out.toString(StandardCharsets.UTF_8)).as(example).doesNotContain(AGAINST_THE_RULES);
        }
    }

    @Test
    void threeMenInMotionAreToldAndAShiftIsNone() {
        String trade = "TE-4 SE-15/1.5 FL14";
        assertThat(run(PRO_I, "--call", "anvil-drizzle", "--motion", trade)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).contains(AGAINST_THE_RULES);
        out.reset();
        assertThat(run(PRO_I, "--call", "anvil-drizzle", "--shift", trade)).isZero();
        assertThat(out.toString(StandardCharsets.UTF_8)).doesNotContain(AGAINST_THE_RULES);
        assertThat(run(PRO_I, "--call", "anvil-drizzle", "--shift", trade, "--motion", "FL9"))
                .isEqualTo(2);
    }

    /** Words of a shell line; quotes hold some together. */
    private static String[] words(String line) {
        return Pattern.compile("'([^']*)'|(\\S+)")
                .matcher(line)
                .results()
                .map(m -> m.group(1) == null ? m.group(2) : m.group(1))
                .toArray(String[]::new);
    }

    @Test
    void saysWhatIsWrongAndHowToWriteIt() {
        assertThat(run("ol2 banana", "--call", "anvil-drizzle")).isEqualTo(2);
        assertThat(run(PRO_I, "--call", "nothing")).isEqualTo(2);
        assertThat(run(PRO_I)).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8))
                .contains("banana", "anvil-drizzle, anvil-fog", "--call is missing", "usage:");
    }
}
