package mensch.core.document;

import java.util.Objects;

/**
 * What somebody wrote, chose or sent cannot be used. The message is for him: it says what, where and how to mend it.
 * Every other exception of core is a fault of ours.
 */
public class RefusedException extends RuntimeException {
    private static final long serialVersionUID = 1;

    public RefusedException(String message) {
        super(message);
    }

    /** Never null: a refusal always says why. */
    @Override
    public String getMessage() {
        return Objects.requireNonNull(super.getMessage());
    }
}
