package mensch.core.simulation;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import mensch.core.convention.SnapDetails;
import mensch.core.convention.Speeds;
import mensch.core.formation.Man;
import mensch.core.formation.Shape;
import mensch.core.geometry.Side;
import mensch.core.geometry.Vector;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.possible.Builds;
import mensch.core.rung.View;

/** Everybody on the field: the offence first, then the defence. The play goes to the right. */
final class Cast {
    /** Who has moved less than this stands, yards. */
    private static final double STILL = 0.05;

    private final Side play;
    final Lineup lineup;
    final SnapDetails details;
    final Shape shape;
    /** Seen from the play side. */
    final View view;

    final List<Actor> actors;
    /** The first defender. */
    final int defence;

    /** @param play the side the play really goes to: men are called as they stand there */
    Cast(Lineup lineup, Side play) {
        this.play = play;
        this.lineup = lineup;
        this.details = lineup.convention().snap().details();
        this.shape = lineup.features().shape();
        this.view = lineup.viewFrom(Side.RIGHT);
        Speeds speeds = lineup.convention().speeds();
        var all = new ArrayList<Actor>();
        for (Man man : lineup.snap().formation().men()) {
            all.add(new Actor(
                    all.size(),
                    play == Side.RIGHT ? man.name() : man.mirror().name(),
                    man,
                    null,
                    man.feet(),
                    Builds.gait(man, shape, speeds),
                    Builds.size(man, shape),
                    all.size()));
        }
        this.defence = all.size();
        for (Lineup.Placed placed : lineup.placed()) {
            Job job = placed.job();
            all.add(new Actor(
                    all.size(),
                    idOf(job),
                    null,
                    job,
                    placed.feet(),
                    Builds.gait(job.role().body(), speeds),
                    Builds.size(job.role().body()),
                    // two calls name their men differently: luck goes by where he stands in the line of eleven
                    1000 + all.size() - defence));
        }
        this.actors = List.copyOf(all);
    }

    int size() {
        return actors.size();
    }

    /** Small-sided flag. */
    boolean flag() {
        return lineup.flag();
    }

    /** Whether he may catch a pass: everybody but the linemen, and in small-sided football the snapper too. */
    boolean eligible(Actor actor) {
        Man man = actor.man();
        return man != null && (!man.interior() || flag());
    }

    int of(Man man) {
        for (int i = 0; i < defence; i++) {
            if (Objects.equals(actors.get(i).man(), man)) {
                return i;
            }
        }
        throw new IllegalArgumentException(man.name() + " is not on the field");
    }

    int of(Job job) {
        for (int i = defence; i < actors.size(); i++) {
            Job one = actors.get(i).job();
            if (one != null && one.id().equals(job.id())) {
                return i;
            }
        }
        throw new IllegalArgumentException(job.words() + " is not on the field");
    }

    /** @return his place in the list, -1 when nobody is called so */
    int named(String id) {
        for (Actor actor : actors) {
            if (actor.id().equals(id)) {
                return actor.index();
            }
        }
        return -1;
    }

    /** Who takes the snap; the man over the ball when nobody does. */
    int passer() {
        Man taker = shape.quarterback();
        return of(taker == null ? shape.snapper() : taker);
    }

    /** How a man moves at the snap, yards a second: nobody does but a man in motion. */
    Vector moves(Actor actor) {
        var snap = lineup.snap();
        if (actor.man() == null || !snap.moved() || snap.shift()) {
            return new Vector(0, 0);
        }
        Man was = snap.before().formation().man(actor.man().name());
        double way = was == null ? 0 : was.feet().distance(actor.start());
        if (was == null || way < STILL) {
            return new Vector(0, 0);
        }
        double pace =
                snap.pace() > 0 ? snap.pace() : lineup.convention().jobs().way().motion();
        return new Vector(
                pace * (actor.start().x() - was.feet().x()) / way,
                pace * (actor.start().y() - was.feet().y()) / way);
    }

    /** As a man of this cast is called whose job it is. */
    String idOf(Job job) {
        return play == Side.RIGHT ? job.id() : job.mirror().id();
    }

    Job job(int defender) {
        return Objects.requireNonNull(actors.get(defender).job(), "the offence has no jobs");
    }

    /** Whether a defender plays on the line of scrimmage; nobody does where nobody blocks. */
    boolean onTheLine(int defender) {
        return !flag()
                && (job(defender).role().lineman()
                        || actors.get(defender).start().y()
                                <= lineup.convention().blocks().level().first());
    }
}
