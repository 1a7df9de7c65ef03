package mensch.app.film;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

/** Where film files lie: a folder of the data folder. Files are streamed, never held in memory. */
@Component
class FilmStore {
    private final Path folder;

    FilmStore(@Value("${mensch.data:data}") Path data) throws IOException {
        this.folder = Files.createDirectories(data.toAbsolutePath().resolve("films"));
    }

    /** Writes a stream to a new file under a name nobody else has; an interrupted one leaves nothing behind. */
    Path receive(InputStream in) throws IOException {
        Path part = folder.resolve(UUID.randomUUID() + ".part");
        try {
            Files.copy(in, part);
            return part;
        } catch (IOException e) {
            Files.deleteIfExists(part);
            throw e;
        }
    }

    String keep(Path part, String ending) throws IOException {
        String file = UUID.randomUUID() + ending;
        Files.move(part, folder.resolve(file), StandardCopyOption.ATOMIC_MOVE);
        return file;
    }

    Path path(String file) {
        return folder.resolve(file);
    }

    Resource resource(String file) {
        return new FileSystemResource(path(file));
    }

    /** Log files of the demo reels that lie ready, in order. */
    Stream<Path> logs() {
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(f -> f.toString().endsWith(".json")).sorted().toList().stream();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
