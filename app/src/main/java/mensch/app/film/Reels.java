package mensch.app.film;

import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

/** Films. */
interface Reels extends JpaRepository<Reel, Long> {
    boolean existsByFile(String file);

    boolean existsByOriginal(String original);

    /** How many were there to take away: of two who ask at once, one is told 0. */
    @Modifying
    @Transactional
    @Query("delete from Reel r where r.id = :id")
    int erase(Long id);

    List<Reel> findByGameId(Long gameId);

    /** The reels of a game in short, without the times of their frames. */
    @Query(nativeQuery = true, value = """
            select r.id as id, r.name as name, r."view" as view, r.bytes as bytes, r.width as width, r.height as height,
                   r.rotation as rotation, r.hindrance as hindrance, jsonb_array_length(r.frame_times) as frames,
                   coalesce((r.frame_times ->> -1)::float8 - (r.frame_times ->> 0)::float8, 0) as seconds,
                   count(a.id) as plays,
                   count(a.id) filter (where jsonb_array_length(a.points) > 0) as placed,
                   count(a.id) filter (where jsonb_array_length(a.marks) > 0) as marked
            from reel r left join (angle a join play p on p.id = a.play_id and not p.taken_out) on a.reel_id = r.id
            where r.game_id = :game
            group by r.id order by r.id""")
    List<InShort> inShort(Long game);

    /** One reel of the list. */
    interface InShort {
        long getId();

        String getName();

        View getView();

        long getBytes();

        int getWidth();

        int getHeight();

        int getRotation();

        @Nullable
        String getHindrance();

        int getFrames();

        double getSeconds();

        int getPlays();

        int getPlaced();

        int getMarked();
    }
}
