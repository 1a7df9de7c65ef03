package mensch.app.work;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/** A piece of work, as a coach sees it. */
@Entity
@Table(name = "work")
class Work {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private String kind;

    @Column(nullable = false)
    private Long about;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private WorkState state;

    @Column(nullable = false)
    private int percent;

    @Column(nullable = false)
    private String words;

    @Column(nullable = false)
    private boolean cancelAsked;

    @Column(nullable = false)
    private String askedBy;

    @Column(nullable = false)
    private Instant askedAt;

    private @Nullable Instant endedAt;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Work() {}

    Work(String kind, Long about, String askedBy, Instant askedAt) {
        this.kind = kind;
        this.about = about;
        this.state = WorkState.WAITING;
        this.words = "waits for its turn";
        this.askedBy = askedBy;
        this.askedAt = askedAt;
    }

    void runs(int nowPercent, String nowWords) {
        this.state = WorkState.RUNNING;
        this.percent = nowPercent;
        this.words = nowWords;
    }

    void ends(WorkState as, String nowWords, Instant at) {
        this.state = as;
        this.percent = as == WorkState.DONE ? 100 : percent;
        this.words = nowWords;
        this.endedAt = at;
    }

    void askToCancel() {
        this.cancelAsked = true;
    }

    Long id() {
        return id;
    }

    String kind() {
        return kind;
    }

    Long about() {
        return about;
    }

    WorkState state() {
        return state;
    }

    int percent() {
        return percent;
    }

    String words() {
        return words;
    }

    boolean cancelAsked() {
        return cancelAsked;
    }

    String askedBy() {
        return askedBy;
    }

    Instant askedAt() {
        return askedAt;
    }

    @Nullable
    Instant endedAt() {
        return endedAt;
    }
}
