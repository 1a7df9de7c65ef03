package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mensch.core.convention.SnapDetails;
import mensch.core.event.Message;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Distribution;
import mensch.core.matchup.Distribution.Cover;
import mensch.core.matchup.Distribution.Having;
import mensch.core.matchup.Distribution.Row;
import mensch.core.rung.Gives;
import mensch.core.rung.Numbers;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Task;
import mensch.core.simulation.Cause.Blame;
import mensch.core.simulation.Cause.Link;
import mensch.core.simulation.Happening.What;
import mensch.core.simulation.Unfolding.Ending;

/**
 * Walks back from the catch: who has the route by rule, how far he was when the ball left the hand, what he had seen
 * and who was in his way; or how the rush got there. Men and places are those of the play as it really went.
 */
final class PassCauses {

    private final SnapDetails.PassCauses figures;
    private final Stage stage;
    private final Lineup lineup;
    private final List<Fault> blamed;
    private final Distribution told;
    private final Unfolding snap;
    private final List<Link> links = new ArrayList<>();

    private PassCauses(Stage stage, Distribution told, Unfolding snap, List<Fault> blamed) {
        this.blamed = blamed;
        this.figures = stage.model().details().passCauses();
        this.stage = stage;
        this.lineup = stage.asked();
        this.told = told;
        this.snap = snap;
    }

    /**
     * @param blamed what was put in and may be to blame
     * @param held whether the play gained less than the down asks
     */
    static Cause of(Stage stage, Distribution told, Unfolding snap, List<Fault> blamed, boolean held) {
        return new PassCauses(stage, told, snap, blamed).walk(held);
    }

    private Cause walk(boolean held) {
        Optional<Happening> caught = first(What.CAUGHT);
        if (caught.isPresent()) {
            return caught(caught.get(), held);
        }
        Optional<Happening> runs = first(What.SCRAMBLES);
        if (runs.isPresent()) {
            return runs(runs.get(), held);
        }
        nobodyHasIt();
        return new Cause(links, Blame.HELD, links.get(0).man());
    }

    // ---- the ball is not caught

    private void nobodyHasIt() {
        Happening last = snap.happenings().get(snap.happenings().size() - 1);
        if (snap.ending() == Ending.SACKED) {
            add(
                    last.who(),
                    last.tick(),
                    called(last.who()) + " has the quarterback at " + seconds(last.tick()) + ", " + yards(-snap.gain())
                            + " behind the line.");
            blocked(last.who(), last.tick());
            looks();
            return;
        }
        Optional<Happening> ball = first(What.THROWN);
        add(last.who(), last.tick(), SnapWords.said(lineup, last));
        ball.ifPresent(b -> {
            String to = String.valueOf(b.whom());
            nearest(to, last.tick())
                    .ifPresent(near -> add(
                            near,
                            last.tick(),
                            called(near) + " is " + yards(apart(near, to, last.tick())) + " from " + called(to)
                                    + " then."));
        });
        hurried();
        looks();
    }

    private void blocked(String rusher, int before) {
        Optional<Happening> block = last(What.CONTACT, rusher, before);
        if (block.isEmpty()) {
            add(rusher, before, "Nobody blocks him.");
            return;
        }
        Optional<Happening> rid = snap.happenings().stream()
                .filter(h -> h.what() == What.SHED
                        && h.who().equals(rusher)
                        && h.tick() >= block.get().tick()
                        && h.tick() <= before)
                .findFirst();
        add(
                rusher,
                block.get().tick(),
                called(block.get().who()) + " has him at " + seconds(block.get().tick())
                        + rid.map(r -> "; he is rid of him at " + seconds(r.tick()) + ".")
                                .orElse("."));
    }

    private void looks() {
        snap.happenings().stream()
                .filter(h -> h.what() == What.LOOKS_AT)
                .forEach(h -> add(h.said(), h.tick(), SnapWords.said(lineup, h)));
    }

    private void hurried() {
        first(What.HURRIED)
                .ifPresent(h -> add(
                        h.who(), h.tick(), called(h.who()) + " is near the quarterback at " + seconds(h.tick()) + "."));
    }

    // ---- the quarterback runs

    private Cause runs(Happening runs, boolean held) {
        add(
                runs.who(),
                runs.tick(),
                "Nobody is open and the rush leaves a lane: he runs at " + seconds(runs.tick()) + ".");
        looks();
        broughtDown();
        return new Cause(links, held ? Blame.HELD : Blame.GEOMETRY, "");
    }

