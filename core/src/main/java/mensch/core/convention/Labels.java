package mensch.core.convention;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A technique dictionary: label to place on a lineman. Geometry is stored by place; switching the dictionary moves
 * nobody.
 */
public record Labels(String name, List<Label> labels) {

    private static final Pattern TECHNIQUE =
            Pattern.compile("((?:wide )?[0-9]i?)(\\s+technique)", Pattern.CASE_INSENSITIVE);

    private static final Labels STANDARD = sevenSixNine();

    /** The lineman a technique is named after. */
    public enum Reference {
        CENTRE,
        GUARD,
        TACKLE,
        TIGHT_END
    }

    /** Shade: -1 inside (toward the ball), 0 head-up, +1 outside; {@code extra} yards beyond the shade (wide 9). */
    public record Label(String word, Reference reference, int shade, double extra) {}

    public Labels {
        labels = List.copyOf(labels);
    }

    /** House dictionary: evens head-up, odds outside, i inside; on the tight end 7 inside, 6 head-up, 9 outside. */
    public static Labels standard() {
        return STANDARD;
    }

    private static Labels sevenSixNine() {
        var all = new ArrayList<Label>();
        all.add(new Label("0", Reference.CENTRE, 0, 0));
        all.add(new Label("1", Reference.CENTRE, 1, 0));
        all.add(new Label("2i", Reference.GUARD, -1, 0));
        all.add(new Label("2", Reference.GUARD, 0, 0));
        all.add(new Label("3", Reference.GUARD, 1, 0));
        all.add(new Label("4i", Reference.TACKLE, -1, 0));
        all.add(new Label("4", Reference.TACKLE, 0, 0));
        all.add(new Label("5", Reference.TACKLE, 1, 0));
        all.add(new Label("7", Reference.TIGHT_END, -1, 0));
        all.add(new Label("6", Reference.TIGHT_END, 0, 0));
        all.add(new Label("9", Reference.TIGHT_END, 1, 0));
        all.add(new Label("wide 9", Reference.TIGHT_END, 1, 1.0));
        return new Labels("seven-six-nine", all);
    }

    /** The place a label names, if this dictionary has such a label. */
    public Optional<Label> find(String word) {
        for (Label label : labels) {
            if (label.word().equals(word)) {
                return Optional.of(label);
            }
        }
        return Optional.empty();
    }

    /** The word this dictionary has for a place, if it has one. */
    private Optional<String> word(Label place) {
        return labels.stream()
                .filter(l ->
                        l.reference() == place.reference() && l.shade() == place.shade() && l.extra() == place.extra())
                .map(Label::word)
                .findFirst();
    }

    /** A sentence kept in standard words as this dictionary says it; a place it has no word for stays as it is. */
    public String said(String kept) {
        return this == STANDARD ? kept : translated(kept, STANDARD, this);
    }

    /** What a coach wrote in this dictionary, in the standard words in which it is kept. */
    public String kept(String said) {
        return this == STANDARD ? said : translated(said, this, STANDARD);
    }

    private static String translated(String text, Labels from, Labels to) {
        return TECHNIQUE.matcher(text).replaceAll(m -> {
            Optional<String> word =
                    from.find(m.group(1).toLowerCase(Locale.ROOT)).flatMap(to::word);
            return word.orElse(m.group(1)) + m.group(2);
        });
    }
}
