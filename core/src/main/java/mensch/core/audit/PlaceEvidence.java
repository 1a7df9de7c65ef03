package mensch.core.audit;

import mensch.core.geometry.Side;
import mensch.core.lineup.GapLedger.Row;
import mensch.core.lineup.Job;
import mensch.core.rung.Numbers;

/** Facts behind findings about places that a job does not allow, or that do not allow the job. */
final class PlaceEvidence {
    private PlaceEvidence() {}

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
            return "No end on that side is told contain, so the ball is outside before " + Said.name(job)
                    + " is down: tell the end contain, or bring a man nearer.";
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
            return Said.name(job) + " stands too deep for his part.";
        }

        @Override
        public String reason() {
            return Numbers.tenth(depth) + " yd deep, his part is played at " + Numbers.tenth(asked)
                    + ": what breaks in front of him is caught.";
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
                    ? Said.name(job) + " stands outside every receiver of his part."
                    : Said.name(job) + " stands beside the " + part + ".";
        }

        @Override
        public String reason() {
            return Numbers.tenth(yards) + " yd too far: the offence sees it, and the seam inside him is open.";
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
            return Said.name(job) + " rushes from too wide.";
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
            return Said.name(job) + " is too far off " + man + ".";
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
            return Said.name(job) + " stands behind his " + area + ".";
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
            return Said.name(job) + " stands " + Numbers.tenth(yards) + " yd beside his gap.";
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
            return Said.name(job) + " stands outside " + key + ".";
        }

        @Override
        public String reason() {
            return Numbers.tenth(yards) + " yd outside the man he watches: nobody walls him off the seam.";
        }
    }
}
