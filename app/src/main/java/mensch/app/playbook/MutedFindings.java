package mensch.app.playbook;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MutedFindings extends JpaRepository<MutedFinding, Long> {
    List<MutedFinding> findByCallIdOrderById(String callId);

    boolean existsByCallIdAndFinding(String callId, String finding);

    /** Mutes of a time when a finding was known by its words. */
    List<MutedFinding> findByFindingStartingWith(String prefix);

    @Modifying
    @Query(value = "update muted_finding set finding = :finding where id = :id", nativeQuery = true)
    void know(long id, String finding);

    /** How many were there to take away: of two who ask at once, one is told 0. */
    @Modifying
    @Query("delete from MutedFinding m where m.id = :id")
    int erase(long id);
}
