package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.IntPredicate;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.SnapModel;
import mensch.core.event.Event;
import mensch.core.event.Message;
import mensch.core.formation.Man;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.AreaLedger;
import mensch.core.lineup.Job;
import mensch.core.lineup.Reaction;
import mensch.core.matchup.FlagRun;
import mensch.core.reading.KeyKind;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gives;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Task;
import org.jspecify.annotations.Nullable;

/**
 * What each defender knows and what he has been told to do about it. He reads his keys by how they move, acts on what
 * he is taught after his reaction, and never sees what the play is called.
 */
final class Minds {

    private final SnapDetails.Minds figures;
    private final Cast cast;
    private final Ground ground;
    private final SnapModel model;
    private final Story story;
    private final ReactionTimes times;
    private final Misreads misreads;

    private final int[] fooledUntil;
    private final Keys keys;
    private final List<List<Told>> told = new ArrayList<>();
    /** What has changed his orders last. */
    private final @Nullable Told[] became;

    private final Task[] run;
    private final Task[] pass;
    private final boolean[] knowsRun;
    private final boolean[] passes;
    /** Whose key is a receiver who has released. */
    private final boolean[] runAt;

    /** When a man acts on where the ball goes through; a large number as long as nobody can tell. */
    private final int[] ballFrom;

    /** Whether everybody can see that it is a pass. */
    private boolean passShown;

    /** Whether it has been handed off. */
    private boolean given;

    private final Looks looks;
    private final AreaLedger areas;

    Minds(Cast cast, Ground ground, Contests contests, SnapModel model, Luck luck, Story story, Stage stage) {
        this.cast = cast;
        this.figures = cast.details.minds();
        this.ground = ground;
        this.model = model;
        this.story = story;
        this.areas = stage.areas();
        int men = cast.size();
        run = new Task[men];
        pass = new Task[men];
        knowsRun = new boolean[men];
        passes = new boolean[men];
        runAt = new boolean[men];
        became = new Told[men];
        times = new ReactionTimes(cast, contests, model, luck);
        misreads = new Misreads(men);
        fooledUntil = new int[men];
        ballFrom = new int[men];
        Arrays.fill(ballFrom, Integer.MAX_VALUE);
        looks = new Looks(cast, ground);
        keys = new Keys(cast, ground, contests, stage);
        for (Actor actor : cast.actors) {
            int i = actor.index();
            told.add(new ArrayList<>());
            Job job = actor.job();
            if (job == null) {
                continue;
            }
            orders(i);
        }
    }

    /** What he comes to the line with. */
    private void orders(int defender) {
        Actor actor = cast.actors.get(defender);
        Job job = cast.job(defender);
        run[defender] = job.runTask();
        pass[defender] = job.passTask();
        passes[defender] = !job.role().lineman() && fromTheSnap(actor, job);
    }

    /** Who plays pass until he sees a run: a deep man, and who has a receiver who stands out. */
    private boolean fromTheSnap(Actor actor, Job job) {
        if (job.passTask() instanceof Task.OnMen on) {
            Optional<Man> his = cast.lineup.view(job).man(on.men().get(0));
            return actor.start().y() > figures.backer()
                    || his.isPresent() && cast.shape.number(his.get()) > 0 && split(his.get());
        }
        if (job.passTask() instanceof Task.Cover cover && cover.area().lane()) {
            return cast.actors.stream().anyMatch(a -> a.man() != null && before(actor, a.man()));
        }
        return actor.start().y() > figures.backer() && !(job.passTask() instanceof Task.None);
    }

    /** Whether a receiver who stands out is the man he is lined up on. */
    private boolean before(Actor actor, Man man) {
        return cast.shape.number(man) > 0
                && split(man)
                && Math.abs(man.x() - actor.start().x()) < figures.on();
    }

    private boolean split(Man man) {
        return !cast.shape.flank(Side.LEFT).attached(man)
                && !cast.shape.flank(Side.RIGHT).attached(man);
    }

    void slower(int defender, int ticks) {
        times.slower(defender, ticks);
    }

    /** The first thing he is shown he takes for something else, and sees it so many ticks later. */
    void misled(int defender, int ticks) {
        misreads.put(defender, ticks);
    }

    /** How much later than others he acts on what he sees, ticks. */
    int slow(int defender) {
        return times.slow(defender);
    }

    /** Everybody looks at his keys, and hears what he was told before. */
    void look(int tick, int ball) {
        boolean reads = tick >= Clock.ticks(model.reading().first())
                && tick <= Clock.ticks(model.reading().until() + figures.past())
                && (tick - Clock.ticks(model.reading().first()))
                                % Clock.ticks(model.reading().again())
                        == 0;
        boolean late = tick > Clock.ticks(model.reading().until());
        if (reads && !late && !passShown && looks.likeAPass(tick, ball)) {
            seesPass(tick, 0);
        }
        for (int d = cast.defence; d < cast.size(); d++) {
            if (reads) {
                int reader = d;
                keys.read(d, tick, ball, late, given, (key, message) -> shows(reader, key, message, tick));
            }
            hear(d, tick);
        }
    }

