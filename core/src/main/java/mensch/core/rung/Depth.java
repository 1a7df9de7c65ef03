package mensch.core.rung;

import mensch.core.document.RefusedException;

/** Yards behind the line on the defence's side: one depth, or a range that is itself the region. */
public record Depth(double min, double max) {
    public Depth {
        if (min < 0 || max < min) {
            throw new RefusedException("a depth runs from 0 up, shallow to deep: " + min + "-" + max);
        }
    }

    public static Depth of(double yards) {
        return new Depth(yards, yards);
    }

    public boolean range() {
        return max > min;
    }

    public double aim() {
        return (min + max) / 2;
    }

    Depth plus(double yards) {
        return new Depth(Math.max(0, min + yards), Math.max(0, max + yards));
    }

    public String words() {
        return range() ? Numbers.words(min) + "-" + Numbers.words(max) : Numbers.words(min);
    }
}
