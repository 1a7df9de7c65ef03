package mensch.core.film;

import java.util.Map;

/** One camera standing still: how it sees the field, and who was clicked in it when. */
public record CameraView(Calibration calibration, Map<Shot, Feet> clicks) {
    public CameraView {
        clicks = Map.copyOf(clicks);
    }
}
