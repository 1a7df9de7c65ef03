package mensch.core.report;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.offset;

import java.util.List;
import java.util.Map;
import mensch.core.convention.Chosen;
import mensch.core.convention.Convention;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Tackle;
import mensch.core.grading.Topic;
import mensch.core.library.Library;
import mensch.core.rubric.Facet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What many reps come to. */
class ReportTest {
    private static Log games(int doneFirst, int ofFirst, int doneLast, int ofLast) {
        var log = new Log();
        for (int i = 1; i <= ofFirst; i++) {
            log.rep(1, i, "him", i <= doneFirst ? "KEY =" : "KEY -");
        }
        for (int i = 1; i <= ofLast; i++) {
            log.rep(2, i, "him", i <= doneLast ? "KEY +" : "KEY -");
        }
        return log;
    }

    /** Wilson's interval of 9 of 10 is 59.6 to 98.2 %. */
    @Test
    void aShareHasAnInterval() {
        Trend trend = games(9, 10, 5, 10).man("him").trends().get(0);
        assertThat(trend.points()).extracting(Trend.InGame::game).containsExactly(1L, 2L);
        assertThat(trend.points().get(0).low()).isEqualTo(60);
        assertThat(trend.points().get(0).high()).isEqualTo(98);
        assertThat(trend.points().get(0).percent()).isEqualTo(90);
        assertThat(trend.points().get(0).plays()).hasSize(10);
        Trend.InGame few =
                games(6, 7, 5, 10).man("him").trends().get(0).points().get(0);
        assertThat(few.done()).isEqualTo(6);
        assertThat(few.percent()).isNull();
        assertThat(few.low()).isNull();
        assertThat(few.high()).isNull();
    }

    @ParameterizedTest
    @CsvSource({
        "5, 10, 9, 10, no difference told",
        "4, 20, 18, 20, better",
        "18, 20, 4, 20, worse",
        "1, 7, 20, 20, too few to compare",
        "10, 10, 10, 10, no difference told"
    })
    void twoGamesAreComparedWhenTheyCanBe(int d1, int n1, int d2, int n2, String claim) {
        assertThat(games(d1, n1, d2, n2).man("him").trends().get(0).claim())
                .startsWith(claim + ": " + d1 + " of " + n1 + ", then " + d2 + " of " + n2);
    }

    /** A unit in which other men played is no better for it. */
    @Test
    void aUnitIsComparedByTheMenWhoPlayedBothGames() {
        Log log = games(4, 20, 5, 20);
        for (int i = 1; i <= 30; i++) {
            log.rep(2, i, "newcomer", "KEY +");
        }
        Trend trend = log.unit().trends().get(0);
        assertThat(trend.claim()).isEqualTo("no difference told: 4 of 20, then 5 of 20");
        assertThat(trend.points().get(1).plays()).hasSize(20);
        // nobody played both
        assertThat(new Log()
                        .rep(1, 1, "one", "KEY +")
                        .rep(2, 1, "other", "KEY -")
                        .unit()
                        .trends())
                .isEmpty();
    }

    /** DL-12: it belongs to the first job that was lost, even when others were lost after it. */
    @Test
    void anExplosivePlayBelongsToTheFirstJobThatWasLost() {
        var log = new Log()
                .on(1, 18, TheirUnit.STARTERS, false, 34)
                .rep(1, 18, "nose", "AS -, wrong 0.6")
                .rep(1, 18, "mike", "AS -, wrong 1.4")
                .rep(1, 18, "end", "AS +");
        Explosive run = log.unit().explosives().get(0);
        assertThat(run.man()).isEqualTo("nose");
        assertThat(run.why()).isEqualTo("wrong first, 0.6 s after the ball moved");
        assertThat(run.gain()).isEqualTo(34);
        assertThat(log.on(1, 19, TheirUnit.STARTERS, false, 40)
                        .rep(1, 19, "nose", "AS -, wrong 0.6")
                        .rep(1, 19, "mike", "AS -")
                        .unit()
                        .explosives()
                        .get(0)
                        .why())
                .startsWith("which was first is not told");
        assertThat(new Log()
                        .on(1, 20, TheirUnit.STARTERS, false, 12)
                        .rep(1, 20, "end", "AS +")
                        .unit()
                        .explosives()
                        .get(0)
                        .man())
                .isNull();
        // a pass of as many yards is none, nor is a run of fewer
        assertThat(new Log()
                        .on(1, 21, TheirUnit.STARTERS, true, 12)
                        .rep(1, 21, "end", "AS -")
                        .on(1, 22, TheirUnit.STARTERS, false, 11)
                        .rep(1, 22, "end", "AS -")
                        .unit()
                        .explosives())
                .isEmpty();
    }