    /** Everybody can see that it is a pass. */
    private void seesPass(int tick, double later) {
        passShown = true;
        for (int d = cast.defence; d < cast.size(); d++) {
            if (!passes[d]) {
                double fooled = knowsRun[d] ? later : 0;
                told.get(d)
                        .add(new Told(
                                seen(d, tick, Message.PASS_SET) + times.ticks(d, false) + Clock.ticks(fooled),
                                Reaction.passes(Message.PASS_SET.shown())));
            }
        }
    }

    /** When a man sees what everybody can see; who has been shown nothing yet may take it for the other thing. */
    private int seen(int defender, int tick, Message message) {
        if (misreads.begins(defender, tick)) {
            Reaction wrong = message == Message.RUN
                    ? Reaction.passes(Message.PASS_SET.shown())
                    : Reaction.stands(Message.RUN.shown());
            told.get(defender).add(new Told(tick + times.ticks(defender, false), wrong, true));
        }
        return misreads.sees(defender, tick);
    }

    /** The fake is over and the ball is not gone: who has believed it needs a while to see that. */
    void faked(int tick) {
        seesPass(tick, model.reaction().surprise() + model.reaction().fooled());
    }

    /** What everybody can see happens: who is told to wait for it does something else from then on. */
    void happens(Event.Seen seen, int tick, IntPredicate whose) {
        for (int d = cast.defence; d < cast.size(); d++) {
            if (whose.test(d)) {
                Reaction row = cast.job(d).on(seen);
                if (row.taught()) {
                    told.get(d).add(new Told(tick + times.ticks(d, false), row));
                }
            }
        }
    }

    private void shows(int defender, Keys.Key key, Message message, int tick) {
        if (misreads.begins(defender, tick)) {
            told(defender, key, message.misread(), tick, false);
        }
        told(
                defender,
                key,
                message,
                misreads.sees(defender, tick),
                key.shown().stream().anyMatch(message::contradicts));
    }

    /** @param contradicts whether it takes back what the key has shown before */
    private void told(int defender, Keys.Key key, Message message, int tick, boolean contradicts) {
        Optional<Reaction> row = cast.job(defender).after().reactions().stream()
                .filter(r -> r.whose() == key.whose() && r.on().equals(message.shown()) && r.taught())
                .findFirst();
        row.ifPresent(reaction -> {
            story.tell(Happening.What.KEY_SHOWS, defender, key.man(), tick, message.words());
            told.get(defender)
                    .add(new Told(
                            tick
                                    + times.ticks(defender, key.kind() == KeyKind.LINE)
                                    + Clock.ticks(
                                            key.hidden() ? model.reaction().hidden() : 0)
                                    + (contradicts
                                            ? Clock.ticks(model.reaction().surprise())
                                            : 0),
                            reaction,
                            misreads.wrong(defender, tick)));
        });
        if (row.isEmpty() && message == Message.RUN && !knowsRun[defender] && !cast.flag()) {
            told.get(defender).add(new Told(tick + times.ticks(defender, false), Reaction.stands(message.shown())));
        } else if (row.isEmpty() && message == Message.PASS_SET && misreads.wrong(defender, tick)) {
            told.get(defender)
                    .add(new Told(tick + times.ticks(defender, false), Reaction.passes(message.shown()), true));
        }
    }

    private void hear(int defender, int tick) {
        List<Told> waiting = told.get(defender);
        for (int i = 0; i < waiting.size(); i++) {
            Told one = waiting.get(i);
            if (one.tick() == tick) {
                act(defender, one, tick);
            }
        }
    }

    private void act(int defender, Told one, int tick) {
        if (one.wrong()) {
            misreads.acts(defender);
        } else if (misreads.ends(defender)) {
            // he sees that he was wrong: his orders are those he came with
            orders(defender);
            knowsRun[defender] = false;
        }
        boolean knew = knowsRun[defender];
        boolean covered = passes[defender];
        ReadTable.Reaction orders = one.reaction().orders();
        if (orders instanceof ReadTable.GoesToPass) {
            passes[defender] = true;
            runAt[defender] |= one.on(Message.RELEASE) && runsWith(defender);
        } else if (one.on(Message.RUN) && orders instanceof ReadTable.Stands && runAt[defender]) {
            // a receiver runs at him: a run elsewhere is nothing to him before the ball is at the line
            return;
        } else if (passShown
                && !one.wrong()
                && !(orders instanceof ReadTable.Becomes)
                && !one.on(Message.BALL_CROSSES)) {
            // a block or a back does not tell him otherwise any more
            return;
        } else if (orders instanceof ReadTable.Stands) {
            if (one.takesBack(became[defender])) {
                run[defender] = cast.job(defender).runTask();
            }
            knowsRun[defender] = true;
            passes[defender] = false;
        } else if (orders instanceof ReadTable.Becomes becomes) {
            became[defender] = one;
            for (Gives part : becomes.parts()) {
                if (part instanceof Gives.Run now && !passShown) {
                    run[defender] =
                            hasAMan(defender) ? run[defender] : now.steps().first();
                    knowsRun[defender] = true;
                    passes[defender] = false;
                } else if (part instanceof Gives.Pass now) {
                    pass[defender] = now.steps().first();
                    passes[defender] = true;
                }
            }
        }
        boolean news = one.on(Message.RUN) ? !knew : !one.on(Message.PASS_SET) || !covered;
        if (news) {
            story.tell(Happening.What.TOLD, defender, tick, one.reaction().on().words());
        }
    }

