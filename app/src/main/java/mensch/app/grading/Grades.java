package mensch.app.grading;

import java.util.List;
import java.util.Optional;
import mensch.core.grading.GradeMark;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Grades by snap, and each with the snap of film it came from. */
interface Grades extends JpaRepository<Grade, Long> {
    String PLACED = """
            select new mensch.app.grading.PlacedGrade(g, r.id, r.name, s.number)
            from Grade g join FilmSnap s on s.id = g.snapId join Reel r on r.id = s.reelId
            """;

    List<Grade> findBySnapId(Long snapId);

    /** Grades of one snap. */
    @Query(PLACED + "where r.id = :reel and s.number = :snap order by g.job")
    List<PlacedGrade> ofSnap(long reel, int snap);

    @Query(PLACED + "where r.id = :reel and s.number = :snap and g.job = :job and g.facet = :facet")
    Optional<PlacedGrade> of(long reel, int snap, String job, String facet);

    /** Grades of one man, those of the newest film first. */
    @Query(
            value = PLACED + "where g.job = :job order by r.id desc, s.number desc",
            countQuery = "select count(g) from Grade g where g.job = :job")
    Page<PlacedGrade> ofMan(String job, Pageable page);

    /** The newest grades of every man, at most so many each. */
    @Query(PLACED + """
            where g.id in (
                select n.id from (
                    select h.id as id,
                           row_number() over (partition by h.job order by t.reelId desc, t.number desc) as place
                    from Grade h join FilmSnap t on t.id = h.snapId) n
                where n.place <= :most)
            order by r.id desc, s.number desc""")
    List<PlacedGrade> newest(int most);

    /** Every man with a grade, and how often each mark was given him: the coach's where he overruled. */
    @Query("""
            select g.job as job, coalesce(g.overruled, g.mark) as mark, count(g) as times
            from Grade g group by g.job, coalesce(g.overruled, g.mark) order by g.job""")
    List<Times> times();

    /** How often a man was given a mark. */
    interface Times {
        String getJob();

        GradeMark getMark();

        long getTimes();
    }
}
