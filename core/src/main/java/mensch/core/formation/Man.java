package mensch.core.formation;

import mensch.core.document.RefusedException;
import mensch.core.document.Worded;
import mensch.core.geometry.Point;

/** One man of the offence. His point is the middle between his feet, play frame, {@code y <= 0}. */
public record Man(String name, Post post, Point feet) {

    /** What he is by his place in the line-up of the sheet, not by what he does. */
    public enum Post implements Worded {
        CENTRE,
        GUARD,
        TACKLE,
        QUARTERBACK,
        ELIGIBLE
    }

    public Man {
        if (feet.y() > 0) {
            throw new RefusedException(name + " stands " + feet.y()
                    + " yd beyond the line of scrimmage; an offensive man's depth is 0 or more behind it");
        }
    }

    /** Men are told apart by their names; the rest decides only between two of one name. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Man that && name.equals(that.name) && post == that.post && feet.equals(that.feet);
    }

    @Override
    public int hashCode() {
        return name.hashCode();
    }

    public double x() {
        return feet.x();
    }

    /** Yards behind the line of scrimmage. */
    public double depth() {
        return 0.0 - feet.y();
    }

    public boolean interior() {
        return post == Post.CENTRE || post == Post.GUARD || post == Post.TACKLE;
    }

    public Man at(double x, double depth) {
        return new Man(name, post, new Point(x, 0.0 - depth));
    }

    public Man mirror() {
        String turned = interior() && name.startsWith("L")
                ? "R" + name.substring(1)
                : interior() && name.startsWith("R") ? "L" + name.substring(1) : name;
        return new Man(turned, post, feet.mirror());
    }
}