    /** An explosive run given by the line is none of the secondary's, and one that nobody lost is everybody's. */
    @Test
    void anExplosivePlayConcernsTheUnitThatGaveIt() {
        var log = new Log()
                .on(1, 18, TheirUnit.STARTERS, false, 34)
                .rep(1, 18, "nose", "AS -")
                .rep(1, 18, "safety", "AS =");
        assertThat(UnitSheet.of(log.graded(), r -> r.man().equals("nose"), Log.RUBRICS, Convention.standard())
                        .explosives())
                .hasSize(1);
        assertThat(UnitSheet.of(log.graded(), r -> r.man().equals("safety"), Log.RUBRICS, Convention.standard())
                        .explosives())
                .isEmpty();
    }

    @Test
    void tacklesAndThrownBallsAreCountedWithTheirPlays() {
        var log = new Log()
                .rep(1, 1, "will", "EF =, tackle MADE 2")
                .rep(1, 2, "will", "EF -, tackle MISSED 11")
                .rep(1, 3, "will", "EF =, tackle MADE")
                .rep(1, 4, "will", "EF =, tackle MADE 1")
                .by("abara")
                .rep(1, 4, "will", "EF =, tackle ASSISTED 4");
        Deeds deeds = log.man("will").deeds();
        assertThat(deeds.tackles())
                .containsExactly(
                        new Deeds.Count<>(
                                Tackle.How.MADE, List.of(new OnPlay(1, "Stoats", 3), new OnPlay(1, "Stoats", 1))),
                        new Deeds.Count<>(Tackle.How.MISSED, List.of(new OnPlay(1, "Stoats", 2))));
        assertThat(deeds.tacklesDiffer()).containsExactly(new OnPlay(1, "Stoats", 4));
        assertThat(deeds.afterContact()).isEqualTo(new Deeds.Yards(13, 2));
    }

    /** The same marks, three schools; what is told of nobody and what is the call's counts in none. */
    @ParameterizedTest
    @CsvSource({"plus-minus, '8 plus, 2 minus', 80", "three-part, 19 of 20 points, 95", "weighted, 37 of 40 points, 93"
    })
    void aScoreIsOfTheSameMarksBySchool(String school, String words, int percent) {
        var log = new Log();
        for (int i = 1; i <= 8; i++) {
            log.rep(1, i, "him", "AL =, AS +, KEY n/a, EF +");
        }
        log.rep(1, 9, "him", "AL =, AS -, EF =").rep(1, 10, "him", "AL =, AS =, EF -");
        Library library = Library.shipped();
        Convention convention = library.choosing(new Chosen(Map.of("grade-score", school), Map.of()))
                .vocabulary()
                .convention();
        Score score = ManSheet.of("him", log.graded(), Log.RUBRICS, convention).score();
        assertThat(score).isEqualTo(new Score(words, percent));
        assertThat(log.rep(1, 1, "other", "AL =").man("other").score().percent())
                .isNull();
        assertThat(log.rep(1, 1, "unseen", "AL n/a").man("unseen").score()).isEqualTo(new Score("", null));
    }

