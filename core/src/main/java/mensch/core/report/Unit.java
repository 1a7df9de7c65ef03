package mensch.core.report;

import java.util.Set;
import mensch.core.document.Worded;
import mensch.core.front.Role.Body;

/** Men who are coached together. */
public enum Unit implements Worded {
    ALL(Body.values()),
    LINE(Body.E, Body.T),
    BACKERS(Body.LB),
    SECONDARY(Body.DB);

    private final Set<Body> bodies;

    Unit(Body... bodies) {
        this.bodies = Set.of(bodies);
    }

    public boolean has(Body body) {
        return bodies.contains(body);
    }
}
