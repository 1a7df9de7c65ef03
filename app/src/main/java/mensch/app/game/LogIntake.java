package mensch.app.game;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import mensch.app.problem.Problem;
import mensch.app.version.Version;
import mensch.core.document.RefusedException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** A whole log written into a game at once: all of its rows or none. */
@Service
class LogIntake {
    /** So many faults are said at once. */
    private static final int SAID = 20;

    private final GameBook book;

    LogIntake(GameBook book) {
        this.book = book;
    }

    /**
     * What a row says of a play.
     *
     * @param play that is there; null for one more at the end
     * @param version of it that was read
     */
    record LogRow(
            @Nullable Long play,
            @Nullable Long version,
            @Valid @NotNull PlayLog log) {}

    /**
     * @param plays how many the game had when they were read
     * @throws Problem naming every row that cannot be a play, or when somebody wrote of the game after it was read
     */
    @Transactional
    public void take(Long game, int plays, List<LogRow> rows, String by) {
        book.hold(game);
        if (book.plays(game).size() != plays) {
            throw Version.overtaken(
                    "log-overtaken",
                    "somebody added plays or took some out after you opened this game; open it anew and take the log in"
                            + " again");
        }
        var refused = new ArrayList<String>();
        for (int i = 0; i < rows.size(); i++) {
            try {
                take(game, rows.get(i), by);
            } catch (RefusedException e) {
                refused.add("row " + (i + 1) + ": " + e.getMessage());
            } catch (Problem e) {
                if (e.status() == HttpStatus.PRECONDITION_FAILED) {
                    throw e;
                }
                refused.add("row " + (i + 1) + ": " + e.getMessage());
            }
        }
        if (!refused.isEmpty()) {
            String more = refused.size() > SAID ? "; and " + (refused.size() - SAID) + " more" : "";
            throw Problem.refused(
                    "log-refused",
                    "nothing was taken in. " + String.join("; ", refused.subList(0, Math.min(SAID, refused.size())))
                            + more);
        }
    }

    private void take(Long game, LogRow row, String by) {
        Long play = row.play();
        if (play == null) {
            book.add(game, row.log(), by);
        } else {
            book.log(game, play, new Version(row.version() == null ? 0 : row.version()), row.log(), by);
        }
    }
}
