package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

/** A9: what travels is small, and what never changes travels once. */
@ExtendWith(RunningApp.class)
class HttpTest {
    private static HttpResponse<InputStream> fetched(HttpRequest.Builder request) throws IOException {
        try {
            return HttpClient.newHttpClient()
                    .send(request.header("Accept-Encoding", "gzip").build(), BodyHandlers.ofInputStream());
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    @Test
    void jsonIsCompressed(int port) throws IOException {
        Browserless coach = Browserless.signedIn(port, "marrow");
        HttpResponse<InputStream> answer =
                fetched(HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + port + "/api/playbook"))
                        .header("Cookie", coach.cookies()));
        assertThat(answer.headers().firstValue("Content-Encoding")).contains("gzip");
        byte[] small = answer.body().readAllBytes();
        byte[] whole = new GZIPInputStream(new java.io.ByteArrayInputStream(small)).readAllBytes();
        assertThat(small.length).isLessThan(whole.length / 4);
    }

    @Test
    void filesNamedByTheirContentAreKeptForGoodAndThePageIsAskedAnew(int port) throws IOException {
        String base = "http://127.0.0.1:" + port;
        HttpResponse<InputStream> page = fetched(HttpRequest.newBuilder(URI.create(base + "/board")));
        assertThat(page.headers().firstValue("Cache-Control")).contains("no-cache");
        byte[] body = page.body().readAllBytes();
        boolean zipped = page.headers().firstValue("Content-Encoding").isPresent();
        String html =
                new String(zipped ? new GZIPInputStream(new java.io.ByteArrayInputStream(body)).readAllBytes() : body);
        Matcher asset = Pattern.compile("/assets/[^\"]+").matcher(html);
        assertThat(asset.find()).isTrue();
        HttpResponse<InputStream> file = fetched(HttpRequest.newBuilder(URI.create(base + asset.group())));
        assertThat(file.statusCode()).isEqualTo(200);
        assertThat(file.headers().firstValue("Cache-Control").orElse(""))
                .contains("immutable")
                .contains("max-age=31536000");
    }
}
