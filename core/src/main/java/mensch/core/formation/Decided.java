package mensch.core.formation;

import mensch.core.geometry.Side;

/**
 * A side word resolved for one phase.
 *
 * @param by the fact that decided, in words
 * @param fellBack true when the word itself had no answer and the next word was asked
 */
public record Decided(Side side, String by, boolean fellBack) {
    Decided mirror() {
        return new Decided(side.opposite(), by, fellBack);
    }

    Decided asFallback(String reason) {
        return new Decided(side, reason + ", so " + by, true);
    }
}
