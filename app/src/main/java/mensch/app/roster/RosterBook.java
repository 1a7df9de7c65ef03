package mensch.app.roster;

import java.security.Principal;
import java.time.Clock;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mensch.app.problem.Problem;
import mensch.app.programme.Member;
import mensch.app.programme.MemberRepository;
import mensch.app.version.Version;
import mensch.core.lineup.Lineup;
import mensch.core.roster.Player;
import mensch.core.roster.Roster;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Where every other feature asks who plays. */
@Service
@Transactional(readOnly = true)
public class RosterBook {
    private final RosterPages pages;
    private final MemberRepository members;
    private final Clock clock;

    RosterBook(RosterPages pages, MemberRepository members, Clock clock) {
        this.pages = pages;
        this.members = members;
        this.clock = clock;
    }

    /** The roster as somebody may see it: what was measured of a man is for coaches. */
    public Roster seenBy(Principal by) {
        RosterPage page = page();
        if (page == null) {
            return Roster.EMPTY;
        }
        boolean coach = members.findByUsername(by.getName())
                .map(m -> m.role().coaches())
                .orElse(false);
        Roster roster = page.body().roster();
        return coach ? roster : roster.unmeasured();
    }

    /** Who plays which seat of a line-up by the chart, player by job. */
    public Map<String, String> playing(Lineup lineup) {
        RosterPage page = page();
        return page == null
                ? Map.of()
                : page.body().roster().fill(lineup).byJob().entrySet().stream()
                        .collect(Collectors.toMap(
                                Map.Entry::getKey, e -> e.getValue().id()));
    }

    /** A player of the roster. */
    public Optional<Player> player(String id) {
        RosterPage page = page();
        return page == null
                ? Optional.empty()
                : page.body().roster().players().stream()
                        .filter(p -> p.id().equals(id))
                        .findFirst();
    }

    /** The man of the roster who signs in so; none when no coach has said which he is. */
    public Optional<RosterSheet.PlayerRow> manOf(String username) {
        RosterPage page = page();
        return page == null
                ? Optional.empty()
                : page.body().players().stream()
                        .filter(p -> username.equals(p.account()))
                        .findFirst();
    }

    /** Accounts of players, which a man of the roster may sign in with. */
    List<Member> accounts() {
        return members.findByRoleOrderByDisplayName(Member.Role.PLAYER);
    }

    /** A man signs in as himself alone. */
    private void checkAccounts(RosterSheet sheet) {
        Set<String> known = accounts().stream().map(Member::username).collect(Collectors.toSet());
        Set<String> taken = new HashSet<>();
        for (RosterSheet.PlayerRow player : sheet.players()) {
            String account = player.account();
            if (account != null && !known.contains(account)) {
                throw Problem.refused(
                        "no-such-account",
                        player.name() + " cannot sign in as \"" + account + "\": no player has that account");
            }
            if (account != null && !taken.add(account)) {
                throw Problem.refused(
                        "account-taken",
                        "two men sign in as \"" + account + "\"; " + player.name()
                                + " is the second: give him another account or none");
            }
        }
    }

    /** Null when nobody has written one. */
    @Nullable
    RosterPage page() {
        return pages.findById(RosterPage.ONLY).orElse(null);
    }

    /** Takes the place of the roster that was read; refused when somebody changed it since. */
    @Transactional
    RosterPage write(RosterSheet sheet, Version read, String by) {
        sheet.roster();
        checkAccounts(sheet);
        RosterPage page = page();
        read.checkIs(
                page == null ? 0 : page.version(),
                "roster-overtaken",
                "somebody changed the roster after you opened it; your changes are still here: copy what you need, then load it anew");
        if (page == null) {
            return pages.saveAndFlush(new RosterPage(sheet, by, clock.instant()));
        }
        page.set(sheet, by, clock.instant());
        return pages.saveAndFlush(page);
    }
}
