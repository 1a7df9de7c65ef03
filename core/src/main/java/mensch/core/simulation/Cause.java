package mensch.core.simulation;

import java.util.List;

/**
 * Why the ball got as far as it did, from where it went through back to what made it so.
 *
 * @param links the nearest first
 * @param to what is to blame
 * @param man who is named, empty for the call
 */
public record Cause(List<Link> links, Blame to, String man) {
    /** Where a cause ends. */
    public enum Blame {
        /** Nobody was told to. */
        CALL("the call: nobody is told to"),
        /** He was told, nobody held him, and the ball was there before him. */
        GEOMETRY("the way: he did not get there in time"),
        /** He was on a block when the ball went by. */
        BLOCK("the block: it held him"),
        /** What he saw sent him elsewhere. */
        READ("what his key told him"),
        /** He was there and missed. */
        TACKLE("a missed tackle"),
        /** Another man was between him and his. */
        TRAFFIC("traffic: a man was in his way"),
        /** He was with his man, and the ball was caught. */
        BEATEN("a catch against a man who was there"),
        /** What was put in. */
        FAULT("the fault put in"),
        /** Nothing: the play was held. */
        HELD("held");

        private final String words;

        Blame(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /**
     * One step back.
     *
     * @param man whom it is about, empty for nobody
     * @param tick when, ticks of 0.05 s
     */
    public record Link(String man, int tick, String said) {}

    public Cause {
        links = List.copyOf(links);
    }
}
