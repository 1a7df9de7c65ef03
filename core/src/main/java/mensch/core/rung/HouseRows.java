package mensch.core.rung;

import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.core.convention.House;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;

/**
 * Rows of a teaching document as a programme teaches them: one whose last cell is {@code house <setting> is <choice>}
 * stands only where that was chosen.
 */
final class HouseRows {
    private static final Pattern ASKED = Pattern.compile("house ([a-z0-9-]+) is ([a-z0-9-]+)");

    private HouseRows() {}

    /**
     * Rows of so many cells each, the house cell taken off. @throws DocumentException naming a row of another length or
     * a setting that there is not
     */
    static List<List<String>> of(Document document, String key, int cells, House house) {
        var rows = new ArrayList<List<String>>();
        for (List<String> words : document.values().rows(key)) {
            Matcher asked = ASKED.matcher(words.get(words.size() - 1));
            boolean conditional = words.size() == cells + 1 && asked.matches();
            if (words.size() != cells && !conditional) {
                throw DocumentException.of(
                        document.id(),
                        key,
                        words + " must have " + cells + " cells, and may end with house <setting> is <choice>");
            }
            if (!conditional || chosen(document, key, asked, house)) {
                rows.add(words.subList(0, cells));
            }
        }
        return rows;
    }

    private static boolean chosen(Document document, String key, Matcher asked, House house) {
        try {
            return house.choice(asked.group(1)).equals(asked.group(2));
        } catch (RefusedException e) {
            throw DocumentException.of(document.id(), key, e.getMessage());
        }
    }
}
