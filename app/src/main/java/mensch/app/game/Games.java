package mensch.app.game;

import jakarta.persistence.LockModeType;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Page;
import org.springframework.data.domain.Pageable;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

/** Games. */
interface Games extends JpaRepository<Game, Long> {
    List<Game> findByIdNot(Long id);

    Optional<Game> findFirstByOrderByIdDesc();

    /** Holds a game, so that its plays are numbered one after the other. */
    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select g.id from Game g where g.id = :id")
    Optional<Long> hold(Long id);

    /** How many were there to take away: of two who ask at once, one is told 0. */
    @Modifying
    @Query("delete from Game g where g.id = :id")
    int erase(Long id);

    /** Games in short, the newest first. */
    @Query(value = """
            select g.id as id, g.opponent as opponent, g.squad as squad, g.season as season, g.playedOn as playedOn,
                   g.code as code, g.version as version,
                   (select count(p) from Play p where p.gameId = g.id and p.takenOut = false) as plays
            from Game g order by coalesce(g.playedOn, make_date(g.season, 1, 1)) desc, g.id desc""", countQuery = "select count(g) from Game g")
    Page<InShort> inShort(Pageable page);

    /** One game of the list. */
    interface InShort {
        long getId();

        String getOpponent();

        String getSquad();

        int getSeason();

        @Nullable
        LocalDate getPlayedOn();

        String getCode();

        int getVersion();

        int getPlays();
    }
}
