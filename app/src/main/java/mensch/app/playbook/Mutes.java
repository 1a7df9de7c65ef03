package mensch.app.playbook;

import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.app.problem.Problem;
import mensch.core.audit.Audit;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Findings that a programme lives with, by call. */
@Service
@Transactional(readOnly = true)
class Mutes {

    /**
     * What is muted, and why.
     *
     * @param finding key of the finding
     * @param title what it said when it was muted
     */
    record Mute(
            @NotBlank @Size(max = 80) String call,
            @NotBlank @Size(max = Bounds.NOTE) String finding,
            @NotBlank @Size(max = 300) String title,
            @NotBlank @Size(max = 400) String reason) {}

    /** A mute as it is kept. */
    record Muted(long id, String call, String finding, String title, String reason, String mutedBy, Instant mutedAt) {}

    private final MutedFindings findings;
    private final Playbook playbook;
    private final Clock clock;

    Mutes(MutedFindings findings, Playbook playbook, Clock clock) {
        this.findings = findings;
        this.playbook = playbook;
        this.clock = clock;
    }

    /** Mutes of a call; a draft of another is not found. */
    List<Muted> of(String call, String by) {
        playbook.checkThere("call", call, by);
        return findings.findByCallIdOrderById(call).stream()
                .map(MutedFinding::row)
                .toList();
    }

    @Transactional
    Muted mute(Mute mute, String by) {
        if (Audit.ids().stream().noneMatch(c -> mute.finding().startsWith(c.id() + "/"))) {
            throw new Problem(
                    HttpStatus.UNPROCESSABLE_CONTENT,
                    "finding-unknown",
                    "\"" + mute.finding() + "\" is no finding of the audit; send its key, check/what/subjects");
        }
        return kept(mute, by);
    }

    private Muted kept(Mute mute, String by) {
        playbook.checkThere("call", mute.call(), by);
        if (findings.existsByCallIdAndFinding(mute.call(), mute.finding())) {
            throw new Problem(HttpStatus.CONFLICT, "muted-already", "somebody muted this finding already; look again");
        }
        try {
            return findings.saveAndFlush(new MutedFinding(mute, by, clock.instant()))
                    .row();
        } catch (DataIntegrityViolationException e) {
            throw new Problem(
                    HttpStatus.CONFLICT, "muted-already", "somebody muted this finding in the same moment; look again");
        }
    }

    /** From an import, perhaps with the key of an older version: one that is here already stays. */
    @Transactional
    void take(Mute mute, String by) {
        if (!findings.existsByCallIdAndFinding(mute.call(), mute.finding())) {
            kept(mute, by);
        }
    }

    @Transactional
    void unmute(long id, String by) {
        MutedFinding finding = findings.findById(id).orElseThrow(() -> Problem.notFound("this mute"));
        playbook.checkSeen("call", finding.row().call(), by);
        if (findings.erase(id) == 0) {
            throw Problem.notFound("this mute");
        }
    }
}
