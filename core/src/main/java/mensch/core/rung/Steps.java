package mensch.core.rung;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import mensch.core.event.Event;
import org.jspecify.annotations.Nullable;

/** Tasks in time order, never two at once. The last step has no trigger. */
public record Steps(List<Step> steps) {

    /** A task until something happens; {@code until} is null for the last. */
    public record Step(Task task, @Nullable Event until) {}

    public Steps {
        steps = List.copyOf(steps);
    }

    public static Steps of(Task task) {
        return new Steps(List.of(new Step(task, null)));
    }

    /** What he does at the snap. */
    public Task first() {
        return steps.get(0).task();
    }

    /** The same steps with another first task. */
    public Steps withFirst(Task task) {
        var copy = new ArrayList<>(steps);
        copy.set(0, new Step(task, steps.get(0).until()));
        return new Steps(copy);
    }

    public String words() {
        return steps.stream()
                .map(s -> s.task().words()
                        + (s.until() == null ? "" : " until " + s.until().words()))
                .collect(Collectors.joining(" then "));
    }
}
