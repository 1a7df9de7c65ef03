package mensch.app.film;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Snaps of films. */
interface FilmSnaps extends JpaRepository<FilmSnap, Long> {
    List<FilmSnap> findByReelIdOrderByNumber(Long reelId);

    Optional<FilmSnap> findByReelIdAndNumber(Long reelId, int number);

    @Query("select coalesce(max(s.number), 0) from FilmSnap s where s.reelId = :reel")
    int lastNumber(Long reel);

    /** How many were there to take away: 0 when it is gone, or somebody worked on it since. */
    @Modifying
    @Query("delete from FilmSnap s where s.reelId = :reel and s.number = :number and s.version = :version")
    int erase(Long reel, int number, long version);
}
