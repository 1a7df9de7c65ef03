package mensch.core.reading;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mensch.core.convention.Convention;
import mensch.core.event.Message;
import mensch.core.geometry.Point;
import mensch.core.geometry.Vector;
import mensch.core.reading.Moves.Hands;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A key is read by how it moves, seen by the man who reads it. */
class ReadingTest {
    private static final Reader TACKLE_OUTSIDE = new Reader(new Point(3.1, 1), true, 0, 2.7, false, 0);
    private static final Reader BACKER = new Reader(new Point(1.5, 4.5), false, 0, 2.7, false, 0);

    private static Moves moves(double fromX, double fromY, double across, double up, Hands hands) {
        return new Moves(
                new Point(fromX, fromY), new Point(fromX + across, fromY + up), new Vector(4 * across, 4 * up), hands);
    }

    /** Tackle on my side, my shade outside him: across is to the right, toward me. */
    @ParameterizedTest
    @CsvSource({
        "0, -0.6, NOBODY, PASS_SET",
        "0.1, 0.6, READER, BASE",
        "0.7, 0.3, READER, REACH",
        "-0.7, 0.3, ANOTHER, DOWN",
        "0, 2.0, NOBODY, RELEASE",
        "1.6, -0.4, NOBODY, PULL",
        "-1.6, -0.4, NOBODY, PULL"
    })
    void aLinemanTells(double across, double up, Hands hands, Message told) {
        assertThat(Reading.of(
                        Convention.standard(),
                        TACKLE_OUTSIDE,
                        KeyKind.LINE,
                        moves(2.7, -0.5, across, up, hands),
                        List.of(),
                        0.4))
                .startsWith(told);
    }

    /** When the men beside him step the same way it is one moving wall, and going away it cuts him off. */
    @Test
    void neighboursTellAWallFromABlockDown() {
        Moves away = moves(2.7, -0.5, -0.7, 0.3, Hands.NOBODY);
        Moves beside = moves(1.3, -0.5, -0.6, 0.3, Hands.NOBODY);
        Moves still = moves(1.3, -0.5, 0, 0.4, Hands.NOBODY);
        assertThat(Reading.of(Convention.standard(), TACKLE_OUTSIDE, KeyKind.LINE, away, List.of(beside), 0.4))
                .startsWith(Message.CUT_OFF);
        assertThat(Reading.of(Convention.standard(), TACKLE_OUTSIDE, KeyKind.LINE, away, List.of(still), 0.4))
                .startsWith(Message.DOWN);
    }

    @Test
    void twoOnHimAreADouble() {
        var doubled = new Reader(new Point(3.1, 1), true, 0, 2.7, false, 2);
        assertThat(Reading.of(
                        Convention.standard(),
                        doubled,
                        KeyKind.LINE,
                        moves(2.7, -0.5, 0.1, 0.6, Hands.READER),
                        List.of(),
                        0.5))
                .startsWith(Message.DOUBLE);
    }

    /** Who has hardly moved has told nothing: a read is not a guess. */
    @Test
    void stillIsNothing() {
        assertThat(Reading.of(
                        Convention.standard(),
                        TACKLE_OUTSIDE,
                        KeyKind.LINE,
                        moves(2.7, -0.5, 0.05, 0.1, Hands.NOBODY),
                        List.of(),
                        0.35))
                .isEmpty();
        assertThat(Reading.of(
                        Convention.standard(), BACKER, KeyKind.BACK, moves(0, -7, 0, 0, Hands.NOBODY), List.of(), 0.4))
                .isEmpty();
        assertThat(Reading.of(
                        Convention.standard(), BACKER, KeyKind.BACK, moves(0, -7, 0, 0, Hands.NOBODY), List.of(), 0.6))
                .containsExactly(Message.PASS_SET);
    }

    @ParameterizedTest
    @CsvSource({"0.8, 0.8, FLOW_TO_ME, BACK_TO_ME", "-0.8, 0.8, FLOW_AWAY, BACK_AWAY"})
    void aBackTellsTheSideHeGoesTo(double across, double up, Message flow, Message back) {
        assertThat(Reading.of(
                        Convention.standard(),
                        BACKER,
                        KeyKind.BACK,
                        moves(0, -5, across, up, Hands.NOBODY),
                        List.of(),
                        0.5))
                .contains(flow, back);
    }

    @Test
    void aReceiverReleasesBreaksOrComesIn() {
        assertThat(receiver(0, 2, Hands.NOBODY)).containsExactly(Message.RELEASE);
        assertThat(receiver(0, 9, Hands.NOBODY)).contains(Message.BREAKS_DEEP);
        assertThat(receiver(4, 3, Hands.NOBODY)).contains(Message.BREAKS_UNDER);
        assertThat(receiver(-5, 2, Hands.ANOTHER)).startsWith(Message.CRACK);
        assertThat(receiver(0, 3, Hands.READER)).startsWith(Message.STALK);
    }

    private static List<Message> receiver(double across, double up, Hands hands) {
        return Reading.of(
                Convention.standard(), BACKER, KeyKind.RECEIVER, moves(15, -0.5, across, up, hands), List.of(), 1.0);
    }
}
