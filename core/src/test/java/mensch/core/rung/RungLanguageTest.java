package mensch.core.rung;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import java.util.List;
import java.util.Map;
import mensch.core.Snaps;
import mensch.core.call.Layer;
import mensch.core.document.Document;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class RungLanguageTest {
    private static final RungId ID = new RungId("test", "seat", "rung");

    private static Rung read(String sentence) {
        return RungReader.read(ID, sentence, Snaps.LIBRARY.vocabulary());
    }

    @Test
    void everyShippedSentenceIsInNormalForm() {
        int sentences = 0;
        for (Document document : Snaps.LIBRARY.documents()) {
            for (String key : List.of("rungs", "seats")) {
                if (document.body().get(key) instanceof Map<?, ?> seats) {
                    for (Object rungs : seats.values()) {
                        for (Object rung : (List<?>) rungs) {
                            String sentence = String.valueOf(
                                    ((Map<?, ?>) rung).values().iterator().next());
                            assertThat(read(sentence).words()).isEqualTo(sentence);
                            sentences++;
                        }
                    }
                }
            }
        }
        assertThat(sentences).isGreaterThan(40);
    }

    @Test
    void noShippedRungNamesAFormation() {
        for (var formation : Snaps.LIBRARY.formations()) {
            for (var call : Snaps.LIBRARY.calls()) {
                for (Layer layer : call.layers()) {
                    layer.ladders()
                            .values()
                            .forEach(l -> l.rungs()
                                    .forEach(r -> assertThat(r.words())
                                            .doesNotContain(formation.id())
                                            .doesNotContain(formation.name())));
                }
            }
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "align over #3 counting backs other side, head-up, 0 x 5",
                "align wide 9 technique tight",
                "align gap C call side @ 4-6",
                "align 3 technique half a man wider",
                "align below 1 tighter 2 shallower",
                "align landmark 2 inside hash away side @ 10",
                "align split tackle and #2 @ 9; key ball then #2 ignore guard, quarterback",
                "align 2 outside deepest back @ 1",
                "align mirror corner",
                "show none; move none; stance tilted in",
                "when (tight end on my side or wing on my side) and not gun: run last gap, box",
                "when surface of 4 or more on either side or 0 receivers on other side: pass man #2 else man #3 else hole",
                "when pass strength is my side and cover side is my side: pass curl-flat carry #3",
                "when motion to my side or motion trade or back on other side or goal line: run two-gap",
                "run none until crack then outside, force; pass flat until ball thrown then deep half"
            })
    void readsAndPrintsBack(String sentence) {
        assertThat(read(sentence).words()).isEqualTo(sentence);
        assertThat(read(read(sentence).words())).isEqualTo(read(sentence));
    }

    @Test
    void caseArticlesAndSpacesDoNotMatter() {
        assertThat(read("When the Tight End on my side:align outside the end man 3x10;Run c Gap")
                        .words())
                .isEqualTo("when tight end on my side: align outside end man 3 x 10; run C gap");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        when tight end on my flank: run C gap | 21 | flank | side
        align 3 tecnique                     | 8  | tecnique | technique
        run C gap, farce                     | 11 | farce | force
        key tight end than near back         | 14 | than  | then
        align gap B                          | 11 | ''    | @
        pass deep midle third                | 10 | midle | middle third
        reads linebaker                      | 6  | linebaker | line-outside
        """)
    void aSentenceThatCannotBeReadNamesWordAndPlaceAndWhatMayFollow(
            String sentence, int at, String word, String expected) {
        SentenceException fault = catchThrowableOfType(SentenceException.class, () -> read(sentence.strip()));
        assertThat(fault).isNotNull();
        assertThat(fault.word()).isEqualTo(word);
        assertThat(fault.at()).isEqualTo(at);
        assertThat(fault.expected()).anyMatch(e -> e.contains(expected));
    }

    @Test
    void aPartNamedTwiceIsRefused() {
        assertThatThrownBy(() -> read("run A gap; run B gap")).hasMessageContaining("twice");
    }
}
