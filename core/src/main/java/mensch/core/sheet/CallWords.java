package mensch.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.coverage.CoverSeat;
import mensch.core.field.Code;
import mensch.core.formation.Snap;
import mensch.core.front.Role;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Area;
import mensch.core.rung.Task;

/**
 * What a call is in the trade's words, read from how it lines up: who stands where, who rushes, who is deep.
 *
 * @param words for a line beside its name: "4-2-5, three deep, four under, four rush"
 * @param kinds what it is called wherever the game is played, for finding it: "cover 3", "zone", "blitz"
 */
public record CallWords(String words, List<String> kinds) {
    private static final List<String> COUNTS =
            List.of("no", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine", "ten", "eleven");
    private static final int RUSHERS = 4;
    /** With so many men on men the rest is help, not zone. */
    private static final int MAN_COVERAGE = 3;

    private static final String EVERYDAY = "doubles-gun";
    private static final String MIDDLE = "hs m 50 1&10";

    /** By the first formation it is meant for, an everyday one if it can; none when it lines up against nothing. */
    public static Optional<CallWords> of(Call call, Library library) {
        List<LibraryFormation> against = library.formationsFor(call);
        return against.stream()
                .filter(f -> call.meantFor(f.id()))
                .min(Comparator.comparing(f -> !f.id().equals(EVERYDAY)))
                .map(f -> new Counted(Lineup.of(call, snap(f))))
                .map(c -> new CallWords(said(c), kinds(c)));
    }

    private static Snap snap(LibraryFormation formation) {
        String field = formation.players() == Code.HIGH_SCHOOL.players()
                ? MIDDLE
                : "flag" + formation.players() + " m 25 1&10";
        return formation.snap(null, false, field);
    }

    /** How many do what. */
    private static final class Counted {
        private final Lineup lineup;
        private final Map<PassKind, Integer> kinds = new EnumMap<>(PassKind.class);
        private final Map<Role.Body, Integer> bodies = new EnumMap<>(Role.Body.class);

        Counted(Lineup lineup) {
            this.lineup = lineup;
            for (Job job : lineup.jobs()) {
                kinds.merge(PassKind.of(job.passTask()), 1, Integer::sum);
                bodies.merge(job.role().body(), 1, Integer::sum);
            }
        }

        int of(PassKind kind) {
            return kinds.getOrDefault(kind, 0);
        }

        int of(Role.Body body) {
            return bodies.getOrDefault(body, 0);
        }

        boolean flag() {
            return lineup.snap().field().code().flag();
        }

        boolean man() {
            return of(PassKind.MAN) >= MAN_COVERAGE;
        }

        boolean deep(Area... parts) {
            return lineup.jobs().stream()
                    .anyMatch(j -> j.passTask() instanceof Task.Cover c
                            && List.of(parts).contains(c.area()));
        }

        /** Rushers by this call who do not rush by their seat. */
        List<Job> sent() {
            return lineup.jobs().stream()
                    .filter(j -> PassKind.of(j.passTask()) == PassKind.RUSH)
                    .filter(j -> j.cover() != CoverSeat.RUSH && j.cover() != CoverSeat.EDGE)
                    .toList();
        }
    }

    private static String said(Counted c) {
        var words = new ArrayList<String>();
        if (!c.flag()) {
            words.add((c.of(Role.Body.E) + c.of(Role.Body.T)) + "-" + c.of(Role.Body.LB) + "-" + c.of(Role.Body.DB));
        }
        if (c.man()) {
            words.add(COUNTS.get(c.of(PassKind.MAN)) + " on men");
        }
        words.add(COUNTS.get(c.of(PassKind.DEEP)) + " deep" + parts(c));
        if (c.of(PassKind.UNDER) > 0) {
            words.add(COUNTS.get(c.of(PassKind.UNDER)) + (c.man() ? " in a zone" : " under"));
        }
        String sent = String.join(" and ", c.sent().stream().map(Job::words).toList());
        words.add(COUNTS.get(c.of(PassKind.RUSH)) + " rush" + (sent.isEmpty() || c.flag() ? "" : " with " + sent));
        return String.join(", ", words);
    }

    private static String parts(Counted c) {
        boolean thirds = c.deep(Area.DEEP_OUTSIDE_THIRD);
        boolean halves = c.deep(Area.DEEP_HALF);
        boolean quarters = c.deep(Area.DEEP_INSIDE_QUARTER, Area.DEEP_OUTSIDE_QUARTER);
        return halves && quarters
                ? " in quarters and a half"
                : thirds ? " in thirds" : halves ? " in halves" : quarters ? " in quarters" : "";
    }

    private static List<String> kinds(Counted c) {
        Set<String> kinds = new LinkedHashSet<>();
        shell(c).forEach(kinds::add);
        kinds.add(c.man() ? "man" : "zone");
        kinds.add(COUNTS.get(c.of(PassKind.DEEP)) + " deep");
        boolean more = c.of(PassKind.RUSH) > RUSHERS;
        if (!c.flag() && (more || c.lineup.inForce().pressures())) {
            kinds.add("pressure");
            kinds.add(more ? "blitz" : c.sent().isEmpty() ? "bluff" : "simulated");
            if (more && !c.man()) {
                kinds.add("zone pressure");
            }
        }
        return List.copyOf(kinds);
    }

    private static Stream<String> shell(Counted c) {
        int deep = c.of(PassKind.DEEP);
        boolean halves = c.deep(Area.DEEP_HALF);
        boolean quarters = c.deep(Area.DEEP_INSIDE_QUARTER, Area.DEEP_OUTSIDE_QUARTER);
        if (c.man()) {
            return deep == 0
                    ? Stream.of("cover 0", "zero")
                    : deep == 1 ? Stream.of("cover 1", "man free") : Stream.of("two man", "cover 2 man");
        }
        if (halves && quarters) {
            return Stream.of("cover 6", "quarter quarter half");
        }
        if (halves) {
            return Stream.of("cover 2", "halves");
        }
        if (quarters) {
            return Stream.of("cover 4", "quarters");
        }
        return deep == 3 ? Stream.of("cover 3", "thirds") : Stream.empty();
    }
}
