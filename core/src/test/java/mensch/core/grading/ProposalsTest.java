package mensch.core.grading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import mensch.core.rubric.Facet;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A late or wrong read and what came of it are judged apart. */
class ProposalsTest {

    @ParameterizedTest
    @CsvSource({
        "BELOW, TO_STANDARD, in his gap; he recovered from his read",
        "BELOW, BELOW, in his gap; he did not recover from his read",
        "BELOW, NOT_TOLD, in his gap",
        "TO_STANDARD, BELOW, in his gap",
        "NOT_TOLD, TO_STANDARD, in his gap",
        ", TO_STANDARD, in his gap",
    })
    void afterABadReadItIsSaidWhetherHeRecovered(GradeMark read, GradeMark then, String said) {
        Proposed proposed = Proposals.recovery(
                Optional.ofNullable(read), new Proposed("mike", Facet.ASSIGNMENT, then, "in his gap"));
        assertThat(proposed.measured()).isEqualTo(said);
        assertThat(proposed.mark()).isEqualTo(then);
    }
}
