package mensch.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A snap in motion from core alone, on a terminal. */
class RunCommandTest {
    private static final String PRO_I = "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10";
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream err = new ByteArrayOutputStream();

    private int run(String... args) {
        return RunCommand.run(
                args,
                new PrintStream(out, true, StandardCharsets.UTF_8),
                new PrintStream(err, true, StandardCharsets.UTF_8));
    }

    private String said() {
        return out.toString(StandardCharsets.UTF_8);
    }

    @Test
    void printsOutcomeEventsAndCause() {
        assertThat(run(PRO_I, "--call", "anvil-drizzle", "--play", "power", "--seeds", "30"))
                .isZero();
        assertThat(said())
                .startsWith("Power right")
                .contains("Of 30 snaps (model)", "no gain", "TB has the ball from QB.", "Why: ", "The ball goes ");
    }

    @Test
    void theSameSeedPrintsTheSameBytesAndAFaultSaysWhatItCosts() {
        String[] asked = {
            PRO_I,
            "--call",
            "anvil-drizzle",
            "--play",
            "power",
            "--seed",
            "5",
            "--seeds",
            "200",
            "--fault",
            "end-call:false step:1.5"
        };
        assertThat(run(asked)).isZero();
        String first = said();
        out.reset();
        run(asked);
        assertThat(said()).isEqualTo(first).contains("Seed 5: ", "With it the offence gains");
    }

    @Test
    void aPassIsPrintedWithItsThrow() {
        assertThat(run(PRO_I, "--call", "anvil-drizzle", "--play", "post-cross", "--seeds", "30", "--seed", "0"))
                .isZero();
        assertThat(said())
                .startsWith("Post and deep over right")
                .contains("Of 30 snaps (model)", "sacked", "incomplete", "QB has shown the run and keeps the ball.");
    }

    @Test
    void printsTheSameAsJson() {
        assertThat(run(PRO_I, "--call", "anvil-drizzle", "--play", "iso", "--side", "left", "--seeds", "20", "--json"))
                .isZero();
        JsonNode json = JsonMapper.builder().build().readTree(said());
        assertThat(json.get("side").asString()).isEqualTo("LEFT");
        assertThat(json.at("/snap/tracks")).hasSize(22);
        assertThat(json.at("/outcome/seeds").asInt()).isEqualTo(20);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--call anvil-drizzle --play moonshot        | there is no run, pass or option \"moonshot\"; there are inside-zone",
                "--call anvil-drizzle --play snag-four       | snag-four cannot be run from there to that side",
                "--call anvil-drizzle --play power --side up | --side up: say left or right",
                "--call anvil-drizzle --play power --seeds 0 | --seeds 0 is no whole number from 1 on",
                "--call anvil-drizzle --play power --fault x | \"x\" is no fault; write man:kind:amount",
                "--call anvil-drizzle --play power --fault sam:late:2 | nobody is called \"sam\" here",
                "--call anvil-drizzle                        | --play is missing",
                "--call anvil-drizzle --play                 | --play needs a value",
            })
    void saysWhatIsWrongAndHowItIsWritten(String words, String said) {
        String[] rest = words.split(" ");
        String[] args = new String[rest.length + 1];
        args[0] = PRO_I;
        System.arraycopy(rest, 0, args, 1, rest.length);
        assertThat(run(args)).isEqualTo(2);
        assertThat(err.toString(StandardCharsets.UTF_8)).contains(said).contains("usage: mensch run");
    }
}
