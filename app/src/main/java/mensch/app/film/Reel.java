package mensch.app.film;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.List;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** A film with the exact presentation time of each of its frames, seconds. */
@Entity
@Table(name = "reel")
class Reel {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long gameId;

    @Column(nullable = false)
    private String name;

    @Enumerated(EnumType.STRING)
    @Column(name = "\"view\"", nullable = false)
    private View view;

    @Column(nullable = false)
    private String file;

    @Column(nullable = false)
    private int width;

    @Column(nullable = false)
    private int height;

    @Column(nullable = false)
    private int rotation;

    @Column(nullable = false)
    private long bytes;

    @JdbcTypeCode(SqlTypes.JSON)
    @Column(nullable = false)
    private List<Double> frameTimes;

    private @Nullable String hindrance;

    private @Nullable String original;

    private @Nullable String uploadedBy;

    @Column(nullable = false)
    private Instant uploadedAt;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Reel() {}

    Reel(
            Long gameId,
            String name,
            View view,
            String file,
            FilmProbe.Probed probed,
            @Nullable String uploadedBy,
            Instant uploadedAt) {
        this.gameId = gameId;
        this.name = name;
        this.view = view;
        is(file, probed);
        this.uploadedBy = uploadedBy;
        this.uploadedAt = uploadedAt;
    }

    private void is(String newFile, FilmProbe.Probed probed) {
        this.file = newFile;
        this.width = probed.width();
        this.height = probed.height();
        this.rotation = probed.rotation();
        this.bytes = probed.bytes();
        this.frameTimes = probed.frameTimes();
        this.hindrance = probed.hindrance();
    }

    /** It was made over; the film as it came in stays beside. */
    void madeOver(String newFile, FilmProbe.Probed probed) {
        this.original = original == null ? file : original;
        is(newFile, probed);
    }

    Long id() {
        return id;
    }

    Long gameId() {
        return gameId;
    }

    /** It turned out to show another game. */
    void ofGame(Long game) {
        this.gameId = game;
    }

    String name() {
        return name;
    }

    View view() {
        return view;
    }

    String file() {
        return file;
    }

    int width() {
        return width;
    }

    int height() {
        return height;
    }

    /** Degrees clockwise that the film asks to be turned when shown. */
    int rotation() {
        return rotation;
    }

    /** 0 for a film taken in before sizes were kept. */
    long bytes() {
        return bytes;
    }

    /** Why it should be made over before it is worked on; null when it plays and steps well. */
    @Nullable
    String hindrance() {
        return hindrance;
    }

    /** The file as it came in, where another took its place. */
    @Nullable
    String original() {
        return original;
    }

    List<Double> frameTimes() {
        return frameTimes;
    }
}
