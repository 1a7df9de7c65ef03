package mensch.core.library;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import mensch.core.call.Call;
import mensch.core.call.CallAssembly;
import mensch.core.call.CallReader;
import mensch.core.convention.Chosen;
import mensch.core.convention.Convention;
import mensch.core.convention.Figures;
import mensch.core.convention.House;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.document.Shipped;
import mensch.core.document.Yaml;
import mensch.core.front.Role;
import mensch.core.front.Sits;
import mensch.core.play.PlayReader;
import mensch.core.play.Plays;
import mensch.core.rubric.Rubric;
import mensch.core.rung.Checklist;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Vocabulary;

/** Documents by kind and id, and what can be made of them. Immutable. */
public final class Library {
    /** Kinds that no rule leans on. */
    private static final Set<String> OFFENCE = Set.of("formation", "run", "pass", "option", "protection", "routes");

    private static final String INDEX = "/library/index.txt";

    private final List<Document> documents;
    private final Vocabulary vocabulary;
    private final Map<String, LibraryFormation> formations = new LinkedHashMap<>();
    private final Map<String, Call> calls = new LinkedHashMap<>();
    private final Map<String, Checklist> checklists = new LinkedHashMap<>();
    private final List<Rubric> rubrics;
    private final Chosen chosen;
    private final Plays plays;

    private Library(List<Document> documents, Chosen chosen) {
        this.documents = List.copyOf(documents);
        this.chosen = chosen;
        var house = new House(of("setting").map(SchoolReader::setting).toList(), chosen);
        var convention = Convention.of(
                house,
                Figures.of(documents),
                of("dictionary").map(SchoolReader::dictionary).toList());
        var words = new Vocabulary(convention, Map.of(), ids("technique"));
        Map<String, ReadTable> readTables = new LinkedHashMap<>();
        of("reads").forEach(d -> readTables.put(d.id(), ReadTable.read(d, words)));
        this.vocabulary = words.withReadTables(readTables);
        of("technique").forEach(d -> checklists.put(d.id(), Checklist.read(d, vocabulary)));
        this.rubrics =
                of("rubric").map(d -> Rubric.read(d, checklists.keySet())).toList();
        Rubric.check(rubrics);
        this.plays = PlayReader.read(documents, vocabulary);
        of("formation").forEach(d -> formations.put(d.id(), LibraryFormation.read(d)));
        of("call").forEach(d -> calls.put(d.id(), CallReader.read(CallAssembly.whole(d, this::named), 0, vocabulary)));
        vocabulary.complete();
    }

    /** The same rules against another offence: only formations and plays are read anew. */
    private Library(Library rules, List<Document> documents) {
        this.documents = List.copyOf(documents);
        this.chosen = rules.chosen;
        this.vocabulary = rules.vocabulary;
        checklists.putAll(rules.checklists);
        this.rubrics = rules.rubrics;
        calls.putAll(rules.calls);
        this.plays = PlayReader.read(documents, vocabulary);
        of("formation").forEach(d -> formations.put(d.id(), LibraryFormation.read(d)));
    }

    /** What ships with the product. */
    public static Library shipped() {
        var documents = new ArrayList<Document>();
        for (String file : Shipped.text(INDEX).lines().filter(l -> !l.isBlank()).toList()) {
            documents.addAll(Yaml.read(file, Shipped.text("/library/" + file.trim())));
        }
        return of(documents);
    }

    /** A library of nothing but these documents. */
    static Library of(List<Document> documents) {
        oneOfAName(documents);
        return new Library(Carried.whole(documents), Chosen.NOTHING);
    }

    /** Two documents of one name would hide each other; a call names its layers without their kind. */
    private static void oneOfAName(List<Document> documents) {
        var seen = new HashSet<String>();
        for (Document one : documents) {
            String kind = CallAssembly.LAYER_KINDS.contains(one.kind()) ? "layer" : one.kind();
            if (!seen.add(kind + " " + one.id())) {
                throw DocumentException.of(one.id(), "id", "there are two of this name");
            }
        }
    }

    /** This library with more documents; one of the same kind and id takes the place of the old. */
    public Library with(List<Document> more) {
        var all = new ArrayList<>(documents);
        all.removeIf(d -> more.stream().anyMatch(m -> m.kind().equals(d.kind()) && m.id().equals(d.id())));
        all.addAll(more);
        return more.stream().allMatch(d -> OFFENCE.contains(d.kind()))
                ? new Library(this, all)
                : new Library(Carried.written(all), chosen);
    }

