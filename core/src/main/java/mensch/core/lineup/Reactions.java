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
            Event on = new Event.KeyShows(row.message());
            boolean own = reactions.stream().anyMatch(r -> r.from() != Part.READS && r.on().equals(on));
            if (!own) {
                reactions.add(new Reaction(Part.READS, row.whose(), on, row.words(), settled(row.reaction(), settle)));
            }
        }
        return List.copyOf(reactions);
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
                        .filter(r -> new Event.KeyShows(r.message()).equals(on))
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

    private static ReadTable.Reaction settled(ReadTable.Reaction orders, UnaryOperator<Steps> settle) {
        if (!(orders instanceof ReadTable.Becomes becomes)) {
            return orders;
        }
        return new ReadTable.Becomes(becomes.parts().stream()
                .map(g -> g instanceof Gives.Run run ? new Gives.Run(settle.apply(run.steps())) : g)
                .toList());
    }
}
