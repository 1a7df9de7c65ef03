package mensch.app.grading;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Grades by snap. */
interface Grades extends JpaRepository<Grade, Long> {
    List<Grade> findBySnapId(Long snapId);

    @Query(
            value =
                    "select g.id as id, r.id as reel, r.name as \"reelName\", s.number as snap from grade g join film_snap s on s.id = g.snap_id join reel r on r.id = s.reel_id order by r.id, s.number, g.job",
            nativeQuery = true)
    List<Place> places();

    /** Where a grade came from. */
    interface Place {
        Long getId();

        Long getReel();

        String getReelName();

        Integer getSnap();
    }
}
