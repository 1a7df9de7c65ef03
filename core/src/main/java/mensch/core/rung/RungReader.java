package mensch.core.rung;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import mensch.core.document.RefusedException;

/** Reads a whole sentence. Case and articles do not matter. */
public final class RungReader {
    private final Tokens tokens;
    private final RefReader refs;
    private final PlaceReader places;
    private final TaskReader tasks;
    private final Vocabulary vocabulary;

    private RungReader(String sentence, Vocabulary vocabulary) {
        this.tokens = new Tokens(sentence);
        this.vocabulary = vocabulary;
        this.refs = new RefReader(tokens, vocabulary);
        this.places = new PlaceReader(tokens, refs);
        this.tasks = new TaskReader(tokens, refs);
    }

    /** @throws SentenceException naming the word, its place and what may follow */
    public static Rung read(RungId id, String sentence, Vocabulary vocabulary) {
        return new RungReader(sentence, vocabulary).rung(id);
    }

    /** A condition alone, as in the motion answers of a call. */
    public static Condition readCondition(String sentence, Vocabulary vocabulary) {
        var reader = new RungReader(sentence, vocabulary);
        Condition condition = new ConditionReader(reader.tokens, reader.refs, vocabulary).condition();
        reader.end("and", "or");
        return condition;
    }

    /** An alignment phrase alone. */
    public static Phrase readPhrase(String words, Vocabulary vocabulary) {
        var reader = new RungReader(words, vocabulary);
        Phrase phrase = reader.places.place();
        reader.end();
        return phrase;
    }

    /** A man alone, as plays name him. */
    public static Ref readMan(String words, Vocabulary vocabulary) {
        var reader = new RungReader(words, vocabulary);
        Ref ref = reader.refs.keyMan();
        reader.end();
        return ref;
    }

    /** Parts without a condition, as in the reactions of a read table. */
    public static List<Gives> readParts(String words, Vocabulary vocabulary) {
        return new RungReader(words, vocabulary).parts("\"" + words + "\"");
    }

    private Rung rung(RungId id) {
        Condition when = new Condition.Always();
        if (tokens.accept("when")) {
            when = new ConditionReader(tokens, refs, vocabulary).condition();
            tokens.require(":");
        }
        return new Rung(id, when, parts(id.toString()));
    }

    private List<Gives> parts(String of) {
        var gives = new ArrayList<Gives>();
        do {
            Gives part = part();
            if (gives.stream().anyMatch(g -> g.part() == part.part())) {
                throw new RefusedException(of + " names " + part.part().words() + " twice; one rung gives a part once");
            }
            gives.add(part);
        } while (tokens.accept(";"));
        end();
        return gives;
    }

    private void end(String... more) {
        if (!tokens.atEnd()) {
            for (String word : more) {
                tokens.expect(word);
            }
            tokens.expect("the end");
            throw tokens.failure();
        }
    }

    private Gives part() {
        if (tokens.accept("show")) {
            return new Gives.Show(tokens.accept("none") ? null : places.place());
        }
        if (tokens.accept("align")) {
            return new Gives.Align(places.place());
        }
        if (tokens.accept("stance")) {
            return new Gives.Stance(oneOf(Vocabulary.STANCES));
        }
        if (tokens.accept("key")) {
            return new Gives.Keys(key());
        }
        if (tokens.accept("move")) {
            return new Gives.Moves(move());
        }
        return job();
    }

    private Gives job() {
        if (tokens.accept("reads")) {
            return new Gives.ReadTable(oneOf(vocabulary.readTables().keySet()));
        }
        if (tokens.accept("run")) {
            return new Gives.Run(tasks.run());
        }
        if (tokens.accept("pass")) {
            return new Gives.Pass(tasks.pass());
        }
        tokens.require("technique");
        return new Gives.Checklist(oneOf(vocabulary.techniques()));
    }

    private Move move() {
        if (tokens.accept("none")) {
            return Move.NONE;
        }
        Move.Verb verb = null;
        for (Move.Verb one : Move.Verb.values()) {
            verb = verb == null && tokens.accept(one.words()) ? one : verb;
        }
        if (verb == null) {
            throw tokens.failure();
        }
        if (!tokens.accept("to")) {
            return new Move(verb, null, null, order());
        }
        Optional<GapWord> gap = tasks.gap();
        Move.Aim aim = gap.isPresent() ? null : aim();
        return new Move(verb, gap.orElse(null), aim, order());
    }

    private Move.Aim aim() {
        double yards = refs.yards();
        tokens.require("outside");
        return new Move.Aim(yards, refs.keyMan());
    }

    private int order() {
        if (!tokens.accept(",")) {
            return 0;
        }
        for (int i = 1; i < Move.ORDER.length; i++) {
            if (tokens.accept(Move.ORDER[i])) {
                return i;
            }
        }
        throw tokens.failure();
    }

    private Key key() {
        var men = new ArrayList<Ref>();
        do {
            men.add(refs.keyMan());
        } while (tokens.accept("then"));
        var ignored = new ArrayList<Ref>();
        if (tokens.accept("ignore")) {
            do {
                ignored.add(refs.keyMan());
            } while (tokens.accept(","));
        }
        return new Key(men, ignored);
    }

    private String oneOf(Collection<String> allowed) {
        for (String word : allowed.stream().sorted().toList()) {
            if (tokens.accept(word)) {
                return word;
            }
        }
        throw tokens.failure();
    }
}
