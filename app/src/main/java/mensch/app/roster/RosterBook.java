package mensch.app.roster;

import java.security.Principal;
import java.time.Clock;
import mensch.app.programme.Member;
import mensch.app.programme.MemberRepository;
import mensch.app.version.Version;
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

    /** The roster as somebody may see it: what was measured of a man is for coordinators. */
    public Roster seenBy(Principal by) {
        RosterPage page = page();
        if (page == null) {
            return Roster.EMPTY;
        }
        boolean coordinator = members.findByUsername(by.getName())
                .map(m -> m.role() == Member.Role.COORDINATOR)
                .orElse(false);
        Roster roster = page.body().roster();
        return coordinator ? roster : roster.unmeasured();
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
