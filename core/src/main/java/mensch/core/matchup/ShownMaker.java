package mensch.core.matchup;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import mensch.core.convention.MessageTimes;
import mensch.core.event.Message;
import mensch.core.event.Whose;
import mensch.core.formation.Man;
import mensch.core.matchup.Blocking.Doing;
import mensch.core.matchup.Picture.Stand;
import mensch.core.play.Block;
import mensch.core.play.Delivery;
import mensch.core.play.MessageTable;
import mensch.core.play.MessageTable.Toward;
import mensch.core.play.Pass;
import mensch.core.play.Run;
import org.jspecify.annotations.Nullable;

/**
 * Looks at one play with the eyes of every defender: each of his keys, the man beside, and whoever blocks him. Verbs
 * become messages by {@link MessageTable}; the backfield is told by the side it goes to.
 */
final class ShownMaker {
    /** Verbs' messages that say a run to a man who reads no more than run or pass. */
    private static final Set<Message> RUN_BLOCKS = EnumSet.of(
            Message.BASE,
            Message.REACH,
            Message.DOWN,
            Message.DOUBLE,
            Message.CUT_OFF,
            Message.PULL,
            Message.KICK,
            Message.STALK);

    private final Picture picture;
    private final MessageTimes times;
    private final Map<Stand, List<Watched>> watched = new IdentityHashMap<>();
    /** What the play that is looked at has shown so far. */
    private List<Shown> shown = new ArrayList<>();

    ShownMaker(Picture picture) {
        this.picture = picture;
        this.times = picture.lineup.convention().messages();
        picture.stands.forEach(stand -> watched.put(stand, Watched.by(picture, stand)));
    }

    /** Everything a run shows, in the order in which it can be seen. */
    List<Shown> run(Blocking blocking) {
        shown = new ArrayList<>();
        each((stand, watched) -> run(blocking, stand, watched));
        for (Blocking.Row row : blocking.rows()) {
            picture.stand(row.defender())
                    .ifPresent(stand -> row.blockers()
                            .forEach(man -> run(blocking, stand, new Watched(Whose.BLOCKER, man, false))));
        }
        return inOrder();
    }

    /**
     * Everything a pass shows.
     *
     * @param fake the blocks of the run it looks like first; null when it looks like none
     * @param there who looks from the side which that run goes to
     */
    List<Shown> pass(Pass pass, @Nullable Blocking fake, ShownMaker there) {
        shown = new ArrayList<>();
        Acted acted = fake == null ? null : new Acted(fake, there);
        var routes = new HashMap<Man, Pass.Told>();
        pass.told().forEach(t -> t.who().in(picture.view).ifPresent(man -> routes.putIfAbsent(man, t)));
        List<Man> screen = pass.delivery().screen().stream()
                .flatMap(who -> who.in(picture.view).stream())
                .toList();
        each((stand, watched) -> {
            pass(pass, acted, routes, stand, watched);
            if (screen.contains(watched.man()) && !watched.ball()) {
                tell(stand, watched, Message.RELEASE, times.screen());
            }
        });
        return inOrder();
    }

    /** A run that is shown and not run, seen from the side it goes to. */
    private record Acted(Blocking run, ShownMaker there) {}

    private interface Looking {
        void at(Stand stand, Watched watched);
    }

    private void each(Looking looking) {
        for (Stand stand : picture.stands) {
            Objects.requireNonNull(watched.get(stand)).forEach(w -> looking.at(stand, w));
        }
    }

    private List<Shown> inOrder() {
        shown.sort(Comparator.comparingDouble(Shown::seconds));
        return List.copyOf(shown);
    }

    /** Once: flow and ball may say the same of one man. */
    private void tell(Stand stand, Watched watched, Message message, double seconds) {
        for (int i = shown.size() - 1; i >= 0; i--) {
            Shown said = shown.get(i);
            if (said.reader() != stand.job() || said.whose() != watched.whose() || said.key() != watched.man()) {
                break;
            }
            if (said.message() == message && said.seconds() == seconds) {
                return;
            }
        }
        shown.add(new Shown(stand.job(), watched.whose(), watched.man(), message, seconds));
    }

    private boolean back(Man man) {
        return picture.shape.backs().contains(man) || man == picture.shape.quarterback();
    }

    // ---- runs

    private void run(Blocking blocking, Stand stand, Watched watched) {
        if (watched.ball()) {
            tell(stand, watched, Message.RUN, times.ball());
            carries(blocking, stand, watched, times.ball());
            return;
        }
        for (Doing doing : blocking.doings()) {
            if (doing.man() == watched.man()) {
                run(blocking, stand, watched, doing);
                return;
            }
        }
    }

