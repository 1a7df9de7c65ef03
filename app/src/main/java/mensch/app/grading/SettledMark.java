package mensch.app.grading;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import jakarta.persistence.Version;
import java.time.Instant;
import mensch.core.grading.GradeMark;
import mensch.core.grading.Topic;

/** The mark that stands where two coaches differed, who said so and when. */
@Entity
@Table(name = "settled_mark")
class SettledMark {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long playId;

    @Column(nullable = false)
    private String job;

    @Column(nullable = false)
    private String topicOf;

    @Column(nullable = false)
    private String topicWhat;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private GradeMark mark;

    @Column(nullable = false)
    private String settledBy;

    @Column(nullable = false)
    private Instant settledAt;

    @Version
    private int version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected SettledMark() {}

    SettledMark(Long playId, String job, Topic topic, GradeMark mark, String by, Instant at) {
        this.playId = playId;
        this.job = job;
        this.topicOf = topic.of();
        this.topicWhat = topic.what();
        this.mark = mark;
        this.settledBy = by;
        this.settledAt = at;
    }

    /** The play turned out to be one with another. */
    void ofPlay(Long play) {
        this.playId = play;
    }

    void say(GradeMark newMark, String by, Instant at) {
        this.mark = newMark;
        this.settledBy = by;
        this.settledAt = at;
    }

    Long playId() {
        return playId;
    }

    String job() {
        return job;
    }

    Topic topic() {
        return new Topic(topicOf, topicWhat);
    }

    GradeMark mark() {
        return mark;
    }

    String settledBy() {
        return settledBy;
    }

    Instant settledAt() {
        return settledAt;
    }

    int version() {
        return version;
    }
}
