package mensch.core.sheet;

import java.util.List;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
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
 */
public record PlayTrial(
        @Nullable RunSheet run,
        @Nullable PassSheet pass,
        @Nullable OptionSheet option,
        @Nullable ProtectionRow protection,
        List<UnfitLine> unfit) {

    /** @param kind run, pass, option or protection */
    public static PlayTrial of(PlaySheetMaker sheets, Lineup lineup, String kind, String id, Side side) {
        List<UnfitLine> unfit = sheets.unfit(lineup, kind, id);
        return switch (kind) {
            case "run" -> new PlayTrial(sheets.run(lineup, id, side).orElse(null), null, null, null, unfit);
            case "pass" -> new PlayTrial(null, sheets.pass(lineup, id, side).orElse(null), null, null, unfit);
            case "option" ->
                new PlayTrial(null, null, sheets.option(lineup, id, side).orElse(null), null, unfit);
            case "protection" ->
                new PlayTrial(null, null, null, sheets.protection(lineup, id).orElse(null), unfit);
            default -> throw new IllegalArgumentException("a " + kind + " is run at nobody");
        };
    }
}
