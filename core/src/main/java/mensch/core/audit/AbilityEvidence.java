package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.convention.JobLimits;
import mensch.core.coverage.Shell;
import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger.Row;
import mensch.core.lineup.Job;
import mensch.core.possible.Ability;
import mensch.core.possible.DeepLedger;
import mensch.core.rung.Numbers;

/** Facts behind findings about jobs that a man cannot do from where he stands. */
final class AbilityEvidence {
    private AbilityEvidence() {}

    /** A way and its time, as in "9 yd take him 1.9 s (model), the ball is there at 1.6 s". */
    private static String clock(Ability.Late late, String there) {
        return "His " + Numbers.tenth(late.yards()) + " yd take " + Numbers.tenth(late.seconds()) + " s (model); "
                + there + " " + Numbers.tenth(late.by()) + " s.";
    }

    /** Late by little is weak; late by more, or impossible, is a bust, like a job that nobody has. */
    static Severity severity(Ability ability, JobLimits limits) {
        return ability instanceof Ability.Late late && late.over() <= limits.late() ? Severity.WEAK : Severity.BUST;
    }

    private static String name(Job job) {
        return Said.names(List.of(job));
    }

    /** A gap whose owner cannot take it. */
    record NotHisGap(Job job, Row row, Ability ability, Severity severity) implements Evidence {
        @Override
        public About about() {
            return About.of("cannot own", job.id(), row.gap().words());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return ability instanceof Ability.MovesElsewhere
                    ? name(job) + " moves to one gap and is told another."
                    : severity == Severity.WEAK && ability instanceof Ability.Late
                            ? name(job) + " is late to the " + row.said() + "."
                            : name(job) + " cannot own the " + row.said() + ".";
        }

        @Override
        public String reason() {
            if (ability instanceof Ability.Late late) {
                return clock(late, "the ball is through it at");
            }
            if (ability instanceof Ability.MovesElsewhere moves) {
                return "His move takes him to the " + moves.to() + ", his run job is the " + row.said()
                        + "; nobody is where he is not.";
            }
            if (ability instanceof Ability.Outside outside) {
                return "He stands " + Numbers.tenth(outside.yards())
                        + " yd outside it on the line; the ball goes inside him.";
            }
            return "He stands in the " + ((Ability.AnotherGap) ability).in().words()
                    + "; a man on the line has the gap beside his shade, or the one his move takes him to.";
        }
    }

