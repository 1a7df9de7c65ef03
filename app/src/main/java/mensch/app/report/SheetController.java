package mensch.app.report;

import io.swagger.v3.oas.annotations.Hidden;
import java.nio.charset.StandardCharsets;
import mensch.core.report.Unit;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
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
    private static final MediaType CSV = new MediaType("text", "csv", StandardCharsets.UTF_8);

    private final Sheets sheets;

    SheetController(Sheets sheets) {
        this.sheets = sheets;
    }

    @GetMapping(value = "/grades/{man}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> man(@PathVariable String man) {
        return named(man + ".pdf", MediaType.APPLICATION_PDF, sheets.man(man));
    }

    @GetMapping(value = "/grades/{man}/sheet.csv", produces = "text/csv")
    ResponseEntity<byte[]> manTable(@PathVariable String man) {
        return named(man + ".csv", CSV, sheets.manTable(man).getBytes(StandardCharsets.UTF_8));
    }

    @GetMapping(value = "/units/{unit}/sheet.pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> unit(@PathVariable Unit unit) {
        return named("grades-" + unit.words() + ".pdf", MediaType.APPLICATION_PDF, sheets.unit(unit));
    }

    @GetMapping(value = "/units/{unit}/sheet.csv", produces = "text/csv")
    ResponseEntity<byte[]> unitTable(@PathVariable Unit unit) {
        return named(
                "grades-" + unit.words() + ".csv", CSV, sheets.unitTable(unit).getBytes(StandardCharsets.UTF_8));
    }

    private static ResponseEntity<byte[]> named(String name, MediaType type, byte[] bytes) {
        return ResponseEntity.ok()
                .contentType(type)
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name, StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .header(HttpHeaders.CACHE_CONTROL, "no-store")
                .body(bytes);
    }
}