    private void run(Blocking blocking, Stand stand, Watched watched, Doing doing) {
        switch (doing.does()) {
            case BLOCKS, CLIMBS -> blocks(blocking, stand, watched, doing);
            case CARRIES, PITCH_MAN -> {
                carries(blocking, stand, watched, times.backfield());
                boolean steps = blocking.run().ball().first() == Run.First.AWAY;
                if (steps) {
                    back(stand, watched, away(blocking), times.backfield());
                }
                back(stand, watched, picture.u(blocking.point()), steps ? times.counter() : times.backfield());
            }
            // a fake is to hold them where the ball does not go
            case FAKES -> {
                back(stand, watched, away(blocking), times.backfield());
                carries(blocking, stand, watched, times.backfield());
            }
            case HANDS_OFF -> tell(stand, watched, Message.RUN, times.ball());
            case READS -> {
                tell(stand, watched, Message.MESH, blocking.run().meshSeconds(picture.view));
                tell(stand, watched, Message.RUN, times.ball());
            }
            case CLEARS_OUT -> tell(stand, watched, Message.RELEASE, times.release());
        }
    }

    private void blocks(Blocking blocking, Stand stand, Watched watched, Doing doing) {
        Block block = doing.block() == null ? Block.CLIMB : doing.block();
        Man man = watched.man();
        boolean line = !back(man);
        boolean late = blocking.run().ball().first() == Run.First.PASS && line;
        double seconds = late ? times.truth() : seconds(block, line);
        if (late) {
            tell(stand, watched, Message.PASS_SET, times.line());
        }
        // two who reach or cut him off are one moving wall to him, no double
        boolean moving = block.finds() == Block.Finds.OVER_OR_NEIGHBOURS;
        List<Message> messages = !moving && twoOnHim(blocking, stand, man)
                ? List.of(Message.DOUBLE)
                : MessageTable.shows(block, toward(blocking, stand, man, doing));
        messages.forEach(m -> tell(stand, watched, m, seconds));
        if (messages.contains(Message.DOWN) && watched.whose() != Whose.KEY && doing.on() == stand.job()) {
            tell(stand, watched, Message.DOWN_ON_ME, seconds);
        }
        if (watched.whose() == Whose.BLOCKER) {
            return;
        }
        if (line && messages.stream().anyMatch(RUN_BLOCKS::contains)) {
            tell(stand, watched, Message.RUN, seconds);
        }
        if (block.pulls()) {
            tell(
                    stand,
                    watched,
                    toMe(stand, picture.u(blocking.point())) ? Message.PULL_TO_ME : Message.PULL_AWAY,
                    seconds);
        }
        if (!line) {
            back(stand, watched, target(blocking, doing), times.backfield());
            carries(blocking, stand, watched, times.backfield());
        }
    }

    private double seconds(Block block, boolean line) {
        return switch (block.opens()) {
            case PULL -> times.pull();
            case RELEASE -> times.release();
            case SPACE -> times.stalk();
            case STEP -> line ? times.line() : times.backfield();
        };
    }

    /** Whether a man is one of two who come at him; who sets away from him first is no second one. */
    private static boolean twoOnHim(Blocking blocking, Stand stand, Man man) {
        return blocking.rows().stream()
                .filter(r -> r.defender() == stand.job() && r.blockers().contains(man))
                .anyMatch(r -> comes(blocking, man)
                        && r.blockers().stream().filter(b -> comes(blocking, b)).count() > 1);
    }

    private static boolean comes(Blocking blocking, Man man) {
        return blocking.doings().stream()
                .noneMatch(d -> d.man() == man && d.block() != null && d.block().setsAway());
    }

    /** Where a blocker goes, u: to his man, or to the point. */
    private double target(Blocking blocking, Doing doing) {
        return Optional.ofNullable(doing.on())
                .flatMap(picture::stand)
                .map(Stand::u)
                .orElseGet(() -> picture.u(blocking.point()));
    }

    private Toward toward(Blocking blocking, Stand stand, Man man, Doing doing) {
        double beside = stand.u() - picture.u(man);
        if (doing.on() == stand.job()) {
            boolean behind =
                    stand.u() - picture.middle() <= picture.limits.alike().headUp()
                            && beside < -picture.limits.alike().headUp();
            return behind ? Toward.CUTS_ME_OFF : Toward.AT_ME;
        }
        if (back(man)) {
            return toMe(stand, target(blocking, doing)) ? Toward.PAST : Toward.ACROSS;
        }
        Optional<Stand> on = Optional.ofNullable(doing.on()).flatMap(picture::stand);
        // who stands behind the line sees the block on the man over his key as what it is
        boolean overHim = on.filter(s -> s.first()
                        && Math.abs(s.u() - picture.u(man))
                                <= picture.limits.level().covered())
                .isPresent();
        if (overHim && !stand.first()) {
            return Toward.AT_ME;
        }
        if (on.filter(s -> (s.u() - picture.u(man)) * beside < 0).isPresent()) {
            return Toward.ACROSS;
        }
        return on.filter(Stand::first).isPresent() && !stand.first() ? Toward.AT_ME : Toward.PAST;
    }

