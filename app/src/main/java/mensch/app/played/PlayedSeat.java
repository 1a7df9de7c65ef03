package mensch.app.played;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/** A man at a seat on a play. */
@Entity
@Table(name = "played")
class PlayedSeat {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long playId;

    @Column(nullable = false)
    private String job;

    @Column(nullable = false)
    private String player;

    @Column(nullable = false)
    private boolean onField = true;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected PlayedSeat() {}

    PlayedSeat(Long playId, String job, String player) {
        this.playId = playId;
        this.job = job;
        this.player = player;
    }

    void by(String another) {
        this.player = another;
    }

    /** The line-up of the play has this seat, or has it no more. */
    void stands(boolean inLineup) {
        this.onField = inLineup;
    }

    Long playId() {
        return playId;
    }

    String job() {
        return job;
    }

    String player() {
        return player;
    }

    boolean onField() {
        return onField;
    }
}
