package mensch.app.report;

import java.security.Principal;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import mensch.app.bounds.Paged;
import mensch.app.grading.Correction;
import mensch.app.grading.GradedPlay;
import mensch.app.grading.GradedPlays;
import mensch.app.grading.RepRow;
import mensch.app.playbook.Playbook;
import mensch.app.problem.Problem;
import mensch.app.roster.RosterBook;
import mensch.core.front.Role;
import mensch.core.grading.Rep;
import mensch.core.library.Library;
import mensch.core.report.Graded;
import mensch.core.report.ManSheet;
import mensch.core.report.OnPlay;
import mensch.core.report.Score;
import mensch.core.report.Tallied;
import mensch.core.report.Unit;
import mensch.core.report.UnitSheet;
import mensch.core.roster.Player;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the grades of men add up to: always "n of m" of the plays graded, never a rate of hand-picked ones. */
@Service
@Transactional(readOnly = true)
public class Reports {
    /** Plays of a man that are shown before anybody asks for more. */
    private static final int NEWEST = 12;

    /** A man's play, as one coach marked it. */
    record PlayOfMan(long game, String opponent, long play, int number, RepRow rep) {
        static PlayOfMan of(GradedPlay word) {
            return new PlayOfMan(
                    word.at().game(), word.opponent(), word.play(), word.at().number(), word.words());
        }
    }

    /**
     * Who a man is.
     *
     * @param man player of the roster, or the seat where nobody said who played it
     * @param number on his shirt, as the roster has it
     * @param seats that he was graded at
     * @param unit that he belongs to, by his first seat
     */
    record Who(String man, String name, @Nullable Integer number, List<String> seats, Unit unit) {}

    /**
     * A man and what his grades add up to.
     *
     * @param plays that he was graded in, each once
     * @param facets that were marked, in the order they are marked in
     * @param newest his last plays, the newest game first
     */
    record GradedMan(Who who, int plays, Score score, List<Tallied> facets, List<PlayOfMan> newest) {}

    /** What he was shown and told on a play. */
    record Corrected(OnPlay at, String opponent, Correction correction) {}

    /**
     * A man's report.
     *
     * @param corrections that were said, the newest first
     */
    record ManPage(Who who, ManSheet sheet, List<Corrected> corrections) {}

    /**
     * A unit's report.
     *
     * @param men of it, by name
     */
    record UnitPage(Unit unit, UnitSheet sheet, List<GradedMan> men) {}

    private final GradedPlays graded;
    private final Playbook playbook;
    private final RosterBook roster;

    Reports(GradedPlays graded, Playbook playbook, RosterBook roster) {
        this.graded = graded;
        this.playbook = playbook;
        this.roster = roster;
    }

    /** Everybody who was graded, by name. */
    List<GradedMan> men() {
        return men(graded.words(), graded.all(), playbook.library(), r -> true);
    }

    private List<GradedMan> men(List<GradedPlay> words, Graded all, Library library, Predicate<Rep> which) {
        Map<String, List<GradedPlay>> byMan = words.stream()
                .filter(w -> which.test(w.rep()))
                .collect(Collectors.groupingBy(w -> w.rep().man(), LinkedHashMap::new, Collectors.toList()));
        return byMan.entrySet().stream()
                .map(m -> {
                    ManSheet sheet = ManSheet.of(
                            m.getKey(),
                            all,
                            library.rubrics(),
                            library.vocabulary().convention());
                    return new GradedMan(
                            who(m.getKey(), m.getValue(), library),
                            sheet.plays(),
                            sheet.score(),
                            sheet.facets(),
                            m.getValue().stream()
                                    .limit(NEWEST)
                                    .map(PlayOfMan::of)
                                    .toList());
                })
                .sorted(Comparator.comparing(m -> m.who().name()))
                .toList();
    }

    private Who who(String man, List<GradedPlay> words, Library library) {
        Optional<Player> player = roster.player(man);
        List<String> jobs = words.stream().map(w -> w.words().job()).distinct().toList();
        return new Who(
                man,
                player.map(Player::name).orElseGet(() -> library.said(man)),
                player.map(Player::number).orElse(null),
                jobs.stream().map(library::said).toList(),
                jobs.stream().findFirst().map(j -> unit(j, library)).orElse(Unit.ALL));
    }

    private static Unit unit(String job, Library library) {
        return library.role(job)
                .map(Role::body)
                .flatMap(body -> List.of(Unit.LINE, Unit.BACKERS, Unit.SECONDARY).stream()
                        .filter(u -> u.has(body))
                        .findFirst())
                .orElse(Unit.ALL);
    }

    /** All plays of one man that were graded, the newest game first. */
    Paged<PlayOfMan> ofMan(String man, int page) {
        Paged<GradedPlay> words = graded.ofMan(man, page);
        return new Paged<>(
                words.items().stream().map(PlayOfMan::of).toList(), words.page(), words.pages(), words.total());
    }

    /** Whom each graded game was against. */
    Map<Long, String> opponents() {
        return graded.words().stream().collect(Collectors.toMap(w -> w.at().game(), GradedPlay::opponent, (a, b) -> a));
    }

    /** The same, all of them. */
    List<PlayOfMan> everyPlay(String man) {
        return graded.words().stream()
                .filter(w -> w.rep().man().equals(man))
                .map(PlayOfMan::of)
                .toList();
    }

    /** @throws Problem when he was never graded */
    ManPage man(String man) {
        return page(man).orElseThrow(() -> Problem.notFound("a grade of " + man));
    }

    private Optional<ManPage> page(String man) {
        List<GradedPlay> his =
                graded.words().stream().filter(w -> w.rep().man().equals(man)).toList();
        if (his.isEmpty()) {
            return Optional.empty();
        }
        Library library = playbook.library();
        return Optional.of(new ManPage(
                who(man, his, library),
                ManSheet.of(
                        man,
                        graded.all(),
                        library.rubrics(),
                        library.vocabulary().convention()),
                his.stream()
                        .filter(w -> w.words().correction() != null)
                        .map(w -> new Corrected(w.at(), w.opponent(), w.words().correction()))
                        // two coaches may have said the same
                        .distinct()
                        .toList()));
    }

    /** The man who signs in so, and nobody else; none when no coach has said who that is or graded him. */
    Optional<ManPage> mine(Principal by) {
        return roster.manOf(by.getName()).flatMap(p -> page(p.id()));
    }

    UnitPage unit(Unit unit) {
        Library library = playbook.library();
        List<GradedPlay> words = graded.words();
        Map<String, Unit> units = words.stream()
                .collect(Collectors.groupingBy(w -> w.rep().man(), LinkedHashMap::new, Collectors.toList()))
                .entrySet()
                .stream()
                .collect(Collectors.toMap(
                        Map.Entry::getKey,
                        m -> who(m.getKey(), m.getValue(), library).unit()));
        Predicate<Rep> belongs = r -> unit == Unit.ALL || units.get(r.man()) == unit;
        Graded all = graded.all();
        return new UnitPage(
                unit,
                UnitSheet.of(
                        all, belongs, library.rubrics(), library.vocabulary().convention()),
                men(words, all, library, belongs));
    }
}
