package mensch.core.convention;

import java.util.Map;

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
}
