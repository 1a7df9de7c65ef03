package mensch.app.film;

import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import mensch.app.board.SnapWords;
import mensch.app.game.GameBook;
import mensch.app.playbook.Playbook;
import mensch.app.playbook.PlaybookEntry;
import mensch.app.version.Version;
import mensch.core.formation.Formation;
import mensch.core.formation.Notation;
import mensch.core.grading.StoodAs;
import mensch.core.library.LibraryFormation;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The formation that the men of a play were marked in, where the log has another. */
@Service
class FormationOnFilm {
    private static final String FORMATION = "formation";

    private final FilmRoom room;
    private final Angles angles;
    private final GameBook games;
    private final Playbook playbook;

    FormationOnFilm(FilmRoom room, Angles angles, GameBook games, Playbook playbook) {
        this.room = room;
        this.angles = angles;
        this.games = games;
        this.playbook = playbook;
    }

    /** Formations that they may have stood in, of those that somebody may see; none where the log is as near. */
    List<StoodAs.Fit> told(FilmRoom.Worked worked, String by) {
        Formation logged = worked.asked().snap().formation();
        SnapWords words = worked.play().log().snap();
        Map<String, PlaybookEntry> standings = playbook.standings();
        String spot = Notation.spot(worked.asked().snap());
        List<StoodAs.Candidate> candidates = worked.library().formations().stream()
                .filter(f -> f.players() == logged.men().size()
                        && Playbook.seen(standings, FORMATION, f.id(), by)
                        && !Playbook.retired(standings, FORMATION, f.id()))
                .flatMap(f -> Stream.of(candidate(f, false, spot), candidate(f, true, spot)))
                .toList();
        return StoodAs.told(
                logged,
                new StoodAs.Candidate(words.formation(), words.mirrored(), logged),
                worked.judged().places(),
                candidates);
    }

    private static StoodAs.Candidate candidate(LibraryFormation of, boolean mirrored, String spot) {
        return new StoodAs.Candidate(
                of.id(), mirrored, of.snap(null, mirrored, spot).formation());
    }

    /**
     * Logs a play in another formation, as it stood without motion, and calls the men who were clicked as they are
     * called in it.
     */
    @Transactional
    public FilmRoom.Worked take(Long game, Long play, Version read, String formation, boolean mirrored, String by) {
        FilmRoom.Worked worked = room.worked(game, play, by);
        SnapWords old = worked.play().log().snap();
        var said = new SnapWords(
                formation, mirrored, null, null, old.code(), old.hash(), old.toGoal(), old.down(), old.distance());
        games.log(game, play, read, worked.play().log().against(said), by);
        Formation stood = games.asked(games.play(game, play).log(), by).snap().formation();
        Map<String, String> names = StoodAs.fit(
                        worked.asked().snap().formation(),
                        new StoodAs.Candidate(formation, mirrored, stood),
                        worked.judged().places())
                .names();
        worked.angles().stream().map(FilmRoom.Seen::angle).forEach(angle -> {
            angle.renamed(names);
            angles.saveAndFlush(angle);
        });
        return room.worked(game, play, by);
    }
}
