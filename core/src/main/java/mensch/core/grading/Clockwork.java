package mensch.core.grading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mensch.core.convention.Convention;
import mensch.core.event.Observed;
import mensch.core.film.Times;
import mensch.core.film.Times.Time;
import mensch.core.lineup.Job;
import mensch.core.possible.Builds;
import mensch.core.rubric.Facet;

/** What the marked moments of one man tell: his get-off, and what came before what. */
final class Clockwork {
    private final Convention convention;
    private final Times times;
    private final Job job;

    Clockwork(Convention convention, Times times, Job job) {
        this.convention = convention;
        this.times = times;
        this.job = job;
    }

    private Optional<Time> when(Observed what) {
        return times.of(what, job.id());
    }

    /** Get-off and first foot; none while it was not marked when he moved. */
    Optional<Proposed> getOff() {
        return when(Observed.MAN_MOVES).map(moves -> {
            double asked = Builds.gait(job.role().body(), convention.speeds()).delay();
            double latest = asked + convention.film().getOffLate();
            GradeMark mark = GradeMark.NOT_TOLD;
            if (moves.seconds() < -moves.doubt() || moves.seconds() - moves.doubt() > latest) {
                mark = GradeMark.BELOW;
            } else if (moves.seconds() + moves.doubt() <= latest) {
                mark = GradeMark.TO_STANDARD;
            }
            String words = moves.seconds() < -moves.doubt()
                    ? "moved " + seconds(-moves.seconds(), moves) + " before the ball"
                    : "moved " + seconds(moves.seconds(), moves) + " after the ball, asked within "
                            + String.format(Locale.ROOT, "%.2f s", latest);
            return new Proposed(
                    job.id(),
                    Facet.GET_OFF,
                    mark,
                    words + foot(moves).map(f -> "; " + f).orElse(""));
        });
    }

    private Optional<String> foot(Time moves) {
        for (Observed foot : List.of(Observed.FOOT_BACK, Observed.FOOT_FORWARD, Observed.FOOT_IN_PLACE)) {
            Optional<Time> down = when(foot);
            if (down.isPresent()) {
                String way = foot.words().replace("foot ", "");
                return Optional.of(String.format(
                        Locale.ROOT,
                        "first foot %s, down after %.2f s",
                        way,
                        down.get().seconds() - moves.seconds()));
            }
        }
        return Optional.empty();
    }

    /** What the order of his marks says of technique, in words; it is told and not marked. */
    List<String> order() {
        var said = new ArrayList<String>();
        compare(said, Observed.CONTACT, Observed.RECEIVER_DECLARES, "contact", "the receiver declared");
        compare(said, Observed.HIPS_OPEN, Observed.RECEIVER_DECLARES, "hips opened", "the receiver declared");
        compare(said, Observed.HEAD_TURNS, Observed.ARRIVES, "head turned", "he arrived");
        when(Observed.CONTACT)
                .ifPresent(contact -> when(Observed.HANDS_CLEAR)
                        .ifPresent(clear -> said.add("hands clear "
                                + seconds(clear.seconds() - contact.seconds(), clear) + " after contact")));
        times.of(Observed.BALL_PULLED).ifPresent(pulled -> {
            when(Observed.FOOT_BACK)
                    .ifPresent(back -> said.add("first retreating foot "
                            + seconds(back.seconds() - pulled.seconds(), back) + " after the ball was pulled"));
            when(Observed.HEAD_TURNS)
                    .ifPresent(head -> said.add("head turned " + seconds(head.seconds() - pulled.seconds(), head)
                            + " after the ball was pulled"));
        });
        return said;
    }

    private void compare(List<String> said, Observed one, Observed other, String first, String second) {
        when(one)
                .ifPresent(a -> when(other)
                        .ifPresent(b -> said.add(first
                                + (a.before(b)
                                        ? " " + seconds(b.seconds() - a.seconds(), a) + " before "
                                        : a.after(b)
                                                ? " " + seconds(a.seconds() - b.seconds(), a) + " after "
                                                : " in the same moment as ")
                                + second)));
    }

    private static String seconds(double seconds, Time of) {
        return String.format(Locale.ROOT, "%.2f s (\u00b1 %.2f)", seconds, of.doubt());
    }
}
