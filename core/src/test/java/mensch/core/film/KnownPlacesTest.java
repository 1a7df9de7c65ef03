package mensch.core.film;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.core.field.BallSpot;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.film.KnownPlaces.KnownPlace;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class KnownPlacesTest {
    private static Field field(Code code, int toGoal) {
        return new Field(code, BallSpot.middle(toGoal));
    }

    private static double depth(int toGoal, String name) {
        return KnownPlaces.named(field(Code.HIGH_SCHOOL, toGoal), name)
                .map(p -> p.at().y())
                .orElse(Double.NaN);
    }

    /** The offence goes toward our goal line; theirs is behind it. */
    @ParameterizedTest
    @CsvSource({
        "12, our goal line, 12",
        "12, our end line, 22",
        "12, their goal line, -88",
        "91, their goal line, -9",
        "91, their end line, -19",
        "12, goal line, 12",
        "91, goal line, -9"
    })
    void eachGoalLineIsWhereItIs(int toGoal, String line, double depth) {
        assertThat(depth(toGoal, "left sideline, " + line)).isEqualTo(depth);
    }

    @ParameterizedTest
    @EnumSource(Code.class)
    void everyNameIsOnePlaceAndNoTwoNamesAreTheSame(Code code) {
        for (int toGoal : new int[] {3, 24, 50, 97}) {
            Field field = field(code, toGoal);
            var places = KnownPlaces.of(field);
            assertThat(places).hasSizeGreaterThanOrEqualTo(8);
            assertThat(places).extracting(KnownPlace::name).doesNotHaveDuplicates();
            assertThat(places).extracting(KnownPlace::at).doesNotHaveDuplicates();
            for (KnownPlace place : places) {
                assertThat(KnownPlaces.named(field, place.name())).contains(place);
            }
        }
    }

    @Test
    void aFieldForFlagHasNoHashesAndNoNumbers() {
        assertThat(KnownPlaces.of(field(Code.FLAG_5, 24)))
                .extracting(KnownPlace::name)
                .allMatch(name -> name.contains("sideline"))
                .contains("left sideline, our goal line", "right sideline, our 20");
    }

    @Test
    void betweenTheGoalLinesHashesAreOnEveryFifthYard() {
        assertThat(KnownPlaces.of(field(Code.COLLEGE, 8)))
                .extracting(KnownPlace::name)
                .contains("left hash, our 5", "right top of numbers, our 10", "left sideline, our end line")
                .doesNotContain("left hash, our goal line", "left top of numbers, our 5");
    }
}
