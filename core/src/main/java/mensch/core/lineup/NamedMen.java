package mensch.core.lineup;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import mensch.core.formation.Man;
import mensch.core.rung.Ref;

/** Which jobs name a man of the offence, seen from where each defender stands. */
public final class NamedMen {
    private NamedMen() {}

    /** @param names whom a job names; a job that names a man twice counts once */
    public static Map<Man, List<Job>> of(Lineup lineup, Function<Job, List<Ref>> names) {
        var named = new HashMap<Man, List<Job>>();
        for (Job job : lineup.jobs()) {
            for (Ref ref : names.apply(job)) {
                lineup.view(job).man(ref).ifPresent(man -> {
                    List<Job> his = named.computeIfAbsent(man, m -> new ArrayList<>(2));
                    if (!his.contains(job)) {
                        his.add(job);
                    }
                });
            }
        }
        return named;
    }
}
