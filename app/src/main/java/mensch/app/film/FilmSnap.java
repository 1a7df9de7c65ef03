package mensch.app.film;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;

/** One snap of a reel as far as it has been worked on. */
@Entity
@Table(name = "film_snap")
public class FilmSnap {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long reelId;

    @Column(nullable = false)
    private int number;

    @Column(nullable = false)
    private int firstFrame;

    @Column(nullable = false)
    private int snapFrame;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private SnapLog log;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<KnownClick> points;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<FeetClick> marks;

    @Version
    private int version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected FilmSnap() {}

    FilmSnap(Long reelId, int number, int firstFrame, int snapFrame, SnapLog log) {
        this.reelId = reelId;
        this.number = number;
        this.firstFrame = firstFrame;
        this.snapFrame = snapFrame;
        this.log = log;
        this.points = List.of();
        this.marks = List.of();
    }

    void work(int frame, SnapLog newLog, List<KnownClick> newPoints, List<FeetClick> newMarks) {
        this.snapFrame = frame;
        this.log = newLog;
        this.points = List.copyOf(newPoints);
        this.marks = List.copyOf(newMarks);
    }

    public Long id() {
        return id;
    }

    public Long reelId() {
        return reelId;
    }

    public int number() {
        return number;
    }

    int firstFrame() {
        return firstFrame;
    }

    int snapFrame() {
        return snapFrame;
    }

    public SnapLog log() {
        return log;
    }

    List<KnownClick> points() {
        return points;
    }

    List<FeetClick> marks() {
        return marks;
    }

    int version() {
        return version;
    }
}
