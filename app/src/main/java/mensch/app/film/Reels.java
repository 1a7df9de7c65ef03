package mensch.app.film;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

/** Films. */
interface Reels extends JpaRepository<Reel, Long> {
    boolean existsByFile(String file);

    /** How many were there to take away: of two who ask at once, one is told 0. */
    @Modifying
    @Transactional
    @Query("delete from Reel r where r.id = :id")
    int erase(Long id);

    /** Holds a reel, so that its snaps are numbered one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select r.id from Reel r where r.id = :id")
    Optional<Long> hold(Long id);

    /** The reels in short, without the times of their frames. */
    @Query(nativeQuery = true, countQuery = "select count(*) from reel", value = """
            select r.id as id, r.name as name, r."view" as view, r.bytes as bytes, r.width as width, r.height as height,
                   r.rotation as rotation, jsonb_array_length(r.frame_times) as frames,
                   coalesce((r.frame_times ->> -1)::float8 - (r.frame_times ->> 0)::float8, 0) as seconds,
                   count(s.id) as snaps,
                   count(s.id) filter (where jsonb_array_length(s.points) >= 4) as calibrated,
                   count(s.id) filter (where jsonb_array_length(s.marks) > 0) as marked
            from reel r left join film_snap s on s.reel_id = r.id
            group by r.id order by r.id desc""")
    Page<InShort> inShort(Pageable page);

    /** One reel of the list. */
    interface InShort {
        long getId();

        String getName();

        View getView();

        long getBytes();

        int getWidth();

        int getHeight();

        int getRotation();

        int getFrames();

        double getSeconds();

        int getSnaps();

        int getCalibrated();

        int getMarked();
    }
}
