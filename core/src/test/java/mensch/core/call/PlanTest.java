package mensch.core.call;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import mensch.core.Snaps;
import mensch.core.document.DocumentException;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.RungId;
import org.junit.jupiter.api.Test;

/** Rungs of one week: above the call's own, by trigger, and gone without a trace. */
class PlanTest {
    private static final Call CALL = Snaps.LIBRARY.call("anvil-drizzle");
    private static final RungId IGNORE = new RungId(CallDocument.THIS_WEEK, "mike", "no-guard");
    private static final String SENTENCE = "when two backs: key fullback then tailback ignore guard";

    private static Call read(CallDocument document) {
        return CallReader.read(document, 0, Snaps.LIBRARY.vocabulary());
    }

    private static Job mike(Call call, String formation) {
        return Lineup.of(call, Snaps.LIBRARY.formation(formation).snap(null, false, "hs m 50 2&7"))
                .job("mike");
    }

    @Test
    void anOverrideSpeaksWhenItsTriggerHoldsAndSaysThatItIsThePlan() {
        CallDocument own = CALL.written().put(new RungId(CALL.ref().id(), "mike", "own"), "key centre then guard");
        Call week = read(own.put(IGNORE, SENTENCE));
        Job twoBacks = mike(week, "pro-i");
        assertThat(twoBacks.before().key().orNull().words()).isEqualTo("fullback then tailback ignore guard");
        assertThat(twoBacks.before().key().chain().get(0).layer()).isEqualTo(Layer.Kind.PLAN);
        assertThat(twoBacks.before().key().chain().get(0).rung()).isEqualTo(IGNORE);
        Job oneBack = mike(week, "doubles-open");
        assertThat(oneBack.before().key().orNull().words()).isEqualTo("centre then guard");
        assertThat(oneBack.before().key().chain().get(0).layer()).isEqualTo(Layer.Kind.CALL);
    }

    @Test
    void takenOutTheCallIsAsItWas() {
        Call after = read(CALL.written().put(IGNORE, SENTENCE).remove(IGNORE));
        assertThat(mike(after, "pro-i")).isEqualTo(mike(CALL, "pro-i"));
        assertThat(after.layers()).extracting(Layer::kind).doesNotContain(Layer.Kind.PLAN);
    }

    @Test
    void anOverrideIsReadAsStrictlyAsAnyRung() {
        assertThatThrownBy(() -> read(CALL.written().put(IGNORE, "key the moon")))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("this-week");
        assertThatThrownBy(() ->
                        read(CALL.written().put(new RungId(CallDocument.THIS_WEEK, "jack", "own"), "key centre")))
                .hasMessageContaining("jack");
    }
}
