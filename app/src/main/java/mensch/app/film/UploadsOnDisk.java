package mensch.app.film;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import me.desair.tus.server.upload.UploadId;
import me.desair.tus.server.upload.UploadInfo;
import me.desair.tus.server.upload.disk.DiskStorageService;
import org.jspecify.annotations.Nullable;

/**
 * Keeps what came of uploads, and knows how far each is by its bytes: the library writes that down after a piece, and a
 * killed application never did.
 */
class UploadsOnDisk extends DiskStorageService {
    private static final String BYTES = "data";

    UploadsOnDisk(Path folder) {
        super(folder.toString());
    }

    @Override
    public @Nullable UploadInfo getUploadInfo(UploadId id) throws IOException {
        UploadInfo info = super.getUploadInfo(id);
        if (info != null) {
            Path bytes = getPathInStorageDirectory(id).resolve(BYTES);
            info.setOffset(Files.exists(bytes) ? Files.size(bytes) : 0L);
        }
        return info;
    }
}
