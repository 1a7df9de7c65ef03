package mensch.core.repair;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.call.Call;
import mensch.core.call.CallDocument;
import mensch.core.document.RefusedException;
import mensch.core.library.Library;
import mensch.core.rung.Ladder;
import mensch.core.rung.Rung;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;

/** A call with sentences put on top of its ladders or its checks. */
final class Changed {
    private final Library library;
    private final Checks checks;

    Changed(Library library, Checks checks) {
        this.library = library;
        this.checks = checks;
    }

    /** None when a sentence cannot be read, or the call could not be saved so. */
    Optional<Call> by(Call call, List<Sentence> steps) {
        if (steps.get(0).role().equals(CallDocument.CHECKS)) {
            return checks.checking(call, steps.get(0));
        }
        Map<String, Ladder> ladders = new LinkedHashMap<>();
        try {
            for (Sentence step : steps) {
                Rung rung = RungReader.read(
                        new RungId(call.ref().id(), step.role(), "repair"), step.sentence(), library.vocabulary());
                ladders.merge(step.role(), new Ladder(List.of(rung)), (first, second) -> first.above(second));
            }
        } catch (RefusedException e) {
            return Optional.empty();
        }
        return call.adding(ladders);
    }
}
