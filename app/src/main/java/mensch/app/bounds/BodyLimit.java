package mensch.app.bounds;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.regex.Pattern;
import mensch.app.problem.Problem;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * No body larger than its address may need: a film, an import, or a few sentences. Counted as it is read, so that a
 * length that was not told is bounded too.
 */
@Component
@Order(BodyLimit.BEFORE_SESSIONS)
class BodyLimit extends OncePerRequestFilter {
    static final int BEFORE_SESSIONS = Integer.MIN_VALUE + 10;
    private static final long SENTENCES = 512L * 1024;
    /** Every character of an import may take four bytes, and twice as many when it is sent as text inside JSON. */
    private static final long IMPORT = 8L * Bounds.IMPORT;

    private static final String EXCHANGE = "/api/exchange/";
    private static final Pattern UPLOADS = Pattern.compile("/api/games/\\d+/uploads/[^/]+");

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        String address = request.getRequestURI();
        if (UPLOADS.matcher(address).matches()) {
            chain.doFilter(request, response);
            return;
        }
        long most = address.startsWith(EXCHANGE) ? IMPORT : SENTENCES;
        if (request.getContentLengthLong() > most) {
            throw tooLarge(most);
        }
        chain.doFilter(new Bounded(request, most), response);
    }

    private static Problem tooLarge(long most) {
        return new Problem(
                HttpStatus.CONTENT_TOO_LARGE,
                "body-too-large",
                "more than " + most / 1024 + " kB came in, which is more than this can need; nothing was written");
    }

    private static final class Bounded extends HttpServletRequestWrapper {
        private final long most;

        Bounded(HttpServletRequest request, long most) {
            super(request);
            this.most = most;
        }

        @Override
        public ServletInputStream getInputStream() throws IOException {
            return new Counted(super.getInputStream(), most);
        }
    }

    private static final class Counted extends ServletInputStream {
        private final ServletInputStream body;
        private final long most;
        private long read;

        Counted(ServletInputStream body, long most) {
            this.body = body;
            this.most = most;
        }

        private int counted(int now, int bytes) {
            if (now >= 0) {
                read += bytes;
            }
            if (read > most) {
                throw tooLarge(most);
            }
            return now;
        }

        @Override
        public int read() throws IOException {
            return counted(body.read(), 1);
        }

        @Override
        public int read(byte[] into, int from, int length) throws IOException {
            int now = body.read(into, from, length);
            return counted(now, now);
        }

        @Override
        public boolean isFinished() {
            return body.isFinished();
        }

        @Override
        public boolean isReady() {
            return body.isReady();
        }

        @Override
        public void setReadListener(ReadListener listener) {
            body.setReadListener(listener);
        }
    }
}
