package mensch.app.game;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mensch.app.board.SnapWords;
import mensch.app.bounds.Bounds;
import mensch.core.document.Worded;
import mensch.core.geometry.Side;
import mensch.core.report.TheirUnit;
import mensch.core.report.Together;
import org.jspecify.annotations.Nullable;

/**
 * What the staff wrote down of a play; all that is not known is null.
 *
 * @param snap how they lined up in the end, and where the ball lay
 * @param call what the defence was told
 * @param revision of the call; null is the newest, 0 the catalogue's
 * @param quarter 1 to 4, 5 and on in extra time
 * @param drive which of theirs
 * @param lead our points less theirs before the play
 * @param theirPlay id of the play they ran
 * @param theirSide to which side it went, the offence's left or right
 * @param gain yards, lost ones below 0
 * @param together what our eleven did as one
 */
public record PlayLog(
        @Valid @NotNull SnapWords snap,
        @NotBlank @Size(max = Bounds.NAME) String call,
        @Nullable @Min(0) Integer revision,
        @Nullable @Min(1) @Max(9) Integer quarter,
        @Nullable @Min(1) @Max(99) Integer drive,
        @Nullable @Min(-199) @Max(199) Integer lead,
        @Nullable @Size(max = Bounds.NAME) String theirPlay,
        @Nullable Side theirSide,
        @Nullable @Min(-99) @Max(99) Integer gain,
        @Nullable Result result,
        @Nullable TheirUnit unit,
        @Nullable @Valid TogetherWords together) {

    /** How a play ended. */
    public enum Result implements Worded {
        TACKLED,
        OUT_OF_BOUNDS,
        COMPLETE,
        INCOMPLETE,
        SACKED,
        INTERCEPTED,
        FUMBLE_LOST,
        SCORED,
        PENALTY;

        /** Only a pass ends so. */
        public boolean afterPass() {
            return this == COMPLETE || this == INCOMPLETE || this == SACKED || this == INTERCEPTED;
        }
    }

    /** @param hats defenders at the ball when the play ended */
    public record TogetherWords(
            Together.@Nullable Check check,
            Together.@Nullable Strength strength,
            @Nullable Boolean allSet,
            @Nullable @Min(0) @Max(11) Integer hats) {
        public Together together() {
            return new Together(check, strength, allSet, hats);
        }
    }

    /** Line-up and call, and nothing else known yet. */
    public static PlayLog of(SnapWords snap, String call, @Nullable Integer revision) {
        return new PlayLog(snap, call, revision, null, null, null, null, null, null, null, null, null);
    }

    /** The same of another snap. */
    public PlayLog against(SnapWords other) {
        return new PlayLog(
                other, call, revision, quarter, drive, lead, theirPlay, theirSide, gain, result, unit, together);
    }

    /** The same line-up and ball spot, call and down: what two films of one play agree on. */
    public boolean sameAs(PlayLog other) {
        return snap.equals(other.snap) && call.equals(other.call);
    }
}
