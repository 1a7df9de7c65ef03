package mensch.core.rung;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.SideWord;
import mensch.core.geometry.Side;

/** What a rung asks of a snap, three-valued. */
public sealed interface Condition {

    Answer in(View view);

    /** The facts it asks for, with the answers this view gives, in the order of the sentence. */
    List<FeatureFact> facts(View view);

    /** Every feature it may ask for. */
    default List<Feature> features() {
        return List.of();
    }

    /** The first part of it that this view does not meet, or cannot be asked; none when it holds. */
    default Optional<Condition> unmet(View view) {
        return in(view) == Answer.YES ? Optional.empty() : Optional.of(this);
    }

    /** Normal form; reads back to an equal condition. */
    String words();

    /** Binding strength for brackets: or 0, and 1, not 2, atom 3. */
    default int strength() {
        return 3;
    }

    private static String bracketed(Condition inner, int least) {
        return inner.strength() < least ? "(" + inner.words() + ")" : inner.words();
    }

    private static FeatureFact fact(View view, Feature feature, Side side) {
        return new FeatureFact(
                feature, feature.bySide() ? side : null, view.features().ask(feature, side));
    }

    private static List<FeatureFact> facts(View view, Feature feature, Where where) {
        if (where == Where.BOTH || where == Where.EITHER) {
            return List.of(
                    fact(view, feature, view.my()),
                    fact(view, feature, view.my().opposite()));
        }
        return List.of(fact(view, feature, view.side(where)));
    }

    private static <T> List<T> joined(List<T> first, List<T> second) {
        var all = new ArrayList<T>(first.size() + second.size());
        all.addAll(first);
        all.addAll(second);
        return all;
    }

    /** Always true: a rung without "when". */
    record Always() implements Condition {
        @Override
        public Answer in(View view) {
            return Answer.YES;
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return List.of();
        }

        @Override
        public String words() {
            return "";
        }
    }

    /** One feature; {@code where} is MY for facts of the whole formation. */
    record Has(Feature feature, Where where) implements Condition {
        @Override
        public Answer in(View view) {
            return view.ask(feature, where);
        }

        @Override
        public List<Feature> features() {
            return List.of(feature);
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return Condition.facts(view, feature, where);
        }

        @Override
        public String words() {
            if (!feature.bySide()) {
                return feature.words();
            }
            boolean motion = feature == Feature.MOTION_TO || feature == Feature.MOTION_FROM;
            return feature.words() + (motion ? " " : feature == Feature.UNBALANCED ? " to " : " on ") + where.words();
        }
    }

    /** So many receivers, or so long a surface. */
    record Count(boolean surface, int n, Bound bound, Where where) implements Condition {
        private Feature atLeast(int count) {
            return surface ? Feature.surfaceAtLeast(count) : Feature.receiversAtLeast(count);
        }

        private int floor() {
            return surface ? 2 : 0;
        }

        private int most() {
            return surface ? 5 : 4;
        }

        private Answer atLeast(View view, int count) {
            return count <= floor() ? Answer.YES : count > most() ? Answer.NO : view.ask(atLeast(count), where);
        }

        @Override
        public Answer in(View view) {
            return switch (bound) {
                case OR_MORE -> atLeast(view, n);
                case OR_FEWER -> atLeast(view, n + 1).not();
                case EXACTLY -> atLeast(view, n).and(atLeast(view, n + 1).not());
            };
        }

        @Override
        public List<FeatureFact> facts(View view) {
            int from = bound == Bound.OR_FEWER ? n + 1 : n;
            int to = bound == Bound.OR_MORE ? n : n + 1;
            var facts = new ArrayList<FeatureFact>();
            for (int i = Math.max(from, floor() + 1); i <= Math.min(to, most()); i++) {
                facts.addAll(Condition.facts(view, atLeast(i), where));
            }
            return facts;
        }

