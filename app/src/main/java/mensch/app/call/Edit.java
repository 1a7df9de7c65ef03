package mensch.app.call;

import jakarta.validation.constraints.NotBlank;
import mensch.core.call.CallEdit;
import mensch.core.document.Document;
import mensch.core.rung.RungId;

/**
 * One change of a call: a rung's sentence replaced ({@code rung}: document/seat/name), or a rung of the call's own put on top of a
 * role's ladder when the document named is the call itself and has no such rung.
 */
public record Edit(@NotBlank String rung, @NotBlank String sentence) {

    Document in(Document call) {
        String[] words = rung.split("/");
        if (words.length != 3) {
            throw new IllegalArgumentException("\"" + rung + "\" names no rung; write document/seat/name");
        }
        var id = new RungId(words[0], words[1], words[2]);
        return id.document().equals(call.id()) ? CallEdit.add(call, id.seat(), id.name(), sentence) : CallEdit.sentence(call, id, sentence);
    }
}
