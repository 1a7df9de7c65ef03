package mensch.app.problem;

import java.nio.charset.StandardCharsets;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** A file that is made for whoever asks, and kept nowhere. */
public final class TakenAlong {
    private TakenAlong() {}

    public static ResponseEntity<byte[]> file(String name, MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(bytes);
    }

    /** @param kind of text, which its name ends with too: {@code csv} */
    public static ResponseEntity<byte[]> text(String name, String kind, String text) {
        return file(
                name + "." + kind,
                new MediaType("text", kind, StandardCharsets.UTF_8),
                text.getBytes(StandardCharsets.UTF_8));
    }
}
