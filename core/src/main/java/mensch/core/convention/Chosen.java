package mensch.core.convention;

import java.util.Map;
import java.util.function.BiPredicate;
import java.util.stream.Collectors;

/**
 * What a programme chose; whatever it did not stands as it ships.
 *
 * @param schools choices by the setting's id
 * @param figures values by {@code group/figure}, each in the unit of its figure
 */
public record Chosen(Map<String, String> schools, Map<String, Double> figures) {
    public static final Chosen NOTHING = new Chosen(Map.of(), Map.of());

    public Chosen {
        schools = Map.copyOf(schools);
        figures = Map.copyOf(figures);
    }

    /** With those of its figures alone of which something is true. */
    public Chosen keeping(BiPredicate<String, Double> figure) {
        return new Chosen(
                schools,
                figures.entrySet().stream()
                        .filter(f -> figure.test(f.getKey(), f.getValue()))
                        .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue)));
    }
}
