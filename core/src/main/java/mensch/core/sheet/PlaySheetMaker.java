package mensch.core.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import mensch.core.audit.Audit;
import mensch.core.audit.Subject;
import mensch.core.audit.Verdict;
import mensch.core.document.RefusedException;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Blocking;
import mensch.core.matchup.Conflict;
import mensch.core.matchup.Distribution;
import mensch.core.matchup.FlagRun;
import mensch.core.matchup.Matchup;
import mensch.core.matchup.PassRush;
import mensch.core.matchup.Pressure;
import mensch.core.matchup.Pressures;
import mensch.core.matchup.Reacted;
import mensch.core.matchup.Shown;
import mensch.core.matchup.Tells;
import mensch.core.play.Delivery;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import mensch.core.play.Protection;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.sheet.PlaySheet.Answered;
import mensch.core.sheet.PlaySheet.AskedRow;
import mensch.core.sheet.PlaySheet.BlockRow;
import mensch.core.sheet.PlaySheet.CoverRow;
import mensch.core.sheet.PlaySheet.DoingRow;
import mensch.core.sheet.PlaySheet.FakeRow;
import mensch.core.sheet.PlaySheet.FitRow;
import mensch.core.sheet.PlaySheet.FreeRow;
import mensch.core.sheet.PlaySheet.Had;
import mensch.core.sheet.PlaySheet.KeyRow;
import mensch.core.sheet.PlaySheet.OptionLine;
import mensch.core.sheet.PlaySheet.OptionSheet;
import mensch.core.sheet.PlaySheet.PassLine;
import mensch.core.sheet.PlaySheet.PassRushRow;
import mensch.core.sheet.PlaySheet.PassSheet;
import mensch.core.sheet.PlaySheet.PickupRow;
import mensch.core.sheet.PlaySheet.ProtectionRow;
import mensch.core.sheet.PlaySheet.RouteRow;
import mensch.core.sheet.PlaySheet.RuleAnswer;
import mensch.core.sheet.PlaySheet.RunLine;
import mensch.core.sheet.PlaySheet.RunSheet;
import mensch.core.sheet.PlaySheet.TellRow;
import mensch.core.sheet.PlaySheet.TravelRow;
import mensch.core.sheet.PlaySheet.UnfitLine;
import org.jspecify.annotations.Nullable;

/** Writes down what a line-up meets. */
public final class PlaySheetMaker {
    private final Plays plays;

    public PlaySheetMaker(Plays plays) {
        this.plays = plays;
    }

    /** @param plan other calls of the plan on the same snap */
    public PlaySheet of(Lineup lineup, List<Lineup> plan) {
        var subject = new Subject(lineup, plays, plan);
        return new PlaySheet(
                Audit.verdicts(subject).stream().map(PlaySheetMaker::verdict).toList(),
                Audit.of(subject).stream().map(SheetMaker::finding).toList(),
                Stream.concat(
                                subject.runs().stream(),
                                subject.flagRuns().stream().map(flag -> flag.nobodyBlocks(lineup)))
                        .map(PlaySheetMaker::line)
                        .toList(),
                subject.passes().stream().map(PlaySheetMaker::line).toList(),
                subject.conflicts().stream()
                        .flatMap(c -> line(lineup, c).stream())
                        .toList(),
                UnfitLines.of(lineup, plays),
                subject.protections().stream().map(PlaySheetMaker::protection).toList(),
                subject.tells().travels().stream()
                        .map(t -> new TravelRow(t.job().id(), t.yards(), t.seconds()))
                        .toList(),
                subject.tells().pairs().stream().map(PlaySheetMaker::pair).toList());
    }

    private static RuleAnswer verdict(Verdict verdict) {
        String rule = verdict.rule().id();
        String title = verdict.rule().title();
        if (verdict instanceof Verdict.Holds holds) {
            return new RuleAnswer(
                    rule, title, Answered.HOLDS, null, holds.evidence().reason());
        }
        if (verdict instanceof Verdict.CannotTell unknown) {
            return new RuleAnswer(rule, title, Answered.CANNOT_TELL, null, unknown.missing());
        }
        var breaks = (Verdict.Breaks) verdict;
        return new RuleAnswer(
                rule,
                title,
                Answered.BREAKS,
                breaks.severity(),
                breaks.findings().get(0).evidence().title());
    }

    private static RunLine line(Blocking b) {
        int shortBy = Math.max(0, b.fit().shortBy());
        return new RunLine(
                b.run().id(),
                b.run().name(),
                b.play(),
                b.outcome(),
                shortBy,
                ids(b.hitters().stream().map(Blocking.Free::job).toList()),
                b.outcome() == Blocking.Outcome.OFFENCE || shortBy > 0);
    }

    private static PassLine line(Distribution d) {
        return new PassLine(
                d.pass().id(),
                d.pass().name(),
                d.play(),
                d.matched(),
                d.rows().size(),
                given(d).orElse(null),
                d.matched() < d.rows().size());
    }

