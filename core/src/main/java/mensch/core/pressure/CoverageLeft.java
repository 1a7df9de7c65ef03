package mensch.core.pressure;

import java.util.Collections;
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
import mensch.core.front.Front;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.play.Plays;
import mensch.core.sheet.CallWords;
import mensch.core.sheet.PassKind;

/**
 * A coverage behind a pressure, against one snap.
 *
 * @param coverage the document
 * @param carried whether the front says that it carries it
 * @param behind what the others are
 * @param words what the call is on this snap, in the trade's words
 * @param found busts and weaknesses, worst first
 */
public record CoverageLeft(
        Call call, Document coverage, boolean carried, Behind behind, String words, List<Finding> found) {
    /** What a call is called that is only tried. */
    private static final String TRIED = "tried-pressure";

    private static final int MEN = 11;

    /** How many come, and what the others are. */
    public record Behind(int rush, int man, int deep, int under, int idle) {
        static Behind of(Lineup lineup) {
            var kinds =
                    lineup.jobs().stream().map(j -> PassKind.of(j.passTask())).toList();
            return new Behind(
                    Collections.frequency(kinds, PassKind.RUSH),
                    Collections.frequency(kinds, PassKind.MAN),
                    Collections.frequency(kinds, PassKind.DEEP),
                    Collections.frequency(kinds, PassKind.UNDER),
                    Collections.frequency(kinds, PassKind.NONE));
        }

        public int cover() {
            return MEN - rush;
        }

        /**
         * Whether so many are sent with this behind them as a rule: four with anything, five with one free behind men
         * or with three under three or four under two, six with nobody deep behind men (handbook 3, preferred pairs).
         */
        public boolean usual() {
            return switch (rush) {
                case 5 -> man >= MAN ? deep == 1 : deep == 3 && under == 3 || deep == 2 && under == 4;
                case 6 -> man >= MAN && deep == 0;
                default -> rush <= 4;
            };
        }

        /** With so many men on men it is man, and the rest help. */
        private static final int MAN = 3;
    }

    public CoverageLeft {
        found = List.copyOf(found);
    }

    public int busts() {
        return (int) found.stream().filter(f -> f.severity() == Severity.BUST).count();
    }

    public int weak() {
        return found.size() - busts();
    }

    /**
     * Every coverage that the front can play with this pressure over it, those first behind which nothing is given for
     * nothing; of these what is usual behind so many, then where the least is weak, then what the front carries. A
     * coverage in which a man has nothing against the pass is none.
     *
     * @param pressure not of the library yet
     * @param plays what the offence runs at each
     */
    public static List<CoverageLeft> of(Library library, Front front, Document pressure, Snap snap, Plays plays) {
        List<String> carries = front.carries();
        // each is lined up and audited by itself
        return library.kind("coverage").parallelStream()
                .flatMap(coverage -> composed(library, front.document(), coverage, pressure)
                        .map(call -> left(call, coverage, carries.contains(coverage.id()), snap, plays)))
                .filter(c -> c.behind().idle() == 0)
                .sorted(Comparator.comparingInt(CoverageLeft::busts)
                        .thenComparing(c -> !c.behind().usual())
                        .thenComparing(CoverageLeft::weak)
                        .thenComparing(c -> !c.carried()))
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

    private static CoverageLeft left(Call call, Document coverage, boolean carried, Snap snap, Plays plays) {
        Lineup lineup = Lineup.of(call, snap);
        List<Finding> found = Audit.of(new Subject(lineup, plays, List.of())).stream()
                .filter(f -> f.severity().compareTo(Severity.NOTE) < 0)
                .toList();
        return new CoverageLeft(
                call, coverage, carried, Behind.of(lineup), CallWords.of(lineup).words(), found);
    }
}
