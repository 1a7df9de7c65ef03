package mensch.core.sheet;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.GapLedger.Owned;
import mensch.core.lineup.Job;
import mensch.core.sheet.Sheet.GapRow;

/** Gaps with who has each, and their count in words. */
final class GapRows {
    private GapRows() {}

    static List<GapRow> of(GapLedger ledger) {
        return ledger.rows().stream().map(GapRows::row).toList();
    }

    private static GapRow row(GapLedger.Row row) {
        List<Job> having = row.owners().isEmpty() ? row.twoGappers() : row.owners();
        String labels = having.stream().map(j -> j.role().label()).collect(Collectors.joining("+"));
        return new GapRow(
                row.said(),
                String.valueOf(row.gap().letter()),
                row.gap().side(),
                Words.spot(row.at()),
                Words.ids(having),
                labels.isEmpty() ? Owned.OPEN.words() : labels,
                row.owned());
    }

    /** "5 of 7 owned once, 2 two-gapped". */
    static String count(List<GapRow> rows) {
        String others = Stream.of(Owned.TWO_GAPPED, Owned.TWICE, Owned.OPEN)
                .filter(owned -> number(rows, owned) > 0)
                .map(owned -> ", " + number(rows, owned) + " " + (owned == Owned.TWICE ? "owned twice" : owned.words()))
                .collect(Collectors.joining());
        return rows.isEmpty() ? "" : number(rows, Owned.ONCE) + " of " + rows.size() + " owned once" + others;
    }

    private static long number(List<GapRow> rows, Owned owned) {
        return rows.stream().filter(r -> r.owned() == owned).count();
    }
}
