package mensch.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpHeaders;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Speaks HTTP to the running application as a browser would: cookies kept, CSRF token sent back. */
public final class Browserless {
    private static final Map<String, Browserless> SIGNED_IN = new ConcurrentHashMap<>();
    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final CookieManager cookies = new CookieManager();
    private final HttpClient http =
            HttpClient.newBuilder().cookieHandler(cookies).build();
    private final String base;

    private Browserless(int port) {
        this.base = "http://127.0.0.1:" + port;
    }

    /** An answer: status, headers, body as JSON when there is one. */
    public record Answer(int status, HttpHeaders headers, JsonNode json) {
        /** The stable code of a problem, or null. */
        public String code() {
            return json == null || !json.has("code") ? null : json.get("code").asString();
        }

        /** The version of what was read, for the next write. */
        public String etag() {
            return headers.firstValue("ETag").orElseThrow();
        }

        public String header(String name) {
            return headers.firstValue(name).orElseThrow();
        }

        /** The words of a problem. */
        public String detail() {
            return json.get("detail").asString();
        }
    }

    public static Browserless stranger(int port) {
        var browser = new Browserless(port);
        browser.get("/api/session");
        return browser;
    }

    /** Somebody who is signed in already; one session of each serves all tests, because a password is slow to check. */
    public static Browserless signedIn(int port, String username) {
        return SIGNED_IN.computeIfAbsent(port + " " + username, k -> signedInAfresh(port, username));
    }

    /** A session of its own, that may be ended. */
    public static Browserless signedInAfresh(int port, String username) {
        Browserless browser = stranger(port);
        browser.signIn(username);
        browser.get("/api/session");
        return browser;
    }

    Answer signIn(String username) {
        return post("/api/session", "{\"username\": \"" + username + "\", \"password\": \"otters-demo\"}");
    }

    public Answer get(String path) {
        return send(request(path).GET());
    }

    /** A file to take along, which there must be. */
    public byte[] bytes(String path) {
        try {
            HttpResponse<byte[]> response = http.send(request(path).GET().build(), BodyHandlers.ofByteArray());
            if (response.statusCode() != 200) {
                throw new AssertionError(path + " answers " + response.statusCode());
            }
            return response.body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public Answer post(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").POST(BodyPublishers.ofString(json)));
    }

    public Answer put(String path, String json) {
        return send(request(path).header("Content-Type", "application/json").PUT(BodyPublishers.ofString(json)));
    }

    /** Writes over what was read with that ETag. */
    public Answer put(String path, String etag, String json) {
        return send(request(path)
                .header("Content-Type", "application/json")
                .header("If-Match", etag)
                .PUT(BodyPublishers.ofString(json)));
    }

    public Answer delete(String path) {
        return send(request(path).DELETE());
    }

    public Answer delete(String path, String etag) {
        return send(request(path).header("If-Match", etag).DELETE());
    }

    /** The ETag of a version. */
    public static String version(long number) {
        return "\"" + number + "\"";
    }

    /** A request with the CSRF token of this session. */
    public HttpRequest.Builder request(String path) {
        var request = HttpRequest.newBuilder(URI.create(base + path));
        cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
        return request;
    }

    /** The cookies of this session, as one header. */
    String cookies() {
        return cookies.getCookieStore().getCookies().stream()
                .map(c -> c.getName() + "=" + c.getValue())
                .collect(Collectors.joining("; "));
    }

    String token() {
        return cookies.getCookieStore().getCookies().stream()
                .filter(c -> c.getName().equals("XSRF-TOKEN"))
                .map(HttpCookie::getValue)
                .findFirst()
                .orElseThrow();
    }

    public Answer send(HttpRequest.Builder request) {
        try {
            HttpResponse<String> response = http.send(request.build(), BodyHandlers.ofString());
            boolean json =
                    response.headers().firstValue("Content-Type").orElse("").contains("json");
            return new Answer(response.statusCode(), response.headers(), json ? JSON.readTree(response.body()) : null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
