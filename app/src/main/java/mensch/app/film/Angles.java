package mensch.app.film;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.NativeQuery;
import org.springframework.data.jpa.repository.Query;

/** Angles of plays. */
interface Angles extends JpaRepository<Angle, Long> {
    /** Of one play, in the order of the reels. */
    List<Angle> findByPlayIdOrderByReelId(Long playId);

    Optional<Angle> findByIdAndPlayId(Long id, Long playId);

    boolean existsByPlayIdAndReelId(Long playId, Long reelId);

    boolean existsByReelId(Long reelId);

    /** Of all plays that stand in a game, by play and reel. */
    @Query("""
            select a from Angle a join Play p on p.id = a.playId
            where p.gameId = :game and p.takenOut = false order by p.number, a.reelId""")
    List<Angle> ofGame(Long game);

    /**
     * Of plays that stand, those on which a moment was marked.
     *
     * @param like the moment as it is kept, inside an array
     */
    @NativeQuery(
            "select a.* from angle a join play p on p.id = a.play_id where not p.taken_out and a.seen @> cast(:like as jsonb)")
    List<Angle> marked(String like);

    /**
     * Angles of a reel that may tell where its camera stands, but for one: the nearest on the film first.
     *
     * @param least so many known places are clicked in it
     */
    @Query("""
            select new mensch.app.film.Told(a.points, p.log) from Angle a join Play p on p.id = a.playId
            where a.reelId = :reel and a.id <> :angle and p.takenOut = false
            and function('jsonb_array_length', a.points) >= :least
            order by abs(a.snapFrame - :frame), a.id limit 12""")
    List<Told> nearest(Long reel, Long angle, int frame, int least);

    /** The first frame of the next play on a reel. */
    @Query("""
            select min(a.firstFrame) from Angle a join Play p on p.id = a.playId
            where a.reelId = :reel and a.firstFrame > :frame and p.takenOut = false""")
    Optional<Integer> nextBegins(Long reel, int frame);

    /** The last frame of a play on its reel: as it was marked, or before the next play begins. */
    default int last(Angle angle, Reel reel) {
        Integer marked = angle.lastFrame();
        return marked == null
                ? nextBegins(reel.id(), angle.snapFrame())
                                .orElse(reel.frameTimes().size())
                        - 1
                : marked;
    }

    /** Whether every play of a reel is one of this game. */
    @Query("""
            select count(a) = 0 from Angle a join Play p on p.id = a.playId
            where a.reelId = :reel and p.gameId <> :game""")
    boolean allOf(Long reel, Long game);

    /** How many were there to take away: 0 when it is gone, or somebody worked on it since. */
    @Modifying
    @Query("delete from Angle a where a.id = :id and a.version = :version")
    int erase(Long id, long version);
}
