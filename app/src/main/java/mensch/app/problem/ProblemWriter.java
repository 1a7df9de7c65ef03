package mensch.app.problem;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import tools.jackson.databind.json.JsonMapper;

/** Writes a problem as the whole answer, where no controller was asked. */
@Component
public class ProblemWriter {
    private final JsonMapper json;

    ProblemWriter(JsonMapper json) {
        this.json = json;
    }

    public void write(HttpServletResponse response, HttpStatus status, String code, @Nullable String words)
            throws IOException {
        write(response, Faults.detail(status, code, words));
    }

    void write(HttpServletResponse response, ProblemDetail detail) throws IOException {
        if (response.isCommitted()) {
            return;
        }
        response.resetBuffer();
        response.setStatus(detail.getStatus());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        json.writeValue(response.getOutputStream(), detail);
    }
}
