package mensch.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mensch.core.film.Places;
import mensch.core.film.Times;
import mensch.core.grading.FilmJudge.Judged;
import mensch.core.lineup.Job;
import mensch.core.rubric.Facet;

/** All that the measures of a play propose, man by man in field order, each with what it was told from. */
public final class Proposals {
    private final Judged judged;
    private final Times times;
    private final Optional<ReadJudge> reads;

    /** @param reads of the play that was run, where that is known and can be run */
    public Proposals(Judged judged, Times times, Optional<ReadJudge> reads) {
        this.judged = judged;
        this.times = times;
        this.reads = reads;
    }

    public List<Proposed> all() {
        return judged.asked().jobs().stream().flatMap(job -> of(job).stream()).toList();
    }

    /** Of one man, in the order of the facets. */
    public List<Proposed> of(Job job) {
        var all = new ArrayList<Proposed>();
        judged.rows().stream()
                .filter(row -> row.job() == job)
                .map(row -> new Proposed(
                        job.id(), Facet.ALIGNMENT, GradeMark.of(row.verdict().outcome()), row.words()))
                .forEach(all::add);
        clockwork(job).getOff().ifPresent(all::add);
        Optional<Proposed> read = read(job);
        read.ifPresent(all::add);
        reads.flatMap(r -> new MomentOfTruth(judged.asked(), judged.places(), times).of(job, r.resolved(job)))
                .map(then -> recovery(read.map(Proposed::mark), then))
                .ifPresent(all::add);
        return List.copyOf(all);
    }

    /** A read and what comes of it are two marks: after one that was late or wrong it is said whether he recovered. */
    static Proposed recovery(Optional<GradeMark> read, Proposed then) {
        if (read.filter(GradeMark.BELOW::equals).isEmpty() || then.mark() == GradeMark.NOT_TOLD) {
            return then;
        }
        String so =
                then.mark() == GradeMark.BELOW ? "; he did not recover from his read" : "; he recovered from his read";
        return new Proposed(then.job(), then.facet(), then.mark(), then.measured() + so);
    }

    /** What his job is marked by: where he lined up, what he read if he has a key, what he was to do, and how. */
    public static List<Facet> ofTheJob(Job job) {
        return job.before().key().orNull() == null
                ? List.of(Facet.ALIGNMENT, Facet.ASSIGNMENT, Facet.TECHNIQUE)
                : List.of(Facet.ALIGNMENT, Facet.KEY, Facet.ASSIGNMENT, Facet.TECHNIQUE);
    }

    private Clockwork clockwork(Job job) {
        return new Clockwork(judged.asked().convention(), times, job);
    }

    private Optional<Proposed> read(Job job) {
        List<Places.Moved> moves = judged.places().moves(job.id());
        return reads.filter(r -> !moves.isEmpty() && !r.told(job).isEmpty()).map(r -> {
            ReadVerdict verdict = r.of(job, moves);
            GradeMark mark = switch (verdict.outcome()) {
                case RIGHT -> GradeMark.TO_STANDARD;
                case LATE, WRONG -> GradeMark.BELOW;
                case NOT_TOLD -> GradeMark.NOT_TOLD;
            };
            return new Proposed(job.id(), Facet.KEY, mark, verdict.words());
        });
    }

    /** What marked moments say of a man's technique, told and not marked. */
    public List<String> order(Job job) {
        return clockwork(job).order();
    }

    /** What a click at some moment would tell of his read, where that is not clicked yet; in words. */
    public Optional<String> stillToClick(Job job) {
        return judged.places()
                .onField(job.id())
                .filter(at -> judged.places().moves(job.id()).isEmpty())
                .flatMap(at -> reads.flatMap(r -> r.tellsAt(job, Math.sqrt(2) * Math.max(at.sigmaX(), at.sigmaY()))))
                .map(at -> String.format(Locale.ROOT, "his read shows from +%.2f s on", at));
    }
}
