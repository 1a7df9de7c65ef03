package mensch.app.work;

import com.github.kagkarlsson.scheduler.task.FailureHandler;
import com.github.kagkarlsson.scheduler.task.Task;
import com.github.kagkarlsson.scheduler.task.TaskDescriptor;
import com.github.kagkarlsson.scheduler.task.helper.Tasks;
import java.time.Duration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How the scheduler comes by the work: one task, whose instances are named by the work's id. */
@Configuration
class WorkTask {
    /** Work that the end of the application broke off is begun again so soon. */
    private static final Duration AGAIN = Duration.ofSeconds(10);

    static final TaskDescriptor<Void> DESCRIPTOR = TaskDescriptor.of("work");

    @Bean
    Task<Void> work(WorkRunner runner) {
        return Tasks.oneTime(DESCRIPTOR)
                .onFailure(new FailureHandler.OnFailureRetryLater<>(AGAIN))
                .execute((instance, context) -> runner.run(Long.valueOf(instance.getId())));
    }
}
