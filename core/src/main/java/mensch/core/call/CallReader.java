package mensch.core.call;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.core.coverage.Coverage;
import mensch.core.coverage.CoverageReader;
import mensch.core.coverage.Shell;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.DocumentRef;
import mensch.core.document.RefusedException;
import mensch.core.formation.SideWord;
import mensch.core.front.Front;
import mensch.core.front.FrontReader;
import mensch.core.front.Role;
import mensch.core.rung.Condition;
import mensch.core.rung.Ladder;
import mensch.core.rung.LadderDocument;
import mensch.core.rung.LadderReader;
import mensch.core.rung.RungReader;
import mensch.core.rung.SentenceException;
import mensch.core.rung.Vocabulary;

/** Reads a call with its layers, gathering every fault of every layer before it gives up. */
public final class CallReader {
    private static final Pattern WHOLE_CHECK = Pattern.compile("when (.+): check ([a-z0-9-]+), ?([a-z-]+)");

    private final CallDocument written;
    private final Vocabulary vocabulary;
    private final List<Problem> problems = new ArrayList<>();

    private CallReader(CallDocument written, Vocabulary vocabulary) {
        this.written = written;
        this.vocabulary = vocabulary;
    }

    /**
     * The call with its sentences read.
     *
     * @throws DocumentException with every fault
     */
    public static Call read(CallDocument written, int revision, Vocabulary vocabulary) {
        return new CallReader(written, vocabulary).call(revision);
    }

    private Call call(int revision) {
        Front front = null;
        Coverage coverage = null;
        for (LadderDocument layer : written.layers()) {
            switch (layer.kind()) {
                case "front" -> front = FrontReader.read(layer, vocabulary, problems);
                case "coverage" -> coverage = CoverageReader.read(layer, vocabulary, problems);
                case "movement", "pressure" -> {}
                default ->
                    fault(
                            "layers",
                            "holds a " + layer.kind()
                                    + "; a call is built of a front, a coverage, movements and pressures");
            }
        }
        if (front == null || coverage == null) {
            fault("layers", "need one front and one coverage");
            throw new DocumentException(problems);
        }
        List<Layer> layers = layers(front, coverage);
        var base = new Call.Base(
                front,
                coverage,
                side("call side", front.callSide()),
                side("cover side", coverage.coverSide()),
                deep(coverage));
        var answers = new Call.Answers(motion(front), checks(front), checked(revision));
        checkTargets(answers);
        checkSeats(front, coverage);
        refuse(problems);
        var ref = new DocumentRef(written.id(), revision, written.document().digest());
        var call = new Call(ref, written, vocabulary, base, layers, answers);
        refuse(new Soundness(call).problems());
        return call;
    }

    /** What the pressure says about the deep field, else the coverage. */
    private Optional<Shell> deep(Coverage coverage) {
        return written.layers().stream()
                .filter(l -> l.kind().equals("pressure"))
                .flatMap(l -> CoverageReader.deep(l.document(), problems).stream())
                .findFirst()
                .or(coverage::deep);
    }

    private static void refuse(List<Problem> problems) {
        if (!problems.isEmpty()) {
            throw new DocumentException(problems);
        }
    }

    /** Top first: a later one is refined by the earlier. */
    private List<Layer> layers(Front front, Coverage coverage) {
        var layers = new ArrayList<Layer>();
        own(CallDocument.THIS_WEEK, Layer.Kind.PLAN, "plan", front).ifPresent(layers::add);
        own(written.id(), Layer.Kind.CALL, "rungs", front).ifPresent(layers::add);
        for (Layer.Kind kind : List.of(Layer.Kind.PRESSURE, Layer.Kind.MOVEMENT)) {
            for (LadderDocument layer : written.layers()) {
                if (layer.kind().equals(kind.words())) {
                    layers.add(new Layer(kind, ref(layer.document()), ladders(layer, front)));
                }
            }
        }
        layers.add(new Layer(Layer.Kind.COVERAGE, ref(coverage.document()), coverage.ladders()));
        layers.add(new Layer(Layer.Kind.FRONT, ref(front.document()), front.ladders()));
        return layers;
    }

    /** Every call that a check or an answer to motion leads to must be inside this one. */
    private void checkTargets(Call.Answers answers) {
        var wanted = new LinkedHashSet<String>();
        answers.checks().forEach(c -> wanted.add(c.call()));
        answers.motion().stream()
                .filter(m -> m.kind() == MotionAnswer.Kind.CHECK)
                .forEach(m -> wanted.add(m.roles().get(0)));
        wanted.stream()
                .filter(id -> !answers.checked().containsKey(id))
                .forEach(id ->
                        fault("checked", "lacks the call \"" + id + "\" that a check or an answer to motion leads to"));
    }

    private static DocumentRef ref(Document document) {
        return new DocumentRef(document.id(), 0, document.digest());
    }

    /** A call may bind its side words otherwise than its front and coverage do. */
    private SideWord side(String key, SideWord otherwise) {
        String words = written.document().text(key).orElse("");
        if (words.isEmpty()) {
            return otherwise;
        }
        for (SideWord word : SideWord.values()) {
            if (word.words().equals(words)) {
                return word;
            }
        }
        fault(key, "is \"" + words + "\"; write one of the side words, as in field");
        return otherwise;
    }

