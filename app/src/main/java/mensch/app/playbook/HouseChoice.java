package mensch.app.playbook;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Map;
import mensch.core.convention.Chosen;
import org.hibernate.annotations.Immutable;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** What the programme chose among the schools, and measures by, at one time; the newest is in force. */
@Entity
@Immutable
@Table(name = "house_choice")
public class HouseChoice {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private Map<String, String> choices;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private Map<String, Double> figures;

    @Column(nullable = false)
    private String chosenBy;

    @Column(nullable = false)
    private Instant chosenAt;

    /** The choice before this one, 0 for the first. */
    @Column(nullable = false)
    private long follows;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected HouseChoice() {}

    HouseChoice(long follows, Chosen chosen, String chosenBy, Instant chosenAt) {
        this.follows = follows;
        this.choices = chosen.schools();
        this.figures = chosen.figures();
        this.chosenBy = chosenBy;
        this.chosenAt = chosenAt;
    }

    long id() {
        return id;
    }

    Chosen chosen() {
        return new Chosen(choices, figures);
    }

    String chosenBy() {
        return chosenBy;
    }

    Instant chosenAt() {
        return chosenAt;
    }
}
