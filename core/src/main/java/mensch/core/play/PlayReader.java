package mensch.core.play;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.rung.Condition;
import mensch.core.rung.RungReader;
import mensch.core.rung.Vocabulary;
import mensch.core.rung.Where;

/** Reads play documents; what cannot be read is told with the document and the key at fault. */
public final class PlayReader {
    private final Vocabulary vocabulary;
    private final Map<String, Route> routes = new LinkedHashMap<>();
    private final Map<String, Run> runs = new LinkedHashMap<>();

    private PlayReader(Vocabulary vocabulary) {
        this.vocabulary = vocabulary;
    }

    /** Every play among these documents, others passed over. @throws DocumentException naming document and key */
    public static Plays read(List<Document> documents, Vocabulary vocabulary) {
        var reader = new PlayReader(vocabulary);
        documents.stream().filter(d -> d.kind().equals("routes")).forEach(reader::routes);
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

    private Condition needs(Document document) {
        String words = document.text("needs").orElse("");
        return words.isEmpty()
                ? new Condition.Always()
                : reading(document, "needs", () -> RungReader.readCondition(words, vocabulary));
    }

    private static Map<?, ?> map(Document document, String key) {
        return reading(document, key, () -> {
            if (document.body().get(key) instanceof Map<?, ?> map) {
                return map;
            }
            throw new RefusedException("is missing, or no list of names and values");
        });
    }

    private static double number(Map<?, ?> map, String key, double otherwise) {
        return map.get(key) instanceof Number number ? number.doubleValue() : otherwise;
    }

    private void routes(Document document) {
        map(document, "routes")
                .forEach((id, value) -> routes.put(
                        String.valueOf(id),
                        reading(document, "routes/" + id, () -> route(String.valueOf(id), (Map<?, ?>) value))));
    }

    private static Route route(String id, Map<?, ?> body) {
        if (!(body.get("path") instanceof List<?> steps)) {
            throw new RefusedException("has no path: a list of steps, as in [stem 10, in]");
        }
        List<Route.Way> path =
                steps.stream().map(w -> Route.way(String.valueOf(w))).toList();
        return new Route(id, path, number(body, "breaks", 0), "settle".equals(body.get("ends")));
    }

    private Run run(Document document) {
        Map<?, ?> ball = map(document, "ball");
        var told = new ArrayList<Run.Told>();
        map(document, "blocks")
                .forEach((who, block) -> told.add(reading(
                        document,
                        "blocks/" + who,
                        () -> new Run.Told(
                                Who.read(String.valueOf(who), vocabulary), Block.of(String.valueOf(block))))));
        String point =
                reading(document, "point", () -> String.valueOf(document.body().get("point")));
        List<BallPath> paths = document.body().get("paths") instanceof List<?> list
                ? list.stream()
                        .map(p -> reading(
                                document,
                                "paths",
                                () -> BallPath.valueOf(String.valueOf(p).toUpperCase(java.util.Locale.ROOT))))
                        .toList()
                : List.of();
        return new Run(
                document.id(),
                document.name(),
                needs(document),
                point.equals("outside") ? Run.OUTSIDE : point.charAt(0),
                reading(
                        document,
                        "ball",
                        () -> new Run.Ball(
                                Who.read(String.valueOf(ball.get("carrier")), vocabulary),
                                number(ball, "gun", 1),
                                number(ball, "under", 1))),
                reading(
                        document,
                        "leaves",
                        () -> document.text("leaves").map(Leaves::of).orElse(Leaves.NOBODY)),
                paths,
                told);
    }

    private Pass pass(Document document) {
        double thrown = number(document.body(), "throw", 0);
        if (thrown <= 0) {
            throw DocumentException.of(
                    document.id(), "throw", "is missing: when does the ball leave the hand, seconds after the snap");
        }
        return new Pass(
                document.id(),
                document.name(),
                needs(document),
                thrown,
                told(document, "routes"),
                document.text("attacks").orElse(null));
    }

    private List<Pass.Told> told(Document document, String key) {
        var told = new ArrayList<Pass.Told>();
        map(document, key)
                .forEach((who, id) -> told.add(reading(
                        document,
                        key + "/" + who,
                        () -> new Pass.Told(Who.read(String.valueOf(who), vocabulary), route(String.valueOf(id))))));
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
        String named = document.text("run").orElse("");
        Run run = runs.get(named);
        if (run == null) {
            throw DocumentException.of(
                    document.id(), "run", "\"" + named + "\" is no run; there are " + String.join(", ", runs.keySet()));
        }
        String reads =
                reading(document, "reads", () -> String.valueOf(document.body().get("reads")));
        boolean other = reads.endsWith(" other side");
        var read = reading(
                document,
                "reads",
                () -> RunPass.Read.valueOf(reads.replace(" other side", "").toUpperCase(java.util.Locale.ROOT)));
        var pass = new Pass(
                document.id(),
                document.name(),
                needs(document),
                number(document.body(), "thrown", 1.5),
                told(document, "route"),
                null);
        return new RunPass(
                document.id(), document.name(), needs(document), run, read, other ? Where.OTHER : Where.MY, pass);
    }

    private Protection protection(Document document) {
        if (!(document.body().get("stay") instanceof List<?> stay)) {
            throw DocumentException.of(document.id(), "stay", "is missing: a list of who stays in");
        }
        Set<Protection.Stays> who = reading(
                document,
                "stay",
                () -> stay.stream()
                        .map(w -> Protection.Stays.of(String.valueOf(w)))
                        .collect(Collectors.toSet()));
        return Protection.of(document.id(), document.name(), needs(document), who);
    }
}
