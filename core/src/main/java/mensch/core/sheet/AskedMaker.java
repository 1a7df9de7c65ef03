package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.core.audit.Said;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.NamedMen;
import mensch.core.lineup.Why;
import mensch.core.rung.Key;
import mensch.core.rung.Numbers;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Ref;
import mensch.core.rung.Rung;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import mensch.core.sheet.Asked.Row;

/** Answers who has a man, a gap or an area of one line-up, and by which rung. */
public final class AskedMaker {
    private final Lineup lineup;
    private final Words words;
    private final AreaLedger areas;

    public AskedMaker(Lineup lineup, Library library) {
        this.lineup = lineup;
        this.words = new Words(lineup, library);
        this.areas = AreaLedger.of(lineup);
    }

    /** The answer about what is named; none when this line-up has no such thing. */
    public Optional<Asked> of(Asked.Kind kind, String name) {
        return switch (kind) {
            case MAN ->
                lineup.snap().formation().men().stream()
                        .filter(m -> m.name().equals(name))
                        .findFirst()
                        .map(this::man);
            case GAP ->
                GapLedger.of(lineup).rows().stream()
                        .filter(r -> r.said().equals(name))
                        .findFirst()
                        .map(this::gap);
            case AREA ->
                areas.rows().stream()
                        .filter(r -> r.owner().id().equals(name))
                        .findFirst()
                        .map(this::area);
        };
    }

    private Asked man(Man man) {
        Shape shape = lineup.features().shape();
        var rows = new ArrayList<Row>();
        Optional<EligibleLedger.Entry> eligible = EligibleLedger.of(lineup, areas).entries().stream()
                .filter(e -> e.man().equals(man))
                .findFirst();
        eligible.ifPresent(e -> had(e, rows));
        if (eligible.isEmpty() || rows.isEmpty()) {
            over(man, rows);
        }
        if (man == shape.quarterback()) {
            spied(rows);
        }
        handed(man, rows);
        read(man, rows);
        if (rows.isEmpty()) {
            rows.add(plain("Nobody lines up on him and nobody reads him."));
        }
        String title = eligible.map(e -> e.number().startsWith("back") ? e.number() : man.name() + ", " + e.number())
                .orElseGet(() -> man == shape.quarterback()
                        ? "the quarterback"
                        : man.post().words()
                                + (man.post() == Man.Post.CENTRE
                                        ? ""
                                        : " " + (man.x() < 0 ? Side.LEFT : Side.RIGHT).words()));
        return new Asked(title, List.copyOf(rows));
    }

    /** Who has him against the pass: by name, else the zones he stands in front of, else nobody. */
    private void had(EligibleLedger.Entry entry, List<Row> rows) {
        for (Job job : entry.byMan()) {
            rows.add(row(job, by(job, entry.man()), Part.PASS));
        }
        if (entry.byMan().isEmpty()) {
            for (Job job : entry.byZone()) {
                rows.add(row(job, ", in his zone: " + said(job, Part.PASS) + ".", Part.PASS));
            }
        }
        if (entry.alone()) {
            rows.add(plain("Nobody has him: no job names him and he stands in front of no zone."));
        }
    }

    /** How a man told by name has him: alone, with another, one of two, or only by a later order. */
    private String by(Job job, Man man) {
        boolean first = job.passTask() instanceof Task.OnMen on && names(on.men(), job, man);
        if (first && job.passTask() instanceof Task.ManOn) {
            return " has him man to man.";
        }
        return (first ? ": " : ", later: ") + said(job, Part.PASS) + ".";
    }

