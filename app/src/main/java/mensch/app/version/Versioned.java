package mensch.app.version;

/** What is answered with its version as ETag, to be sent back as If-Match with the next write. */
public interface Versioned {
    /** Counts up with every write. */
    long version();
}
