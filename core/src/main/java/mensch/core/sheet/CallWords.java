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
import mensch.core.audit.Said;
import mensch.core.call.Call;
import mensch.core.coverage.CoverSeat;
import mensch.core.field.Code;
import mensch.core.formation.Features;
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
 * @param family calls of one kind stand together: "Cover 3", "Pressure, cover 1"
 * @param kinds what it is called wherever the game is played, for finding it: "cover 3", "zone", "blitz"
 */
public record CallWords(String words, List<String> kinds, String family) {
    private static final int RUSHERS = 4;
    /** The deep field has so many parts at most; who stands there besides is extra. */
    private static final int PARTS = 4;

    /** With so many men on men the rest is help, not zone. */
    private static final int MAN_COVERAGE = 3;

    private static final String PRESSURE = "pressure";
    private static final String EVERYDAY = "doubles-gun";
    private static final String TRIPS = "trips-open";
    private static final String MIDDLE = "hs m 50 1&10";

    /**
     * By the first formation it is meant for, an everyday one if it can, and by who has the third receiver of one with
     * three to a side; none when it lines up against nothing.
     */
    public static Optional<CallWords> of(Call call, Library library) {
        Optional<String> third = meant(call, library, TRIPS)
                .filter(snap -> ThirdReceiver.there(Features.of(snap, call.convention())))
                .findFirst()
                .flatMap(snap -> ThirdReceiver.said(Lineup.of(call, snap)));
        return meant(call, library, EVERYDAY)
                .findFirst()
                .map(snap -> of(Lineup.of(call, snap)))
                .map(words -> third.map(words::and).orElse(words));
    }

    /** What it is meant for, one formation before the others. */
    private static Stream<Snap> meant(Call call, Library library, String first) {
        return library.formationsFor(call).stream()
                .filter(f -> call.meantFor(f.id()))
                .sorted(Comparator.comparing(f -> !f.id().equals(first)))
                .map(CallWords::snap);
    }

    private CallWords and(String more) {
        return new CallWords(words + ", " + more, kinds, family);
    }

    /** As it lines up on one snap. */
    public static CallWords of(Lineup lineup) {
        var counted = new Counted(lineup);
        List<String> kinds = kinds(counted);
        return new CallWords(said(counted), kinds, family(kinds));
    }