    /** A run that is an option by itself stands among the runs. */
    private static Optional<OptionLine> line(Lineup lineup, Conflict c) {
        Conflict.Asks asks = c.asks(lineup.convention().jobs().late());
        return c.option()
                .map(option -> new OptionLine(
                        option.id(),
                        option.name(),
                        c.play(),
                        c.key() == null ? null : c.key().id(),
                        asked(c.run()).orElse(null),
                        asked(c.pass()).orElse(null),
                        c.overlap(),
                        asks,
                        asks == Conflict.Asks.TWO_THINGS));
    }

    private static Optional<AskedRow> asked(Conflict.@Nullable Demand demand) {
        return Optional.ofNullable(demand).map(d -> new AskedRow(d.words(), d.from(), d.to()));
    }

    private static Optional<String> given(Distribution d) {
        return d.given().map(Distribution.Row::what);
    }

    private static ProtectionRow protection(Pressure p) {
        return new ProtectionRow(
                p.protection().name(),
                p.protection().men(),
                p.rushers().size(),
                ids(p.free()),
                p.overloaded().orElse(null),
                pickups(p),
                p.oneOnOne(),
                p.rushers().isEmpty() ? 0 : p.seconds(),
                p.contain(),
                p.windows().stream().map(w -> w.area() + " " + w.side().words()).toList(),
                p.slide());
    }

    private static List<PickupRow> pickups(Pressure p) {
        return p.pickups().stream()
                .map(one -> new PickupRow(
                        one.blocker().name(),
                        one.rusher() == null ? null : one.rusher().id(),
                        one.how().words(),
                        one.twist().words()))
                .toList();
    }

    private static PassRushRow rush(PassRush p) {
        return new PassRushRow(p.pressure().protection().name(), pickups(p.pressure()), p.beaten(), p.said());
    }

    private static TellRow pair(Tells.Pair pair) {
        return new TellRow(
                pair.call(),
                pair.by() == null ? null : pair.by().id(),
                pair.yards(),
                pair.men(),
                pair.stance() == null ? null : pair.stance().id());
    }

    /** Why the formation cannot run one play to a side. */
    List<UnfitLine> unfit(Lineup lineup, String kind, String id) {
        return UnfitLines.of(lineup, plays.only((k, other) -> k.equals(kind) && other.equals(id)));
    }

    /** The rush at a protection; none when the formation has not the men for it. */
    Optional<ProtectionRow> protection(Lineup lineup, String id) {
        return new Pressures(lineup)
                .of(named("protection", id, plays.protections(), Protection::id))
                .map(PlaySheetMaker::protection);
    }

    /**
     * The blocks of a run; none when it cannot be run to that side. @throws RefusedException naming the runs there are
     */
    public Optional<RunSheet> run(Lineup lineup, String id, Side side) {
        Run run = named("run", id, plays.runs(), Run::id);
        var matchup = new Matchup(lineup);
        return matchup.blocking(run, side)
                .or(() -> FlagRun.of(lineup, run, side).map(flag -> flag.nobodyBlocks(lineup)))
                .map(b -> sheet(lineup, b, keys(lineup, matchup.shown(b), b.ballSeconds())));
    }

    private static <P> P named(String kind, String id, List<P> plays, Function<P, String> ids) {
        return plays.stream()
                .filter(p -> ids.apply(p).equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException("there is no " + kind + " \"" + id + "\"; there are "
                        + String.join(", ", plays.stream().map(ids).toList())));
    }

    /** The last thing each man is told by then that his table has a row for. */
    private static List<KeyRow> keys(Lineup lineup, List<Shown> shown, double until) {
        return Reacted.of(lineup, shown, until).turns().stream()
                .map(t -> new KeyRow(
                        t.job().id(),
                        t.shown().whose().words(),
                        t.shown().key().name(),
                        t.shown().message().words(),
                        t.shown().seconds(),
                        t.reaction().said()))
                .toList();
    }

    private static RunSheet sheet(Lineup lineup, Blocking b, List<KeyRow> keys) {
        List<Blocking.Row> near = b.atPoint();
        return new RunSheet(
                b.run().id(),
                b.run().name(),
                b.play(),
                Words.spot(b.point()),
                Words.spots(b.run().ballWay(lineup.viewFrom(b.play()))),
                b.ballSeconds(),
                b.outcome(),
                b.rows().stream().map(r -> block(b, r, near.contains(r))).toList(),
                ids(b.read()),
                b.free().stream()
                        .map(f -> new FreeRow(f.job().id(), f.seconds(), f.delay(), f.seconds() <= b.ballSeconds()))
                        .toList(),
                new FitRow(
                        b.fit().gaps(),
                        names(b.fit().inserted()),
                        names(b.fit().left()),
                        ids(b.fit().men()),
                        ids(b.fit().exchange()),
                        b.fit().shortBy()),
                b.doings().stream().map(PlaySheetMaker::doing).toList(),
                keys);
    }

