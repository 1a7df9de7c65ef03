package mensch.app.film;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.app.problem.Problem;
import mensch.app.work.Progress;
import mensch.app.work.WorkKind;
import mensch.core.convention.FilmLimits;
import mensch.core.field.Field;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.Shot;
import mensch.vision.Follower;
import mensch.vision.Matching;
import mensch.vision.MenFinder;
import mensch.vision.PlayFollower;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Follows everybody of an angle who was clicked at the snap to the end of the play, and keeps where they were several
 * times a second. Who was clicked again since is followed from there.
 */
@Component
class FollowMen implements WorkKind {
    static final String KIND = "follow men";
    /** Longer than this after the ball nobody is followed, seconds. */
    static final double LONGEST = 8;
    /** So much of a film is decoded at a time, seconds. */
    private static final double AT_A_TIME = 1;
    /** Looks may lie so much farther apart than they should: frames are not even. */
    private static final double UNEVEN = 1.6;

    private final Angles angles;
    private final FilmRoom room;
    private final FilmFrames frames;
    private final FollowedAngles followed;
    private final TransactionTemplate transaction;

    FollowMen(
            Angles angles, FilmRoom room, FilmFrames frames, FollowedAngles followed, TransactionTemplate transaction) {
        this.angles = angles;
        this.room = room;
        this.frames = frames;
        this.followed = followed;
        this.transaction = transaction;
    }

    @Override
    public String kind() {
        return KIND;
    }

    /** No more frames lie between two looks at a man who is not lost. */
    static double looksApart(Reel reel) {
        return UNEVEN * PlayFollower.AGAIN * rate(reel);
    }

    /** Frames a second. */
    private static double rate(Reel reel) {
        List<Double> times = reel.frameTimes();
        int last = times.size() - 1;
        return last == 0 ? 1 : last / Math.max(1e-3, times.get(last) - times.get(0));
    }

    /**
     * The last frame in which anybody is followed: the play's, which where nobody marked it ends where the next begins;
     * or that eight seconds after the ball.
     */
    private int last(Reel reel, Angle angle) {
        List<Double> times = reel.frameTimes();
        int last = angles.last(angle, reel);
        while (times.get(last) - times.get(angle.snapFrame()) > LONGEST) {
            last--;
        }
        return last;
    }

    @Override
    public void run(Long about, String by, Progress progress) throws IOException {
        FilmRoom.Worked worked = room.worked(about, by);
        Angle angle = worked.angle(about).angle();
        Reel reel = room.reel(angle.reelId());
        var way = new Way(worked, worked.angle(about), reel);
        int from = angle.snapFrame();
        int last = last(reel, angle);
        if (way.told.isEmpty()) {
            throw Problem.refused(
                    "nobody-clicked", "nobody is clicked at the snap: click those who are to be followed");
        }
        progress.at(0, "looks who stands where");
        List<Follower.Man> standing = way.standing();
        int step = Math.max(1, (int) Math.round(AT_A_TIME * way.rate));
        var at = new AtomicInteger(from);
        for (int begin = from; begin <= last; begin += step) {
            progress.at(100 * (begin - from) / (last - from + 1), "follows them");
            frames.pictures(reel, begin, Math.min(last, begin + step - 1), PlayFollower.WIDEST_PICTURE, picture -> {
                int here = at.getAndIncrement();
                way.follower.next(picture, here == from ? standing : way.men.clicked(here));
                way.keep(here);
            });
        }
        var kept = new Followed(angle, worked.play().log().snap(), last, way.follower.camera(), way.looks);
        transaction.executeWithoutResult(t -> {
            if (angles.existsById(about)) {
                followed.save(kept);
            }
        });
    }

    /** What is known on the way. */
    private final class Way {
        private final Reel reel;
        private final Angle angle;
        private final MenAsked men;
        private final Set<String> told;
        private final Field field;
        private final FilmLimits limits;
        private final double rate;
        private final PlayFollower follower;
        private final List<FollowedLook> looks = new ArrayList<>();

        Way(FilmRoom.Worked worked, FilmRoom.Seen seen, Reel reel) {
            this.reel = reel;
            this.angle = seen.angle();
            Calibration view = MenOnFilm.solved(seen);
            this.men = MenAsked.of(worked, angle, view);
            this.told = men.names();
            this.field = worked.asked().snap().field();
            this.limits = worked.asked().call().convention().film();
            this.rate = rate(reel);
            this.follower = new PlayFollower(view, field, seen.filmed().tripod(), limits, rate);
        }

        /** Where men stand at the snap: as they were clicked; others where the picture shows them for sure. */
        List<Follower.Man> standing() throws IOException {
            MenFinder.Found found = MenFinder.find(frames.picture(reel, angle.snapFrame()), men.view(), field);
            Map<String, Boolean> defence =
                    men.all().stream().collect(Collectors.toMap(Matching.Asked::name, Matching.Asked::defence));
            return Stream.concat(
                            men.clicked(angle.snapFrame()).stream(),
                            Matching.of(found.men(), men.atSnap()).stream()
                                    .filter(t -> t.clear() && !told.contains(t.name()))
                                    .map(t -> new Follower.Man(
                                            t.name(),
                                            defence.getOrDefault(t.name(), false),
                                            t.man().feet())))
                    .toList();
        }

        /** Those who were clicked in a frame, and those of the others whom it shows for sure. */
        void keep(int frame) {
            Map<String, Feet> clicked = men.feet(frame);
            clicked.forEach((man, feet) -> keep(frame, man, feet));
            for (Matching.Told one : follower.told()) {
                if (one.clear() && !clicked.containsKey(one.name())) {
                    keep(frame, one.name(), new Feet(one.man().feet(), Feet.Told.FOUND));
                }
            }
        }

        private void keep(int frame, String man, Feet feet) {
            double seconds = reel.frameTimes().get(frame) - reel.frameTimes().get(angle.snapFrame());
            if (told.contains(man)) {
                follower.view()
                        .ifPresent(view -> view.sight(Map.of(new Shot(man, seconds), feet))
                                .seen()
                                .forEach(s -> looks.add(FollowedLook.of(man, frame, seconds, feet.at(), s.at()))));
            }
        }
    }
}
