package mensch.app.grading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import mensch.app.bounds.Bounds;
import mensch.app.grading.GradeBook.GradedMan;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Grades per man. */
@RestController
@RequestMapping("/api/grades")
class GradeController {

    /** The coach's word over the measured verdict; a mark left out takes it back. */
    record Overrule(
            @NotNull Long reel,
            @NotNull Integer snap,
            @NotBlank @Size(max = Bounds.NAME) String job,
            @NotNull @Min(0) Integer version,

            @Pattern(regexp = "[+=-]|n/a", message = "is +, =, - or n/a") @Nullable
            String mark,

            @Size(max = Bounds.NOTE) @Nullable String note) {}

    private final GradeBook book;

    GradeController(GradeBook book) {
        this.book = book;
    }

    /** Grades by man, with the snaps they come from. */
    @GetMapping
    List<GradedMan> men() {
        return book.men();
    }

    /** The coach's word over the measured verdict, with its reason. */
    @PutMapping
    List<GradedMan> overrule(@Valid @RequestBody Overrule request, Principal by) {
        var key = new GradeBook.GradeKey(request.reel(), request.snap(), request.job());
        book.overrule(key, request.version(), request.mark(), request.note(), by.getName());
        return book.men();
    }
}
