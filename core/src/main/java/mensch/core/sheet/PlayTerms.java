package mensch.core.sheet;

import java.util.List;
import java.util.stream.Stream;
import mensch.core.play.BallPath;
import mensch.core.play.Block;
import mensch.core.play.Delivery;
import mensch.core.play.Leaves;
import mensch.core.play.Plays;
import mensch.core.play.Protection;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.play.Who;

/**
 * The words a play is written in, each with how a coach says it, seen from the side the play goes to.
 *
 * @param linemen those of the men who block and run no route
 * @param fakes runs that are faked, to the play side and the other way
 * @param stays who may stay in besides the five
 */
public record PlayTerms(
        List<Term> men,
        List<Term> linemen,
        List<Term> points,
        List<Term> blocks,
        List<Term> leaves,
        List<Term> paths,
        List<Term> firsts,
        List<Term> launches,
        List<Term> reads,
        List<Term> stays,
        List<Term> schemes,
        List<Term> runs,
        List<Term> fakes,
        List<Term> protections) {

    /** A word as it is written, and as it is said. */
    public record Term(String id, String name) {
        /** One that is said as it is written. */
        public static Term plain(String id) {
            return new Term(id, id.replace('-', ' '));
        }
    }

    private static final String OTHER = " other side";

    /** @param plays those somebody may name */
    public static PlayTerms of(Plays plays) {
        return new PlayTerms(
                men(Who.names()),
                men(Who.linemen()),
                Run.POINTS.stream().map(PlayTerms::point).toList(),
                Stream.of(Block.values()).map(b -> Term.plain(b.words())).toList(),
                Stream.of(Leaves.values()).map(l -> Term.plain(l.words())).toList(),
                Stream.of(BallPath.values()).map(b -> Term.plain(b.words())).toList(),
                Stream.of(Run.First.values())
                        .map(f -> new Term(f.words(), f.said()))
                        .toList(),
                Stream.of(Delivery.Launch.values())
                        .map(l -> new Term(l.words(), l.said()))
                        .toList(),
                Stream.of(RunPass.Read.values()).flatMap(PlayTerms::reads).toList(),
                Stream.of(Protection.Stays.values())
                        .map(s -> new Term(s.id(), s.words()))
                        .toList(),
                Stream.of(Protection.Scheme.values())
                        .map(s -> Term.plain(s.words()))
                        .toList(),
                plays.runs().stream().map(r -> new Term(r.id(), r.name())).toList(),
                plays.runs().stream().flatMap(PlayTerms::fakes).toList(),
                plays.protections().stream()
                        .map(p -> new Term(p.id(), p.name()))
                        .toList());
    }

    private static List<Term> men(List<String> names) {
        return names.stream().map(w -> new Term(w, Who.said(w))).toList();
    }

    private static Term point(String point) {
        return new Term(point, point.length() == 1 ? "the " + point + " gap" : "outside everybody");
    }

    private static Stream<Term> reads(RunPass.Read read) {
        String who = read == RunPass.Read.BACKER ? "the inside backer" : "the " + read.words();
        return Stream.of(
                new Term(read.words(), who + " to the play side"),
                new Term(read.words() + OTHER, who + " away from the play"));
    }

    private static Stream<Term> fakes(Run run) {
        return Stream.of(new Term(run.id(), run.name()), new Term(run.id() + OTHER, run.name() + " the other way"));
    }
}
