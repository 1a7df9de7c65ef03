package mensch.app.roster;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** The one roster of the programme as it stands. */
@Entity
@Table(name = "roster")
class RosterPage {
    static final int ONLY = 1;

    @Id
    private Integer id = ONLY;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private RosterSheet body;

    @Version
    private Integer version;

    @Column(nullable = false)
    private String changedBy;

    @Column(nullable = false)
    private Instant changedAt;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected RosterPage() {}

    RosterPage(RosterSheet body, String by, Instant at) {
        set(body, by, at);
    }

    final void set(RosterSheet sheet, String by, Instant at) {
        this.body = sheet;
        this.changedBy = by;
        this.changedAt = at;
    }

    RosterSheet body() {
        return body;
    }

    /** Counts from 1; 0 is a roster that nobody has saved yet. */
    int version() {
        return version + 1;
    }

    String changedBy() {
        return changedBy;
    }

    Instant changedAt() {
        return changedAt;
    }
}
