package mensch.app.work;

/** Where work says how far it is, and hears that nobody wants it any more. */
public interface Progress {
    /**
     * Called often; written only when something changed.
     *
     * @param percent 0 to 100
     * @throws CancelledException when somebody took the work back
     */
    void at(int percent, String words);

    /** Somebody took the work back. */
    final class CancelledException extends RuntimeException {
        private static final long serialVersionUID = 1;
    }
}
