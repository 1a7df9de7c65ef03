package mensch.app.report;

import io.swagger.v3.oas.annotations.Hidden;
import mensch.app.problem.TakenAlong;
import mensch.core.report.Unit;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Reports to take along: files, not answers. They are made anew each time and kept nowhere. */
@Hidden
@RestController
@RequestMapping("/api")
class SheetController {
    private final Sheets sheets;

    SheetController(Sheets sheets) {
        this.sheets = sheets;
    }

    @GetMapping(value = "/grades/{man}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> man(@PathVariable String man) {
        return TakenAlong.file(sheets.fileOf(man) + ".pdf", MediaType.APPLICATION_PDF, sheets.man(man));
    }

    @GetMapping(value = "/grades/{man}/sheet.csv", produces = "text/csv")
    ResponseEntity<byte[]> manTable(@PathVariable String man) {
        return TakenAlong.text(sheets.fileOf(man), "csv", sheets.manTable(man));
    }

    @GetMapping(value = "/units/{unit}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> unit(@PathVariable Unit unit) {
        return TakenAlong.file("grades-" + unit.words() + ".pdf", MediaType.APPLICATION_PDF, sheets.unit(unit));
    }

    @GetMapping(value = "/units/{unit}/sheet.csv", produces = "text/csv")
    ResponseEntity<byte[]> unitTable(@PathVariable Unit unit) {
        return TakenAlong.text("grades-" + unit.words(), "csv", sheets.unitTable(unit));
    }
}
