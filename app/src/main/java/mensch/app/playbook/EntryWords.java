package mensch.app.playbook;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.document.Document;
import mensch.core.field.Code;
import mensch.core.formation.Features;
import mensch.core.library.Library;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import mensch.core.play.Protection;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.sheet.CallWords;
import mensch.core.sheet.PlayInWords;
import org.jspecify.annotations.Nullable;

/**
 * What a document of the playbook is, beside its name.
 *
 * @param summary in the trade's words
 * @param family what it stands together with; empty when its kind is one family
 * @param kinds what such a thing is called wherever the game is played, for finding it
 */
record EntryWords(String summary, List<String> kinds, String family) {
    private static final int ELEVEN = Code.HIGH_SCHOOL.players();

    /** @param call the call itself, or the first one that the document is in; null when there is none */
    static EntryWords of(Document document, @Nullable Call call, Library library) {
        return switch (document.kind()) {
            case "call" -> {
                Call whole = call == null ? library.call(document.id()) : call;
                yield whole(whole, CallWords.of(whole, library));
            }
            case "coverage" -> coverage(document, Optional.ofNullable(call).flatMap(c -> CallWords.of(c, library)));
            case "front" -> front(document);
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
            default -> play(document, library);
        };
    }

    /** Fronts of the eleven-man game apart from those of flag. */
    private static EntryWords front(Document document) {
        int players = document.values().whole("players").orElse(ELEVEN);
        List<String> kinds = players == ELEVEN ? List.of("eleven men") : List.of("flag", players + " men");
        return new EntryWords(
                about(document).orElse("call side: " + text(document, "call side")),
                kinds,
                capital(String.join(", ", kinds)));
    }

    private static EntryWords whole(Call call, Optional<CallWords> said) {
        Stream<String> inside = call.layers().stream().map(l -> l.document().id());
        return new EntryWords(
                said.map(CallWords::words).orElse(""),
                Stream.of(said.stream().flatMap(s -> s.kinds().stream()), call.meantFor().stream(), inside)
                        .flatMap(s -> s)
                        .toList(),
                said.map(CallWords::family).orElse("Other"));
    }

    private static EntryWords formation(Document document, Library library) {
        Features features =
                library.formation(document.id()).features(library.vocabulary().convention());
        String family = document.text("family").orElse("our own");
        boolean eleven = library.formation(document.id()).players() == ELEVEN;
        return new EntryWords(
                (eleven ? features.personnel() + " personnel, " : "") + features.receivers(),
                List.of(features.personnel(), features.receivers(), family),
                capital(family));
    }

    private static EntryWords coverage(Document document, Optional<CallWords> said) {
        return new EntryWords(
                about(document).orElse("cover side: " + text(document, "cover side")),
                said.map(CallWords::kinds).orElse(List.of()),
                said.map(s -> s.kinds().get(0)).map(EntryWords::capital).orElse("Other"));
    }

    private static EntryWords play(Document document, Library library) {
        Plays plays = library.plays();
        var clock = library.vocabulary().convention().routes().clock();
        Optional<PlayInWords> said = switch (document.kind()) {
            case "run" -> named(plays.runs(), Run::id, document).map(PlayInWords::of);
            case "pass" -> named(plays.passes(), Pass::id, document).map(p -> PlayInWords.of(p, clock));
            case "option" -> named(plays.options(), RunPass::id, document).map(PlayInWords::of);
            case "protection" ->
                named(plays.protections(), Protection::id, document).map(PlayInWords::of);
            default -> Optional.empty();
        };
        return said.map(s -> new EntryWords(s.words(), List.of(s.family().toLowerCase(Locale.ROOT)), s.family()))
                .orElseGet(() -> plain(document.values()
                                .part("routes")
                                .map(r -> r.all().size())
                                .orElse(0) + " routes"));
    }

    private static <P> Optional<P> named(List<P> plays, Function<P, String> id, Document document) {
        return plays.stream().filter(p -> id.apply(p).equals(document.id())).findFirst();
    }

    private static String capital(String words) {
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static EntryWords plain(String words) {
        return new EntryWords(words, List.of(), "");
    }

    private static String text(Document document, String key) {
        return document.text(key).orElse("");
    }

    /** The first sentence of what its author wrote about it. */
    private static Optional<String> about(Document document) {
        return document.text("about")
                .map(a -> a.contains(". ") ? a.substring(0, a.indexOf(". ")) : a.replaceAll("\\.$", ""));
    }
}
