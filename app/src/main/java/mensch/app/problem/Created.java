package mensch.app.problem;

import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.HttpHeaders;

/** Says where what was just made can be asked for again. */
public final class Created {
    private Created() {}

    /** @param path of the application, its parts in order: {@code /api/calls}, the id */
    public static void at(HttpServletResponse response, Object... path) {
        var location = new StringBuilder();
        for (Object part : path) {
            location.append(location.isEmpty() ? "" : "/").append(part);
        }
        response.setHeader(HttpHeaders.LOCATION, location.toString());
    }
}
