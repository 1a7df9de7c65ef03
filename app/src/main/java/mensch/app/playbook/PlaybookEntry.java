package mensch.app.playbook;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.io.Serializable;
import mensch.core.document.Worded;
import org.jspecify.annotations.Nullable;

/** What the programme does with one document: who wrote it, who may see it, whether it is taught. */
@Entity
@Table(name = "playbook_entry")
@IdClass(PlaybookEntry.Key.class)
public class PlaybookEntry {

    /** How far a document has come: in the catalogue, taught, in this week's plan. */
    public enum Install implements Worded {
        CATALOGUE,
        INSTALLED,
        PLAN
    }

    /** A document by kind and id. */
    public record Key(String kind, String docId) implements Serializable {}

    @Id
    private String kind;

    @Id
    private String docId;

    private @Nullable String owner;

    @Column(nullable = false)
    private boolean published;

    @Column(nullable = false)
    private boolean retired;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private Install install;

    /** Null until it is kept: so that a first word is inserted, and never laid over another first word. */
    @Version
    private @Nullable Integer version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected PlaybookEntry() {}

    /** A new draft of somebody, or, with no owner, a first word about a document of the catalogue. */
    PlaybookEntry(String kind, String docId, @Nullable String owner) {
        this.kind = kind;
        this.docId = docId;
        this.owner = owner;
        this.published = owner == null;
        this.install = Install.CATALOGUE;
    }

    void set(Install nowInstall, boolean nowPublished, boolean nowRetired) {
        this.install = nowInstall;
        this.published = nowPublished;
        this.retired = nowRetired;
    }

    public String kind() {
        return kind;
    }

    public String docId() {
        return docId;
    }

    public @Nullable String owner() {
        return owner;
    }

    public boolean published() {
        return published;
    }

    public boolean retired() {
        return retired;
    }

    public Install install() {
        return install;
    }

    /** Counts from 1; 0 while nothing has been said about the document. */
    public int version() {
        return version == null ? 0 : version + 1;
    }

    /** Drafts are seen by their author alone; what nobody owns is the catalogue's, and everyone's. */
    public boolean seenBy(String username) {
        return published || owner == null || username.equals(owner);
    }
}
