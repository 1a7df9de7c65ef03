package mensch.app.playbook;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Saved documents. */
interface DocumentRevisions extends JpaRepository<DocumentRevision, Long> {
    Optional<DocumentRevision> findByKindAndDocIdAndRevision(String kind, String docId, int revision);

    Optional<DocumentRevision> findFirstByKindAndDocIdOrderByRevisionDesc(String kind, String docId);

    List<DocumentRevision> findByKindAndDocIdOrderByRevisionDesc(String kind, String docId);

    boolean existsByDocId(String docId);

    @Query(
            "select d from DocumentRevision d where d.revision = (select max(e.revision) from DocumentRevision e where e.kind = d.kind and e.docId = d.docId) order by d.name")
    List<DocumentRevision> newest();

    /**
     * Changes whenever a document is saved or a school chosen; the counts tell of one that was numbered earlier and
     * committed later.
     */
    @Query(
            nativeQuery = true,
            value =
                    "select (select count(*) || '/' || coalesce(max(id), 0) from document_revision) || ' ' || (select count(*) || '/' || coalesce(max(id), 0) from house_choice)")
    String state();
}
