package mensch.core.reading;

import java.util.ArrayList;
import java.util.List;
import mensch.core.event.Message;
import mensch.core.geometry.Vector;

/**
 * What a key tells by how it moves. It never knows what the play is called: direction, hands and the neighbours decide
 * (handbook 3, keys). The nearest word first, then what else it is called; empty when nothing can be told yet.
 */
public final class Reading {
    /** Who has moved less than this has told nothing. */
    private static final double TELLS = 0.25;
    /** A step that goes up less than this for each yard across is flat. */
    private static final double FLAT = 0.3;
    /** Who sets to protect goes back, and no farther across than this for each yard. */
    private static final double SETS = 1.0;
    /** Later than this, seconds after the snap, a blocker who gives ground may have been driven back. */
    private static final double CATCHES = 0.8;
    /** A lineman who is so far from his place along the line has left it. */
    private static final double LEAVES = 1.3;
    /** Who is so far behind the line and on nobody has left it free, for a man on the line and for one behind it. */
    private static final double PAST_THE_LINE = 0.8;

    private static final double PAST = 2.2;
    /** Who goes so much across for each yard up blocks down; less is straight ahead. */
    private static final double SLANTS = 0.7;
    /** Who releases goes round when he goes so much outside for each yard up. */
    private static final double ARCS = 0.5;
    /** A step away from me that is felt, yards. */
    private static final double STEPS = 0.08;
    /** Farther beside me than this he is not the man over me but the next one. */
    private static final double NEXT = 0.8;
    /** Nearer than this beside his key a man is head up. */
    private static final double HEAD_UP = 0.2;
    /** A receiver who has come off the line and is slower than this waits for a man, yards a second. */
    private static final double GATHERS = 3.5;
    /** A receiver who runs along the line and has come up no farther than this comes for the ball. */
    private static final double BACKFIELD = 0.3;

    /** So far ahead he is taken to run on, seconds. */
    private static final double AHEAD = 3;
    /** A receiver who has not broken by this depth goes deep. */
    private static final double DEEP = 8;

    private final Reader reader;
    private final Moves key;
    private final List<Moves> neighbours;
    private final double seconds;

    private Reading(Reader reader, Moves key, List<Moves> neighbours, double seconds) {
        this.reader = reader;
        this.key = key;
        this.neighbours = neighbours;
        this.seconds = seconds;
    }

    /**
     * @param neighbours the men of the line beside the key, those there are
     * @param seconds after the snap
     */
    public static List<Message> of(Reader reader, KeyKind kind, Moves key, List<Moves> neighbours, double seconds) {
        var reading = new Reading(reader, key, neighbours, seconds);
        return switch (kind) {
            case LINE -> reading.line();
            case BACK -> reading.back();
            case QUARTERBACK -> reading.quarterback();
            case RECEIVER -> reading.receiver();
            case BALL -> reading.ball();
        };
    }

    /**
     * Whether a lineman who has moved so far since the snap sets to protect.
     *
     * @param across yards, either way
     * @param up yards up the field, negative when he gives ground
     */
    public static boolean sets(double across, double up) {
        return up < -TELLS / 2 && Math.abs(across) <= -SETS * up;
    }

    /**
     * Whether a lineman stands up and waits, as far as those can tell who do not read him: he has given ground and has
     * not left his place.
     */
    public static boolean givesGround(double across, double up) {
        return up < -TELLS / 2 && Math.abs(across) < LEAVES;
    }

    /**
     * Whether a lineman who has his hands on a man waited for him and did not come at him: he protects.
     *
     * @param seconds after the snap
     */
    public static boolean catches(double across, double up, double seconds) {
        return up < 0 && seconds < CATCHES && Math.abs(across) < LEAVES / 2;
    }

