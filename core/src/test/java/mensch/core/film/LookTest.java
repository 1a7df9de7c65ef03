package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.convention.Convention;
import mensch.core.field.BallSpot;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.geometry.Point;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** How a camera that stands 68 yards off the middle may look at the next play. */
class LookTest {
    private static final PictureSize PICTURE = new PictureSize(1920, 1080);
    private static final Field BEFORE = field(0, 60);
    private static final Field NOW = field(5, 40);

    private Pose filmed;
    private List<Look> looks;

    private static Field field(double lateral, int toGoal) {
        return new Field(Code.HIGH_SCHOOL, new BallSpot(lateral, true, toGoal));
    }

    @BeforeEach
    void theNearestPlayWasFilmedSo() {
        filmed = new Pose(-68, 10, 19, 0, 0, 0, Math.log(3000)).lookingAt(new Point(1, 4));
        Homography view = new Homography(filmed.homography(PICTURE));
        List<KnownPoint> clicks = KnownPlaces.of(BEFORE).stream()
                .map(p -> new KnownPoint(
                        p.name(), p.at(), view.fieldToImage(p.at()).orElseThrow()))
                .toList();
        looks = Tripod.of(
                        NOW,
                        PICTURE,
                        List.of(new Tripod.Seen(BEFORE, clicks)),
                        Convention.standard().film())
                .looks();
    }

    private static double apart(ImagePoint one, ImagePoint other) {
        return Math.hypot(one.xPixels() - other.xPixels(), one.yPixels() - other.yPixels());
    }

    @Test
    void theBallIsSeenWhereItWasSeenWhicheverWayTheyGo() {
        ImagePoint ball = new Homography(filmed.homography(PICTURE))
                .fieldToImage(new Point(0, 0))
                .orElseThrow();
        assertThat(looks).hasSize(2);
        for (Look look : looks) {
            assertThat(apart(look.toImage(new Point(0, 0)).orElseThrow(), ball)).isLessThan(40);
        }
        // their right is to the right of the picture when they come from the left, and to the left when not
        assertThat(upField(looks.get(0))).isNegative();
        assertThat(upField(looks.get(1))).isPositive();
    }

    /** How far to the right in the picture a place lies that is a yard up the field from the ball. */
    private static double upField(Look look) {
        return look.toImage(new Point(0, 1)).orElseThrow().xPixels()
                - look.toImage(new Point(0, 0)).orElseThrow().xPixels();
    }

    @Test
    void movedItSeesWhatIsFartherOnWhereItSawTheBall() {
        Look look = looks.get(0);
        ImagePoint ball = look.toImage(new Point(0, 0)).orElseThrow();
        Look moved = look.moved(2, -3, 1);
        assertThat(moved.toField(ball).orElseThrow().distance(new Point(2, -3))).isLessThan(0.4);
        double yard = apart(ball, look.toImage(new Point(0, 1)).orElseThrow());
        Look zoomed = look.moved(0, 0, 1.2);
        assertThat(apart(
                        zoomed.toImage(new Point(0, 0)).orElseThrow(),
                        zoomed.toImage(new Point(0, 1)).orElseThrow()))
                .isBetween(1.15 * yard, 1.25 * yard);
    }

    @Test
    void itIsTurnedThroughAPlaceThatIsClicked() {
        var click = new KnownPoint("left hash, our 40", new Point(-13, 0), new ImagePoint(700, 500));
        for (Look look : looks) {
            assertThat(apart(look.through(click).toImage(click.field()).orElseThrow(), click.image()))
                    .isLessThan(1);
        }
    }

    @Test
    void whereNothingIsKnownItIsNotGuessed() {
        assertThat(Tripod.UNKNOWN.looks()).isEmpty();
    }
}
