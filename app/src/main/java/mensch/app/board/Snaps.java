package mensch.app.board;

import mensch.app.playbook.Playbook;
import mensch.core.formation.Snap;
import org.springframework.stereotype.Service;

/** Snaps out of their words, of formations that somebody may see. */
@Service
public class Snaps {
    private final Playbook playbook;

    Snaps(Playbook playbook) {
        this.playbook = playbook;
    }

    /** @throws mensch.app.problem.Problem when the formation is somebody else's draft, or there is none */
    public Snap of(SnapWords words, String by) {
        playbook.checkSeen("formation", words.formation(), by);
        return words.snap(playbook.library());
    }
}
