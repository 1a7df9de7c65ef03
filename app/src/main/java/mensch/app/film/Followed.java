package mensch.app.film;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.nio.charset.StandardCharsets;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import mensch.app.board.SnapWords;
import mensch.core.film.ImagePoint;
import mensch.vision.PlayFollower;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** Men of an angle as they were followed from the snap. */
@Entity
@Table(name = "followed")
class Followed {
    @Id
    private Long angleId;

    @Column(nullable = false)
    private String madeOf;

    @Column(nullable = false)
    private int lastFrame;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private PlayFollower.Camera camera;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<FollowedLook> looks;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Followed() {}

    Followed(Angle angle, SnapWords spot, int lastFrame, PlayFollower.Camera camera, List<FollowedLook> looks) {
        this.angleId = angle.id();
        this.madeOf = madeOf(angle, spot);
        this.lastFrame = lastFrame;
        this.camera = camera;
        this.looks = List.copyOf(looks);
    }

    /** Whether the clicks it was followed by still stand, and nobody was clicked by hand since. */
    boolean isOf(Angle angle, SnapWords spot) {
        return madeOf.equals(madeOf(angle, spot));
    }

    /** Clicks at the snap, and those after it that a hand made: what the picture found it found by these. */
    private static String madeOf(Angle angle, SnapWords spot) {
        Stream<String> places =
                angle.points().stream().filter(p -> p.frame() == null).map(KnownClick::toString);
        Stream<String> men = angle.marks().stream()
                .filter(m -> m.frame() == null || m.frame() > angle.snapFrame() && !Boolean.TRUE.equals(m.found()))
                .map(FeetClick::toString);
        String all = String.join(
                "\n",
                Stream.of(
                                Stream.of(
                                        spot.code(),
                                        spot.hash(),
                                        spot.toGoal().toString(),
                                        String.valueOf(angle.snapFrame())),
                                places,
                                men)
                        .flatMap(s -> s)
                        .sorted()
                        .toList());
        return UUID.nameUUIDFromBytes(all.getBytes(StandardCharsets.UTF_8)).toString();
    }

    Long angleId() {
        return angleId;
    }

    /** The last frame that was looked at. */
    int lastFrame() {
        return lastFrame;
    }

    PlayFollower.Camera camera() {
        return camera;
    }

    List<FollowedLook> looks() {
        return looks;
    }

    /** Where a man is in a frame: as he was seen in it, or on the straight between two looks no farther apart. */
    Optional<ImagePoint> at(String man, int frame, double framesApart) {
        Optional<FollowedLook> before = looks.stream()
                .filter(l -> l.man().equals(man) && l.frame() <= frame)
                .max(Comparator.comparingInt(FollowedLook::frame));
        Optional<FollowedLook> after = looks.stream()
                .filter(l -> l.man().equals(man) && l.frame() >= frame)
                .min(Comparator.comparingInt(FollowedLook::frame));
        return before.flatMap(
                b -> after.filter(a -> a.frame() - b.frame() <= framesApart).map(a -> between(b, a, frame)));
    }

    private static ImagePoint between(FollowedLook before, FollowedLook after, int frame) {
        double part = before.frame() == after.frame()
                ? 0
                : (double) (frame - before.frame()) / (after.frame() - before.frame());
        return new ImagePoint(
                before.xPixels() + part * (after.xPixels() - before.xPixels()),
                before.yPixels() + part * (after.yPixels() - before.yPixels()));
    }
}
