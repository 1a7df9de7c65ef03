package mensch.app.game;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Plays of games. */
interface Plays extends JpaRepository<Play, Long> {
    /** Those that were taken out too. */
    List<Play> findByGameId(Long gameId);

    List<Play> findByGameIdAndTakenOutOrderByNumber(Long gameId, boolean takenOut);

    Optional<Play> findByIdAndGameId(Long id, Long gameId);

    @Query("select coalesce(max(p.number), 0) from Play p where p.gameId = :game and p.takenOut = false")
    int lastNumber(Long game);

    /**
     * Plays with numbers from {@code first} to {@code last} stand {@code by} further on: first behind zero, out of each
     * other's way.
     */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("""
            update Play p set p.number = 0 - p.number - :by
            where p.gameId = :game and p.takenOut = false and p.number between :first and :last""")
    void moveBehindZero(Long game, int first, int last, int by);

    /** A play stands behind zero, where it waits for its new number. */
    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("update Play p set p.number = 0 - :number where p.id = :play")
    void standBehindZero(Long play, int number);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("update Play p set p.number = 0 - p.number where p.gameId = :game and p.number < 0")
    void comeForth(Long game);
}
