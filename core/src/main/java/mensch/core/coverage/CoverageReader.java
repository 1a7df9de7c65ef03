package mensch.core.coverage;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.core.document.Document;
import mensch.core.document.DocumentException.Problem;
import mensch.core.formation.SideWord;
import mensch.core.rung.Ladder;
import mensch.core.rung.LadderDocument;
import mensch.core.rung.LadderReader;
import mensch.core.rung.Vocabulary;

/** Reads a coverage document. */
public final class CoverageReader {
    private CoverageReader() {}

    /** The coverage as far as it can be read; every fault goes to the list. */
    public static Coverage read(LadderDocument written, Vocabulary vocabulary, List<Problem> problems) {
        Document document = written.document();
        Map<String, Ladder> ladders = new LadderReader(document.id(), vocabulary, problems).read(written.ladders());
        List<String> seats =
                Arrays.stream(CoverSeat.values()).map(CoverSeat::words).toList();
        for (String seat : ladders.keySet()) {
            if (!seats.contains(seat) && !seat.equals("everyone")) {
                problems.add(new Problem(
                        document.id(),
                        "seats/" + seat,
                        "is no cover seat; there are " + String.join(", ", seats),
                        -1,
                        List.of()));
            }
        }
        return new Coverage(
                document,
                coverSide(document, problems),
                deep(document, problems),
                concedes(document, problems),
                ladders);
    }

    /** The deep help that a coverage, or a pressure in its place, promises; a word that is none goes to the list. */
    public static Optional<Shell> deep(Document document, List<Problem> problems) {
        Optional<String> words = document.text("deep");
        Optional<Shell> shell = words.flatMap(Shell::of);
        if (words.isPresent() && shell.isEmpty()) {
            problems.add(new Problem(
                    document.id(),
                    "deep",
                    "is \"" + words.get() + "\"; write one of "
                            + Arrays.stream(Shell.values()).map(Shell::words).collect(Collectors.joining(", ")),
                    -1,
                    List.of()));
        }
        return shell;
    }

    private static List<Concession> concedes(Document document, List<Problem> problems) {
        List<String> written = document.values().texts("concedes");
        written.stream()
                .filter(w -> Concession.of(w).isEmpty())
                .forEach(w -> problems.add(new Problem(
                        document.id(),
                        "concedes",
                        "has \"" + w + "\"; write run, or flat, curl or hook with its side, as in flat away",
                        -1,
                        List.of())));
        return written.stream().flatMap(w -> Concession.of(w).stream()).toList();
    }

    private static SideWord coverSide(Document document, List<Problem> problems) {
        String words = document.text("cover side").orElse("missing");
        for (SideWord word : SideWord.values()) {
            if (word.words().equals(words)) {
                return word;
            }
        }
        problems.add(new Problem(
                document.id(),
                "cover side",
                "is \"" + words + "\"; write one of the side words, as in pass strength",
                -1,
                List.of()));
        return SideWord.PASS_STRENGTH;
    }
}
