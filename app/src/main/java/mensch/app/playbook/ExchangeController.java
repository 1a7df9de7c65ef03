package mensch.app.playbook;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.List;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.playbook.Exchange.ImportRow;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Export and import of playbook documents. */
@RestController
@RequestMapping("/api/exchange")
class ExchangeController {

    record Incoming(@NotBlank @Size(max = Bounds.IMPORT) String text) {}

    /** An import as it was looked at, to be carried out. */
    record Accepted(
            @NotBlank @Size(max = Bounds.IMPORT) String text,
            @NotNull @Size(max = Bounds.DOCUMENTS) List<@Valid @NotNull ImportRow> rows) {}

    private final Exchange exchange;

    ExchangeController(Exchange exchange) {
        this.exchange = exchange;
    }

    /** Documents as one open playbook. */
    @GetMapping
    ResponseEntity<Map<String, Object>> export(@RequestParam String what, Principal by) {
        String file = "mensch-" + what.replace('/', '-') + ".json";
        return ResponseEntity.ok()
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"" + file + "\"")
                .body(exchange.taken(what, by.getName()));
    }

    /** The schema that imports are checked against. */
    @GetMapping(value = "/schema", produces = MediaType.APPLICATION_JSON_VALUE)
    String schema() {
        return DocumentSchema.text();
    }

    /** What an import would do, nothing written. */
    @PostMapping("/previews")
    List<ImportRow> look(@Valid @RequestBody Incoming incoming, Principal by) {
        return exchange.looked(incoming.text(), by.getName());
    }

    /** Imports what was looked at: all of it, or nothing. */
    @PostMapping("/imports")
    List<ImportRow> take(@Valid @RequestBody Accepted accepted, Principal by) {
        return exchange.taken(accepted.text(), accepted.rows(), by.getName());
    }
}
