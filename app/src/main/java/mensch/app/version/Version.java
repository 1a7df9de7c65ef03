package mensch.app.version;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.app.problem.Problem;
import org.springframework.http.HttpStatus;

/**
 * How often something was written, as it travels in a header (RFC 9110, 8.8.3 and 13.1.1).
 *
 * @param number counts up with every write; 0 is what nobody has written yet
 */
public record Version(long number) {
    private static final Pattern ETAG = Pattern.compile("\"(\\d{1,18})\"");

    /** @param etag a strong entity tag of ours; a weak one, a list or * would allow to overwrite unseen */
    public static Version read(String etag) {
        Matcher read = ETAG.matcher(etag.strip());
        if (!read.matches()) {
            throw new Problem(
                    HttpStatus.BAD_REQUEST,
                    "version-unreadable",
                    "If-Match is " + etag.strip() + "; it is the one ETag that was read, such as \"3\"");
        }
        return new Version(Long.parseLong(read.group(1)));
    }

    /** The same as a strong entity tag. */
    public String etag() {
        return "\"" + number + "\"";
    }

    /** Refuses a write when there is another version by now. */
    public void checkIs(long current, String code, String words) {
        if (number != current) {
            throw overtaken(code, words);
        }
    }

    /** Somebody else wrote after this version was read; nothing of the caller's was written. */
    public static Problem overtaken(String code, String words) {
        return new Problem(HttpStatus.PRECONDITION_FAILED, code, words);
    }
}
