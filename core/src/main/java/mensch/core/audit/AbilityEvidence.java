package mensch.core.audit;

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
                    ? Said.name(job) + " moves to one gap and is told another."
                    : severity == Severity.WEAK && ability instanceof Ability.Late
                            ? Said.name(job) + " is late to the " + row.said() + "."
                            : Said.name(job) + " cannot own the " + row.said() + ".";
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
                    : Said.name(job) + " cannot be force on the " + side.words() + ".";
        }

        @Override
        public String reason() {
            if (ability instanceof Ability.Late late) {
                return Said.name(job) + ": " + clock(late, "the run is outside at");
            }
            return ability instanceof Ability.NotAnEdge inside
                    ? "He is told the " + inside.gap().words() + ": a man inside the end turns nothing in."
                    : "He stands " + Numbers.tenth(((Ability.InsideTheEdge) ability).yards())
                            + " yd inside the end man; the run is outside him.";
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
                    ? Said.name(job) + " chases " + man + " (" + number + ")."
                    : Said.name(job) + " cannot cover " + man + " (" + number + ").";
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
            return Said.name(job) + " cannot stay over " + man + " in the " + part + ".";
        }

        @Override
        public String reason() {
            return clock(late, "a deep ball to " + man + " is there at");
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
            return Said.name(job) + " is late to his " + area + ".";
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
            return Said.name(job) + " has " + Numbers.tenth(yards) + " yd to go during the motion.";
        }

        @Override
        public String reason() {
            return ability instanceof Ability.Late late
                    ? "That takes him " + Numbers.tenth(late.seconds()) + " s (model), the motion "
                            + Numbers.tenth(motion) + " s: let him stay and change his job, or send a nearer man."
                    : "There is time, " + Numbers.tenth(motion) + " s; a man who stays gives nothing away.";
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
            return Said.name(job) + " rushes from too far.";
        }

        @Override
        public String reason() {
            return clock(late, "a ball that is held long is out at");
        }
    }
}
