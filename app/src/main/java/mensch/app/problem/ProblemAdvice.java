package mensch.app.problem;

import java.util.stream.Collectors;
import mensch.core.document.DocumentException;
import mensch.core.rung.SentenceException;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.MethodArgumentNotValidException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** One place where exceptions become problem responses. */
@RestControllerAdvice
@Order(Ordered.HIGHEST_PRECEDENCE)
class ProblemAdvice {

    private static ProblemDetail detail(HttpStatus status, String code, String message) {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(status, message);
        detail.setProperty("code", code);
        return detail;
    }

    @ExceptionHandler
    ProblemDetail problem(Problem problem) {
        return detail(problem.status(), problem.code(), problem.getMessage());
    }

    @ExceptionHandler
    ProblemDetail sentence(SentenceException fault) {
        ProblemDetail detail = detail(HttpStatus.UNPROCESSABLE_CONTENT, "sentence-unreadable", fault.getMessage());
        detail.setProperty("at", fault.at());
        detail.setProperty("word", fault.word());
        detail.setProperty("expected", fault.expected());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail document(DocumentException fault) {
        ProblemDetail detail = detail(HttpStatus.UNPROCESSABLE_CONTENT, "document-invalid", fault.getMessage());
        detail.setProperty("problems", fault.problems());
        return detail;
    }

    @ExceptionHandler
    ProblemDetail input(IllegalArgumentException fault) {
        return detail(HttpStatus.UNPROCESSABLE_CONTENT, "input-invalid", fault.getMessage());
    }

    @ExceptionHandler
    ProblemDetail invalid(MethodArgumentNotValidException fault) {
        String fields = fault.getFieldErrors().stream()
                .map(e -> e.getField() + " " + e.getDefaultMessage())
                .sorted()
                .collect(Collectors.joining("; "));
        return detail(HttpStatus.UNPROCESSABLE_CONTENT, "input-invalid", fields);
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException fault) {
        return detail(
                HttpStatus.BAD_REQUEST,
                "body-unreadable",
                "the request is no JSON of this resource: "
                        + fault.getMostSpecificCause().getMessage());
    }
}