    /**
     * The same documents read by a programme that chose otherwise; what it does not name stands as it ships.
     *
     * @throws RefusedException naming what is no choice, no figure, or out of a figure's bounds
     */
    public Library choosing(Chosen chosen) {
        return new Library(documents, chosen);
    }

    /** The same, of one that measures by what ships. */
    public Library choosing(Map<String, String> schools) {
        return choosing(new Chosen(schools, Map.of()));
    }

    private Set<String> ids(String kind) {
        var ids = new LinkedHashSet<String>();
        documents.stream().filter(d -> d.kind().equals(kind)).forEach(d -> ids.add(d.id()));
        return ids;
    }

    private Stream<Document> of(String kind) {
        return documents.stream().filter(d -> d.kind().equals(kind));
    }

    /** The document of one of these kinds. */
    public Optional<Document> named(List<String> kinds, String id) {
        return documents.stream()
                .filter(d -> d.id().equals(id) && kinds.contains(d.kind()))
                .findFirst();
    }

    /** @throws RefusedException naming the calls there are */
    public Call call(String id) {
        Call call = calls.get(id);
        if (call == null) {
            throw new RefusedException(
                    "there is no call \"" + id + "\"; the library has " + String.join(", ", calls.keySet()));
        }
        return call;
    }

    /** @throws RefusedException naming the formations there are */
    public LibraryFormation formation(String id) {
        LibraryFormation formation = formations.get(id);
        if (formation == null) {
            throw new RefusedException(
                    "there is no formation \"" + id + "\"; the library has " + String.join(", ", formations.keySet()));
        }
        return formation;
    }

    public List<Call> calls() {
        return List.copyOf(calls.values());
    }

    /** Formations of as many men as a call's front. */
    public List<LibraryFormation> formationsFor(Call call) {
        return formations.values().stream()
                .filter(f -> f.players() == call.front().players())
                .toList();
    }

    public List<LibraryFormation> formations() {
        return List.copyOf(formations.values());
    }

    /** What a man does on each message of his key, by the id that rungs name. */
    public Optional<ReadTable> readTable(String id) {
        return Optional.ofNullable(vocabulary.readTables().get(id));
    }

    /** What a technique is taught by, by the id that rungs name. */
    public Optional<Checklist> checklist(String id) {
        return Optional.ofNullable(checklists.get(id));
    }

    /** What techniques are graded by, in library order. */
    public List<Rubric> rubrics() {
        return rubrics;
    }

    /** Techniques that rungs may give a man, in library order. */
    public List<Checklist> techniques() {
        return checklists.values().stream().filter(c -> c.of().isEmpty()).toList();
    }

    /** How a pass job is played, by its words, as in "deep half" or "man inside alone". */
    public Optional<Checklist> checklistOf(String passJob) {
        return checklists.values().stream()
                .filter(c -> c.of().contains(passJob))
                .findFirst();
    }

    /** A document of a kind by id. */
    public Optional<Document> find(String kind, String id) {
        return documents.stream()
                .filter(d -> d.kind().equals(kind) && d.id().equals(id))
                .findFirst();
    }

    /** A job by its id as coaches say it: {@code corner-left} of any front is the corner left. */
    public String said(String job) {
        return role(job)
                .map(r -> r.words() + job.substring(r.id().length()).replace('-', ' '))
                .orElse(job.replace('-', ' '));
    }

    /** The role of a job of whatever call, by the job's id. */
    public Optional<Role> role(String job) {
        return calls.values().stream()
                .flatMap(c -> c.front().roles().stream())
                .filter(r -> job.equals(r.id()) || r.sits() == Sits.EACH_SIDE && job.startsWith(r.id() + "-"))
                .findFirst();
    }

    public List<Document> documents() {
        return documents;
    }

    /** Every document of a kind, in library order. */
    public List<Document> kind(String kind) {
        return of(kind).toList();
    }

    /** A call made of documents of this library, read and checked. @throws DocumentException with every fault */
    public Call compose(Document call) {
        return CallReader.read(CallAssembly.whole(Carried.written(call, documents), this::named), 0, vocabulary);
    }

    /** The same, when one of its documents is not of this library yet. */
    public Call compose(Document call, Document more) {
        CallAssembly.Documents found = (kinds, id) ->
                kinds.contains(more.kind()) && id.equals(more.id()) ? Optional.of(more) : named(kinds, id);
        return CallReader.read(CallAssembly.whole(Carried.written(call, documents), found), 0, vocabulary);
    }

    /** The offence's runs, passes, options and protections. */
    public Plays plays() {
        return plays;
    }

    /** What the programme chose, with every setting there is. */
    public House house() {
        return vocabulary.convention().house();
    }

    public Vocabulary vocabulary() {
        return vocabulary;
    }
}
