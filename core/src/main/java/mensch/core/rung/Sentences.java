package mensch.core.rung;

import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.document.DocumentException.Problem;
import mensch.core.document.Values;

/**
 * Ladders as they stand written, not yet read: by seat, top first. Each change is a new value.
 *
 * @param bySeat in the order they are written
 */
public record Sentences(Map<String, List<Written>> bySeat) {

    public Sentences {
        bySeat = Collections.unmodifiableMap(bySeat);
    }

    /** One rung as it is written. @param name its own on its seat */
    public record Written(String name, String sentence) {}

    /**
     * Seat to list of single entries name: sentence.
     *
     * @param document whose they are, for faults
     * @param problems takes every fault
     */
    public static Sentences of(String document, Optional<Values> seats, List<Problem> problems) {
        var bySeat = new LinkedHashMap<String, List<Written>>();
        seats.ifPresent(all ->
                all.all().keySet().forEach(seat -> bySeat.put(seat, written(document, seat, all, problems))));
        return new Sentences(bySeat);
    }

    private static List<Written> written(String document, String seat, Values seats, List<Problem> problems) {
        if (!seats.hasList(seat)) {
            problems.add(new Problem(document, seat, "must be a list of rungs", -1, List.of()));
        }
        List<Values> rungs = seats.parts(seat);
        if (rungs.size() < seats.list(seat).size()
                || rungs.stream().anyMatch(r -> r.all().size() != 1)) {
            problems.add(
                    new Problem(document, seat, "has a rung that is not written as name: \"sentence\"", -1, List.of()));
        }
        return rungs.stream()
                .flatMap(r -> r.all().entrySet().stream())
                .map(e -> new Written(e.getKey(), String.valueOf(e.getValue())))
                .toList();
    }

    /** With a sentence set: that of the rung of this name, or a new one on top of its seat. */
    public Sentences put(String seat, String name, String sentence) {
        var rungs = new ArrayList<>(bySeat.getOrDefault(seat, List.of()));
        var rung = new Written(name, sentence);
        if (rungs.stream().noneMatch(r -> r.name().equals(name))) {
            rungs.add(0, rung);
        }
        rungs.replaceAll(r -> r.name().equals(name) ? rung : r);
        return with(seat, rungs);
    }

    /** Without a rung; nothing happens when there is none of that name. */
    public Sentences remove(String seat, String name) {
        return with(
                seat,
                bySeat.getOrDefault(seat, List.of()).stream()
                        .filter(r -> !r.name().equals(name))
                        .toList());
    }

    private Sentences with(String seat, List<Written> rungs) {
        var seats = new LinkedHashMap<>(bySeat);
        seats.put(seat, List.copyOf(rungs));
        if (rungs.isEmpty()) {
            seats.remove(seat);
        }
        return new Sentences(seats);
    }

    /** As a document holds them. */
    public Map<String, Object> values() {
        var seats = new LinkedHashMap<String, Object>();
        bySeat.forEach((seat, rungs) -> seats.put(
                seat, rungs.stream().map(r -> Map.of(r.name(), r.sentence())).toList()));
        return seats;
    }
}
