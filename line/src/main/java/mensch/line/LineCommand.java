package mensch.line;

import java.io.PrintStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mensch.core.call.Call;
import mensch.core.document.RefusedException;
import mensch.core.formation.Formation;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Roster;
import mensch.core.sheet.ChangeRow;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.SheetMaker;
import tools.jackson.databind.json.JsonMapper;

/** {@code line '<snap>' --call ID [--motion 'FL6/1.5' ... | --shift 'TE-4 SE-15/1.5 FL14' ...] [--json]}. */
public final class LineCommand {
    private static final String USAGE =
            "usage: mensch line '<snap in the one-line notation>' --call ID [--motion 'NAMEx/depth ...' ... | "
                    + "--shift 'NAMEx/depth ...' ...] [--json]";

    private String snap;
    private String call;
    private final List<String> motion = new ArrayList<>();
    private boolean shift;
    private boolean motions;
    private boolean json;

    private LineCommand() {}

    public static void main(String[] args) {
        System.exit(run(args, System.out, System.err));
    }

    /** Exit code 0, or 2 with the reason when the words cannot be used. */
    static int run(String[] args, PrintStream out, PrintStream err) {
        var command = new LineCommand();
        Runnable answer = () -> {
            command.read(List.of(args));
            command.print(out);
        };
        return Typed.answered(answer, USAGE, err);
    }

    private void read(List<String> args) {
        for (int i = 0; i < args.size(); i++) {
            switch (args.get(i)) {
                case "--call" -> call = Typed.after(args, i++);
                case "--motion" -> motions |= motion.add(Typed.after(args, i++));
                case "--shift" -> shift |= motion.add(Typed.after(args, i++));
                case "--json" -> json = true;
                default -> snap = args.get(i);
            }
        }
        if (shift && motions) {
            throw new RefusedException("a snap is shifted or has motion; give --motion or --shift, not both");
        }
        if (snap == null || call == null) {
            throw new RefusedException(
                    snap == null
                            ? "the snap is missing"
                            : "--call is missing; calls are "
                                    + String.join(
                                            ", ",
                                            Library.shipped().calls().stream()
                                                    .map(c -> c.ref().id())
                                                    .toList()));
        }
    }

    private void print(PrintStream out) {
        Library library = Library.shipped();
        Call chosen = library.call(call);
        Snap set = Notation.snap(snap);
        Snap last = set;
        for (String step : motion) {
            Formation next = Notation.step(last.formation(), step);
            last = last.then(next);
        }
        // after a shift all are set again, so that any number may have moved
        last = shift ? last.shifted() : last;
        Lineup lineup = Lineup.of(chosen, last);
        var maker = new SheetMaker(library);
        Sheet sheet = maker.of(lineup, Roster.EMPTY);
        List<ChangeRow> changes =
                motion.isEmpty() ? List.of() : maker.changes(Lineup.of(chosen, set), lineup, Roster.EMPTY);
        if (json) {
            out.println(JsonMapper.builder()
                    .build()
                    .writerWithDefaultPrettyPrinter()
                    .writeValueAsString(Map.of("call", chosen.ref(), "sheet", sheet, "changes", changes)));
        } else {
            new TextSheet(out).print(chosen, sheet, changes);
        }
    }
}
