package mensch.app.film;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

/** Snaps of films. */
interface FilmSnaps extends JpaRepository<FilmSnap, Long> {
    List<FilmSnap> findByReelIdOrderByNumber(Long reelId);

    Optional<FilmSnap> findByReelIdAndNumber(Long reelId, int number);
}
