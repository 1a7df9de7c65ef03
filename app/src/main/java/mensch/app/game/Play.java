package mensch.app.game;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One play of a game: a row of its log. One that was taken out keeps all that belongs to it until it is put back. */
@Entity
@Table(name = "play")
public class Play {
    /**
     * How plays p of games g stand, the newest game first and its last play first: one that was logged late is no
     * newer.
     */
    public static final String NEWEST =
            " coalesce(g.playedOn, make_date(g.season, 1, 1)) desc, g.id desc, p.number desc";

    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long gameId;

    @Column(nullable = false)
    private int number;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private PlayLog log;

    @Column(nullable = false)
    private boolean takenOut;

    @Version
    private int version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Play() {}

    Play(Long gameId, int number, PlayLog log) {
        this.gameId = gameId;
        this.number = number;
        this.log = log;
    }

    void logged(PlayLog newLog) {
        this.log = newLog;
    }

    void takeOut() {
        this.takenOut = true;
    }

    void putBack(int newNumber) {
        this.takenOut = false;
        this.number = newNumber;
    }

    public Long id() {
        return id;
    }

    public Long gameId() {
        return gameId;
    }

    /** Of the game, from 1, in the order they were played. */
    public int number() {
        return number;
    }

    public PlayLog log() {
        return log;
    }

    boolean takenOut() {
        return takenOut;
    }

    public int version() {
        return version;
    }
}
