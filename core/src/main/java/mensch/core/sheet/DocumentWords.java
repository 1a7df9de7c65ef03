package mensch.core.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import mensch.core.audit.Said;
import mensch.core.call.Call;
import mensch.core.document.Document;
import mensch.core.field.Code;
import mensch.core.formation.Features;
import mensch.core.front.Front;
import mensch.core.library.Library;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import mensch.core.play.Protection;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import org.jspecify.annotations.Nullable;

/**
 * What a document of the playbook is, beside its name.
 *
 * @param summary in the trade's words
 * @param family what it stands together with; empty when its kind is one family
 * @param kinds what such a thing is called wherever the game is played, for finding it
 */
public record DocumentWords(String summary, List<String> kinds, String family) {
    private static final int ELEVEN = Code.HIGH_SCHOOL.players();

    /** @param call the call itself, or the first one that the document is in; null when there is none */
    public static DocumentWords of(Document document, @Nullable Call call, Library library) {
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
            case "routes" ->
                plain(document.values().part("routes").map(r -> r.all().size()).orElse(0) + " routes");
            default -> play(document, library);
        };
    }

    /** Fronts of the eleven-man game apart from those of flag. */
    private static DocumentWords front(Document document) {
        int players = Front.players(document);
        List<String> kinds = players == ELEVEN ? List.of("eleven men") : List.of("flag", players + " men");
        return new DocumentWords(
                about(document).orElse("call side: " + text(document, "call side")),
                kinds,
                Said.capital(String.join(", ", kinds)));
    }

    private static DocumentWords whole(Call call, Optional<CallWords> said) {
        Stream<String> inside = call.layers().stream().map(l -> l.document().id());
        return new DocumentWords(
                said.map(CallWords::words).orElse(""),
                Stream.of(said.stream().flatMap(s -> s.kinds().stream()), call.meantFor().stream(), inside)
                        .flatMap(s -> s)
                        .toList(),
                said.map(CallWords::family).orElse("Other"));
    }

    private static DocumentWords formation(Document document, Library library) {
        Features features =
                library.formation(document.id()).features(library.vocabulary().convention());
        String family = document.text("family").orElse("our own");
        boolean eleven = library.formation(document.id()).players() == ELEVEN;
        return new DocumentWords(
                (eleven ? features.personnel() + " personnel, " : "") + features.receivers(),
                List.of(features.personnel(), features.receivers(), family),
                Said.capital(family));
    }

    private static DocumentWords coverage(Document document, Optional<CallWords> said) {
        return new DocumentWords(
                about(document).orElse("cover side: " + text(document, "cover side")),
                said.map(CallWords::kinds).orElse(List.of()),
                said.map(s -> s.kinds().get(0)).map(Said::capital).orElse("Other"));
    }

    private static DocumentWords play(Document document, Library library) {
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
        return said.map(s -> new DocumentWords(s.words(), List.of(s.family().toLowerCase(Locale.ROOT)), s.family()))
                .orElseGet(() -> plain(""));
    }

    private static <P> Optional<P> named(List<P> plays, Function<P, String> id, Document document) {
        return plays.stream().filter(p -> id.apply(p).equals(document.id())).findFirst();
    }

    private static DocumentWords plain(String words) {
        return new DocumentWords(words, List.of(), "");
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
