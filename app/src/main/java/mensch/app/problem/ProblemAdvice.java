package mensch.app.problem;

import jakarta.servlet.http.HttpServletRequest;
import java.util.stream.Collectors;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.rung.SentenceException;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.OptimisticLockingFailureException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.core.AuthenticationException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.MissingRequestHeaderException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.HandlerMethodValidationException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;

/**
 * One place where exceptions become problem responses. Refusals are types of their own and carry words for the user;
 * whatever else comes here is a fault of ours and is answered with a code and the number under which it is logged.
 */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemAdvice {
    private final Faults faults;

    ProblemAdvice(Faults faults) {
        this.faults = faults;
    }

    @ExceptionHandler
    ProblemDetail problem(Problem problem) {
        return Faults.detail(problem.status(), problem.code(), problem.getMessage());
    }

    @ExceptionHandler
    ProblemDetail sentence(SentenceException fault) {
        ProblemDetail detail =
                Faults.detail(HttpStatus.UNPROCESSABLE_CONTENT, "sentence-unreadable", fault.getMessage());
        detail.setProperty("at", fault.at());
        detail.setProperty("word", fault.word());
        detail.setProperty("expected", fault.expected());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail document(DocumentException fault) {
        ProblemDetail detail = Faults.detail(HttpStatus.UNPROCESSABLE_CONTENT, "document-invalid", fault.getMessage());
        detail.setProperty("problems", fault.problems());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail input(RefusedException refused) {
        return Faults.detail(HttpStatus.UNPROCESSABLE_CONTENT, "input-invalid", refused.getMessage());
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException fault) {
        String fields = fault.getFieldErrors().stream()
                .map(e -> e.getField() + " " + e.getDefaultMessage())
                .sorted()
                .distinct()
                .limit(5)
                .collect(Collectors.joining("; "));
        return Faults.detail(HttpStatus.UNPROCESSABLE_CONTENT, "input-invalid", fields);
    }

    @ExceptionHandler
    ProblemDetail outOfBounds(HandlerMethodValidationException fault) {
        String parts = fault.getParameterValidationResults().stream()
                .map(r -> r.getMethodParameter().getParameterName() + " "
                        + r.getResolvableErrors().get(0).getDefaultMessage())
                .collect(Collectors.joining("; "));
        return Faults.detail(HttpStatus.UNPROCESSABLE_CONTENT, "input-invalid", parts);
    }

    @ExceptionHandler
    ProblemDetail mistyped(MethodArgumentTypeMismatchException fault) {
        if (fault.getRootCause() instanceof Problem problem) {
            return problem(problem);
        }
        return Faults.detail(
                HttpStatus.BAD_REQUEST,
                "address-unreadable",
                "\"" + fault.getValue() + "\" cannot be " + fault.getName() + " of this address");
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException fault) {
        Throwable cause = fault.getMostSpecificCause();
        if (cause instanceof Problem problem) {
            return problem(problem);
        }
        String why = cause instanceof JacksonException json ? Unreadable.words(json) : "it is cut off or no text";
        return Faults.detail(
                HttpStatus.BAD_REQUEST, "body-unreadable", "the request is no JSON of this resource: " + why);
    }

    @ExceptionHandler
    ProblemDetail nowhere(NoResourceFoundException nowhere) {
        return Faults.detail(HttpStatus.NOT_FOUND, "not-found", "there is nothing at /" + nowhere.getResourcePath());
    }

    /** What two may write is written only by whoever says what he read. */
    @ExceptionHandler
    ResponseEntity<ProblemDetail> unsaid(MissingRequestHeaderException missing) {
        boolean version = missing.getHeaderName().equals(HttpHeaders.IF_MATCH);
        HttpStatus status = version ? HttpStatus.PRECONDITION_REQUIRED : HttpStatus.BAD_REQUEST;
        String words = version
                ? "send the ETag that you read as If-Match: what somebody wrote since is never overwritten unseen"
                : "the header " + missing.getHeaderName() + " is missing";
        return ResponseEntity.status(status)
                .body(Faults.detail(status, version ? "version-missing" : "header-missing", words));
    }

    /** Two wrote in the same moment, and the database kept the first. */
    @ExceptionHandler({OptimisticLockingFailureException.class, DataIntegrityViolationException.class})
    ProblemDetail overtaken(HttpServletRequest request) {
        return Faults.detail(
                request.getHeader(HttpHeaders.IF_MATCH) == null ? HttpStatus.CONFLICT : HttpStatus.PRECONDITION_FAILED,
                "changed-at-once",
                "somebody changed this in the same moment; nothing of yours was written: load it anew and try again");
    }

    /** Security answers these itself, with its own words. */
    @ExceptionHandler({AccessDeniedException.class, AuthenticationException.class})
    void left(RuntimeException refused) {
        throw refused;
    }

    /** Whatever else: a fault of ours. Nobody is answered when the other side went away meanwhile. */
    @ExceptionHandler
    @Nullable
    ResponseEntity<ProblemDetail> fault(Exception fault, HttpServletRequest request) {
        if (fault instanceof ErrorResponse told) {
            HttpStatus status = HttpStatus.valueOf(told.getStatusCode().value());
            String code = status.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
            String words = told.getBody().getDetail();
            return ResponseEntity.status(status)
                    .body(Faults.detail(status, code, words == null ? status.getReasonPhrase() : words));
        }
        if (DisconnectedClientHelper.isClientDisconnectedException(fault)) {
            return null;
        }
        ProblemDetail detail = faults.told(fault, request);
        return ResponseEntity.status(detail.getStatus()).body(detail);
    }
}
