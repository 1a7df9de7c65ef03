package mensch.core.rung;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Whom a defender watches: first the first, through him the next; {@code ignore} are men he is told not to react to.
 */
public record Key(List<Ref> men, List<Ref> ignore) {
    public Key {
        men = List.copyOf(men);
        ignore = List.copyOf(ignore);
    }

    public String words() {
        String watched = men.stream().map(Ref::words).collect(Collectors.joining(" then "));
        return ignore.isEmpty()
                ? watched
                : watched + " ignore " + ignore.stream().map(Ref::words).collect(Collectors.joining(", "));
    }
}
