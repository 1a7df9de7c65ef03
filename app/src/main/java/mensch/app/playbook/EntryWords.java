package mensch.app.playbook;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.document.Document;
import mensch.core.formation.Features;
import mensch.core.library.Library;
import mensch.core.sheet.CallWords;
import org.jspecify.annotations.Nullable;

/**
 * What a document of the playbook is, beside its name.
 *
 * @param summary in the trade's words
 * @param kinds what such a thing is called wherever the game is played, for finding it
 */
record EntryWords(String summary, List<String> kinds) {

    /** @param call the call itself, or the first one that the document is in; null when there is none */
    static EntryWords of(Document document, @Nullable Call call, Library library) {
        return switch (document.kind()) {
            case "call" -> {
                Call whole = call == null ? library.call(document.id()) : call;
                yield whole(whole, CallWords.of(whole, library));
            }
            case "coverage" ->
                new EntryWords(
                        about(document).orElse("cover side: " + text(document, "cover side")),
                        Optional.ofNullable(call)
                                .flatMap(c -> CallWords.of(c, library))
                                .map(CallWords::kinds)
                                .orElse(List.of()));
            case "front" -> plain(about(document).orElse("call side: " + text(document, "call side")));
            case "movement" ->
                plain(about(document)
                        .orElse("for the " + document.text("intent").orElse("run")));
            case "pressure" ->
                plain(about(document)
                        .orElse(document.values()
                                        .whole("rush")
                                        .map(String::valueOf)
                                        .orElse("any") + " rush"));
            case "formation" -> formation(document, library);
            default -> plain(play(document));
        };
    }

    private static EntryWords whole(Call call, Optional<CallWords> said) {
        Stream<String> inside = call.layers().stream().map(l -> l.document().id());
        return new EntryWords(
                said.map(CallWords::words).orElse(""),
                Stream.of(said.stream().flatMap(s -> s.kinds().stream()), call.meantFor().stream(), inside)
                        .flatMap(s -> s)
                        .toList());
    }

    private static EntryWords formation(Document document, Library library) {
        Features features =
                library.formation(document.id()).features(library.vocabulary().convention());
        String family = document.text("family").orElse("our own");
        boolean eleven = library.formation(document.id()).players() == 11;
        return new EntryWords(
                (eleven ? features.personnel() + " personnel, " : "") + features.receivers() + "; " + family,
                List.of(features.personnel(), features.receivers(), family));
    }

    private static String play(Document document) {
        return switch (document.kind()) {
            case "run" ->
                point(text(document, "point")) + ", "
                        + document.values()
                                .part("ball")
                                .flatMap(b -> b.text("carrier"))
                                .orElse("");
            case "pass" -> document.text("attacks").map(a -> "attacks " + a).orElse("own");
            case "option" -> "with " + text(document, "run") + ", reads " + text(document, "reads");
            case "protection" -> "stay: " + String.join(", ", document.values().texts("stay"));
            case "routes" ->
                document.values().part("routes").map(r -> r.all().size()).orElse(0) + " routes";
            default -> document.text("family").orElse("own");
        };
    }

    private static EntryWords plain(String words) {
        return new EntryWords(words, List.of());
    }

    private static String text(Document document, String key) {
        return document.text(key).orElse("");
    }

    /** The first sentence of what its author wrote about it. */
    private static Optional<String> about(Document document) {
        return document.text("about")
                .map(a -> a.contains(". ") ? a.substring(0, a.indexOf(". ")) : a.replaceAll("\\.$", ""));
    }

    private static String point(String letter) {
        return letter.length() == 1 ? letter + " gap" : letter;
    }
}
