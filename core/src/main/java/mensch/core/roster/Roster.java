package mensch.core.roster;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mensch.core.document.RefusedException;
import mensch.core.formation.Answer;
import mensch.core.front.Role;
import mensch.core.front.Role.Body;
import mensch.core.front.Sits;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Manning.Note;
import mensch.core.rung.Condition;

/**
 * The squad, its depth chart, and the pairs that may not change sides. A role is not a body: this alone says who plays
 * it.
 */
public record Roster(List<Player> players, List<ChartLine> chart, List<Staying> staying) {
    public static final Roster EMPTY = new Roster(List.of(), List.of(), List.of());

    public Roster {
        players = List.copyOf(players);
        chart = List.copyOf(chart);
        staying = List.copyOf(staying);
        var ids = new LinkedHashSet<String>();
        for (Player player : players) {
            if (!ids.add(player.id())) {
                throw new RefusedException("two players have the key " + player.id());
            }
        }
        for (ChartLine line : chart) {
            for (String id : line.players()) {
                if (!ids.contains(id)) {
                    throw new RefusedException(
                            "the chart lists " + id + " for " + line.role() + ", and the roster has no such player");
                }
            }
        }
        var paired = new LinkedHashSet<String>();
        for (Staying pair : staying) {
            if (!paired.add(pair.right()) | (!pair.left().equals(pair.right()) && !paired.add(pair.left()))) {
                throw new RefusedException(pair.right() + " and " + pair.left() + ": a role can be of one pair only");
            }
        }
    }

    /** With numbers and names only: what a player may know of the others. */
    public Roster unmeasured() {
        return new Roster(players.stream().map(Player::unmeasured).toList(), chart, staying);
    }

    /** Fills every job, in the order of the front's roles; a man plays once. */
    public Manning fill(Lineup lineup) {
        if (chart.isEmpty()) {
            return Manning.NONE;
        }
        var byJob = new LinkedHashMap<String, Player>();
        var notes = new ArrayList<Note>();
        for (Role role : lineup.inForce().front().roles()) {
            for (Job job : jobs(role, lineup)) {
                Optional<Player> left = first(listed(slot(job, lineup), lineup), byJob);
                if (left.isEmpty()) {
                    notes.add(new Note(
                            job.id(),
                            "nobody is left on the chart for "
                                    + slot(job, lineup).replace('-', ' ')));
                    continue;
                }
                Player player = left.get();
                byJob.put(job.id(), player);
                if (player.body() != role.body() && !lineup.flag()) {
                    notes.add(new Note(
                            job.id(),
                            player.said() + " is listed as " + player.body() + ", the role asks for " + role.body()));
                }
            }
        }
        notes.addAll(insideMen(lineup, byJob));
        notes.addAll(sameNumbers(byJob));
        return new Manning(Map.copyOf(byJob), List.copyOf(notes));
    }

    /**
     * Jobs of a role in the order the chart's men are given out: the staying right man, or the one on the cover side,
     * first.
     */
    private List<Job> jobs(Role role, Lineup lineup) {
        Side first = staying(role.id()).isPresent()
                ? Side.RIGHT
                : lineup.sides().cover().side();
        return lineup.jobs().stream()
                .filter(j -> j.role().equals(role))
                .sorted((a, b) -> Boolean.compare(b.seat() == first, a.seat() == first))
                .toList();
    }

    private Optional<Staying> staying(String role) {
        return staying.stream().filter(p -> p.names(role)).findFirst();
    }

    /**
     * The chart's role whose man plays this job: his own, or his mate's when the pair stays and their roles have
     * changed sides.
     */
    private String slot(Job job, Lineup lineup) {
        String role = job.role().id();
        Optional<Staying> found = staying(role);
        if (found.isEmpty() || job.role().sits() == Sits.EACH_SIDE) {
            return role;
        }
        Staying pair = found.get();
        Job mate = lineup.job(pair.mate(role));
        boolean opposite = mate != null && mate.seat() != job.seat();
        return !opposite ? role : job.seat() == Side.RIGHT ? pair.right() : pair.left();
    }

    /** A line for this personnel goes before the line for any. */
    private List<String> listed(String role, Lineup lineup) {
        var players = new ArrayList<String>();
        for (ChartLine line : chart) {
            if (line.role().equals(role) && line.personnel().stream().anyMatch(p -> onField(p, lineup))) {
                players.addAll(line.players());
            }
        }
        chart.stream()
                .filter(l -> l.role().equals(role) && l.personnel().isEmpty())
                .forEach(l -> players.addAll(l.players()));
        return players;
    }

    private static boolean onField(String personnel, Lineup lineup) {
        var condition = new Condition.Personnel(personnel.charAt(0) - '0', personnel.charAt(1) - '0');
        return condition.in(lineup.view(lineup.jobs().get(0))) == Answer.YES;
    }

    private Optional<Player> first(List<String> listed, Map<String, Player> taken) {
        for (String id : listed) {
            Player player =
                    players.stream().filter(p -> p.id().equals(id)).findFirst().orElseThrow();
            if (!taken.containsValue(player)) {
                return Optional.of(player);
            }
        }
        return Optional.empty();
    }

    /** Of two inside linemen the heavier belongs nearer the ball, the quicker further out (handbook 3). */
    private static List<Note> insideMen(Lineup lineup, Map<String, Player> byJob) {
        List<Lineup.Placed> inside = lineup.placed().stream()
                .filter(p -> p.job().role().body() == Body.T
                        && byJob.containsKey(p.job().id()))
                .sorted(Comparator.comparingDouble(p -> Math.abs(p.feet().x())))
                .toList();
        if (inside.size() != 2) {
            return List.of();
        }
        Player near = byJob.get(inside.get(0).job().id());
        Player far = byJob.get(inside.get(1).job().id());
        if (near == null || far == null) {
            return List.of();
        }
        var notes = new ArrayList<Note>();
        if (near.weight() != null && far.weight() != null && near.weight() < far.weight()) {
            notes.add(new Note(
                    inside.get(0).job().id(),
                    "the lighter of the two inside men is nearer the ball: " + near.said() + " " + near.weight()
                            + " lb, " + far.said() + " " + far.weight() + " lb"));
        }
        if (near.shuttle() != null && far.shuttle() != null && near.shuttle() < far.shuttle()) {
            notes.add(new Note(
                    inside.get(1).job().id(),
                    "the slower of the two inside men has the wider technique: " + far.said() + " " + far.shuttle()
                            + " s, " + near.said() + " " + near.shuttle() + " s"));
        }
        return notes;
    }

    private static List<Note> sameNumbers(Map<String, Player> byJob) {
        Set<Integer> seen = new LinkedHashSet<>();
        return byJob.entrySet().stream()
                .filter(e -> !seen.add(e.getValue().number()))
                .map(e -> new Note(e.getKey(), "number " + e.getValue().number() + " is on the field twice"))
                .toList();
    }
}
