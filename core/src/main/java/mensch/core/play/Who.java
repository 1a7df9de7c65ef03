package mensch.core.play;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.document.RefusedException;
import mensch.core.formation.Feature;
import mensch.core.formation.Man;
import mensch.core.formation.Motion;
import mensch.core.formation.Shape.Flank;
import mensch.core.geometry.Side;
import mensch.core.rung.Ref;
import mensch.core.rung.RungReader;
import mensch.core.rung.View;
import mensch.core.rung.Vocabulary;
import mensch.core.rung.Where;
import org.jspecify.annotations.Nullable;

/**
 * A man of the offence as a play names him.
 *
 * @param kind "lead" is the H-back, else the wing, else the second back; "man in motion" comes across to this side
 * @param ref null unless he is named by his place
 * @param where the side he works to: his own for a lineman or a receiver, the told one for a back
 */
public record Who(Kind kind, @Nullable Ref ref, Where where) {
    /** How he is named. */
    public enum Kind {
        PLACE,
        LEAD,
        IN_MOTION
    }

    /** Men of whom there is one on each side of the ball, and men who are told a side to work to. */
    private static final List<String> SIDED = List.of(
            "#1",
            "#2",
            "#3",
            "#4",
            "tight end",
            "wing",
            "H-back",
            "tackle",
            "guard",
            "back",
            "deepest back",
            "fullback",
            "lead");

    private static final List<String> ALONE = List.of("centre", "quarterback", "man in motion");

    private static final String MOVER = "man in motion";
    private static final String LEAD = "lead";
    private static final String OTHER = " other side";

    /** The usual names, with the side away from the play; others are written as rungs write them. */
    public static List<String> names() {
        return Stream.concat(SIDED.stream().flatMap(Who::bothSides), ALONE.stream())
                .toList();
    }

    /** Those of the usual names who are of the five in front. */
    public static List<String> linemen() {
        return Stream.concat(Stream.of("tackle", "guard").flatMap(Who::bothSides), Stream.of("centre"))
                .toList();
    }

    /** A word for the play side, and for the other. */
    public static Stream<String> bothSides(String word) {
        return Stream.of(word, word + OTHER);
    }

    /** Of these there is one on each side of the ball, and no number tells them apart. */
    private static final List<String> PAIRED = List.of("tackle", "guard", "tight end", "wing", "H-back");

    /** Of these there is one, who is told a side to work to. */
    private static final List<String> BACKS = List.of("back", "deepest back", "fullback", LEAD);

    /** A name as a coach says it: "play-side guard", "backside #1", "fullback to the backside". */
    public static String said(String words) {
        if (!words.endsWith(OTHER)) {
            return PAIRED.contains(words) ? "play-side " + words : words;
        }
        String who = words.substring(0, words.length() - OTHER.length());
        return BACKS.contains(who) ? who + " to the backside" : "backside " + who;
    }

    /** A man of the offence, and the usual names that mean him from the side the play goes to. */
    public record Called(String man, List<String> names) {}

    /** Everybody who is there and has a usual name. */
    public static List<Called> called(View view, Vocabulary vocabulary) {
        Map<String, List<String>> names = names().stream()
                .filter(words -> read(words, vocabulary).in(view).isPresent())
                .collect(Collectors.groupingBy(
                        words -> read(words, vocabulary).in(view).orElseThrow().name(),
                        LinkedHashMap::new,
                        Collectors.toList()));
        return names.entrySet().stream()
                .map(e -> new Called(e.getKey(), e.getValue()))
                .toList();
    }

    static Who read(String words, Vocabulary vocabulary) {
        boolean other = words.endsWith(OTHER);
        String plain = other ? words.substring(0, words.length() - OTHER.length()) : words;
        if (plain.equals(LEAD)) {
            return new Who(Kind.LEAD, null, other ? Where.OTHER : Where.MY);
        }
        if (words.equals(MOVER)) {
            return new Who(Kind.IN_MOTION, null, Where.MY);
        }
        Ref ref = RungReader.readMan(plain, vocabulary);
        if (ref.kind() == Ref.Kind.ROLE) {
            throw new RefusedException("\"" + plain
                    + "\" is no man of the offence; there are " + String.join(", ", SIDED) + ", "
                    + String.join(", ", ALONE)
                    + ", with \"other side\" after it for the side away from the play");
        }
        boolean back = ref.kind() == Ref.Kind.BACK
                || ref.kind() == Ref.Kind.FULLBACK
                || ref.kind() == Ref.Kind.TAILBACK
                || ref.kind() == Ref.Kind.DEEPEST_BACK;
        return back
                ? new Who(Kind.PLACE, ref, other ? Where.OTHER : Where.MY)
                : new Who(
                        Kind.PLACE,
                        other ? RungReader.readMan(words, vocabulary) : ref,
                        other ? Where.OTHER : Where.MY);
    }

    /** The man seen from the play side; if he is there. */
    public Optional<Man> in(View view) {
        return switch (kind) {
            case PLACE -> view.man(Objects.requireNonNull(ref));
            case LEAD -> lead(view);
            case IN_MOTION -> inMotion(view);
        };
    }

    /** The side of the ball he works to. */
    public Side side(View view) {
        return view.side(where);
    }

    private static Optional<Man> inMotion(View view) {
        Motion motion = view.features().motion();
        return motion.kind() == Feature.MOTION_JET && motion.to() == view.my()
                ? view.features().shape().eligible(motion.movers().get(0))
                : Optional.empty();
    }

    private static Optional<Man> lead(View view) {
        for (Side side : new Side[] {view.my(), view.my().opposite()}) {
            Flank flank = view.features().shape().flank(side);
            Man lead = flank.hBack() != null ? flank.hBack() : flank.wing();
            if (lead != null) {
                return Optional.of(lead);
            }
        }
        List<Man> backs = view.features().shape().backs();
        return backs.size() > 1 ? Optional.of(backs.get(0)) : Optional.empty();
    }

    public String words() {
        if (kind == Kind.IN_MOTION) {
            return MOVER;
        }
        return (ref == null ? LEAD : ref.words()) + (ref != null && ref.words().endsWith(OTHER) ? "" : where.suffix());
    }
}
