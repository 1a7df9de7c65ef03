package mensch.core.play;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;
import mensch.core.event.Message;

/**
 * What a man of the offence shows to the one who reads him: one row a verb, one column for where he works, seen by the
 * reader. It asks what he does with the one who looks, never what the play is called (handbook 3, line keys; 9, read
 * tables; ours where they are silent).
 */
public final class MessageTable {
    /** Where a man works, seen by the defender who reads him. */
    public enum Toward {
        /** He blocks the reader, and the ball goes to the reader's side of him; or the reader is head up. */
        AT_ME,
        /** He blocks the reader, and the ball goes to his other side. */
        CUTS_ME_OFF,
        /** He goes to the side of him where the reader is not. */
        ACROSS,
        /** He goes by on the reader's side, or up the field. */
        PAST
    }

    private static final String ROWS = """
            zone           | base        | cut-off     | down         | release
            reach          | reach       | cut-off     | cut-off      | release
            base           | base        | base        | down         | release
            down           | down        | down        | down         | down
            pin            | down        | down        | down         | down
            back           | down        | down        | down         | down
            cut off        | cut-off     | cut-off     | cut-off      | release
            hinge          | cut-off     | cut-off     | cut-off      | cut-off
            climb          | base        | base        | release      | release
            trap           | kick, pull  | kick, pull  | pull         | pull
            pull kick      | kick, pull  | kick, pull  | pull         | pull
            pull lead      | pull        | pull        | pull         | pull
            pull force     | pull        | pull        | pull         | pull
            pull corner    | pull        | pull        | pull         | pull
            wham           | kick        | kick        | back away    | back to me
            kick           | kick        | kick        | back away    | back to me
            kick back edge | kick        | kick        | back away    | back to me
            seal back edge | back to me  | back to me  | back away    | back to me
            insert         | back to me  | back to me  | back away    | back to me
            lead           | back to me  | back to me  | back away    | back to me
            lead force     | back to me  | back to me  | back away    | back to me
            arc            | reach, arc  | reach, arc  | release, arc | release, arc
            arc back edge  | reach, arc  | reach, arc  | release, arc | release, arc
            crack          | crack on me | crack on me | crack        | crack
            stalk          | stalk       | stalk       | stalk        | stalk
            fake           | back to me  | back away   | back away    | back to me
            """;

    private static final Map<Block, List<List<Message>>> TABLE = read();

    private MessageTable() {}

    private static Map<Block, List<List<Message>>> read() {
        var table = new EnumMap<Block, List<List<Message>>>(Block.class);
        ROWS.lines()
                .map(line -> line.split("\\|"))
                .forEach(cells -> table.put(
                        Block.of(cells[0].strip()),
                        Arrays.stream(cells).skip(1).map(MessageTable::messages).toList()));
        return table;
    }

    private static List<Message> messages(String cell) {
        return Stream.of(cell.split(",")).map(m -> Message.of(m.strip())).toList();
    }

    /** What a verb shows there: the nearest thing first, then what else it is called. */
    public static List<Message> shows(Block verb, Toward toward) {
        return Objects.requireNonNull(TABLE.get(verb)).get(toward.ordinal());
    }
}
