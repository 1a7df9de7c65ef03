package mensch.core.rung;

import java.util.Optional;
import mensch.core.convention.Labels;
import mensch.core.convention.Labels.Label;
import mensch.core.field.Mark;
import mensch.core.rung.Phrase.Closeness;
import org.jspecify.annotations.Nullable;

/** Reads alignment phrases. */
final class PlaceReader {
    private final Tokens tokens;
    private final RefReader refs;

    PlaceReader(Tokens tokens, RefReader refs) {
        this.tokens = tokens;
        this.refs = refs;
    }

    /** A phrase with its shifts, or "below" with at least one. */
    Phrase place() {
        boolean below = tokens.accept("below");
        @Nullable Phrase base = below ? null : base();
        double wider = 0;
        double deeper = 0;
        while (below && wider == 0 && deeper == 0 || startsDelta()) {
            double yards = refs.yards();
            if (tokens.accept("wider")) {
                wider += yards;
            } else if (tokens.accept("tighter")) {
                wider -= yards;
            } else if (tokens.accept("deeper")) {
                deeper += yards;
            } else {
                tokens.require("shallower");
                deeper -= yards;
            }
        }
        return base == null || wider != 0 || deeper != 0 ? new Phrase.Shifted(base, wider, deeper) : base;
    }

    private boolean startsDelta() {
        int mark = tokens.mark();
        boolean starts = tokens.accept("half a man")
                || tokens.acceptWord(w -> w.matches("\\d+(\\.\\d+)?"), "yards wider, tighter, deeper, shallower")
                        .isPresent();
        tokens.reset(mark);
        return starts;
    }

    private Phrase base() {
        return technique().orElseGet(this::byMen);
    }

    private Phrase byMen() {
        if (tokens.accept("gap")) {
            return gap();
        }
        if (tokens.accept("stack")) {
            return new Phrase.Stack(refs.ref(), refs.atDepth());
        }
        if (tokens.accept("over")) {
            return over();
        }
        return tokens.accept("outside") ? outside() : fieldPhrase();
    }

    private Phrase fieldPhrase() {
        if (tokens.accept("split") || tokens.accept("apex")) {
            Ref first = refs.ref();
            tokens.require("and");
            return new Phrase.Between(first, refs.ref(), refs.atDepth());
        }
        if (tokens.accept("landmark")) {
            return landmark();
        }
        if (tokens.accept("deep")) {
            return deep();
        }
        if (tokens.accept("mirror")) {
            return new Phrase.Mirror(refs.role());
        }
        double yards = refs.yards();
        tokens.require("outside deepest back");
        return new Phrase.OffBack(yards, refs.atDepth());
    }

    private Optional<Phrase> technique() {
        int mark = tokens.mark();
        for (Label label : Labels.standard().labels()) {
            if (tokens.accept(label.word() + " technique")) {
                Closeness closeness = tokens.accept("tight")
                        ? Closeness.TIGHT
                        : tokens.accept("loose") ? Closeness.LOOSE : Closeness.NORMAL;
                return Optional.of(new Phrase.Technique(label.word(), closeness));
            }
            tokens.reset(mark);
        }
        return Optional.empty();
    }

    private Phrase gap() {
        return new Phrase.InGap(letter(), refs.where(), refs.atDepth());
    }

    private char letter() {
        String letter = tokens.requireWord(w -> w.matches("[a-e]"), "A, B, C, D or E");
        return Character.toUpperCase(letter.charAt(0));
    }

    private Phrase over() {
        Ref ref = refs.ref();
        tokens.require(",");
        Leverage leverage = leverage();
        tokens.require(",");
        double lateral = refs.yards();
        tokens.require("x");
        return new Phrase.Over(ref, leverage, lateral, refs.depth());
    }

    private Leverage leverage() {
        for (Leverage leverage : Leverage.values()) {
            if (tokens.accept(leverage.words())) {
                return leverage;
            }
        }
        throw tokens.failure();
    }

    private Phrase outside() {
        Ref ref = refs.ref();
        double lateral = refs.yards();
        tokens.require("x");
        return new Phrase.Outside(ref, lateral, refs.depth());
    }

    private Phrase landmark() {
        double inside = 0;
        if (Character.isDigit(tokens.peek(0).isEmpty() ? ' ' : tokens.peek(0).charAt(0))) {
            double yards = refs.yards();
            boolean in = tokens.accept("inside");
            if (!in) {
                tokens.require("outside");
            }
            inside = in ? yards : -yards;
        }
        for (Mark mark : Mark.values()) {
            if (tokens.accept(mark.words())) {
                return new Phrase.AtLandmark(mark, inside, refs.where(), refs.atDepth());
            }
        }
        throw tokens.failure();
    }

    private Phrase deep() {
        for (DeepPart part : DeepPart.values()) {
            if (tokens.accept(part.words())) {
                return new Phrase.Deep(part, refs.atDepth());
            }
        }
        throw tokens.failure();
    }
}
