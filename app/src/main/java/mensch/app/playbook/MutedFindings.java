package mensch.app.playbook;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;

interface MutedFindings extends JpaRepository<MutedFinding, Long> {
    List<MutedFinding> findByCallIdOrderById(String callId);

    boolean existsByCallIdAndCheckIdAndTitle(String callId, String checkId, String title);
}
