package mensch.app.film;

import org.springframework.data.jpa.repository.JpaRepository;

/** Films. */
interface Reels extends JpaRepository<Reel, Long> {
    boolean existsByFile(String file);
}
