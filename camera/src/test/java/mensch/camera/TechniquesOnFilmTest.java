package mensch.camera;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.convention.Convention;
import mensch.core.event.Observed;
import mensch.core.film.Calibration;
import mensch.core.film.CameraView;
import mensch.core.film.Feet;
import mensch.core.film.ImagePoint;
import mensch.core.film.KnownPlaces;
import mensch.core.film.KnownPoint;
import mensch.core.film.Places;
import mensch.core.film.Shot;
import mensch.core.film.Times;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.grading.AlignmentVerdict.Outcome;
import mensch.core.grading.FilmJudge;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Proposals;
import mensch.core.grading.Proposed;
import mensch.core.grading.ReadJudge;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rubric.Facet;
import mensch.core.rung.Shading.GapSide;
import mensch.core.simulation.Playable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Linemen's techniques and stunts as film shows them from both sides, clicked by a hand that does not shake. */
class TechniquesOnFilmTest {
    private static final Library LIBRARY = Library.shipped();
    private static final Playable PLAYS = new Playable(LIBRARY.plays());
    private static final Snap SNAP = LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10");
    /** When the back commits. */
    private static final double COMMITS = 1;
    /** Clicks of so many frames while he stood. */
    private static final int STILL = 25;

    private static final List<PinholeCamera> CAMERAS =
            List.of(PinholeCamera.sideline(45, 20, 0, 1920), PinholeCamera.endZone(35, 12, 1920));

    private static Lineup lineup(String call) {
        return Lineup.of(LIBRARY.call(call), SNAP);
    }

    private static ImagePoint pixel(PinholeCamera camera, Point at) {
        return camera.project(new Point3(at.x(), at.y(), 0));
    }

    private static CameraView view(PinholeCamera camera, Map<Shot, Point> stood) {
        List<KnownPoint> known = KnownPlaces.of(SNAP.field()).stream()
                .filter(p -> camera.sees(pixel(camera, p.at())))
                .map(p -> new KnownPoint(p.name(), p.at(), pixel(camera, p.at())))
                .toList();
        var clicks = new LinkedHashMap<Shot, Feet>();
        stood.forEach((shot, at) -> clicks.put(shot, new Feet(pixel(camera, at), Feet.Told.SEEN, STILL)));
        return new CameraView(
                ((Calibration.Solved)
                                Calibration.of(known, Convention.standard().film()))
                        .calibration(),
                clicks);
    }

    /** The offence and the ball where they were logged, and a man elsewhere. */
    private static FilmJudge.Judged judged(String call, Map<Shot, Point> others) {
        var stood = new LinkedHashMap<Shot, Point>();
        stood.put(Shot.atSnap(Places.BALL), new Point(0, 0));
        for (Man man : SNAP.formation().men()) {
            stood.put(Shot.atSnap(man.name()), man.feet());
        }
        stood.putAll(others);
        return FilmJudge.of(
                LIBRARY.call(call),
                SNAP,
                CAMERAS.stream().map(c -> view(c, stood)).toList());
    }

    private static FilmJudge.Row row(FilmJudge.Judged judged, String man) {
        return judged.rows().stream()
                .filter(r -> r.job().id().equals(man))
                .findFirst()
                .orElseThrow();
    }

    /** Pro I, the end to the right: the tackle is asked a 3, the end to the call side a 7. */
    @ParameterizedTest(name = "{0}: {1} at {2} yd")
    @CsvSource({
        "TQ-03, tackle, 0.40, 1, WRONG",
        "TQ-03, tackle, 1.73, 3, RIGHT",
        "TQ-03, tackle, 3.07, 5, RIGHT",
        "TQ-04, end-call, 3.60, 7, RIGHT",
        "TQ-04, end-call, 4.00, 6, NOT_TOLD",
        "TQ-04, end-call, 4.40, 9, WRONG",
    })
    void aWidthOnFilmReadsAsItsLabelAndTellsTheGapSide(String id, String man, double x, String label, GapSide side) {
        FilmJudge.Row row = row(judged(man, x), man);
        assertThat(row.shading().orElseThrow().may()).as(id).containsExactly(label);
        assertThat(row.shading().orElseThrow().side()).as(id).isEqualTo(side);
        assertThat(row.verdict().outcome() == Outcome.IN)
                .as(id)
                .isEqualTo(label.equals(row.shading().orElseThrow().asked()));
    }

    private static FilmJudge.Judged judged(String man, double x) {
        return judged("anvil-drizzle", Map.of(Shot.atSnap(man), new Point(x, 1.2)));
    }

    /** TQ-06: widened where a pass is expected he is a 3 still, and his gap is B. */
    @Test
    void tq06AThreeThatIsLooseIsStillAThreeOnFilm() {
        FilmJudge.Row loose = row(judged("tackle", 1.9), "tackle");
        assertThat(loose.shading().orElseThrow().may()).containsExactly("3");
        assertThat(loose.shading().orElseThrow().side()).isEqualTo(GapSide.RIGHT);
        assertThat(loose.job().runTask().words()).startsWith("B gap");
    }

    /** TQ-10, TQ-13: he is to be seen in the gap he shows, and in the one he moves to when it counts. */
    @ParameterizedTest(name = "{0}: at {1} yd when the back commits")
    @CsvSource({"TQ-10, -2.0, TO_STANDARD, in it", "TQ-13, -0.67, BELOW, inside of it"})
    void aStunterStandsInOneGapAndIsToldByTheOther(String id, double x, GradeMark mark, String words) {
        Lineup lineup = lineup("anvil-trout");
        Job nose = lineup.job("nose");
        assertThat(nose.feet().x()).isNegative();
        Playable.Named power = PLAYS.named().stream()
                .filter(p -> p.id().equals("power"))
                .findFirst()
                .orElseThrow();
        var stood = new LinkedHashMap<Shot, Point>();
        stood.put(Shot.atSnap("nose"), nose.feet());
        stood.put(new Shot("nose", COMMITS), new Point(x, 0.8));
        Stream.of("C", "LG", "LT", "RG", "RT", "TE")
                .forEach(man -> stood.put(
                        new Shot(man, COMMITS),
                        Objects.requireNonNull(SNAP.formation().man(man)).feet()));
        FilmJudge.Judged judged = judged("anvil-trout", stood);
        assertThat(row(judged, "nose").verdict().outcome()).as(id).isNotEqualTo(Outcome.OUT);

        Times times = Times.of(List.of(new Times.Marked(Observed.BACK_COMMITS, "", COMMITS, 1 / 30.0)));
        Optional<ReadJudge> reads = ReadJudge.of(PLAYS, judged.asked(), power.id(), Side.RIGHT);
        Proposed told = new Proposals(judged, times, reads)
                .of(judged.asked().job("nose")).stream()
                        .filter(p -> p.facet() == Facet.ASSIGNMENT)
                        .findFirst()
                        .orElseThrow();
        assertThat(told.mark()).as(told.measured()).isEqualTo(mark);
        assertThat(told.measured()).as(id).startsWith("B gap").contains(words);
    }
}
