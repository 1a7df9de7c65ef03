package mensch.core;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.document.DocumentRef;
import mensch.core.field.BallSpot;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.field.Situation;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.formation.Notation;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.rung.Ladder;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;

/** Snaps for tests: the whole library on every spot, and seeded random formations. */
public final class Snaps {
    public static final Library LIBRARY = Library.shipped();

    /** Formations of the eleven-man game. */
    public static final List<LibraryFormation> ELEVEN_MAN =
            LIBRARY.formations().stream().filter(f -> f.players() == 11).toList();

    private Snaps() {}

    /** A shipped call with one man told otherwise by hand. */
    public static Call hand(String call, String role, String sentence) {
        return hand(call, Map.of(role, sentence));
    }

    /** A shipped call with some men told otherwise by hand. */
    public static Call hand(String call, Map<String, String> sentences) {
        var ladders = new HashMap<String, Ladder>();
        sentences.forEach((role, sentence) -> ladders.put(
                role,
                new Ladder(List.of(RungReader.read(new RungId("hand", role, "now"), sentence, LIBRARY.vocabulary())))));
        return LIBRARY.call(call).under(new Layer(Layer.Kind.HAND, new DocumentRef("hand", 0, ""), ladders));
    }

    /**
     * Every library formation with each of its motions and none, three codes, three hashes; midfield and the 4 by
     * turns.
     */
    public static List<Snap> grid() {
        var snaps = new ArrayList<Snap>();
        for (LibraryFormation formation : ELEVEN_MAN) {
            for (String motion : motions(formation)) {
                for (String code : List.of("hs", "col", "pro")) {
                    for (String hash : List.of("l", "m", "r")) {
                        String toGoal = snaps.size() % 2 == 0 ? " 50 2&7" : " 4 1&4";
                        snaps.add(formation.snap(motion, snaps.size() % 3 == 0, code + " " + hash + toGoal));
                    }
                }
            }
        }
        return snaps;
    }

    /** Every library formation and each of its motions once. */
    public static List<Snap> sample() {
        var snaps = new ArrayList<Snap>();
        for (LibraryFormation formation : ELEVEN_MAN) {
            for (String motion : motions(formation)) {
                snaps.add(formation.snap(
                        motion,
                        snaps.size() % 2 == 0,
                        List.of("hs m 50 1&10", "col l 30 3&8", "pro r 4 1&4").get(snaps.size() % 3)));
            }
        }
        return snaps;
    }

    /** Null for as set, then every motion. */
    public static List<String> motions(LibraryFormation formation) {
        var motions = new ArrayList<String>();
        motions.add(null);
        formation.motions().forEach(m -> motions.add(m.id()));
        return motions;
    }

    /** A random formation with five linemen: anything from legal to odd, but nobody on another's place. */
    public static Snap random(long seed) {
        var random = new Random(seed);
        var men = new ArrayList<>(Notation.formation("random", "ol2 QB0/" + (random.nextBoolean() ? 1 : 5))
                .men());
        String[] names = {"TE", "X", "Z", "F", "TB"};
        for (String name : names) {
            double x = Math.round((random.nextDouble() * 46 - 23) * 2) / 2.0;
            double depth = Math.abs(x) < 3 ? 4 + random.nextInt(4) : random.nextBoolean() ? 0.5 : 1.5;
            double placed = Math.abs(x) < 3 ? x : x < 0 ? Math.min(x, -4) : Math.max(x, 4);
            men.add(new Man(name, Man.Post.ELIGIBLE, new Point(placed, -depth)));
        }
        var field = new Field(
                Code.values()[random.nextInt(3)],
                new BallSpot(Math.round(random.nextDouble() * 12 - 6), true, 1 + random.nextInt(99)));
        Snap set = Snap.of(
                List.of(new Formation("random", men)),
                field,
                new Situation(2, 7),
                random.nextBoolean() ? Side.LEFT : Side.RIGHT);
        Man mover = men.get(men.size() - 1 - random.nextInt(5));
        return random.nextBoolean()
                ? set
                : set.then(set.formation().with(List.of(mover.at(-mover.x() + 1, mover.depth()))));
    }
}
