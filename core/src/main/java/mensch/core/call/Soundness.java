package mensch.core.call;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
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
    private final Map<Condition, Clauses> clauses = new HashMap<>();

    Soundness(Call call) {
        this.call = call;
    }

    /** Every rung is held against those above it: each condition is taken apart once. */
    private Clauses clauses(Condition condition) {
        return clauses.computeIfAbsent(condition, Clauses::of);
    }

    List<Problem> problems() {
        call.front().roles().forEach(this::parts);
        for (Layer layer : call.layers()) {
            layer.ladders().forEach((seat, ladder) -> ladder(ladder));
        }
        circles();
        return List.copyOf(problems);
    }

    /** Problems of rungs put on top of the call's own; what was there before was sound. */
    List<Problem> problems(Map<String, Ladder> added) {
        added.forEach((role, ladder) -> call.layers().stream()
                .filter(l -> l.kind() == Layer.Kind.CALL)
                .map(l -> l.ladders().getOrDefault(role, Ladder.EMPTY))
                .reduce(Ladder::above)
                .ifPresent(this::ladder));
        circles();
        return List.copyOf(problems);
    }

    /** Over all layers every part needs a sentence without a condition. */
    private void parts(Role role) {
        for (Part part : Part.values()) {
            for (boolean onCoverSide : new boolean[] {true, false}) {
                Condition cover = new Condition.BoundIs(Where.COVER);
                Clauses seated = clauses(onCoverSide ? cover : new Condition.Not(cover));
                boolean given = call.ladder(role, onCoverSide).rungs().stream()
                        .anyMatch(r -> names(r.rung(), part)
                                && seated.within(clauses(r.rung().when())));
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

    private void ladder(Ladder ladder) {
        List<Rung> rungs = ladder.rungs();
        for (int i = 0; i < rungs.size(); i++) {
            shadowed(rungs, i);
            for (Gives gives : rungs.get(i).gives()) {
                int at = i;
                gives.place().ifPresent(phrase -> men(rungs, at, gives.part(), phrase));
            }
        }
    }

    private void shadowed(List<Rung> rungs, int at) {
        Rung rung = rungs.get(at);
        Clauses when = clauses(rung.when());
        if (when.impossible()) {
            fault(rung, "can never hold: its condition asks for a thing and its opposite");
            return;
        }
        var answering = new ArrayList<Rung>();
        for (Gives gives : rung.gives()) {
            Optional<Rung> above = rungs.subList(0, at).stream()
                    .filter(r -> names(r, gives.part()) && when.within(clauses(r.when())))
                    .findFirst();
            if (above.isEmpty()) {
                return;
            }
            answering.add(above.get());
        }
        fault(
                rung,
                "can never speak: \"" + answering.get(0).id().name()
                        + "\" above it answers first whenever it holds; move it up or narrow the other");
    }

    private static boolean names(Rung rung, Part part) {
        return rung.give(part)
                .filter(g -> g.place().filter(Soundness::leansOnBelow).isEmpty())
                .isPresent();
    }

    private static boolean leansOnBelow(Phrase phrase) {
        return phrase instanceof Phrase.Shifted shifted && shifted.base() == null;
    }

    /** A place leans on men: the condition, or the sentences above that failed, must assure them. */
    private void men(List<Rung> rungs, int at, Part part, Phrase phrase) {
        Clauses when = clauses(rungs.get(at).when());
        for (Rung above : rungs.subList(0, at)) {
            if (names(above, part)) {
                when = when.and(clauses(new Condition.Not(above.when())));
            }
        }
        for (Ref ref : leansOnBelow(phrase) ? List.<Ref>of() : phrase.needs()) {
            if (ref.role() != null && call.front().role(ref.role()).isEmpty()) {
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
                    layered.rung().give(Part.ALIGN).flatMap(Gives::place).stream()
                            .filter(p -> !leansOnBelow(p))
                            .flatMap(p -> p.needs().stream())
                            .flatMap(r -> Stream.ofNullable(r.role()))
                            .forEach(on::add);
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
