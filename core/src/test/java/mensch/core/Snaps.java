package mensch.core;

import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import mensch.core.field.BallSpot;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.field.Situation;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.library.LibraryFormation.LibraryMotion;

/** Snaps for tests: the whole library on every spot, and seeded random formations. */
public final class Snaps {
    public static final Library LIBRARY = Library.shipped();

    private Snaps() {}

    /** Every library formation, mirrored too, with each of its motions and none, three codes, three hashes, midfield and the 4. */
    public static List<Snap> grid() {
        var snaps = new ArrayList<Snap>();
        for (LibraryFormation formation : LIBRARY.formations()) {
            for (List<Formation> phases : phases(formation)) {
                for (Field field : fields()) {
                    Snap snap = Snap.of(phases, field, new Situation(1, 4), Side.RIGHT);
                    snaps.add(snap);
                    snaps.add(snap.mirror());
                }
            }
        }
        return snaps;
    }

    private static List<List<Formation>> phases(LibraryFormation formation) {
        var all = new ArrayList<List<Formation>>();
        all.add(formation.phases(null));
        for (LibraryMotion motion : formation.motions()) {
            all.add(formation.phases(motion.id()));
        }
        return all;
    }

    private static List<Field> fields() {
        var fields = new ArrayList<Field>();
        for (Code code : Code.values()) {
            for (int toGoal : new int[] {50, 4}) {
                double hash = new Field(code, BallSpot.middle(toGoal)).x(Mark.HASH, Side.RIGHT, 0);
                for (double lateral : new double[] {-hash, 0, hash}) {
                    fields.add(new Field(code, new BallSpot(lateral, true, toGoal)));
                }
            }
        }
        return fields;
    }

    /** A random formation with five linemen: anything from legal to odd, but nobody on another's place. */
    public static Snap random(long seed) {
        var random = new Random(seed);
        var men = new ArrayList<>(Notation.formation("random", "ol2 QB0/" + (random.nextBoolean() ? 1 : 5)).men());
        String[] names = {"TE", "X", "Z", "F", "TB"};
        for (String name : names) {
            double x = Math.round((random.nextDouble() * 46 - 23) * 2) / 2.0;
            double depth = Math.abs(x) < 3 ? 4 + random.nextInt(4) : random.nextBoolean() ? 0.5 : 1.5;
            double placed = Math.abs(x) < 3 ? x : x < 0 ? Math.min(x, -4) : Math.max(x, 4);
            men.add(new Man(name, Man.Post.ELIGIBLE, new Point(placed, -depth)));
        }
        var field = new Field(Code.values()[random.nextInt(3)], new BallSpot(Math.round(random.nextDouble() * 12 - 6), true, 1 + random.nextInt(99)));
        Snap set = Snap.of(List.of(new Formation("random", men)), field, new Situation(2, 7), random.nextBoolean() ? Side.LEFT : Side.RIGHT);
        Man mover = men.get(men.size() - 1 - random.nextInt(5));
        return random.nextBoolean() ? set : set.then(set.formation().with(List.of(mover.at(-mover.x() + 1, mover.depth()))));
    }
}
