package mensch.app.board;

import mensch.app.playbook.Bookcase;
import mensch.core.formation.Snap;
import org.springframework.stereotype.Service;

/** Snaps out of their words, of formations that somebody may see. */
@Service
public class Snaps {
    private final Bookcase bookcase;

    Snaps(Bookcase bookcase) {
        this.bookcase = bookcase;
    }

    /** @throws mensch.app.problem.Problem when the formation is somebody else's draft, or there is none */
    public Snap of(SnapWords words, String by) {
        bookcase.checkSeen("formation", words.formation(), by);
        return words.snap(bookcase.library());
    }
}
