package mensch.app.playbook;

import mensch.app.problem.Problem;
import org.springframework.http.HttpStatus;

/** Somebody saved the document after the caller had read it; nothing was written. */
public class OvertakenException extends Problem {
    private static final long serialVersionUID = 1;
    private final transient DocumentRevision theirs;

    OvertakenException(DocumentRevision theirs) {
        super(
                HttpStatus.PRECONDITION_FAILED,
                theirs.kind() + "-overtaken",
                theirs.savedBy() + " saved revision " + theirs.revision() + " of " + theirs.name()
                        + " after you opened it; your text is kept, nothing was written");
        this.theirs = theirs;
    }

    public DocumentRevision theirs() {
        return theirs;
    }
}
