package mensch.app.roster;

import jakarta.validation.Valid;
import java.security.Principal;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mensch.app.playbook.Playbook;
import mensch.app.version.Version;
import mensch.app.version.Versioned;
import mensch.core.call.Call;
import mensch.core.front.Front;
import mensch.core.front.Role;
import mensch.core.front.Sits;
import mensch.core.roster.Pairs;
import mensch.core.roster.Staying;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The roster to read, change and take away; the same JSON is its export. */
@RestController
@RequestMapping("/api/roster")
class RosterController {

    /** A role that a chart may list, and the fronts that have it. */
    record ChartRole(String id, String name, String label, String body, boolean eachSide, List<String> fronts) {}

    /** A player's account, by which a man of the roster may sign in. */
    record Account(String username, String displayName) {}

    /** Which man of the roster is signed in. */
    record Mine(String id, int number, String name) {}

    /** {@code version} goes back as If-Match with the next change. */
    record RosterAnswer(
            long version,
            @Nullable String changedBy,
            @Nullable Instant changedAt,
            RosterSheet roster,
            List<ChartRole> roles,
            List<RosterSheet.PairRow> pairs,
            List<Account> accounts)
            implements Versioned {}

    private final RosterBook book;
    private final Playbook playbook;

    RosterController(RosterBook book, Playbook playbook) {
        this.book = book;
        this.playbook = playbook;
    }

    /** Players, chart and pairs that stay; what is measured only for coaches. */
    @GetMapping
    RosterAnswer current() {
        return answer(book.page());
    }

    /** Which man of the roster the one who asks is; no content when no coach has said so. */
    @GetMapping("/mine")
    ResponseEntity<Mine> mine(Principal by) {
        return book.manOf(by.getName())
                .map(p -> ResponseEntity.ok(new Mine(p.id(), p.number(), p.name())))
                .orElseGet(() -> ResponseEntity.noContent().build());
    }

    /** Keeps the roster; refused when somebody changed it before. */
    @PutMapping
    RosterAnswer change(
            @RequestHeader(HttpHeaders.IF_MATCH) Version read, @Valid @RequestBody RosterSheet roster, Principal by) {
        return answer(book.write(roster, read, by.getName()));
    }

    private RosterAnswer answer(@Nullable RosterPage page) {
        Map<String, Front> fronts = new LinkedHashMap<>();
        for (Call call : playbook.library().calls()) {
            fronts.putIfAbsent(call.front().document().id(), call.front());
        }
        Set<Staying> pairs = new LinkedHashSet<>();
        fronts.values()
                .forEach(f -> Pairs.of(f).stream()
                        .filter(p -> !pairs.contains(new Staying(p.left(), p.right())))
                        .forEach(pairs::add));
        var sheet = page == null ? new RosterSheet(List.of(), List.of(), List.of()) : page.body();
        return new RosterAnswer(
                page == null ? 0 : page.version(),
                page == null ? null : page.changedBy(),
                page == null ? null : page.changedAt(),
                sheet,
                roles(fronts.values()),
                pairs.stream()
                        .map(p -> new RosterSheet.PairRow(p.right(), p.left()))
                        .toList(),
                book.accounts().stream()
                        .map(m -> new Account(m.username(), m.displayName()))
                        .toList());
    }

    private static List<ChartRole> roles(Iterable<Front> fronts) {
        Map<String, Role> roles = new LinkedHashMap<>();
        Map<String, List<String>> usedBy = new LinkedHashMap<>();
        for (Front front : fronts) {
            for (Role role : front.roles()) {
                roles.putIfAbsent(role.id(), role);
                usedBy.computeIfAbsent(role.id(), k -> new ArrayList<>())
                        .add(front.document().name());
            }
        }
        return roles.values().stream()
                .map(r -> new ChartRole(
                        r.id(),
                        r.words(),
                        r.label(),
                        r.body().name(),
                        r.sits() == Sits.EACH_SIDE,
                        usedBy.getOrDefault(r.id(), List.of())))
                .toList();
    }
}
