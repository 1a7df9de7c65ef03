package mensch.core.call;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.core.document.DocumentException.Problem;
import mensch.core.front.Role;
import mensch.core.rung.Clauses;
import mensch.core.rung.Condition;
import mensch.core.rung.Gives;
import mensch.core.rung.Ladder;
import mensch.core.rung.Part;
import mensch.core.rung.Phrase;
import mensch.core.rung.Ref;
import mensch.core.rung.Rung;
import mensch.core.rung.Where;

/**
 * What is wrong with a call before any snap: parts nobody gives, sentences that can never speak, men who may not be
 * there, circles.
 */
final class Soundness {
    private final Call call;
    private final List<Problem> problems = new ArrayList<>();

    Soundness(Call call) {
        this.call = call;
    }

    List<Problem> problems() {
        call.front().roles().forEach(this::parts);
        for (Layer layer : call.layers()) {
            layer.ladders().forEach((seat, ladder) -> ladder(ladder));
        }
        circles();
        return List.copyOf(problems);
    }

    /** Over all layers every part needs a sentence without a condition. */
    private void parts(Role role) {
        for (Part part : Part.values()) {
            for (boolean onCoverSide : new boolean[] {true, false}) {
                Condition cover = new Condition.BoundIs(Where.COVER);
                Clauses seated = Clauses.of(onCoverSide ? cover : new Condition.Not(cover));
                boolean given = call.ladder(role, onCoverSide).rungs().stream()
                        .anyMatch(r -> names(r.rung(), part)
                                && seated.within(Clauses.of(r.rung().when())));
                if (!given) {
                    fault(
                            call.ref().id(),
                            role.id(),
                            "no sentence gives \"" + part.words() + "\" when no other fits"
                                    + (role.seat() == role.otherwise()
                                            ? ""
                                            : onCoverSide ? " on the cover side" : " away from the cover side")
                                    + "; add one without \"when\", at the end");
                    break;
                }
            }
        }
    }

    private static Phrase phrase(Gives gives) {
        return gives instanceof Gives.Align align
                ? align.phrase()
                : gives instanceof Gives.Show show ? show.phrase() : null;
    }

    private void ladder(Ladder ladder) {
        List<Rung> rungs = ladder.rungs();
        for (int i = 0; i < rungs.size(); i++) {
            shadowed(rungs, i);
            for (Gives gives : rungs.get(i).gives()) {
                if (phrase(gives) != null) {
                    men(rungs, i, gives);
                }
            }
        }
    }

    private void shadowed(List<Rung> rungs, int at) {
        Rung rung = rungs.get(at);
        Clauses when = Clauses.of(rung.when());
        if (when.impossible()) {
            fault(rung, "can never hold: its condition asks for a thing and its opposite");
            return;
        }
        Rung first = null;
        for (Gives gives : rung.gives()) {
            Rung above = rungs.subList(0, at).stream()
                    .filter(r -> names(r, gives.part()) && when.within(Clauses.of(r.when())))
                    .findFirst()
                    .orElse(null);
            if (above == null) {
                return;
            }
            first = first == null ? above : first;
        }
        fault(
                rung,
                "can never speak: \"" + first.id().name()
                        + "\" above it answers first whenever it holds; move it up or narrow the other");
    }

    private static boolean names(Rung rung, Part part) {
        Gives gives = rung.give(part);
        return gives != null && !(phrase(gives) instanceof Phrase.Shifted shifted && shifted.base() == null);
    }

    /** A place leans on men: the condition, or the sentences above that failed, must assure them. */
    private void men(List<Rung> rungs, int at, Gives gives) {
        Clauses when = Clauses.of(rungs.get(at).when());
        for (Rung above : rungs.subList(0, at)) {
            if (names(above, gives.part())) {
                when = when.and(Clauses.of(new Condition.Not(above.when())));
            }
        }
        Phrase phrase = phrase(gives);
        for (Ref ref :
                phrase instanceof Phrase.Shifted shifted && shifted.base() == null ? List.<Ref>of() : phrase.needs()) {
            if (ref.kind() == Ref.Kind.ROLE && call.front().role(ref.role()) == null) {
                fault(
                        rungs.get(at),
                        "leans on " + ref.role() + ", who is no role of "
                                + call.front().document().id());
            } else if (!when.assures(ref)) {
                fault(
                        rungs.get(at),
                        "leans on " + ref.words() + ", who may not be there; say so in its condition, as in \"when "
                                + example(ref) + ": ...\"");
            }
        }
    }

    private static String example(Ref ref) {
        String where = ref.where().words();
        return switch (ref.kind()) {
            case NUMBER -> ref.number() + " or more receivers on " + where;
            case TIGHT_END, WING, H_BACK -> ref.kind().words() + " on " + where;
            case FULLBACK, FAR_BACK -> "two backs";
            default -> "not empty";
        };
    }

    /** A stands by B who stands by A: nobody knows where. */
    private void circles() {
        var leans = new LinkedHashMap<String, Set<String>>();
        for (Role role : call.front().roles()) {
            var on = new LinkedHashSet<String>();
            for (boolean onCoverSide : new boolean[] {true, false}) {
                for (LayeredRung layered : call.ladder(role, onCoverSide).rungs()) {
                    Phrase phrase = layered.rung().give(Part.ALIGN) == null
                            ? null
                            : phrase(layered.rung().give(Part.ALIGN));
                    if (phrase != null && !(phrase instanceof Phrase.Shifted shifted && shifted.base() == null)) {
                        phrase.needs().stream()
                                .filter(r -> r.kind() == Ref.Kind.ROLE)
                                .forEach(r -> on.add(r.role()));
                    }
                }
            }
            leans.put(role.id(), on);
        }
        for (String role : leans.keySet()) {
            var seen = new LinkedHashSet<String>();
            if (reaches(role, role, leans, seen)) {
                fault(
                        call.ref().id(),
                        role,
                        "stands by a man who stands by him (" + String.join(", ", seen)
                                + "); give one of them a place of his own");
                return;
            }
        }
    }

    private static boolean reaches(String from, String wanted, Map<String, Set<String>> leans, Set<String> seen) {
        for (String next : leans.getOrDefault(from, Set.of())) {
            if (next.equals(wanted) || seen.add(next) && reaches(next, wanted, leans, seen)) {
                seen.add(next);
                return true;
            }
        }
        return false;
    }

    private void fault(Rung rung, String message) {
        fault(rung.id().document(), rung.id().seat() + "/" + rung.id().name(), message);
    }

    private void fault(String document, String where, String message) {
        var problem = new Problem(document, where, message, -1, List.of());
        if (!problems.contains(problem)) {
            problems.add(problem);
        }
    }
}
