package mensch.app.problem;

import jakarta.servlet.http.HttpServletRequest;
import java.net.ConnectException;
import java.sql.SQLException;
import java.sql.SQLTransientConnectionException;
import java.util.List;
import org.hibernate.TransactionException;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;

/**
 * What is nobody's input: the database is away, or the application has a fault. Logged under the number the user sees.
 */
@Component
class Faults {
    private static final Logger LOG = LoggerFactory.getLogger(Faults.class);
    /** Connection exceptions, and an administrator's shutdown (SQL states of PostgreSQL). */
    private static final String CONNECTION = "08";

    private static final String SHUTDOWN = "57P0";
    /** No connection to be had, or one that broke under a transaction so that it cannot even be rolled back. */
    private static final List<Class<? extends Throwable>> BROKEN =
            List.of(SQLTransientConnectionException.class, ConnectException.class, TransactionException.class);

    static ProblemDetail detail(HttpStatus status, String code, @Nullable String message) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        detail.setProperty("code", code);
        return detail;
    }

    ProblemDetail told(Throwable fault, HttpServletRequest request) {
        String id = RequestNumber.of(request);
        if (databaseAway(fault)) {
            LOG.warn(
                    "request {} {} {}: database away: {}",
                    id,
                    request.getMethod(),
                    request.getRequestURI(),
                    fault.toString());
            return detail(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    "database-away",
                    "The database does not answer. Nothing was written; what you typed is kept. Try again in a moment; "
                            + "if it stays so, start Mensch again.");
        }
        LOG.error("request {} {} {}", id, request.getMethod(), request.getRequestURI(), fault);
        ProblemDetail detail = detail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "fault",
                "The application has a fault here: it is not your input. It is logged as " + id
                        + "; tell who looks after Mensch this number.");
        detail.setProperty("request", id);
        return detail;
    }

    /** Whether the cause is a database that cannot be reached. */
    static boolean databaseAway(Throwable fault) {
        for (Throwable at = fault; at != null; at = at.getCause()) {
            Throwable cause = at;
            boolean sql = cause instanceof SQLException e
                    && e.getSQLState() != null
                    && (e.getSQLState().startsWith(CONNECTION)
                            || e.getSQLState().startsWith(SHUTDOWN));
            if (sql || BROKEN.stream().anyMatch(kind -> kind.isInstance(cause))) {
                return true;
            }
        }
        return false;
    }
}
