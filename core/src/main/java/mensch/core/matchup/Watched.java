package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import mensch.core.event.Whose;
import mensch.core.formation.Man;
import mensch.core.matchup.Picture.Stand;
import mensch.core.rung.Key;
import mensch.core.rung.Ref;
import mensch.core.rung.View;

/**
 * Somebody whom a defender watches.
 *
 * @param whose what he is to him
 * @param ball when it is the ball and not the snapper
 */
public record Watched(Whose whose, Man man, boolean ball) {

    /** His keys in their order, without those he is told to ignore; for a man on the line also the man beside. */
    static List<Watched> by(Picture picture, Stand stand) {
        Key key = stand.job().before().key().orNull();
        if (key == null) {
            return List.of();
        }
        View view = picture.lineup.view(stand.job());
        List<Man> ignored =
                key.ignore().stream().flatMap(r -> view.man(r).stream()).toList();
        var watched = new ArrayList<Watched>();
        for (int i = 0; i < key.men().size(); i++) {
            Whose whose = i == 0 ? Whose.KEY : Whose.SECOND;
            boolean ball = key.men().get(i).kind() == Ref.Kind.BALL;
            view.man(key.men().get(i))
                    .filter(man -> !ignored.contains(man))
                    .ifPresent(man -> watched.add(new Watched(whose, man, ball)));
        }
        if (stand.first() && !watched.isEmpty()) {
            neighbours(picture, stand, watched.get(0).man())
                    .forEach(m -> watched.add(new Watched(Whose.NEIGHBOUR, m, false)));
        }
        return watched;
    }

    /** The man of the line on the other side of the reader's own gap; both for one who stands head up. */
    private static Stream<Man> neighbours(Picture picture, Stand stand, Man key) {
        double beside = stand.u() - picture.u(key);
        boolean headUp = Math.abs(beside) <= picture.limits.alike().headUp();
        return Stream.of(1, -1)
                .filter(sign -> headUp || sign * beside > 0)
                .flatMap(sign -> picture.line.stream()
                        .filter(m -> m != key && sign * (picture.u(m) - stand.u()) > 0)
                        .min(Comparator.comparingDouble(m -> Math.abs(picture.u(m) - stand.u())))
                        .stream());
    }
}
