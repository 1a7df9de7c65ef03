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

/** What motion changed, man by man: who stays on his side while strength flips is told his new role first. */
final class ChangeRows {
    private final Lineup before;
    private final Lineup after;
    private final Words old;
    private final Words now;

    private ChangeRows(Lineup before, Lineup after, Library library) {
        this.before = before;
        this.after = after;
        this.old = new Words(before, library);
        this.now = new Words(after, library);
    }

    /** Changes between two phases. */
    static List<ChangeRow> between(Lineup before, Lineup after, Roster roster, Library library) {
        var maker = new ChangeRows(before, after, library);
        Manning had = roster.fill(before);
        Manning has = roster.fill(after);
        var rows = new ArrayList<ChangeRow>();
        for (Job is : after.jobs()) {
            Optional<Player> player = has.on(is);
            Job was = before.job(player.flatMap(had::jobOf).orElse(is.id()));
            rows.addAll(maker.of(was, is, player.map(Player::said).orElse(null)));
        }
        return List.copyOf(rows);
    }

    private List<ChangeRow> of(@Nullable Job was, Job is, @Nullable String who) {
        if (was == null) {
            return List.of(role(
                    is,
                    who,
                    "",
                    "You are " + is.words() + " in " + after.inForce().name() + ".",
                    "the call was changed"));
        }
        var rows = new ArrayList<ChangeRow>();
        if (!was.role().equals(is.role())) {
            rows.add(role(
                    is,
                    who,
                    was.words(),
                    "You are " + is.words() + " now.",
                    "he stays on his side, the strength went to the other"));
        }
        Change.between(was, is, before, after).forEach(c -> part(c, who).ifPresent(rows::add));
        return rows;
    }

    private static ChangeRow role(Job is, @Nullable String who, String was, String told, String because) {
        return new ChangeRow(
                is.id(), is.words(), is.role().label(), who, "role", was, is.words(), told, List.of(because));
    }

    /** Empty when the words of a part that places nobody stayed the same. */
    private Optional<ChangeRow> part(Change change, @Nullable String who) {
        String was = old.shown(change.was(), change.part());
        String is = now.shown(change.is(), change.part());
        boolean moved = change.part() == Part.ALIGN || change.part() == Part.SHOW;
        if (was.equals(is) && !moved) {
            return Optional.empty();
        }
        Job job = change.is();
        String there = moved ? placed(is, job, change.part()) : is;
        return Optional.of(new ChangeRow(
                job.id(),
                job.words(),
                job.role().label(),
                who,
                change.part().words(),
                moved ? placed(was, change.was(), change.part()) : was,
                there,
                told(change, there),
                because(change)));
    }

    private static String placed(String words, Job job, Part part) {
        if (!(job.part(part).orNull() instanceof Place place)) {
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
