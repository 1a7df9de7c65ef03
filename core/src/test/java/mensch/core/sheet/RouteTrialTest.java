package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.document.Document;
import mensch.core.document.RefusedException;
import mensch.core.formation.Snap;
import mensch.core.play.PlayReader;
import mensch.core.play.Route;
import mensch.core.sheet.Sheet.Spot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A corner of a route that is dragged becomes words, and the words draw it where it was put. */
class RouteTrialTest {
    private static final Snap SNAP = Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10");

    private static Map<String, Route> book(String... path) {
        var body = new LinkedHashMap<String, Object>();
        body.put("format", Document.FORMAT);
        body.put("kind", "routes");
        body.put("id", "ours");
        body.put("name", "Ours");
        body.put("routes", Map.of("tried", Map.of("path", List.of(path), "ends", "run")));
        return PlayReader.routesOf(Document.of(body));
    }

    private static String moved(String way, String man, double x, double y) {
        return RouteTrial.moved(book("straight @ 6", way), "tried", SNAP, man, 2, new Spot(x, y));
    }

    private static Spot end(String way, String man) {
        List<Spot> spots =
                RouteTrial.of(book("straight @ 6", way), "tried", SNAP, man).way();
        return spots.get(spots.size() - 1);
    }

    /** Toward the ball is in, whichever side he stands on; to the half yard. */
    @ParameterizedTest
    @CsvSource({
        "in 5 @ 8, FL, -3, 8, in 3 @ 8",
        "in 5 @ 8, SE, 3, 4.2, in 3 @ 4",
        "in 5 @ 8, FL, 2.3, 12, out 2.5 @ 12",
        "in 5 @ 8, FL, 0.1, 12.2, straight @ 12",
        "over ball @ 5, FL, 1, -3, out 1 @ -3",
        "straight @ 12, SE, -1, -1.6, out 1 @ -1.5"
    })
    void aPointBesideHimIsToldFromHim(String way, String man, double toHisRight, double y, String words) {
        double x = SNAP.formation().man(man).x();
        assertThat(moved(way, man, x + toHisRight, y)).isEqualTo(words);
    }

    @ParameterizedTest
    @CsvSource({"sideline 3 @ 16, FL", "sideline 3 @ 16, SE", "far hash @ 18, FL", "hash-numbers 2 @ 9, SE"})
    void aPointAtAMarkStaysAtTheMark(String way, String man) {
        Spot before = end(way, man);
        assertThat(moved(way, man, before.x(), before.y())).isEqualTo(way);
        String mark = way.replaceAll(" ?\\d* @.*", "");
        double inward = before.x() > 0 ? -2 : 2;
        String farther = moved(way, man, before.x() + inward, 14);
        assertThat(farther).startsWith(mark).endsWith(" @ 14");
        assertThat(end(farther, man).x()).isCloseTo(before.x() + inward, within(0.01));
        assertThat(moved(way, man, before.x() - 10 * inward, 14)).matches("(in|out) .* @ 14");
    }

    @Test
    void aPointOverTheBallStaysThereUntilItIsTakenAway() {
        assertThat(moved("over ball @ 5", "FL", 0.8, 7)).isEqualTo("over ball @ 7");
        assertThat(moved("over ball @ 5", "TB", 4, 7)).isEqualTo("out 4 @ 7");
    }

    @Test
    void whoRunsNoRoutesAndWhatIsNoRouteIsSaid() {
        assertThatThrownBy(() -> RouteTrial.of(book("straight @ 6"), "tried", SNAP, "LG"))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("name one of its receivers or backs");
        assertThatThrownBy(() -> RouteTrial.of(book("straight @ 6"), "post", SNAP, "FL"))
                .hasMessageContaining("there are tried");
        assertThatThrownBy(() -> RouteTrial.moved(book("straight @ 6"), "tried", SNAP, "FL", 2, new Spot(0, 0)))
                .hasMessageContaining("has no point 2; its last is 1");
    }
}
