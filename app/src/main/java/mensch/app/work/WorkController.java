package mensch.app.work;

import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Work that was asked for. */
@RestController
@RequestMapping("/api/work/{id}")
class WorkController {
    private final WorkBook book;

    WorkController(WorkBook book) {
        this.book = book;
    }

    /** How far it is. */
    @GetMapping
    WorkRow work(@PathVariable Long id) {
        return book.work(id);
    }

    /** Takes it back. */
    @DeleteMapping
    WorkRow cancel(@PathVariable Long id) {
        return book.cancel(id);
    }
}
