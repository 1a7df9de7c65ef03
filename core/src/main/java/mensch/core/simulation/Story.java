package mensch.core.simulation;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What happens, written down as it does. */
final class Story {
    private final Cast cast;
    private final Ground ground;
    private final List<Happening> happenings = new ArrayList<>();

    Story(Cast cast, Ground ground) {
        this.cast = cast;
        this.ground = ground;
    }

    void tell(Happening.What what, int who, int tick, String said) {
        add(what, who, null, tick, said);
    }

    void tell(Happening.What what, int who, int whom, int tick, String said) {
        add(what, who, cast.actors.get(whom).id(), tick, said);
    }

    private void add(Happening.What what, int who, @Nullable String whom, int tick, String said) {
        happenings.add(new Happening(what, cast.actors.get(who).id(), whom, tick, ground.at(who), said));
    }

    /** What happened last. */
    Happening last() {
        return happenings.get(happenings.size() - 1);
    }

    List<Happening> happenings() {
        return List.copyOf(happenings);
    }
}