    private static String family(List<String> kinds) {
        String shell = kinds.get(0);
        return Said.capital(kinds.contains(PRESSURE) ? PRESSURE + ", " + shell : shell);
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
        private final LineWords line;
        private final Map<PassKind, Integer> kinds = new EnumMap<>(PassKind.class);
        private final Map<Role.Body, Integer> bodies = new EnumMap<>(Role.Body.class);

        Counted(Lineup lineup) {
            this.lineup = lineup;
            this.line = new LineWords(lineup);
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
            return lineup.flag();
        }

        boolean man() {
            return of(PassKind.MAN) >= MAN_COVERAGE;
        }

        List<Task.Cover> zones() {
            return lineup.jobs().stream()
                    .map(Job::passTask)
                    .filter(Task.Cover.class::isInstance)
                    .map(Task.Cover.class::cast)
                    .toList();
        }

        boolean hole() {
            return told(Task.Hole.class);
        }

        boolean told(Class<? extends Task> task) {
            return lineup.jobs().stream().map(Job::passTask).anyMatch(task::isInstance);
        }

        /** Safeties by their seat who are not deep. */
        List<Job> down() {
            return lineup.jobs().stream()
                    .filter(j -> j.cover() == CoverSeat.DEEP_STRONG || j.cover() == CoverSeat.DEEP_WEAK)
                    .filter(j -> PassKind.of(j.passTask()) == PassKind.UNDER)
                    .toList();
        }

        /** Backs who wait in the middle under the deep men. */
        List<Job> robs() {
            return lineup.jobs().stream()
                    .filter(j -> j.role().body() == Role.Body.DB)
                    .filter(j -> j.passTask() instanceof Task.Cover c && c.area() == Area.MIDDLE_HOOK)
                    .toList();
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

    /** Everybody is in it: front, men on men, deep and how, under and how, who comes. */
    private static String said(Counted c) {
        var words = new ArrayList<String>();
        if (!c.flag()) {
            words.add((c.of(Role.Body.E) + c.of(Role.Body.T)) + "-" + c.of(Role.Body.LB) + "-" + c.of(Role.Body.DB)
                    + c.line.front());
        }
        if (c.of(PassKind.MAN) > 0) {
            words.add(Said.count(c.of(PassKind.MAN)) + (c.of(PassKind.MAN) == 1 ? " on a man" : " on men"));
        }
        words.add(Said.count(c.of(PassKind.DEEP)) + " deep" + parts(c));
        if (c.of(PassKind.UNDER) > 0) {
            words.add(Said.count(c.of(PassKind.UNDER))
                    + (!c.man() ? " under" : c.hole() ? " in the hole" : " in a zone"));
        }
        if (c.of(PassKind.NONE) > 0) {
            words.add(Said.count(c.of(PassKind.NONE)) + " with nothing against the pass");
        }
        words.add(Said.count(c.of(PassKind.RUSH)) + " rush"
                + (c.sent().isEmpty() || c.flag() ? "" : " with " + LineWords.sent(c.sent())));
        style(c).ifPresent(words::add);
        if (!c.down().isEmpty() && !c.flag() && c.of(PassKind.DEEP) > 0) {
            words.add(LineWords.names(c.down()) + " down");
        }
        if (!c.robs().isEmpty()) {
            words.add(LineWords.names(c.robs()) + (c.robs().size() == 1 ? " robs" : " rob") + " the middle");
        }
        if (!c.flag()) {
            words.addAll(c.line.movements());
        }
        return String.join(", ", words);
    }

    /** How the zones are played: at a spot, or with a man who comes. */
    private static Optional<String> style(Counted c) {
        List<Task.Cover> zones = c.zones();
        if (c.told(Task.Bracket.class)) {
            return Optional.of("bracket");
        }
        if (c.told(Task.FirstOf.class)) {
            return Optional.of("in and out");
        }
        if (zones.isEmpty() || c.man()) {
            return Optional.empty();
        }
        if (zones.stream().anyMatch(z -> z.drop() != null && z.drop().depth() == null)) {
            return Optional.of("spot drop at the line to gain");
        }
        if (zones.stream().anyMatch(z -> z.trapped() != null)) {
            return Optional.of("trap");
        }
        if (zones.stream().anyMatch(Task.Cover::matched)) {
            return Optional.of("match");
        }
        return Optional.of(zones.stream().anyMatch(z -> z.receiver() != null) ? "spot drop, carry" : "spot drop");
    }

    private static String parts(Counted c) {
        boolean thirds = c.deep(Area.DEEP_OUTSIDE_THIRD);
        boolean halves = c.deep(Area.DEEP_HALF);
        boolean quarters = c.deep(Area.DEEP_INSIDE_QUARTER, Area.DEEP_OUTSIDE_QUARTER);
        if (c.of(PassKind.DEEP) > PARTS) {
            return "";
        }
        if (halves && quarters) {
            return " in quarters and a half";
        }
        return thirds ? " in thirds" : halves ? " in halves" : quarters ? " in quarters" : "";
    }

    private static List<String> kinds(Counted c) {
        Set<String> kinds = new LinkedHashSet<>();
        shell(c).forEach(kinds::add);
        kinds.add(c.man() ? "man" : "zone");
        kinds.add(Said.count(c.of(PassKind.DEEP)) + " deep");
        boolean blitz = c.of(PassKind.RUSH) > RUSHERS && !c.sent().isEmpty();
        if (!c.flag() && (blitz || c.lineup.inForce().pressures())) {
            kinds.add(PRESSURE);
            kinds.add(blitz ? "blitz" : c.sent().isEmpty() ? "bluff" : "simulated");
            if (blitz && !c.man()) {
                kinds.add("zone pressure");
            }
        }
        style(c).ifPresent(kinds::add);
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
        if (deep > PARTS) {
            return Stream.of("prevent");
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
