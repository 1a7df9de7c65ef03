package mensch.core.sheet;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.sheet.Sheet.GapRow;

/** Gaps with who has each, and their count in words. A two-gapped gap has somebody: it is never said to be open. */
final class GapRows {
    private static final String OWNED = "owned";
    private static final String DOUBLE = "double";
    private static final String TWO_GAPPED = "two-gapped";
    private static final String OPEN = "open";

    private GapRows() {}

    static List<GapRow> of(GapLedger ledger) {
        return ledger.rows().stream().map(GapRows::row).toList();
    }

    private static GapRow row(GapLedger.Row row) {
        List<Job> having = row.owners().isEmpty() ? row.twoGappers() : row.owners();
        String labels = having.stream().map(j -> j.role().label()).collect(Collectors.joining("+"));
        return new GapRow(
                row.gap().words(),
                String.valueOf(row.gap().letter()),
                row.gap().side().word(),
                Words.spot(row.at()),
                Words.ids(having),
                labels.isEmpty() ? OPEN : labels,
                state(row));
    }

    private static String state(GapLedger.Row row) {
        if (row.owners().isEmpty()) {
            return row.twoGappers().isEmpty() ? OPEN : TWO_GAPPED;
        }
        return row.owners().size() == 1 ? OWNED : DOUBLE;
    }

    static String count(List<GapRow> rows) {
        String others = Stream.of(TWO_GAPPED, DOUBLE, OPEN)
                .filter(state -> number(rows, state) > 0)
                .map(state -> ", " + number(rows, state) + " " + (state.equals(DOUBLE) ? "owned twice" : state))
                .collect(Collectors.joining());
        return rows.isEmpty() ? "" : number(rows, OWNED) + " of " + rows.size() + " owned once" + others;
    }

    private static long number(List<GapRow> rows, String state) {
        return rows.stream().filter(r -> r.state().equals(state)).count();
    }
}
