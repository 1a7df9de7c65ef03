package mensch.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.Snaps;
import mensch.core.sheet.PlayTerms.Term;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a play is written in is said as coaches say it. */
class PlayTermsTest {
    private static final PlayTerms TERMS = PlayTerms.of(Snaps.LIBRARY.plays());

    private static String said(List<Term> terms, String id) {
        return terms.stream()
                .filter(t -> t.id().equals(id))
                .findFirst()
                .orElseThrow()
                .name();
    }

    @ParameterizedTest
    @CsvSource({
        "guard, play-side guard",
        "guard other side, backside guard",
        "#1, #1",
        "#1 other side, backside #1",
        "centre, centre",
        "back other side, back to the backside",
        "man in motion, man in motion"
    })
    void menAreToldByThePlaySide(String id, String name) {
        assertThat(said(TERMS.men(), id)).isEqualTo(name);
    }

    @Test
    void everyWordHasItsSentence() {
        assertThat(said(TERMS.points(), "A")).isEqualTo("the A gap");
        assertThat(said(TERMS.points(), "outside")).isEqualTo("outside everybody");
        assertThat(said(TERMS.reads(), "backer")).isEqualTo("the inside backer to the play side");
        assertThat(said(TERMS.reads(), "edge other side")).isEqualTo("the edge away from the play");
        assertThat(said(TERMS.fakes(), "inside-zone other side")).isEqualTo("Inside zone the other way");
        assertThat(said(TERMS.launches(), "boot")).isEqualTo("a boot to the play side");
        assertThat(said(TERMS.firsts(), "away")).isEqualTo("with a step away");
    }
}
