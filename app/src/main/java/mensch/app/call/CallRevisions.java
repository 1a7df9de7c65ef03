package mensch.app.call;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Saved calls. */
interface CallRevisions extends JpaRepository<CallRevision, Long> {
    Optional<CallRevision> findByCallIdAndRevision(String callId, int revision);

    Optional<CallRevision> findFirstByCallIdOrderByRevisionDesc(String callId);

    List<CallRevision> findByCallIdOrderByRevisionDesc(String callId);

    @Query("select c from CallRevision c where c.revision = (select max(d.revision) from CallRevision d where d.callId = c.callId) order by c.name")
    List<CallRevision> newest();
}
