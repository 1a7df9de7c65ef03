package mensch.core.convention;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.document.RefusedException;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

/** B5: what the engine asks of the house is typed, and a library that cannot answer is refused. */
class SchoolTest {
    @ParameterizedTest
    @EnumSource
    void isOfferedByTheLibraryAndInForceOnlyWhenChosen(School school) {
        House standard = Snaps.LIBRARY.house();
        assertThat(standard.teaches(school)).isFalse();
        Setting setting = standard.settings().stream()
                .filter(s -> s.choices().stream().anyMatch(c -> school.in(choosing(standard, s, c))))
                .findFirst()
                .orElseThrow();
        assertThat(setting.choices())
                .filteredOn(c -> school.in(choosing(standard, setting, c)))
                .hasSize(1);
    }

    private static House choosing(House house, Setting setting, Setting.Choice choice) {
        return new House(house.settings(), new Chosen(Map.of(setting.id(), choice.id()), Map.of()));
    }

    @ParameterizedTest
    @EnumSource
    void thatASettingHasLostIsRefused(School school) {
        List<Setting> settings = Snaps.LIBRARY.house().settings();
        Setting asked = settings.stream()
                .filter(s -> !s.equals(without(s, school)))
                .findFirst()
                .orElseThrow();
        List<Setting> poorer = settings.stream()
                .map(s -> s.equals(asked) ? without(s, school) : s)
                .toList();
        assertThatThrownBy(() -> new House(poorer, new Chosen(Map.of(), Map.of())))
                .isInstanceOf(RefusedException.class)
                .hasMessageContaining(asked.id());
    }

    /** The setting with the choice that this school is called otherwise, when it is of this setting. */
    private static Setting without(Setting setting, School school) {
        House house = Snaps.LIBRARY.house();
        List<Setting.Choice> renamed = setting.choices().stream()
                .map(c -> school.in(choosing(house, setting, c)) ? new Setting.Choice("gone", c.words()) : c)
                .toList();
        return new Setting(setting.id(), setting.title(), setting.why(), renamed);
    }
}
