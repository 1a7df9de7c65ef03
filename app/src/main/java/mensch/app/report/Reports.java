package mensch.app.report;

import java.security.Principal;
import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
import mensch.core.grading.Topic;
import mensch.core.library.Library;
import mensch.core.report.Graded;
import mensch.core.report.ManSheet;
import mensch.core.report.OnPlay;
import mensch.core.report.Score;
import mensch.core.report.Snaps;
import mensch.core.report.Tallied;
import mensch.core.report.Unit;
import mensch.core.report.UnitSheet;
import mensch.core.roster.Player;
import mensch.core.rubric.Facet;
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
                    word.at().game(),
                    word.at().opponent(),
                    word.play(),
                    word.at().number(),
                    word.words());
        }
    }

    /**
     * Who a man is.
     *
     * @param man player of the roster, or the seat where nobody said who played it
     * @param number on his shirt, as the roster has it
     * @param seats that he was graded at
     * @param unit that he belongs to, by his first seat
     * @param alias what he is called on what others than his coaches may read; null when it is his name
     */
    record Who(
            String man,
            String name,
            @Nullable Integer number,
            List<String> seats,
            Unit unit,
            @Nullable String alias) {

        /** As others than his coaches may read it: by his alias, which no number gives away. */
        Who abroad() {
            return alias == null ? this : new Who(man, alias, null, seats, unit, null);
        }

        /** As a coach points at him: {@code 54 Haskett}. */
        String said() {
            return number == null ? name : number + " " + name;
        }
    }

    /** A coach's word of a man on a play. */
    record Row(Who who, PlayOfMan play) {}

    /**
     * A man and what his grades add up to.
     *
     * @param snaps plays that he was on the field for
     * @param plays that he was graded in, each once
     * @param facets that were marked, in the order they are marked in
     * @param newest his last plays, the newest game first
     */
    record GradedMan(Who who, Snaps snaps, int plays, Score score, List<Tallied> facets, List<PlayOfMan> newest) {
        GradedMan called(UnaryOperator<Who> by) {
            return new GradedMan(by.apply(who), snaps, plays, score, facets, newest);
        }
    }

    /** What he was shown and told on a play. */
    record Corrected(OnPlay at, Correction correction) {}

    /**
     * A man's report.
     *
     * @param corrections that were said, the newest first
     */
    record ManPage(Who who, ManSheet sheet, List<Corrected> corrections) {
        ManPage abroad() {
            return new ManPage(who.abroad(), sheet, corrections);
        }
    }

    /** Who was on the field. */
    record Fielded(String man, String said, Snaps snaps) {}

    /**
     * @param facets that somebody was marked in, in the order they are marked in
     * @param notGraded men who were on the field and never graded, the most plays first
     */
    record GradedMen(List<Facet> facets, List<GradedMan> men, List<Fielded> notGraded) {}

    /**
     * A unit's report.
     *
     * @param facets that somebody of it was marked in, in the order they are marked in
     * @param men of it, by name
     * @param names of everybody who was graded, by man: on a play others may have lost their jobs too
     */
    record UnitPage(Unit unit, UnitSheet sheet, List<Facet> facets, List<GradedMan> men, Map<String, String> names) {}

    private final GradedPlays graded;
    private final Playbook playbook;
    private final RosterBook roster;

    Reports(GradedPlays graded, Playbook playbook, RosterBook roster) {
        this.graded = graded;
        this.playbook = playbook;
        this.roster = roster;
    }

    /** Everybody who was graded, by name. */
    GradedMen men() {
        GradedPlays.Everything all = graded.everything();
        Library library = playbook.library();
        List<GradedMan> men = men(all, library, r -> true);
        return new GradedMen(facets(all.graded()), men, notGraded(all.graded(), men, library));
    }

    private List<Fielded> notGraded(Graded all, List<GradedMan> men, Library library) {
        Set<String> graded = men.stream().map(m -> m.who().man()).collect(Collectors.toSet());
        return Snaps.all(all.field()).entrySet().stream()
                .filter(s -> !graded.contains(s.getKey()))
                .map(s -> new Fielded(
                        s.getKey(),
                        roster.player(s.getKey()).map(Player::said).orElseGet(() -> library.said(s.getKey())),
                        s.getValue()))
                .sorted(Comparator.comparing((Fielded f) -> -f.snaps().plays()).thenComparing(Fielded::said))
                .toList();
    }

    /** Those that somebody was marked in, in the order they are marked in. */
    private static List<Facet> facets(Graded graded) {
        Set<Topic> marked = graded.counts().keySet();
        return Arrays.stream(Facet.values())
                .filter(f -> marked.contains(Topic.of(f)))
                .toList();
    }

    private List<GradedMan> men(GradedPlays.Everything all, Library library, Predicate<Rep> which) {
        return byMan(all.words()).values().stream()
                .filter(his -> which.test(his.get(0).rep()))
                .map(his -> man(his, all.graded(), library))
                .sorted(Comparator.comparing(m -> m.who().name()))
                .toList();
    }

    private static Map<String, List<GradedPlay>> byMan(List<GradedPlay> words) {
        return words.stream()
                .collect(Collectors.groupingBy(w -> w.rep().man(), LinkedHashMap::new, Collectors.toList()));
    }

    private GradedMan man(List<GradedPlay> his, Graded all, Library library) {
        Who who = who(his, library);
        ManSheet sheet = ManSheet.of(
                who.man(), all, library.rubrics(), library.vocabulary().convention());
        return new GradedMan(
                who,
                sheet.snaps(),
                sheet.plays(),
                sheet.score(),
                sheet.facets(),
                his.stream().limit(NEWEST).map(PlayOfMan::of).toList());
    }

    private Who who(List<GradedPlay> his, Library library) {
        String man = his.get(0).rep().man();
        Optional<Player> player = roster.player(man);
        List<String> jobs = his.stream().map(w -> w.words().job()).distinct().toList();
        return new Who(
                man,
                player.map(Player::name).orElseGet(() -> library.said(man)),
                player.map(Player::number).orElse(null),
                jobs.stream().map(library::said).toList(),
                jobs.stream().findFirst().map(j -> unit(j, library)).orElse(Unit.ALL),
                player.map(Player::alias).orElse(null));
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

    /** @throws Problem when he was never graded */
    ManPage man(String man) {
        return page(man).orElseThrow(() -> Problem.notFound("a grade of " + man));
    }

    private Optional<ManPage> page(String man) {
        GradedPlays.Everything all = graded.everything();
        List<GradedPlay> his = byMan(all.words()).getOrDefault(man, List.of());
        if (his.isEmpty()) {
            return Optional.empty();
        }
        Library library = playbook.library();
        return Optional.of(new ManPage(
                who(his, library),
                ManSheet.of(
                        man,
                        all.graded(),
                        library.rubrics(),
                        library.vocabulary().convention()),
                his.stream()
                        .filter(w -> w.words().correction() != null)
                        .map(w -> new Corrected(w.at(), w.words().correction()))
                        // two coaches may have said the same
                        .distinct()
                        .toList()));
    }

    /** The man who signs in so, and nobody else; none when no coach has said who that is or graded him. */
    Optional<ManPage> mine(Principal by) {
        return roster.manOf(by.getName()).flatMap(p -> page(p.id())).map(ManPage::abroad);
    }

    UnitPage unit(Unit unit) {
        return unit(unit, who -> who);
    }

    /** As others than the coaches may read it. */
    UnitPage unitAbroad(Unit unit) {
        return unit(unit, Who::abroad);
    }

    private UnitPage unit(Unit unit, UnaryOperator<Who> called) {
        Library library = playbook.library();
        GradedPlays.Everything all = graded.everything();
        Map<String, Who> men = byMan(all.words()).entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, m -> who(m.getValue(), library)));
        Predicate<Rep> belongs = r -> unit == Unit.ALL
                || Optional.ofNullable(men.get(r.man()))
                        .filter(w -> w.unit() == unit)
                        .isPresent();
        UnitSheet sheet = UnitSheet.of(
                all.graded(), belongs, library.rubrics(), library.vocabulary().convention());
        return new UnitPage(
                unit,
                sheet,
                facets(all.graded().where(belongs)),
                men(all, library, belongs).stream().map(m -> m.called(called)).toList(),
                men.values().stream()
                        .collect(Collectors.toMap(Who::man, w -> called.apply(w).said())));
    }

    /** What a file about a man is called. */
    String fileOf(String man) {
        return roster.player(man).map(Player::alias).orElse(man);
    }

    /**
     * Every word of men, as a table has them.
     *
     * @param which whose
     */
    List<Row> rows(Predicate<Who> which) {
        Library library = playbook.library();
        return byMan(graded.everything().words()).values().stream()
                .flatMap(his -> {
                    Who who = who(his, library);
                    return which.test(who) ? his.stream().map(w -> new Row(who, PlayOfMan.of(w))) : Stream.<Row>empty();
                })
                .toList();
    }
}
