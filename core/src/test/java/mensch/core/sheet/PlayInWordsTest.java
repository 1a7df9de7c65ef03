package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.core.Snaps;
import mensch.core.play.Pass;
import mensch.core.play.Plays;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Plays stand together as coaches sort them, and each says what it is. */
class PlayInWordsTest {
    private static final Plays PLAYS = Snaps.LIBRARY.plays();

    private static PlayInWords of(Pass pass) {
        return PlayInWords.of(
                pass, Snaps.LIBRARY.vocabulary().convention().routes().clock());
    }

    private static PlayInWords of(String id) {
        return Stream.of(
                        PLAYS.runs().stream().filter(r -> r.id().equals(id)).map(PlayInWords::of),
                        PLAYS.passes().stream().filter(p -> p.id().equals(id)).map(PlayInWordsTest::of),
                        PLAYS.options().stream().filter(o -> o.id().equals(id)).map(PlayInWords::of),
                        PLAYS.protections().stream()
                                .filter(p -> p.id().equals(id))
                                .map(PlayInWords::of))
                .flatMap(s -> s)
                .findFirst()
                .orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "power|To the C gap|to the C gap by the deepest back; one pulls",
                "inside-zone|To the A gap|to the A gap by the deepest back",
                "trap|To the A gap|to the A gap by the fullback; one pulls",
                "tunnel-screen|Screens|attacks pressure",
                "bubble-screen|Screens|attacks a light edge",
                "double-slants|Quick game|attacks curl-flat against hook: inside leverage lost; thrown after 1.6 s",
                "boot-flood|Boots and sprint-outs|"
            })
    void aPlaySaysWhatItIs(String id, String family, String words) {
        assertThat(of(id).family()).isEqualTo(family);
        assertThat(of(id).words()).contains(words == null ? "thrown after" : words);
    }

    @Test
    void anOptionIsReadNotAimed() {
        assertThat(PLAYS.runs().stream().filter(r -> r.option()).map(PlayInWords::of))
                .isNotEmpty()
                .allSatisfy(r -> assertThat(r.family()).isEqualTo("Options"));
    }

    @Test
    void aProtectionSaysHowManyAndWho() {
        Map<Integer, List<PlayInWords>> byMen = PLAYS.protections().stream()
                .collect(Collectors.groupingBy(p -> p.men(), Collectors.mapping(PlayInWords::of, Collectors.toList())));
        assertThat(byMen.get(5))
                .allSatisfy(p -> assertThat(p.family()).isEqualTo("Five protect"))
                .allSatisfy(p -> assertThat(p.words()).endsWith("nobody else stays in"));
        assertThat(byMen.get(7)).allSatisfy(p -> assertThat(p.words()).endsWith("stay in"));
    }

    @Test
    void noPlayIsWithoutWords() {
        assertThat(Stream.of(
                                PLAYS.runs().stream().map(PlayInWords::of),
                                PLAYS.passes().stream().map(PlayInWordsTest::of),
                                PLAYS.options().stream().map(PlayInWords::of),
                                PLAYS.protections().stream().map(PlayInWords::of))
                        .flatMap(Function.identity()))
                .hasSizeGreaterThan(100)
                .allSatisfy(p -> {
                    assertThat(p.family()).isNotBlank();
                    assertThat(p.words()).isNotBlank().doesNotContain("null").doesNotContain("the the");
                });
    }
}
