package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.lineup.Change;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Manning;
import mensch.core.roster.Player;
import mensch.core.roster.Roster;
import mensch.core.rung.FeatureFact;
import mensch.core.rung.FitRole;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/**
 * One part that motion changed, as it is told to the man.
 *
 * @param name his job as coaches say it
 * @param player who is told, when the roster lists him
 * @param told "you are force now"
 * @param because the facts that flipped
 */
public record ChangeRow(
        String job,
        String name,
        String label,
        @Nullable String player,
        String part,
        String was,
        String is,
        String told,
        List<String> because) {

    /**
     * Changes between two phases, man by man: who stays on his side while strength flips is told his new role first.
     */
    static List<ChangeRow> between(Lineup before, Lineup after, Roster roster, Library library) {
        var rows = new ArrayList<ChangeRow>();
        var old = new Words(before, library);
        var now = new Words(after, library);
        Manning had = roster.fill(before);
        Manning has = roster.fill(after);
        for (Job is : after.jobs()) {
            Optional<Player> player = has.on(is);
            Job was = before.job(player.flatMap(had::jobOf).orElse(is.id()));
            String who = player.map(Player::said).orElse(null);
            if (was == null) {
                rows.add(new ChangeRow(
                        is.id(),
                        is.words(),
                        is.role().label(),
                        who,
                        "role",
                        "",
                        is.words(),
                        "You are " + is.words() + " in " + after.inForce().name() + ".",
                        List.of("the call was changed")));
                continue;
            }
            if (!was.role().equals(is.role())) {
                rows.add(new ChangeRow(
                        is.id(),
                        is.words(),
                        is.role().label(),
                        who,
                        "role",
                        was.words(),
                        is.words(),
                        "You are " + is.words() + " now.",
                        List.of("he stays on his side, the strength went to the other")));
            }
            for (Change change : Change.between(was, is, before, after)) {
                String wasWords = old.shown(change.was(), change.part());
                String isWords = now.shown(change.is(), change.part());
                boolean moved = change.part() == Part.ALIGN || change.part() == Part.SHOW;
                if (!wasWords.equals(isWords) || moved) {
                    rows.add(new ChangeRow(
                            is.id(),
                            is.words(),
                            is.role().label(),
                            who,
                            change.part().words(),
                            placed(wasWords, change, moved, true),
                            placed(isWords, change, moved, false),
                            told(change, placed(isWords, change, moved, false)),
                            because(change)));
                }
            }
        }
        return List.copyOf(rows);
    }

    private static String placed(String words, Change change, boolean moved, boolean old) {
        var job = old ? change.was() : change.is();
        if (!moved || !(job.part(change.part()).orNull() instanceof Place place)) {
            return words;
        }
        double x = place.feet().x();
        return words + String.format(Locale.ROOT, " (%.1f yd %s)", Math.abs(x), x < 0 ? "left" : "right");
    }

    private static String told(Change change, String is) {
        if (change.part() == Part.RUN) {
            boolean force = force(change.is().runTask());
            if (force != force(change.was().runTask())) {
                return force ? "You are force now: " + is + "." : "You are not force any more: " + is + ".";
            }
            return "Your run job is " + is + " now.";
        }
        return switch (change.part()) {
            case ALIGN -> "Stand " + is + ".";
            case SHOW -> "Show " + is + ".";
            case KEY -> "Key " + is + " now.";
            case PASS -> "Drop to " + is + " now.";
            default -> change.part().words() + ": " + is + ".";
        };
    }

    private static boolean force(Task task) {
        return task instanceof Task.Fit fit && fit.role() == FitRole.FORCE;
    }

    private static List<String> because(Change change) {
        var because = new ArrayList<String>();
        if (change.reseated()) {
            because.add("his side is " + side(change.is().seat()) + " now");
        }
        change.because().stream().map(FeatureFact::words).forEach(because::add);
        if (because.isEmpty()) {
            because.add("the men he lines up on moved");
        }
        return List.copyOf(because);
    }

    private static String side(Side side) {
        return "the " + side.words();
    }
}
