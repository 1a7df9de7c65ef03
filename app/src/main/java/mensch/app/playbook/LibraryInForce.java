package mensch.app.playbook;

import java.util.List;
import java.util.Map;
import mensch.core.convention.Chosen;
import mensch.core.convention.Convention;
import mensch.core.convention.Figures;
import mensch.core.convention.House;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.RefusedException;
import mensch.core.library.Library;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * The one library in force: what ships, read as the programme chose among the schools, with the programme's own
 * documents. A request asks once and has the same library to its end; it is read anew only when somebody wrote since,
 * by whichever node.
 */
@Component
class LibraryInForce {
    private static final Logger LOG = LoggerFactory.getLogger(LibraryInForce.class);
    private static final String ASKED = LibraryInForce.class.getName();

    private final Library catalogue = Library.shipped();
    private final DocumentRevisions revisions;
    private final HouseChoices houses;
    private volatile Known known = new Known(-1, Chosen.NOTHING, catalogue, catalogue);

    /**
     * The library read for one state of the database.
     *
     * @param catalogue what ships as the programme chose, without its own documents
     */
    private record Known(long state, Chosen chosen, Library catalogue, Library library) {}

    LibraryInForce(DocumentRevisions revisions, HouseChoices houses, DocumentSchema schema) {
        catalogue.documents().forEach(schema::check);
        this.revisions = revisions;
        this.houses = houses;
    }

    /** What ships, read as nobody chose. */
    Library catalogue() {
        return catalogue;
    }

    Library now() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request == null) {
            return current();
        }
        if (request.getAttribute(ASKED, RequestAttributes.SCOPE_REQUEST) instanceof Library asked) {
            return asked;
        }
        Library current = current();
        request.setAttribute(ASKED, current, RequestAttributes.SCOPE_REQUEST);
        return current;
    }

    /** To be said first in a transaction that writes to the playbook: its writers take turns. */
    void takeTurn() {
        revisions.takeTurn();
    }

    /** As {@link #takeTurn}, when what is written is part of the library: documents other than calls, and choices. */
    void changes() {
        revisions.change();
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        if (request != null) {
            request.removeAttribute(ASKED, RequestAttributes.SCOPE_REQUEST);
        }
    }

    private Library current() {
        long state = revisions.state();
        Known last = known;
        if (last.state() != state) {
            last = read(state, last);
            known = last;
        }
        return last.library();
    }

    /** Figures that a newer version of the application does not have any more, or bounds otherwise, are left out. */
    Chosen possible(Chosen chosen) {
        try {
            check(chosen);
            return chosen;
        } catch (DocumentException e) {
            LOG.warn("not all figures of the programme are in force: {}", e.getMessage());
            return chosen.keeping((figure, value) -> settable(Map.of(figure, value)));
        }
    }

    /** Whether the catalogue has such figures and allows such values. */
    private boolean settable(Map<String, Double> figures) {
        try {
            check(new Chosen(Map.of(), figures));
            return true;
        } catch (DocumentException e) {
            return false;
        }
    }

    /** @throws RefusedException naming what is no choice, no figure or out of its bounds */
    void check(Chosen chosen) {
        Convention.of(new House(catalogue.house().settings(), chosen), Figures.of(catalogue.documents()), List.of());
    }

    private Known read(long state, Known last) {
        Chosen chosen =
                houses.findFirstByOrderByIdDesc().map(HouseChoice::chosen).orElse(Chosen.NOTHING);
        Library ours = chosen.equals(last.chosen()) ? last.catalogue() : catalogue.choosing(possible(chosen));
        List<Document> own = revisions.newestOtherThan("call").stream()
                .map(DocumentRevision::document)
                .toList();
        return new Known(state, chosen, ours, own.isEmpty() ? ours : ours.with(own));
    }
}
