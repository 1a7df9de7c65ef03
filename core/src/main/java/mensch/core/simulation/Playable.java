package mensch.core.simulation;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.document.Worded;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;

/** The runs, passes and options of an offence as they can be run: each by its id, whatever kind it is. */
public final class Playable {
    private final Plays plays;

    /** What sort of play it is. */
    public enum Kind implements Worded {
        RUN,
        PASS,
        OPTION
    }

    /** A play by its id. */
    public record Named(String id, Kind kind, String name) {}

    public Playable(Plays plays) {
        this.plays = plays;
    }

    /** Every run, pass and run-pass option that is known. */
    public List<Named> named() {
        return Stream.of(
                        plays.runs().stream().map(r -> new Named(r.id(), Kind.RUN, r.name())),
                        plays.passes().stream().map(p -> new Named(p.id(), Kind.PASS, p.name())),
                        plays.options().stream().map(o -> new Named(o.id(), Kind.OPTION, o.name())))
                .flatMap(s -> s)
                .toList();
    }

    public Optional<Named> named(String id) {
        return named().stream().filter(n -> n.id().equals(id)).findFirst();
    }

    /**
     * None when the formation cannot run it to that side, or for one that is not run yet.
     *
     * @throws mensch.core.document.RefusedException when a fault names nobody who is there
     */
    public Optional<Simulation> at(Lineup lineup, Named play, Side side, List<Fault> faults) {
        return switch (play.kind()) {
            case RUN ->
                plays.runs().stream()
                        .filter(r -> r.id().equals(play.id()))
                        .findFirst()
                        .flatMap(run -> Simulation.of(lineup, run, side, faults));
            case PASS ->
                plays.passes().stream()
                        .filter(p -> p.id().equals(play.id()))
                        .findFirst()
                        .flatMap(pass -> Simulation.of(lineup, plays, pass, side, faults));
            case OPTION ->
                plays.options().stream()
                        .filter(o -> o.id().equals(play.id()))
                        .findFirst()
                        .flatMap(option -> Simulation.of(lineup, option, side, faults));
        };
    }
}
