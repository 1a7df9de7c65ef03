package mensch.core.play;

import java.util.List;
import java.util.function.BiPredicate;

/** The offence's whole library, each list in its order. */
public record Plays(List<Run> runs, List<Pass> passes, List<RunPass> options, List<Protection> protections) {
    public static final Plays NONE = new Plays(List.of(), List.of(), List.of(), List.of());

    /**
     * Those of them that somebody may know.
     *
     * @param such asked with the kind and the id of each
     */
    public Plays only(BiPredicate<String, String> such) {
        return new Plays(
                runs.stream().filter(r -> such.test("run", r.id())).toList(),
                passes.stream().filter(p -> such.test("pass", p.id())).toList(),
                options.stream().filter(o -> such.test("option", o.id())).toList(),
                protections.stream()
                        .filter(p -> such.test("protection", p.id()))
                        .toList());
    }

    public Plays {
        runs = List.copyOf(runs);
        passes = List.copyOf(passes);
        options = List.copyOf(options);
        protections = List.copyOf(protections);
    }
}
