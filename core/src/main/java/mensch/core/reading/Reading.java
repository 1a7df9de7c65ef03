package mensch.core.reading;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Convention;
import mensch.core.convention.KeyLimits;
import mensch.core.event.Message;
import mensch.core.geometry.Vector;

/**
 * What a key tells by how it moves. It never knows what the play is called: direction, hands and the neighbours decide
 * (handbook 3, keys). The nearest word first, then what else it is called; empty when nothing can be told yet.
 */
public final class Reading {
    private final KeyLimits limits;
    private final double declares;
    private final KeyLimits.Line line;
    private final Reader reader;
    private final Moves key;
    private final List<Moves> neighbours;
    private final double seconds;

    private Reading(Convention convention, Reader reader, Moves key, List<Moves> neighbours, double seconds) {
        this.limits = convention.keys();
        this.declares = convention.messages().declares();
        this.line = limits.line();
        this.reader = reader;
        this.key = key;
        this.neighbours = neighbours;
        this.seconds = seconds;
    }

    /**
     * @param neighbours the men of the line beside the key, those there are
     * @param seconds after the snap
     */
    public static List<Message> of(
            Convention convention, Reader reader, KeyKind kind, Moves key, List<Moves> neighbours, double seconds) {
        var reading = new Reading(convention, reader, key, neighbours, seconds);
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
    public static boolean sets(KeyLimits.Line line, double across, double up) {
        return up < -line.tells() / 2 && Math.abs(across) <= -line.sets() * up;
    }

    /**
     * Whether a lineman stands up and waits, as far as those can tell who do not read him: he has given ground and has
     * not left his place.
     */
    public static boolean givesGround(KeyLimits.Line line, double across, double up) {
        return up < -line.tells() / 2 && Math.abs(across) < line.leaves();
    }

    /**
     * Whether a lineman who has his hands on a man waited for him and did not come at him: he protects.
     *
     * @param seconds after the snap
     */
    public static boolean catches(KeyLimits.Line line, double across, double up, double seconds) {
        return up < 0 && seconds < line.catches() && Math.abs(across) < line.leaves() / 2;
    }

    private List<Message> line() {
        double across = key.step(limits).x();
        double up = key.step(limits).y();
        boolean touched = key.hands() == Moves.Hands.READER;
        if (!touched && Math.abs(across) + Math.abs(up) < line.tells()) {
            return List.of();
        }
        if (touched ? catches(line, across, up, seconds) : sets(line, across, up)) {
            // alone he turns on whoever comes behind a man who has left
            return neighbours.isEmpty() || neighbours.stream().anyMatch(n -> givesGround(line, n.across(), n.up()))
                    ? List.of(Message.PASS_SET)
                    : with(Message.RUN, Message.CUT_OFF);
        }
        if (!touched && Math.abs(across) > line.leaves() && up < line.flat() * Math.abs(across)) {
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
        if (past > line.pastTheLine() && outside() * across > line.arcs() * up) {
            return List.of(Message.RELEASE, Message.ARC);
        }
        if (past > (reader.onTheLine() ? line.pastTheLine() : line.past())) {
            return List.of(Message.RELEASE);
        }
        if (Math.abs(across) > Math.max(line.tells(), up)) {
            return with(Message.RUN, up < 0 ? Message.CUT_OFF : along(toMe));
        }
        boolean byMe = reader.onTheLine() && toMe < -line.tells() && past > 0;
        if (toMe < 0 && slants() || byMe) {
            return with(Message.RUN, Message.DOWN);
        }
        return with(Message.RUN, Message.BASE);
    }

    /** How far he has come to my side; to a man over him on the line every step is, to one behind it a step outside. */
    private double toMe(double beside, double across) {
        if (Math.abs(beside) > limits.headUp()) {
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
        boolean comesIn = outside() * key.step(limits).x() <= 0;
        if (comesIn && toMe > 0 && slants()) {
            return beside() ? List.of(Message.DOWN, Message.DOWN_ON_ME, Message.RUN) : with(Message.RUN, Message.DOWN);
        }
        if (toMe < line.tells() && leaveMe()) {
            return with(Message.RUN, Message.CUT_OFF);
        }
        return with(Message.RUN, flat() && toMe >= 0 ? Message.REACH : Message.BASE);
    }

    /** Whether he who is on me and the men beside him go to the other side of the front than mine. */
    private boolean leaveMe() {
        double side = Math.signum(reader.feet().x() - reader.middle());
        return !neighbours.isEmpty()
                && side * key.step(limits).x() < line.tells()
                && neighbours.stream().allMatch(n -> side * n.step(limits).x() < -line.steps());
    }

    /** Whether he goes across more than up the field. */
    private boolean flat() {
        return Math.abs(key.step(limits).x())
                > Math.max(line.tells(), key.step(limits).y());
    }

    /** Whether he goes across nearly as much as up the field. */
    private boolean slants() {
        return Math.abs(key.step(limits).x())
                > Math.max(line.tells() / 2, line.slants() * key.step(limits).y());
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
        return Math.abs(beside) <= limits.headUp() ? 0 : Math.signum(beside);
    }

    /** Whether he is not the man over me but the next. */
    private boolean beside() {
        return Math.abs(reader.feet().x() - key.from().x()) > line.next();
    }

    /** He has his hands on another man. */
    private List<Message> onAnother(double toMe, double beside) {
        if (key.at().y() > line.pastTheLine()) {
            return List.of(Message.RELEASE);
        }
        if (flows() && flat()) {
            return with(Message.RUN, toMe > 0 ? Message.REACH : Message.CUT_OFF);
        }
        // on the line it is enough that he has another man and is not coming to me
        boolean goes = reader.onTheLine()
                ? toMe < -line.tells() / 2 || Math.abs(beside) > limits.headUp() && toMe < line.tells()
                : toMe < 0 && slants();
        return with(Message.RUN, goes ? Message.DOWN : Message.BASE);
    }

    /** What a wall that moves along the line says: a reach to the side of the man who reads, a cut-off away from it. */
    private Message wall() {
        double side = reader.feet().x() - reader.middle();
        return side * key.step(limits).x() >= 0 ? Message.REACH : Message.CUT_OFF;
    }

    /** Whether the men beside him step the same way: one moving wall. */
    private boolean flows() {
        return !neighbours.isEmpty()
                && neighbours.stream()
                        .allMatch(n -> n.step(limits).x() * key.step(limits).x() > 0
                                && Math.abs(n.step(limits).x()) > line.tells() / 2);
    }

    private static List<Message> with(Message more, Message first) {
        return List.of(first, more);
    }

    private List<Message> back() {
        KeyLimits.Back back = limits.back();
        if (key.at().y() > back.past() && key.hands() == Moves.Hands.NOBODY) {
            return List.of(Message.LEAKS_PAST);
        }
        if (key.velocity().length() < back.stands()) {
            return seconds > back.protectsAfter() && Math.abs(key.across()) + Math.abs(key.up()) < back.place()
                    ? List.of(Message.PASS_SET)
                    : List.of();
        }
        return flow(true);
    }

    /** Where somebody of the backfield goes. */
    private List<Message> flow(boolean back) {
        double crosses = key.crosses(limits);
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
        KeyLimits.Quarterback his = limits.quarterback();
        if (seconds > his.bootsAfter()
                && Math.abs(key.across()) > his.boots()
                && Math.abs(key.velocity().x()) > his.runs()) {
            return List.of(reader.mine(key.crosses(limits)) ? Message.BOOT_TO_ME : Message.BOOT_AWAY);
        }
        return seconds > his.dropsAfter()
                        && key.up() < -his.drops()
                        && key.velocity().y() < 0
                ? List.of(Message.PASS_SET)
                : List.of();
    }

    /** Who watches the ball sees where it is carried, and who has it. */
    private List<Message> ball() {
        Vector goes = key.velocity();
        boolean back = goes.y() < 0 && Math.abs(goes.x()) < -goes.y();
        if (back || goes.length() < limits.back().stands()) {
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
        KeyLimits.Receiver receiver = limits.receiver();
        if (key.up() < receiver.backfield()
                && key.velocity().length() > receiver.runs()
                && key.velocity().y() < limits.upField()) {
            boolean mine =
                    reader.mine(key.at().x() + receiver.ahead() * key.velocity().x());
            return List.of(mine ? Message.FLOW_TO_ME : Message.FLOW_AWAY);
        }
        boolean inward = (key.at().x() - reader.middle()) * key.velocity().x() < 0;
        boolean sideways =
                Math.abs(key.velocity().x()) > Math.abs(key.velocity().y());
        if (key.hands() == Moves.Hands.READER) {
            return List.of(
                    inward && Math.abs(key.across()) > receiver.cracks() ? Message.CRACK_ON_ME : Message.STALK,
                    Message.RUN);
        }
        if (key.hands() == Moves.Hands.ANOTHER) {
            return List.of(Math.abs(key.across()) > receiver.cracks() ? Message.CRACK : Message.STALK, Message.RUN);
        }
        if (key.up() > receiver.stalksFrom()
                && seconds > receiver.stalksAfter()
                && key.velocity().length() < receiver.gathers()) {
            return List.of(Message.STALK);
        }
        if (key.up() >= declares && key.velocity().y() > receiver.deepSpeed()) {
            return List.of(Message.RELEASE, Message.BREAKS_DEEP);
        }
        if (sideways && key.up() > receiver.underFrom() && key.velocity().length() > receiver.runs()) {
            return List.of(Message.RELEASE, Message.BREAKS_UNDER);
        }
        if (inward
                && sideways
                && key.velocity().length() > receiver.runs()
                && key.up() < receiver.cracksUpTo()
                && seconds > receiver.cracksAfter()) {
            return List.of(Message.CRACK);
        }
        return key.up() > receiver.releases() ? List.of(Message.RELEASE) : List.of();
    }
}
