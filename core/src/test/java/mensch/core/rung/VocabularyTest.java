package mensch.core.rung;

import static mensch.core.Snaps.LIBRARY;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Set;
import org.junit.jupiter.api.Test;

/** A sentence is read once for as long as its words are the same. */
class VocabularyTest {
    private static final RungId HERE = new RungId("anvil", "mike", "base");

    @Test
    void aSentenceIsReadOnceWhereItStands() {
        Vocabulary words = LIBRARY.vocabulary().withRoles(Set.of("mike", "nose"));
        Rung rung = words.rung(HERE, "run A gap");
        assertThat(words.rung(HERE, "run A gap")).isSameAs(rung);
        assertThat(words.rung(HERE, "run B gap")).isNotEqualTo(rung);
        assertThat(words.rung(new RungId("anvil", "will", "base"), "run A gap")
                        .id()
                        .seat())
                .isEqualTo("will");
    }

    @Test
    void theSameMenHaveTheSameWords() {
        Vocabulary words = LIBRARY.vocabulary();
        assertThat(words.withRoles(Set.of("mike", "nose"))).isSameAs(words.withRoles(Set.of("nose", "mike")));
        assertThat(words.withRoles(Set.of("mike"))).isNotSameAs(words.withRoles(Set.of("nose")));
    }

    @Test
    void whatCannotBeReadIsRefusedEachTimeItIsWritten() {
        Vocabulary words = LIBRARY.vocabulary().withRoles(Set.of("mike"));
        for (int i = 0; i < 2; i++) {
            assertThatThrownBy(() -> words.rung(HERE, "run Q gap")).isInstanceOf(SentenceException.class);
        }
    }
}
