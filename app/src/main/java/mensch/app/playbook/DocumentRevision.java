package mensch.app.playbook;

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

/** A document of the playbook as somebody saved it; never changed afterwards. */
@Entity
@Immutable
@Table(name = "document_revision")
public class DocumentRevision {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String kind;

    @Column(nullable = false)
    private String docId;

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

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected DocumentRevision() {}

    DocumentRevision(Document document, int revision, String savedBy, Instant savedAt) {
        this.kind = document.kind();
        this.docId = document.id();
        this.revision = revision;
        this.name = document.name();
        this.savedBy = savedBy;
        this.savedAt = savedAt;
        this.digest = document.digest();
        this.document = document.body();
    }

    public String kind() {
        return kind;
    }

    public String docId() {
        return docId;
    }

    public int revision() {
        return revision;
    }

    public String name() {
        return name;
    }

    public String savedBy() {
        return savedBy;
    }

    public Instant savedAt() {
        return savedAt;
    }

    public String digest() {
        return digest;
    }

    public Document document() {
        return Document.of(document);
    }
}
