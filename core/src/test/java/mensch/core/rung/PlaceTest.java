package mensch.core.rung;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.formation.Notation;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Phrases on the ground, their regions, and the way back from a spot to a phrase. */
class PlaceTest {
    private static final String PRO_I = "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10";

    /** The nickel's view: his side is the right. */
    private static View view(String line) {
        Lineup lineup = Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), Notation.snap(line));
        return lineup.view(lineup.job("nickel"));
    }

    private static Place place(String words, View view) {
        return RungReader.readPhrase(words, Snaps.LIBRARY.vocabulary()).place(view);
    }

    @ParameterizedTest(name = "TQ-03, TQ-04 {0}")
    @CsvSource({
        "0 technique,0",
        "1 technique,0.40",
        "2i technique,0.93",
        "2 technique,1.33",
        "3 technique,1.73",
        "4i technique,2.27",
        "4 technique,2.67",
        "5 technique,3.07",
        "7 technique,3.60",
        "6 technique,4.00",
        "9 technique,4.40",
        "wide 9 technique,5.40",
        "3 technique tight,1.58",
        "3 technique loose,1.90",
        "5 technique loose,3.23"
    })
    void tq03Tq04TechniquesStandWhereTheirLabelSays(String words, double x) {
        assertThat(place(words, view(PRO_I)).feet().x()).isCloseTo(x, within(0.005));
    }

    @Test
    void tq06ALooseThreeIsStillAThreeAndOutwardRoomGrows() {
        Region region = place("3 technique loose", view(PRO_I)).region();
        assertThat(region.xMax()).isCloseTo(1.73 + 0.75, within(0.005));
        assertThat(region.xMin())
                .isLessThan(place("3 technique", view(PRO_I)).feet().x());
    }

    @Test
    void withoutAnEndTheGhostStandsOneSplitOutsideTheTackle() {
        assertThat(place("7 technique", view("ol2 X-16 Z16 Y12/1.5 H9/1.5 QB0/5 TB0/7"))
                        .feet()
                        .x())
                .isCloseTo(3.6, within(0.005));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "gap B @ 4.5                | 1.25 | 2.75 | 3.5 | 5.5",
                "over #1, inside, 1 x 1     | 12.6 | 13.4 | 0.5 | 1.5",
                "over #1, outside, 0.2 x 1  | 14.0 | 14.6 | 0.5 | 1.5",
                "over #1, outside, 1 x 7    | 13.5 | 16.5 | 5.5 | 8.5",
                "deep middle @ 12           | -1.5 | 1.5  | 10  | 14",
                "outside end man 3 x 4-6    | 6.0  | 8.0  | 4   | 6",
                "5 technique                | 2.867 | 3.333 | 1.0 | 1.5"
            })
    void regionsFollowTheToleranceTable(String words, double xMin, double xMax, double yMin, double yMax) {
        Region region = place(words.strip(), view(PRO_I)).region();
        assertThat(new double[] {region.xMin(), region.xMax(), region.yMin(), region.yMax()})
                .containsExactly(new double[] {xMin, xMax, yMin, yMax}, within(0.001));
        assertThat(region.contains(place(words.strip(), view(PRO_I)).feet())).isTrue();
    }

    /** A shift moves the depth he wanted; what the goal line leaves of it is told, and the levels keep their order. */
    @ParameterizedTest(name = "{0} with the ball on {1}")
    @CsvSource({
        "gap B @ 4.5 2 shallower,50,2.5,2.5",
        "gap B @ 4.5 1 deeper,3,5.5,3",
        "gap B @ 4.5,2,4.5,1.77",
        "gap B @ 4.5 2 shallower,2,2.5,1.59",
        "gap B @ 4.5 4 shallower,1,0.5,0.5",
        "gap B @ 6 2 shallower,1,4,1.73",
        "gap B @ 9,2,9,2"
    })
    void theSqueezeHoldsAfterAShift(String words, int toGoal, double wanted, double given) {
        Place place = place(
                words, view(PRO_I.replace("hs m 50 1&10", "hs m %d 1&%d".formatted(toGoal, Math.min(10, toGoal)))));
        assertThat(place.feet().y()).isCloseTo(given, within(0.005));
        assertThat(place.squeezed() == null).isEqualTo(wanted == given);
        if (place.squeezed() != null) {
            assertThat(place.squeezed().wantedDepth()).isEqualTo(wanted);
        }
        assertThat(place.region().contains(place.feet())).isTrue();
    }

    @Test
    void outsideTheDeepestBackMeansTheBackOfHisSideAndNeverInsideTheTackle() {
        String split = "ol2 TE4 SE-15 FL14/1.5 QB0/1 FB%s/4.5 TB%s/5 | hs m 50 1&10";
        assertThat(place("1 outside deepest back @ 6", view(split.formatted("2.5", "-2.5")))
                        .feet()
                        .x())
                .as("the shallower back stands on his side")
                .isCloseTo(3.5, within(0.005));
        assertThat(place("1 outside deepest back @ 6", view(split.formatted("-2.5", "-1.5")))
                        .feet()
                        .x())
                .as("nobody on his side: over the tackle")
                .isCloseTo(2.67, within(0.005));
    }

    @Test
    void aCurlFlatDropperLeavesNoBunchOutsideHim() {
        Area area = Area.CURL_FLAT;
        View bunch = view("ol2 X-16 A6 B7/1.5 D8/1.5 QB0/5 TB-1/5 | hs r 50 1&10");
        assertThat(area.landmark(bunch, Side.RIGHT).x()).isCloseTo(8, within(0.005));
        View spread = view("ol2 X-16 A6 B9/1.5 D12/1.5 QB0/5 TB-1/5 | hs r 50 1&10");
        assertThat(area.landmark(spread, Side.RIGHT).x()).isLessThan(8);
    }

    @ParameterizedTest
    @CsvSource({"hs m 6 1&6,6", "hs m 3 1&3,3", "hs m 2 1&2,2", "hs m 1 1&1,2", "hs m 11 1&10,12"})
    void sf39TheGoalLineTakesDepthAndTheFloorHolds(String spot, double depth) {
        Place place = place("deep middle @ 12", view(PRO_I.replace("hs m 50 1&10", spot)));
        assertThat(place.feet().y()).isEqualTo(depth);
        assertThat(place.squeezed() == null).isEqualTo(depth == 12);
    }

    @ParameterizedTest
    @CsvSource({
        "1.75,1.0,3 technique",
        "3.62,1.1,7 technique",
        "0.67,4.4,gap A @ 4.5",
        "7.1,5.1,outside end man 3 x 5",
        "15.0,7.0,'over #1, outside, 1 x 7'",
        "0.1,12.1,deep middle @ 12",
        "14.1,1.4,'over #1, head-up, 0 x 1.5'"
    })
    void aSpotFindsItsPhrase(double x, double y, String words) {
        assertThat(Naming.phrases(view(PRO_I), new Point(x, y)).get(0).words()).isEqualTo(words);
    }

    /** What stands for a spot is said for his own side first, a few ways at most, each another one. */
    @ParameterizedTest
    @CsvSource({"7.1,5.1,outside", "-7.1,5.1,other side", "9.2,6.6,split", "2.7,12,stack", "9,13,deep"})
    void aSpotIsOfferedInAFewWaysNearestFirst(double x, double y, String word) {
        View view = view(PRO_I);
        var spot = new Point(x, y);
        List<Phrase> phrases = Naming.phrases(view, spot);
        assertThat(phrases)
                .hasSizeBetween(1, 4)
                .extracting(Phrase::words)
                .doesNotHaveDuplicates()
                .anyMatch(w -> w.contains(word));
        for (int i = 1; i < phrases.size(); i++) {
            assertThat(phrases.get(i - 1).place(view).feet().distance(spot))
                    .isLessThanOrEqualTo(phrases.get(i).place(view).feet().distance(spot) + 0.16);
        }
    }

    @Test
    void everyPhraseFoundForASpotLeadsBackNearIt() {
        View view = view(PRO_I);
        for (double x = 0.5; x < 20; x += 1.3) {
            for (double y = 1; y < 15; y += 1.7) {
                var spot = new Point(x, y);
                assertThat(Naming.phrases(view, spot).get(0).place(view).feet().distance(spot))
                        .as("%s", spot)
                        .isLessThan(1.0);
            }
        }
    }
}
