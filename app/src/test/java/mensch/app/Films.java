package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** Small real films, made by ffmpeg. */
public final class Films {
    private Films() {}

    public static void make(Path file, String source, String... options) {
        var command = new ArrayList<>(List.of("-f", "lavfi", "-i", source));
        command.addAll(List.of(options));
        command.add(file.toString());
        ffmpeg(command);
    }

    static void ffmpeg(List<String> arguments) {
        var command = new ArrayList<>(List.of("ffmpeg", "-v", "error", "-y"));
        command.addAll(arguments);
        try {
            assertThat(new ProcessBuilder(command).inheritIO().start().waitFor())
                    .isZero();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }
}
