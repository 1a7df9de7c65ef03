package mensch.core.event;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** Something that happens and that a man may wait for: what his key tells him, or what everybody sees. */
public sealed interface Event permits Event.KeyShows, Event.Seen {

    /** As the language says it. */
    String words();

    /** A key tells something to the man who reads it. */
    record KeyShows(Message message) implements Event {
        @Override
        public String words() {
            return message.words();
        }
    }

    /** What everybody on the field can see. */
    enum Seen implements Event {
        QUARTERBACK_CROSSES("quarterback crosses"),
        BACK_SWINGS("back swings"),
        BALL_THROWN("ball thrown");

        private final String words;

        Seen(String words) {
            this.words = words;
        }

        @Override
        public String words() {
            return words;
        }
    }

    /** Every event there is, longer words first, so that the longest that fits is read. */
    static List<Event> all() {
        return Stream.<Event>concat(Stream.of(Message.values()).map(KeyShows::new), Stream.of(Seen.values()))
                .sorted(Comparator.comparing((Event e) -> e.words().length())
                        .reversed()
                        .thenComparing(Event::words))
                .toList();
    }

    static Optional<Event> of(String words) {
        return all().stream().filter(e -> e.words().equals(words)).findFirst();
    }
}
