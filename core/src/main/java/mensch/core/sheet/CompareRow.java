package mensch.core.sheet;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;
import org.jspecify.annotations.Nullable;

/**
 * One part of one man that two calls answer differently on the same snap; a side is empty when that call has no such
 * man.
 *
 * @param job job id in the call that has it
 * @param name his id as coaches say it
 * @param label his label on the field
 */
public record CompareRow(String job, String name, String label, Part part, String first, String second) {

    /** Every difference, in the field order of the first call, then men only the second has. */
    public static List<CompareRow> between(Lineup first, Lineup second) {
        var ids = new LinkedHashSet<String>();
        first.jobs().forEach(j -> ids.add(j.id()));
        second.jobs().forEach(j -> ids.add(j.id()));
        var rows = new ArrayList<CompareRow>();
        for (String id : ids) {
            Job a = first.job(id);
            Job b = second.job(id);
            Job one = Stream.of(first, second)
                    .flatMap(l -> Stream.ofNullable(l.job(id)))
                    .findFirst()
                    .orElseThrow();
            for (Part part : Part.values()) {
                String left = words(first, a, part);
                String right = words(second, b, part);
                if (!left.equals(right)
                        || part == Part.ALIGN && a != null && b != null && !Objects.equals(a.feet(), b.feet())) {
                    rows.add(new CompareRow(id, one.words(), one.role().label(), part, left, right));
                }
            }
        }
        return List.copyOf(rows);
    }

    private static String words(Lineup lineup, @Nullable Job job, Part part) {
        if (job == null) {
            return "";
        }
        boolean has = job.part(part).state() == Given.State.VALUE;
        return lineup.convention()
                .labels()
                .said(has ? Words.language(job.part(part).orNull()) : JobRows.missing(job.part(part)));
    }
}
