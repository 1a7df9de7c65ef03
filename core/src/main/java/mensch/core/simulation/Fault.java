package mensch.core.simulation;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Collectors;
import mensch.core.document.RefusedException;
import mensch.core.document.Worded;
import mensch.core.lineup.Job;
import mensch.core.play.Route;
import mensch.core.rung.Numbers;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/**
 * Something one man does otherwise than he is told, put in to see what it costs.
 *
 * @param man a defender's job or a man of the offence by name
 * @param amount ticks for a late start or a bad read, yards for a step or a place; no meaning for another route
 * @param route what he runs instead; null for everything but another route
 */
public record Fault(
        String man, Kind kind, double amount, @Nullable Route route) {
    /** Who can do it. */
    public enum Whose implements Worded {
        ANYBODY,
        DEFENCE,
        RECEIVERS
    }

    /** What can go otherwise. */
    public enum Kind {
        /** He moves so many ticks of 0.05 s after he should. */
        LATE(Whose.ANYBODY, "late", "is off late by", TICKS, 3, 1),
        /** His first step goes away from the play, so many yards. */
        FALSE_STEP(Whose.DEFENCE, "false step", "takes a false step of", YARDS, 1, 0.5),
        /** He acts on his key so many ticks later. */
        SLOW_READ(Whose.DEFENCE, "slow read", "reads late by", TICKS, 3, 1),
        /** He takes run for pass, pass for run and to him for away, and sees it so many ticks later. */
        BAD_READ(Whose.DEFENCE, "bad read", "believes the wrong key for", TICKS, 8, 1),
        /** He turns to run with his man while he still has so much more room above him than he should. */
        TURNS_EARLY(Whose.DEFENCE, "turns early", "turns to run too soon by", YARDS, 2, 0.5),
        /** He stands elsewhere, to the offence's right; to the left when it is less than nothing. */
        MOVED_RIGHT(Whose.DEFENCE, "right", "lines up to the right by", YARDS, 1, 0.5, "lines up to the left by"),
        /** He stands deeper; closer to the line when it is less than nothing. */
        MOVED_DEEP(Whose.DEFENCE, "deep", "lines up deeper by", YARDS, 1, 0.5, "lines up closer by"),
        /** The snap comes while he still shows himself elsewhere; he goes home so many ticks after it. */
        SHOWS(Whose.DEFENCE, "still shows", "still stands where he shows and goes home late by", TICKS, 1, 1),
        /** He runs another route than the play tells him. */
        ROUTE(Whose.RECEIVERS, "route", "runs instead the", "", 0, 0);

        private final Whose whose;
        private final String words;
        private final String does;
        private final @Nullable String less;
        private final String unit;
        private final double usual;
        private final double step;

        Kind(Whose whose, String words, String does, String unit, double usual, double step) {
            this(whose, words, does, unit, usual, step, null);
        }

        Kind(Whose whose, String words, String does, String unit, double usual, double step, @Nullable String less) {
            this.whose = whose;
            this.words = words;
            this.does = does;
            this.less = less;
            this.unit = unit;
            this.usual = usual;
            this.step = step;
        }

        public Whose whose() {
            return whose;
        }

        public String words() {
            return words;
        }

        /** As told of a man, before the amount. */
        public String does() {
            return does;
        }

        public String unit() {
            return unit;
        }

        /** Whether a defender with this job can do it at all. */
        public boolean suits(Job job) {
            return switch (this) {
                case TURNS_EARLY ->
                    job.passTask() instanceof Task.OnMen
                            || job.passTask() instanceof Task.Cover cover
                                    && (cover.receiver() != null || cover.area().lane());
                case SHOWS -> job.before().show().orNull() != null;
                default -> whose != Whose.RECEIVERS;
            };
        }

        /** An amount to begin with. */
        public double usual() {
            return usual;
        }

        /** By how much an amount is changed at a time. */
        public double step() {
            return step;
        }

        /** Whether it can be less than nothing. */
        public boolean signed() {
            return less != null;
        }
    }

    private static final String TICKS = "ticks of 0.05 s";
    private static final String YARDS = "yd";
    /** Nothing is put in that goes farther, ticks or yards. */
    private static final double MOST = 40;

    /** @throws RefusedException when the amount is none for its kind */
    public Fault {
        boolean low = amount < (kind.signed() ? -MOST : 0);
        if (!Double.isFinite(amount) || low || amount > MOST) {
            throw new RefusedException(man + " " + kind.does + " " + Numbers.words(amount) + " " + kind.unit
                    + " cannot be put in; write " + (kind.signed() ? "-40" : "0") + " to 40");
        }
        if ((kind == Kind.ROUTE) != (route != null)) {
            throw new RefusedException(
                    "another route, and nothing else, needs to be named; write man:route:slant, as in Y:route:slant");
        }
    }

    public Fault(String man, Kind kind, double amount) {
        this(man, kind, amount, null);
    }

    /** As told of him: "is off late by 3 ticks of 0.05 s". */
    public String said() {
        if (route != null) {
            return kind.does + " " + route.id().replace('-', ' ');
        }
        String does = amount < 0 && kind.less != null ? kind.less : kind.does;
        return does + " " + Numbers.words(Math.abs(amount)) + " " + kind.unit;
    }

    /**
     * Read from {@code man:kind:amount}, as in {@code will:late:3}, or from {@code man:route:name}.
     *
     * @param routes those that can be run
     * @throws RefusedException saying what is expected
     */
    public static Fault of(String words, List<Route> routes) {
        String[] parts = words.split(":");
        for (Kind kind : Kind.values()) {
            if (parts.length == 3 && parts[1].equals(kind.words)) {
                return kind == Kind.ROUTE
                        ? new Fault(parts[0], kind, 0, route(parts[2], routes))
                        : new Fault(parts[0], kind, number(parts[2]));
            }
        }
        throw new RefusedException("\"" + words + "\" is no fault; write man:kind:amount, as in will:late:3; kinds are "
                + Arrays.stream(Kind.values())
                        .map(k -> k.words + (k == Kind.ROUTE ? " (which)" : " (" + k.unit + ")"))
                        .collect(Collectors.joining(", ")));
    }

    private static double number(String words) {
        try {
            return Double.parseDouble(words);
        } catch (NumberFormatException e) {
            throw new RefusedException("\"" + words + "\" is no number; write will:late:3");
        }
    }

    /**
     * A route by its id.
     *
     * @throws RefusedException naming those there are
     */
    public static Route route(String id, List<Route> routes) {
        return routes.stream()
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException("there is no route \"" + id + "\"; there are "
                        + routes.stream().map(Route::id).collect(Collectors.joining(", "))));
    }

    /** What of all this one man does, as it is told of him. */
    static String saidOf(String man, List<Fault> faults) {
        return faults.stream()
                .filter(f -> f.man().equals(man))
                .sorted(Comparator.comparing(Fault::kind))
                .map(Fault::said)
                .collect(Collectors.joining(" and "));
    }
}
