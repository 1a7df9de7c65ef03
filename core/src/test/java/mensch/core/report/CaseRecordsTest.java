package mensch.core.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import mensch.core.grading.Target;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What practitioners see on film, as a record that a grader can make, and what the report then says. */
class CaseRecordsTest {

    /** A man's report in lines. */
    private static String said(ManSheet sheet) {
        var lines = new ArrayList<String>();
        lines.add("ended " + sheet.ended());
        sheet.facets()
                .forEach(f -> lines.add(f.topic().what() + " " + f.done() + " of " + f.told()
                        + (f.plays().stream().anyMatch(p -> p.as().words().equals("above")) ? " above" : "")
                        + (f.ofTheCall() > 0 ? " call " + f.ofTheCall() : "")));
        sheet.faults().forEach(f -> lines.add("fault " + f.name() + " > " + f.leadsTo()));
        sheet.best().forEach(c -> lines.add("best " + String.join(", ", c.why())));
        sheet.worst().forEach(c -> lines.add("worst " + String.join(", ", c.why()) + "; first " + first(c)));
        sheet.best().stream().filter(c -> !c.wrong().isEmpty()).forEach(c -> lines.add("yet " + first(c)));
        sheet.deeds().flags().forEach(f -> lines.add("flag " + f.what().words()));
        sheet.deeds().tackles().forEach(t -> lines.add("tackle " + t.what().words()));
        sheet.deeds().thrown().forEach(t -> lines.add("thrown at " + t.what().words()));
        return String.join("\n", lines);
    }

    private static String first(Clip clip) {
        return clip.wrong().isEmpty() ? "nothing" : clip.wrong().get(0);
    }

