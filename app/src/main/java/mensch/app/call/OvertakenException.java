package mensch.app.call;

import mensch.app.problem.Problem;
import org.springframework.http.HttpStatus;

/** Somebody saved the call after the caller had read it; nothing was written. */
class OvertakenException extends Problem {
    private final transient CallRevision theirs;

    OvertakenException(CallRevision theirs) {
        super(HttpStatus.CONFLICT, "call-overtaken", theirs.savedBy() + " saved revision " + theirs.revision() + " of " + theirs.name()
            + " after you opened it; your text is kept, nothing was written");
        this.theirs = theirs;
    }

    CallRevision theirs() {
        return theirs;
    }
}
