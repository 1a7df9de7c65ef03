package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;

/** A small drawing to scale: who stands where, and the ways of a play. Play frame yards. */
public record Sketch(List<Attacker> offence, List<Defender> defence, List<Way> ways) {

    /** The way of one man; {@code ball} when he carries it. */
    public record Way(List<Sheet.Spot> points, boolean ball) {}

    /** A man of the offence; his label is empty when he is no receiver. */
    public record Attacker(String label, Man.Post post, double x, double y) {}

    /** A man of the defence, marked by what he is against the pass. */
    public record Defender(String label, PassKind kind, double x, double y) {}

    /** Offence alone. */
    public static Sketch of(Formation formation) {
        return of(formation, List.of());
    }

    /** Offence alone, with its ways. */
    static Sketch of(Formation formation, List<Way> ways) {
        return new Sketch(offence(formation), List.of(), ways);
    }

    public static Sketch of(Lineup lineup) {
        var defence = new ArrayList<Defender>();
        for (Job job : lineup.jobs()) {
            if (job.feet() != null) {
                defence.add(new Defender(
                        job.role().label(),
                        PassKind.of(job.passTask()),
                        job.feet().x(),
                        job.feet().y()));
            }
        }
        return new Sketch(offence(lineup.snap().formation()), List.copyOf(defence), List.of());
    }

    private static List<Attacker> offence(Formation formation) {
        return formation.men().stream()
                .map(m -> new Attacker(m.post() == Man.Post.ELIGIBLE ? m.name() : "", m.post(), m.x(), -m.depth()))
                .toList();
    }
}
