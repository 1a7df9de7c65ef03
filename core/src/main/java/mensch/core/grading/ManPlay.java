package mensch.core.grading;

/** A man on a play: what counts once, however many coaches graded it. */
public record ManPlay(long play, String man) {}
