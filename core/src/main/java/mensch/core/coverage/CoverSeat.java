package mensch.core.coverage;

/**
 * Places a coverage is written for. Strong = cover side, weak = away from it. An edge is the outermost rusher of his
 * side; the middle hook is the fourth rusher of a three-man line, or the man who drops for him.
 */
public enum CoverSeat {
    RUSH("rush"),
    EDGE("edge"),
    HOOK_STRONG("hook-strong"),
    HOOK_WEAK("hook-weak"),
    MIDDLE_HOOK("middle-hook"),
    OVERHANG_STRONG("overhang-strong"),
    OVERHANG_WEAK("overhang-weak"),
    CORNER("corner"),
    DEEP_STRONG("deep-strong"),
    DEEP_WEAK("deep-weak");

    private final String words;

    CoverSeat(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
