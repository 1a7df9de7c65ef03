package mensch.app.grading;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Grades by snap. */
interface Grades extends JpaRepository<Grade, Long> {
    List<Grade> findBySnapId(Long snapId);

    /** Every grade with the snap it came from, as they stand on film. */
    @Query("""
            select new mensch.app.grading.PlacedGrade(g, r.id, r.name, s.number)
            from Grade g join FilmSnap s on s.id = g.snapId join Reel r on r.id = s.reelId
            order by r.id, s.number, g.job""")
    List<PlacedGrade> placed();

    @Query("""
            select g from Grade g join FilmSnap s on s.id = g.snapId
            where s.reelId = :reel and s.number = :snap and g.job = :job and g.facet = :facet""")
    Optional<Grade> of(long reel, int snap, String job, String facet);
}
