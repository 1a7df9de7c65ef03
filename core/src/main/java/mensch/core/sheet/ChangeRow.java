package mensch.core.sheet;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One part that motion changed, as it is told to the man.
 *
 * @param name his job as coaches say it
 * @param player who is told, when the roster lists him
 * @param told "you are force now"
 * @param because the facts that flipped
 */
public record ChangeRow(
        String job,
        String name,
        String label,
        @Nullable String player,
        String part,
        String was,
        String is,
        String told,
        List<String> because) {}
