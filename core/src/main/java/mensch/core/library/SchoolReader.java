package mensch.core.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mensch.core.convention.Labels;
import mensch.core.convention.Labels.Label;
import mensch.core.convention.Labels.Reference;
import mensch.core.convention.Setting;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;

/** Reads what schools differ in: settings and technique dictionaries. */
final class SchoolReader {
    private SchoolReader() {}

    static Setting setting(Document document) {
        var choices = new ArrayList<Setting.Choice>();
        document.values()
                .parts("choices")
                .forEach(c ->
                        c.all().forEach((id, words) -> choices.add(new Setting.Choice(id, String.valueOf(words)))));
        return new Setting(document.id(), document.name(), document.text("why").orElse(""), choices);
    }

    /** Labels written {@code word: [reference, shade, extra]}; shade -1 inside, 0 head-up, 1 outside. */
    static Labels dictionary(Document document) {
        var labels = new ArrayList<Label>();
        document.values()
                .part("labels")
                .orElseThrow(() -> DocumentException.of(
                        document.id(), "labels", "are missing; each is written word: [reference, shade]"))
                .all()
                .forEach((word, value) -> labels.add(label(document, word, value)));
        return new Labels(document.id(), labels);
    }

    private static Label label(Document document, String word, Object value) {
        if (!(value instanceof List<?> parts) || parts.size() < 2 || !(parts.get(1) instanceof Integer shade)) {
            throw DocumentException.of(
                    document.id(), "labels/" + word, "must be [centre, guard, tackle or tight end, shade -1 to 1]");
        }
        try {
            Reference reference = Reference.valueOf(
                    String.valueOf(parts.get(0)).toUpperCase(Locale.ROOT).replace(' ', '_'));
            return new Label(word, reference, shade, parts.size() > 2 ? ((Number) parts.get(2)).doubleValue() : 0);
        } catch (IllegalArgumentException | ClassCastException e) {
            throw DocumentException.of(document.id(), "labels/" + word, "names no lineman: " + parts.get(0));
        }
    }
}
