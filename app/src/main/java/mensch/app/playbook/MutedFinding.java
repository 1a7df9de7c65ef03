package mensch.app.playbook;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.hibernate.annotations.Immutable;

/** A finding somebody lives with, and why. */
@Entity
@Immutable
@Table(name = "muted_finding")
class MutedFinding {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String callId;

    @Column(nullable = false)
    private String finding;

    @Column(nullable = false)
    private String title;

    @Column(nullable = false)
    private String reason;

    @Column(nullable = false)
    private String mutedBy;

    @Column(nullable = false)
    private Instant mutedAt;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected MutedFinding() {}

    MutedFinding(Mutes.Mute mute, String mutedBy, Instant mutedAt) {
        this.callId = mute.call();
        this.finding = mute.finding();
        this.title = mute.title();
        this.reason = mute.reason();
        this.mutedBy = mutedBy;
        this.mutedAt = mutedAt;
    }

    Mutes.Muted row() {
        return new Mutes.Muted(id, callId, finding, title, reason, mutedBy, mutedAt);
    }
}