    /** What came back is not learnt; what two coaches see differently is not either, until they settle it. */
    @Test
    void aFaultIsLearntWhenItDidNotComeBack() {
        var log = new Log().rep(1, 1, "him", "KEY -");
        for (int i = 2; i <= 6; i++) {
            log.rep(1, i, "him", "KEY =");
        }
        assertThat(log.man("him").faults().get(0).learnt()).isTrue();
        log.by("abara").rep(1, 6, "him", "KEY -");
        assertThat(log.man("him").faults().get(0).learnt()).isFalse();
        assertThat(log.man("him").faults().get(0).notAgreed()).isEqualTo(1);
        log.settle(1006, "him", Topic.of(Facet.KEY), GradeMark.TO_STANDARD);
        assertThat(log.man("him").faults().get(0).learnt()).isTrue();
        // one man has learnt it and another has not: the unit has not
        log.rep(1, 6, "other", "KEY -");
        assertThat(log.unit().faults().get(0).learnt()).isFalse();
    }

    /** A win by luck is no best clip, and a loss by a good process is no worst. */
    @Test
    void clipsAreOfTheProcessNotOfTheResult() {
        var log = new Log()
                .rep(1, 1, "him", "AS -, TE -, out WIN")
                .rep(1, 2, "him", "AS +, out LOSS")
                .rep(1, 3, "him", "AS =, out WIN");
        assertThat(log.man("him").best()).extracting(Clip::at).containsExactly(new OnPlay(1, "Stoats", 2));
        assertThat(log.man("him").worst()).extracting(Clip::at).containsExactly(new OnPlay(1, "Stoats", 1));
    }

    /** Plays he was on the field for, whether they were graded or not; of his games only. */
    @Test
    void snapsAreCountedOfPlaysThatNobodyGraded() {
        var log = new Log()
                .on(2, 3, TheirUnit.STARTERS, true, 4)
                .on(2, 2, TheirUnit.STARTERS, false, 4)
                .on(2, 1, TheirUnit.STARTERS, false, 4)
                .on(1, 9, TheirUnit.STARTERS, false, 4)
                .rep(2, 2, "mike", "AS =")
                .field(2, 3, "mike", "will")
                .field(2, 2, "mike")
                .field(2, 1, "will")
                .field(1, 9, "will");
        assertThat(log.man("mike").snaps())
                .isEqualTo(new Snaps(
                        2,
                        3,
                        List.of(new Snaps.PlayedIn(
                                "Stoats", List.of(new OnPlay(2, "Stoats", 3), new OnPlay(2, "Stoats", 2)), 3, 1, 1))));
        assertThat(log.man("mike").plays()).isEqualTo(1);
        assertThat(log.man("will").snaps().of()).isEqualTo(4);
        assertThat(log.man("corner").snaps()).isEqualTo(new Snaps(0, 0, List.of()));
    }

    /** One fast play is no speed of his own: shares are named from eight plays on. */
    @Test
    void effortIsAgainstHisOwnSpeedAndOfEnoughPlaysOnly() {
        Log log = new Log();
        for (int play = 1; play <= 7; play++) {
            log.rep(play, play, "him", "EF =").ran(play, "him", 6, 0.5).ran(play, "other", 9, 0.5);
        }
        Effort few = log.man("him").effort();
        assertThat(few.own()).isNull();
        assertThat(few.medianPercent()).isNull();
        assertThat(few.plays()).hasSize(7).allMatch(p -> p.percent() == null && p.yardsASecond() == 6);

        // one fast play is none of his own, nor is one that is told badly
        Effort enough = log.ran(8, "him", 8, 0.5).ran(9, "him", 9, 3).man("him").effort();
        assertThat(enough.own()).isEqualTo(6);
        assertThat(enough.medianPercent()).isEqualTo(100);
        Effort twice = log.ran(10, "him", 7.5, 0.5).man("him").effort();
        assertThat(twice.own()).isEqualTo(7.5);
        assertThat(twice.medianPercent()).isEqualTo(80);
        assertThat(twice.plays().get(0).doubt()).isCloseTo(1.96 * 0.5, offset(1e-9));
        assertThat(new Log().rep(1, 1, "him", "EF =").man("him").effort().plays())
                .isEmpty();
    }
}
