package mensch.app.playbook;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MutedFindings extends JpaRepository<MutedFinding, Long> {
    List<MutedFinding> findByCallIdOrderById(String callId);

    boolean existsByCallIdAndCheckIdAndTitle(String callId, String checkId, String title);

    /** How many were there to take away: of two who ask at once, one is told 0. */
    @Modifying
    @Query("delete from MutedFinding m where m.id = :id")
    int erase(long id);
}
