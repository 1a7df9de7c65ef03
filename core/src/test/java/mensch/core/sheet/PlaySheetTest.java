package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.audit.Rule;
import mensch.core.formation.Feature;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Conflict;
import mensch.core.play.Run;
import mensch.core.sheet.PlaySheet.Had;
import org.junit.jupiter.api.Test;

/** What the board is told of plays says what the ledgers say. */
class PlaySheetTest {
    private static final PlaySheetMaker SHEETS = new PlaySheetMaker(Snaps.LIBRARY.plays());

    private static Lineup lineup(String call, String formation) {
        return Lineup.of(
                Snaps.LIBRARY.call(call), Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 1&10"));
    }

    @Test
    void theShortListSaysOfEachRunWhatItsLedgerSays() {
        Lineup lineup = lineup("anvil-drizzle", "pro-i");
        PlaySheet sheet = SHEETS.of(lineup, List.of(lineup("anvil-fog", "pro-i")));
        assertThat(sheet.verdicts())
                .extracting(PlaySheet.RuleAnswer::rule)
                .containsExactlyElementsOf(
                        List.of(Rule.values()).stream().map(Rule::id).toList());
        assertThat(sheet.runs()).isNotEmpty();
        for (PlaySheet.RunLine line : sheet.runs()) {
            Run run = Snaps.LIBRARY.plays().runs().stream()
                    .filter(r -> r.id().equals(line.id()))
                    .findFirst()
                    .orElseThrow();
            Blocking ledger = Blocking.of(lineup, run, line.side()).orElseThrow();
            assertThat(line.hitters())
                    .isEqualTo(ledger.hitters().stream().map(f -> f.job().id()).toList());
            assertThat(line.outcome()).isEqualTo(ledger.outcome());
            assertThat(line.shortBy()).isEqualTo(Math.max(0, ledger.fit().shortBy()));
        }
        assertThat(sheet.pairs()).extracting(PlaySheet.TellRow::call).containsExactly("Anvil Fog");
        assertThat(sheet.protections())
                .allMatch(
                        p -> p.rushers() == 4 && (p.free().isEmpty() || p.name().equals("Boot, line away")));
    }

    /** To each side a play is either met or the first of its needs that is not met is named. */
    @Test
    void aPlayIsRunOrItsFailedNeedIsNamed() {
        Lineup proI = lineup("anvil-drizzle", "pro-i");
        PlaySheet sheet = SHEETS.of(proI, List.of());
        assertThat(sheet.runs())
                .allSatisfy(r -> assertThat(sheet.unfit())
                        .noneMatch(u -> u.id().equals(r.id()) && u.sides().contains(r.side())));
        long football = Snaps.LIBRARY.plays().passes().stream()
                .filter(p -> !p.needs().features().contains(Feature.SMALL_SIDED))
                .count();
        long passes = sheet.passes().size()
                + sheet.unfit().stream()
                        .filter(u -> Snaps.LIBRARY.plays().passes().stream().anyMatch(p -> p.id().equals(u.id())))
                        .mapToLong(u -> u.sides().size())
                        .sum();
        assertThat(passes).isEqualTo(2 * football);
        assertThat(whyNot(proI, "zone-read")).containsExactly("needs gun");
        assertThat(whyNot(lineup("anvil-drizzle", "empty-3x2"), "inside-zone")).containsExactly("not with empty");
        Lineup close = Lineup.of(
                Snaps.LIBRARY.call("anvil-drizzle"),
                Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m +4 1&4"));
        assertThat(SHEETS.of(close, List.of()).unfit())
                .filteredOn(u -> u.why().startsWith("needs more room"))
                .isNotEmpty()
                .allMatch(u -> sheet.passes().stream().anyMatch(p -> p.id().equals(u.id())));
    }

    private static List<String> whyNot(Lineup lineup, String play) {
        return SHEETS.of(lineup, List.of()).unfit().stream()
                .filter(u -> u.id().equals(play))
                .map(PlaySheet.UnfitLine::why)
                .toList();
    }

    @Test
    void aRunInFullNamesEveryDefenderOnce() {
        PlaySheet.RunSheet power = SHEETS.run(lineup("anvil-drizzle", "pro-i"), "power", Side.RIGHT)
                .orElseThrow();
        long men = power.blocks().size()
                + power.blocks().stream().filter(b -> b.then() != null).count()
                + power.free().size()
                + power.read().size();
        assertThat(men).isEqualTo(11);
        assertThat(power.blocks())
                .noneMatch(b -> b.why().isBlank())
                .extracting(PlaySheet.BlockRow::grade)
                .doesNotContainNull();
        assertThat(power.fit().inserted()).containsExactlyInAnyOrder("LG", "FB");
        assertThat(power.ballSeconds()).isBetween(0.8, 2.5);
        assertThat(power.ball().get(0).y()).as("from the tailback").isLessThan(-6);
        assertThat(power.ball()).contains(power.point());
        assertThat(power.blocks())
                .filteredOn(b -> b.how().equals("pull lead"))
                .allSatisfy(b -> assertThat(b.way().get(1).y())
                        .as("clears the line before he turns up")
                        .isLessThan(-1));
        assertThat(SHEETS.run(lineup("anvil-drizzle", "pro-i"), "zone-read", Side.RIGHT))
                .as("not from under centre")
                .isEmpty();
    }

    @Test
    void aPassInFullCountsTheRoutesThatHaveAManOfTheirOwn() {
        PlaySheet.PassSheet pass = SHEETS.pass(
                        lineup("anvil-drizzle", "trips-open"), "four-verticals-trips", Side.RIGHT)
                .orElseThrow();
        assertThat(pass.routes()).hasSizeBetween(4, 5);
        long alone = pass.routes().stream()
                .filter(r -> r.had() != Had.NOBODY && r.had() != Had.SHARED)
                .count();
        long shared = pass.routes().stream()
                .filter(r -> r.had() == Had.SHARED)
                .map(r -> r.covers().get(0).job())
                .distinct()
                .count();
        assertThat(pass.matched()).as("a man on two routes counts once").isEqualTo((int) (alone + shared));
        assertThat(pass.routes())
                .allMatch(r -> r.seconds() > pass.throwSeconds() && r.way().size() > 1);
        assertThat(pass.routes().stream().filter(r -> r.covers().isEmpty())).allMatch(r -> r.had() == Had.NOBODY);
    }

    @Test
    void aRunPassOptionSaysWhatItAsksOfTheManItReadsAndWhatTheKeysShowOnIt() {
        Lineup lineup = lineup("anvil-drizzle", "doubles-gun");
        PlaySheet.OptionLine line = SHEETS.of(lineup, List.of()).options().stream()
                .filter(o -> o.id().equals("zone-bubble") && o.side() == Side.RIGHT)
                .findFirst()
                .orElseThrow();
        PlaySheet.OptionSheet sheet =
                SHEETS.option(lineup, "zone-bubble", Side.RIGHT).orElseThrow();
        assertThat(sheet.line()).isEqualTo(line);
        assertThat(line.key()).isNotNull();
        double little = lineup.convention().jobs().late();
        assertThat(SHEETS.of(lineup, List.of()).options())
                .as("the list says what the audit says")
                .allMatch(o -> (o.asks() == Conflict.Asks.TWO_THINGS) == (o.both() >= little && o.both() > 0));
        assertThat(sheet.pass().routes()).extracting(PlaySheet.RouteRow::route).containsExactly("bubble");
        String slot = sheet.pass().routes().get(0).man();
        assertThat(sheet.run().keys())
                .as("the slot shows his route, not that he blocks")
                .filteredOn(k -> k.key().equals(slot))
                .isNotEmpty()
                .noneMatch(k -> k.message().equals("stalk"));
        assertThat(sheet.run().keys())
                .as("the line shows the run")
                .anyMatch(k -> !k.key().equals(slot));
        assertThat(SHEETS.option(lineup("anvil-drizzle", "empty-3x2"), "zone-bubble", Side.RIGHT))
                .isEmpty();
    }
}
