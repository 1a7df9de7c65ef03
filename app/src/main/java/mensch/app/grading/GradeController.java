package mensch.app.grading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.security.Principal;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.app.bounds.Paged;
import mensch.app.version.Version;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Grades per play and per man. */
@RestController
@RequestMapping("/api")
class GradeController {
    private final GradeBook book;
    private final GradeReport report;
    private final ManReport men;
    private final AgreementReport agreements;

    GradeController(GradeBook book, GradeReport report, ManReport men, AgreementReport agreements) {
        this.men = men;
        this.book = book;
        this.report = report;
        this.agreements = agreements;
    }

    /** How far each two coaches agree, and where they do not. */
    @GetMapping("/agreements")
    List<AgreementReport.TwoCoaches> agreements() {
        return agreements.all();
    }

    /** Every man who was graded, and what his grades add up to. */
    @GetMapping("/grades")
    List<GradeReport.GradedMan> men() {
        return report.men();
    }

    /** Plays of one man that were graded, those of the newest game first. */
    @GetMapping("/grades/{man}")
    Paged<GradeReport.PlayOfMan> ofMan(
            @PathVariable String man, @RequestParam(defaultValue = "0") @Min(0) @Max(Bounds.LAST_PAGE) int page) {
        return report.ofMan(man, page);
    }

    /** What one man's grades come to: against whom, and which faults were seen most. */
    @GetMapping("/grades/{man}/report")
    ManReport.ManSheet reportOf(@PathVariable String man) {
        return men.of(man);
    }

    /** What is proposed and what was graded of one play. */
    @GetMapping("/games/{game}/plays/{play}/grades")
    GradeBook.PlayGrades ofPlay(@PathVariable Long game, @PathVariable Long play, Principal by) {
        return book.ofPlay(game, play, by.getName());
    }

    /** One's own word of one man; If-Match is "0" before the first. */
    @PutMapping("/games/{game}/plays/{play}/grades/{job}")
    RepRow say(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable String job,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody RepWords words,
            Principal by) {
        return book.say(new GradeBook.RepKey(game, play, job), read, words, by.getName());
    }

    /** Takes one's own word of one man back. */
    @DeleteMapping("/games/{game}/plays/{play}/grades/{job}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeBack(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable String job,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            Principal by) {
        book.takeBack(new GradeBook.RepKey(game, play, job), read, by.getName());
    }
}
