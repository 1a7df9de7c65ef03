package mensch.app.film;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.util.List;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** One play on one reel, as far as it has been worked on. */
@Entity
@Table(name = "angle")
class Angle {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long playId;

    @Column(nullable = false)
    private Long reelId;

    @Column(nullable = false)
    private int firstFrame;

    @Column(nullable = false)
    private int snapFrame;

    private @Nullable Integer lastFrame;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<KnownClick> points;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<FeetClick> marks;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<SeenAt> seen;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<Drawing> drawn;

    @Version
    private int version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Angle() {}

    Angle(Long playId, Long reelId, int firstFrame, int snapFrame) {
        this.playId = playId;
        this.reelId = reelId;
        this.firstFrame = firstFrame;
        this.snapFrame = snapFrame;
        this.points = List.of();
        this.marks = List.of();
        this.seen = List.of();
        this.drawn = List.of();
    }

    static Angle of(Long playId, Long reelId, AngleWork work) {
        var angle = new Angle(playId, reelId, work.firstFrame(), work.snapFrame());
        angle.work(work);
        return angle;
    }

    void work(AngleWork work) {
        this.firstFrame = work.firstFrame();
        this.snapFrame = work.snapFrame();
        this.lastFrame = work.lastFrame();
        this.points = List.copyOf(work.points());
        this.marks = List.copyOf(work.marks());
        this.seen = List.copyOf(work.seen());
        this.drawn = List.copyOf(work.drawn());
    }

    /** Men turned out to be others of the offence, by their names; who is not named is who he was. */
    void renamed(Map<String, String> names) {
        this.marks = marks.stream()
                .map(click -> click.of(names.getOrDefault(click.man(), click.man())))
                .toList();
    }

    /** The play turned out to be one with another. */
    void ofPlay(Long play) {
        this.playId = play;
    }

    Long id() {
        return id;
    }

    Long playId() {
        return playId;
    }

    Long reelId() {
        return reelId;
    }

    int firstFrame() {
        return firstFrame;
    }

    /** The frame at which the ball moves. */
    int snapFrame() {
        return snapFrame;
    }

    /** Null until it is marked: the play lasts to the next one of the reel. */
    @Nullable
    Integer lastFrame() {
        return lastFrame;
    }

    List<KnownClick> points() {
        return points;
    }

    List<FeetClick> marks() {
        return marks;
    }

    /** What was marked to happen when. */
    List<SeenAt> seen() {
        return seen;
    }

    /** What was drawn over its pictures. */
    List<Drawing> drawn() {
        return drawn;
    }

    int version() {
        return version;
    }
}
