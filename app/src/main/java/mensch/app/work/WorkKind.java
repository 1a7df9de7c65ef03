package mensch.app.work;

import java.io.IOException;

/** A kind of work. It may be begun again from the start: the application can be killed at any moment of it. */
public interface WorkKind {
    /** Its name, which is kept with the work. */
    String kind();

    /**
     * Does the work.
     *
     * @param about id of what it is about
     * @param by who asked for it
     * @throws mensch.app.problem.Problem when it cannot be done, in words for a coach
     * @throws Progress.CancelledException passed on from the progress
     */
    void run(Long about, String by, Progress progress) throws IOException, InterruptedException;
}
