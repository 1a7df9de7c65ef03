package mensch.core.grading;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;
import mensch.core.convention.Convention;
import mensch.core.document.RefusedException;
import mensch.core.film.Covariance;
import mensch.core.film.Measured;
import mensch.core.film.Places;
import mensch.core.film.Shot;
import mensch.core.film.Sight;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.grading.StoodAs.Candidate;
import mensch.core.library.Library;
import org.junit.jupiter.api.Test;

/** Formations read off the places of men that were clicked under the names of another. */
class StoodAsTest {
    private static final String SPOT = "hs m 50 1&10";
    private static final double SIGMA = 0.3;
    private static final Library LIBRARY = Library.shipped();
    private final SplittableRandom random = new SplittableRandom(7);

    private static Candidate candidate(String id, boolean mirrored) {
        return new Candidate(
                id, mirrored, LIBRARY.formation(id).snap(null, mirrored, SPOT).formation());
    }

    private static List<Candidate> all() {
        var all = new ArrayList<Candidate>();
        LIBRARY.formations().forEach(f -> {
            if (f.players() == 11) {
                all.add(candidate(f.id(), false));
                all.add(candidate(f.id(), true));
            }
        });
        return all;
    }

    private double off(double sigma) {
        return sigma * random.nextGaussian();
    }

    /** Who was clicked of the real eleven: the line by its names, others from left to right by those of the log. */
    private Places clicked(Formation logged, Formation real, int men) {
        var sights = new ArrayList<Sight>();
        List<Man> named = logged.men().stream().filter(m -> !m.interior()).toList();
        List<Man> stood = real.men().stream().filter(m -> !m.interior()).toList();
        for (int i = 0; i < men; i++) {
            sights.add(sight(named.get(i).name(), stood.get(i)));
        }
        real.men().stream().filter(Man::interior).forEach(m -> sights.add(sight(m.name(), m)));
        return Places.of(sights, Convention.standard().film());
    }

    /** He splits a tenth wider or nearer than the sheet has him, and is clicked as well as film lets. */
    private Sight sight(String name, Man man) {
        double split = man.interior() ? 0 : man.x() * off(0.1);
        var at = new Point(man.x() + split + off(SIGMA), Math.min(0, man.feet().y() + off(SIGMA)));
        return Sight.of(Shot.atSnap(name), new Measured(at, Covariance.of(SIGMA, SIGMA), true));
    }

    @Test
    void aFormationLoggedWrongIsToldFromTheMarksAndOneLoggedRightIsLeftAlone() {
        List<Candidate> all = all();
        var counts = new HashMap<String, Integer>();
        for (Candidate real : all) {
            for (int i = 0; i < 8; i++) {
                Candidate logged = i == 0 ? real : all.get(random.nextInt(all.size()));
                Places places = clicked(logged.formation(), real.formation(), 6);
                boolean right = logged.formation().equals(real.formation());
                List<StoodAs.Fit> told = StoodAs.told(logged.formation(), logged, places, all);
                boolean among = told.stream().anyMatch(fit -> same(fit.as(), real));
                String one = told.size() == 1 ? "told" : told.size() <= 3 ? "two or three" : "more";
                String what = told.isEmpty() ? "not told" : among ? one : "wrong";
                counts.merge(right ? told.isEmpty() ? "left" : "moved" : what, 1, Integer::sum);
            }
        }
        assertThat(counts.getOrDefault("wrong", 0) * 50).isLessThanOrEqualTo(counts.get("told"));
        assertThat(counts.getOrDefault("not told", 0) * 4).isLessThan(counts.get("told"));
        assertThat(counts.getOrDefault("moved", 0) * 50).isLessThanOrEqualTo(counts.get("left"));
    }

    /** Two formations that the sheets draw alike, or one that is its own mirror. */
    private static boolean same(Candidate one, Candidate other) {
        return one.formation().men().stream()
                .map(Man::feet)
                .toList()
                .equals(other.formation().men().stream().map(Man::feet).toList());
    }

    @Test
    void menAreRenamedAsTheyStand() {
        Candidate logged = candidate("pro-i", false);
        Candidate real = candidate("trips-open", false);
        Places places = clicked(logged.formation(), real.formation(), 6);
        StoodAs.Fit fit =
                StoodAs.told(logged.formation(), logged, places, all()).get(0);
        assertThat(fit.as().id()).isEqualTo("trips-open");
        Map<String, String> names = fit.names();
        assertThat(names)
                .hasSize(11)
                .containsEntry("LT", "LT")
                .containsEntry("C", "C")
                // from left to right the quarterback's name fell on the back beside the real one
                .containsEntry("QB", "TB")
                .containsEntry("FB", "QB");
        assertThat(names.values()).doesNotHaveDuplicates();
        names.forEach((was, is) -> assertThat(places.fromBall(was)
                        .orElseThrow()
                        .feet()
                        .distance(real.formation().man(is).feet()))
                .as(was + " is " + is)
                .isLessThan(5));
    }

    @Test
    void nothingIsToldWhileSomebodyIsNotMarkedAndItSaysWho() {
        Candidate logged = candidate("pro-i", false);
        Places places =
                clicked(logged.formation(), candidate("trips-open", false).formation(), 5);
        assertThat(StoodAs.told(logged.formation(), logged, places, all())).isEmpty();
        assertThat(StoodAs.missing(logged.formation(), places)).hasSize(1);
    }

    @Test
    void aFormationOfOtherMenOrWithNobodyMeasuredIsRefusedInWords() {
        Candidate logged = candidate("pro-i", false);
        Places nobody = Places.of(List.of(), Convention.standard().film());
        assertThatThrownBy(() -> StoodAs.fit(logged.formation(), logged, nobody))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("mark their feet first");
        var flag = new Candidate(
                "flag-trips", false, LIBRARY.formation("flag-trips").formation());
        Places places = clicked(logged.formation(), logged.formation(), 6);
        assertThatThrownBy(() -> StoodAs.fit(logged.formation(), flag, places))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining("choose a formation of as many");
    }

    @Test
    void whereNobodyOfTheLibraryStandsSoNothingIsTold() {
        Candidate logged = candidate("pro-i", false);
        Formation odd = logged.formation()
                .with(List.of(
                        logged.formation().man("FB").at(-9, 9),
                        logged.formation().man("TB").at(3, 12)));
        assertThat(StoodAs.told(logged.formation(), logged, clicked(odd, odd, 6), all()))
                .isEmpty();
    }
}
