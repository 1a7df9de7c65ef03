package mensch.core.sheet;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.call.Layer;
import mensch.core.convention.School;
import mensch.core.document.Document;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.Why;
import mensch.core.rung.Area;
import mensch.core.rung.Key;
import mensch.core.rung.Move;
import mensch.core.rung.Numbers;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import mensch.core.rung.View;
import mensch.core.sheet.Sheet.Spot;
import mensch.core.sheet.Sheet.TaughtRow;
import org.jspecify.annotations.Nullable;

/** A part in the words of this snap: with its side, its figures, its titles. The one place where a job becomes text. */
final class Words {
    private final Lineup lineup;
    private final Library library;

    Words(Lineup lineup, Library library) {
        this.lineup = lineup;
        this.library = library;
    }

    /** What he is taught by: the technique his job names, and how his job against the pass is played. */
    List<TaughtRow> taught(Job job) {
        return Stream.of(
                        Optional.ofNullable(job.after().technique().orNull()).flatMap(library::checklist),
                        passJob(job).flatMap(library::checklistOf))
                .flatMap(Optional::stream)
                .map(c -> new TaughtRow(c.name(), c.points()))
                .toList();
    }

    /** A zone by its area; a man by the leverage on him and by whether anybody is deep behind. */
    private Optional<String> passJob(Job job) {
        if (job.passTask() instanceof Task.Cover cover) {
            return Optional.of(cover.area().words());
        }
        if (job.passTask() instanceof Task.Hole) {
            return Optional.of(job.passTask().words());
        }
        boolean help = lineup.jobs().stream()
                .anyMatch(j -> j.passTask() instanceof Task.Cover c && c.area().deep());
        if (job.passTask() instanceof Task.Bracket bracket) {
            return Optional.of(bracket.inside() ? "bracket from inside" : "bracket from outside");
        }
        if (job.passTask() instanceof Task.FirstOf first) {
            return Optional.of(first.out() ? "man first out" : "man first in");
        }
        return job.passTask() instanceof Task.ManOn
                ? Optional.ofNullable(job.before().align().orNull())
                        .flatMap(Place::leverage)
                        .map(l -> "man " + l.words() + (help ? " with help" : " alone"))
                : Optional.empty();
    }

    private String title(String kind, String id) {
        return library.find(kind, id).map(Document::name).orElse(id);
    }

    /**
     * A movement with the word of the house for it: run movements and pass games apart, or one word for both with its
     * intent.
     */
    private String move(Job job, Move move) {
        Why why = job.after().move().chain().get(0);
        if (move.equals(Move.NONE) || why.layer() != Layer.Kind.MOVEMENT) {
            return move.words();
        }
        String intent = lineup.inForce()
                .written()
                .layer(why.rung().document())
                .text("intent")
                .orElse("run");
        boolean pass = "pass".equals(intent);
        boolean one = lineup.convention().house().teaches(School.ONE_WORD_FOR_MOVEMENT);
        return (one ? "stunt (" + intent + "): " : pass ? "game: " : "movement: ") + move.words();
    }

    static List<Spot> spots(List<Point> points) {
        return points.stream().map(Words::spot).toList();
    }

    static Spot spot(Point point) {
        return new Spot(point.x(), point.y());
    }

    /** The value as the rung language says it. */
    static String language(@Nullable Object value) {
        if (value == null) {
            return "none";
        }
        if (value instanceof Place place) {
            return place.phrase().words();
        }
        if (value instanceof Key key) {
            return key.words();
        }
        if (value instanceof Move move) {
            return move.words();
        }
        return value instanceof Steps steps ? steps.words() : String.valueOf(value);
    }

    String shown(Job job, Part part) {
        Object value = job.part(part).orNull();
        if (value instanceof Steps steps) {
            return steps.steps().stream()
                    .map(s -> task(job, s.task())
                            + (s.until() == null ? "" : " until " + s.until().words()))
                    .collect(Collectors.joining(", then "));
        }
        if (value instanceof Move move) {
            return move(job, move);
        }
        if (value instanceof Place place && place.squeezed() != null) {
            return place.phrase().words() + ", squeezed to "
                    + Numbers.words(place.feet().y());
        }
        if (part == Part.READS || part == Part.TECHNIQUE) {
            return title(part == Part.READS ? "reads" : "technique", String.valueOf(value));
        }
        return language(value);
    }

    private String task(Job job, Task task) {
        View view = lineup.view(job);
        if (task instanceof Task.Fit fit) {
            return fit(job, fit, view);
        }
        if (task instanceof Task.OnMen on) {
            String names = on.men().stream()
                    .flatMap(his -> view.man(his).stream())
                    .map(Man::name)
                    .collect(Collectors.joining(", "));
            return on.words() + (names.isEmpty() ? "" : " (" + names + ")");
        }
        if (task instanceof Task.Cover cover) {
            if (cover.area() == Area.ACROSS) {
                return cover.words();
            }
            Point landmark = cover.landmark(view);
            String side = cover.area().central() || cover.area().lane()
                    ? ""
                    : " " + cover.side(view).words();
            return cover.area().words() + side + ", " + aim(landmark, cover.side(view))
                    + (cover.receiver() == null
                            ? ""
                            : (cover.matched() ? ", match " : ", carry ")
                                    + cover.receiver().words())
                    + (cover.trapped() == null
                            ? ""
                            : ", trap " + cover.trapped().words());
        }
        return task.words();
    }

    /** Lateral x depth from the ball; the side is said only where it is not the seat's own. */
    private static String aim(Point landmark, Side seat) {
        double yards = Math.round(Math.abs(landmark.x()) * 10) / 10.0;
        boolean across = yards > 0 && landmark.x() * seat.sign() < 0;
        return Numbers.words(yards) + (across ? " " + seat.opposite().words() : "") + " x "
                + Numbers.words(landmark.y());
    }

    private static String fit(Job job, Task.Fit fit, View view) {
        String role = fit.role() == null ? "" : fit.role().words();
        if (fit.gap() == null) {
            return role + " " + job.seat().words();
        }
        String gap = fit.gap()
                .in(view)
                .map(g -> g.letter() + " " + g.side().words())
                .orElse("outside " + view.side(fit.gap().where()).words());
        return role.isEmpty() ? gap : gap + ", " + role;
    }

    static List<String> ids(List<Job> jobs) {
        return jobs.stream().map(Job::id).toList();
    }
}
