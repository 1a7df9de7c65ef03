package mensch.core.convention;

import java.util.ArrayList;
import java.util.List;

/** A technique dictionary: label to place on a lineman. Geometry is stored by place; switching the dictionary moves nobody. */
public record Labels(String name, List<Label> labels) {

    /** The lineman a technique is named after. */
    public enum Reference { CENTRE, GUARD, TACKLE, TIGHT_END }

    /** Shade: -1 inside (toward the ball), 0 head-up, +1 outside; {@code extra} yards beyond the shade (wide 9). */
    public record Label(String word, Reference reference, int shade, double extra) {}

    public Labels {
        labels = List.copyOf(labels);
    }

    /** House dictionary: evens head-up, odds outside, i inside; on the tight end 7 inside, 6 head-up, 9 outside. */
    public static Labels standard() {
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
        return new Labels("house: 7 inside, 6 head-up, 9 outside on the tight end", all);
    }

    /** The place a label names, or null when this dictionary has no such label. */
    public Label find(String word) {
        for (Label label : labels) {
            if (label.word().equals(word)) {
                return label;
            }
        }
        return null;
    }
}
