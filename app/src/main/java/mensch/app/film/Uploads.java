package mensch.app.film;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import me.desair.tus.server.HttpHeader;
import me.desair.tus.server.TusFileUploadService;
import me.desair.tus.server.exception.TusException;
import me.desair.tus.server.upload.UploadInfo;
import mensch.app.problem.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/**
 * Films on their way in, by the tus protocol: what came lies on disk until the rest does, over a cut line and a killed
 * application, and is its sender's alone.
 */
@Component
class Uploads {
    private static final Logger LOG = LoggerFactory.getLogger(Uploads.class);
    /** An upload that nobody went on with for so long is given up. */
    private static final Duration GIVEN_UP = Duration.ofDays(1);

    private static final String ADDRESS = "/api/games/[0-9]+/uploads";

    private final TusFileUploadService tus;
    private final long mostBytes;

    Uploads(@Value("${mensch.data:data}") Path data, @Value("${mensch.film.most-bytes:8000000000}") long mostBytes)
            throws IOException {
        Path folder = data.toAbsolutePath().resolve("uploads");
        // the library makes them with the first upload, and misses them when it sweeps before
        for (String its : new String[] {"uploads", "locks"}) {
            Files.createDirectories(folder.resolve(its));
        }
        this.mostBytes = mostBytes;
        this.tus = new TusFileUploadService()
                .withStoragePath(folder.toString())
                .withUploadStorageService(new UploadsOnDisk(folder))
                .withUploadUri(ADDRESS)
                .withMaxUploadSize(mostBytes)
                .withUploadExpirationPeriod(GIVEN_UP.toMillis());
    }

    /**
     * Begins an upload, takes a piece of it, says how far it is, or drops it.
     *
     * @param by whose it is; nobody else can see it
     * @throws Problem when it is to be longer than a film may be
     */
    void answer(HttpServletRequest request, HttpServletResponse response, String by) throws IOException {
        String length = request.getHeader(HttpHeader.UPLOAD_LENGTH);
        if (length != null && length.length() < 19 && length.matches("[0-9]+") && Long.parseLong(length) > mostBytes) {
            throw new Problem(
                    HttpStatus.CONTENT_TOO_LARGE,
                    "film-too-large",
                    "a film may have " + mostBytes / 1_000_000 + " MB; cut it into reels and send them one by one");
        }
        tus.process(request, response, by);
    }

    /**
     * The film, which has come in whole.
     *
     * @throws Problem when there is no such upload of his, or some of it has not come yet
     */
    InputStream whole(Long game, String id, String by) throws IOException {
        UploadInfo info = found(address(game, id), by);
        if (!info.hasLength() && info.getOffset() == 0) {
            return InputStream.nullInputStream();
        }
        if (info.isUploadInProgress()) {
            throw new Problem(
                    HttpStatus.CONFLICT,
                    "upload-unfinished",
                    info.getOffset() + " of " + info.getLength() + " bytes have come in; send the rest first");
        }
        try {
            return tus.getUploadedBytes(address(game, id), by);
        } catch (TusException e) {
            throw gone();
        }
    }

    private UploadInfo found(String address, String by) throws IOException {
        try {
            UploadInfo info = tus.getUploadInfo(address, by);
            if (info == null) {
                throw gone();
            }
            return info;
        } catch (TusException e) {
            throw gone();
        }
    }

    private static Problem gone() {
        return Problem.notFound(
                "an upload of yours by that name: it was taken in already, or nobody went on with it for "
                        + GIVEN_UP.toHours() + " hours");
    }

    /** It lies among the films now, or is none. */
    void drop(Long game, String id, String by) throws IOException {
        try {
            tus.deleteUpload(address(game, id), by);
        } catch (TusException e) {
            LOG.info("upload {} was gone before it was dropped", id);
        }
    }

    /** Takes away what was given up. */
    void sweep() throws IOException {
        tus.cleanup();
    }

    private static String address(Long game, String id) {
        return "/api/games/" + game + "/uploads/" + id;
    }
}
