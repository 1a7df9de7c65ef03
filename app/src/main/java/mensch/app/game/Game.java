package mensch.app.game;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.LocalDate;
import org.jspecify.annotations.Nullable;

/** A game, or a practice, whose plays are logged. */
@Entity
@Table(name = "game")
public class Game {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String opponent;

    @Column(nullable = false)
    private String squad;

    @Column(nullable = false)
    private int season;

    private @Nullable LocalDate playedOn;

    @Column(nullable = false)
    private String code;

    @Version
    private int version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Game() {}

    Game(GameWords words) {
        said(words);
    }

    final void said(GameWords words) {
        this.opponent = words.opponent().strip();
        this.squad = words.squad().strip();
        this.season = words.season();
        this.playedOn = words.playedOn();
        this.code = words.code();
    }

    public Long id() {
        return id;
    }

    public String opponent() {
        return opponent;
    }

    public String squad() {
        return squad;
    }

    /** The year it began in. */
    public int season() {
        return season;
    }

    /** Null when nobody said it. */
    @Nullable
    public LocalDate playedOn() {
        return playedOn;
    }

    /** Rules it was played by: hs, col, pro or a flag code. */
    public String code() {
        return code;
    }

    int version() {
        return version;
    }
}
