package mensch.core.grading;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.DoubleStream;
import mensch.core.call.Call;
import mensch.core.film.CameraView;
import mensch.core.film.Feet;
import mensch.core.film.Measured;
import mensch.core.film.Places;
import mensch.core.film.Shot;
import mensch.core.film.Sight;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.geometry.Vector;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;
import mensch.core.rung.Ref;
import mensch.core.rung.Shading;

/**
 * Measures clicked feet, puts the views of a play together, and judges each defender against his place, asked against
 * the offence as it stood.
 */
public final class FilmJudge {
    private final Places places;

    /** Moments nearer together than this are one, seconds: the frames of two sides do not fall together. */
    private static final double ONE_MOMENT = 0.02;

    /**
     * One defender who was clicked.
     *
     * @param measured from the ball
     * @param shading what his width tells of his technique, if he was asked one
     * @param nominal men his place leans on who were not clicked: the verdict is against the sheet's splits
     */
    public record Row(
            Job job, Measured measured, AlignmentVerdict verdict, Optional<Shading> shading, List<String> nominal) {

        /** The verdict, and where that leaves his technique open, how far it is told. */
        public String words() {
            return verdict.words()
                    + shading.filter(s -> !(verdict.lateral() instanceof AxisVerdict.In))
                            .map(s -> "; " + s.words())
                            .orElse("");
        }
    }

    /**
     * The line-up asked against the offence as it stood, and the verdicts in field order.
     *
     * @param places of everybody who was clicked
     */
    public record Judged(Lineup asked, List<Row> rows, Places places) {

        /** How far the ball was clicked from its logged spot, if that is too far to be believed of both. */
        public Optional<Vector> ballElsewhere() {
            return places.ball()
                    .map(ball -> new Vector(ball.feet().x(), ball.feet().y()))
                    .filter(off ->
                            off.length() > asked.convention().film().ball().asked());
        }
    }

    private FilmJudge(Places places) {
        this.places = places;
    }

    /** @param views of one play at the snap; clicks above the horizon are left out */
    public static Judged of(Call call, Snap logged, List<CameraView> views) {
        double[] moments = moments(views);
        List<Sight> sights = views.stream()
                .map(v -> v.calibration().sight(at(v.clicks(), moments)))
                .toList();
        return new FilmJudge(Places.of(sights, call.convention().film())).judge(call, logged);
    }

    /** When somebody was clicked, each moment once, whichever side saw it. */
    private static double[] moments(List<CameraView> views) {
        double[] all = views.stream()
                .flatMap(v -> v.clicks().keySet().stream())
                .mapToDouble(Shot::seconds)
                .sorted()
                .distinct()
                .toArray();
        var once = DoubleStream.builder();
        double last = Double.NEGATIVE_INFINITY;
        for (double seconds : all) {
            if (seconds - last > ONE_MOMENT) {
                once.add(seconds);
                last = seconds;
            }
        }
        return once.build().toArray();
    }

    private static Map<Shot, Feet> at(Map<Shot, Feet> clicks, double[] moments) {
        var at = new LinkedHashMap<Shot, Feet>();
        clicks.entrySet().stream()
                .sorted(Comparator.comparingDouble(e -> e.getKey().seconds()))
                .forEach(e -> at.putIfAbsent(
                        new Shot(
                                e.getKey().who(),
                                Arrays.stream(moments)
                                        .filter(m -> m <= e.getKey().seconds())
                                        .max()
                                        .orElseThrow()),
                        e.getValue()));
        return at;
    }

    private Judged judge(Call call, Snap logged) {
        Snap lying = places.ball()
                .map(ball -> new Vector(ball.feet().x(), ball.feet().y()))
                .map(logged::lying)
                .orElse(logged);
        Lineup asked = Lineup.of(call, asItStood(lying, call.convention().film().depthChange()));
        var rows = new ArrayList<Row>();
        for (Job job : asked.jobs()) {
            Place place = job.before().align().orNull();
            if (place != null) {
                places.fromBall(job.id()).ifPresent(stood -> rows.add(row(asked, job, place, stood)));
            }
        }
        return new Judged(asked, List.copyOf(rows), places);
    }

    /**
     * A measured depth moves a man off the sheet's depth only when it differs by more than a change and beyond its
     * doubt.
     */
    private Snap asItStood(Snap logged, double depthChange) {
        var moved = new ArrayList<Man>();
        for (Man man : logged.formation().men()) {
            places.fromBall(man.name()).ifPresent(found -> {
                double depth = 0.0 - found.feet().y();
                boolean elsewhere =
                        Math.abs(depth - man.depth()) > Math.max(depthChange, AxisVerdict.Z95 * found.sigmaY());
                moved.add(man.at(found.feet().x(), elsewhere ? Math.max(0, depth) : man.depth()));
            });
        }
        Formation stood = logged.formation().with(moved);
        var phases = new ArrayList<>(logged.phases().subList(0, logged.phases().size() - 1));
        phases.add(stood);
        return logged.with(phases);
    }

    private Row row(Lineup asked, Job job, Place place, Measured stood) {
        var nominal = new ArrayList<String>();
        double varianceX = 0;
        List<Man> references = place.from().stream()
                .filter(ref -> ref.kind() != Ref.Kind.BALL)
                .flatMap(ref -> asked.view(job).man(ref).stream())
                .toList();
        double share = 1.0 / Math.max(1, references.size());
        var shares = new HashMap<String, Double>(Map.of(job.id(), 1.0));
        for (Man man : references) {
            if (places.fromBall(man.name()).isPresent()) {
                shares.merge(man.name(), -share, Double::sum);
            } else {
                nominal.add(man.name());
                varianceX += square(share * asked.convention().film().nominalSigma());
            }
        }
        if (!place.phrase().onPaint()) {
            // what is not measured from a man is measured from the ball
            shares.put(
                    Places.BALL, -shares.values().stream().mapToDouble(s -> s).sum());
        }
        double sigmaX = Math.hypot(places.sigmaX(shares), Math.sqrt(varianceX));
        return new Row(
                job,
                stood,
                AlignmentVerdict.of(place, stood, sigmaX, asked.convention().film()),
                Shading.of(asked.view(job), place.phrase(), stood.feet().x(), AxisVerdict.Z95 * sigmaX),
                List.copyOf(nominal));
    }

    private static double square(double x) {
        return x * x;
    }
}