    private static DoingRow doing(Blocking.Doing doing) {
        String then = doing.then() == null ? "" : ", then " + doing.then().words();
        String does = doing.block() == null
                ? doing.does().name().toLowerCase(Locale.ROOT).replace('_', ' ')
                : doing.block().words();
        String on = doing.on() == null
                ? doing.block() == null || doing.does() == Blocking.Does.CLIMBS ? "" : ", finds nobody"
                : " on " + doing.on().words();
        return new DoingRow(doing.man().name(), does + on + then);
    }

    private static BlockRow block(Blocking blocking, Blocking.Row row, boolean near) {
        Point from = row.blockers().get(0).feet();
        Point man = row.defender().feet();
        return new BlockRow(
                names(row.blockers()),
                row.how().words(),
                row.defender().id(),
                row.then() == null ? null : row.then().id(),
                row.difficulty().grade(),
                row.difficulty().words(),
                near,
                man == null
                        ? List.of()
                        : Words.spots(row.how()
                                .wayOnto(
                                        from,
                                        man,
                                        blocking.point(),
                                        blocking.play().sign())));
    }

    /**
     * The routes of a pass concept; none when it cannot be run to that side. @throws RefusedException naming the
     * concepts there are
     */
    public Optional<PassSheet> pass(Lineup lineup, String id, Side side) {
        Pass pass = named("pass", id, plays.passes(), Pass::id);
        var matchup = new Matchup(lineup);
        return matchup.distribution(pass, side)
                .map(d -> sheet(
                        d,
                        matchup.launch(pass, side),
                        fake(lineup, pass, side),
                        PassRush.of(new Pressures(lineup), plays, d).map(PlaySheetMaker::rush),
                        keys(lineup, matchup.shown(pass, side), pass.throwSeconds())));
    }

    /**
     * Blocks, routes and keys of a run-pass option; none when it cannot be run to that side. @throws RefusedException
     * naming the options there are
     */
    public Optional<OptionSheet> option(Lineup lineup, String id, Side side) {
        RunPass option = named("run-pass option", id, plays.options(), RunPass::id);
        var matchup = new Matchup(lineup);
        Pass pass = option.pass();
        return matchup.conflict(option, side)
                .flatMap(conflict -> matchup.blocking(option.run(), side)
                        .flatMap(run -> matchup.distribution(pass, side)
                                .map(routes -> new OptionSheet(
                                        line(lineup, conflict).orElseThrow(),
                                        sheet(
                                                lineup,
                                                run,
                                                keys(
                                                        lineup,
                                                        matchup.shown(option, side),
                                                        Math.max(run.ballSeconds(), pass.throwSeconds()))),
                                        sheet(
                                                routes,
                                                matchup.launch(pass, side),
                                                null,
                                                Optional.empty(),
                                                List.of())))));
    }

    private static @Nullable FakeRow fake(Lineup lineup, Pass pass, Side side) {
        Delivery.Fake fake = pass.delivery().fake();
        return fake == null ? null : new FakeRow(fake.run().name(), fake.until(lineup.viewFrom(side)));
    }

    private static PassSheet sheet(
            Distribution d, Point from, @Nullable FakeRow fake, Optional<PassRushRow> rush, List<KeyRow> keys) {
        Pass pass = d.pass();
        List<Distribution.Row> shared =
                d.overloads().stream().flatMap(o -> o.rows().stream()).toList();
        return new PassSheet(
                pass.id(),
                pass.name(),
                d.play(),
                pass.throwSeconds(),
                Words.spot(from),
                fake,
                pass.attacks(),
                d.matched(),
                given(d).orElse(null),
                d.rows().stream().map(r -> route(r, shared.contains(r))).toList(),
                rush.orElse(null),
                keys);
    }

    private static RouteRow route(Distribution.Row r, boolean shared) {
        String lost = r.lost() == null
                ? null
                : r.lost().leverage() + " leverage, breaks " + (r.lost().breaksOut() ? "out" : "in");
        String rub = r.rub() == null
                ? null
                : r.rub().by().name() + " is in the way of " + r.rub().job().words();
        return new RouteRow(
                r.man().name(),
                r.number(),
                r.route().id().replace('-', ' '),
                r.way().stream().map(Words::spot).toList(),
                Words.spot(r.caught()),
                r.seconds(),
                Stream.concat(r.covers().stream(), r.tooLate().stream())
                        .map(c -> new CoverRow(c.job().id(), c.by(), c.late() ? c.lateSeconds() : 0))
                        .toList(),
                had(r, shared),
                lost,
                rub);
    }

    private static Had had(Distribution.Row r, boolean shared) {
        if (r.covers().isEmpty()) {
            return r.late() ? Had.LATE : Had.NOBODY;
        }
        if (shared) {
            return Had.SHARED;
        }
        return r.owners().size() > 1 ? Had.TWO : Had.ONE;
    }

    private static List<String> ids(List<Job> jobs) {
        return jobs.stream().map(Job::id).toList();
    }

    private static List<String> names(List<Man> men) {
        return men.stream().map(Man::name).toList();
    }
}
