package mensch.core.rung;

import java.util.ArrayList;
import java.util.Optional;
import mensch.core.event.Event;
import org.jspecify.annotations.Nullable;

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
        Ref receiver = carried || matched ? refs.ref() : null;
        Ref trapped = matched && tokens.accept("trap") ? refs.ref() : null;
        return new Task.Cover(area, where, drop, receiver, matched, trapped);
    }

    private @Nullable Task otherwise() {
        return tokens.accept("else") ? tokens.accept("none") ? new Task.None() : passTask() : null;
    }

    private Task passTask() {
        for (Area area : Area.values()) {
            if (tokens.accept(area.words())) {
                return cover(area);
            }
        }
        if (tokens.accept("man first")) {
            boolean out = tokens.accept("out");
            tokens.require(out ? "of" : "in of");
            Ref one = refs.ref();
            tokens.require("and");
            return new Task.FirstOf(one, refs.ref(), out, otherwise());
        }
        if (tokens.accept("man")) {
            return new Task.ManOn(refs.ref(), otherwise());
        }
        if (tokens.accept("bracket")) {
            Ref man = refs.ref();
            boolean inside = tokens.accept("from inside");
            if (!inside) {
                tokens.require("from outside");
            }
            return new Task.Bracket(man, inside, otherwise());
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
