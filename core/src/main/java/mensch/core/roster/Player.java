package mensch.core.roster;

import java.util.Locale;
import mensch.core.document.RefusedException;
import mensch.core.front.Role.Body;
import org.jspecify.annotations.Nullable;

/**
 * A defender of the squad.
 *
 * @param id his key in the chart
 * @param number on his jersey, 0 to 99
 * @param body kind of player he is
 * @param weight pounds, or null when not taken
 * @param shuttle seconds for the short shuttle (5-10-5 yd), lower is quicker; null when not taken
 * @param alias what he is called on what others than his coaches may read, as a minor may be; null when it is his name
 */
public record Player(
        String id,
        int number,
        String name,
        Body body,
        @Nullable Integer weight,
        @Nullable Double shuttle,
        @Nullable String alias) {

    public Player {
        if (number < 0 || number > 99) {
            throw new RefusedException(name + " wears " + number + "; a number is 0 to 99");
        }
        if (name.isBlank()) {
            throw new RefusedException("number " + number + " has no name");
        }
    }

    /** Called by his name everywhere. */
    public Player(String id, int number, String name, Body body, @Nullable Integer weight, @Nullable Double shuttle) {
        this(id, number, name, body, weight, shuttle, null);
    }

    /** Without what was measured of him, for those who need not know it. */
    public Player unmeasured() {
        return new Player(id, number, name, body, null, null, alias);
    }

    /** As a coach points at him: {@code 54 Haskett}. */
    public String said() {
        return number + " " + name;
    }

    /** Size and quickness, as far as taken: {@code 248 lb, shuttle 4.71 s}. */
    public String measured() {
        String size = weight == null ? "" : weight + " lb";
        String quick = shuttle == null ? "" : String.format(Locale.ROOT, "shuttle %.2f s", shuttle);
        return size.isEmpty() || quick.isEmpty() ? size + quick : size + ", " + quick;
    }
}
