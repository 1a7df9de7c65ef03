package mensch.core.audit;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import mensch.core.geometry.Point;
import mensch.core.lineup.Job;
import mensch.core.matchup.Conflict;
import mensch.core.play.BallPath;
import mensch.core.rung.Part;

/** Nobody is a run man and a pass man at one time, and each way of the ball on an option has an owner. */
final class ConflictCheck implements Check {
    static final CheckId CONFLICT =
            CheckId.of("conflict", Rule.CONFLICT, Part.RUN, Part.PASS).needing(CheckId.Need.OPTIONS);
    static final CheckId BALL_PATH =
            CheckId.of("ball-path", Rule.CONFLICT, Part.RUN, Part.PASS).needing(CheckId.Need.OPTIONS);

    private static final Point BEHIND_THE_BALL = new Point(0, 4);

    @Override
    public List<CheckId> finds() {
        return List.of(CONFLICT, BALL_PATH);
    }

    @Override
    public Asked asked() {
        return Asked.AGAINST_PLAYS;
    }

    @Override
    public List<Finding> in(Subject subject) {
        var findings = new ArrayList<Finding>();
        Map<Job, List<Conflict>> byMan = new LinkedHashMap<>();
        for (Conflict conflict : subject.conflicts()) {
            Job key = conflict.key();
            if (key != null && conflict.overlap() > 0) {
                byMan.computeIfAbsent(key, k -> new ArrayList<>()).add(conflict);
            }
        }
        double little = subject.lineup().convention().jobs().late();
        var moments = new ArrayList<PlayEvidence.TwoJobs>();
        byMan.forEach((man, his) -> {
            PlayEvidence.TwoJobs two = twoJobs(man, his);
            if (two.conflict().asks(little) == Conflict.Asks.TWO_FOR_A_MOMENT) {
                moments.add(two);
            } else {
                findings.add(new Finding(CONFLICT, Severity.WEAK, at(man), List.of(man), two));
            }
        });
        if (!moments.isEmpty()) {
            List<Job> men = moments.stream().map(PlayEvidence.TwoJobs::man).toList();
            findings.add(new Finding(
                    CONFLICT, Severity.FACT, at(men.get(0)), men, new PlayStandingEvidence.ShortConflicts(moments)));
        }
        for (Conflict conflict : subject.conflicts()) {
            conflict.open().forEach(path -> findings.add(open(conflict, path)));
        }
        return findings;
    }

    private static Point at(Job man) {
        return man.feetOr(BEHIND_THE_BALL);
    }

    private static PlayEvidence.TwoJobs twoJobs(Job man, List<Conflict> his) {
        Conflict worst = Collections.max(his, Comparator.comparingDouble(Conflict::overlap));
        List<String> also = his.stream()
                .filter(c -> c != worst)
                .map(c -> c.name() + " to the " + c.play().words())
                .distinct()
                .toList();
        return new PlayEvidence.TwoJobs(
                man, Objects.requireNonNull(worst.run()), Objects.requireNonNull(worst.pass()), worst, also);
    }

    private static Finding open(Conflict conflict, BallPath path) {
        String owned = conflict.owners().entrySet().stream()
                .map(e -> PlayEvidence.name(e.getValue()) + " has the "
                        + e.getKey().words())
                .collect(Collectors.joining(", "));
        return new Finding(
                BALL_PATH,
                Severity.WEAK,
                new Point(conflict.play().sign() * 5.0, 4),
                List.of(),
                new PlayEvidence.BallPathOpen(conflict.name(), conflict.play(), path, owned));
    }
}
