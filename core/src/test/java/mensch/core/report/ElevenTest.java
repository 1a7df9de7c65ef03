package mensch.core.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class ElevenTest {
    private static Occasion play(int number, Together together, Double pressureAfter) {
        return new Occasion(new OnPlay(1, "Stoats", number), TheirUnit.STARTERS, true, 4, together, pressureAfter);
    }

    @Test
    void countsOfWhatTheElevenDidAsOneHaveTheirPlays() {
        Eleven eleven = Eleven.of(List.of(
                play(1, new Together(Together.Check.MADE, Together.Strength.RIGHT, true, 5), 2.4),
                play(2, new Together(Together.Check.MISSED, Together.Strength.WRONG, false, 2), 3.0),
                play(3, new Together(Together.Check.NOT_DUE, Together.Strength.RIGHT, null, null), null),
                play(4, Together.NOT_SAID, 2.0)));
        assertThat(eleven.checks()).hasSize(2).allMatch(c -> c.plays().size() == 1);
        assertThat(eleven.strength().get(0).what()).isEqualTo(Together.Strength.RIGHT);
        assertThat(eleven.strength().get(0).plays()).extracting(OnPlay::number).containsExactly(1, 3);
        assertThat(eleven.notSet()).extracting(OnPlay::number).containsExactly(2);
        assertThat(eleven.setSaid()).hasSize(2);
        assertThat(eleven.hats().middle()).isEqualTo(3.5);
        assertThat(eleven.pressure().least()).isEqualTo(2.0);
        assertThat(eleven.pressure().middle()).isEqualTo(2.4);
        assertThat(eleven.pressure().plays()).extracting(OnPlay::number).containsExactly(2, 1, 4);
    }

    @Test
    void whatNobodySaidIsNotCounted() {
        Eleven nothing = Eleven.of(List.of(play(1, Together.NOT_SAID, null)));
        assertThat(nothing.checks()).isEmpty();
        assertThat(nothing.setSaid()).isEmpty();
        assertThat(nothing.hats()).isNull();
        assertThat(nothing.pressure()).isNull();
    }

    @Test
    void lanesAreCountedOfThoseOnWhichCoachesAgree() {
        Graded graded = new Log()
                .by("marrow")
                .rep(1, 1, "Haskett", "TE +, lane KEPT")
                .rep(1, 2, "Haskett", "TE -, lane LEFT")
                .rep(1, 3, "Haskett", "lane KEPT")
                .by("abara")
                .rep(1, 3, "Haskett", "lane LEFT")
                .graded();
        assertThat(Deeds.of(graded).lanes())
                .extracting(c -> c.what() + " " + c.plays().get(0).number())
                .containsExactly("KEPT 1", "LEFT 2");
    }
}