    /**
     * Whether somebody who goes to {@code u} comes to the reader's side of the front. One in the middle has all flow: a
     * deep man between the tackles or in the middle of the field, another man on the ball.
     */
    private boolean toMe(Stand stand, double u) {
        double ball = picture.middle();
        return picture.allFlow(stand) || (stand.u() - ball) * (u - ball) >= 0;
    }

    /** Where the backfield goes, with the ball; a counter step shows the other way first, a draw nothing. */
    private void carries(Blocking blocking, Stand stand, Watched watched, double seconds) {
        double u = picture.u(blocking.point());
        Run.First first = blocking.run().ball().first();
        if (first == Run.First.AWAY && !watched.ball()) {
            flow(stand, watched, away(blocking), seconds);
        }
        double from = first == Run.First.AWAY ? times.counter() : first == Run.First.PASS ? times.truth() : seconds;
        flow(stand, watched, u, Math.max(seconds, from));
    }

    /** As far on the other side of the front as the point is on this one, u. */
    private double away(Blocking blocking) {
        return 2 * picture.middle() - picture.u(blocking.point());
    }

    private void flow(Stand stand, Watched watched, double u, double seconds) {
        tell(stand, watched, toMe(stand, u) ? Message.FLOW_TO_ME : Message.FLOW_AWAY, seconds);
    }

    /** Where this one man of the backfield goes, whatever the others do. */
    private void back(Stand stand, Watched watched, double u, double seconds) {
        if (picture.shape.backs().contains(watched.man())) {
            tell(stand, watched, toMe(stand, u) ? Message.BACK_TO_ME : Message.BACK_AWAY, seconds);
            if (Math.abs(u - picture.middle()) <= picture.u(picture.tackle()) - picture.middle()) {
                tell(stand, watched, Message.THROUGH_THE_LINE, seconds);
            }
        }
    }

    // ---- passes

    private void pass(Pass pass, @Nullable Acted fake, Map<Man, Pass.Told> routes, Stand stand, Watched watched) {
        if (watched.ball() || back(watched.man())) {
            backfield(pass, fake, routes, stand, watched);
            return;
        }
        Pass.Told told = routes.get(watched.man());
        if (told != null) {
            route(told, stand, watched);
            return;
        }
        if (!picture.line.contains(watched.man())) {
            tell(stand, watched, Message.RELEASE, times.release());
            return;
        }
        boolean acts = fake != null && as(fake, stand, watched);
        tell(stand, watched, Message.PASS_SET, acts ? times.truth() : times.line());
    }

    /** What he does on the run he acts; false when that run has no work for him. */
    private boolean as(Acted fake, Stand stand, Watched watched) {
        int before = shown.size();
        fake.there().shown = shown;
        fake.there().picture.stand(stand.job()).ifPresent(s -> fake.there().run(fake.run(), s, watched));
        return shown.size() > before;
    }

    private void backfield(Pass pass, @Nullable Acted fake, Map<Man, Pass.Told> routes, Stand stand, Watched watched) {
        if (fake != null) {
            as(fake, stand, watched);
        }
        if (pass.delivery().launch() != Delivery.Launch.SET) {
            double seconds = pass.delivery().launch() == Delivery.Launch.BOOT ? times.boot() : times.backfield();
            boolean toMe = toMe(stand, picture.u(picture.playEnd()));
            tell(stand, watched, toMe ? Message.BOOT_TO_ME : Message.BOOT_AWAY, seconds);
        }
        Pass.Told told = routes.get(watched.man());
        if (watched.ball()) {
            tell(stand, watched, Message.PASS_SET, fake == null ? times.ball() : times.truth());
        } else if (told == null) {
            tell(stand, watched, Message.PASS_SET, fake == null ? times.backfield() : times.truth());
        } else if (fake == null) {
            route(told, stand, watched);
        } else {
            tell(stand, watched, Message.LEAKS_PAST, new RouteTimes(picture, times).crosses(told, watched.man()));
        }
    }

    private void route(Pass.Told told, Stand stand, Watched watched) {
        tell(stand, watched, Message.RELEASE, times.release());
        RouteTimes.Declared declared = new RouteTimes(picture, times).declared(told, watched.man());
        tell(stand, watched, declared.under() ? Message.BREAKS_UNDER : Message.BREAKS_DEEP, declared.seconds());
    }
}
