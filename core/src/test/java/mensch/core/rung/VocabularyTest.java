package mensch.core.rung;

import static mensch.core.Snaps.LIBRARY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Set;
import org.junit.jupiter.api.Test;

/** A sentence is read once for as long as its words are the same. */
class VocabularyTest {
    private static final RungId HERE = new RungId("anvil", "mike", "base");

    private static Vocabulary fresh() {
        Vocabulary shipped = LIBRARY.vocabulary();
        return new Vocabulary(shipped.convention(), shipped.readTables(), shipped.techniques());
    }

    @Test
    void aSentenceIsReadOnceWhereItStandsAmongTheSameMen() {
        Vocabulary words = fresh().withRoles(Set.of("mike", "nose"));
        Rung rung = words.rung(HERE, "run A gap");
        assertThat(words.rung(HERE, "run A gap")).isSameAs(rung);
        assertThat(words.withRoles(Set.of("nose", "mike")).rung(HERE, "run A gap"))
                .isSameAs(rung);
        assertThat(words.withRoles(Set.of("mike")).rung(HERE, "run A gap")).isNotSameAs(rung);
        assertThat(words.rung(HERE, "run B gap")).isNotEqualTo(rung);
        assertThat(words.rung(new RungId("anvil", "will", "base"), "run A gap")
                        .id()
                        .seat())
                .isEqualTo("will");
    }

    /** Who types sentence after sentence at the application fills nothing. */
    @Test
    void whatIsWrittenAfterTheLibraryWasReadIsNotRemembered() {
        Vocabulary words = fresh();
        Rung before = words.rung(HERE, "run A gap");
        words.complete();
        assertThat(words.rung(HERE, "run A gap")).isSameAs(before);
        assertThat(words.rung(HERE, "run B gap")).isNotSameAs(words.rung(HERE, "run B gap"));
        Vocabulary shipped = LIBRARY.vocabulary();
        assertThat(shipped.rung(HERE, "run C gap")).isNotSameAs(shipped.rung(HERE, "run C gap"));
    }

    @Test
    void whatCannotBeReadIsRefusedEachTimeItIsWritten() {
        Vocabulary words = fresh().withRoles(Set.of("mike"));
        for (int i = 0; i < 2; i++) {
            assertThatThrownBy(() -> words.rung(HERE, "run Q gap")).isInstanceOf(SentenceException.class);
        }
    }
}
