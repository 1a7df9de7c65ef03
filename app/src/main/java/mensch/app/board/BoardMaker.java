package mensch.app.board;

import java.security.Principal;
import java.util.ArrayList;
import java.util.List;
import mensch.app.playbook.Playbook;
import mensch.app.roster.RosterBook;
import mensch.core.call.Call;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.formation.Snap;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Roster;
import mensch.core.sheet.ChangeRow;
import mensch.core.sheet.Sheet;
import mensch.core.sheet.SheetMaker;
import org.springframework.stereotype.Service;

/** Writes down line-ups with the men somebody may see, as the library in force teaches them. */
@Service
class BoardMaker {

    /** The painted field round the ball, play frame yards. */
    record FieldRow(
            String code,
            double leftSideline,
            double rightSideline,
            double leftHash,
            double rightHash,
            double numbersBottom,
            double numbersTop,
            int toGoal,
            double endLine,
            int distance,
            boolean painted) {}

    /** Every phase from set to snap, and what changed between the first and the last. */
    record Board(
            String call,
            String callName,
            int revision,
            String digest,
            FieldRow field,
            List<Sheet> phases,
            List<ChangeRow> changes) {}

    private final Playbook playbook;
    private final RosterBook rosters;

    BoardMaker(Playbook playbook, RosterBook rosters) {
        this.playbook = playbook;
        this.rosters = rosters;
    }

    /** A call against a snap, phase by phase. */
    Board board(Call call, Snap snap, Principal by) {
        var lineups = new ArrayList<Lineup>();
        for (int phase = 1; phase <= snap.phases().size(); phase++) {
            lineups.add(Lineup.of(call, snap.with(snap.phases().subList(0, phase))));
        }
        Roster roster = rosters.seenBy(by);
        var sheets = new SheetMaker(playbook.library());
        var changes = snap.moved()
                ? sheets.changes(lineups.get(0), lineups.get(lineups.size() - 1), roster)
                : List.<ChangeRow>of();
        return new Board(
                call.ref().id(),
                call.name(),
                call.ref().revision(),
                call.ref().digest(),
                field(snap),
                lineups.stream().map(l -> sheets.of(l, roster)).toList(),
                changes);
    }

    Sheet sheet(Lineup lineup, Principal by) {
        return new SheetMaker(playbook.library()).of(lineup, rosters.seenBy(by));
    }

    static FieldRow field(Snap snap) {
        Field field = snap.field();
        Code code = field.code();
        return new FieldRow(
                code.id(),
                field.sidelineX(Side.LEFT),
                field.sidelineX(Side.RIGHT),
                field.fromSideline(Side.LEFT, code.hashYards()),
                field.fromSideline(Side.RIGHT, code.hashYards()),
                code.numbersBottomYards(),
                code.numbersTopYards(),
                field.ball().yardsToGoal(),
                field.endLineDepth(),
                snap.situation().distance(),
                !code.flag());
    }
}
