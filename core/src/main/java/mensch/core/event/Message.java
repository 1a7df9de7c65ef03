package mensch.core.event;

import java.util.Arrays;
import java.util.List;
import mensch.core.document.RefusedException;

/**
 * What a key can tell the man who reads it (handbook 3 and 9): a block, a release, the way the flow goes, what a back
 * or a receiver does. The same words in read tables, simulation, quiz and grades; each says one thing and no other.
 */
public enum Message {
    /** He blocks the man who reads him, straight. */
    BASE("base"),
    /** He blocks to the outside shoulder. */
    REACH("reach"),
    /** He blocks the next man inside. */
    DOWN("down"),
    /** The neighbour blocks down on the man who reads. */
    DOWN_ON_ME("down on me"),
    /** Two block the man who reads. */
    DOUBLE("double"),
    /** He leaves along the line to block elsewhere. */
    PULL("pull"),
    /** He cuts off the pursuit: the ball goes away. */
    CUT_OFF("cut-off"),
    /** He sets to protect the passer. */
    PASS_SET("pass set"),
    /** He goes out for a pass, or past the line free. */
    RELEASE("release"),
    /** A receiver comes in to block another man. */
    CRACK("crack"),
    /** A receiver comes in to block the man who reads. */
    CRACK_ON_ME("crack on me"),
    /** A man comes from the inside to drive the man who reads out. */
    KICK("kick"),
    /** He goes round the edge to the first man outside. */
    ARC("arc"),
    /** A receiver blocks out wide. */
    STALK("stalk"),
    /** Whoever pulls comes to the side of the man who reads. */
    PULL_TO_ME("pull to me"),
    PULL_AWAY("pull away"),
    /** Run blocks, whoever they are on. */
    RUN("run"),
    /** The backfield goes to the side of the man who reads. */
    FLOW_TO_ME("flow to me"),
    FLOW_AWAY("flow away"),
    /** This back comes at the man who reads. */
    BACK_TO_ME("back to me"),
    BACK_AWAY("back away"),
    /** The back goes straight through the line. */
    THROUGH_THE_LINE("through the line"),
    /** He does not block by the line and is past it. */
    LEAKS_PAST("leaks past it"),
    /** The quarterback keeps the ball and comes to the side of the man who reads. */
    BOOT_TO_ME("boot to me"),
    BOOT_AWAY("boot away"),
    /** Back and quarterback are at the ball together. */
    MESH("mesh"),
    /** The receiver breaks before eight yards. */
    BREAKS_UNDER("breaks under 8"),
    /** The receiver is at eight yards and not broken. */
    BREAKS_DEEP("breaks at 8"),
    /** The ball is past the line of scrimmage. */
    BALL_CROSSES("ball crosses");

    private final String words;

    Message(String words) {
        this.words = words;
    }

    public String words() {
        return words;
    }

    /** @throws RefusedException naming the messages there are */
    public static Message of(String words) {
        return Arrays.stream(values())
                .filter(m -> m.words.equals(words))
                .findFirst()
                .orElseThrow(() -> new RefusedException(
                        "\"" + words + "\" is no message; a key tells " + String.join(", ", all())));
    }

    public static List<String> all() {
        return Arrays.stream(values()).map(Message::words).toList();
    }

    /** Whether it takes back what the other said of the same man. */
    public boolean contradicts(Message other) {
        return switch (this) {
            case FLOW_TO_ME -> other == FLOW_AWAY;
            case FLOW_AWAY -> other == FLOW_TO_ME;
            case BACK_TO_ME -> other == BACK_AWAY;
            case BACK_AWAY -> other == BACK_TO_ME;
            default -> false;
        };
    }

    /** What it is taken for by who reads it wrong: run for pass, pass for run, to him for away. */
    public Message misread() {
        return switch (this) {
            case FLOW_TO_ME -> FLOW_AWAY;
            case FLOW_AWAY -> FLOW_TO_ME;
            case BACK_TO_ME -> BACK_AWAY;
            case BACK_AWAY -> BACK_TO_ME;
            case PULL_TO_ME -> PULL_AWAY;
            case PULL_AWAY -> PULL_TO_ME;
            case BOOT_TO_ME -> BOOT_AWAY;
            case BOOT_AWAY -> BOOT_TO_ME;
            case BREAKS_UNDER -> BREAKS_DEEP;
            case BREAKS_DEEP -> BREAKS_UNDER;
            case PASS_SET, RELEASE, LEAKS_PAST -> RUN;
            default -> PASS_SET;
        };
    }

    private final Event shown = new Event.KeyShows(this);

    /** That a key shows it, as an event. */
    public Event shown() {
        return shown;
    }
}
