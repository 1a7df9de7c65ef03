package mensch.core.call;

import java.util.List;
import mensch.core.rung.Condition;

/** What the defence does about a motion; facts are always recomputed, an answer decides the seats. */
public record MotionAnswer(Condition when, Kind kind, List<String> roles) {

    public enum Kind {
        /** Seats held, ladders read again. */
        BUMP("bump"),
        /** The named roles ask their side word again; a safety stays on his side and takes its deep seat. */
        RESEAT("reseat"),
        /** The named role goes to the side the motion ended on. */
        TRAVEL("travel"),
        /** The safeties exchange jobs: each takes the deep seat of the side he stands on. */
        ROTATE("rotate"),
        /** Another call altogether; {@code roles} holds its id. */
        CHECK("check"),
        /** Jobs of the earlier phase kept, whatever the facts. */
        STAY("stay");

        private final String words;

        Kind(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What a call without a fitting answer does. */
    public static final MotionAnswer BUMP = new MotionAnswer(new Condition.Always(), Kind.BUMP, List.of());

    public MotionAnswer {
        roles = List.copyOf(roles);
    }

    public String words() {
        String answer = kind.words() + (roles.isEmpty() ? "" : " " + String.join(", ", roles));
        return when instanceof Condition.Always ? answer : "when " + when.words() + ": " + answer;
    }
}
