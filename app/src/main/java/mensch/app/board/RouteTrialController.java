package mensch.app.board;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.security.Principal;
import java.util.Map;
import mensch.app.bounds.Bounds;
import mensch.app.playbook.TriedDocuments;
import mensch.app.playbook.TriedDocuments.TriedDocument;
import mensch.core.document.Document;
import mensch.core.play.PlayReader;
import mensch.core.play.Route;
import mensch.core.sheet.RouteTrial;
import mensch.core.sheet.Sheet.Spot;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A route of a book that is being written, run by a man of the formation on the board; nothing is kept. */
@RestController
@RequestMapping("/api/route-trials")
class RouteTrialController {

    /** A route of a book as it stands in the editor, and who runs it from which snap. */
    record RouteRequest(
            @Valid @NotNull SnapWords snap,
            @Valid @NotNull TriedDocument book,
            @NotBlank @Size(max = Bounds.NAME) String route,
            @NotBlank @Size(max = Bounds.NAME) String man) {}

    /** The corner of his way that was put somewhere, from 1; play frame yards. */
    record MovedCorner(
            @Valid @NotNull RouteRequest of,
            @Min(1) @Max(20) int corner,
            @DecimalMin("-60") @DecimalMax("60") double x,
            @DecimalMin("-20") @DecimalMax("60") double y) {}

    /** That corner in the words of a route. */
    record CornerWords(String words) {}

    private final TriedDocuments tried;
    private final Snaps snaps;

    RouteTrialController(TriedDocuments tried, Snaps snaps) {
        this.tried = tried;
        this.snaps = snaps;
    }

    @PostMapping
    RouteTrial tried(@Valid @RequestBody RouteRequest request, Principal by) {
        return RouteTrial.of(book(request), request.route(), snaps.of(request.snap(), by.getName()), request.man());
    }

    @PostMapping("/corners")
    CornerWords moved(@Valid @RequestBody MovedCorner moved, Principal by) {
        RouteRequest of = moved.of();
        return new CornerWords(RouteTrial.moved(
                book(of),
                of.route(),
                snaps.of(of.snap(), by.getName()),
                of.man(),
                moved.corner(),
                new Spot(moved.x(), moved.y())));
    }

    private Map<String, Route> book(RouteRequest request) {
        Document document = TriedDocuments.document(request.book());
        tried.library(document);
        return PlayReader.routesOf(document);
    }
}
