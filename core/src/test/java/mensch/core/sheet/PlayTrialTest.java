package mensch.core.sheet;

import static mensch.core.Snaps.LIBRARY;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.play.Who;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A play tried at one line-up says what becomes of it, and by which names it may speak of each man. */
class PlayTrialTest {
    private static PlayTrial tried(String kind, String id, String formation, Side side) {
        var snap = LIBRARY.formation(formation).snap(null, false, "hs m 38 2&7");
        return PlayTrial.of(LIBRARY, Lineup.of(LIBRARY.call("anvil-drizzle"), snap), kind, id, side);
    }

    private static List<String> names(PlayTrial trial, String man) {
        return trial.called().stream()
                .filter(c -> c.man().equals(man))
                .flatMap(c -> c.names().stream())
                .toList();
    }

    @ParameterizedTest
    @CsvSource({
        "RG, guard, guard other side",
        "LT, tackle other side, tackle",
        "TE, tight end, tight end other side",
        "SE, #1 other side, #1"
    })
    void aManIsCalledByTheSideThePlayGoesTo(String man, String goingRight, String goingLeft) {
        assertThat(names(tried("run", "power", "pro-i", Side.RIGHT), man))
                .contains(goingRight)
                .doesNotContain(goingLeft);
        assertThat(names(tried("run", "power", "pro-i", Side.LEFT), man))
                .contains(goingLeft)
                .doesNotContain(goingRight);
    }

    @Test
    void everybodyIsCalledSomethingAndNobodyIsWhoIsNotThere() {
        PlayTrial trial = tried("run", "power", "pro-i", Side.RIGHT);
        assertThat(trial.called())
                .extracting(Who.Called::man)
                .doesNotHaveDuplicates()
                .hasSize(11);
        assertThat(trial.called()).flatExtracting(Who.Called::names).doesNotContain("wing", "#3");
        assertThat(names(trial, "FB")).contains("fullback", "fullback other side", "lead");
    }

    @Test
    void onlyTheKindThatIsTriedIsAnswered() {
        PlayTrial pass = tried("pass", "smash", "doubles-gun", Side.RIGHT);
        assertThat(pass.pass()).isNotNull();
        assertThat(pass.run()).isNull();
        assertThat(pass.protection()).isNull();
    }

    @Test
    void aPlayThatDoesNotFitIsNotRunButSaysWhyAndStillNamesTheMen() {
        PlayTrial unfit = tried("pass", "stick", "doubles-gun", Side.RIGHT);
        assertThat(unfit.pass()).isNull();
        assertThat(unfit.unfit()).isNotEmpty();
        assertThat(unfit.called()).hasSize(11);
    }
}
