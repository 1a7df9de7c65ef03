package mensch.core.library;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
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
    private static final String SEATS = "seats";
    private static final String ON_TOP = "on top";

    private final List<Document> documents;
    private final Map<String, List<String>> families = new LinkedHashMap<>();

    private Carried(List<Document> documents) {
        this.documents = documents;
        of("formation")
                .forEach(f -> families.computeIfAbsent(f.text("family").orElse("own"), k -> new ArrayList<>())
                        .add(f.id()));
    }

    /** A catalogue with families spelt out, coverages whole, and the calls that fronts carry. */
    static List<Document> whole(List<Document> documents) {
        var carried = new Carried(written(documents));
        var whole = new ArrayList<>(carried.documents);
        carried.of("front").forEach(front -> whole.addAll(carried.calls(front)));
        return whole;
    }

    /** The documents with families spelt out in the calls and coverages whole; a programme's own make no calls. */
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
            case "coverage" -> seated(one);
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

    /** A coverage like another has its seats, save those it writes itself. */
    private Document seated(Document coverage) {
        String like = coverage.text(LIKE).orElse("");
        if (like.isEmpty()) {
            return coverage;
        }
        Document base = of("coverage").stream()
                .filter(c -> c.id().equals(like))
                .findFirst()
                .orElseThrow(() -> DocumentException.of(coverage.id(), LIKE, "\"" + like + "\" is no coverage"));
        var seats = new LinkedHashMap<String, Object>(seats(base));
        seats.putAll(seats(coverage));
        var body = new LinkedHashMap<>(coverage.body());
        body.remove(LIKE);
        body.put(SEATS, seats);
        return Document.of(body);
    }

    private static Map<String, Object> seats(Document coverage) {
        return coverage.values().part(SEATS).map(Values::all).orElse(Map.of());
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
                .map(rungs -> answering.with("rungs", rungs.all()))
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
