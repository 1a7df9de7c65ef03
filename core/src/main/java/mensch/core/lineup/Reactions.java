package mensch.core.lineup;

import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;
import mensch.core.event.Event;
import mensch.core.event.Whose;
import mensch.core.rung.Gives;
import mensch.core.rung.Part;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Steps;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/**
 * One map of what changes a man's job: the steps of his own rungs first, then the rows of his table. A rung wins over
 * the house table on the same event.
 */
final class Reactions {
    private Reactions() {}

    /**
     * @param run his run job, tasks that lean on other men settled; null when none is given
     * @param pass the same against the pass
     * @param table his read table, or null when his job names none
     * @param settle makes a run job that leans on other men plain
     */
    static List<Reaction> of(
            @Nullable Steps run, @Nullable Steps pass, @Nullable ReadTable table, UnaryOperator<Steps> settle) {
        var reactions = new ArrayList<Reaction>();
        addStep(run, Part.RUN, table, settle, reactions);
        addStep(pass, Part.PASS, table, settle, reactions);
        if (table == null) {
            return List.copyOf(reactions);
        }
        for (ReadTable.Read row : table.rows()) {
            Event on = row.message().shown();
            if (!ownRung(on, reactions)) {
                reactions.add(new Reaction(Part.READS, row.whose(), on, row.words(), settled(row.reaction(), settle)));
            }
        }
        return List.copyOf(reactions);
    }

    /** His own rungs come first in the list, two at the most. */
    private static boolean ownRung(Event on, List<Reaction> reactions) {
        for (int i = 0; i < reactions.size() && reactions.get(i).from() != Part.READS; i++) {
            if (reactions.get(i).on().equals(on)) {
                return true;
            }
        }
        return false;
    }

    private static void addStep(
            @Nullable Steps steps,
            Part part,
            @Nullable ReadTable table,
            UnaryOperator<Steps> settle,
            List<Reaction> into) {
        Event on = steps == null ? null : steps.steps().get(0).until();
        if (steps == null || on == null) {
            return;
        }
        ReadTable.Read taught = table == null
                ? null
                : table.rows().stream()
                        .filter(r -> r.message().shown().equals(on))
                        .findFirst()
                        .orElse(null);
        var rest = new Steps(steps.steps().subList(1, steps.steps().size()));
        Gives then = part == Part.RUN ? new Gives.Run(settle.apply(rest)) : new Gives.Pass(rest);
        into.add(new Reaction(
                part,
                taught == null ? Whose.KEY : taught.whose(),
                on,
                taught == null ? "" : taught.words(),
                new ReadTable.Becomes(List.of(then))));
    }

    /** Orders that lean on nobody stay as they are. */
    private static ReadTable.Reaction settled(ReadTable.Reaction orders, UnaryOperator<Steps> settle) {
        if (!(orders instanceof ReadTable.Becomes becomes) || !leans(becomes)) {
            return orders;
        }
        return new ReadTable.Becomes(becomes.parts().stream()
                .map(g -> g instanceof Gives.Run run ? new Gives.Run(settle.apply(run.steps())) : g)
                .toList());
    }

    private static boolean leans(ReadTable.Becomes becomes) {
        for (int i = 0; i < becomes.parts().size(); i++) {
            if (becomes.parts().get(i) instanceof Gives.Run run
                    && (run.steps().first() instanceof Task.OpenGap
                            || run.steps().first() instanceof Task.Exchange)) {
                return true;
            }
        }
        return false;
    }
}
