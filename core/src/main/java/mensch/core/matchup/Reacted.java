package mensch.core.matchup;

import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mensch.core.event.Message;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.lineup.Reaction;
import mensch.core.rung.FitRole;
import mensch.core.rung.Gives;
import mensch.core.rung.ReadTable;
import mensch.core.rung.Task;

/**
 * A play once everybody has read his keys: what each man was told by them and what that makes of his run job. All keys
 * speak at once; of several messages the last in time holds, and a pull overrides what the backs show (handbook 3).
 */
public record Reacted(List<Turn> turns) {

    /** One man, what he saw last that he is taught, and what it makes of his job. */
    public record Turn(Job job, Shown shown, Reaction reaction) {

        /** What he does against the run from now on, when the row gives it. */
        public Optional<Task> run() {
            return reaction.orders() instanceof ReadTable.Becomes becomes
                    ? becomes.parts().stream()
                            .filter(Gives.Run.class::isInstance)
                            .map(g -> ((Gives.Run) g).steps().first())
                            .findFirst()
                    : Optional.empty();
        }

        /** His new part in the run, when the row gives one. */
        public Optional<FitRole> role() {
            return run().filter(Task.Fit.class::isInstance).map(t -> ((Task.Fit) t).role());
        }

        /** Whether he goes over to his pass job. */
        public boolean pass() {
            return reaction.orders() instanceof ReadTable.GoesToPass;
        }

        /** The row as it is taught: whose message, and what he does on it. */
        public String words() {
            return shown.whose().words() + " " + shown.message().words() + ": " + reaction.said();
        }
    }

    /** Whether a key of his tells him the pass by then, whatever another key shows. */
    public static boolean toldPass(List<Shown> shown, Job job, double until) {
        for (Shown one : shown) {
            if (one.reader() == job
                    && one.seconds() <= until
                    && taught(one).filter(Turn::pass).isPresent()) {
                return true;
            }
        }
        return false;
    }

    public Reacted {
        turns = List.copyOf(turns);
    }

    /** @param until messages that come later than this, seconds after the snap, come too late */
    public static Reacted of(Lineup lineup, List<Shown> shown, double until) {
        Map<Job, List<Shown>> told = new IdentityHashMap<>();
        for (Shown one : shown) {
            if (one.seconds() <= until) {
                told.computeIfAbsent(one.reader(), j -> new ArrayList<>()).add(one);
            }
        }
        var turns = new ArrayList<Turn>();
        for (Job job : lineup.jobs()) {
            turn(told.getOrDefault(job, List.of())).ifPresent(turns::add);
        }
        return new Reacted(turns);
    }

    /** The last of a man's messages that his table has a row for and no later one takes back; a pull before others. */
    private static Optional<Turn> turn(List<Shown> told) {
        Optional<Turn> last = Optional.empty();
        for (Shown one : told) {
            Optional<Turn> turn = takenBack(told, one) ? Optional.empty() : taught(one);
            if (turn.isPresent() && last.filter(l -> !later(one, l.shown())).isEmpty()) {
                last = turn;
            }
        }
        return last;
    }

    private static boolean later(Shown one, Shown other) {
        boolean pull = pull(one.message());
        return pull == pull(other.message()) ? one.seconds() > other.seconds() : pull;
    }

    private static boolean takenBack(List<Shown> told, Shown said) {
        for (Shown later : told) {
            if (takesBack(later, said)) {
                return true;
            }
        }
        return false;
    }

    private static Optional<Turn> taught(Shown shown) {
        for (Reaction reaction : shown.reader().after().reactions()) {
            if (reaction.whose() == shown.whose()
                    && reaction.on().equals(shown.message().shown())
                    && reaction.taught()) {
                return Optional.of(new Turn(shown.reader(), shown, reaction));
            }
        }
        return Optional.empty();
    }

    private static boolean takesBack(Shown later, Shown said) {
        return later.seconds() > said.seconds()
                && later.whose() == said.whose()
                && later.key() == said.key()
                && later.message().contradicts(said.message());
    }

    private static boolean pull(Message message) {
        return message == Message.PULL || message == Message.PULL_TO_ME || message == Message.PULL_AWAY;
    }

    public Optional<Turn> of(Job job) {
        for (Turn turn : turns) {
            if (turn.job() == job) {
                return Optional.of(turn);
            }
        }
        return Optional.empty();
    }
}
