package mensch.core.rung;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.event.Message;
import mensch.core.event.Whose;

/**
 * What a man does on each message of his key, in the order it is taught.
 *
 * @param id as rungs name it
 * @param alone rows that take the place of those on the same message when nobody else is force on his side (handbook 3:
 *     who is alone boxes)
 * @param lone the rows with those of {@code alone} in their place
 */
public record ReadTable(String id, String name, List<Read> rows, List<Read> alone, List<Read> lone) {

    /** With the rows as they are for a man alone worked out once: every line-up asks for them. */
    ReadTable(String id, String name, List<Read> rows, List<Read> alone) {
        this(id, name, rows, alone, lone(rows, alone));
    }

    /** One message, whose it is, and its reaction; {@code words} is how it is said to him. */
    public record Read(Whose whose, Message message, String words, Reaction reaction) {
        boolean reads(Whose man, Message told) {
            return whose == man && message == told;
        }
    }

    /** What changes in his job. */
    public sealed interface Reaction {
        /** As the language says it. */
        String words();
    }

    /** His run job stands. */
    public record Stands() implements Reaction {
        @Override
        public String words() {
            return "his run job stands";
        }
    }

    /** He goes over to his pass job. */
    public record GoesToPass() implements Reaction {
        @Override
        public String words() {
            return "over to his pass job";
        }
    }

    /** Parts of his job are others from now on. */
    public record Becomes(List<Gives> parts) implements Reaction {
        @Override
        public String words() {
            return String.join("; ", parts.stream().map(Gives::words).toList());
        }
    }

    /**
     * Rows are written {@code [whose message, words to the man, reaction]}, as in {@code second key pull}; the reaction
     * is {@code run} (his run job stands), {@code pass} (he goes to his pass job) or parts in the rung language. A
     * fourth cell {@code house <setting> is <choice>} keeps a row to one school.
     *
     * @throws DocumentException naming the row at fault
     */
    public static ReadTable read(Document document, Vocabulary vocabulary) {
        List<Read> rows = rows(document, "rows", vocabulary);
        if (rows.isEmpty()) {
            throw DocumentException.of(
                    document.id(), "rows", "are missing: a read table without a message teaches nothing");
        }
        List<Read> alone = rows(document, "alone", vocabulary);
        for (Read row : alone) {
            if (rows.stream().noneMatch(r -> r.reads(row.whose(), row.message()))) {
                throw DocumentException.of(
                        document.id(),
                        "alone/" + row.message().words(),
                        "takes the place of no row; write the row for it under rows first");
            }
        }
        return new ReadTable(document.id(), document.name(), rows, alone);
    }

    private static List<Read> rows(Document document, String key, Vocabulary vocabulary) {
        var rows = new ArrayList<Read>();
        for (List<String> cells :
                HouseRows.of(document, key, 3, vocabulary.convention().house())) {
            try {
                Whose whose = whose(cells.get(0));
                Message message = Message.of(told(cells.get(0), whose));
                if (rows.stream().anyMatch(r -> r.reads(whose, message))) {
                    throw new RefusedException(message.words() + " stands twice; one message has one reaction");
                }
                rows.add(new Read(whose, message, cells.get(1), reaction(cells.get(2), vocabulary)));
            } catch (RefusedException e) {
                throw DocumentException.of(document.id(), key + "/" + cells.get(0), e.getMessage());
            }
        }
        return List.copyOf(rows);
    }

    /** The table of a man who is the only force of his side: he gives nothing outside him away. */
    public ReadTable whenAlone() {
        if (alone.isEmpty()) {
            return this;
        }
        return new ReadTable(id, name, lone, alone, lone);
    }

    private static List<Read> lone(List<Read> rows, List<Read> alone) {
        return rows.stream()
                .map(row -> alone.stream()
                        .filter(a -> a.reads(row.whose(), row.message()))
                        .findFirst()
                        .orElse(row))
                .toList();
    }

    /** Without the rows of one man: he is told to ignore him. */
    public ReadTable without(Whose man) {
        return new ReadTable(
                id, name, rows.stream().filter(r -> r.whose() != man).toList(), alone);
    }

    /** Whose movement a cell names; the key's when it names nobody. */
    private static Whose whose(String cell) {
        return Arrays.stream(Whose.values())
                .filter(w -> cell.startsWith(w.words() + " "))
                .findFirst()
                .orElse(Whose.KEY);
    }

    private static String told(String cell, Whose whose) {
        return cell.startsWith(whose.words() + " ")
                ? cell.substring(whose.words().length() + 1)
                : cell;
    }

    private static Reaction reaction(String words, Vocabulary vocabulary) {
        return switch (words) {
            case "run" -> new Stands();
            case "pass" -> new GoesToPass();
            default -> new Becomes(RungReader.readParts(words, vocabulary));
        };
    }

    /** The reaction to a message, when the table teaches one. */
    public Optional<Read> on(Message message) {
        return rows.stream().filter(r -> r.message() == message).findFirst();
    }
}
