package mensch.core.verify;

import java.util.List;
import java.util.Map;
import mensch.core.audit.Audit;
import mensch.core.audit.Rule;
import mensch.core.audit.Severity;
import mensch.core.audit.Subject;
import mensch.core.audit.Verdict;
import mensch.core.call.Call;
import mensch.core.call.Layer;
import mensch.core.document.DocumentRef;
import mensch.core.formation.Snap;
import mensch.core.library.Library;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Ladder;
import mensch.core.rung.RungId;
import mensch.core.rung.RungReader;

/**
 * Puts a rule to the test: this call with a man told otherwise, on this snap, against these plays: what is found? For
 * the tests of each rule, and for whoever adds one.
 */
public final class AuditVerifier {
    private final Library library;
    private final String spot;

    /** @param spot code of rules, hash, yards to goal, down and distance: {@code hs m 50 1&10} */
    public AuditVerifier(Library library, String spot) {
        this.library = library;
        this.spot = spot;
    }

    /** A call of the library with men told otherwise: a role, then its sentence, and so on; the last is on top. */
    public Call call(String id, String... told) {
        Call call = library.call(id);
        for (int i = 0; i < told.length; i += 2) {
            var rung = RungReader.read(new RungId("hand", told[i], "now" + i), told[i + 1], library.vocabulary());
            call = call.under(new Layer(
                    Layer.Kind.HAND, new DocumentRef("hand", 0, ""), Map.of(told[i], new Ladder(List.of(rung)))));
        }
        return call;
    }

    /** A formation of the library as set, on the verifier's spot. */
    public Snap snap(String formation) {
        return library.formation(formation).snap(null, false, spot);
    }

    /** A call on a snap, met by every play of the library. */
    public Subject subject(Call call, Snap snap) {
        return new Subject(Lineup.of(call, snap), library.plays(), List.of());
    }

    /** What is found against a rule at one severity, as a coach reads it, in the order of the report. */
    public List<String> titles(Subject subject, Rule rule, Severity severity) {
        return Audit.of(subject).stream()
                .filter(f -> f.check().rule() == rule && f.severity() == severity)
                .map(f -> f.evidence().title())
                .toList();
    }

    /** The answer to one rule. */
    public Verdict verdict(Subject subject, Rule rule) {
        return Audit.verdicts(subject).get(rule.ordinal());
    }
}
