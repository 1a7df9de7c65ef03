package mensch.core.film;

import java.util.List;
import java.util.Map;

/**
 * One frame of an angle with what was clicked in it.
 *
 * @param seconds since the ball moved; 0 at the snap
 * @param known clicks on known places
 * @param clicks on the ball and on feet, by who it is
 */
public record Still(double seconds, List<KnownPoint> known, Map<String, Feet> clicks) {}
