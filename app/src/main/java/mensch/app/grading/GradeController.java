package mensch.app.grading;

import jakarta.validation.Valid;
import java.security.Principal;
import java.util.List;
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
    private final AgreementReport agreements;
    private final Settling settling;

    GradeController(GradeBook book, AgreementReport agreements, Settling settling) {
        this.book = book;
        this.agreements = agreements;
        this.settling = settling;
    }

    /** How far each two coaches agree, and where they do not. */
    @GetMapping("/agreements")
    List<AgreementReport.TwoCoaches> agreements() {
        return agreements.all();
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

    /** Which mark stands where two coaches differ; If-Match is "0" before the first word. */
    @PutMapping("/games/{game}/plays/{play}/grades/{job}/settled")
    Settling.SettledRow settle(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable String job,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody Settling.SettledWords words,
            Principal by) {
        return settling.settle(new GradeBook.RepKey(game, play, job), read, words, by.getName());
    }

    /** Leaves it open again. */
    @DeleteMapping("/games/{game}/plays/{play}/grades/{job}/settled")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void leaveOpen(
            @PathVariable Long game,
            @PathVariable Long play,
            @PathVariable String job,
            @RequestParam(defaultValue = "") String of,
            @RequestParam String what,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read) {
        settling.leaveOpen(new GradeBook.RepKey(game, play, job), read, new Settling.About(of, what));
    }
}