    private List<Message> line() {
        double across = key.step().x();
        double up = key.step().y();
        boolean touched = key.hands() == Moves.Hands.READER;
        if (!touched && Math.abs(across) + Math.abs(up) < TELLS) {
            return List.of();
        }
        if (touched ? catches(across, up, seconds) : sets(across, up)) {
            // alone he turns on whoever comes behind a man who has left
            return neighbours.isEmpty() || neighbours.stream().anyMatch(Moves::givesGround)
                    ? List.of(Message.PASS_SET)
                    : with(Message.RUN, Message.CUT_OFF);
        }
        if (!touched && Math.abs(across) > LEAVES && up < FLAT * Math.abs(across)) {
            return List.of(
                    Message.PULL,
                    reader.mine(key.at().x() + across) ? Message.PULL_TO_ME : Message.PULL_AWAY,
                    Message.RUN);
        }
        double beside = reader.feet().x() - key.from().x();
        double toMe = toMe(beside, across);
        if (touched) {
            return onMe(toMe);
        }
        if (key.hands() == Moves.Hands.ANOTHER) {
            return onAnother(toMe, beside);
        }
        double past = key.from().y() + up;
        if (past > PAST_THE_LINE && outside() * across > ARCS * up) {
            return List.of(Message.RELEASE, Message.ARC);
        }
        if (past > (reader.onTheLine() ? PAST_THE_LINE : PAST)) {
            return List.of(Message.RELEASE);
        }
        if (Math.abs(across) > Math.max(TELLS, up)) {
            return with(Message.RUN, up < 0 ? Message.CUT_OFF : along(toMe));
        }
        boolean byMe = reader.onTheLine() && toMe < -TELLS && past > 0;
        if (toMe < 0 && slants() || byMe) {
            return with(Message.RUN, Message.DOWN);
        }
        return with(Message.RUN, Message.BASE);
    }

    /** How far he has come to my side; to a man over him on the line every step is, to one behind it a step outside. */
    private double toMe(double beside, double across) {
        if (Math.abs(beside) > HEAD_UP) {
            return Math.signum(beside) * across;
        }
        return reader.onTheLine() ? Math.abs(across) : outside() * across;
    }

    /** He has his hands on me. */
    private List<Message> onMe(double toMe) {
        if (flows() && flat()) {
            return with(Message.RUN, wall());
        }
        if (reader.blockers() > 1) {
            return with(Message.RUN, Message.DOUBLE);
        }
        boolean comesIn = outside() * key.step().x() <= 0;
        if (comesIn && toMe > 0 && slants()) {
            return beside() ? List.of(Message.DOWN, Message.DOWN_ON_ME, Message.RUN) : with(Message.RUN, Message.DOWN);
        }
        if (toMe < TELLS && leaveMe()) {
            return with(Message.RUN, Message.CUT_OFF);
        }
        return with(Message.RUN, flat() && toMe >= 0 ? Message.REACH : Message.BASE);
    }

    /** Whether he who is on me and the men beside him go to the other side of the front than mine. */
    private boolean leaveMe() {
        double side = Math.signum(reader.feet().x() - reader.middle());
        return !neighbours.isEmpty()
                && side * key.step().x() < TELLS
                && neighbours.stream().allMatch(n -> side * n.step().x() < -STEPS);
    }

    /** Whether he goes across more than up the field. */
    private boolean flat() {
        return Math.abs(key.step().x()) > Math.max(TELLS, key.step().y());
    }

    /** Whether he goes across nearly as much as up the field. */
    private boolean slants() {
        return Math.abs(key.step().x())
                > Math.max(TELLS / 2, SLANTS * key.step().y());
    }

    /** A flat step of a man who has his hands on nobody. */
    private Message along(double toMe) {
        if (!flows()) {
            return toMe > 0 ? Message.REACH : Message.DOWN;
        }
        return beside() ? toMe > 0 ? Message.REACH : Message.CUT_OFF : wall();
    }

    /** The sign of the side his place is on; nothing for the man in the middle. */
    private double outside() {
        double beside = key.from().x() - reader.middle();
        return Math.abs(beside) <= HEAD_UP ? 0 : Math.signum(beside);
    }

    /** Whether he is not the man over me but the next. */
    private boolean beside() {
        return Math.abs(reader.feet().x() - key.from().x()) > NEXT;
    }

    /** He has his hands on another man. */
    private List<Message> onAnother(double toMe, double beside) {
        if (key.at().y() > PAST_THE_LINE) {
            return List.of(Message.RELEASE);
        }
        if (flows() && flat()) {
            return with(Message.RUN, toMe > 0 ? Message.REACH : Message.CUT_OFF);
        }
        // on the line it is enough that he has another man and is not coming to me
        boolean goes = reader.onTheLine()
                ? toMe < -TELLS / 2 || Math.abs(beside) > HEAD_UP && toMe < TELLS
                : toMe < 0 && slants();
        return with(Message.RUN, goes ? Message.DOWN : Message.BASE);
    }

