package mensch.app.call;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import mensch.app.bounds.Bounds;
import mensch.core.call.CallAssembly;
import mensch.core.call.CallDocument;
import mensch.core.convention.Labels;
import mensch.core.document.RefusedException;
import mensch.core.rung.RungId;

/**
 * One change of a call: a rung ({@code rung}: document/seat/name) gets a sentence, standing on top of its seat when it
 * is new; an empty sentence takes it out. With {@code checks} for the seat the sentence is a check of the call.
 */
public record Edit(
        @NotBlank @Size(max = Bounds.RUNG) String rung,
        @NotNull @Size(max = Bounds.SENTENCE) String sentence) {

    /** The call with this change; the sentence is kept in standard technique words. */
    CallDocument in(CallDocument call, Labels labels, CallAssembly.Documents documents) {
        String[] words = rung.split("/");
        if (words.length != 3) {
            throw new RefusedException("\"" + rung + "\" names no rung; write document/seat/name");
        }
        var id = new RungId(words[0], words[1], words[2]);
        return sentence.isBlank() ? call.remove(id) : call.set(id, labels.kept(sentence), documents);
    }
}
