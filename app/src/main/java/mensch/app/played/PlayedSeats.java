package mensch.app.played;

import java.util.List;
import mensch.app.game.Play;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Men at seats. */
interface PlayedSeats extends JpaRepository<PlayedSeat, Long> {
    List<PlayedSeat> findByPlayId(Long play);

    /** Of a game's plays from a number on, play by play. */
    @Query("""
            select s from PlayedSeat s join Play p on p.id = s.playId
            where p.gameId = :game and p.takenOut = false and p.number >= :first
            order by p.number""")
    List<PlayedSeat> from(Long game, int first);

    /** Of a game's plays before a number, the latest play first. */
    @Query("""
            select s from PlayedSeat s join Play p on p.id = s.playId
            where p.gameId = :game and p.takenOut = false and p.number < :number and s.onField = true
            order by p.number desc""")
    List<PlayedSeat> before(Long game, int number);

    /** Everybody on every play that is in its game, the newest game first and its last play first. */
    @Query("""
            select new mensch.app.played.WasOn(s.player, s.job, p, g)
            from PlayedSeat s join Play p on p.id = s.playId join Game g on g.id = p.gameId
            where p.takenOut = false and s.onField = true
            order by""" + Play.NEWEST)
    List<WasOn> all();
}