    @ParameterizedTest(name = "{0}")
    @CsvSource(delimiter = '|', textBlock = """
            DL-01 | TE =, EF +, out NEUTRAL                                   | ended 0 positive of 1, 1 neutral; TE 1 of 1; EF 1 of 1 above
            DL-03 | AS =, TE =, EF =, pass-rush/hands -                       | AS 1 of 1; TE 1 of 1; fault Hands: gripped > held
            DL-04 | AS +, TE +, edge-run/leverage +, edge-run/displacement +  | AS 1 of 1 above; best AS +, TE +
            DL-06 | AS +, EF +, interior-run/double-team +, out WIN           | ended 1 positive of 1; best AS +, EF +
            DL-07 | AS -, EF =, interior-run/movement -, tackle ASSISTED | 'AS 0 of 1; fault Ground given: driven > flow cut off;
                tackle assisted'
            DL-09 | KEY +, TE +, out WIN                                      | best KEY +, TE +
            DL-12 | AS -, EF +, interior-run/reach -, flag EXPLOSIVE_GIVEN, out LOSS | 'ended 0-1; flag explosive given;
                fault Reach: body sealed inside > explosive'
            DL-15 | AS =, TE +, interior-run/separation +, out WIN            | AS 1 of 1; TE 1 of 1 above
            DL-16 | AS -, TE =, out LOSS                                      | AS 0 of 1; worst AS -; first assignment
            DL-18 | TE +, pass-rush/power +, out WIN                          | TE 1 of 1 above; ended 1 positive of 1
            PC-01 | AS +, press-corner/pressure +                             | AS 1 of 1 above
            PC-03 | AS +, TE =, press-corner/shuffle -, thrown INCOMPLETE | 'AS 1 of 1 above;
                fault Shuffle, square: opened > gives the path; thrown at incomplete; yet Shuffle, square: opened'
            PC-04 | TE +, press-corner/turn +, thrown INCOMPLETE              | TE 1 of 1 above
            PC-06 | TE -, press-corner/shuffle -                              | first Shuffle, square: opened
            PC-07 | TE -, press-corner/hand -                                 | fault Hand on him: on the shoulder > dipped
            PC-09 | GO -, TE -, press-corner/shuffle -, press-corner/pressure -, thrown CAUGHT | first get-off, first step; thrown at caught
            PC-10 | AL -, AS -                                                | AL 0 of 1; AS 0 of 1; first alignment and leverage
            PC-12 | AS =, TE -, press-corner/recovery -, flag PENALTY, tackle MADE | 'flag penalty; fault Recovery: high hands > flag;
                tackle made'
            PC-13 | AL +, GO +, TE +, press-corner/shuffle +, press-corner/look-back +, out WIN | best AL +, GO +, TE +
            PC-15 | TE -, press-corner/patience -                             | fault Patience: guesses > two-way go
            PC-16 | TE +, press-corner/look-back +                            | TE 1 of 1 above
            PC-18 | TE -, press-corner/bluff -                                | fault Bluff jam: hand stuck > flat
            PC-19 | TE -, press-corner/hand -, flag PENALTY                   | flag penalty
            PA-01 | AS -, backer-play-action/landmark n/a                     | AS 0 of 1
            PA-03 | AS -                                                      | AS 0 of 1
            PA-04 | KEY -, TE -, backer-play-action/transition - | KEY 0 of 1; fault Transition: pedals or shuffles > no depth; first read
            PA-06 | TE -, backer-play-action/eyes-return -                    | fault Eyes return: never > no break
            PA-07 | TE -, backer-play-action/search - | fault Receiver search: eyes only at the quarterback > uncovered
            PA-09 | TE =, EF -                                                | TE 1 of 1; EF 0 of 1
            PA-10 | KEY -, AS -, backer-play-action/man - | KEY 0 of 1; AS 0 of 1; fault Man discipline: peeks > lost man
            PA-12 | AS +                                                      | AS 1 of 1 above
            PA-13 | KEY -, EF +, AS +, TE +, out WIN | 'KEY 0 of 1; AS 1 of 1 above; best EF +, AS +, TE +, KEY -; yet read;
                ended 1 positive of 1'
            PA-15 | EF -, thrown BROKEN_UP                                    | EF 0 of 1; thrown at broken up
            GO-01 | ST -, GO =                                                | ST 0 of 1; GO 1 of 1
            GO-06 | GO =, TE -, end-stance/pads -                             | fault Pads out of the stance: pops up > driven back
            GO-07 | GO =, TE -, end-stance/step -                             | fault First step: big or up > cannot redirect
            GO-09 | ST -, end-stance/redirect =                               | first stance
            BP-01 | ST -                                                      | ST 0 of 1
            BP-03 | GO +, off-back/level =                                    | GO 1 of 1 above
            BP-04 | GO -, off-back/level =                                    | first get-off, first step
            BP-06 | ST -, TE -, off-back/level -                              | fault Level: bobs > slow break
            BP-07 | TE -, off-back/weave -                                    | fault Weave: turned > two-way go lost
            BP-09 | TE -, off-back/weave -, off-back/break -                  | first Weave: turned → two-way go lost
            SH-01 | GO -, TE -, backer-block/feet -, backer-block/hands =     | GO 0 of 1; fault Feet: false step > no power
            SH-03 | TE -, backer-block/hands -                                | fault Hands: wide or high > no leverage
            SH-04 | ST -                                                      | ST 0 of 1
            SH-06 | TE -, backer-block/rip -, backer-block/hip -              | first Hip: behind → blocked again
            SH-07 | ST =, TE -, backer-block/pads =, backer-block/strike -    | ST 1 of 1; fault Strike: leans or presses > held
            SH-10 | TE +, EF +, backer-block/strike +, backer-block/push-pull +, backer-block/hip + | best TE +, EF +
            FL-04 | AS -, small-sided/arrival =                               | AS 0 of 1
            FL-07 | AS -, small-sided/rush-line - | fault Rusher's line: straight at him, or to the weak side > escape to the strong side
            FL-12 | TE -, small-sided/hands -, thrown CAUGHT | 'fault Hands: both at the ball, or stands off > catch and run;
                thrown at caught'
            FL-15 | AS -, TE -, small-sided/cap =, flag EXPLOSIVE_GIVEN       | AS 0 of 1; flag explosive given
            FL-16 | KEY -, small-sided/fake - | KEY 0 of 1; fault Fake: steps out before the ball crosses > cutback or throw
            FL-18 | KEY -                                                     | KEY 0 of 1
            FL-19 | EF -                                                      | EF 0 of 1
            FL-21 | TE -, small-sided/pedal - | fault Deep pedal: turns at once, or pedals too long > short route open, or beaten deep
            FL-22 | TE -, small-sided/pedal -                                 | worst TE -
            SF-01 | AL -                                                      | AL 0 of 1
            SF-03 | AL -                                                      | AL 0 of 1
            SF-07 | TE -, safety-space/angle -                                | fault Angle to the ball: square and head-up > two-way go
            SF-25 | KEY -, TE -, safety-space/robber -                        | fault Robber: crosses over, triggers early > out-leveraged
            SF-45 | AS -                                                      | AS 0 of 1
            GL-18 | AS -, tackle MISSED                                       | AS 0 of 1; tackle missed
            MV-03 | AS +, extra, tackle MADE                                  | best AS +, extra credit; tackle made
            MV-06 | TE -, out WIN                                             | ended 1 positive of 1; TE 0 of 1
            """)
    void whatIsSeenIsARecordAndTheReportSaysIt(String id, String record, String expected) {
        ManSheet sheet = new Log().rep(1, 7, "him", record).man("him");
        for (String line : expected.split(";\\s+")) {
            assertThat(said(sheet)).as(id).contains(line);
        }
    }

