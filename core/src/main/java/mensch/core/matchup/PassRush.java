package mensch.core.matchup;

import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.core.convention.Speeds;
import mensch.core.formation.Answer;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Distribution.Row;
import mensch.core.play.Delivery;
import mensch.core.play.Delivery.Launch;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import mensch.core.play.Protection;
import mensch.core.play.Protection.Scheme;
import mensch.core.rung.Numbers;
import mensch.core.rung.View;

/**
 * A pass behind its protection (handbook 9, protections): whether the ball is out before a free man is there, and what
 * can be thrown hot when it is not. A passer on the move is only reached from the side he goes to, a boot leaves the
 * edge man there by design, and a screen wants the rush to come.
 *
 * @param first the free man who is there before the ball is out, if one is
 * @param seconds when he is, after the snap; without him, when the quickest of the rush is
 * @param hot the first route of the quarterback's order that is open to throw before the free man is there, none when
 *     the ball is out in time or no route is
 */
public record PassRush(Distribution pass, Pressure pressure, Optional<Job> first, double seconds, Optional<Row> hot) {
    /** A back who blocks first and then shows himself to the quarterback stays in. */
    private static final String CHECK_DOWN = "check-down";

    /** None when no protection there is fits the formation. */
    public static Optional<PassRush> of(Pressures pressures, Plays plays, Distribution pass) {
        Lineup lineup = pressures.lineup();
        return behind(lineup, plays, pass.pass(), pass.play())
                .flatMap(p -> pressure(pressures, p, pass.play()))
                .map(pressure -> of(lineup, pass, pressure));
    }

    private static PassRush of(Lineup lineup, Distribution pass, Pressure pressure) {
        Speeds speeds = lineup.convention().speeds();
        boolean moves = pass.pass().delivery().launch() != Launch.SET;
        Optional<Pressure.Rusher> first = pressure.loose().stream()
                .filter(r -> pass.pass().delivery().launch() != Launch.BOOT)
                .filter(r -> !moves || r.side() == pass.play())
                .filter(r -> pass.pass().delivery().screen().isEmpty())
                .filter(r -> Pressure.free(r, speeds) < pass.pass().throwSeconds())
                .min(Comparator.comparingDouble(r -> Pressure.free(r, speeds)));
        double seconds = first.map(r -> Pressure.free(r, speeds)).orElse(pressure.seconds());
        return new PassRush(
                pass,
                pressure,
                first.map(Pressure.Rusher::job),
                seconds,
                first.flatMap(r -> hot(lineup, pass, seconds)));
    }

    /** Whether somebody is free and at the quarterback before the ball is out. */
    public boolean beaten() {
        return first.isPresent();
    }

    /** What becomes of the throw. */
    public String said() {
        Delivery thrown = pass.pass().delivery();
        String at = Numbers.words(seconds) + " s (model)";
        String throwing = Numbers.words(pass.pass().throwSeconds()) + " s";
        if (first.isPresent()) {
            return first.get().words() + " is free and there at " + at + ", before the throw at " + throwing + ". "
                    + hot.map(row -> "Hot: the " + row.what() + ".").orElse("No route of it is out before that.");
        }
        if (pressure.free().isEmpty()) {
            return pressure.rushers().isEmpty() || seconds >= pass.pass().throwSeconds()
                    ? "Nobody is free, and the ball is out before a blocked man is there."
                    : "Nobody is free; a man blocked by one is there at " + at + ", the throw is at " + throwing + ".";
        }
        String free =
                pressure.free().stream().map(Job::words).distinct().collect(Collectors.joining(" and ")) + " free: ";
        if (!thrown.screen().isEmpty()) {
            return free + "the screen lets the rush come.";
        }
        return free
                + switch (thrown.launch()) {
                    case BOOT -> "left on purpose, the quarterback outruns him.";
                    case SPRINT -> "behind the quarterback who goes away.";
                    case SET -> "the ball is out before that.";
                };
    }

    /** A boot's line goes the other way, a sprint's goes along; else it goes where it leaves the fewest free. */
    private static Optional<Pressure> pressure(Pressures pressures, Protection protection, Side play) {
        return switch (protection.scheme()) {
            case BOOT -> pressures.of(protection, play.opposite());
            case SPRINT -> pressures.of(protection, play);
            default -> pressures.of(protection);
        };
    }

    /**
     * The one the pass names; else of those that suit how it is thrown the one that keeps in everybody it does not
     * send.
     */
    private static Optional<Protection> behind(Lineup lineup, Plays plays, Pass pass, Side play) {
        View view = lineup.viewFrom(play);
        String named = pass.delivery().protection();
        if (named != null) {
            return plays.protections().stream()
                    .filter(p -> p.id().equals(named))
                    .findFirst();
        }
        Scheme scheme = switch (pass.delivery().launch()) {
            case BOOT -> Scheme.BOOT;
            case SPRINT -> Scheme.SPRINT;
            case SET -> Scheme.HALF_SLIDE;
        };
        long backs = lineup.features().shape().backs().stream()
                .filter(man -> stays(pass, view, man))
                .count();
        long ends = ends(lineup.features().shape(), pass, view);
        return plays.protections().stream()
                .filter(p -> p.scheme() == scheme && p.fits(view) == Answer.YES)
                .filter(p -> scheme == Scheme.SPRINT || (!p.back() || backs > 0) && (!p.end() || ends > 0))
                .filter(p -> !p.second() || backs > 1 || ends > 1)
                .max(Comparator.comparingInt(Protection::men));
    }

    private static long ends(Shape shape, Pass pass, View view) {
        long ends = 0;
        for (Side side : Side.values()) {
            Man end = shape.flank(side).tightEnd();
            ends += end != null && stays(pass, view, end) ? 1 : 0;
        }
        return ends;
    }

    /** Whether a man is told no route, or one he goes out on only when nobody comes to him. */
    public static boolean stays(Pass pass, View view, Man man) {
        return pass.told().stream()
                .filter(t -> t.who().in(view).filter(man::equals).isPresent())
                .allMatch(t -> t.route().id().equals(CHECK_DOWN));
    }

    private static Optional<Row> hot(Lineup lineup, Distribution pass, double seconds) {
        double quick = lineup.convention().speeds().passer().quickThrow();
        View view = lineup.viewFrom(pass.play());
        return seconds < quick
                ? Optional.empty()
                : pass.pass().delivery().progression().stream()
                        .flatMap(who -> who.in(view).stream())
                        .flatMap(man -> pass.rows().stream().filter(r -> r.man().equals(man)))
                        .filter(r -> r.route().breaks() > 0 && r.route().breaks() <= quick)
                        .findFirst();
    }
}
