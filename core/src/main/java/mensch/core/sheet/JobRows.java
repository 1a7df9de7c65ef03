package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.Labels;
import mensch.core.event.Whose;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Region;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.Why;
import mensch.core.roster.Manning;
import mensch.core.roster.Player;
import mensch.core.rung.FitRole;
import mensch.core.rung.Key;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Rung;
import mensch.core.rung.Task;
import mensch.core.sheet.Sheet.Box;
import mensch.core.sheet.Sheet.FactRow;
import mensch.core.sheet.Sheet.JobRow;
import mensch.core.sheet.Sheet.ManningRow;
import mensch.core.sheet.Sheet.PartRow;
import mensch.core.sheet.Sheet.ReadRow;
import mensch.core.sheet.Sheet.Reason;
import org.jspecify.annotations.Nullable;

/** Writes the jobs of one line-up down. */
final class JobRows {
    private final Lineup lineup;
    private final Words words;
    private final Manning manning;

    JobRows(Lineup lineup, Words words, Manning manning) {
        this.lineup = lineup;
        this.words = words;
        this.manning = manning;
    }

    JobRow row(Job job) {
        Optional<Place> place = Optional.ofNullable(job.before().align().orNull());
        Optional<Place> show = Optional.ofNullable(job.before().show().orNull());
        return new JobRow(
                job.id(),
                job.words(),
                job.role().id(),
                job.role().label(),
                job.role().body(),
                job.seat(),
                job.seat() == lineup.sides().cover().side(),
                PassKind.of(job.passTask()),
                spot(place.map(Place::feet)),
                spot(show.map(Place::feet)),
                place.map(Place::region).map(JobRows::box).orElse(null),
                spot(key(job)),
                spot(man(job)),
                place.flatMap(Place::leverage).orElse(null),
                job.runTask() instanceof Task.Fit fit && fit.role() == FitRole.FORCE,
                place.map(p -> from(job, p)).orElse(List.of()),
                spot(goal(job)),
                player(job).orElse(null),
                reads(job),
                words.taught(job),
                parts(job));
    }

    private static Sheet.@Nullable Spot spot(Optional<Point> at) {
        return at.map(Words::spot).orElse(null);
    }

    private Optional<Point> goal(Job job) {
        return Optional.ofNullable(job.after().move().orNull()).flatMap(m -> m.goal(lineup.view(job)));
    }

    private Optional<ManningRow> player(Job job) {
        Optional<Player> player = manning.on(job);
        List<String> notes = manning.notes().stream()
                .filter(n -> n.job().equals(job.id()))
                .map(Manning.Note::words)
                .toList();
        return player.isEmpty() && notes.isEmpty()
                ? Optional.empty()
                : Optional.of(new ManningRow(
                        player.map(Player::id).orElse(""),
                        player.map(Player::said).orElse(""),
                        player.map(Player::measured).orElse(""),
                        notes));
    }

    private List<ReadRow> reads(Job job) {
        return job.after().reactions().stream()
                .map(r -> new ReadRow(
                        of(r.whose(), job),
                        r.on().words(),
                        r.said(),
                        labels().said(r.orders().words())))
                .toList();
    }

    /** The man a row reads, as his key names him; the first of his keys when there is no second. */
    private static String of(Whose whose, Job job) {
        Key key = job.before().key().orNull();
        if (whose == Whose.NEIGHBOUR
                || whose == Whose.BLOCKER
                || key == null
                || key.men().isEmpty()) {
            return whose.words();
        }
        int at = whose == Whose.SECOND ? Math.min(1, key.men().size() - 1) : 0;
        return key.men().get(at).words();
    }

    private Labels labels() {
        return lineup.convention().labels();
    }

    private static Box box(Region region) {
        return new Box(region.xMin(), region.xMax(), region.yMin(), region.yMax());
    }

    private Optional<Point> key(Job job) {
        Key key = job.before().key().orNull();
        return key == null ? Optional.empty() : lineup.view(job).feet(key.men().get(0));
    }

    private Optional<Point> man(Job job) {
        return job.passTask() instanceof Task.OnMen on ? on.aim(lineup.view(job)) : Optional.empty();
    }

    private List<String> from(Job job, Place place) {
        return place.from().stream()
                .flatMap(ref -> lineup.view(job).man(ref).stream())
                .map(Man::name)
                .toList();
    }

    private List<PartRow> parts(Job job) {
        var rows = new ArrayList<PartRow>();
        for (Part part : Part.values()) {
            Given<?> given = job.part(part);
            boolean has = given.state() == Given.State.VALUE;
            rows.add(new PartRow(
                    part,
                    given.state(),
                    has ? labels().said(Words.language(given.orNull())) : "",
                    has ? labels().said(words.shown(job, part)) : missing(given),
                    given.chain().stream().map(this::reason).toList()));
        }
        return rows;
    }

    static String missing(Given<?> given) {
        return given instanceof Given.Nobody<?> nobody
                ? "nobody: no " + nobody.wanted()
                : given instanceof Given.Undecided ? "cannot tell" : "not given";
    }

    private Reason reason(Why why) {
        return new Reason(
                why.rung().words(),
                why.layer().words(),
                labels().said(lineup.inForce()
                        .rung(why.rung())
                        .map(Rung::words)
                        .orElse(why.rung().words())),
                why.facts().stream()
                        .map(f -> new FactRow(f.asked(), f.answer()))
                        .toList());
    }
}
