package mensch.app.film;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.app.game.Play;
import mensch.app.playbook.Playbook;
import mensch.core.convention.FilmLimits;
import mensch.core.film.FilmedPath;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** How men moved through plays on which they were followed, from all angles whose clicks still stand. */
@Service
@Transactional(readOnly = true)
public class Paths {
    private final FollowedAngles followed;
    private final Angles angles;
    private final Playbook playbook;

    Paths(FollowedAngles followed, Angles angles, Playbook playbook) {
        this.followed = followed;
        this.angles = angles;
        this.playbook = playbook;
    }

    private FilmLimits limits() {
        return playbook.library().vocabulary().convention().film();
    }

    /** Of everybody who was followed on a play, by name in the formation or job id. */
    Map<String, FilmedPath> ofPlay(Play play) {
        var looks = new ArrayList<FollowedLook>();
        for (Angle angle : angles.findByPlayIdOrderByReelId(play.id())) {
            followed.findById(angle.id())
                    .filter(f -> f.isOf(angle, play.log().snap()))
                    .ifPresent(f -> looks.addAll(f.looks()));
        }
        return paths(looks, limits());
    }

    private static Map<String, FilmedPath> paths(List<FollowedLook> looks, FilmLimits limits) {
        var paths = new LinkedHashMap<String, FilmedPath>();
        looks.stream()
                .collect(Collectors.groupingBy(
                        FollowedLook::man,
                        LinkedHashMap::new,
                        Collectors.mapping(FollowedLook::look, Collectors.toList())))
                .forEach((man, his) -> paths.put(man, FilmedPath.of(his, limits)));
        return paths;
    }

    /** The fastest of each man of a play who was seen for long enough. */
    public Map<String, FilmedPath.Pace> paces(Play play) {
        return paces(ofPlay(play));
    }

    Map<String, FilmedPath.Pace> paces(Map<String, FilmedPath> paths) {
        return paces(paths, limits());
    }

    /** The same of all plays, by play. */
    public Map<Long, Map<String, FilmedPath.Pace>> paces() {
        FilmLimits limits = limits();
        Map<Long, List<FollowedLook>> looks = new HashMap<>();
        for (FollowedOn one : followed.all()) {
            if (one.followed().isOf(one.angle(), one.play().log().snap())) {
                looks.computeIfAbsent(one.play().id(), p -> new ArrayList<>())
                        .addAll(one.followed().looks());
            }
        }
        return looks.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> paces(paths(e.getValue(), limits), limits)));
    }

    private static Map<String, FilmedPath.Pace> paces(Map<String, FilmedPath> paths, FilmLimits limits) {
        var paces = new LinkedHashMap<String, FilmedPath.Pace>();
        paths.forEach((man, path) -> path.fastest(limits).ifPresent(pace -> paces.put(man, pace)));
        return paces;
    }

    /** How an angle was followed, if it ever was. */
    Optional<Followed> of(Angle angle) {
        return followed.findById(angle.id());
    }
}
