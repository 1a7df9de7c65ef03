package mensch.core.lineup;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.call.Call;
import mensch.core.call.CallReader;
import mensch.core.event.Event;
import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.rung.Part;
import mensch.core.rung.ReadTable;
import mensch.core.rung.RungId;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** B3: a job carries what changes it: one map of his own rungs and the house's table, the rung first. */
class ReactionsTest {
    private static final Event CRACK = new Event.KeyShows(Message.CRACK);

    private static Lineup lineup(String call, String formation) {
        return Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"));
    }

    /** Handbook 3: a man spills only when the same call has another force on his side; alone he boxes. */
    @Test
    void whoIsAloneOnHisSideNeverSpills() {
        int spills = 0;
        int boxes = 0;
        for (Call call : Snaps.LIBRARY.calls()) {
            if (call.front().players() != 11) {
                continue;
            }
            for (var formation : Snaps.LIBRARY.formationsFor(call)) {
                if (!call.meantFor(formation.id())) {
                    continue;
                }
                Lineup lineup = Lineup.of(call, formation.snap(null, false, "hs m 50 1&10"));
                GapLedger gaps = GapLedger.of(lineup);
                for (Job job : lineup.jobs()) {
                    boolean other = gaps.edges().stream()
                            .filter(e -> e.side() == job.seat())
                            .flatMap(e -> e.forces().stream())
                            .anyMatch(force -> force != job);
                    for (Reaction reaction : job.after().reactions()) {
                        boolean spill = reaction.orders().words().equals("run spill");
                        spills += spill ? 1 : 0;
                        boxes += reaction.orders().words().equals("run box") ? 1 : 0;
                        assertThat(spill && !other)
                                .as("%s against %s: %s on %s", call.ref().id(), formation.id(), job.id(), reaction.on())
                                .isFalse();
                    }
                }
            }
        }
        assertThat(spills).isPositive();
        assertThat(boxes).isPositive();
    }

    /** Handbook 9.20: a 7 technique stands inside the end; the end's down block comes at him. */
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        anvil-drizzle | end-call | pro-i        | down | across his face | his run job stands
        anvil-drizzle | end-call | pro-i        | release | spill him | run spill
        anvil-drizzle | end-call | doubles-open | down | expect trap or pull | his run job stands
        """)
    void theEndReadsByTheTechniqueHePlays(
            String call, String job, String formation, String message, String said, String orders) {
        Job end = Lineup.of(
                        Snaps.LIBRARY.call(call),
                        Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"))
                .job(job);
        Reaction reaction = end.after().reactions().stream()
                .filter(r -> r.whose() == Whose.KEY
                        && r.on().equals(Message.of(message).shown()))
                .findFirst()
                .orElseThrow();
        assertThat(reaction.said()).contains(said);
        assertThat(reaction.orders().words()).isEqualTo(orders);
    }

    /** The same man, the same table: with a corner in cloud outside him he spills, in three-deep he is alone. */
    @ParameterizedTest
    @CsvSource({"anvil-fog,run spill", "anvil-drizzle,run box", "anvil-breeze,run box"})
    void theForceManReadsTheEndByWhoElseIsForce(String call, String down) {
        Job nickel = Lineup.of(
                        Snaps.LIBRARY.call(call),
                        Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10"))
                .job("nickel");
        assertThat(nickel.after().reactions())
                .filteredOn(r -> r.on().words().contains("down"))
                .extracting(r -> r.orders().words())
                .containsExactly(down);
    }

    @Test
    void theRungWinsOverTheHouseTableAndKeepsItsWords() {
        Job corner = lineup("anvil-drizzle", "pro-i").job("corner-right");
        Reaction crack = corner.on(CRACK);
        assertThat(crack.from()).isEqualTo(Part.RUN);
        assertThat(crack.said()).isEqualTo("replace the force");
        assertThat(crack.orders().words()).isEqualTo("run outside, force");
        assertThat(corner.after().reactions())
                .filteredOn(r -> r.on().equals(CRACK))
                .hasSize(1);
        assertThat(corner.part(crack.from()).orNull()).isNotNull();
    }

    @Test
    void aMessageThatIsNotTaughtLeavesHisOrdersAndIsToldApart() {
        Job mike = lineup("anvil-drizzle", "pro-i").job("mike");
        Reaction cracked = mike.on(CRACK);
        assertThat(cracked.taught()).isFalse();
        assertThat(cracked.orders()).isInstanceOf(ReadTable.Stands.class);
        Reaction pull = mike.on(new Event.KeyShows(Message.PULL));
        assertThat(pull.taught()).isTrue();
        assertThat(pull.whose()).isEqualTo(Whose.SECOND);
        assertThat(pull.orders().words()).isEqualTo("run chase");
    }

    @Test
    void everyEventOfEveryShippedCallHasOneReaction() {
        for (Call call : Snaps.LIBRARY.calls()) {
            String spot = call.front().players() == 11
                    ? "hs m 50 1&10"
                    : "flag" + call.front().players() + " m 30 1&10";
            Lineup lineup =
                    Lineup.of(call, Snaps.LIBRARY.formationsFor(call).get(0).snap(null, false, spot));
            for (Job job : lineup.jobs()) {
                List<String> events = job.after().reactions().stream()
                        .filter(r -> r.from() == Part.READS)
                        .map(r -> r.whose().words() + " " + r.on().words())
                        .toList();
                assertThat(events).as(call.name() + " " + job.id()).doesNotHaveDuplicates();
            }
        }
    }

    @Test
    void anOpenGapInAReactionIsSettledFromWhereTheOthersStand() {
        Call call = edited("run none until pull then open gap; key near back then guard; reads backer");
        Job mike = Lineup.of(call, Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10"))
                .job("mike");
        assertThat(mike.on(new Event.KeyShows(Message.PULL)).orders().words()).isEqualTo("run A gap");
    }

    private static Call edited(String sentence) {
        var rung = new RungId("anvil-drizzle", "mike", "own-1");
        var document = Snaps.LIBRARY.call("anvil-drizzle").written().set(rung, sentence, Snaps.LIBRARY::named);
        return CallReader.read(document, 0, Snaps.LIBRARY.vocabulary());
    }
}