    /** DL-10: two men of one play have each his own marks; how the play ended is neither's. */
    @Test
    void twoMenOfOnePlayAreGradedApart() {
        Log log = new Log()
                .on(1, 15, TheirUnit.STARTERS, true, 9)
                .rep(1, 15, "edge", "KEY +, TE +, out WIN")
                .rep(1, 15, "corner", "AS -, TE -, out LOSS, thrown CAUGHT");
        assertThat(said(log.man("edge"))).contains("best KEY +, TE +").doesNotContain("worst");
        assertThat(said(log.man("corner"))).contains("AS 0 of 1", "thrown at caught");
        assertThat(log.man("corner").deeds().passPlays()).containsExactly(new OnPlay(1, "Stoats", 15));
    }

    /** DL-13: the third rep was set up by the first; all three are told as one. */
    @Test
    void repsThatBelongTogetherAreLinked() {
        Log log = new Log()
                .rep(1, 3, "edge", "TE =, sets 1022")
                .rep(1, 9, "edge", "KEY +, TE +, out WIN")
                .rep(1, 22, "edge", "KEY +, TE +, EF +, out WIN");
        assertThat(log.man("edge").chains())
                .containsExactly(new Chain(new OnPlay(1, "Stoats", 3), true, new OnPlay(1, "Stoats", 22), true));
        assertThat(log.man("edge").ended()).isEqualTo("2 positive of 3, 1 unrated");
    }

    /** DL-19, PC-09's neighbour: against whom it was is always said, and weeks against others are not compared. */
    @Test
    void againstStartersAndBackupsApartAndNoClaimBetweenThem() {
        Log log = new Log();
        int[] backups = {31, 36, 40, 44};
        for (int number : new int[] {3, 9, 18, 20}) {
            log.rep(1, number, "D", number == 9 ? "AS =, out WIN" : "AS -, out LOSS");
        }
        for (int number : backups) {
            log.on(1, number, TheirUnit.BACKUPS, false, 1).rep(1, number, "D", "AS =, out WIN");
        }
        assertThat(log.man("D").ended()).isEqualTo("5-3");
        assertThat(log.man("D").against())
                .extracting(ManSheet.Against::unit, ManSheet.Against::ended)
                .containsExactly(
                        org.assertj.core.groups.Tuple.tuple(TheirUnit.STARTERS, "1-3"),
                        org.assertj.core.groups.Tuple.tuple(TheirUnit.BACKUPS, "4 positive of 4"));
        // a second game, against backups only: the starters of the first say nothing of it
        for (int number = 1; number <= 10; number++) {
            log.on(2, number, TheirUnit.BACKUPS, false, 1).rep(2, number, "D", "AS =");
        }
        assertThat(log.man("D").trends()).extracting(Trend::unit).containsOnly(TheirUnit.BACKUPS);
        assertThat(log.man("D").trends().get(0).claim()).startsWith("too few to compare: 4 of 4, then 10 of 10");
    }

    /** TR-06: late to the third receiver is below standard, and the call that gave him two jobs is named beside it. */
    @Test
    void aFaultOfTheCallIsNoneOfTheMans() {
        ManSheet sheet = new Log()
                .laidOn(Target.CALL_OR_TEACHING)
                .rep(1, 4, "apex", "AS -, zone-flood/key-three n/a")
                .man("apex");
        assertThat(said(sheet)).contains("AS 0 of 0 call 1").doesNotContain("worst");
        assertThat(sheet.faults().get(0).ofTheCall()).isEqualTo(1);
        assertThat(sheet.faults().get(0).plays()).isEmpty();
    }

    /** TR-07, DL-03: a lane run into is seen by its own criterion, and nobody else's mark is touched. */
    @Test
    void faultsOfAUnitAreCountedOverItsMen() {
        UnitSheet unit = new Log()
                .rep(1, 1, "apex", "TE -, zone-flood/distribution -")
                .rep(1, 1, "corner", "TE -, zone-flood/distribution -")
                .rep(1, 2, "apex", "TE =, zone-flood/distribution -, zone-flood/reroute -")
                .unit();
        SeenFault most = unit.faults().get(0);
        assertThat(most.name()).isEqualTo("Distribution: two on one");
        assertThat(most.below()).isEqualTo(3);
        assertThat(most.share()).isEqualTo(75);
        assertThat(most.men()).containsExactly(new SeenFault.OfMan("apex", 2), new SeenFault.OfMan("corner", 1));
        assertThat(most.plays()).containsExactly(new OnPlay(1, "Stoats", 2), new OnPlay(1, "Stoats", 1));
        assertThat(unit.faults().stream()
                        .filter(f -> !f.topic().ofFacet())
                        .map(SeenFault::share)
                        .collect(Collectors.toList()))
                .isEqualTo(List.of(75, 100));
    }
}
