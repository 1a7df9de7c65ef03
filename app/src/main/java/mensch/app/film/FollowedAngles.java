package mensch.app.film;

import java.util.List;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Angles on which men were followed. */
interface FollowedAngles extends JpaRepository<Followed, Long> {
    /** Of plays that stand, with what tells whether their clicks still do. */
    @Query("""
            select new mensch.app.film.FollowedOn(f, a, p) from Followed f
            join Angle a on a.id = f.angleId join Play p on p.id = a.playId where p.takenOut = false""")
    List<FollowedOn> all();
}
