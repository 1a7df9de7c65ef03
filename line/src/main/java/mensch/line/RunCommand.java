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
import mensch.core.sheet.SnapRun;
import mensch.core.sheet.SnapRunMaker;
import mensch.core.simulation.Fault;
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
    private final List<String> faults = new ArrayList<>();
    private String snap;
    private boolean json;

    private RunCommand() {}

    public static void main(String[] args) {
        System.exit(run(args, System.out, System.err));
    }

    /** Exit code 0, or 2 with the reason when the words cannot be used. */
    static int run(String[] args, PrintStream out, PrintStream err) {
        var command = new RunCommand();
        Runnable answer = () -> {
            command.read(List.of(args));
            command.print(out);
        };
        return Typed.answered(answer, USAGE, err);
    }

    private void read(List<String> args) {
        for (int i = 0; i < args.size(); i++) {
            String word = args.get(i);
            switch (word) {
                case "--json" -> json = true;
                case "--fault" -> faults.add(Typed.after(args, i++));
                case "--call", "--play", "--side", "--seeds", "--seed" -> words.put(word, Typed.after(args, i++));
                default -> snap = word;
            }
        }
        if (snap == null) {
            throw new RefusedException("the snap is missing");
        }
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
        var maker = new SnapRunMaker(library.plays());
        if (!maker.ids().contains(play)) {
            throw new RefusedException(
                    "there is no run, pass or option \"" + play + "\"; there are " + String.join(", ", maker.ids()));
        }
        var routes = library.plays().routes();
        List<Fault> put = faults.stream().map(f -> Fault.of(f, routes)).toList();
        SnapRun sheet = maker.of(lineup, play, side(), put, number("--seeds", SEEDS, 1), seed())
                .orElseThrow(() -> new RefusedException(
                        play + " cannot be run from there to that side, or is a play of flag, which is not run yet"));
        if (json) {
            out.println(JsonMapper.builder()
                    .build()
                    .writerWithDefaultPrettyPrinter()
                    .writeValueAsString(sheet));
        } else {
            text(out, sheet);
        }
    }

    /** None for a typical snap. */
    private Long seed() {
        return words.containsKey("--seed") ? Long.valueOf(number("--seed", 0, 0)) : null;
    }

    private static void text(PrintStream out, SnapRun sheet) {
        out.println(sheet.name() + " " + sheet.side().words());
        out.println(sheet.said());
        sheet.outcome()
                .shares()
                .forEach(s -> out.printf(Locale.ROOT, "  %-15s %3.0f %%%n", s.words(), 100 * s.share()));
        if (sheet.without() != null) {
            out.println(sheet.without().said());
        }
        SnapRun.SnapRow snap = sheet.snap();
        out.printf(Locale.ROOT, "%nSeed %d: %.1f yd%n", snap.seed(), snap.gain());
        for (SnapRun.EventRow event : snap.events()) {
            out.printf(
                    Locale.ROOT,
                    "  %4.2f s  %s (%.1f, %.1f)%n",
                    event.tick() * snap.secondsPerTick(),
                    event.said(),
                    event.place().x(),
                    event.place().y());
        }
        out.printf("%nWhy: %s%n", snap.cause().blame());
        snap.cause().links().forEach(link -> out.println("  " + link.said()));
    }
}
