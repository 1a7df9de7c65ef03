package mensch.core.sheet;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.formation.Features;
import mensch.core.formation.Man;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Ref;
import mensch.core.rung.Task;

/** Who has the third receiver when three are on one side: what every call with men on men must answer. */
final class ThirdReceiver {
    private static final int THREE = 3;

    private ThirdReceiver() {}

    /** Whether three stand on one side. */
    static boolean there(Features features) {
        return third(features).isPresent();
    }

    /** "weak safety has #3 of trips"; none when no side has three, or nobody is told a receiver at all. */
    static Optional<String> said(Lineup lineup) {
        boolean told = lineup.jobs().stream()
                .anyMatch(j -> told(j.passTask()).findAny().isPresent());
        return told ? third(lineup.features()).map(man -> said(lineup, man)) : Optional.empty();
    }

    private static String said(Lineup lineup, Man third) {
        List<Job> his = lineup.jobs().stream()
                .filter(j -> told(j.passTask())
                        .anyMatch(ref ->
                                lineup.view(j).man(ref).filter(third::equals).isPresent()))
                .toList();
        if (his.isEmpty()) {
            return "nobody is told #3 of trips";
        }
        boolean shared = his.stream().anyMatch(j -> j.passTask() instanceof Task.FirstOf);
        return LineWords.names(his) + (shared ? " share" : his.size() == 1 ? " has" : " have") + " #3 of trips";
    }

    private static Optional<Man> third(Features features) {
        return Stream.of(Side.values())
                .map(side -> features.shape().flank(side).receivers())
                .filter(receivers -> receivers.size() >= THREE)
                .map(receivers -> receivers.get(THREE - 1))
                .findFirst();
    }

    /** The receivers by whom he is told what to do: his man, or whom he matches or carries. */
    private static Stream<Ref> told(Task task) {
        if (task instanceof Task.OnMen men) {
            return men.men().stream();
        }
        return task instanceof Task.Cover cover ? Stream.ofNullable(cover.receiver()) : Stream.empty();
    }
}
