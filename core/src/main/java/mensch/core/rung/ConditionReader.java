package mensch.core.rung;

import java.util.List;
import mensch.core.convention.Setting;
import mensch.core.formation.Feature;
import mensch.core.formation.SideWord;

/** Reads what stands between "when" and the colon. */
final class ConditionReader {
    private static final List<Feature> SHAPES = List.of(
            Feature.TIGHT_END,
            Feature.WING,
            Feature.H_BACK,
            Feature.NUB,
            Feature.BUNCH,
            Feature.STACK,
            Feature.SLOT,
            Feature.WIDE_SLOT,
            Feature.OPEN_TRIPS,
            Feature.REDUCED,
            Feature.PLUS,
            Feature.VERY_WIDE);
    private static final List<Where> BOUND = List.of(Where.CALL, Where.AWAY, Where.COVER);

    private final Tokens tokens;
    private final RefReader refs;
    private final Vocabulary vocabulary;

    ConditionReader(Tokens tokens, RefReader refs, Vocabulary vocabulary) {
        this.tokens = tokens;
        this.refs = refs;
        this.vocabulary = vocabulary;
    }

    Condition condition() {
        Condition left = and();
        while (tokens.accept("or")) {
            left = new Condition.Or(left, and());
        }
        return left;
    }

    private Condition and() {
        Condition left = not();
        while (tokens.accept("and")) {
            left = new Condition.And(left, not());
        }
        return left;
    }

    private Condition not() {
        if (tokens.accept("not")) {
            return new Condition.Not(not());
        }
        if (tokens.accept("(")) {
            Condition inner = condition();
            tokens.require(")");
            return inner;
        }
        return atom();
    }

    private Condition atom() {
        Condition found = shape();
        found = found != null ? found : count();
        found = found != null ? found : sideIs();
        found = found != null ? found : motionSide();
        found = found != null ? found : personnel();
        found = found != null ? found : house();
        found = found != null ? found : whole();
        if (found == null) {
            throw tokens.failure();
        }
        return found;
    }

    private Condition shape() {
        for (Feature shape : SHAPES) {
            if (tokens.accept(shape.words())) {
                tokens.require("on");
                return new Condition.Has(shape, refs.anyWhere());
            }
        }
        if (tokens.accept("unbalanced to")) {
            return new Condition.Has(Feature.UNBALANCED, refs.anyWhere());
        }
        if (tokens.accept("back on")) {
            return new Condition.Has(Feature.BACK_HERE, refs.anyWhere());
        }
        return null;
    }

    private Condition count() {
        boolean surface = tokens.accept("surface of");
        String digit = tokens.acceptWord(w -> w.matches("[0-9]"), "a count");
        if (digit == null) {
            if (surface) {
                throw tokens.failure();
            }
            return null;
        }
        Bound bound =
                tokens.accept("or more") ? Bound.OR_MORE : tokens.accept("or fewer") ? Bound.OR_FEWER : Bound.EXACTLY;
        tokens.require(surface ? "on" : "receivers on");
        return new Condition.Count(surface, digit.charAt(0) - '0', bound, refs.anyWhere());
    }

    private Condition sideIs() {
        for (SideWord word : SideWord.values()) {
            if (tokens.accept(word.words() + " is my side")) {
                return new Condition.SideIs(word);
            }
        }
        for (Where bound : BOUND) {
            if (tokens.accept(bound.words() + " is my side")) {
                return new Condition.BoundIs(bound);
            }
        }
        return null;
    }

    private Condition motionSide() {
        for (Feature direction : List.of(Feature.MOTION_TO, Feature.MOTION_FROM)) {
            if (tokens.accept(direction.words() + " my side")) {
                return new Condition.Has(direction, Where.MY);
            }
        }
        return null;
    }

    private Condition personnel() {
        if (!tokens.accept("personnel")) {
            return null;
        }
        String digits = tokens.acceptWord(w -> w.matches("[0-3][0-3]"), "backs and ends, as in 21");
        if (digits == null) {
            throw tokens.failure();
        }
        return new Condition.Personnel(digits.charAt(0) - '0', digits.charAt(1) - '0');
    }

    private Condition house() {
        if (!tokens.accept("house")) {
            return null;
        }
        for (Setting setting : vocabulary.settings()) {
            if (tokens.accept(setting.id() + " is")) {
                for (Setting.Choice choice : setting.choices()) {
                    if (tokens.accept(choice.id())) {
                        return new Condition.House(setting.id(), choice.id());
                    }
                }
                throw tokens.failure();
            }
        }
        throw tokens.failure();
    }

    private Condition whole() {
        for (Feature feature : Feature.values()) {
            if (!feature.bySide() && tokens.accept(feature.words())) {
                return new Condition.Has(feature, Where.MY);
            }
        }
        return null;
    }
}
