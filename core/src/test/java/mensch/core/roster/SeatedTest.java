package mensch.core.roster;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Who played a seat: from play to play, by the chart, and from a substitution on. */
class SeatedTest {
    private static Seated nose(String man) {
        return new Seated(Map.of("nose", man, "mike", "dunmore"));
    }

    private static List<String> noses(List<Seated> plays) {
        return plays.stream().map(p -> p.men().getOrDefault("nose", "none")).toList();
    }

    @Test
    void whoIsSaidGoesBeforeWhoPlayedLastAndHeBeforeTheChart() {
        Seated seated = Seated.of(
                List.of("nose", "mike", "will"),
                List.of(
                        Map.of("nose", "said"),
                        Map.of("nose", "last", "mike", "last"),
                        Map.of("nose", "chart", "mike", "chart", "will", "chart")));
        assertThat(seated.men()).isEqualTo(Map.of("nose", "said", "mike", "last", "will", "chart"));
    }

    @Test
    void aManPlaysOnceAndWhoIsNotInTheLineUpNotAtAll() {
        Seated seated = Seated.of(
                List.of("mike", "jack"),
                List.of(
                        Map.of("mike", "sorrel", "nickel", "lomas"),
                        Map.of("jack", "sorrel"),
                        Map.of("jack", "vickery")));
        assertThat(seated.men()).isEqualTo(Map.of("mike", "sorrel", "jack", "vickery"));
        assertThat(Seated.of(List.of("mike", "jack"), List.of(Map.of("mike", "sorrel", "jack", "sorrel")))
                        .men())
                .containsOnlyKeys("mike");
        assertThatThrownBy(() -> new Seated(Map.of("mike", "sorrel", "jack", "sorrel")))
                .hasMessageContaining("two seats");
    }

    @Test
    void twoWhoAreConcernedChangePlaces() {
        assertThat(nose("fenn").with("nose", "dunmore").men()).isEqualTo(Map.of("nose", "dunmore", "mike", "fenn"));
        assertThat(nose("fenn").with("will", "fenn").men()).isEqualTo(Map.of("will", "fenn", "mike", "dunmore"));
        assertThat(nose("fenn").with("nose", "fenn")).isEqualTo(nose("fenn"));
    }

    @Test
    void aSubstitutionGoesOnAsFarAsTheSameManPlayed() {
        var without = new Seated(Map.of("mike", "dunmore"));
        List<Seated> plays = List.of(nose("fenn"), nose("fenn"), without, nose("fenn"), nose("marsh"), nose("fenn"));
        List<Seated> after = Seated.substituted(plays, "nose", "quillan");
        assertThat(noses(after)).containsExactly("quillan", "quillan", "none", "quillan", "marsh", "fenn");
        assertThat(Stream.of(3, 4, 5).map(after::get))
                .allMatch(p -> p.men().get("mike").equals("dunmore"));
    }

    @Test
    void whereNobodyWasKnownOnlyThisPlayIsHis() {
        var without = new Seated(Map.of("mike", "dunmore"));
        assertThat(noses(Seated.substituted(List.of(without, without, nose("fenn")), "nose", "quillan")))
                .containsExactly("quillan", "none", "fenn");
    }
}
