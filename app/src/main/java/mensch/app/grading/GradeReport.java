package mensch.app.grading;

import java.util.Arrays;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import mensch.app.bounds.Paged;
import mensch.app.playbook.Playbook;
import mensch.app.roster.RosterBook;
import mensch.core.grading.Tally;
import mensch.core.library.Library;
import mensch.core.roster.Player;
import mensch.core.rubric.Facet;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the grades of men add up to: always "n of m" of the plays graded, never a rate of hand-picked ones. */
@Service
@Transactional(readOnly = true)
class GradeReport {
    /** Plays of a man that are shown before anybody asks for more. */
    private static final int NEWEST = 12;

    /**
     * What the marks of one facet add up to.
     *
     * @param done plays to standard or above
     * @param told plays that are the man's own and were told
     * @param percent done of told; null with fewer plays than a share may be named of
     */
    record FacetTally(
            Facet facet,
            int done,
            int told,
            int notSeen,
            int notAgreed,
            int ofTheCall,
            @Nullable Integer percent) {
        static FacetTally of(Facet facet, Tally tally) {
            return new FacetTally(
                    facet,
                    tally.done(),
                    tally.told(),
                    tally.notSeen(),
                    tally.notAgreed(),
                    tally.ofTheCall(),
                    tally.told() < Tally.LEAST_FOR_SHARE ? null : Math.round(100f * tally.done() / tally.told()));
        }
    }

    /** A man's play, as one coach marked it. */
    record PlayOfMan(long game, String opponent, long play, int number, RepRow rep) {
        static PlayOfMan of(PlacedRep placed) {
            return new PlayOfMan(
                    placed.game().id(),
                    placed.game().opponent(),
                    placed.play().id(),
                    placed.play().number(),
                    RepRow.of(placed.rep()));
        }
    }

    /**
     * A man and what his grades add up to.
     *
     * @param man player of the roster, or the seat where nobody said who played it
     * @param number on his shirt, as the roster has it
     * @param seats that he was graded at
     * @param plays that he was graded in, each once
     * @param facets all that there are, in the order they are marked in
     * @param newest his last plays, the newest game first
     */
    record GradedMan(
            String man,
            String name,
            @Nullable Integer number,
            List<String> seats,
            int plays,
            List<FacetTally> facets,
            List<PlayOfMan> newest) {}

    private final GradedReps reps;
    private final Playbook playbook;
    private final RosterBook roster;

    GradeReport(GradedReps reps, Playbook playbook, RosterBook roster) {
        this.reps = reps;
        this.playbook = playbook;
        this.roster = roster;
    }

    /** Everybody who was graded, by name. */
    List<GradedMan> men() {
        Map<String, List<PlacedRep>> byMan = reps.all().stream()
                .collect(Collectors.groupingBy(p -> p.rep().man(), LinkedHashMap::new, Collectors.toList()));
        Library library = playbook.library();
        return byMan.entrySet().stream()
                .map(m -> man(m.getKey(), m.getValue(), library))
                .sorted(Comparator.comparing(GradedMan::name))
                .toList();
    }

    private GradedMan man(String man, List<PlacedRep> plays, Library library) {
        Optional<Player> player = roster.player(man);
        Map<Facet, Tally> tallies =
                Tally.of(plays.stream().map(p -> p.rep().rep()).toList());
        return new GradedMan(
                man,
                player.map(Player::name).orElseGet(() -> library.said(man)),
                player.map(Player::number).orElse(null),
                plays.stream()
                        .map(p -> p.rep().job())
                        .distinct()
                        .map(library::said)
                        .toList(),
                (int) plays.stream().map(p -> p.rep().playId()).distinct().count(),
                Arrays.stream(Facet.values())
                        .map(f -> FacetTally.of(f, tallies.getOrDefault(f, Tally.NONE)))
                        .toList(),
                plays.stream().limit(NEWEST).map(PlayOfMan::of).toList());
    }

    /** All plays of one man that were graded, the newest game first. */
    Paged<PlayOfMan> ofMan(String man, int page) {
        return Paged.of(reps.ofMan(man, Paged.asked(page)), PlayOfMan::of);
    }
}
