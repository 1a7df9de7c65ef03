package mensch.core.sheet;

import java.util.List;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.play.Who;
import mensch.core.sheet.PlaySheet.OptionSheet;
import mensch.core.sheet.PlaySheet.PassSheet;
import mensch.core.sheet.PlaySheet.ProtectionRow;
import mensch.core.sheet.PlaySheet.RunSheet;
import mensch.core.sheet.PlaySheet.UnfitLine;
import org.jspecify.annotations.Nullable;

/**
 * One play at one line-up, to one side: one of run, pass, option and protection, or none of them.
 *
 * @param unfit why this formation cannot run it to a side
 * @param called by which names the play may speak of each man
 */
public record PlayTrial(
        @Nullable RunSheet run,
        @Nullable PassSheet pass,
        @Nullable OptionSheet option,
        @Nullable ProtectionRow protection,
        List<UnfitLine> unfit,
        List<Who.Called> called) {

    /** @param kind run, pass, option or protection */
    public static PlayTrial of(Library library, Lineup lineup, String kind, String id, Side side) {
        var sheets = new PlaySheetMaker(library.plays());
        return new PlayTrial(
                kind.equals("run") ? sheets.run(lineup, id, side).orElse(null) : null,
                kind.equals("pass") ? sheets.pass(lineup, id, side).orElse(null) : null,
                kind.equals("option") ? sheets.option(lineup, id, side).orElse(null) : null,
                kind.equals("protection") ? sheets.protection(lineup, id).orElse(null) : null,
                sheets.unfit(lineup, kind, id),
                Who.called(lineup.viewFrom(side), library.vocabulary()));
    }
}