    // ---- the ball is caught

    private Cause caught(Happening caught, boolean held) {
        String receiver = caught.who();
        int tick = caught.tick();
        double deep = caught.place().y();
        Optional<String> nearest = nearest(receiver, tick);
        add(
                receiver,
                tick,
                called(receiver) + " has it "
                        + (deep < 0 ? yards(-deep) + " behind the line" : yards(deep) + " down the field")
                        + " at " + seconds(tick)
                        + nearest.map(n -> ", " + yards(apart(n, receiver, tick)) + " from " + called(n))
                                .orElse("")
                        + ".");
        if (held) {
            hurried();
            broughtDown();
            return new Cause(links, Blame.HELD, snap.tackler().orElse(""));
        }
        Cause of = row(receiver).map(row -> route(row, receiver, tick)).orElseGet(() -> nobody(receiver, tick));
        boolean ran = snap.gain() - deep > figures.runAfter();
        Optional<Happening> missed = snap.happenings().stream()
                .filter(h -> h.what() == What.MISSED && h.tick() >= tick)
                .findFirst();
        snap.happenings().stream()
                .filter(h -> h.what() == What.MISSED && h.tick() >= tick)
                .forEach(m -> add(m.who(), m.tick(), called(m.who()) + " misses him at " + seconds(m.tick()) + "."));
        broughtDown();
        boolean there = of.to() == Blame.BEATEN || of.to() == Blame.GEOMETRY;
        return ran && missed.isPresent() && there && deep < snap.gain() / 2
                ? new Cause(links, Blame.TACKLE, missed.get().who())
                : new Cause(links, of.to(), of.man());
    }

    private Optional<Row> row(String receiver) {
        return told.rows().stream()
                .filter(r -> stage.cast().of(r.man()) == stage.cast().named(receiver))
                .findFirst();
    }

    private Cause nobody(String receiver, int tick) {
        add(receiver, tick, "Nobody has him by rule.");
        return new Cause(links, Blame.CALL, "");
    }

    private Cause route(Row row, String receiver, int tick) {
        List<Cover> covers = row.told();
        if (covers.isEmpty()) {
            add(receiver, tick, "Nobody has the " + row.route().id().replace('-', ' ') + " by rule.");
            return new Cause(links, Blame.CALL, "");
        }
        Cover cover = covers.stream()
                .filter(c -> stage.cast().named(stage.cast().idOf(c.job())) >= 0)
                .min(Comparator.comparingDouble(c -> apart(id(c), receiver, tick)))
                .orElse(covers.get(0));
        String owner = id(cover);
        if (stage.cast().named(owner) < 0) {
            add(receiver, tick, called(owner) + " has it by rule, and his rules give him no place to stand.");
            return new Cause(links, Blame.CALL, "");
        }
        int left = first(What.THROWN).map(Happening::tick).orElse(tick);
        double then = apart(owner, receiver, left);
        double now = apart(owner, receiver, tick);
        add(
                owner,
                left,
                called(owner) + " has the " + row.route().id().replace('-', ' ') + " " + by(cover.by()) + "; he is "
                        + yards(then) + " from " + called(receiver) + " when it is thrown and " + yards(now)
                        + " when it is caught.");
        return owner(row, owner, now, left);
    }

    private Cause owner(Row row, String owner, double now, int left) {
        String fault = Fault.saidOf(owner, blamed);
        if (!fault.isEmpty()) {
            add(owner, 0, "Put in: he " + fault + ".");
            return new Cause(links, Blame.FAULT, owner);
        }
        Optional<Happening> run = tookTheFake(owner, left);
        if (run.isPresent()) {
            return new Cause(links, Blame.READ, owner);
        }
        Optional<Happening> traffic = snap.happenings().stream()
                .filter(h -> h.what() == What.IN_THE_WAY && owner.equals(h.whom()) && h.tick() <= left + 2)
                .findFirst();
        if (traffic.isPresent() && now > figures.there()) {
            add(traffic.get().who(), traffic.get().tick(), SnapWords.said(lineup, traffic.get()));
            return new Cause(links, Blame.TRAFFIC, owner);
        }
        if (row.late()) {
            add(owner, left, "From where he stands he cannot be there when the ball is.");
        }
        if (row.lost() != null && id(row.lost().job()).equals(owner)) {
            add(
                    owner,
                    left,
                    "His leverage is " + row.lost().leverage() + ", and the route breaks "
                            + (row.lost().breaksOut() ? "out" : "in") + ".");
        }
        return new Cause(links, now <= figures.there() ? Blame.BEATEN : Blame.GEOMETRY, owner);
    }

