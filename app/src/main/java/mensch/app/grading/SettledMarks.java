package mensch.app.grading;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface SettledMarks extends JpaRepository<SettledMark, Long> {
    Optional<SettledMark> findByPlayIdAndJobAndTopicOfAndTopicWhat(
            Long playId, String job, String topicOf, String topicWhat);

    List<SettledMark> findByPlayId(Long playId);
}
