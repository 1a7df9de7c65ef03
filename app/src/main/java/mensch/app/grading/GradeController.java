package mensch.app.grading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.app.bounds.Paged;
import mensch.app.grading.GradeBook.GradeKey;
import mensch.app.grading.GradeBook.GradedMan;
import mensch.app.version.Version;
import mensch.core.grading.GradeMark;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Grades per man and per snap. */
@RestController
@RequestMapping("/api")
class GradeController {

    /** The coach's word over the measured verdict; a mark left out takes it back. */
    record Overrule(
            @Nullable GradeMark mark,
            @Size(max = Bounds.NOTE) @Nullable String note) {}

    private final GradeBook book;

    GradeController(GradeBook book) {
        this.book = book;
    }

    /** Every man who was graded, and what his grades add up to. */
    @GetMapping("/grades")
    List<GradedMan> men() {
        return book.men();
    }

    /** Grades of one man with the snaps they come from, those of the newest film first. */
    @GetMapping("/grades/{job}")
    Paged<GradeRow> ofMan(
            @PathVariable String job, @RequestParam(defaultValue = "0") @Min(0) @Max(Bounds.LAST_PAGE) int page) {
        return book.ofMan(job, page);
    }

    /** Grades of one snap. */
    @GetMapping("/reels/{reel}/snaps/{snap}/grades")
    List<GradeRow> ofSnap(@PathVariable long reel, @PathVariable int snap) {
        return book.ofSnap(reel, snap);
    }

    /** One man's grade on one snap. */
    @GetMapping("/reels/{reel}/snaps/{snap}/grades/{job}")
    GradeRow grade(@PathVariable long reel, @PathVariable int snap, @PathVariable String job) {
        return book.grade(new GradeKey(reel, snap, job));
    }

    /** The coach's word over the measured verdict, with its reason. */
    @PutMapping("/reels/{reel}/snaps/{snap}/grades/{job}")
    GradeRow overrule(
            @PathVariable long reel,
            @PathVariable int snap,
            @PathVariable String job,
            @RequestHeader(HttpHeaders.IF_MATCH) Version read,
            @Valid @RequestBody Overrule request,
            Principal by) {
        return book.overrule(new GradeKey(reel, snap, job), read, request.mark(), request.note(), by.getName());
    }
}
