package mensch.core.document;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;

/** What ships with the code, as text: the one place of core that reads anything from outside. */
public final class Shipped {
    private Shipped() {}

    /** @param file its path on the class path, as in {@code /library/index.txt} */
    public static String text(String file) {
        try (InputStream in = Shipped.class.getResourceAsStream(file)) {
            if (in == null) {
                throw new IllegalStateException(file + " does not ship");
            }
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
