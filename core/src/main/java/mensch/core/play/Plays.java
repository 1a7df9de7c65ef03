package mensch.core.play;

import java.util.List;

/** The offence's whole library, each list in its order. */
public record Plays(List<Run> runs, List<Pass> passes, List<RunPass> options, List<Protection> protections) {
    public static final Plays NONE = new Plays(List.of(), List.of(), List.of(), List.of());

    public Plays {
        runs = List.copyOf(runs);
        passes = List.copyOf(passes);
        options = List.copyOf(options);
        protections = List.copyOf(protections);
    }
}
