package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.formation.Answer;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Lineup;
import mensch.core.play.Pass;
import mensch.core.play.Protection;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.rung.Condition;
import mensch.core.rung.View;

/** A play by itself, nobody against it: which formations can run it, and its ways on the first that can. */
public final class PlayDrawing {
    private static final String SPOT = " m 50 1&10";
    private static final double SET = 1.2;
    private static final double ROLLS = 6;

    private final List<Seen> offences;
    private final Library library;

    /** A formation as each side of it sees itself. */
    private record Seen(LibraryFormation formation, Lineup lineup) {}

    /** A formation that can run a play, and the side it is run to when only one is. */
    public record Fit(String formation, String name, Side side, boolean bothSides) {}

    public PlayDrawing(Library library) {
        this.library = library;
        this.offences = library.formations().stream()
                .flatMap(f -> library.calls().stream()
                        .filter(c -> c.front().players() == f.players())
                        .findFirst()
                        .map(c -> new Seen(f, lineup(c, f)))
                        .stream())
                .toList();
    }

    private static Lineup lineup(Call call, LibraryFormation formation) {
        String code = formation.players() == 11 ? "hs" : "flag" + formation.players();
        return Lineup.of(call, formation.snap(null, false, code + SPOT));
    }

    /** Formations that can run a play, in the order of the library; none when there is no such play. */
    public List<Fit> fits(String kind, String id) {
        Optional<Condition> play = needs(kind, id);
        if (play.isEmpty()) {
            return List.of();
        }
        Condition needs = play.get();
        // small-sided football has no line to block or to protect with
        boolean line = !kind.equals("pass");
        return offences.stream()
                .filter(seen -> !line || seen.formation().players() == 11)
                .flatMap(seen -> fit(seen, needs).stream())
                .toList();
    }

    private static Optional<Fit> fit(Seen seen, Condition needs) {
        boolean right = needs.in(seen.lineup().viewFrom(Side.RIGHT)) == Answer.YES;
        boolean left = needs.in(seen.lineup().viewFrom(Side.LEFT)) == Answer.YES;
        LibraryFormation formation = seen.formation();
        return right || left
                ? Optional.of(new Fit(formation.id(), formation.name(), right ? Side.RIGHT : Side.LEFT, right && left))
                : Optional.empty();
    }

    private Optional<Condition> needs(String kind, String id) {
        return switch (kind) {
            case "run" -> run(id).map(Run::needs);
            case "pass" -> pass(id).map(Pass::needs);
            case "option" ->
                option(id).map(o -> new Condition.And(o.needs(), o.run().needs()));
            case "protection" ->
                library.plays().protections().stream()
                        .filter(p -> p.id().equals(id))
                        .findFirst()
                        .map(Protection::needs);
            default -> Optional.empty();
        };
    }

    private Optional<Run> run(String id) {
        return library.plays().runs().stream().filter(r -> r.id().equals(id)).findFirst();
    }

    private Optional<Pass> pass(String id) {
        return library.plays().passes().stream().filter(p -> p.id().equals(id)).findFirst();
    }

    private Optional<RunPass> option(String id) {
        return library.plays().options().stream().filter(o -> o.id().equals(id)).findFirst();
    }

    /** The play on the first formation that can run it; none when none can. */
    public Optional<Sketch> sketch(String kind, String id) {
        return fits(kind, id).stream().findFirst().map(fit -> {
            Lineup lineup = offences.stream()
                    .filter(o -> o.formation().id().equals(fit.formation()))
                    .findFirst()
                    .orElseThrow()
                    .lineup();
            View view = lineup.viewFrom(fit.side());
            return Sketch.of(lineup.snap().formation(), ways(kind, id, view));
        });
    }

    private List<Sketch.Way> ways(String kind, String id, View view) {
        Stream<Sketch.Way> runs = Stream.concat(run(id).stream(), option(id).map(RunPass::run).stream())
                .filter(r -> !kind.equals("pass"))
                .flatMap(r -> ways(r, view).stream());
        Stream<Sketch.Way> passes = Stream.concat(pass(id).stream(), option(id).map(RunPass::pass).stream())
                .filter(p -> !kind.equals("run"))
                .flatMap(p -> ways(p, view).stream());
        Stream<Sketch.Way> protections = library.plays().protections().stream()
                .filter(p -> kind.equals("protection") && p.id().equals(id))
                .flatMap(p -> ways(p, view).stream());
        return Stream.of(runs, passes, protections).flatMap(w -> w).toList();
    }

    /**
     * First steps: the line to its gaps or straight back, who stays in to his place; a passer on the move is the ball.
     */
    private static List<Sketch.Way> ways(Protection protection, View view) {
        Shape shape = view.features().shape();
        int play = view.my().sign();
        int slide = protection.scheme() == Protection.Scheme.BOOT ? -play : play;
        var ways = new ArrayList<Sketch.Way>();
        Stream<Man> line = Stream.concat(
                Stream.of(shape.centre()),
                Stream.of(Side.values())
                        .flatMap(side -> Stream.of(
                                shape.flank(side).guard(), shape.flank(side).tackle())));
        line.forEach(man -> {
            boolean slides = switch (protection.scheme()) {
                case MAN -> false;
                case HALF_SLIDE -> slide * (man.x() - shape.centre().x()) >= 0;
                default -> true;
            };
            ways.add(step(man, slides ? slide * SET : 0, -SET));
        });
        int edge = protection.scheme() == Protection.Scheme.SPRINT ? slide : -slide;
        double tackle = Math.abs(shape.flank(view.my()).tackle().x());
        if (protection.back()) {
            shape.backs().stream()
                    .findFirst()
                    .ifPresent(back -> ways.add(new Sketch.Way(
                            Words.spots(List.of(back.feet(), new Point(edge * tackle, -2 * SET))), false)));
        }
        if (protection.end()) {
            Stream.of(view.my().opposite(), view.my())
                    .flatMap(side -> Stream.ofNullable(shape.flank(side).tightEnd()))
                    .limit(1)
                    .forEach(end -> ways.add(step(end, 0, -SET)));
        }
        boolean moves =
                protection.scheme() == Protection.Scheme.BOOT || protection.scheme() == Protection.Scheme.SPRINT;
        Man quarterback = shape.quarterback();
        if (moves && quarterback != null) {
            ways.add(new Sketch.Way(
                    Words.spots(List.of(quarterback.feet(), new Point(play * 2 * tackle, -ROLLS))), true));
        }
        return ways;
    }

    private static Sketch.Way step(Man man, double across, double back) {
        return new Sketch.Way(
                Words.spots(List.of(
                        man.feet(), new Point(man.x() + across, man.feet().y() + back))),
                false);
    }

    private static List<Sketch.Way> ways(Pass pass, View view) {
        return pass.told().stream()
                .flatMap(t -> t.who().in(view).stream()
                        .map(man -> new Sketch.Way(
                                Words.spots(t.route().points(man.feet(), t.who().side(view), view.field())), false)))
                .toList();
    }

    private static List<Sketch.Way> ways(Run run, View view) {
        var ways = new ArrayList<Sketch.Way>();
        Man carrier = run.carrier(view);
        for (Run.Told told : run.told()) {
            told.who()
                    .in(view)
                    .filter(man -> man != carrier)
                    .ifPresent(man -> ways.add(new Sketch.Way(
                            Words.spots(told.block()
                                    .way(
                                            man.feet(),
                                            run.goal(told.block(), view),
                                            view.my().sign())),
                            false)));
        }
        ways.add(new Sketch.Way(Words.spots(run.ballWay(view)), true));
        return ways;
    }
}
