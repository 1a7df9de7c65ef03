package mensch.app.playbook;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Saved documents. */
interface DocumentRevisions extends JpaRepository<DocumentRevision, Long> {
    Optional<DocumentRevision> findByKindAndDocIdAndRevision(String kind, String docId, int revision);

    Optional<DocumentRevision> findFirstByKindAndDocIdOrderByRevisionDesc(String kind, String docId);

    Page<DocumentRevision> findByKindAndDocIdOrderByRevisionDesc(String kind, String docId, Pageable page);

    boolean existsByDocId(String docId);

    boolean existsByKindAndDocId(String kind, String docId);

    @Query("""
            select d from DocumentRevision d
            where d.revision = (select max(e.revision) from DocumentRevision e
                                where e.kind = d.kind and e.docId = d.docId)
            order by d.name""")
    List<DocumentRevision> newest();

    @Query("""
            select d from DocumentRevision d
            where d.kind = :kind and d.revision = (select max(e.revision) from DocumentRevision e
                                                   where e.kind = d.kind and e.docId = d.docId)
            order by d.name""")
    List<DocumentRevision> newest(String kind);

    @Query("""
            select d from DocumentRevision d
            where d.kind <> :kind and d.revision = (select max(e.revision) from DocumentRevision e
                                                    where e.kind = d.kind and e.docId = d.docId)
            order by d.name""")
    List<DocumentRevision> newestOtherThan(String kind);

    /** Another number whenever the library must be read anew. */
    @Query(nativeQuery = true, value = "select state from playbook_version")
    long state();

    @Query(nativeQuery = true, value = "select state from playbook_version for update")
    long takeTurn();

    @Modifying
    @Query(nativeQuery = true, value = "update playbook_version set state = nextval('playbook_state')")
    void change();
}
