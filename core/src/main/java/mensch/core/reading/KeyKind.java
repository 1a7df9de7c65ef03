package mensch.core.reading;

/** What sort of man a key is; it decides what his movement can tell. */
public enum KeyKind {
    /** The five, and an end attached to them. */
    LINE,
    BACK,
    QUARTERBACK,
    /** Split out, or on the wing. */
    RECEIVER,
    BALL
}
