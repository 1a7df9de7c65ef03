package mensch.app.grading;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What was graded, and each with the play it is of. */
interface GradedReps extends JpaRepository<GradedRep, Long> {
    String PLACED = """
            select new mensch.app.grading.PlacedRep(r, p, g)
            from GradedRep r join Play p on p.id = r.playId join Game g on g.id = p.gameId
            where p.takenOut = false
            """;

    /** A game that was logged late is no newer one. */
    String NEWEST = "order by coalesce(g.playedOn, make_date(g.season, 1, 1)) desc, g.id desc, p.number desc";

    List<GradedRep> findByPlayIdOrderByJobAscGraderAsc(Long playId);

    Optional<GradedRep> findByPlayIdAndJobAndGrader(Long playId, String job, String grader);

    /** All that stands, the newest game first and its last play first. */
    @Query(PLACED + NEWEST + ", r.job, r.grader")
    List<PlacedRep> all();

    /** Of one man, a player or a seat that nobody said who played it. */
    @Query(value = PLACED + "and coalesce(r.player, r.job) = :man " + NEWEST + ", r.grader", countQuery = """
            select count(r) from GradedRep r join Play p on p.id = r.playId
            where p.takenOut = false and coalesce(r.player, r.job) = :man""")
    Page<PlacedRep> ofMan(String man, Pageable page);
}
