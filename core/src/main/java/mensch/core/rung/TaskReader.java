package mensch.core.rung;

import java.util.ArrayList;
import java.util.Optional;
import mensch.core.event.Event;

/** Reads run and pass jobs. */
final class TaskReader {
    private final Tokens tokens;
    private final RefReader refs;

    TaskReader(Tokens tokens, RefReader refs) {
        this.tokens = tokens;
        this.refs = refs;
    }

    Steps run() {
        return steps(false);
    }

    Steps pass() {
        return steps(true);
    }

    private Steps steps(boolean pass) {
        var steps = new ArrayList<Steps.Step>();
        while (true) {
            Task task = tokens.accept("none") ? new Task.None() : pass ? passTask() : runTask();
            if (!tokens.accept("until")) {
                steps.add(new Steps.Step(task, null));
                return new Steps(steps);
            }
            steps.add(new Steps.Step(task, trigger()));
            tokens.require("then");
        }
    }

    private Event trigger() {
        for (Event event : Event.all()) {
            if (tokens.accept(event.words())) {
                return event;
            }
        }
        throw tokens.failure();
    }

    private Task runTask() {
        if (tokens.accept("two-gap")) {
            return new Task.TwoGap();
        }
        if (tokens.accept("open gap")) {
            return new Task.OpenGap();
        }
        if (tokens.accept("exchange with")) {
            return new Task.Exchange(refs.role());
        }
        Optional<GapWord> gap = gap();
        FitRole role = gap.isEmpty() || tokens.accept(",") ? fit() : null;
        return new Task.Fit(gap.orElse(null), role);
    }

    /** A gap, when one stands here. */
    Optional<GapWord> gap() {
        if (tokens.accept("last gap")) {
            return Optional.of(new GapWord(GapWord.Kind.LAST, (char) 0, Where.MY));
        }
        if (tokens.accept("outside")) {
            return Optional.of(new GapWord(GapWord.Kind.OUTSIDE, (char) 0, Where.MY));
        }
        for (char letter = 'A'; letter <= 'E'; letter++) {
            if (tokens.accept(letter + " gap")) {
                return Optional.of(new GapWord(GapWord.Kind.LETTER, letter, refs.where()));
            }
        }
        return Optional.empty();
    }

    private FitRole fit() {
        for (FitRole role : FitRole.values()) {
            if (tokens.accept(role.words())) {
                return role;
            }
        }
        throw tokens.failure();
    }

    private Task cover(Area area) {
        Where where = refs.where();
        Task.Drop drop = tokens.accept("at line to gain")
                ? new Task.Drop(null)
                : tokens.accept("@") ? new Task.Drop(refs.depth()) : null;
        boolean carried = tokens.accept("carry");
        boolean matched = !carried && tokens.accept("match");
        return new Task.Cover(area, where, drop, carried || matched ? refs.ref() : null, matched);
    }

    private Task passTask() {
        for (Area area : Area.values()) {
            if (tokens.accept(area.words())) {
                return cover(area);
            }
        }
        if (tokens.accept("man")) {
            Ref man = refs.ref();
            return new Task.ManOn(
                    man, tokens.accept("else") ? tokens.accept("none") ? new Task.None() : passTask() : null);
        }
        if (tokens.accept("replace")) {
            return new Task.Replace(refs.role());
        }
        if (tokens.accept("rush")) {
            boolean contain = tokens.accept("contain");
            return new Task.Rush(contain, contain ? null : gap().orElse(null));
        }
        if (tokens.accept("spy quarterback")) {
            return new Task.Spy();
        }
        tokens.require("hole");
        return new Task.Hole();
    }
}
