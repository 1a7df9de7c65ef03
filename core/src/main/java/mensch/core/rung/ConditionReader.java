package mensch.core.rung;

import java.util.List;
import java.util.Optional;
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
        return shape().or(this::count)
                .or(this::sideIs)
                .or(this::motionSide)
                .or(this::personnel)
                .or(this::house)
                .or(this::whole)
                .orElseThrow(tokens::failure);
    }

    private Optional<Condition> shape() {
        for (Feature shape : SHAPES) {
            if (tokens.accept(shape.words())) {
                tokens.require("on");
                return Optional.of(new Condition.Has(shape, refs.anyWhere()));
            }
        }
        if (tokens.accept("unbalanced to")) {
            return Optional.of(new Condition.Has(Feature.UNBALANCED, refs.anyWhere()));
        }
        if (tokens.accept("detached lineman on")) {
            return Optional.of(new Condition.Has(Feature.DETACHED_LINEMAN, refs.anyWhere()));
        }
        if (tokens.accept("back on")) {
            return Optional.of(new Condition.Has(Feature.BACK_HERE, refs.anyWhere()));
        }
        return Optional.empty();
    }

    private Optional<Condition> count() {
        boolean surface = tokens.accept("surface of");
        Optional<String> digit = tokens.acceptWord(w -> w.matches("[0-9]"), "a count");
        if (digit.isEmpty()) {
            if (surface) {
                throw tokens.failure();
            }
            return Optional.empty();
        }
        Bound bound =
                tokens.accept("or more") ? Bound.OR_MORE : tokens.accept("or fewer") ? Bound.OR_FEWER : Bound.EXACTLY;
        tokens.require(surface ? "on" : "receivers on");
        return Optional.of(new Condition.Count(surface, digit.get().charAt(0) - '0', bound, refs.anyWhere()));
    }

    private Optional<Condition> sideIs() {
        for (SideWord word : SideWord.values()) {
            if (tokens.accept(word.words() + " is my side")) {
                return Optional.of(new Condition.SideIs(word));
            }
        }
        for (Where bound : BOUND) {
            if (tokens.accept(bound.words() + " is my side")) {
                return Optional.of(new Condition.BoundIs(bound));
            }
        }
        return Optional.empty();
    }

    private Optional<Condition> motionSide() {
        for (Feature direction : List.of(Feature.MOTION_TO, Feature.MOTION_FROM)) {
            if (tokens.accept(direction.words() + " my side")) {
                return Optional.of(new Condition.Has(direction, Where.MY));
            }
        }
        return Optional.empty();
    }

    private Optional<Condition> personnel() {
        if (!tokens.accept("personnel")) {
            return Optional.empty();
        }
        String digits = tokens.requireWord(w -> w.matches("[0-3][0-3]"), "backs and ends, as in 21");
        return Optional.of(new Condition.Personnel(digits.charAt(0) - '0', digits.charAt(1) - '0'));
    }

    private Optional<Condition> house() {
        if (!tokens.accept("house")) {
            return Optional.empty();
        }
        for (Setting setting : vocabulary.settings()) {
            if (tokens.accept(setting.id() + " is")) {
                for (Setting.Choice choice : setting.choices()) {
                    if (tokens.accept(choice.id())) {
                        return Optional.of(new Condition.House(setting.id(), choice.id()));
                    }
                }
                throw tokens.failure();
            }
        }
        throw tokens.failure();
    }

    private Optional<Condition> whole() {
        for (Feature feature : Feature.values()) {
            if (!feature.bySide() && tokens.accept(feature.words())) {
                return Optional.of(new Condition.Has(feature, Where.MY));
            }
        }
        return Optional.empty();
    }
}
