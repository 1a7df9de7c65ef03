package mensch.app.grading;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import mensch.app.film.Paths;
import mensch.app.game.Play;
import mensch.app.playbook.Playbook;
import mensch.core.convention.Convention;
import mensch.core.film.FilmedPath;
import mensch.core.report.Effort;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** How fast men of a play were, beside what each of them runs otherwise. */
@Service
class PaceWords {
    private final Paths paths;
    private final GradedPlays plays;
    private final Playbook playbook;

    PaceWords(Paths paths, GradedPlays plays, Playbook playbook) {
        this.paths = paths;
        this.plays = plays;
        this.playbook = playbook;
    }

    /**
     * In words, by job or name in the formation.
     *
     * @param players of the roster by job, where it is known who played
     */
    Map<String, String> words(Play play, Map<String, String> players) {
        Map<String, FilmedPath.Pace> paces = paths.paces(play);
        if (paces.isEmpty()) {
            return Map.of();
        }
        List<Effort.Ran> ran = plays.ran();
        Convention convention = playbook.library().vocabulary().convention();
        int least = convention.grades().leastForShare();
        var words = new LinkedHashMap<String, String>();
        paces.forEach((job, pace) -> words.put(
                job,
                words(pace, convention.film().path().held())
                        + ofHisOwn(pace, own(players.get(job), ran, least), least)));
        return words;
    }

    private static @Nullable Effort own(@Nullable String player, List<Effort.Ran> ran, int least) {
        return player == null ? null : Effort.of(player, ran, least);
    }

    private static String words(FilmedPath.Pace pace, double held) {
        return String.format(
                Locale.ROOT,
                "his fastest %.1f s on this play: %.1f ± %.1f yd/s, at +%.1f s",
                held,
                pace.yardsASecond(),
                pace.doubt(),
                pace.seconds());
    }

    private static String ofHisOwn(FilmedPath.Pace pace, @Nullable Effort effort, int least) {
        if (effort == null) {
            return "";
        }
        int plays = effort.plays().size();
        return effort.own() == null
                ? String.format(
                        Locale.ROOT, "; his own speed is told from %d plays on, he was followed on %d", least, plays)
                : String.format(
                        Locale.ROOT,
                        ", %.0f %% of his own %.1f yd/s (%d plays)",
                        100 * pace.yardsASecond() / effort.own(),
                        effort.own(),
                        plays);
    }
}
