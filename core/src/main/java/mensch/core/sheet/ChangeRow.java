package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import mensch.core.geometry.Side;
import mensch.core.lineup.Change;
import mensch.core.lineup.Lineup;
import mensch.core.rung.FeatureFact;
import mensch.core.rung.FitRole;
import mensch.core.rung.Part;
import mensch.core.rung.Place;
import mensch.core.rung.Task;

/**
 * One part that motion changed, as it is told to the man.
 *
 * @param told    "you are force now"
 * @param because the facts that flipped
 */
public record ChangeRow(String job, String label, String part, String was, String is, String told, List<String> because) {

    /** Changes of the visible parts (place, key, run, pass, reads) between two phases. */
    public static List<ChangeRow> between(Lineup before, Lineup after) {
        var rows = new ArrayList<ChangeRow>();
        var old = new Words(before, (kind, id) -> id);
        var now = new Words(after, (kind, id) -> id);
        for (Change change : Change.between(before, after)) {
            String was = old.shown(change.was(), change.part());
            String is = now.shown(change.is(), change.part());
            boolean moved = change.part() == Part.ALIGN || change.part() == Part.SHOW;
            if (!was.equals(is) || moved) {
                rows.add(new ChangeRow(change.is().id(), change.is().role().label(), change.part().words(), placed(was, change, moved, true),
                    placed(is, change, moved, false), told(change, placed(is, change, moved, false)), because(change)));
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
        return "the " + side.word();
    }
}
