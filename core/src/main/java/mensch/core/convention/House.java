package mensch.core.convention;

import java.util.List;
import java.util.Map;
import mensch.core.document.RefusedException;

/**
 * What a programme chose among its settings; whatever it did not choose stands at the default.
 *
 * @param chosen choices by setting
 * @param figures what it measures by, where it is not what ships, by {@code group/figure}
 */
public record House(List<Setting> settings, Map<String, String> chosen, Map<String, Double> figures) {

    /** No settings at all: for geometry that asks none. */
    public static final House NONE = new House(List.of(), Chosen.NOTHING);

    public House {
        settings = List.copyOf(settings);
        chosen = Map.copyOf(chosen);
        figures = Map.copyOf(figures);
        for (Map.Entry<String, String> one : chosen.entrySet()) {
            check(settings, one.getKey(), one.getValue());
        }
        if (!settings.isEmpty()) {
            for (School school : School.values()) {
                school.check(settings);
            }
        }
    }

    /** @throws RefusedException when it chose what there is not */
    public House(List<Setting> settings, Chosen chosen) {
        this(settings, chosen.schools(), chosen.figures());
    }

    private static void check(List<Setting> settings, String id, String choice) {
        Setting setting = settings.stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new RefusedException("there is no setting \"" + id + "\"; there are "
                        + settings.stream().map(Setting::id).toList()));
        if (!setting.offers(choice)) {
            throw new RefusedException("\"" + choice + "\" is no choice of " + id + "; there are "
                    + setting.choices().stream().map(Setting.Choice::id).toList());
        }
    }

    /** Whether the programme teaches it so. */
    public boolean teaches(School school) {
        return school.in(this);
    }

    /** The choice in force. @throws RefusedException for a setting that there is not */
    public String choice(String id) {
        String made = chosen.get(id);
        if (made != null) {
            return made;
        }
        for (Setting setting : settings) {
            if (setting.id().equals(id)) {
                return setting.choices().get(0).id();
            }
        }
        throw new RefusedException("there is no setting \"" + id + "\"");
    }

    /** The choice in force, or a value when the library has no such setting. */
    public String choice(String id, String otherwise) {
        return settings.stream().anyMatch(s -> s.id().equals(id)) ? choice(id) : otherwise;
    }
}
