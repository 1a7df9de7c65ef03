package mensch.app.work;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Work. */
interface Works extends JpaRepository<Work, Long> {
    boolean existsByKindAndAboutAndStateIn(String kind, Long about, Collection<WorkState> states);

    /** The last of a kind about each of these. */
    @Query("""
            select j from Work j where j.kind = :kind and j.about in :about
            and j.id = (select max(o.id) from Work o where o.kind = :kind and o.about = j.about)""")
    List<Work> last(String kind, Collection<Long> about);

    boolean existsByKind(String kind);

    /** What the last work of a kind was about, each once, where it ended so. */
    @Query("""
            select j.about from Work j where j.kind = :kind and j.state = :state
            and j.id = (select max(o.id) from Work o where o.kind = :kind and o.about = j.about)""")
    List<Long> lastEnded(String kind, WorkState state);

    @Query("select j.cancelAsked from Work j where j.id = :id")
    Optional<Boolean> cancelAsked(Long id);
}
