package mensch.app.playbook;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.app.problem.Problem;
import mensch.core.audit.Audit;
import mensch.core.audit.Finding;
import mensch.core.audit.FindingKey;
import mensch.core.audit.Subject;
import mensch.core.call.Call;
import mensch.core.document.RefusedException;
import mensch.core.field.Code;
import mensch.core.lineup.Lineup;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Mutes that know their finding only by what it said, from an older version: the finding is looked for among all that
 * the call shows, and its key takes the place of the words.
 */
@Service
class SaidFindings implements ApplicationRunner {
    /** Stands before the words where a key would be. */
    static final String SAID = "said/";

    private static final Logger LOG = LoggerFactory.getLogger(SaidFindings.class);
    private static final List<String> HASHES = List.of("m", "l", "r");

    private final MutedFindings findings;
    private final Playbook playbook;

    SaidFindings(MutedFindings findings, Playbook playbook) {
        this.findings = findings;
        this.playbook = playbook;
    }

    /** One that is not found stays as it is: it is said nowhere, and nothing is lost. */
    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        for (MutedFinding old : findings.findByFindingStartingWith(SAID)) {
            Mutes.Muted mute = old.row();
            Optional<String> key = key(mute.call(), mute.title());
            key.ifPresentOrElse(
                    k -> know(mute, k),
                    () -> LOG.warn("The mute of \"{}\" in {} fits no finding any more.", mute.title(), mute.call()));
        }
    }

    /** One finding is muted once; what was said of it last stands. */
    private void know(Mutes.Muted mute, String key) {
        if (findings.existsByCallIdAndFinding(mute.call(), key)) {
            findings.erase(mute.id());
        } else {
            findings.know(mute.id(), key);
        }
    }

    /** A mute from an older export, with its key when it can be found. */
    Mutes.Mute known(Mutes.Mute mute) {
        return mute.finding().startsWith(SAID)
                ? key(mute.call(), mute.title())
                        .map(k -> new Mutes.Mute(mute.call(), k, mute.title(), mute.reason()))
                        .orElse(mute)
                : mute;
    }

    private Call call(String id) {
        return playbook.library().calls().stream()
                .filter(c -> c.ref().id().equals(id))
                .findFirst()
                .orElseGet(() -> {
                    DocumentRevision saved = playbook.saved("call", id, null);
                    return playbook.read(saved.document(), saved.revision());
                });
    }

    /** The key of the first finding of a call that says this, on any formation it is meant for and any hash. */
    Optional<String> key(String callId, String title) {
        try {
            Call call = call(callId);
            Code code = Stream.of(Code.values())
                    .filter(c -> c.players() == call.front().players())
                    .findFirst()
                    .orElse(Code.HIGH_SCHOOL);
            return HASHES.stream()
                    .flatMap(hash -> playbook.library().formationsFor(call).stream()
                            .map(f -> f.snap(null, false, code.id() + " " + hash + " 50 1&10")))
                    .flatMap(snap ->
                            Audit.of(new Subject(
                                            Lineup.of(call, snap),
                                            playbook.library().plays(),
                                            List.of()))
                                    .stream())
                    .filter(f -> f.evidence().title().equals(title))
                    .map(Finding::key)
                    .map(FindingKey::text)
                    .findFirst();
        } catch (RefusedException | Problem e) {
            return Optional.empty();
        }
    }
}
