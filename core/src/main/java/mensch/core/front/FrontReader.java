package mensch.core.front;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import mensch.core.coverage.CoverSeat;
import mensch.core.document.Document;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.Values;
import mensch.core.formation.SideWord;
import mensch.core.front.Role.Body;
import mensch.core.rung.LadderDocument;
import mensch.core.rung.LadderReader;
import mensch.core.rung.Sentences;
import mensch.core.rung.Vocabulary;

/** Reads a front document. */
public final class FrontReader {
    private final Document document;
    private final List<Problem> problems;

    private static final int LABEL = 3;
    private static final int CALLED = 4;

    private FrontReader(Document document, List<Problem> problems) {
        this.document = document;
        this.problems = problems;
    }

    /** The front as far as it can be read; every fault goes to the list. */
    public static Front read(LadderDocument written, Vocabulary vocabulary, List<Problem> problems) {
        return new FrontReader(written.document(), problems).front(written.ladders(), vocabulary);
    }

    private Front front(Sentences sentences, Vocabulary vocabulary) {
        List<Role> roles = roles();
        var names = new LinkedHashSet<String>();
        roles.forEach(r -> names.add(r.id()));
        var ladders = new LadderReader(document.id(), vocabulary.withRoles(names), problems).read(sentences);
        for (String seat : ladders.keySet()) {
            if (!names.contains(seat) && !seat.equals("everyone")) {
                fault(
                        "rungs/" + seat,
                        "is a ladder for a role that the front does not have; roles are " + String.join(", ", names));
            }
        }
        var front = new Front(document, callSide(), roles, ladders);
        if (front.bodies() != front.players()) {
            String needed = front.players() == 11 ? "eleven" : String.valueOf(front.players());
            fault("roles", "fill " + front.bodies() + " places; " + needed + " are needed");
        }
        return front;
    }

    private SideWord callSide() {
        String words = document.text("call side").orElse("missing");
        for (SideWord word : SideWord.values()) {
            if (word.words().equals(words)) {
                return word;
            }
        }
        fault("call side", "is \"" + words + "\"; write one of the side words, as in run strength");
        return SideWord.RUN_STRENGTH;
    }

    private List<Role> roles() {
        var roles = new ArrayList<Role>();
        Optional<Values> written = document.values().part("roles");
        if (written.isEmpty()) {
            fault("roles", "are missing; each is written role: [body, sits, cover seat, label, how he is called]");
        }
        written.ifPresent(all -> all.all().keySet().stream().sorted().forEach(id -> role(id, all.texts(id), roles)));
        return roles;
    }

    private void role(String id, List<String> words, List<Role> into) {
        if (words.size() < LABEL) {
            fault("roles/" + id, "must be [body, sits, cover seat, label, how he is called]");
            return;
        }
        Optional<Sits> sits = find(Sits.values(), Sits::words, words.get(1));
        String[] seats = words.get(2).split(" or ");
        Optional<CoverSeat> seat = find(CoverSeat.values(), CoverSeat::words, seats[0]);
        Optional<CoverSeat> otherwise = find(CoverSeat.values(), CoverSeat::words, seats[seats.length - 1]);
        Optional<Body> body = find(Body.values(), Body::name, words.get(0));
        if (sits.isEmpty() || seat.isEmpty() || otherwise.isEmpty() || body.isEmpty()) {
            fault("roles/" + id, words + " names a body, side or cover seat that there is not");
            return;
        }
        into.add(new Role(
                id,
                words.size() > LABEL ? words.get(LABEL) : id,
                words.size() > CALLED ? words.get(CALLED) : id.replace('-', ' '),
                body.get(),
                sits.get(),
                seat.get(),
                otherwise.get()));
    }

    private static <T> Optional<T> find(T[] all, Function<T, String> words, Object wanted) {
        return Stream.of(all)
                .filter(one -> words.apply(one).equals(String.valueOf(wanted)))
                .findFirst();
    }

    private void fault(String where, String message) {
        problems.add(new Problem(document.id(), where, message, -1, List.of()));
    }
}
