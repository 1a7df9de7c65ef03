package mensch.core.convention;

import mensch.core.field.Mark;

/** Which marks the underneath droppers aim at; a call, a test and a grade state the set in force. */
public enum LandmarkSet {
    /** Curl-flat midway between hash and numbers, hook two yards inside the hash. */
    MIDWAY("midway hash-numbers, two inside the hash", Mark.HASH_NUMBERS, 2),
    /** Curl-flat at the bottom of the numbers, hook on the hash. */
    NUMBERS("bottom of the numbers, the hash", Mark.BOTTOM_OF_NUMBERS, 0);

    private final String words;
    private final Mark curlFlat;
    private final double hookInsideHash;

    LandmarkSet(String words, Mark curlFlat, double hookInsideHash) {
        this.words = words;
        this.curlFlat = curlFlat;
        this.hookInsideHash = hookInsideHash;
    }

    public String words() {
        return words;
    }

    public Mark curlFlat() {
        return curlFlat;
    }

    /** Yards from the hash toward the middle. */
    public double hookInsideHash() {
        return hookInsideHash;
    }
}
