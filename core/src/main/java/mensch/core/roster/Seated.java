package mensch.core.roster;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Who played which seat of one play; a man plays once.
 *
 * @param men player by job
 */
public record Seated(Map<String, String> men) {

    public Seated {
        if (new HashSet<>(men.values()).size() < men.size()) {
            throw new IllegalArgumentException("a man sits at two seats of one play: " + men);
        }
        men = Map.copyOf(men);
    }

    /**
     * Fills the seats of a line-up.
     *
     * @param jobs of the line-up, in its order
     * @param inTurn who may play there, player by job, those that go first in front; a man who is seated already is
     *     passed over, and a seat for which nobody is left stays empty
     */
    public static Seated of(List<String> jobs, List<Map<String, String>> inTurn) {
        var men = new LinkedHashMap<String, String>();
        for (Map<String, String> some : inTurn) {
            for (String job : jobs) {
                String player = some.get(job);
                if (player != null && !men.containsKey(job) && !men.containsValue(player)) {
                    men.put(job, player);
                }
            }
        }
        return new Seated(men);
    }

    /** With a man at a seat; if he is at another, the two who are concerned change places. */
    public Seated with(String job, String player) {
        var next = new LinkedHashMap<>(men);
        String before = next.put(job, player);
        men.forEach((seat, man) -> {
            if (man.equals(player) && !seat.equals(job)) {
                if (before == null) {
                    next.remove(seat);
                } else {
                    next.put(seat, before);
                }
            }
        });
        return new Seated(next);
    }

    /**
     * A substitution: a man plays a seat from the first of these plays on, as far as it is played by whom he replaces.
     * A play without the seat is passed over.
     *
     * @param plays of one game, in the order they were played
     * @return the same plays with it
     */
    public static List<Seated> substituted(List<Seated> plays, String job, String player) {
        String replaced = plays.get(0).men().get(job);
        var after = new ArrayList<Seated>();
        boolean goesOn = true;
        for (Seated play : plays) {
            String there = play.men().get(job);
            boolean first = after.isEmpty();
            goesOn &= first || there == null || there.equals(replaced);
            after.add(goesOn && (first || there != null) ? play.with(job, player) : play);
        }
        return List.copyOf(after);
    }
}
