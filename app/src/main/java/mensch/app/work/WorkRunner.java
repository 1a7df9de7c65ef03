package mensch.app.work;

import java.io.IOException;
import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.function.Consumer;
import mensch.app.problem.Problem;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionTemplate;

/** Runs work and writes down how it goes. No transaction is open while it runs. */
@Component
class WorkRunner {
    private static final Logger LOG = LoggerFactory.getLogger(WorkRunner.class);

    private final Works works;
    private final List<WorkKind> kinds;
    private final TransactionTemplate transaction;
    private final Clock clock;

    WorkRunner(Works works, List<WorkKind> kinds, TransactionTemplate transaction, Clock clock) {
        this.works = works;
        this.kinds = kinds;
        this.transaction = transaction;
        this.clock = clock;
    }

    void run(Long id) {
        Work work = works.findById(id).orElse(null);
        if (work == null || work.state().ended()) {
            return;
        }
        try {
            WorkKind kind = kinds.stream()
                    .filter(k -> k.kind().equals(work.kind()))
                    .findFirst()
                    .orElseThrow(() -> Problem.refused("kind-unknown", "this version does no such work any more"));
            kind.run(work.about(), work.askedBy(), new Written(id));
            ends(id, WorkState.DONE, "done");
        } catch (Progress.CancelledException e) {
            ends(id, WorkState.CANCELLED, "cancelled; nothing was changed");
        } catch (Problem e) {
            ends(id, WorkState.FAILED, Objects.requireNonNullElse(e.getMessage(), e.code()));
        } catch (InterruptedException e) {
            // the application stops: whoever runs next begins it anew
            Thread.currentThread().interrupt();
            throw new IllegalStateException("the application stops", e);
        } catch (IOException | RuntimeException e) {
            LOG.error("work {} of kind {} broke", id, work.kind(), e);
            ends(id, WorkState.FAILED, "it broke on our side; it is logged as work " + id);
        }
    }

    private void ends(Long id, WorkState as, String words) {
        write(id, work -> work.ends(as, words, clock.instant()));
    }

    private void write(Long id, Consumer<Work> change) {
        transaction.executeWithoutResult(t -> works.findById(id).ifPresent(change));
    }

    /** Progress as it is kept in the database, which is also where its end is asked for. */
    private final class Written implements Progress {
        private final Long id;
        private int last = -1;
        private String said = "";

        Written(Long id) {
            this.id = id;
        }

        @Override
        public void at(int percent, String words) {
            if (works.cancelAsked(id).orElse(true)) {
                throw new CancelledException();
            }
            if (percent != last || !words.equals(said)) {
                last = percent;
                said = words;
                write(id, work -> work.runs(percent, words));
            }
        }
    }
}
