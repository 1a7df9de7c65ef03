package mensch.app.grading;

import java.util.List;
import java.util.Optional;
import mensch.app.game.Play;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** What was graded, and each with the play it is of. */
interface GradedReps extends JpaRepository<GradedRep, Long> {
    String PLACED = """
            select new mensch.app.grading.PlacedRep(r, s.player, p, g)
            from GradedRep r join Play p on p.id = r.playId join Game g on g.id = p.gameId
            left join PlayedSeat s on s.playId = r.playId and s.job = r.job
            where p.takenOut = false
            """;

    String NEWEST = "order by" + Play.NEWEST;

    List<GradedRep> findByPlayIdOrderByJobAscGraderAsc(Long playId);

    Optional<GradedRep> findByPlayIdAndJobAndGrader(Long playId, String job, String grader);

    /** All that stands, the newest game first and its last play first. */
    @Query(PLACED + NEWEST + ", r.job, r.grader")
    List<PlacedRep> all();

    /** Of one man, a player or a seat of which it is not known who played it. */
    @Query(value = PLACED + "and coalesce(s.player, r.job) = :man " + NEWEST + ", r.grader", countQuery = """
            select count(r) from GradedRep r join Play p on p.id = r.playId
            left join PlayedSeat s on s.playId = r.playId and s.job = r.job
            where p.takenOut = false and coalesce(s.player, r.job) = :man""")
    Page<PlacedRep> ofMan(String man, Pageable page);
}
