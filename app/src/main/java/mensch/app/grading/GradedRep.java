package mensch.app.grading;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import mensch.core.document.DocumentRef;
import mensch.core.grading.Beside;
import mensch.core.grading.Rep;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One coach's word of one man on one play, with the revision of the call it was judged by. */
@Entity
@Table(name = "rep")
class GradedRep {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long playId;

    @Column(nullable = false)
    private String job;

    @Column(nullable = false)
    private String grader;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private RepBody body;

    @Column(nullable = false)
    private String callId;

    @Column(nullable = false)
    private int callRevision;

    @Column(nullable = false)
    private String callDigest;

    private @Nullable Instant gradedAt;

    @Version
    private int version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected GradedRep() {}

    GradedRep(Long playId, String job, String grader) {
        this.playId = playId;
        this.job = job;
        this.grader = grader;
        this.body = RepBody.EMPTY;
        this.callId = "";
        this.callDigest = "";
    }

    void said(RepBody newBody, DocumentRef call, Instant at) {
        this.body = newBody;
        this.callId = call.id();
        this.callRevision = call.revision();
        this.callDigest = call.digest();
        this.gradedAt = at;
    }

    /** The play turned out to be one with another, and its coach had said nothing of this man there. */
    void ofPlay(Long play) {
        this.playId = play;
    }

    void also(RepBody joined) {
        this.body = joined;
    }

    /**
     * As core adds it up.
     *
     * @param man who it was
     * @param wrongAfter when the earliest wrong moment was, seconds after the ball moved
     */
    Rep rep(String man, @Nullable Double wrongAfter) {
        return new Rep(
                playId,
                man,
                grader,
                body.target(),
                body.marks(),
                body.criteria(),
                new Beside(
                        body.flags(),
                        body.outcome(),
                        body.setsUp(),
                        body.extraCredit(),
                        body.tackle(),
                        body.thrown(),
                        body.lane(),
                        wrongAfter));
    }

    Long playId() {
        return playId;
    }

    String job() {
        return job;
    }

    String grader() {
        return grader;
    }

    RepBody body() {
        return body;
    }

    String callId() {
        return callId;
    }

    int callRevision() {
        return callRevision;
    }

    String callDigest() {
        return callDigest;
    }

    @Nullable
    Instant gradedAt() {
        return gradedAt;
    }

    /** How often it was said; 0 is what nobody has said yet. */
    long said() {
        return version + 1L;
    }
}
