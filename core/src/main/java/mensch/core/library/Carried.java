package mensch.core.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mensch.core.call.CallAssembly;
import mensch.core.call.CallDocument;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.Values;

/**
 * What follows from the documents of a catalogue: a family of formations named where formations are meant stands for
 * all of them, and a front with a coverage it carries is a call, also when nobody wrote it down.
 */
final class Carried {
    private static final String FOR = "for";
    private static final String EXCEPT = "except";
    private static final String MOTION = "motion";
    private static final String LIKE = "like";
    private static final String OVER = "over";
    private static final String SEATS = "seats";
    private static final String RUNGS = "rungs";
    private static final String ON_TOP = "on top";

    private final List<Document> documents;
    private final Map<String, List<String>> families = new LinkedHashMap<>();

    private Carried(List<Document> documents) {
        this.documents = documents;
        of("formation")
                .forEach(f -> families.computeIfAbsent(f.text("family").orElse("own"), k -> new ArrayList<>())
                        .add(f.id()));
    }

    /** A catalogue with families spelt out, fronts and coverages whole, and the calls that fronts carry. */
    static List<Document> whole(List<Document> documents) {
        var carried = new Carried(written(documents));
        var whole = new ArrayList<>(carried.documents);
        carried.of("front").forEach(front -> whole.addAll(carried.calls(front)));
        return whole;
    }

    /**
     * The documents with families spelt out in the calls, fronts and coverages whole; a programme's own make no calls.
     */
    static List<Document> written(List<Document> documents) {
        var carried = new Carried(documents);
        return documents.stream().map(carried::written).toList();
    }

    /** A call with the families among these documents spelt out. */
    static Document written(Document call, List<Document> documents) {
        return new Carried(documents).written(call);
    }

    private Document written(Document one) {
        return switch (one.kind()) {
            case "call" -> spelt(one);
            case "coverage" -> like(one, SEATS);
            case "front" -> like(one, RUNGS);
            default -> one;
        };
    }

    private List<Document> of(String kind) {
        return documents.stream().filter(d -> d.kind().equals(kind)).toList();
    }

    private Document spelt(Document call) {
        Set<String> meant = meant(call);
        if (call.values().texts(FOR).equals(List.copyOf(meant))) {
            return call;
        }
        var body = new LinkedHashMap<>(call.body());
        body.remove(EXCEPT);
        body.put(FOR, List.copyOf(meant));
        return Document.of(body);
    }

    /**
     * A front or coverage like another is that one save for what it writes: a man's ladder in place of his, and "over"
     * them rungs that stand above his or, under the same name, in the place of one.
     */
    private Document like(Document one, String ladders) {
        String like = one.text(LIKE).orElse("");
        if (like.isEmpty()) {
            return one;
        }
        Document base = of(one.kind()).stream()
                .filter(c -> c.id().equals(like))
                .findFirst()
                .map(c -> like(c, ladders))
                .orElseThrow(() ->
                        DocumentException.of(one.id(), LIKE, "\"" + like + "\" is no " + one.kind() + " that is here"));
        var men = new LinkedHashMap<String, Object>(part(base, ladders));
        men.putAll(part(one, ladders));
        part(one, OVER)
                .forEach((man, rungs) -> men.merge(man, rungs, (under, top) -> topped((List<?>) top, (List<?>) under)));
        var body = new LinkedHashMap<>(base.body());
        body.putAll(one.body());
        body.keySet().removeAll(Set.of(LIKE, OVER));
        body.put(ladders, men);
        return Document.of(body);
    }

    /** A ladder with rungs on top: one named as a rung of the ladder takes its place. */
    private static List<Object> topped(List<?> top, List<?> under) {
        var ladder = new ArrayList<Object>(under);
        var above = new ArrayList<Object>();
        for (Object rung : top) {
            List<Integer> same = IntStream.range(0, ladder.size())
                    .filter(i -> names(ladder.get(i)).equals(names(rung)))
                    .boxed()
                    .toList();
            if (same.isEmpty()) {
                above.add(rung);
            }
            same.forEach(i -> ladder.set(i, rung));
        }
        above.addAll(ladder);
        return above;
    }

    private static Set<?> names(Object rung) {
        return rung instanceof Map<?, ?> named ? named.keySet() : Set.of(rung);
    }

    private static Map<String, Object> part(Document document, String key) {
        return document.values().part(key).map(Values::all).orElse(Map.of());
    }

    /** Formations a document is meant for, in its order: ids, and families in place of theirs. */
    private Set<String> meant(Document document) {
        Set<String> meant = spelt(document.values().texts(FOR));
        meant.removeAll(spelt(document.values().texts(EXCEPT)));
        return meant;
    }

    private Set<String> spelt(List<String> names) {
        return names.stream()
                .flatMap(n -> families.getOrDefault(n, List.of(n)).stream())
                .collect(Collectors.toCollection(LinkedHashSet::new));
    }

    /** Calls of a front that says for which formations it is: one for each coverage it carries that has none. */
    private List<Document> calls(Document front) {
        return front.values().has(FOR)
                ? of("coverage").stream()
                        .filter(c -> front.values().texts("carries").contains(c.id()))
                        .filter(c -> of("call").stream().noneMatch(call -> made(call, front, c)))
                        .map(c -> call(front, c))
                        .filter(c -> !c.values().texts(FOR).isEmpty())
                        .toList()
                : List.of();
    }

    private static boolean made(Document call, Document front, Document coverage) {
        return call.id().equals(id(front, coverage))
                || Objects.equals(call.values().list("layers"), List.of(front.id(), coverage.id()));
    }

    private static String id(Document front, Document coverage) {
        return front.id() + "-" + coverage.id();
    }

    private Document call(Document front, Document coverage) {
        Set<String> meant = meant(front);
        if (coverage.values().has(FOR)) {
            meant.retainAll(meant(coverage));
        }
        meant.removeAll(spelt(coverage.values().texts(EXCEPT)));
        Document call = CallAssembly.named(
                        id(front, coverage), front.name() + " " + coverage.name(), List.of(front.id(), coverage.id()))
                .with(FOR, List.copyOf(meant));
        List<String> checks = lines(CallDocument.CHECKS, front, coverage);
        List<String> motion = lines(MOTION, front, coverage);
        Document answering = with(MOTION, motion, with(CallDocument.CHECKS, checks, call));
        return front.values()
                .part(ON_TOP)
                .map(rungs -> answering.with(RUNGS, rungs.all()))
                .orElse(answering);
    }

    private static Document with(String key, List<String> lines, Document call) {
        return lines.isEmpty() ? call : call.with(key, lines);
    }

    /** What the coverage answers, then what the front does; a coverage checks to another coverage of the same front. */
    private List<String> lines(String key, Document front, Document coverage) {
        return Stream.concat(
                        coverage.values().texts(key).stream()
                                .map(line -> CallAssembly.checkingTo(line, c -> front.id() + "-" + c)),
                        front.values().texts(key).stream())
                .toList();
    }
}
