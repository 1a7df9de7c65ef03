package mensch.app.report;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.security.Principal;
import mensch.app.bounds.Bounds;
import mensch.app.bounds.Paged;
import mensch.core.report.Unit;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** What grades come to. */
@RestController
@RequestMapping("/api")
class ReportController {
    private final Reports reports;

    ReportController(Reports reports) {
        this.reports = reports;
    }

    /** Every man who was graded, and what his grades add up to. */
    @GetMapping("/grades")
    Reports.GradedMen men() {
        return reports.men();
    }

    /** Plays of one man that were graded, those of the newest game first. */
    @GetMapping("/grades/{man}")
    Paged<Reports.PlayOfMan> ofMan(
            @PathVariable String man, @RequestParam(defaultValue = "0") @Min(0) @Max(Bounds.LAST_PAGE) int page) {
        return reports.ofMan(man, page);
    }

    /** What one man's grades come to. */
    @GetMapping("/grades/{man}/report")
    Reports.ManPage reportOf(@PathVariable String man) {
        return reports.man(man);
    }

    /** What the grades of a unit come to. */
    @GetMapping("/units/{unit}/grades")
    Reports.UnitPage unit(@PathVariable Unit unit) {
        return reports.unit(unit);
    }

    /** One's own report; nothing when one is no man of the roster, or was never graded. */
    @GetMapping("/mine/grades")
    Reports.@Nullable ManPage mine(Principal by) {
        return reports.mine(by).orElse(null);
    }
}
