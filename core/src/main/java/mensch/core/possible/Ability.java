package mensch.core.possible;

import mensch.core.rung.Gap;

/** Whether a man can do one thing that he is told, or what is in the way (handbook 3, a job must be possible). */
public sealed interface Ability {
    Can CAN = new Can();

    default boolean can() {
        return this instanceof Can;
    }

    /** He is there in time. */
    record Can() implements Ability {}

    /**
     * He is there, but after the ball.
     *
     * @param yards his way
     * @param seconds when he is there, after the snap
     * @param by when he had to be
     */
    record Late(double yards, double seconds, double by) implements Ability {
        /** By how much he is late, seconds. */
        public double over() {
            return seconds - by;
        }
    }

    /** On the line a man has the gaps beside his shade; this one is not. {@code in} is where he stands. */
    record AnotherGap(Gap in) implements Ability {}

    /** On the line, and so far outside the last gap that it is open inside him. */
    record Outside(double yards) implements Ability {}

    /** His move takes him to another place than his run job. {@code to} says where, in words. */
    record MovesElsewhere(String to) implements Ability {}

    /** A force man who stands so far inside the end man. */
    record InsideTheEdge(double yards) implements Ability {}

    /** A force man told a gap between blockers. */
    record NotAnEdge(Gap gap) implements Ability {}

    /**
     * A man beside the leverage he is asked for.
     *
     * @param yards how far
     * @param none too far to have anybody
     */
    record Beside(double yards, boolean none) implements Ability {}

    /** A man of the line on a receiver split out. */
    record Lineman() implements Ability {}
}
