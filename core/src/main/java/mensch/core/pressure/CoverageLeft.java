package mensch.core.pressure;

import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.call.CallAssembly;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.RushCount;
import mensch.core.play.Plays;

/**
 * A coverage behind a pressure, against one snap.
 *
 * @param coverage id
 * @param carried whether the front says that it carries it
 * @param rush who comes
 * @param found busts and weaknesses, worst first
 */
public record CoverageLeft(Call call, String coverage, boolean carried, int rush, List<Finding> found) {
    /** What a call is called that is only tried. */
    private static final String TRIED = "tried-pressure";

    private static final int BUST = 10;

    public CoverageLeft {
        found = List.copyOf(found);
    }

    public int busts() {
        return (int) found.stream().filter(f -> f.severity() == Severity.BUST).count();
    }

    public int weak() {
        return found.size() - busts();
    }

    private int cost() {
        return BUST * busts() + weak();
    }

    /**
     * Every coverage that the front can play with this pressure over it, those first behind which the least breaks; of
     * two equal ones first what the front carries.
     *
     * @param pressure not of the library yet
     * @param plays what the offence runs at each
     */
    public static List<CoverageLeft> of(Library library, Document front, Document pressure, Snap snap, Plays plays) {
        List<String> carries = front.values().texts("carries");
        // each is lined up and audited by itself
        return library.kind("coverage").parallelStream()
                .flatMap(coverage -> composed(library, front, coverage, pressure)
                        .map(call -> left(call, coverage.id(), carries.contains(coverage.id()), snap, plays)))
                .sorted(Comparator.comparingInt(CoverageLeft::cost).thenComparing(c -> !c.carried()))
                .toList();
    }

    /** Nothing for a coverage with seats that the front has nobody for. */
    private static Stream<Call> composed(Library library, Document front, Document coverage, Document pressure) {
        try {
            Call call = library.compose(
                    CallAssembly.named(TRIED, "Tried", List.of(front.id(), coverage.id(), pressure.id())), pressure);
            return Stream.of(call);
        } catch (DocumentException e) {
            return Stream.empty();
        }
    }

    private static CoverageLeft left(Call call, String coverage, boolean carried, Snap snap, Plays plays) {
        Lineup lineup = Lineup.of(call, snap);
        List<Finding> found = Audit.of(new Subject(lineup, plays, List.of())).stream()
                .filter(f -> f.severity().compareTo(Severity.NOTE) < 0)
                .toList();
        return new CoverageLeft(
                call, coverage, carried, RushCount.of(lineup).rushes().size(), found);
    }
}
