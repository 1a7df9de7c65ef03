package mensch.app.film;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.time.Instant;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;
import org.springframework.util.FileSystemUtils;

/** Where film files lie: a folder of the data folder. Files are streamed, never held in memory. */
@Component
class FilmStore {
    private static final Logger LOG = LoggerFactory.getLogger(FilmStore.class);
    private static final String PART = ".part";
    /** Names made here; whatever else lies in the folder is not ours to take away. */
    private static final Pattern OURS = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}\\.[a-z0-9]+");

    private final Path folder;
    private final Path stills;

    FilmStore(@Value("${mensch.data:data}") Path data) throws IOException {
        this.folder = Files.createDirectories(data.toAbsolutePath().resolve("films"));
        this.stills = data.toAbsolutePath().resolve("stills");
    }

    /** Writes a stream to a new file under a name nobody else has; an interrupted one leaves nothing behind. */
    Path receive(InputStream in) throws IOException {
        Path part = part();
        try {
            Files.copy(in, part);
            return part;
        } catch (IOException e) {
            Files.deleteIfExists(part);
            throw e;
        }
    }

    /**
     * Takes away what a killed application left half done: uploads that nobody wrote to since {@code before}, and films
     * of no reel. Pictures of frames are made anew when somebody asks: none outlives its film.
     */
    void sweep(Predicate<String> known, Instant before) throws IOException {
        FileSystemUtils.deleteRecursively(stills);
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file : files.toList()) {
                String name = file.getFileName().toString();
                boolean ours = OURS.matcher(name).matches()
                        && Files.getLastModifiedTime(file).toInstant().isBefore(before);
                if (ours && (name.endsWith(PART) || !known.test(name))) {
                    Files.deleteIfExists(file);
                    LOG.info("swept {}, left by an upload that did not end", name);
                }
            }
        }
    }

    /** A name for a file that is being written. */
    Path part() {
        return folder.resolve(UUID.randomUUID() + PART);
    }

    String keep(Path part, String ending) throws IOException {
        String file = UUID.randomUUID() + ending;
        Files.move(part, folder.resolve(file), StandardCopyOption.ATOMIC_MOVE);
        return file;
    }

    /** Where a small picture of a film lies, or will. */
    Path still(String file, String name) {
        return stills.resolve(file).resolve(name + ".jpg");
    }

    void keepStill(Path part, Path still) throws IOException {
        Files.createDirectories(still.getParent());
        Files.move(part, still, StandardCopyOption.ATOMIC_MOVE);
    }

    /** Takes a film away, with the pictures made of it. */
    void erase(String file) throws IOException {
        Files.deleteIfExists(path(file));
        FileSystemUtils.deleteRecursively(stills.resolve(file));
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
