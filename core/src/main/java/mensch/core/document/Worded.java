package mensch.core.document;

import java.util.Locale;

/** A constant that the trade has a word for: so it is read in documents and so it travels, never by its Java name. */
public interface Worded {
    String name();

    /** Small letters, spaces between the words; no two constants of one kind have the same. */
    default String words() {
        return name().toLowerCase(Locale.ROOT).replace('_', ' ');
    }
}
