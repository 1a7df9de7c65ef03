package mensch.core.lineup;

import mensch.core.event.Event;
import mensch.core.event.Whose;
import mensch.core.rung.Part;
import mensch.core.rung.ReadTable;

/**
 * What becomes of a man's job when something happens: one row of his answer key from the snap on.
 *
 * @param from the part whose rung gave it: his own run or pass job ("until"), or his read table; its reasons stand
 *     there
 * @param whose whose movement tells him; for what everybody sees, his key's
 * @param said how it is said to him; empty when only his own rung says it
 */
public record Reaction(Part from, Whose whose, Event on, String said, ReadTable.Reaction orders) {

    /** Nothing he is taught: his orders stand. */
    static Reaction notTaught(Event on) {
        return new Reaction(Part.READS, Whose.KEY, on, "", new ReadTable.Stands());
    }

    /** What everybody knows without being taught it: his run job stands. */
    public static Reaction stands(Event on) {
        return notTaught(on);
    }

    /** What everybody knows without being taught it: he goes over to his pass job. */
    public static Reaction passes(Event on) {
        return new Reaction(Part.READS, Whose.KEY, on, "", new ReadTable.GoesToPass());
    }

    /** Whether it is taught, and not only what stands for want of a row. */
    public boolean taught() {
        return from != Part.READS || !said.isEmpty();
    }
}
