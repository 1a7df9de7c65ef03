package mensch.app.playbook;

import java.nio.charset.StandardCharsets;
import java.text.Normalizer;
import java.util.Locale;
import java.util.UUID;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Problem;

/** Names that coaches give, in any script, and the ids made of them. */
final class DocumentName {
    private static final int MARK = 8;

    private DocumentName() {}

    /**
     * The id for a name: its Latin letters and digits; a name with none gets a mark that is always the same for it.
     *
     * @throws Problem when there is no letter or digit of any script in it, or it is too long
     */
    static String id(String name) {
        String plain = Normalizer.normalize(name.strip(), Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT);
        if (plain.codePoints().noneMatch(Character::isLetterOrDigit)) {
            throw Problem.refused("name-empty", "it needs a name with letters or digits in it");
        }
        if (name.strip().length() > Bounds.NAME) {
            throw Problem.refused("name-long", "a name has at most " + Bounds.NAME + " characters");
        }
        String id = plain.replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        boolean latin = plain.codePoints().filter(Character::isLetterOrDigit).allMatch(c -> c < 128);
        return latin ? id : (id.isEmpty() ? "" : id + "-") + mark(plain);
    }

    private static String mark(String plain) {
        byte[] bytes = plain.getBytes(StandardCharsets.UTF_8);
        return "n" + UUID.nameUUIDFromBytes(bytes).toString().substring(0, MARK);
    }
}
