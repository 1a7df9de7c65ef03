package mensch.core.pressure;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import mensch.core.audit.Said;
import mensch.core.document.Document;
import mensch.core.document.RefusedException;
import mensch.core.field.Code;
import mensch.core.front.Front;
import mensch.core.front.Role;
import mensch.core.front.Sits;

/** A pressure as it is begun: a front, and what some of its men are told on top of it. */
public record PressureDraft(Front front, List<ToldMan> men) {
    private static final String COVER = "cover side is my side";

    /**
     * A man of the front and what he is told.
     *
     * @param coverSide which of two men of one role: the one on the cover side; of no meaning for others
     */
    public record ToldMan(String role, boolean coverSide, Told told) {}

    /** @throws RefusedException when somebody is told what he cannot do, or twice */
    public PressureDraft {
        men = List.copyOf(men);
        if (front.players() != Code.HIGH_SCHOOL.players()) {
            throw new RefusedException(
                    "a pressure of gaps and edges needs a line to rush; write small-sided rushes as rules of the call");
        }
        for (ToldMan man : men) {
            Role role = role(front, man);
            if (!Told.choices(role.body()).contains(man.told())) {
                throw new RefusedException("the " + role.words() + " cannot be told \""
                        + man.told().words()
                        + "\"; he can be told "
                        + String.join(
                                ", ",
                                Told.choices(role.body()).stream()
                                        .map(Told::words)
                                        .toList()));
            }
        }
        long each = men.stream()
                .map(m -> m.role() + (two(role(front, m)) ? m.coverSide() : ""))
                .distinct()
                .count();
        if (each < men.size()) {
            throw new RefusedException("somebody is told two things; say one thing to each man");
        }
    }

    private static Role role(Front front, ToldMan man) {
        return front.role(man.role())
                .orElseThrow(() -> new RefusedException("the front "
                        + front.document().name() + " has no \"" + man.role()
                        + "\"; it has "
                        + String.join(", ", front.roles().stream().map(Role::id).toList())));
    }

    /** The pressure as a document: a ladder for each man who is told something, and what that is in words. */
    public Document document(String id, String name) {
        Map<String, List<Map<String, String>>> rungs = new LinkedHashMap<>();
        for (ToldMan man : men) {
            Role role = role(front, man);
            List<Map<String, String>> ladder = rungs.computeIfAbsent(man.role(), r -> new ArrayList<>());
            for (Told.Rung rung : man.told().rungs(role.body(), pinched())) {
                String called = two(role) && !man.coverSide() ? "away-" + rung.name() : rung.name();
                ladder.add(Map.of(called, rung.sentence(two(role) ? side(man) : "")));
            }
        }
        var body = new LinkedHashMap<String, Object>();
        body.put("format", Document.FORMAT);
        body.put("kind", "pressure");
        body.put("id", id);
        body.put("name", name);
        if (!men.isEmpty()) {
            body.put("about", about());
        }
        body.put("rungs", rungs);
        return Document.of(body);
    }

    private static boolean two(Role role) {
        return role.sits() == Sits.EACH_SIDE;
    }

    private static String side(ToldMan man) {
        return man.coverSide() ? COVER : "not " + COVER;
    }

    /** On which sides an end pinches, as conditions of whoever comes outside him. */
    private List<String> pinched() {
        return men.stream()
                .filter(m -> m.told() == Told.PINCHES)
                .map(m -> switch (role(front, m).sits()) {
                    case CALL_SIDE -> "call side is my side";
                    case AWAY_SIDE -> "not call side is my side";
                    case COVER_SIDE -> COVER;
                    case AWAY_FROM_COVER -> "not " + COVER;
                    case EACH_SIDE -> side(m);
                })
                .toList();
    }

    /** "Will comes through the B gap; corner on the cover side comes off the edge." */
    private String about() {
        String said = men.stream()
                .map(m -> role(front, m).words()
                        + (two(role(front, m))
                                ? (m.coverSide() ? " on the cover side " : " away from the cover side ")
                                : " ")
                        + m.told().words())
                .collect(Collectors.joining("; "));
        return Said.capital(said) + ".";
    }
}
