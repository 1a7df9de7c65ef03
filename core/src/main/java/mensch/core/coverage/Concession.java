package mensch.core.coverage;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * What a coverage gives away by design and says so: it is told once as its concession and is no finding. Written
 * {@code run}, or an underneath area and the side on which it is given: {@code flat away}, {@code curl cover side}.
 *
 * @param what "run", "flat", "curl" or "hook"
 * @param onCoverSide whether it is given on the cover side
 * @param away whether it is given away from it
 */
public record Concession(String what, boolean onCoverSide, boolean away) {
    private static final List<String> KINDS = List.of("run", "flat", "curl", "hook");

    /** The concession that is written so; none when it cannot be read. */
    static Optional<Concession> of(String words) {
        return KINDS.stream()
                .flatMap(kind -> Stream.of(
                        new Concession(kind, true, true),
                        new Concession(kind, true, false),
                        new Concession(kind, false, true)))
                .filter(c -> c.words().equals(words))
                .findFirst();
    }

    /** As it is written. */
    public String words() {
        return what + (onCoverSide && away ? "" : onCoverSide ? " cover side" : " away");
    }
}
