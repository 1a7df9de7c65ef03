package mensch.core.lineup;

import java.util.List;
import mensch.core.lineup.Given.By;
import mensch.core.lineup.Given.Nobody;
import mensch.core.lineup.Given.None;
import mensch.core.rung.Place;

/** Left and right exchanged in what the ladders gave. */
final class Mirrored {
    private Mirrored() {}

    static <P> Given<P> of(Given<P> given) {
        if (given instanceof By<P> by) {
            return new By<>(by.value(), chain(by.chain()));
        }
        if (given instanceof None<P> none) {
            return new None<>(chain(none.chain()));
        }
        if (given instanceof Nobody<P> nobody) {
            return new Nobody<>(nobody.part(), nobody.wanted(), chain(nobody.chain()));
        }
        return given;
    }

    static Given<Place> place(Given<Place> given) {
        if (given instanceof By<Place> by) {
            return new By<>(by.value().mirror(), chain(by.chain()));
        }
        return of(given);
    }

    private static List<Why> chain(List<Why> chain) {
        return chain.stream().map(Why::mirror).toList();
    }
}
