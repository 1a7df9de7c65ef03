package mensch.core.simulation;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import mensch.core.convention.Convention;
import mensch.core.convention.SnapDetails;
import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.formation.Man;
import mensch.core.geometry.Side;
import mensch.core.geometry.Vector;
import mensch.core.lineup.Job;
import mensch.core.matchup.Matchup;
import mensch.core.matchup.Watched;
import mensch.core.reading.KeyKind;
import mensch.core.reading.Moves;
import mensch.core.reading.Reader;
import mensch.core.reading.Reading;

/** Whom each defender watches, and what they tell him by how they move: his keys, the man beside, the ball. */
final class Keys {
    private static final Set<Message> BLOCKS = EnumSet.of(Message.BASE, Message.REACH, Message.DOWN, Message.CUT_OFF);

    private final SnapDetails.Keys figures;
    private final Convention convention;
    private final Cast cast;
    private final Ground ground;
    private final Contests contests;
    private final List<List<Key>> watched = new ArrayList<>();
    private final Map<Man, KeyKind> kinds = new IdentityHashMap<>();

    /**
     * Somebody a man watches.
     *
     * @param beside the men of the line next to him
     * @param hidden whether somebody stands before him at the snap
     * @param shown what he has shown so far; it grows
     */
    record Key(Whose whose, int man, KeyKind kind, int[] beside, Reader reader, boolean hidden, Set<Message> shown) {}

    /** Who is told when a key shows something new. */
    interface Heard {
        void shows(Key key, Message message);
    }

    Keys(Cast cast, Ground ground, Contests contests, Stage stage) {
        this.cast = cast;
        this.convention = cast.lineup.convention();
        this.figures = cast.details.keys();
        this.ground = ground;
        this.contests = contests;
        for (Actor actor : cast.actors) {
            var his = new ArrayList<Key>();
            Job job = actor.job();
            if (job != null) {
                Matchup.Watch watch = stage.matchup().watch(job, Side.RIGHT);
                boolean blind = stage.blind().contains(job.id());
                watch.men().forEach(by -> his.add(key(actor, by, watch.allFlow(), blind && by.whose() == Whose.KEY)));
            }
            watched.add(his);
        }
    }

    private Key key(Actor actor, Watched by, boolean allFlow, boolean hidden) {
        int man = cast.of(by.man());
        List<Man> line = new ArrayList<>(cast.shape.flank(Side.LEFT).surface());
        Collections.reverse(line);
        line.add(cast.shape.centre());
        line.addAll(cast.shape.flank(Side.RIGHT).surface());
        int at = line.indexOf(by.man());
        int[] beside = at < 0
                ? new int[0]
                : IntStream.of(at - 1, at + 1)
                        .filter(i -> i >= 0 && i < line.size())
                        .map(i -> cast.of(line.get(i)))
                        .toArray();
        double middle = cast.shape.centre().x();
        var reader = new Reader(
                actor.start(),
                cast.onTheLine(actor.index()),
                middle,
                cast.shape.flank(Side.RIGHT).tackle().x() - middle,
                allFlow,
                0);
        return new Key(by.whose(), man, kind(by, line), beside, reader, hidden, EnumSet.noneOf(Message.class));
    }

    private KeyKind kind(Watched by, List<Man> line) {
        if (by.ball()) {
            return KeyKind.BALL;
        }
        return kinds.computeIfAbsent(by.man(), man -> {
            if (line.contains(man)) {
                return KeyKind.LINE;
            }
            if (man == cast.shape.quarterback()) {
                return KeyKind.QUARTERBACK;
            }
            return cast.shape.backs().contains(man) ? KeyKind.BACK : KeyKind.RECEIVER;
        });
    }

    /**
     * A man looks at his keys: what they show that they had not shown before.
     *
     * @param late whether the line and the backs tell no more, but for who is past the line without a block
     * @param given whether the ball is: then nobody asks any more who leaks out
     */
    void read(int defender, int tick, int ball, boolean late, boolean given, Heard heard) {
        for (Key key : watched.get(defender)) {
            int man = key.kind() == KeyKind.BALL ? ball : key.man();
            var neighbours = new ArrayList<Moves>();
            for (int beside : key.beside()) {
                neighbours.add(moves(beside, defender));
            }
            Reader reader = new Reader(
                    key.reader().feet(),
                    key.reader().onTheLine(),
                    key.reader().middle(),
                    key.reader().tackle(),
                    key.reader().central(),
                    contests.blockers(defender));
            List<Message> messages =
                    Reading.of(convention, reader, key.kind(), moves(man, defender), neighbours, Clock.seconds(tick));
            for (Message message : messages) {
                if ((!late
                                || key.kind() == KeyKind.BALL
                                || key.kind() == KeyKind.RECEIVER
                                || !given && message == Message.LEAKS_PAST)
                        && inTime(defender, message, tick)
                        && !said(key, message)
                        && key.shown().add(message)) {
                    heard.shows(key, message);
                }
            }
        }
    }

    /** Who has gone to block another man has said so: that he is past the line then, or turns under, is no news. */
    private static boolean said(Key key, Message message) {
        boolean goes = message == Message.RELEASE || message == Message.BREAKS_UNDER;
        return goes && (key.shown().contains(Message.DOWN) || key.shown().contains(Message.CRACK));
    }

    /** What a block was meant to be is told early; later he who blocks is where the fight has taken him. */
    private boolean inTime(int defender, Message message, int tick) {
        return !BLOCKS.contains(message)
                || tick <= Clock.ticks(cast.onTheLine(defender) ? figures.blocksOnTheLine() : figures.blocksBehind());
    }

    private Moves moves(int man, int defender) {
        int on = man < cast.defence ? contests.on[man] : -1;
        Moves.Hands hands = on < 0 ? Moves.Hands.NOBODY : on == defender ? Moves.Hands.READER : Moves.Hands.ANOTHER;
        return new Moves(
                cast.actors.get(man).start(), ground.at(man), new Vector(ground.vx[man], ground.vy[man]), hands);
    }
}
