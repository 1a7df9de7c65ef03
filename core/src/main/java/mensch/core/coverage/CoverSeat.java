package mensch.core.coverage;

/** Places a coverage is written for. Strong = cover side, hooks = call side. */
public enum CoverSeat {
    RUSH("rush"), HOOK_STRONG("hook-strong"), HOOK_WEAK("hook-weak"), MIDDLE_HOOK("middle-hook"), OVERHANG_STRONG("overhang-strong"),
    OVERHANG_WEAK("overhang-weak"), CORNER("corner"), DEEP_STRONG("deep-strong"), DEEP_WEAK("deep-weak");

    private final String words;

    CoverSeat(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }
}
