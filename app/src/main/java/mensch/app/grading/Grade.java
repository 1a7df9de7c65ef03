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
import mensch.core.document.DocumentRef;
import mensch.core.grading.AlignmentVerdict;
import mensch.core.grading.GradeMark;
import org.jspecify.annotations.Nullable;

/** One facet of one man on one snap. */
@Entity
@Table(name = "grade")
class Grade {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private Long id;

    @Column(nullable = false)
    private Long snapId;

    @Column(nullable = false)
    private String job;

    @Column(nullable = false)
    private String facet;

    @Column(nullable = false)
    private String verdict;

    @Enumerated(EnumType.STRING)
    @Column(nullable = false)
    private GradeMark mark;

    @Enumerated(EnumType.STRING)
    private @Nullable GradeMark overruled;

    private @Nullable String note;

    @Column(nullable = false)
    private String gradedBy;

    @Column(nullable = false)
    private String callId;

    @Column(nullable = false)
    private int callRevision;

    @Column(nullable = false)
    private String callDigest;

    @Version
    private int version;

    /** For Hibernate, which fills what is not null. */
    @SuppressWarnings("NullAway.Init")
    protected Grade() {}

    Grade(Long snapId, String job, String facet, AlignmentVerdict judged, DocumentRef call, String by) {
        this.snapId = snapId;
        this.job = job;
        this.facet = facet;
        judge(judged, call, by);
    }

    final void judge(AlignmentVerdict judged, DocumentRef call, String by) {
        this.verdict = judged.words();
        this.mark = GradeMark.of(judged.outcome());
        this.gradedBy = by;
        this.callId = call.id();
        this.callRevision = call.revision();
        this.callDigest = call.digest();
    }

    void overrule(@Nullable GradeMark newMark, @Nullable String why, String by) {
        this.overruled = newMark;
        this.note = why;
        this.gradedBy = by;
    }

    Long snapId() {
        return snapId;
    }

    String job() {
        return job;
    }

    String verdict() {
        return verdict;
    }

    GradeMark mark() {
        return mark;
    }

    @Nullable
    GradeMark overruled() {
        return overruled;
    }

    @Nullable
    String note() {
        return note;
    }

    String callId() {
        return callId;
    }

    int version() {
        return version;
    }

    int callRevision() {
        return callRevision;
    }
}
