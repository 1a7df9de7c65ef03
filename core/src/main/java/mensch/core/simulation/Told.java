package mensch.core.simulation;

import mensch.core.event.Event;
import mensch.core.event.Message;
import mensch.core.lineup.Reaction;
import org.jspecify.annotations.Nullable;

/**
 * What he will act on, and when.
 *
 * @param wrong whether he has taken it for something else than it is
 */
record Told(int tick, Reaction reaction, boolean wrong) {
    Told(int tick, Reaction reaction) {
        this(tick, reaction, false);
    }

    /** Whether it says the contrary of what has changed his orders before. */
    boolean takesBack(@Nullable Told before) {
        return before != null
                && reaction.on() instanceof Event.KeyShows now
                && before.reaction.on() instanceof Event.KeyShows then
                && now.message().contradicts(then.message());
    }

    boolean on(Message message) {
        return reaction.on().equals(message.shown());
    }
}