    /** He acted on a run and came up; he saw late that it was none. */
    private Optional<Happening> tookTheFake(String owner, int left) {
        Optional<Happening> fake = first(What.FAKED);
        if (fake.isEmpty()) {
            return Optional.empty();
        }
        Optional<Happening> acted = snap.happenings().stream()
                .filter(h ->
                        h.what() == What.TOLD && h.who().equals(owner) && h.tick() <= left && tellsRun(owner, h.said()))
                .findFirst();
        if (acted.isEmpty()) {
            return Optional.empty();
        }
        int man = snap.men().indexOf(owner);
        double from = snap.at(man, 0).y();
        int highest = 0;
        for (int tick = 1; tick <= left; tick++) {
            highest = snap.at(man, tick).y() < snap.at(man, highest).y() ? tick : highest;
        }
        double up = from - snap.at(man, highest).y();
        int since = acted.get().tick();
        boolean stops = deep(owner)
                && Clock.seconds(left - since) > figures.stopped()
                && snap.at(man, left).y() < snap.at(man, since).y() + figures.cameUp() / 2;
        if (up < figures.cameUp() && !stops) {
            return Optional.empty();
        }
        String does = up < figures.cameUp()
                ? " and gives no ground until it is thrown at " + seconds(left)
                : " and comes up " + yards(up) + " by " + seconds(highest);
        add(owner, since, "He acts on \"" + acted.get().said() + "\" at " + seconds(since) + does + ": it was a fake.");
        return acted;
    }

    private boolean deep(String owner) {
        return stage.cast().job(stage.cast().named(owner)).passTask() instanceof Task.Cover cover
                && cover.area().deep();
    }

    /** Whether what he acted on sends him to the run: by what he is taught on it, or as everybody knows. */
    private boolean tellsRun(String owner, String said) {
        var job = stage.cast().job(stage.cast().named(owner));
        return said.equals(Message.RUN.words())
                || job.after().reactions().stream()
                        .filter(r -> r.on().words().equals(said))
                        .anyMatch(r -> r.orders() instanceof ReadTable.Stands
                                || r.orders() instanceof ReadTable.Becomes becomes
                                        && becomes.parts().stream().anyMatch(g -> g instanceof Gives.Run));
    }

    private static String by(Having having) {
        return switch (having) {
            case MAN -> "as his man";
            case MATCH -> "by his match";
            case AREA -> "by his area";
            case PUSH -> "by the push";
            case DEEP -> "by his deep part";
            case HOLE -> "as help";
        };
    }

    private void broughtDown() {
        snap.tackler()
                .ifPresentOrElse(
                        who -> add(
                                who,
                                snap.ticks() - 1,
                                called(who) + SnapWords.downs(lineup) + " after " + yards(snap.gain()) + "."),
                        () -> add(
                                "",
                                snap.ticks() - 1,
                                snap.scores()
                                        ? "Nobody" + SnapWords.downs(lineup) + "."
                                        : "He is out of bounds after " + yards(snap.gain()) + "."));
    }

    // ---- what it is made of

    private String id(Cover cover) {
        return id(cover.job());
    }

    private String id(Job job) {
        return stage.cast().idOf(job);
    }

    private String called(String id) {
        return lineup.called(id);
    }

    private double apart(String one, String other, int tick) {
        return snap.at(snap.men().indexOf(one), tick)
                .distance(snap.at(snap.men().indexOf(other), tick));
    }

    private Optional<String> nearest(String receiver, int tick) {
        return snap.men().subList(stage.cast().defence, snap.men().size()).stream()
                .min(Comparator.comparingDouble(d -> apart(d, receiver, tick)));
    }

    private void add(String man, int tick, String said) {
        links.add(new Link(man, tick, said));
    }

    private Optional<Happening> first(What what) {
        return snap.happenings().stream().filter(h -> h.what() == what).findFirst();
    }

    private Optional<Happening> last(What what, String whom, int before) {
        return snap.happenings().stream()
                .filter(h -> h.what() == what && whom.equals(h.whom()) && h.tick() <= before)
                .reduce((a, b) -> b);
    }

    private static String seconds(int tick) {
        return Numbers.words(Clock.seconds(tick)) + " s";
    }

    private static String yards(double yards) {
        return Numbers.tenth(yards) + " yd";
    }
}
