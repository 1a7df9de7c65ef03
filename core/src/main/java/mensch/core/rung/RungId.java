package mensch.core.rung;

/**
 * A rung's name: document, seat, rung. The same string in test, API, screen and grade: {@code drizzle/deep-weak/slot}.
 */
public record RungId(String document, String seat, String name) {
    public String words() {
        return document + "/" + seat + "/" + name;
    }

    @Override
    public String toString() {
        return words();
    }
}
