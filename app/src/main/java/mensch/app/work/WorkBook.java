package mensch.app.work;

import com.github.kagkarlsson.scheduler.SchedulerClient;
import java.time.Clock;
import java.util.Collection;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import mensch.app.problem.Problem;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Where work is asked for, looked at and taken back. It is kept and handed to the scheduler in one write, or not at
 * all.
 */
@Service
@Transactional(readOnly = true)
public class WorkBook {
    private static final Set<WorkState> OPEN = EnumSet.of(WorkState.WAITING, WorkState.RUNNING);

    private final Works works;
    private final SchedulerClient scheduler;
    private final Clock clock;

    WorkBook(Works works, SchedulerClient scheduler, Clock clock) {
        this.works = works;
        this.scheduler = scheduler;
        this.clock = clock;
    }

    /** @throws Problem when the same work waits or runs already */
    @Transactional
    public WorkRow ask(String kind, Long about, String by) {
        if (works.existsByKindAndAboutAndStateIn(kind, about, OPEN)) {
            throw new Problem(
                    HttpStatus.CONFLICT, "asked-already", "this is being done already; wait for it, or cancel it");
        }
        Work work = works.saveAndFlush(new Work(kind, about, by, clock.instant()));
        scheduler.scheduleIfNotExists(
                WorkTask.DESCRIPTOR.instance(String.valueOf(work.id())).scheduledTo(clock.instant()));
        return WorkRow.of(work);
    }

    WorkRow work(Long id) {
        return WorkRow.of(found(id));
    }

    /** The last work of a kind, by what it was about. */
    public Map<Long, WorkRow> last(String kind, Collection<Long> about) {
        return works.last(kind, about).stream()
                .map(WorkRow::of)
                .collect(Collectors.toMap(WorkRow::about, Function.identity()));
    }

    /** Whether work of a kind was ever asked for. */
    public boolean wasAsked(String kind) {
        return works.existsByKind(kind);
    }

    /** What work of a kind was about whose last try ended so. */
    public List<Long> lastEnded(String kind, WorkState state) {
        return works.lastEnded(kind, state);
    }

    /** Takes work back: what waits is gone at once, what runs hears of it soon, what has ended stays as it ended. */
    @Transactional
    public WorkRow cancel(Long id) {
        Work work = found(id);
        work.askToCancel();
        if (work.state() == WorkState.WAITING) {
            // the scheduler finds it ended when its turn comes
            work.ends(WorkState.CANCELLED, "cancelled before it began", clock.instant());
        }
        return WorkRow.of(works.saveAndFlush(work));
    }

    private Work found(Long id) {
        return works.findById(id).orElseThrow(() -> Problem.notFound("the work " + id));
    }
}
