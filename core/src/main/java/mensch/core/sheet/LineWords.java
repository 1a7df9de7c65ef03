package mensch.core.sheet;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mensch.core.audit.Said;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.GapWord;
import mensch.core.rung.Move;
import mensch.core.rung.Phrase;
import mensch.core.rung.Task;

/** How the line stands and what it does at the snap, in the trade's words (handbook 3, fronts and line movement). */
final class LineWords {
    private static final Set<Move.Verb> TWISTS = EnumSet.of(Move.Verb.PENETRATE, Move.Verb.LOOP);
    private static final Set<Move.Verb> SLANTS = EnumSet.of(Move.Verb.SLANT);
    private static final Set<Move.Verb> DROPS = EnumSet.of(Move.Verb.DROP);
    private static final Set<Move.Verb> OF_A_LINEMAN =
            EnumSet.complementOf(EnumSet.of(Move.Verb.BLITZ, Move.Verb.CREEP, Move.Verb.SCRAPE));

    /** From so far outside the last man of the offence's line an end is a wide one, yards. */
    private static final double WIDE = 1;

    private static final int LINE = 2;

    private final Lineup lineup;
    private final List<Job> linemen;

    LineWords(Lineup lineup) {
        this.lineup = lineup;
        this.linemen = lineup.jobs().stream().filter(j -> j.role().lineman()).toList();
    }

    /** The front by its inside shades, wide ends besides; empty when it has no word of its own. */
    String front() {
        return shades().orElse(twoGap() ? " two-gap" : "") + (wide() ? " with wide ends" : "");
    }

    private Optional<String> shades() {
        boolean call = stands("3", callSide());
        boolean away = stands("3", callSide().opposite());
        boolean nose = stands("0", Side.LEFT) || stands("0", Side.RIGHT);
        if (call && away) {
            return Optional.of(nose ? " double eagle" : " even");
        }
        if (nose && stands("4i", Side.LEFT) && stands("4i", Side.RIGHT)) {
            return Optional.of(" tite");
        }
        return call ? Optional.of(" over") : away ? Optional.of(" under") : Optional.empty();
    }

    private Side callSide() {
        return lineup.sides().call().side();
    }

    private boolean stands(String shade, Side side) {
        return linemen.stream()
                .filter(j -> j.seat() == side)
                .map(j -> j.before().align().orNull())
                .anyMatch(place -> place != null
                        && place.phrase() instanceof Phrase.Technique technique
                        && technique.label().equals(shade));
    }

    private boolean twoGap() {
        return linemen.stream().filter(j -> j.runTask() instanceof Task.TwoGap).count() >= LINE;
    }

    private boolean wide() {
        return wide(Side.LEFT) && wide(Side.RIGHT);
    }

    private boolean wide(Side side) {
        double last = lineup.features().shape().flank(side).endMan().feet().x();
        return linemen.stream().map(Job::feet).anyMatch(feet -> feet != null && side.sign() * (feet.x() - last) > WIDE);
    }

    /**
     * Twists first, then what slants, crosses or drops, then who only showed; none when everybody plays where he
     * stands.
     */
    List<String> movements() {
        var said = new ArrayList<String>();
        List<Job> twist = several(moving(linemen, TWISTS)).stream()
                .sorted(Comparator.comparingInt(j -> move(j).order()))
                .toList();
        if (!twist.isEmpty()) {
            said.add(names(twist) + " twist");
        }
        List<Job> slant = several(moving(linemen, SLANTS));
        Optional<Side> way = together(slant);
        way.ifPresent(side -> said.add("line slants " + (side == callSide() ? "to" : "away from") + " the call side"));
        moving(linemen, OF_A_LINEMAN).stream()
                .filter(j -> !twist.contains(j))
                .filter(j -> way.isEmpty() || !slant.contains(j))
                .forEach(j -> said.add(j.role().words() + " " + move(j).told()));
        List<Job> back = moving(lineup.jobs(), DROPS).stream()
                .filter(j -> !j.role().lineman())
                .toList();
        if (!back.isEmpty()) {
            said.add(names(back) + (back.size() == 1 ? " bluffs" : " bluff"));
        }
        return said;
    }

    /** One man alone makes no twist and no slanting line. */
    private static List<Job> several(List<Job> men) {
        return men.size() < LINE ? List.of() : men;
    }

    /** The side to which all of them go; none when they go apart or come together. */
    private Optional<Side> together(List<Job> men) {
        List<Side> ways =
                men.stream().map(this::way).flatMap(Optional::stream).distinct().toList();
        return ways.size() == 1 ? Optional.of(ways.get(0)) : Optional.empty();
    }

    private Optional<Side> way(Job job) {
        var feet = job.feet();
        return feet == null
                ? Optional.empty()
                : move(job).goal(lineup.view(job)).map(to -> to.x() < feet.x() ? Side.LEFT : Side.RIGHT);
    }

    private static List<Job> moving(List<Job> men, Set<Move.Verb> verbs) {
        return men.stream()
                .filter(j -> move(j).verb() != null && verbs.contains(move(j).verb()))
                .toList();
    }

    private static Move move(Job job) {
        Move move = job.after().move().orNull();
        return move == null ? Move.NONE : move;
    }

    /** Who comes besides the line, and where: "will outside and mike through A". */
    static String sent(List<Job> men) {
        return Said.and(men.stream().map(j -> j.role().words() + through(j)).toList());
    }

    /** By their roles: on which side one of two stands is the formation's, not the call's. */
    static String names(List<Job> men) {
        return Said.and(men.stream().map(j -> j.role().words()).distinct().toList());
    }

    private static String through(Job job) {
        Move move = move(job);
        GapWord gap = move.gap() == null && job.runTask() instanceof Task.Fit fit ? fit.gap() : move.gap();
        if (gap == null) {
            return "";
        }
        return switch (gap.kind()) {
            case LETTER -> " through " + gap.letter();
            case LAST, OUTSIDE -> " outside";
        };
    }
}
