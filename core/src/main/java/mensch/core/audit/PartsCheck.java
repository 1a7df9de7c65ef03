package mensch.core.audit;

import java.util.ArrayList;
import java.util.List;
import mensch.core.geometry.Point;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Part;

/** Every part of every job has a value; as many men as the code asks have one. */
final class PartsCheck implements Check {
    static final CheckId PARTS = CheckId.of("parts", Rule.JOBS).smallSidedToo();
    static final CheckId ELEVEN = CheckId.of("eleven", Rule.LEGALITY).smallSidedToo();

    private static final Point UNPLACED = new Point(0, 3);

    @Override
    public List<CheckId> finds() {
        return List.of(PARTS, ELEVEN);
    }

    @Override
    public List<Finding> in(Subject subject) {
        Lineup lineup = subject.lineup();
        var findings = new ArrayList<Finding>();
        if (lineup.jobs().size() != lineup.snap().field().code().players()) {
            findings.add(new Finding(
                    ELEVEN,
                    Severity.BUST,
                    UNPLACED,
                    List.of(),
                    new Evidence.Count(
                            lineup.jobs().size(), lineup.snap().field().code().players())));
        }
        for (Job job : lineup.jobs()) {
            for (Part part : Part.values()) {
                Given<?> given = job.part(part);
                if (given.state() != Given.State.VALUE) {
                    Point where = job.feetOr(UNPLACED);
                    findings.add(new Finding(
                            PARTS, severity(given), where, List.of(job), new Evidence.NoPart(job, part, given)));
                }
            }
        }
        return findings;
    }

    /** A job missing its place, gap or receiver is a bust; a man without a key still has a job. */
    private static Severity severity(Given<?> given) {
        if (given instanceof Given.Undecided) {
            return Severity.CANNOT_TELL;
        }
        return given instanceof Given.Nobody<?> nobody && nobody.part() == Part.KEY ? Severity.WEAK : Severity.BUST;
    }
}
