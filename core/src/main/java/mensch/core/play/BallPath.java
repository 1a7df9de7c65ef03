package mensch.core.play;

import java.util.Locale;

/** A way the ball may go on an option; each needs an owner. */
public enum BallPath {
    DIVE,
    QUARTERBACK,
    PITCH;

    public String words() {
        return name().toLowerCase(Locale.ROOT);
    }
}
