package mensch.core.convention;

import mensch.core.field.Mark;

/**
 * Which marks the underneath droppers aim at; a call, a test and a grade state the set in force.
 *
 * @param curlFlat the mark of the curl-flat dropper
 * @param hookInsideHash yards from the hash toward the middle for a hook dropper
 * @param clamped whether a hook landmark may not lie beyond the ball
 */
public record LandmarkSet(Mark curlFlat, double hookInsideHash, boolean clamped) {

    /** Curl-flat midway between hash and numbers, hook two yards inside the hash. */
    public static final LandmarkSet MIDWAY = new LandmarkSet(Mark.HASH_NUMBERS, 2, true);

    static LandmarkSet of(House house) {
        Mark curlFlat = house.teaches(School.CURL_FLAT_AT_NUMBERS) ? Mark.BOTTOM_OF_NUMBERS : Mark.HASH_NUMBERS;
        double inside = house.teaches(School.HOOK_ON_THE_HASH) ? 0 : MIDWAY.hookInsideHash();
        return new LandmarkSet(curlFlat, inside, !house.teaches(School.HOOK_BEYOND_THE_BALL));
    }

    /** The set in words, for exports and pages. */
    public String words() {
        String hook = hookInsideHash == 0 ? "on the hash" : hookInsideHash + " yd inside the hash";
        return "curl-flat at " + (curlFlat == Mark.HASH_NUMBERS ? "midway hash-numbers" : curlFlat.words()) + ", hook "
                + hook + (clamped ? ", never beyond the ball" : "");
    }
}