    /** Zones that follow or leave him, and jobs with a second step that names him. */
    private void handed(Man man, List<Row> rows) {
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.Cover cover) {
                if (cover.receiver() != null && names(List.of(cover.receiver()), job, man)) {
                    rows.add(row(
                            job,
                            cover.matched()
                                    ? " takes him over once he comes into the zone, and then has him like man."
                                    : " runs with him when he goes deep, and hands him over when he does not.",
                            Part.PASS));
                } else if (cover.trapped() != null && names(List.of(cover.trapped()), job, man)) {
                    rows.add(row(job, " traps him when number two is out at once.", Part.PASS));
                }
            }
            Steps steps = job.after().pass().orNull();
            if (steps != null
                    && steps.steps().size() > 1
                    && steps.first() instanceof Task.OnMen on
                    && names(on.men(), job, man)) {
                rows.add(row(job, " hands him over: " + said(job, Part.PASS) + ".", Part.PASS));
            }
        }
    }

    private void spied(List<Row> rows) {
        for (Job job : lineup.jobs()) {
            if (job.passTask() instanceof Task.Spy) {
                rows.add(row(job, " has him when he runs: " + said(job, Part.PASS) + ".", Part.PASS));
            }
        }
    }

    private void over(Man man, List<Row> rows) {
        for (Job job : lineup.jobs()) {
            Place place = job.before().align().orNull();
            if (place != null && names(place.from(), job, man)) {
                rows.add(row(job, " lines up from him: " + said(job, Part.ALIGN) + ".", Part.ALIGN));
            }
        }
    }

    private void read(Man man, List<Row> rows) {
        Map<Man, List<Job>> first =
                NamedMen.of(lineup, job -> keys(job).stream().limit(1).toList());
        Map<Man, List<Job>> then =
                NamedMen.of(lineup, job -> keys(job).stream().skip(1).toList());
        var reading = new ArrayList<String>();
        List<Job> his = first.getOrDefault(man, List.of());
        if (!his.isEmpty()) {
            reading.add("Read first by " + Said.names(his) + ".");
        }
        List<Job> later = then.getOrDefault(man, List.of()).stream()
                .filter(j -> !his.contains(j))
                .toList();
        if (!later.isEmpty()) {
            reading.add("Read second by " + Said.names(later) + ".");
        }
        reading.forEach(words -> rows.add(plain(words)));
    }

    private static List<Ref> keys(Job job) {
        Key key = job.before().key().orNull();
        return key == null ? List.of() : key.men();
    }

    private Asked gap(GapLedger.Row gap) {
        var rows = new ArrayList<Row>();
        gap.owners().forEach(job -> rows.add(row(job, " has it: " + said(job, Part.RUN) + ".", Part.RUN)));
        gap.twoGappers()
                .forEach(job -> rows.add(row(
                        job, " takes it when the ball comes there: he plays the man and both his gaps.", Part.RUN)));
        if (rows.isEmpty()) {
            rows.add(plain("Nobody has it."));
        }
        if (gap.owners().size() > 1) {
            rows.add(plain("Two men have the same gap."));
        }
        return new Asked(gap.said(), List.copyOf(rows));
    }

    private Asked area(AreaLedger.Row area) {
        var rows = new ArrayList<Row>();
        rows.add(row(
                area.owner(), " has it and goes " + Numbers.tenth(area.travel()) + " yd to the landmark.", Part.PASS));
        String inside = EligibleLedger.of(lineup, areas).entries().stream()
                .filter(e -> e.byZone().contains(area.owner()))
                .map(e -> e.man().name() + " (" + e.number() + ")")
                .collect(Collectors.joining(", "));
        rows.add(plain(inside.isEmpty() ? "Nobody stands in front of it." : "In front of it: " + inside + "."));
        double wide = area.extent().xMax() - area.extent().xMin();
        return new Asked(area.area().words() + ", " + Numbers.tenth(wide) + " yd wide", List.copyOf(rows));
    }

    private boolean names(List<Ref> refs, Job job, Man man) {
        return refs.stream()
                .anyMatch(ref -> lineup.view(job).man(ref).filter(man::equals).isPresent());
    }

    private String said(Job job, Part part) {
        return lineup.convention().labels().said(words.shown(job, part));
    }

    private static Row plain(String words) {
        return new Row(null, words, null, null);
    }

    /** What is told of a man, with the rung behind that part of his job. */
    private Row row(Job job, String told, Part part) {
        String name = job.words();
        String sentence = Said.capital(name) + told;
        Optional<Why> why = job.part(part).chain().stream().findFirst();
        return new Row(
                job.id(),
                sentence,
                why.map(w -> w.rung().words()).orElse(null),
                why.flatMap(w -> lineup.inForce().rung(w.rung()))
                        .map(Rung::words)
                        .map(lineup.convention().labels()::said)
                        .orElse(null));
    }
}
