package mensch.core.film;

import java.util.Optional;
import mensch.core.geometry.Point;

/** How a camera on its tripod may look at the field: to be moved and zoomed until it is what a picture shows. */
public final class Look {
    private static final int TURNS = 4;

    private final Pose pose;
    private final PictureSize picture;
    private final Homography view;

    Look(Pose pose, PictureSize picture) {
        this.pose = pose;
        this.picture = picture;
        this.view = new Homography(pose.homography(picture));
    }

    Homography view() {
        return view;
    }

    /** The pixel of a field point, if it lies before the camera. */
    public Optional<ImagePoint> toImage(Point field) {
        return view.fieldToImage(field);
    }

    /** The field point under a pixel, if that is below the horizon. */
    public Optional<Point> toField(ImagePoint image) {
        return view.imageToField(image);
    }

    /**
     * Panned and tilted so that it sees what lies so much farther right and up the field, yards, where it sees the ball
     * now; and zoomed in by so much.
     */
    public Look moved(double right, double up, double times) {
        return new Look(pose.following(new Point(0, 0), new Point(right, up)).zoomed(times), picture);
    }

    /** Panned and tilted so that it sees a known point where it was clicked. */
    public Look through(KnownPoint point) {
        Look look = this;
        for (int turn = 0; turn < TURNS; turn++) {
            Optional<Point> now = look.toField(point.image());
            if (now.isEmpty()) {
                return look;
            }
            look = new Look(look.pose.following(now.get(), point.field()), picture);
        }
        return look;
    }

    /** Row-major 3 x 3: (u, v, w) = H (x, y, 1), pixel = (u/w, v/w), w yards before the camera. */
    public double[] fieldToImage() {
        return view.h().clone();
    }

    /** The size of its picture. */
    public PictureSize picture() {
        return picture;
    }
}
