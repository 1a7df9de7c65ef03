package mensch.core.repair;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.core.call.Call;
import mensch.core.call.CallCheck;
import mensch.core.call.CallDocument;
import mensch.core.formation.Answer;
import mensch.core.formation.Feature;
import mensch.core.formation.Features;
import mensch.core.formation.Formation;
import mensch.core.formation.Shape;
import mensch.core.front.Role;
import mensch.core.geometry.Side;
import mensch.core.library.Library;
import mensch.core.library.LibraryFormation;
import mensch.core.lineup.Change;
import mensch.core.lineup.Lineup;
import mensch.core.rung.RungReader;

/**
 * Checks to another call of the library with the same front, when the picture is this one: those that answer it, one a
 * coverage, the fewest changed men first.
 */
final class Checks {
    private static final int FEW = 6;
    private static final Pattern CHECK = Pattern.compile("when (.+): check ([a-z0-9-]+), ([a-z-]+)");
    private final Library library;

    Checks(Library library) {
        this.library = library;
    }

    /** @param mended whether a line-up shows the finding no more */
    List<List<Sentence>> changes(Call call, Lineup before, Predicate<Lineup> mended) {
        Optional<String> maker = call.front().signals().map(Role::id);
        if (maker.isEmpty() || before.check() != null) {
            return List.of();
        }
        Optional<String> formation = named(before);
        String when = "when " + picture(before.features()) + ": check ";
        var others = new ArrayList<Other>();
        for (Call other : library.calls()) {
            boolean may = !other.ref().id().equals(call.ref().id())
                    && other.front()
                            .document()
                            .id()
                            .equals(call.front().document().id())
                    && other.checks().isEmpty()
                    && answers(other, call, formation);
            Lineup after = may ? Lineup.of(other, before.snap()) : null;
            if (after != null && mended.test(after)) {
                others.add(new Other(
                        other.ref().id(), other.coverage().document().id(), (int) Change.between(before, after).stream()
                                .map(c -> c.is().id())
                                .distinct()
                                .count()));
            }
        }
        Set<String> coverages = new HashSet<>();
        return others.stream()
                .sorted(Comparator.comparingInt(Other::men))
                .filter(o -> coverages.add(o.coverage()))
                .limit(FEW)
                .map(o -> List.of(new Sentence(CallDocument.CHECKS, when + o.id() + ", " + maker.get())))
                .toList();
    }

    /** The library's formation that stands there, if it is one. */
    private Optional<String> named(Lineup before) {
        Formation stands = before.snap().formation();
        return library.formations().stream()
                .filter(f -> f.name().equals(stands.name()))
                .map(LibraryFormation::id)
                .findFirst();
    }

    /**
     * A check is to a call that is meant for this formation; to one of the same coverage only where this call is not
     * meant to be: else nobody would hear the difference.
     */
    private static boolean answers(Call other, Call call, Optional<String> formation) {
        boolean another = !other.coverage()
                .document()
                .id()
                .equals(call.coverage().document().id());
        return formation
                .map(f -> other.meantFor(f) && (another || !call.meantFor(f)))
                .orElse(another);
    }

    /** The call with such a check, its target with it; none when the words cannot be read. */
    Optional<Call> checking(Call call, Sentence check) {
        Matcher words = CHECK.matcher(check.sentence());
        if (!words.matches()) {
            return Optional.empty();
        }
        var when = RungReader.readCondition(words.group(1), library.vocabulary());
        return Optional.of(
                call.checking(new CallCheck(when, words.group(2), words.group(3)), library.call(words.group(2))));
    }

    private record Other(String id, String coverage, int men) {}

    /** The whole picture in words: how many are out on the fuller side, ends, backs. */
    private static String picture(Features features) {
        Shape shape = features.shape();
        int most = Math.max(
                shape.flank(Side.LEFT).receivers().size(),
                shape.flank(Side.RIGHT).receivers().size());
        var facts = new ArrayList<String>();
        facts.add(most > 2 ? most + " or more receivers on either side" : "not 3 or more receivers on either side");
        boolean bunch = features.ask(Feature.BUNCH, Side.LEFT) == Answer.YES
                || features.ask(Feature.BUNCH, Side.RIGHT) == Answer.YES;
        if (bunch) {
            facts.add("bunch on either side");
        }
        boolean left = shape.flank(Side.LEFT).tightEnd() != null;
        boolean right = shape.flank(Side.RIGHT).tightEnd() != null;
        facts.add(
                left && right
                        ? "tight end on both sides"
                        : left || right
                                ? "tight end on either side and not tight end on both sides"
                                : "not tight end on either side");
        facts.add(
                features.ask(Feature.EMPTY, Side.LEFT) == Answer.YES
                        ? "empty"
                        : shape.backs().size() > 1 ? "two backs" : "one back");
        return String.join(" and ", facts);
    }
}
