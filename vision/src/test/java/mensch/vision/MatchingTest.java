package mensch.vision;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.film.ImagePoint;
import mensch.core.geometry.Point;
import mensch.vision.Matching.Asked;
import mensch.vision.Matching.Told;
import org.junit.jupiter.api.Test;

/** Who is taken for whom. */
class MatchingTest {
    private static final Asked MIKE = new Asked("mike", new Point(0, 5), true);
    private static final Asked WILL = new Asked("will", new Point(4, 5), true);
    private static final Asked QB = new Asked("QB", new Point(0, -5), false);

    private static ManSeen seen(double x, double y, int shirt) {
        return new ManSeen(new ImagePoint(100 * x, 100 * y), new Point(x, y), shirt);
    }

    private static List<String> names(List<Told> told) {
        return told.stream().map(Told::name).toList();
    }

    @Test
    void allTogetherStandAsNearAsCanBe() {
        // the nearest to the mike is the will, who stands two yards in
        List<Told> told =
                Matching.of(List.of(seen(2.4, 5, 1), seen(-1.5, 5, 1), seen(0, -5, 0)), List.of(MIKE, WILL, QB));
        assertThat(names(told)).containsExactly("mike", "will", "QB");
        assertThat(told.get(0).man().at().x()).isEqualTo(-1.5);
        assertThat(told).allMatch(Told::clear);
    }

    @Test
    void whoCouldAsWellHaveChangedPlacesIsNotClear() {
        List<Told> told = Matching.of(List.of(seen(2, 7, 0), seen(2, 3, 0), seen(0, -5, 1)), List.of(MIKE, WILL, QB));
        assertThat(told.stream().filter(t -> !t.name().equals("QB"))).noneMatch(Told::clear);
        assertThat(told.stream().filter(t -> t.name().equals("QB"))).allMatch(Told::clear);
    }

    @Test
    void nobodyIsTakenForOneOfTheOtherSideWhicheverShirtIsWhose() {
        for (int defence = 0; defence < 2; defence++) {
            List<Told> told = Matching.of(
                    List.of(
                            seen(0, 5, defence),
                            seen(4, 5, defence),
                            seen(0.2, 4, 1 - defence),
                            seen(0, -5, 1 - defence)),
                    List.of(MIKE, WILL, QB));
            assertThat(names(told)).containsExactly("mike", "will", "QB");
            assertThat(told.get(0).man().shirt()).isEqualTo(defence);
            assertThat(told.get(2).man().at().y()).isEqualTo(-5);
        }
    }

    @Test
    void whoIsFarFromEveryPlaceIsNobodyAndWhoIsNotThereIsLeftOut() {
        assertThat(names(Matching.of(List.of(seen(20, 20, -1), seen(4.5, 5, -1)), List.of(MIKE, WILL, QB))))
                .containsExactly("will");
        assertThat(Matching.of(List.of(), List.of(MIKE))).isEmpty();
        assertThat(Matching.of(List.of(seen(0, 0, 0)), List.of())).isEmpty();
    }
}
