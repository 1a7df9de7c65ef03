package mensch.core.rubric;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.Worded;

/**
 * What a technique is graded by: criteria in order (handbook 5). A programme's document, like every other.
 *
 * @param digest of the document
 * @param of techniques whose men it is for
 * @param criteria each id once
 * @param instead a rubric that nobody is graded by any more when there is this one; empty for none
 */
public record Rubric(
        String id, String name, String digest, List<String> of, Plays plays, List<Criterion> criteria, String instead) {
    private static final int CELLS = 6;

    /** On which plays it is for. */
    public enum Plays implements Worded {
        RUN,
        PASS,
        ANY
    }

    /**
     * Whether a man is graded by it on a play.
     *
     * @param technique his, by id
     * @param pass whether the play was one; empty where nobody knows what it was
     */
    public boolean fits(String technique, Optional<Boolean> pass) {
        return of.contains(technique) && (pass.isEmpty() || plays == Plays.ANY || (plays == Plays.PASS) == pass.get());
    }

    /**
     * @param techniques that there are, by id
     * @throws DocumentException naming the row that cannot be read, or a technique that there is not
     */
    public static Rubric read(Document document, Set<String> techniques) {
        List<Criterion> criteria = document.values().rows("criteria").stream()
                .map(row -> criterion(document, row))
                .toList();
        Set<String> ids = Set.copyOf(criteria.stream().map(Criterion::id).toList());
        if (ids.size() < criteria.size()) {
            throw DocumentException.of(document.id(), "criteria", "have two of one id; each is marked for itself");
        }
        document.values().texts("of").stream()
                .filter(t -> !techniques.contains(t))
                .findFirst()
                .ifPresent(t -> {
                    throw DocumentException.of(
                            document.id(),
                            "of",
                            "\"" + t + "\" is no technique; there are " + String.join(", ", techniques));
                });
        return new Rubric(
                document.id(),
                document.name(),
                document.digest(),
                document.values().texts("of"),
                said(document, Plays.values(), document.text("plays").orElse("any"), "plays"),
                criteria,
                document.text("instead").orElse(""));
    }

    /** @throws DocumentException when one stands for what is no rubric, or two stand for each other */
    public static void check(List<Rubric> all) {
        Map<String, Rubric> byId = all.stream().collect(Collectors.toMap(Rubric::id, r -> r, (a, b) -> a));
        for (Rubric rubric : all) {
            if (!rubric.instead().isEmpty() && !byId.containsKey(rubric.instead())) {
                throw DocumentException.of(
                        rubric.id(), "instead", "\"" + rubric.instead() + "\" is no rubric; leave it out or name one");
            }
            String next = rubric.instead();
            for (int i = 0; i < all.size(); i++) {
                if (next.equals(rubric.id())) {
                    throw DocumentException.of(
                            rubric.id(), "instead", "comes back to itself: nobody would be graded by any of them");
                }
                next = Optional.ofNullable(byId.get(next)).map(Rubric::instead).orElse("");
            }
        }
    }

    /** Those that men are graded by: one that another stands for asks nobody. */
    public static List<Rubric> inForce(List<Rubric> all) {
        Set<String> replaced = all.stream().map(Rubric::instead).collect(Collectors.toSet());
        return all.stream().filter(r -> !replaced.contains(r.id())).toList();
    }

    private static Criterion criterion(Document document, List<String> row) {
        if (row.size() != CELLS) {
            throw DocumentException.of(
                    document.id(),
                    "criteria",
                    "have a row of " + row.size() + " cells: " + row
                            + "; write id, facet, criterion, good, fault, what it leads to");
        }
        if (row.get(0).isBlank() || row.get(2).isBlank()) {
            throw DocumentException.of(document.id(), "criteria", "have a row without a name; name it or take it away");
        }
        return new Criterion(
                row.get(0),
                said(document, Facet.values(), row.get(1), "criteria"),
                row.get(2),
                row.get(3),
                row.get(4),
                row.get(5));
    }

    private static <T extends Worded> T said(Document document, T[] all, String words, String key) {
        return Arrays.stream(all)
                .filter(one -> one.words().equals(words))
                .findFirst()
                .orElseThrow(() -> DocumentException.of(
                        document.id(),
                        key,
                        "\"" + words + "\" is none of "
                                + String.join(
                                        ", ",
                                        Arrays.stream(all).map(Worded::words).toList())));
    }

    public Optional<Criterion> criterion(String criterion) {
        return criteria.stream().filter(c -> c.id().equals(criterion)).findFirst();
    }

    /** Those that are marked one by one. */
    public List<Criterion> marked() {
        return criteria.stream().filter(c -> c.facet() == Facet.TECHNIQUE).toList();
    }
}
