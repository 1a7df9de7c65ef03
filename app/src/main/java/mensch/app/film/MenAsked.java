package mensch.app.film;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.Measured;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.lineup.Lineup;
import mensch.vision.Follower;
import mensch.vision.Matching;

/**
 * Who is looked for in the picture of an angle, and who of them was clicked where.
 *
 * @param view at the snap
 * @param all where everybody is asked or logged to stand, from the ball where it was clicked
 */
record MenAsked(Angle angle, Calibration view, List<Matching.Asked> all) {

    static MenAsked of(FilmRoom.Worked worked, Angle angle, Calibration view) {
        Point ball = worked.judged().places().ball().map(Measured::feet).orElse(new Point(0, 0));
        var asked = new ArrayList<Matching.Asked>();
        for (Lineup.Placed man : worked.lineup().placed()) {
            asked.add(new Matching.Asked(man.job().id(), off(man.feet(), ball), true));
        }
        for (Man man : worked.lineup().snap().formation().men()) {
            asked.add(new Matching.Asked(man.name(), off(man.feet(), ball), false));
        }
        return new MenAsked(angle, view, List.copyOf(asked));
    }

    private static Point off(Point at, Point ball) {
        return new Point(at.x() + ball.x(), at.y() + ball.y());
    }

    /** Feet of those who were clicked in a frame, by name. */
    Map<String, Feet> feet(int frame) {
        Integer kept = frame == angle.snapFrame() ? null : (Integer) frame;
        return angle.marks().stream()
                .filter(click -> Objects.equals(click.frame(), kept))
                .collect(Collectors.toMap(FeetClick::man, FeetClick::feet));
    }

    /** Where those were who were clicked in a frame, as a picture has them; nobody else is told by it. */
    List<Follower.Man> clicked(int frame) {
        Map<String, Feet> feet = feet(frame);
        return all.stream()
                .flatMap(
                        a -> Optional.ofNullable(feet.get(a.name()))
                                .map(f -> new Follower.Man(a.name(), a.defence(), f.at()))
                                .stream())
                .toList();
    }

    /** The same on the field, while the camera stands as at the snap. */
    List<Matching.Asked> clickedOnField(int frame) {
        return clicked(frame).stream().flatMap(man -> onField(man).stream()).toList();
    }

    private Optional<Matching.Asked> onField(Follower.Man man) {
        return view.toField(man.feet()).map(at -> new Matching.Asked(man.name(), at, man.defence()));
    }

    /** Everybody at the snap: where he was clicked, or where he is asked to be. */
    List<Matching.Asked> atSnap() {
        var clicked = clickedOnField(angle.snapFrame()).stream()
                .collect(Collectors.toMap(Matching.Asked::name, Function.identity()));
        return all.stream().map(a -> clicked.getOrDefault(a.name(), a)).toList();
    }

    /** Names of those who were clicked at the snap. */
    Set<String> names() {
        return clicked(angle.snapFrame()).stream().map(Follower.Man::name).collect(Collectors.toSet());
    }
}
