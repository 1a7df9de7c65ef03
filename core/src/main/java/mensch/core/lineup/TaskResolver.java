package mensch.core.lineup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.lineup.Given.By;
import mensch.core.lineup.Given.Nobody;
import mensch.core.rung.Gap;
import mensch.core.rung.GapWord;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Ref;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import mensch.core.rung.View;
import mensch.core.rung.Where;

/**
 * Turns tasks that lean on other men into plain ones: exchange, then open gap from the ball out; man, replace, else.
 */
final class TaskResolver {
    private final List<Seat> seats;
    private final List<View> views;
    private final List<Given<Place>> aligns;

    TaskResolver(List<Seat> seats, List<View> views, List<Given<Place>> aligns) {
        this.seats = seats;
        this.views = views;
        this.aligns = aligns;
    }

    void run(List<Given<Steps>> run) {
        List<Given<Steps>> asked = List.copyOf(run);
        for (int i = 0; i < run.size(); i++) {
            if (asked.get(i) instanceof By<Steps> by && by.value().first() instanceof Task.Exchange exchange) {
                run.set(i, exchanged(i, exchange, by, asked));
            }
        }
        for (int i : fromTheBallOut(run)) {
            if (run.get(i) instanceof By<Steps> by) {
                run.set(i, open(i, by, run));
            }
        }
    }

    /** A run job of one man that leans on the others as they were settled; as it stands when nobody answers. */
    Steps settled(int i, Steps steps, List<Given<Steps>> run) {
        var asked = new By<>(steps, List.<Why>of());
        Given<Steps> plain = steps.first() instanceof Task.OpenGap
                ? open(i, asked, run)
                : steps.first() instanceof Task.Exchange exchange ? exchanged(i, exchange, asked, run) : asked;
        return plain instanceof By<Steps> by ? by.value() : steps;
    }

    private List<Integer> fromTheBallOut(List<Given<Steps>> run) {
        var open = new ArrayList<Integer>();
        for (int i = 0; i < run.size(); i++) {
            if (first(run.get(i)) instanceof Task.OpenGap) {
                open.add(i);
            }
        }
        open.sort(Comparator.comparingDouble(i -> aligns.get(i) instanceof By<Place> by
                ? Math.abs(by.value().feet().x())
                : 0));
        return open;
    }

    private Given<Steps> exchanged(int i, Task.Exchange exchange, By<Steps> own, List<Given<Steps>> asked) {
        int other = seat(exchange.role());
        Optional<Gap> gap = other < 0 ? Optional.empty() : gap(other, asked);
        return gap.map((Gap g) -> owning(i, g, own))
                .orElseGet(() -> nobody(Part.RUN, "a gap of " + exchange.role(), own));
    }

    private Given<Steps> open(int i, By<Steps> own, List<Given<Steps>> run) {
        var owned = new ArrayList<Gap>();
        for (int j = 0; j < run.size(); j++) {
            gap(j, run).ifPresent(owned::add);
        }
        int count = Gap.count(views.get(i).features().shape().flank(views.get(i).my()));
        for (int index = 0; index < count; index++) {
            var gap = new Gap(views.get(i).my(), index);
            if (!owned.contains(gap)) {
                return owning(i, gap, own);
            }
        }
        return nobody(Part.RUN, "an open gap", own);
    }

    private Given<Steps> owning(int i, Gap gap, By<Steps> asked) {
        Where where = gap.side() == views.get(i).my() ? Where.MY : Where.OTHER;
        var fit = new Task.Fit(new GapWord(GapWord.Kind.LETTER, gap.letter(), where), null);
        return new By<>(asked.value().withFirst(fit), asked.chain());
    }

    private Optional<Gap> gap(int i, List<Given<Steps>> run) {
        return first(run.get(i)) instanceof Task.Fit fit && fit.gap() != null
                ? fit.gap().in(views.get(i))
                : Optional.empty();
    }

    void pass(List<Given<Steps>> pass) {
        for (int i = 0; i < pass.size(); i++) {
            if (pass.get(i) instanceof By<Steps> by && by.value().first() instanceof Task.OnMen man) {
                pass.set(i, man(i, man, by));
            }
        }
        List<Given<Steps>> asked = List.copyOf(pass);
        for (int i = 0; i < pass.size(); i++) {
            if (asked.get(i) instanceof By<Steps> by && by.value().first() instanceof Task.Replace replace) {
                pass.set(i, replaced(replace, by, asked));
            }
        }
    }

    private Given<Steps> replaced(Task.Replace replace, By<Steps> own, List<Given<Steps>> asked) {
        int other = seat(replace.role());
        return other >= 0
                        && asked.get(other) instanceof By<Steps> his
                        && !(his.value().first() instanceof Task.Replace)
                ? new By<>(own.value().withFirst(his.value().first()), own.chain())
                : nobody(Part.PASS, "a pass job of " + replace.role(), own);
    }

    /** The man if he is there, else the task named after "else", down to the last. */
    private Given<Steps> man(int i, Task.OnMen man, By<Steps> asked) {
        Task task = man;
        while (task instanceof Task.OnMen on && missing(i, on).isPresent()) {
            Optional<Task> instead = on.instead();
            if (instead.isEmpty()) {
                return nobody(Part.PASS, missing(i, on).orElseThrow().words(), asked);
            }
            task = instead.get();
        }
        return new By<>(asked.value().withFirst(task), asked.chain());
    }

    private Optional<Ref> missing(int i, Task.OnMen on) {
        return on.men().stream().filter(man -> views.get(i).feet(man).isEmpty()).findFirst();
    }

    private int seat(String role) {
        for (int i = 0; i < seats.size(); i++) {
            if (seats.get(i).role().id().equals(role)) {
                return i;
            }
        }
        return -1;
    }

    /** {@link Task.None} when nothing is given. */
    private static Task first(Given<Steps> given) {
        return given instanceof By<Steps> by ? by.value().first() : new Task.None();
    }

    private static Given<Steps> nobody(Part part, String wanted, Given<Steps> asked) {
        return new Nobody<>(part, wanted, asked.chain());
    }
}
