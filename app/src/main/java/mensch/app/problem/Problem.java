package mensch.app.problem;

import org.springframework.http.HttpStatus;

/** Something the caller must know; the code never changes, the words may. */
public class Problem extends RuntimeException {
    private static final long serialVersionUID = 1;
    private final HttpStatus status;
    private final String code;

    public Problem(HttpStatus status, String code, String message) {
        super(message);
        this.status = status;
        this.code = code;
    }

    public static Problem notFound(String what) {
        return new Problem(HttpStatus.NOT_FOUND, "not-found", what + " does not exist (any more)");
    }

    /** What came in cannot be done as it stands; the message says what is wrong and how to mend it. */
    public static Problem refused(String code, String message) {
        return new Problem(HttpStatus.UNPROCESSABLE_CONTENT, code, message);
    }

    public HttpStatus status() {
        return status;
    }

    public String code() {
        return code;
    }
}
