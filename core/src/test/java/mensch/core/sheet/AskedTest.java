package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.formation.Man;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.EligibleLedger;
import mensch.core.lineup.GapLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Task;
import org.junit.jupiter.api.Test;

/** Whatever is pointed at on the field answers with who has it, by which rung, as the ledgers say. */
class AskedTest {

    private static Lineup lineup(String call, String formation) {
        return Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"));
    }

    private static Asked asked(Lineup lineup, Asked.Kind kind, String name) {
        return new AskedMaker(lineup, Snaps.LIBRARY).of(kind, name).orElseThrow();
    }

    private static String said(Asked asked) {
        return asked.rows().stream().map(Asked.Row::words).collect(Collectors.joining(" "));
    }

    @Test
    void everyManGapAndAreaOfEveryCallAnswers() {
        for (var call : Snaps.LIBRARY.calls()) {
            String formation = call.meantFor().stream().findFirst().orElse(null);
            if (formation == null) {
                continue;
            }
            String field = call.front().players() == 11 ? "hs m 50 1&10" : "flag5 m 25 1&10";
            if (call.front().players() != 11 && call.front().players() != 5) {
                continue;
            }
            Lineup lineup = Lineup.of(call, Snaps.LIBRARY.formation(formation).snap(null, false, field));
            for (Man man : lineup.snap().formation().men()) {
                Asked asked = asked(lineup, Asked.Kind.MAN, man.name());
                assertThat(asked.rows()).as(call.name() + " " + man.name()).isNotEmpty();
            }
            for (EligibleLedger.Entry e :
                    EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries()) {
                Asked asked = asked(lineup, Asked.Kind.MAN, e.man().name());
                for (Job job : e.byMan()) {
                    assertThat(asked.rows())
                            .as(call.name() + " " + e.number())
                            .anyMatch(r -> job.id().equals(r.job()) && r.rung() != null);
                }
            }
            for (GapLedger.Row gap : GapLedger.of(lineup).rows()) {
                assertThat(asked(lineup, Asked.Kind.GAP, gap.said()).rows().stream()
                                .map(Asked.Row::job)
                                .filter(j -> j != null))
                        .as(call.name() + " " + gap.said())
                        .containsAll(gap.owners().stream().map(Job::id).toList());
            }
            for (AreaLedger.Row area : AreaLedger.of(lineup).rows()) {
                assertThat(asked(lineup, Asked.Kind.AREA, area.owner().id())
                                .rows()
                                .get(0)
                                .job())
                        .isEqualTo(area.owner().id());
            }
        }
    }

    @Test
    void aReceiverNobodyHasIsSaidSo() {
        Lineup lineup = lineup("anvil-thunder", "trips-open");
        Asked asked = EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries().stream()
                .filter(EligibleLedger.Entry::alone)
                .findFirst()
                .map(e -> asked(lineup, Asked.Kind.MAN, e.man().name()))
                .orElseThrow();
        assertThat(said(asked)).contains("Nobody has him");
    }

    @Test
    void aLinemanSaysWhoLinesUpFromHimAndWhoReadsHim() {
        Asked asked = asked(lineup("anvil-drizzle", "pro-i"), Asked.Kind.MAN, "RG");
        assertThat(asked.title()).isEqualTo("guard right");
        assertThat(said(asked)).contains("lines up from him").contains("Read first by");
    }

    /** Two men on one receiver, and one of two receivers, are not man to man. */
    @Test
    void aBracketAndAFirstOutAreSaidAsTheyAre() {
        int said = 0;
        for (var call : Snaps.LIBRARY.calls()) {
            for (String formation : call.front().players() == 11 ? call.meantFor() : List.<String>of()) {
                Lineup lineup = lineup(call.ref().id(), formation);
                for (EligibleLedger.Entry e :
                        EligibleLedger.of(lineup, AreaLedger.of(lineup)).entries()) {
                    for (Job job : e.byMan()) {
                        if (job.passTask() instanceof Task.Bracket || job.passTask() instanceof Task.FirstOf) {
                            said++;
                            assertThat(said(asked(
                                            lineup, Asked.Kind.MAN, e.man().name())))
                                    .as(call.name() + " " + formation)
                                    .containsPattern("bracket|first (out|in)");
                        }
                    }
                }
            }
        }
        assertThat(said).isPositive();
    }

    @Test
    void whatIsNotThereHasNoAnswer() {
        assertThat(new AskedMaker(lineup("anvil-drizzle", "pro-i"), Snaps.LIBRARY).of(Asked.Kind.MAN, "H"))
                .isEmpty();
    }
}
