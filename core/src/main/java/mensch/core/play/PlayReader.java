package mensch.core.play;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.document.Values;
import mensch.core.rung.Condition;
import mensch.core.rung.RungReader;
import mensch.core.rung.Vocabulary;
import mensch.core.rung.Where;

/** Reads play documents; what cannot be read is told with the document and the key at fault. */
public final class PlayReader {
    private static final String OTHER = " other side";
    private static final String NEEDS = "needs";

    private final Vocabulary vocabulary;
    private final Map<String, Route> routes = new LinkedHashMap<>();
    private final Map<String, Run> runs = new LinkedHashMap<>();

    private PlayReader(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    /** Every play among these documents, others passed over. @throws DocumentException naming document and key */
    public static Plays read(List<Document> documents, Vocabulary vocabulary) {
        var reader = new PlayReader(vocabulary);
        documents.stream().filter(d -> d.kind().equals("routes")).forEach(d -> reader.routes.putAll(routesOf(d)));
        documents.stream().filter(d -> d.kind().equals("run")).forEach(d -> reader.runs.put(d.id(), reader.run(d)));
        List<Pass> passes = documents.stream()
                .filter(d -> d.kind().equals("pass"))
                .map(reader::pass)
                .toList();
        List<RunPass> options = documents.stream()
                .filter(d -> d.kind().equals("option"))
                .map(reader::option)
                .toList();
        List<Protection> protections = documents.stream()
                .filter(d -> d.kind().equals("protection"))
                .map(reader::protection)
                .toList();
        return new Plays(List.copyOf(reader.runs.values()), passes, options, protections);
    }

    /** What a value must be, for the error. */
    private interface Reading<T> {
        T read();
    }

    private static <T> T reading(Document document, String key, Reading<T> reading) {
        try {
            return reading.read();
        } catch (DocumentException e) {
            throw e;
        } catch (RefusedException | ClassCastException | NullPointerException e) {
            throw DocumentException.of(document.id(), key, Objects.requireNonNullElse(e.getMessage(), "is missing"));
        }
    }

    /** Everything the formation must have; nothing when it says nothing. */
    private Condition needs(Document document) {
        return needsOf(document).stream()
                .map(words -> reading(document, NEEDS, () -> RungReader.readCondition(words, vocabulary)))
                .reduce(Condition.And::new)
                .orElseGet(Condition.Always::new);
    }

    /** What a play needs of the formation, each as it is written: a list, or one condition. */
    public static List<String> needsOf(Document document) {
        return document.text(NEEDS)
                .map(one -> one.isEmpty() ? List.<String>of() : List.of(one))
                .orElseGet(() -> document.values().texts(NEEDS));
    }

    private static Values part(Document document, String key) {
        return document.values()
                .part(key)
                .orElseThrow(
                        () -> DocumentException.of(document.id(), key, "is missing, or no list of names and values"));
    }

    private static String required(Values values, String key) {
        return Optional.ofNullable(values.all().get(key))
                .map(String::valueOf)
                .orElseThrow(() -> new RefusedException(key + " is missing"));
    }

    /** The routes of one book by their names, in its order. @throws DocumentException naming the route at fault */
    public static Map<String, Route> routesOf(Document book) {
        Values all = part(book, "routes");
        var routes = new LinkedHashMap<String, Route>();
        for (String id : all.all().keySet()) {
            routes.put(
                    id,
                    reading(
                            book,
                            "routes/" + id,
                            () -> all.part(id)
                                    .map(r -> route(id, r))
                                    .orElseThrow(() -> new RefusedException("is no route"))));
        }
        return Collections.unmodifiableMap(routes);
    }

    private static Route route(String id, Values body) {
        if (body.list("path").isEmpty()) {
            throw new RefusedException("has no path: a list of steps, as in [stem 10, in]");
        }
        List<Route.Way> path = body.texts("path").stream().map(Route::way).toList();
        return new Route(
                id,
                path,
                body.number("breaks").orElse(0.0),
                body.text("ends").filter("settle"::equals).isPresent());
    }

    private Run run(Document document) {
        Values ball = part(document, "ball");
        var told = new ArrayList<Run.Told>();
        part(document, "blocks")
                .all()
                .forEach((who, block) -> told.add(reading(
                        document,
                        "blocks/" + who,
                        () -> new Run.Told(Who.read(who, vocabulary), Block.of(String.valueOf(block))))));
        String point = reading(document, "point", () -> point(required(document.values(), "point")));
        List<BallPath> paths = document.values().texts("paths").stream()
                .map(p -> reading(document, "paths", () -> BallPath.valueOf(p.toUpperCase(java.util.Locale.ROOT))))
                .toList();
        return new Run(
                document.id(),
                document.name(),
                needs(document),
                point.equals("outside") ? Run.OUTSIDE : point.charAt(0),
                reading(
                        document,
                        "ball",
                        () -> new Run.Ball(
                                carriers(required(ball, "carrier")),
                                ball.number("gun").orElse(1.0),
                                ball.number("under").orElse(1.0),
                                ball.text("mesh").map(Behind::of),
                                first(ball.text("first").orElse("straight")))),
                reading(
                        document,
                        "leaves",
                        () -> document.text("leaves").map(Leaves::of).orElse(Leaves.NOBODY)),
                paths,
                told);
    }

    private static String point(String words) {
        if (!Run.POINTS.contains(words)) {
            throw new RefusedException(
                    "\"" + words + "\" is no place to aim at; there are " + String.join(", ", Run.POINTS));
        }
        return words;
    }

    private static Run.First first(String words) {
        return Stream.of(Run.First.values())
                .filter(f -> f.name().equalsIgnoreCase(words))
                .findFirst()
                .orElseThrow(() -> new RefusedException("\"" + words
                        + "\" is no way a run begins; say straight, away (a counter step) or pass (a draw)"));
    }

    /** Men in the order in which they are asked for: "man in motion, #1 other side". */
    private List<Who> carriers(String words) {
        return Stream.of(words.split(","))
                .map(w -> Who.read(w.strip(), vocabulary))
                .toList();
    }

    private Pass pass(Document document) {
        double thrown = document.values().number("throw").orElse(0.0);
        if (thrown <= 0) {
            throw DocumentException.of(
                    document.id(), "throw", "is missing: when does the ball leave the hand, seconds after the snap");
        }
        List<Pass.Told> told = told(document, "routes");
        return new Pass(
                document.id(),
                document.name(),
                needs(document),
                thrown,
                told,
                delivery(document, told),
                document.text("attacks").orElse(null));
    }

    private Delivery delivery(Document document, List<Pass.Told> told) {
        List<Who> looks = men(document, "progression");
        for (Who who : looks) {
            if (told.stream().noneMatch(t -> t.who().equals(who))) {
                throw DocumentException.of(
                        document.id(),
                        "progression",
                        who.words() + " has no route; the quarterback cannot look for him");
            }
        }
        return new Delivery(
                reading(
                        document,
                        "launch",
                        () -> document.text("launch").map(Delivery.Launch::of).orElse(Delivery.Launch.SET)),
                reading(document, "from", () -> document.text("from").map(Behind::of)),
                document.text("fake").map(words -> fake(document, words)).orElse(null),
                document.text("protection").orElse(null),
                looks.isEmpty() ? told.stream().map(Pass.Told::who).toList() : looks,
                men(document, "screen"));
    }

    private List<Who> men(Document document, String key) {
        return document.values().texts(key).stream()
                .map(w -> reading(document, key, () -> Who.read(w, vocabulary)))
                .toList();
    }

    /** "outside-zone other side". */
    private Delivery.Fake fake(Document document, String words) {
        boolean other = words.endsWith(OTHER);
        return new Delivery.Fake(
                run(document, "fake", other ? words.substring(0, words.length() - OTHER.length()) : words), other);
    }

    private Run run(Document document, String key, String named) {
        Run run = runs.get(named);
        if (run == null) {
            throw DocumentException.of(
                    document.id(), key, "\"" + named + "\" is no run; there are " + String.join(", ", runs.keySet()));
        }
        return run;
    }

    private List<Pass.Told> told(Document document, String key) {
        var told = new ArrayList<Pass.Told>();
        part(document, key)
                .all()
                .forEach((who, id) -> told.add(reading(
                        document,
                        key + "/" + who,
                        () -> new Pass.Told(Who.read(who, vocabulary), route(String.valueOf(id))))));
        return told;
    }

    private Route route(String id) {
        Route route = routes.get(id);
        if (route == null) {
            throw new RefusedException("\"" + id + "\" is no route; there are " + String.join(", ", routes.keySet()));
        }
        return route;
    }

    private RunPass option(Document document) {
        Run run = run(document, "run", document.text("run").orElse(""));
        String reads = reading(document, "reads", () -> required(document.values(), "reads"));
        boolean other = reads.endsWith(OTHER);
        var read = reading(
                document,
                "reads",
                () -> RunPass.Read.valueOf(reads.replace(OTHER, "").toUpperCase(java.util.Locale.ROOT)));
        List<Pass.Told> told = told(document, "route");
        var pass = new Pass(
                document.id(),
                document.name(),
                needs(document),
                document.values().number("thrown").orElse(1.5),
                told,
                Delivery.plain(told.stream().map(Pass.Told::who).toList()),
                null);
        return new RunPass(
                document.id(), document.name(), needs(document), run, read, other ? Where.OTHER : Where.MY, pass);
    }

    private Protection protection(Document document) {
        if (!document.values().has("stay")) {
            throw DocumentException.of(document.id(), "stay", "is missing: a list of who stays in");
        }
        Set<Protection.Stays> who = reading(
                document,
                "stay",
                () -> document.values().texts("stay").stream()
                        .map(Protection.Stays::of)
                        .collect(Collectors.toSet()));
        Protection.Scheme scheme = reading(
                document,
                "scheme",
                () -> Protection.Scheme.of(document.text("scheme").orElse(Protection.Scheme.HALF_SLIDE.words())));
        return Protection.of(document.id(), document.name(), needs(document), scheme, who);
    }
}