    /** What a wall that moves along the line says: a reach to the side of the man who reads, a cut-off away from it. */
    private Message wall() {
        double side = reader.feet().x() - reader.middle();
        return side * key.step().x() >= 0 ? Message.REACH : Message.CUT_OFF;
    }

    /** Whether the men beside him step the same way: one moving wall. */
    private boolean flows() {
        return !neighbours.isEmpty()
                && neighbours.stream()
                        .allMatch(n -> n.step().x() * key.step().x() > 0
                                && Math.abs(n.step().x()) > TELLS / 2);
    }

    private static List<Message> with(Message more, Message first) {
        return List.of(first, more);
    }

    private List<Message> back() {
        if (key.at().y() > 0.5 && key.hands() == Moves.Hands.NOBODY) {
            return List.of(Message.LEAKS_PAST);
        }
        if (key.velocity().length() < 1.5) {
            return seconds > 0.5 && Math.abs(key.across()) + Math.abs(key.up()) < 1
                    ? List.of(Message.PASS_SET)
                    : List.of();
        }
        return flow(true);
    }

    /** Where somebody of the backfield goes. */
    private List<Message> flow(boolean back) {
        double crosses = key.crosses();
        boolean mine = reader.mine(crosses);
        var messages = new ArrayList<Message>();
        messages.add(mine ? Message.FLOW_TO_ME : Message.FLOW_AWAY);
        if (back) {
            messages.add(mine ? Message.BACK_TO_ME : Message.BACK_AWAY);
            if (Math.abs(crosses - reader.middle()) <= reader.tackle()) {
                messages.add(Message.THROUGH_THE_LINE);
            }
        }
        return messages;
    }

    private List<Message> quarterback() {
        if (seconds > 1 && Math.abs(key.across()) > 2 && Math.abs(key.velocity().x()) > 2) {
            return List.of(reader.mine(key.crosses()) ? Message.BOOT_TO_ME : Message.BOOT_AWAY);
        }
        return seconds > 0.7 && key.up() < -2 && key.velocity().y() < 0 ? List.of(Message.PASS_SET) : List.of();
    }

    /** Who watches the ball sees where it is carried, and who has it. */
    private List<Message> ball() {
        Vector goes = key.velocity();
        boolean back = goes.y() < 0 && Math.abs(goes.x()) < -goes.y();
        if (back || goes.length() < 1.5) {
            return List.of();
        }
        var messages = new ArrayList<>(List.of(Message.RUN));
        messages.addAll(flow(false));
        if (key.at().y() > 0) {
            messages.add(Message.BALL_CROSSES);
        }
        return messages;
    }

    private List<Message> receiver() {
        if (key.up() < BACKFIELD
                && key.velocity().length() > 3
                && key.velocity().y() < 0.5) {
            boolean mine = reader.mine(key.at().x() + AHEAD * key.velocity().x());
            return List.of(mine ? Message.FLOW_TO_ME : Message.FLOW_AWAY);
        }
        boolean inward = (key.at().x() - reader.middle()) * key.velocity().x() < 0;
        boolean sideways =
                Math.abs(key.velocity().x()) > Math.abs(key.velocity().y());
        if (key.hands() == Moves.Hands.READER) {
            return List.of(inward && Math.abs(key.across()) > 2 ? Message.CRACK_ON_ME : Message.STALK, Message.RUN);
        }
        if (key.hands() == Moves.Hands.ANOTHER) {
            return List.of(Math.abs(key.across()) > 2 ? Message.CRACK : Message.STALK, Message.RUN);
        }
        if (key.up() > 1.5 && seconds > 0.6 && key.velocity().length() < GATHERS) {
            return List.of(Message.STALK);
        }
        if (key.up() >= DEEP && key.velocity().y() > 2) {
            return List.of(Message.RELEASE, Message.BREAKS_DEEP);
        }
        if (sideways && key.up() > 1 && key.velocity().length() > 3) {
            return List.of(Message.RELEASE, Message.BREAKS_UNDER);
        }
        if (inward && sideways && key.velocity().length() > 3 && key.up() < 3 && seconds > 0.5) {
            return List.of(Message.CRACK);
        }
        return key.up() > 1.2 ? List.of(Message.RELEASE) : List.of();
    }
}