        @Override
        public String words() {
            String count = n + bound.words();
            return surface ? "surface of " + count + " on " + where.words() : count + " receivers on " + where.words();
        }
    }

    /** "pass strength is my side". */
    record SideIs(SideWord word) implements Condition {
        @Override
        public Answer in(View view) {
            return view.isMySide(word);
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return Condition.facts(view, word.feature(), Where.MY);
        }

        @Override
        public String words() {
            return word.words() + " is my side";
        }
    }

    /** "cover side is my side": the side a call binds. */
    record BoundIs(Where bound) implements Condition {
        @Override
        public Answer in(View view) {
            return Answer.of(view.side(bound) == view.my());
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return List.of();
        }

        @Override
        public String words() {
            return bound.words() + " is my side";
        }
    }

    /** Backs and ends on the field, as in "personnel 21": by where they stand, since nobody tells who came on. */
    record Personnel(int backs, int ends) implements Condition {
        private static final List<Feature> BACKS =
                List.of(Feature.EMPTY, Feature.ONE_BACK, Feature.TWO_BACKS, Feature.THREE_BACKS);
        private static final List<Feature> ENDS = List.of(Feature.ONE_END, Feature.TWO_ENDS, Feature.THREE_ENDS);

        @Override
        public Answer in(View view) {
            return view.ask(BACKS.get(backs), Where.MY).and(ends(view));
        }

        @Override
        public List<Feature> features() {
            return List.of(BACKS.get(backs));
        }

        private Answer ends(View view) {
            if (ends > 0) {
                return view.ask(ENDS.get(ends - 1), Where.MY);
            }
            return ENDS.stream()
                    .map(f -> view.ask(f, Where.MY))
                    .reduce(Answer.NO, Answer::or)
                    .not();
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return Condition.joined(
                    Condition.facts(view, BACKS.get(backs), Where.MY),
                    ends > 0
                            ? Condition.facts(view, ENDS.get(ends - 1), Where.MY)
                            : ENDS.stream().map(f -> fact(view, f, view.my())).toList());
        }

        @Override
        public String words() {
            return "personnel " + backs + ends;
        }
    }

    /** A convention of the programme: "house nose is 2i". Known when the rung is read, the same for every snap. */
    record House(String setting, String choice) implements Condition {
        @Override
        public Answer in(View view) {
            return Answer.of(view.convention().house().choice(setting).equals(choice));
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return List.of();
        }

        @Override
        public String words() {
            return "house " + setting + " is " + choice;
        }
    }

    record Not(Condition inner) implements Condition {
        @Override
        public Answer in(View view) {
            return inner.in(view).not();
        }

        @Override
        public List<Feature> features() {
            return inner.features();
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return inner.facts(view);
        }

        @Override
        public String words() {
            return "not " + bracketed(inner, 3);
        }

        @Override
        public int strength() {
            return 2;
        }
    }

    record And(Condition first, Condition second) implements Condition {
        @Override
        public Answer in(View view) {
            return first.in(view).and(second.in(view));
        }

        @Override
        public Optional<Condition> unmet(View view) {
            return first.unmet(view).or(() -> second.unmet(view));
        }

        @Override
        public List<Feature> features() {
            return joined(first.features(), second.features());
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return Condition.joined(first.facts(view), second.facts(view));
        }

        @Override
        public String words() {
            return bracketed(first, 1) + " and " + bracketed(second, 2);
        }

        @Override
        public int strength() {
            return 1;
        }
    }

    record Or(Condition first, Condition second) implements Condition {
        @Override
        public Answer in(View view) {
            return first.in(view).or(second.in(view));
        }

        @Override
        public List<Feature> features() {
            return joined(first.features(), second.features());
        }

        @Override
        public List<FeatureFact> facts(View view) {
            return Condition.joined(first.facts(view), second.facts(view));
        }

        @Override
        public String words() {
            return bracketed(first, 0) + " or " + bracketed(second, 1);
        }

        @Override
        public int strength() {
            return 0;
        }
    }
}