    /** Ladders of a movement or pressure; each must name a role of the front or a seat that the front fills. */
    private Map<String, Ladder> ladders(LadderDocument layer, Front front) {
        Map<String, Ladder> ladders =
                new LadderReader(layer.id(), vocabulary.withRoles(roles(front)), problems).read(layer.ladders());
        for (String seat : ladders.keySet()) {
            if (!seat.equals("everyone") && front.role(seat).isEmpty() && !filled(front, seat)) {
                problems.add(new Problem(
                        layer.id(),
                        "rungs/" + seat,
                        "needs " + seat + ", and " + front.document().id()
                                + " has no such role or cover seat; roles are "
                                + String.join(
                                        ", ",
                                        front.roles().stream().map(Role::id).toList()),
                        -1,
                        List.of()));
            }
        }
        return ladders;
    }

    private static Set<String> roles(Front front) {
        var ids = new LinkedHashSet<String>();
        front.roles().forEach(r -> ids.add(r.id()));
        return ids;
    }

    private static boolean filled(Front front, String seat) {
        return front.roles().stream()
                .anyMatch(r ->
                        r.seat().words().equals(seat) || r.otherwise().words().equals(seat));
    }

    private Map<String, Call> checked(int revision) {
        var calls = new LinkedHashMap<String, Call>();
        written.checked().forEach((id, target) -> {
            try {
                calls.put(id, CallReader.read(target, revision, vocabulary));
            } catch (DocumentException e) {
                problems.addAll(e.problems());
            }
        });
        return calls;
    }

    private List<CallCheck> checks(Front front) {
        var checks = new ArrayList<CallCheck>();
        for (String line : written.checks()) {
            Matcher words = WHOLE_CHECK.matcher(line);
            if (!words.matches()) {
                fault(
                        "checks",
                        "\"" + line + "\" cannot be read; write when <condition>: check <call>, <who makes it>");
                continue;
            }
            try {
                checks.add(new CallCheck(
                        RungReader.readCondition(words.group(1), vocabulary),
                        words.group(2),
                        checked(List.of(words.group(3)), front, line).get(0)));
            } catch (SentenceException e) {
                problems.add(new Problem(
                        written.id(), "checks", "\"" + line + "\": " + e.getMessage(), e.at(), e.expected()));
            } catch (RefusedException e) {
                fault("checks", e.getMessage());
            }
        }
        return checks;
    }

    /** Rungs of the call itself, or of this week's plan for it. */
    private Optional<Layer> own(String id, Layer.Kind kind, String key, Front front) {
        Set<String> roles = roles(front);
        Map<String, Ladder> ladders = new LadderReader(id, vocabulary.withRoles(roles), problems)
                .read(kind == Layer.Kind.PLAN ? written.plan() : written.rungs());
        for (String seat : ladders.keySet()) {
            if (!roles.contains(seat) && !seat.equals("everyone") && !filled(front, seat)) {
                fault(key + "/" + seat, "is no role or cover seat of the front; roles are " + String.join(", ", roles));
            }
        }
        return ladders.isEmpty() ? Optional.empty() : Optional.of(new Layer(kind, new DocumentRef(id, 0, ""), ladders));
    }

    /** A coverage seat nobody fills is a fault of the pair: its job would be missing. */
    private void checkSeats(Front front, Coverage coverage) {
        for (String seat : coverage.ladders().keySet()) {
            boolean stoodInFor = coverage.standsInFor(seat).stream().anyMatch(other -> filled(front, other));
            if (!seat.equals("everyone") && !filled(front, seat) && !stoodInFor) {
                fault(
                        "layers",
                        "seat unfilled: " + coverage.document().id() + " asks for " + seat + ", "
                                + front.document().id() + " has nobody there");
            }
        }
    }

    private List<MotionAnswer> motion(Front front) {
        var answers = new ArrayList<MotionAnswer>();
        for (String line : written.motion()) {
            try {
                answers.add(answer(line, front));
            } catch (SentenceException e) {
                problems.add(new Problem(
                        written.id(), "motion", "\"" + line + "\": " + e.getMessage(), e.at(), e.expected()));
            } catch (RefusedException e) {
                fault("motion", e.getMessage());
            }
        }
        return answers;
    }

    private MotionAnswer answer(String line, Front front) {
        String[] halves = line.split(":", 2);
        boolean conditional = halves.length == 2;
        Condition when = conditional
                ? RungReader.readCondition(halves[0].trim().replaceFirst("^when ", ""), vocabulary)
                : new Condition.Always();
        String[] words = halves[conditional ? 1 : 0].trim().split(" ", 2);
        for (MotionAnswer.Kind kind : MotionAnswer.Kind.values()) {
            if (kind.words().equals(words[0]) && kind == MotionAnswer.Kind.CHECK) {
                return new MotionAnswer(when, kind, List.of(words.length == 1 ? "" : words[1].trim()));
            }
            if (kind.words().equals(words[0])) {
                List<String> roles = words.length == 1
                        ? List.of()
                        : Arrays.stream(words[1].split(",")).map(String::trim).toList();
                return new MotionAnswer(when, kind, checked(roles, front, line));
            }
        }
        throw new RefusedException("\"" + line
                + "\" gives no answer; write bump, reseat <roles>, travel <role>, rotate, check <call> or stay");
    }

    private static List<String> checked(List<String> roles, Front front, String line) {
        for (String role : roles) {
            if (front.role(role).isEmpty()) {
                throw new RefusedException("\"" + line + "\" names " + role + ", which is no role of the front");
            }
        }
        return roles;
    }

    private void fault(String where, String message) {
        problems.add(new Problem(written.id(), where, message, -1, List.of()));
    }
}
