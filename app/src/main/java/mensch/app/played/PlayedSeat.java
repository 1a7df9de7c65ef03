package mensch.app.played;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

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

    /** @param man who plays here; null when the line-up of the play has this seat no more, and who had it is kept */
    void played(@Nullable String man) {
        this.onField = man != null;
        this.player = man == null ? player : man;
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
