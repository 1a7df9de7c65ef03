package mensch.app.call;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import mensch.core.document.Document;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** A call as somebody saved it; never changed afterwards. */
@Entity
@Immutable
@Table(name = "call_revision")
public class CallRevision {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String callId;

    @Column(nullable = false)
    private int revision;

    @Column(nullable = false)
    private String name;

    @Column(nullable = false)
    private String savedBy;

    @Column(nullable = false)
    private Instant savedAt;

    @Column(nullable = false)
    private String digest;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private Map<String, Object> document;

    protected CallRevision() {}

    CallRevision(Document document, int revision, String savedBy, Instant savedAt) {
        this.callId = document.id();
        this.revision = revision;
        this.name = document.name();
        this.savedBy = savedBy;
        this.savedAt = savedAt;
        this.digest = document.digest();
        this.document = document.body();
    }

    String callId() {
        return callId;
    }

    int revision() {
        return revision;
    }

    String name() {
        return name;
    }

    String savedBy() {
        return savedBy;
    }

    Instant savedAt() {
        return savedAt;
    }

    String digest() {
        return digest;
    }

    Document document() {
        return Document.of(document);
    }
}
