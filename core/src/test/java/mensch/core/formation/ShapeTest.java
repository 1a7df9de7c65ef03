package mensch.core.formation;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import mensch.core.convention.Convention;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a coach calls each eligible man, and how many of them are ends. */
class ShapeTest {
    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7      | TE #2 right, SE #1 left, FL #1 right, FB back FB, TB back TB | 1
        ol2 X-16 Z16 Y12/1.5 H7/1.5 QB0/5 TB0/7       | X #1 left, Z #1 right, Y #2 right, H #3 right, TB the back   | 0
        ol2 TE4 U-4 W5.4/1.3 X-15 QB0/1 TB0/7         | TE #2 right, U #2 left, W #1 right, X #1 left, TB the back   | 3
        ol2 X-17 F-9/1.5 QB0/5 H4.5/1.5 Y12/1.5 Z17   | X #1 left, F #2 left, H #3 right, Y #2 right, Z #1 right     | 1
        """)
    void everyEligibleManHasOneName(String men, String called, int ends) {
        Snap snap = Notation.snap(men + " | hs m 50 1&10");
        Features features = Features.of(snap, Convention.standard());
        var said = new ArrayList<String>();
        snap.formation().men().stream()
                .filter(m -> m.post() == Man.Post.ELIGIBLE)
                .forEach(m -> said.add(m.name() + " " + features.shape().called(m)));
        assertThat(said).containsExactlyInAnyOrder(called.split(", "));
        assertThat(features.ends()).isEqualTo(ends);
        Features turned = Features.of(snap.mirror(), Convention.standard());
        snap.mirror().formation().men().stream()
                .filter(m -> m.post() == Man.Post.ELIGIBLE)
                .forEach(m -> assertThat(turned.shape().number(m))
                        .isEqualTo(features.shape().number(snap.formation().man(m.name()))));
    }
}
