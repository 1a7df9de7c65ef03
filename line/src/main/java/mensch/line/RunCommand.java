package mensch.line;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mensch.core.document.RefusedException;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.play.Run;
import mensch.core.simulation.Cause;
import mensch.core.simulation.Fault;
import mensch.core.simulation.Happening;
import mensch.core.simulation.Outcome;
import mensch.core.simulation.Simulation;
import mensch.core.simulation.Unfolding;
import tools.jackson.databind.json.JsonMapper;

/**
 * {@code run '<snap>' --call ID --play ID [--side left|right] [--seeds N] [--seed N] [--fault man:kind:amount ...]
 * [--json]}: what comes of a play over many seeds, and one snap of them with its events and its cause.
 */
public final class RunCommand {
    private static final String USAGE =
            "usage: mensch run '<snap in the one-line notation>' --call ID --play ID [--side left|right] [--seeds N] "
                    + "[--seed N] [--fault man:kind:amount ...] [--json]";
    private static final int SEEDS = 200;

    private final Map<String, String> words = new LinkedHashMap<>();
    private final List<Fault> faults = new ArrayList<>();
    private String snap;
    private boolean json;

    private RunCommand() {}

    public static void main(String[] args) {
        System.exit(run(args, System.out, System.err));
    }

    /** Exit code 0, or 2 with the reason when the words cannot be used. */
    static int run(String[] args, PrintStream out, PrintStream err) {
        try {
            var command = new RunCommand();
            command.read(List.of(args));
            command.print(out);
            return 0;
        } catch (RefusedException e) {
            err.println(e.getMessage());
            err.println(USAGE);
            return 2;
        }
    }

    private void read(List<String> args) {
        for (int i = 0; i < args.size(); i++) {
            String word = args.get(i);
            switch (word) {
                case "--json" -> json = true;
                case "--fault" -> faults.add(Fault.of(after(args, i++)));
                case "--call", "--play", "--side", "--seeds", "--seed" -> words.put(word, after(args, i++));
                default -> snap = word;
            }
        }
        if (snap == null) {
            throw new RefusedException("the snap is missing");
        }
    }

    private static String after(List<String> args, int i) {
        if (i + 1 == args.size()) {
            throw new RefusedException(args.get(i) + " needs a value");
        }
        return args.get(i + 1);
    }

    private String needed(String word) {
        String value = words.get(word);
        if (value == null) {
            throw new RefusedException(word + " is missing");
        }
        return value;
    }

    private int number(String word, int otherwise, int least) {
        String value = words.getOrDefault(word, String.valueOf(otherwise));
        try {
            int number = Integer.parseInt(value);
            if (number >= least) {
                return number;
            }
        } catch (NumberFormatException e) {
            // said below
        }
        throw new RefusedException(word + " " + value + " is no whole number from " + least + " on");
    }

    private Side side() {
        String side = words.getOrDefault("--side", "right");
        return switch (side) {
            case "left" -> Side.LEFT;
            case "right" -> Side.RIGHT;
            default -> throw new RefusedException("--side " + side + ": say left or right");
        };
    }

    private void print(PrintStream out) {
        Library library = Library.shipped();
        Snap set = Notation.snap(snap);
        Lineup lineup = Lineup.of(library.call(needed("--call")), set);
        String play = needed("--play");
        Run run = library.plays().runs().stream()
                .filter(r -> r.id().equals(play))
                .findFirst()
                .orElseThrow(() -> new RefusedException("there is no run \"" + play + "\"; there are "
                        + String.join(
                                ", ",
                                library.plays().runs().stream().map(Run::id).toList())));
        Simulation simulation = Simulation.of(lineup, run, side(), faults)
                .orElseThrow(() -> new RefusedException(
                        run.name() + " cannot be run from there: " + run.needs().words()));
        Outcome outcome = Outcome.of(simulation, number("--seeds", SEEDS, 1));
        Unfolding one = simulation.snap(number("--seed", 0, 0));
        Cause cause = simulation.cause(one);
        if (json) {
            out.println(JsonMapper.builder()
                    .build()
                    .writerWithDefaultPrettyPrinter()
                    .writeValueAsString(Map.of("outcome", outcome, "snap", one, "cause", cause)));
        } else {
            text(out, outcome, one, cause);
        }
    }

    private static void text(PrintStream out, Outcome outcome, Unfolding one, Cause cause) {
        int seeds = outcome.gains().size();
        out.printf(
                Locale.ROOT,
                "Model, %d seeds: mean %.1f yd, half of them between %.1f and %.1f, median %.1f.%n",
                seeds,
                outcome.mean(),
                outcome.quantile(0.25),
                outcome.quantile(0.75),
                outcome.quantile(0.5));
        out.printf(
                Locale.ROOT,
                "No gain %.0f %%, 1 to 3 yd %.0f %%, 4 to 9 yd %.0f %%, 10 or 11 yd %.0f %%, 12 yd and more %.0f %%. First down or "
                        + "score %.0f %%; the call holds in %.0f %%.%n",
                100 * outcome.stuffed(),
                100 * outcome.short1to3(),
                100 * outcome.middle4to9(),
                100 * outcome.long10to11(),
                100 * outcome.explosive(),
                100 * outcome.moves(),
                100 * outcome.holds());
        outcome.first().entrySet().stream()
                .limit(3)
                .forEach(e ->
                        out.printf(Locale.ROOT, "%s brings him down in %.0f %%.%n", e.getKey(), 100 * e.getValue()));
        out.printf(Locale.ROOT, "%nSeed %d%n", one.seed());
        for (Happening h : one.happenings()) {
            out.printf(
                    Locale.ROOT,
                    "  %4.2f s  %s %s%s%s (%.1f, %.1f)%n",
                    h.seconds(),
                    h.who(),
                    h.what().words(),
                    h.whom() == null ? "" : " " + h.whom(),
                    h.said().isEmpty() ? "" : ": " + h.said(),
                    h.place().x(),
                    h.place().y());
        }
        out.printf(
                Locale.ROOT,
                "  gain %.1f yd%n%nWhy: %s%n",
                one.gain(),
                cause.to().words());
        cause.links().forEach(link -> out.println("  " + link.said()));
    }
}
