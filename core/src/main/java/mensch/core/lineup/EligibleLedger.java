package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mensch.core.formation.Man;
import mensch.core.geometry.Region;
import mensch.core.lineup.AreaLedger.Row;
import mensch.core.rung.Ref;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;

/** Every eligible man and who has him: by name in man coverage, else the zones he stands in front of. */
public record EligibleLedger(List<Entry> entries) {

    /**
     * One eligible man.
     *
     * @param number his number from the sideline with its side, as in "#2 right", or "the back"
     * @param byMan defenders who have him wherever he goes
     * @param byZone owners of the zones whose width he stands in
     */
    public record Entry(Man man, String number, List<Job> byMan, List<Job> byZone) {
        public boolean alone() {
            return byMan.isEmpty() && byZone.isEmpty();
        }
    }

    public static EligibleLedger of(Lineup lineup, AreaLedger areas) {
        var entries = new ArrayList<Entry>();
        // a deep man has nobody by himself: behind man coverage he helps, and does not take
        boolean zone = areas.rows().stream().anyMatch(r -> !r.area().deep())
                || lineup.jobs().stream().noneMatch(j -> j.passTask() instanceof Task.OnMen);
        Map<Man, List<Job>> byMan = NamedMen.of(lineup, EligibleLedger::told);
        for (Man man : lineup.snap().formation().men()) {
            if (!man.interior() && man != lineup.features().shape().quarterback()) {
                entries.add(new Entry(
                        man,
                        lineup.features().shape().called(man),
                        List.copyOf(byMan.getOrDefault(man, List.of())),
                        byZone(areas, zone, man)));
            }
        }
        return new EligibleLedger(List.copyOf(entries));
    }

    /** Whom a job has by its first order or by a later one: a rusher may have the back who swings on his side. */
    private static List<Ref> told(Job job) {
        Steps pass = job.after().pass().orNull();
        if (pass == null) {
            return List.of();
        }
        var men = new ArrayList<Ref>(2);
        for (Steps.Step step : pass.steps()) {
            if (step.task() instanceof Task.OnMen on) {
                men.addAll(on.men());
            }
        }
        return men;
    }

    private static List<Job> byZone(AreaLedger areas, boolean zone, Man man) {
        return areas.rows().stream()
                .filter(r -> (zone || !r.area().deep()) && inWidth(r.extent(), man))
                .map(Row::owner)
                .toList();
    }

    private static boolean inWidth(Region extent, Man man) {
        return man.x() >= extent.xMin() && man.x() <= extent.xMax();
    }
}
