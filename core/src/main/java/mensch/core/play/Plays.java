package mensch.core.play;

import java.util.List;
import java.util.TreeMap;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

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

    /** Every route that a pass of these is run with, each once, by its id. */
    public List<Route> routes() {
        var byId = new TreeMap<String, Route>();
        Stream.concat(passes.stream(), options.stream().map(RunPass::pass))
                .flatMap(p -> p.told().stream())
                .map(Pass.Told::route)
                .forEach(r -> byId.putIfAbsent(r.id(), r));
        return List.copyOf(byId.values());
    }

    public Plays {
        runs = List.copyOf(runs);
        passes = List.copyOf(passes);
        options = List.copyOf(options);
        protections = List.copyOf(protections);
    }
}
