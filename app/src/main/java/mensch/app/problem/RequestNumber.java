package mensch.app.problem;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.UUID;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Outermost of all: numbers each request, and answers in words also when something fails before a controller is asked
 * (the session cannot be read, the body is too large).
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class RequestNumber extends OncePerRequestFilter {
    private static final String ATTRIBUTE = RequestNumber.class.getName();
    private static final int LENGTH = 8;

    private final Faults faults;
    private final ProblemWriter writer;

    RequestNumber(Faults faults, ProblemWriter writer) {
        this.faults = faults;
        this.writer = writer;
    }

    static String of(HttpServletRequest request) {
        return request.getAttribute(ATTRIBUTE) instanceof String id ? id : "unknown";
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws IOException {
        String id = UUID.randomUUID().toString().substring(0, LENGTH);
        request.setAttribute(ATTRIBUTE, id);
        response.setHeader("X-Request-Id", id);
        try {
            chain.doFilter(request, response);
        } catch (Problem problem) {
            writer.write(response, problem.status(), problem.code(), problem.getMessage());
        } catch (ServletException | RuntimeException fault) {
            writer.write(response, faults.told(fault, request));
        }
    }
}
