package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mensch.core.formation.Formation;
import mensch.core.formation.Man;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;

/** A small drawing to scale: who stands where, nothing else. Play frame yards. */
public record Sketch(List<Mark> offence, List<Mark> defence) {

    /** A man: his label (empty for linemen), what he is (post, or the kind of his pass job), his feet. */
    public record Mark(String label, String kind, double x, double y) {}

    /** Offence alone. */
    public static Sketch of(Formation formation) {
        return new Sketch(offence(formation), List.of());
    }

    public static Sketch of(Lineup lineup) {
        var defence = new ArrayList<Mark>();
        for (Job job : lineup.jobs()) {
            if (job.feet() != null) {
                defence.add(new Mark(
                        job.role().label(),
                        JobRows.kind(job.passTask()),
                        job.feet().x(),
                        job.feet().y()));
            }
        }
        return new Sketch(offence(lineup.snap().formation()), List.copyOf(defence));
    }

    private static List<Mark> offence(Formation formation) {
        return formation.men().stream()
                .map(m -> new Mark(
                        m.post() == Man.Post.ELIGIBLE ? m.name() : "",
                        m.post().name().toLowerCase(Locale.ROOT),
                        m.x(),
                        -m.depth()))
                .toList();
    }
}
