package mensch.core.grading;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.call.Call;
import mensch.core.film.Calibration;
import mensch.core.film.Feet;
import mensch.core.film.Fusion;
import mensch.core.film.Measured;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.formation.Snap;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Place;
import mensch.core.rung.Ref;

/**
 * Measures clicked feet, puts the views of a play together, and judges each defender against his place, asked against
 * the offence as it stood.
 */
public final class FilmJudge {
    private final Map<String, Measured> measured = new LinkedHashMap<>();
    private final Map<String, Double> apart = new LinkedHashMap<>();

    /** One view of a play: how it sees the field, and whose feet were clicked in it, by offensive name or job id. */
    public record View(Calibration calibration, Map<String, Feet> clicks) {}

    /**
     * One defender who was clicked.
     *
     * @param nominal men his place leans on who were not clicked: the verdict is against the sheet's splits
     */
    public record Row(Job job, Measured measured, AlignmentVerdict verdict, List<String> nominal) {}

    /**
     * The line-up asked against the offence as it stood, and the verdicts in field order.
     *
     * @param apart men whom the views put at different places, and how far apart those are, yards: they are not
     *     measured
     */
    public record Judged(Lineup asked, List<Row> rows, Map<String, Measured> measured, Map<String, Double> apart) {}

    private FilmJudge(List<View> views) {
        var seen = new LinkedHashMap<String, List<Measured>>();
        for (View view : views) {
            view.clicks()
                    .forEach((man, click) -> view.calibration()
                            .measure(click)
                            .ifPresent(found -> seen.computeIfAbsent(man, m -> new ArrayList<>())
                                    .add(found)));
        }
        seen.forEach((man, places) -> {
            Fusion fusion = Fusion.of(places);
            if (fusion.agrees()) {
                measured.put(man, fusion.measured());
            } else {
                apart.put(man, fusion.yardsApart());
            }
        });
    }

    /** @param views of one play at the snap; clicks above the horizon are left out */
    public static Judged of(Call call, Snap logged, List<View> views) {
        return new FilmJudge(views).judge(call, logged);
    }

    private Judged judge(Call call, Snap logged) {
        Lineup asked =
                Lineup.of(call, asItStood(logged, call.convention().film().depthChange()));
        var rows = new ArrayList<Row>();
        for (Job job : asked.jobs()) {
            Place place = job.before().align().orNull();
            Measured found = measured.get(job.id());
            if (place != null && found != null) {
                rows.add(row(asked, job, place, found));
            }
        }
        return new Judged(asked, List.copyOf(rows), measured, apart);
    }

    /**
     * A measured depth moves a man off the sheet's depth only when it differs by more than a change and beyond its
     * doubt.
     */
    private Snap asItStood(Snap logged, double depthChange) {
        var moved = new ArrayList<Man>();
        for (Man man : logged.formation().men()) {
            Measured found = measured.get(man.name());
            if (found != null) {
                double depth = 0.0 - found.feet().y();
                boolean elsewhere = Math.abs(depth - man.depth()) > Math.max(depthChange, 1.96 * found.sigmaY());
                moved.add(man.at(found.feet().x(), elsewhere ? Math.max(0, depth) : man.depth()));
            }
        }
        Formation stood = logged.formation().with(moved);
        var phases = new ArrayList<>(logged.phases().subList(0, logged.phases().size() - 1));
        phases.add(stood);
        return logged.with(phases);
    }

    private Row row(Lineup asked, Job job, Place place, Measured stood) {
        var nominal = new ArrayList<String>();
        double varianceX = 0;
        int references = 0;
        for (Ref ref : place.from()) {
            Optional<Man> man = asked.view(job).man(ref);
            if (man.isEmpty() || ref.kind() == Ref.Kind.BALL) {
                continue;
            }
            references++;
            Measured found = measured.get(man.get().name());
            if (found == null) {
                nominal.add(man.get().name());
            }
            varianceX += square(found == null ? asked.convention().film().nominalSigma() : found.sigmaX());
        }
        double share = Math.max(1, references);
        var verdict = AlignmentVerdict.of(
                place,
                stood,
                Math.sqrt(varianceX) / share,
                0,
                asked.convention().film());
        return new Row(job, stood, verdict, List.copyOf(nominal));
    }

    private static double square(double x) {
        return x * x;
    }
}
