package mensch.line;

import java.io.PrintStream;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import mensch.core.call.Call;
import mensch.core.lineup.GapLedger.Owned;
import mensch.core.sheet.ChangeRow;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.Sheet.FindingRow;
import mensch.core.sheet.Sheet.JobRow;
import mensch.core.sheet.Sheet.PartRow;
import mensch.core.sheet.Sheet.Reason;

/** A sheet as text for a terminal. */
final class TextSheet {
    private final PrintStream out;

    TextSheet(PrintStream out) {
        this.out = out;
    }

    void print(Call call, Sheet sheet, List<ChangeRow> changes) {
        out.println(call.name() + " (" + call.ref().id() + ", revision "
                + call.ref().revision() + ", " + call.ref().digest().substring(0, 12) + ")");
        out.println(sheet.notation());
        sheet.facts().forEach(out::println);
        sheet.movedIn().forEach(out::println);
        sheet.jobs().forEach(this::job);
        out.println();
        out.println("Gaps  "
                + sheet.gaps().stream()
                        .map(g -> g.letter() + " " + String.join("+", g.owners())
                                + (g.owned() == Owned.ONCE
                                        ? ""
                                        : " (" + g.owned().words() + ")"))
                        .collect(Collectors.joining(" | ")));
        sheet.edges()
                .forEach(e -> out.println("Edge " + e.side().words() + "  force: " + String.join(", ", e.forces())));
        out.println("Count  " + sheet.box());
        out.println();
        out.println(sheet.findings().isEmpty() ? "No findings." : "Findings");
        for (FindingRow f : sheet.findings()) {
            out.printf(
                    Locale.ROOT,
                    "  %-11s %s %s [%s at %.1f x %.1f]%n",
                    f.severity().words(),
                    f.title(),
                    f.reason(),
                    f.check(),
                    f.where().x(),
                    f.where().y());
        }
        changes.forEach(c -> out.println("Change  " + c.job() + " " + c.part() + ": " + c.was() + " -> " + c.is()
                + " because " + String.join(", ", c.because())));
    }

    private void job(JobRow job) {
        out.println();
        out.printf(
                Locale.ROOT,
                "%s (%s, %s)%s%n",
                job.id(),
                job.label(),
                job.side().words(),
                job.feet() == null
                        ? ""
                        : String.format(
                                Locale.ROOT,
                                "  %.2f x %.2f",
                                job.feet().x(),
                                job.feet().y()));
        job.parts().forEach(this::part);
    }

    private void part(PartRow part) {
        out.printf(
                "  %-9s %-55s %s%n",
                part.part().words(),
                part.shown(),
                part.because().stream().map(TextSheet::reason).collect(Collectors.joining(" over ")));
    }

    private static String reason(Reason reason) {
        return reason.rung()
                + (reason.facts().isEmpty()
                        ? ""
                        : " ("
                                + reason.facts().stream()
                                        .map(f -> f.fact() + ": " + f.answer().words())
                                        .collect(Collectors.joining(", "))
                                + ")");
    }
}
