package mensch.core.rung;

import java.util.Arrays;
import java.util.List;
import mensch.core.document.RefusedException;

/**
 * What a key can tell the man who reads it (handbook 3): a block, a release, or the way the flow goes. The same words
 * in read tables, simulation, quiz and grades.
 */
public enum Message {
    BASE("base"),
    REACH("reach"),
    DOWN("down"),
    DOWN_ON_ME("down on me"),
    DOUBLE("double"),
    PULL("pull"),
    CUT_OFF("cut-off"),
    PASS_SET("pass set"),
    RELEASE("release"),
    CRACK("crack"),
    RUN("run"),
    FLOW_TO_ME("flow to me"),
    FLOW_AWAY("flow away");

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

    static List<String> all() {
        return Arrays.stream(values()).map(Message::words).toList();
    }
}
