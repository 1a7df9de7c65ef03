package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.AreaLedger.Row;
import mensch.core.lineup.AreaLedger.Under;
import mensch.core.lineup.Lineup;

/** Underneath areas owned, landmarks that make sense. Asked only of calls that play zone. */
final class AreaCheck implements Check {
    private static final int AREAS_PER_SIDE = 3;
    /** Handbook 9, clamp rule: nearer than this at one level, two men drop to one landmark. */
    private static final double APART_YARDS = 4;
    /** <em>Model</em>, our own figure: less is a shuffle. */
    private static final double ACROSS_YARDS = 2;
    /** <em>Model</em>, our own figure until the clock of drops is built: from here on a sideways drop is told. */
    private static final double LONG_WAY_YARDS = 14;
    private static final double UNDER_DEPTH = 3.6;

    @Override public List<Finding> in(Lineup lineup) {
        AreaLedger ledger = AreaLedger.of(lineup);
        var findings = new ArrayList<Finding>();
        List<Row> under = ledger.rows().stream().filter(r -> !r.area().deep()).toList();
        if (under.isEmpty()) {
            return findings;
        }
        ledger.sides().forEach(side -> side(side, findings));
        for (int i = 0; i < under.size(); i++) {
            landmark(under.get(i), i + 1 < under.size() ? under.get(i + 1) : null, findings);
        }
        return findings;
    }

    private static void side(Under under, List<Finding> findings) {
        Side side = under.side();
        var where = new Point(side.sign() * 12 + 0.0, UNDER_DEPTH);
        if (!under.unowned().isEmpty()) {
            findings.add(new Finding(CheckId.AREAS, Severity.WEAK, where, under.men(), new Evidence.AreaUnowned(side, under.unowned(), under.men().size())));
        } else if (under.men().size() < AREAS_PER_SIDE) {
            findings.add(new Finding(CheckId.AREAS, Severity.NOTE, where, under.men(), new Evidence.SideShort(side, under.men())));
        }
    }

    private static void landmark(Row row, Row next, List<Finding> findings) {
        if (next != null && Math.abs(next.landmark().x() - row.landmark().x()) < APART_YARDS && next.landmark().y() == row.landmark().y()) {
            double apart = Math.abs(next.landmark().x() - row.landmark().x());
            findings.add(new Finding(CheckId.LANDMARKS, Severity.WEAK, row.landmark(), List.of(row.owner(), next.owner()), new Evidence.OneLandmark(row.owner(), next.owner(), apart)));
        }
        if (row.owner().feet() == null) {
            return;
        }
        double stands = row.owner().feet().x();
        double aims = row.landmark().x();
        if (stands * aims < 0 && Math.abs(aims - stands) >= ACROSS_YARDS) {
            findings.add(new Finding(CheckId.LANDMARKS, Severity.NOTE, row.landmark(), List.of(row.owner()), new Evidence.AcrossTheBall(row.owner(), Math.abs(aims - stands))));
        }
        if (Math.abs(aims - stands) > LONG_WAY_YARDS) {
            findings.add(new Finding(CheckId.LANDMARKS, Severity.NOTE, row.landmark(), List.of(row.owner()), new Evidence.LongWay(row.owner(), Math.abs(aims - stands))));
        }
    }
}
