package mensch.core.sheet;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.rung.Condition;
import mensch.core.rung.View;
import mensch.core.sheet.PlaySheet.UnfitLine;

/** Plays that a formation cannot run, each with the first of its needs that is not met. */
final class UnfitLines {
    private final Lineup lineup;
    private final boolean small;
    private final List<UnfitLine> lines = new ArrayList<>();

    private UnfitLines(Lineup lineup) {
        this.lineup = lineup;
        this.small = lineup.flag();
    }

    /**
     * Runs, passes, run-pass options and protections in their order; plays of another kind of football are not asked
     * for.
     */
    static List<UnfitLine> of(Lineup lineup, Plays plays) {
        var unfit = new UnfitLines(lineup);
        if (!unfit.small) {
            plays.runs().stream()
                    .filter(r -> !small(r.needs()))
                    .forEach(r -> unfit.add(r.id(), r.name(), view -> unmet(r.needs(), view)));
        }
        plays.passes().stream()
                .filter(p -> small(p.needs()) == unfit.small)
                .forEach(p -> unfit.add(p.id(), p.name(), view -> whyNot(p, view)));
        if (!unfit.small) {
            plays.options().forEach(o -> unfit.add(o.id(), o.name(), view -> whyNot(o, view)));
            plays.protections().forEach(p -> unfit.add(p.id(), p.name(), view -> unmet(p.needs(), view)));
        }
        return List.copyOf(unfit.lines);
    }

    private static boolean small(Condition needs) {
        return needs.features().contains(Feature.SMALL_SIDED);
    }

    private void add(String id, String name, Function<View, Optional<String>> whyNot) {
        Map<String, List<Side>> sides = new LinkedHashMap<>();
        for (Side side : Side.values()) {
            whyNot.apply(lineup.viewFrom(side))
                    .ifPresent(why ->
                            sides.computeIfAbsent(why, w -> new ArrayList<>()).add(side));
        }
        sides.forEach((why, at) -> lines.add(new UnfitLine(id, name, List.copyOf(at), why)));
    }

    private static Optional<String> whyNot(RunPass option, View view) {
        Run run = option.run();
        return unmet(option.needs(), view)
                .or(() -> unmet(run.needs(), view).map(why -> "its run, " + run.name() + ", " + why));
    }

    private static Optional<String> whyNot(Pass pass, View view) {
        return unmet(pass.needs(), view)
                .or(() -> pass.hasRoom(view)
                        ? Optional.empty()
                        : Optional.of("needs more room: a route would break past the end line"));
    }

    /** "needs tight end on the play side", "not with empty". */
    private static Optional<String> unmet(Condition needs, View view) {
        return needs.unmet(view).map(need -> {
            String said = need instanceof Condition.Not not
                    ? "not with " + not.inner().words()
                    : "needs " + need.words();
            String sides = said.replace("my side", "the play side").replace("other side", "the backside");
            return need.in(view) == Answer.UNKNOWN ? sides + ", which cannot be told here" : sides;
        });
    }
}
