package mensch.app.playbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.version.Version;
import mensch.app.version.Versioned;
import mensch.core.convention.FigureGroup;
import mensch.core.convention.House;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The schools: what may be chosen, what is in force, who chose it. */
@RestController
@RequestMapping("/api/conventions")
class ConventionController {

    record ChoiceRow(String id, String words) {}

    record SettingRow(String id, String title, String why, String chosen, List<ChoiceRow> choices) {}

    /** {@code landmarks} names the set in force; {@code version} goes back as If-Match with the next choice. */
    record ConventionSheet(
            long version,
            @Nullable String chosenBy,
            @Nullable Instant chosenAt,
            String landmarks,
            List<SettingRow> settings)
            implements Versioned {}

    record Choosing(
            @NotNull @Size(max = Bounds.SETTINGS)
            Map<@Size(max = Bounds.NAME) String, @NotNull @Size(max = Bounds.NAME) String> choices) {}

    /**
     * {@code own} are those the programme has set, by group/figure; {@code version} goes back as If-Match with the next
     * choice, of figures or of schools.
     */
    record FigureSheet(
            long version,
            @Nullable String chosenBy,
            @Nullable Instant chosenAt,
            Map<String, Double> own,
            List<FigureGroup> groups)
            implements Versioned {}

    record Measuring(
            @NotNull @Size(max = Bounds.FIGURES) Map<@Size(max = Bounds.NAME) String, @NotNull Double> figures) {}

    private final Playbook playbook;

    ConventionController(Playbook playbook) {
        this.playbook = playbook;
    }

    /** What schools differ in, and what this programme chose. */
    @GetMapping
    ConventionSheet current() {
        House house = playbook.library().house();
        HouseChoice choice = playbook.choice().orElse(null);
        var rows = house.settings().stream()
                .map(s -> new SettingRow(
                        s.id(),
                        s.title(),
                        s.why(),
                        house.choice(s.id()),
                        s.choices().stream()
                                .map(c -> new ChoiceRow(c.id(), c.words()))
                                .toList()))
                .toList();
        return new ConventionSheet(
                choice == null ? 0 : choice.id(),
                choice == null ? null : choice.chosenBy(),
                choice == null ? null : choice.chosenAt(),
                playbook.library().vocabulary().convention().landmarks().words(),
                rows);
    }

    /** The figures of the model as they are in force, by what reads them. */
    @GetMapping("/figures")
    FigureSheet figures() {
        HouseChoice choice = playbook.choice().orElse(null);
        return new FigureSheet(
                choice == null ? 0 : choice.id(),
                choice == null ? null : choice.chosenBy(),
                choice == null ? null : choice.chosenAt(),
                playbook.library().house().figures(),
                playbook.library().vocabulary().convention().figures().groups());
    }

    /** Measures by these and no others; refused when somebody chose before. */
    @PutMapping("/figures")
    FigureSheet measure(
            @RequestHeader(HttpHeaders.IF_MATCH) Version read, @Valid @RequestBody Measuring request, Principal by) {
        playbook.measure(request.figures(), read, by.getName());
        return figures();
    }

    /** Chooses; refused when somebody chose before. */
    @PutMapping
    ConventionSheet choose(
            @RequestHeader(HttpHeaders.IF_MATCH) Version read, @Valid @RequestBody Choosing request, Principal by) {
        playbook.choose(request.choices(), read, by.getName());
        return current();
    }
}