    /** A force man who is no force. */
    record NoForceMan(Job job, Side side, Ability ability) implements Evidence {
        @Override
        public About about() {
            return About.of(ability instanceof Ability.Late ? "late" : "cannot", job.id(), side.words());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return ability instanceof Ability.Late
                    ? "Force on the " + side.words() + " comes late."
                    : name(job) + " cannot be force on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            if (ability instanceof Ability.Late late) {
                return name(job) + ": " + clock(late, "the run is outside at");
            }
            return ability instanceof Ability.NotAnEdge inside
                    ? "He is told the " + inside.gap().words() + ": a man inside the end turns nothing in."
                    : "He stands " + Numbers.tenth(((Ability.InsideTheEdge) ability).yards())
                            + " yd inside the end man; the run is outside him.";
        }
    }

    /** Force from deep with nobody inside him who keeps the ball from bouncing at once. */
    record ForceFromDeep(Job job, Side side, double depth) implements Evidence {
        @Override
        public About about() {
            return About.of("deep", job.id(), side.words());
        }

        @Override
        public String title() {
            return "Force on the " + side.words() + " comes from " + Numbers.tenth(depth) + " yd deep.";
        }

        @Override
        public String reason() {
            return "No end on that side is told contain, so the ball is outside before " + name(job)
                    + " is down: tell the end contain, or bring a man nearer.";
        }
    }

    /** A man who cannot cover the man he is told. */
    record NotHisMan(Job job, String man, String number, Ability ability) implements Evidence {
        @Override
        public About about() {
            return About.of("cannot cover", job.id(), number);
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return ability instanceof Ability.Beside beside && !beside.none()
                    ? name(job) + " chases " + man + " (" + number + ")."
                    : name(job) + " cannot cover " + man + " (" + number + ").";
        }

        @Override
        public String reason() {
            return ability instanceof Ability.Beside beside
                    ? "He stands " + Numbers.tenth(beside.yards())
                            + " yd beside the leverage he needs; the throw is there first."
                    : "A man of the line on a receiver split out has nobody.";
        }
    }

    /** A part of the deep field that nobody has although the call promises it. */
    record DeepUnowned(Shell shell, DeepLedger.Row row) implements Evidence {
        @Override
        public About about() {
            return About.of("nobody deep", row.part().words());
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody has the " + row.part().words() + ".";
        }

        @Override
        public String reason() {
            String open = row.threats().stream().map(t -> t.man().name()).collect(Collectors.joining(", "));
            return "The coverage promises " + shell.promised() + "; "
                    + (open.isEmpty() ? "whoever runs there is alone." : open + " straight up the field is alone.");
        }
    }

    /** Nobody is deep at all. */
    record NobodyDeep(Shell shell) implements Evidence {
        @Override
        public About about() {
            return About.of("nobody deep", "all");
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody is deep.";
        }

        @Override
        public String reason() {
            return "The coverage promises " + shell.promised()
                    + ", and no pass job of this line-up is deep: any vertical is a touchdown.";
        }
    }

    /** A deep man who is passed. */
    record Passed(Job job, String man, String part, Ability.Late late) implements Evidence {
        @Override
        public About about() {
            return About.of("late", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " cannot stay over " + man + " in the " + part + ".";
        }

        @Override
        public String reason() {
            return clock(late, "a deep ball to " + man + " is there at");
        }
    }

    /** A deep man who stands so far behind that everything in front of him is open. */
    record TooDeep(Job job, double depth, double asked) implements Evidence {
        @Override
        public About about() {
            return About.of("too deep", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " stands too deep for his part.";
        }

        @Override
        public String reason() {
            return Numbers.tenth(depth) + " yd deep, his part is played at " + Numbers.tenth(asked)
                    + ": what breaks in front of him is caught.";
        }
    }

    /** A dropper who is not there when the ball is. */
    record LateDrop(Job job, String area, Ability.Late late) implements Evidence {
        @Override
        public About about() {
            return About.of("far", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " is late to his " + area + ".";
        }

        @Override
        public String reason() {
            return clock(late, "a five-step throw leaves at");
        }
    }

    /** A job only in name: an eligible man whom a call without deep help leaves to a zone. */
    record NoManBehindNone(String man, String number) implements Evidence {
        @Override
        public About about() {
            return About.of("alone", number);
        }

        @Override
        public boolean absence() {
            return true;
        }

        @Override
        public String title() {
            return "Nobody has " + man + " (" + number + ").";
        }

        @Override
        public String reason() {
            return "Nobody is deep in this coverage, so a zone underneath has nobody who goes past it: he needs a man or a lane.";
        }
    }

    /** A man whom the answer to a motion sends too far. */
    record LongWay(Job job, double yards, Ability ability, double motion) implements Evidence {
        @Override
        public About about() {
            return About.of("way", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " has " + Numbers.tenth(yards) + " yd to go during the motion.";
        }

        @Override
        public String reason() {
            return ability instanceof Ability.Late late
                    ? "That takes him " + Numbers.tenth(late.seconds()) + " s (model), the motion "
                            + Numbers.tenth(motion) + " s: let him stay and change his job, or send a nearer man."
                    : "There is time, " + Numbers.tenth(motion) + " s; a man who stays gives nothing away.";
        }
    }

    /** A deep man who stands beside his part, or a half safety outside everybody. */
    record BesideHisPart(Job job, String part, double yards, boolean outsideAll) implements Evidence {
        @Override
        public About about() {
            return About.of("beside", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return outsideAll
                    ? name(job) + " stands outside every receiver of his part."
                    : name(job) + " stands beside the " + part + ".";
        }

        @Override
        public String reason() {
            return Numbers.tenth(yards) + " yd too far: the offence sees it, and the seam inside him is open.";
        }
    }

    /** A rusher for whom no throw waits. */
    record RushesFromFar(Job job, Ability.Late late) implements Evidence {
        @Override
        public About about() {
            return About.of("rushes from far", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " rushes from too far.";
        }

        @Override
        public String reason() {
            return clock(late, "a ball that is held long is out at");
        }
    }

    /** A rusher of the front whom the tackle need not block. */
    record RushesFromWide(Job job, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("rushes from wide", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " rushes from too wide.";
        }

        @Override
        public String reason() {
            return Numbers.tenth(yards) + " yd outside the end man, and no movement sends him: the run goes inside him,"
                    + " and a back who steps out has him.";
        }
    }

    /** A man so far off that everything short is given. */
    record TooFarOff(Job job, String man, double depth, double most) implements Evidence {
        @Override
        public About about() {
            return About.of("too far off", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " is too far off " + man + ".";
        }

        @Override
        public String reason() {
            return "Man to man from " + Numbers.tenth(depth) + " yd; from more than " + Numbers.tenth(most)
                    + " everything short is a catch and a run.";
        }
    }

    /** A dropper who stands behind the place he drops to. */
    record BehindHisArea(Job job, String area, double depth, double landmark) implements Evidence {
        @Override
        public About about() {
            return About.of("behind", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " stands behind his " + area + ".";
        }

        @Override
        public String reason() {
            return Numbers.tenth(depth) + " yd deep, his landmark is at " + Numbers.tenth(landmark)
                    + ": he runs up where the others drop, and the run has nobody there.";
        }
    }

    /** A backer over another gap than his own. */
    record NotOverHisGap(Job job, Row row, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("not over", job.id(), row.gap().words());
        }

        @Override
        public String title() {
            return name(job) + " stands " + Numbers.tenth(yards) + " yd beside his gap.";
        }

        @Override
        public String reason() {
            return "The " + row.said()
                    + " is his; from there he gets to it, and a block that comes at once walls him off.";
        }
    }

    /** A dropper who stands outside the receiver he watches. */
    record OutsideHisKey(Job job, String key, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("outside his key", job.id());
        }

        @Override
        public boolean impossible() {
            return true;
        }

        @Override
        public String title() {
            return name(job) + " stands outside " + key + ".";
        }

        @Override
        public String reason() {
            return Numbers.tenth(yards) + " yd outside the man he watches: nobody walls him off the seam.";
        }
    }
}