    /** Whether he is to have one man of an option: no block takes him off that man. */
    private boolean hasAMan(int defender) {
        return run[defender] instanceof Task.Fit fit
                && fit.gap() == null
                && fit.role() != null
                && fit.role().ofOption();
    }

    /** Whether he is on a man, or has the deep part outside, so that a receiver who runs at him is his. */
    private boolean runsWith(int defender) {
        Task task = pass[defender];
        boolean deep = task instanceof Task.Cover cover && cover.area().deep();
        return task instanceof Task.OnMen || deep && start(defender).y() < figures.deep();
    }

    /**
     * Everybody can see that the ball is handed off; whoever does not run with a man is on the run from then on, and in
     * small-sided football who stays home is not.
     *
     * @param x where it goes through
     */
    void handedOff(int tick, double x) {
        passShown = false;
        given = true;
        for (int d = cast.defence; d < cast.size(); d++) {
            boolean runs = cast.job(d).passTask() instanceof Task.OnMen && passes[d];
            if (!runs && !(knowsRun[d] && !passes[d]) && leaves(d, x)) {
                int from = seen(d, tick, Message.RUN)
                        + times.ticks(d, false)
                        + Clock.ticks(model.reaction().hidden());
                told.get(d).add(new Told(from, Reaction.stands(Message.RUN.shown())));
            }
        }
    }

    /** Whether he goes for a ball that is handed off before it crosses the line. */
    private boolean leaves(int defender, double x) {
        return !cast.flag()
                || FlagRun.leaves(cast.lineup, areas.rows(), cast.job(defender), x) != FlagRun.Leaves.ON_CROSSING;
    }

    /**
     * A hand-off that was none, without a line that would tell: whoever goes for it sees a while later that the ball is
     * not there.
     *
     * @param x where the fake goes
     */
    void seemsHandedOff(int tick, double x) {
        passShown = false;
        for (int d = cast.defence; d < cast.size(); d++) {
            boolean runs = cast.job(d).passTask() instanceof Task.OnMen;
            if (!runs && leaves(d, x)) {
                int from = tick
                        + times.ticks(d, false)
                        + Clock.ticks(model.reaction().hidden());
                int until = from
                        + Clock.ticks(
                                model.reaction().surprise() + model.reaction().fooled());
                told.get(d).add(new Told(from, Reaction.stands(Message.RUN.shown())));
                told.get(d).add(new Told(until, Reaction.passes(Message.PASS_SET.shown())));
            }
        }
    }

    /**
     * The quarterback keeps what looked like a hand-off: who is told to have him is not fooled, everybody else believes
     * the back for a while.
     */
    void pulled(int tick) {
        for (int d = cast.defence; d < cast.size(); d++) {
            boolean his = run[d] instanceof Task.Fit fit && fit.role() == FitRole.QUARTERBACK;
            fooledUntil[d] = tick
                    + times.ticks(d, false)
                    + (his ? 0 : Clock.ticks(model.reaction().fooled()));
        }
    }

    boolean fooled(int defender, int tick) {
        return tick < fooledUntil[defender];
    }

    /** Everybody can see where the ball goes through; each acts on it after his reaction. */
    void ballGoes(int tick, boolean crossed) {
        for (int d = cast.defence; d < cast.size(); d++) {
            int sees = crossed ? tick : misreads.sees(d, tick);
            int from =
                    sees + (crossed ? Clock.ticks(model.reaction().carries()) + times.slow(d) : times.ticks(d, false));
            // who plays pass first believes it when the ball is at the line
            if (crossed || !passes[d]) {
                ballFrom[d] = Math.min(ballFrom[d], from);
            }
        }
    }

    boolean knowsBall(int defender, int tick) {
        return tick >= ballFrom[defender];
    }

    boolean knowsRun(int defender) {
        return knowsRun[defender];
    }

    boolean passes(int defender) {
        return passes[defender];
    }

    /** Whether he has been shown that the run goes away from him, and is told what to do then. */
    boolean staysBehind(int defender) {
        return knowsRun[defender]
                && became[defender] != null
                && run[defender] instanceof Task.Fit fit
                && (fit.role() == FitRole.CUT_BACK || fit.role() == FitRole.FOLD || fit.role() == FitRole.CHASE);
    }

    Task run(int defender) {
        return Objects.requireNonNull(run[defender]);
    }

    Task pass(int defender) {
        return Objects.requireNonNull(pass[defender]);
    }

    Point start(int defender) {
        return cast.actors.get(defender).start();
    }

    boolean line(int defender) {
        return cast.onTheLine(defender);
    }
}
