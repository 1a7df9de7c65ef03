package mensch.core.audit;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.formation.Feature;
import mensch.core.geometry.Point;
import mensch.core.lineup.Given;
import mensch.core.lineup.Job;
import mensch.core.rung.Numbers;
import mensch.core.rung.Part;
import mensch.core.rung.Place.Squeeze;

/** The fact behind a finding: typed fields, and the one place where they become text. */
public interface Evidence {

    /** What it is about, whatever its words and figures: while that stays, it is the same finding. */
    About about();

    /** What is wrong, in one line. */
    String title();

    /** Why, in one sentence with the figures. */
    String reason();

    /** Whether it says that somebody is missing: one man more, and it may be no finding. */
    default boolean absence() {
        return false;
    }

    /** Whether it says that a man cannot do what he is told, or not in time: no repair may bring it about. */
    default boolean impossible() {
        return false;
    }

    /** A lack that a man may fill whose job nobody knows. */
    record Perhaps(Evidence lack, String missing) implements Evidence {
        @Override
        public About about() {
            return lack.about();
        }

        @Override
        public String title() {
            return "Cannot tell: " + Character.toLowerCase(lack.title().charAt(0))
                    + lack.title().substring(1);
        }

        @Override
        public String reason() {
            return "It may be so; " + missing + ".";
        }
    }

    /** What the offence shows has no answer in the call: no check, and no rung that asked for it. */
    record NoAnswer(String picture, String call) implements Evidence {
        @Override
        public About about() {
            return About.of("no answer", picture);
        }

        @Override
        public String title() {
            return "No answer to " + picture + ".";
        }

        @Override
        public String reason() {
            return call
                    + " has no check for it and none of its rungs asks; name a call to check to and who makes the check.";
        }
    }

    /** A rule that needs the back's side, and no back gives one. */
    record NoBackSide(boolean underCentre, String fallback) implements Evidence {
        @Override
        public About about() {
            return About.of("no back side");
        }

        @Override
        public String title() {
            return underCentre ? "No read from under centre." : "The back gives no side.";
        }

        @Override
        public String reason() {
            return (underCentre
                            ? "The quarterback is under centre, so there is no zone or power read; "
                            : "No back is offset; ")
                    + "the option rules fall back to the " + fallback + ". Bind the side by a tag or a tendency.";
        }
    }

    /** A coverage made for one situation, called in another. */
    record OutsideRange(String what, String asked, String range) implements Evidence {
        @Override
        public About about() {
            return About.of("out of range", what);
        }

        @Override
        public String title() {
            return what + " outside their range.";
        }

        @Override
        public String reason() {
            return asked + "; made for " + range + ".";
        }
    }

    /** Whether the call changes hangs on something nobody told. */
    record CannotTell(String answer, List<Feature> missing) implements Evidence {
        @Override
        public About about() {
            return About.of("open", answer);
        }

        @Override
        public String title() {
            return "Cannot tell whether the call changes.";
        }

        @Override
        public String reason() {
            return "\"" + answer + "\" hangs on "
                    + missing.stream().map(Feature::words).collect(Collectors.joining(", "))
                    + ", which is not known; jobs are shown as if it did not hold.";
        }
    }

    /** Standing away from one's spot before the snap costs time after it. */
    record DisguiseCost(Job job, double yards, double seconds, double throwSeconds) implements Evidence {
        @Override
        public About about() {
            return About.of("cost", job.id());
        }

        @Override
        public String title() {
            return "The disguise costs " + Said.names(List.of(job)) + " too much.";
        }

        @Override
        public String reason() {
            return "From where he shows to his spot are " + Numbers.tenth(yards) + " yd, " + Numbers.tenth(seconds)
                    + " s at his speed; a quick throw is out in " + Numbers.words(throwSeconds) + " s.";
        }
    }

    record NoPart(Job job, Part part, Given<?> given) implements Evidence {
        @Override
        public About about() {
            return About.of("missing", job.id(), part.words());
        }

        @Override
        public String title() {
            if (given instanceof Given.Nobody<?> nobody) {
                return Said.names(List.of(job)) + ": rule gives nobody for "
                        + nobody.part().words() + ".";
            }
            if (given instanceof Given.Undecided<?> undecided) {
                return Said.names(List.of(job)) + ": " + undecided.part().words() + " cannot be told.";
            }
            return Said.names(List.of(job)) + " has no "
                    + ((Given.Undefined<?>) given).part().words() + ".";
        }

        @Override
        public String reason() {
            if (given instanceof Given.Nobody<?> nobody) {
                return "The rung " + nobody.chain().get(0).rung().words() + " asks for " + nobody.wanted()
                        + "; there is none on the field.";
            }
            if (given instanceof Given.Undecided<?> undecided) {
                String missing =
                        undecided.missing().stream().map(Feature::words).collect(Collectors.joining(", "));
                return "The rung " + undecided.rung().words() + " would decide, but it is not known: " + missing + ".";
            }
            return "No rung of any layer names this part for him.";
        }
    }

    /** Two men whose rules put them on each other. */
    /** Nobody is where he stands. */
    record OutsideEverybody(Job job, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("outside everybody", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " stands where nobody is.";
        }

        @Override
        public String reason() {
            return Numbers.tenth(yards) + " yd outside the outermost man of his side; come in to him, or travel.";
        }
    }

    /** A place that its own shift takes to the other side of the man it names. */
    record PastHisMan(Job job, String place, String man) implements Evidence {
        @Override
        public About about() {
            return About.of("past", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " does not stand where his place says.";
        }

        @Override
        public String reason() {
            return "\"" + place + "\" puts him on the other side of " + man + "; name the place he is to have.";
        }
    }

    record OneSpot(Job first, Job second, double apart, double limit) implements Evidence {
        @Override
        public About about() {
            return About.of("one spot", About.men(List.of(first, second)));
        }

        @Override
        public String title() {
            return Said.names(List.of(first, second)) + " stand on one spot.";
        }

        @Override
        public String reason() {
            return "Their places are " + Numbers.words(apart) + " yd apart; two men need " + Numbers.words(limit)
                    + " yd. Give one of them another depth or another side of his man.";
        }
    }

    record Count(int men, int needed) implements Evidence {
        @Override
        public About about() {
            return About.of("men");
        }

        @Override
        public String title() {
            return men + " defenders.";
        }

        @Override
        public String reason() {
            return needed + " are needed.";
        }
    }

    record InNeutralZone(Job job, double helmetDepth, double limit) implements Evidence {
        @Override
        public About about() {
            return About.of("inside", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " is in the neutral zone.";
        }

        @Override
        public String reason() {
            return "His helmet is " + Numbers.words(helmetDepth) + " yd from the line; the ball takes "
                    + Numbers.words(limit) + " yd.";
        }
    }

    record OutOfBounds(Job job, String line, double yards) implements Evidence {
        @Override
        public About about() {
            return About.of("outside", job.id(), line);
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " stands beyond the " + line + ".";
        }

        @Override
        public String reason() {
            return "By " + Numbers.words(yards) + " yd.";
        }
    }

    /** A lineman so far off that he reaches his gap after the blocker. */
    record OffTheBall(Job job, double depth, double limit) implements Evidence {
        @Override
        public About about() {
            return About.of("off the ball", job.id());
        }

        @Override
        public String title() {
            return Said.names(List.of(job)) + " stands off the ball.";
        }

        @Override
        public String reason() {
            return "His feet are " + Numbers.words(depth) + " yd from the line; from more than " + Numbers.words(limit)
                    + " yd a blocker has his gap first.";
        }
    }

    /** What the goal line, or for a drop the end line, takes from the depths of the men it concerns. */
    record Compressed(List<Man> men, boolean drop) implements Evidence {
        /** One man's wanted and given depth, and the spot it leaves him. */
        public record Man(Job job, Point spot, Squeeze squeeze) {
            String words() {
                return Said.names(List.of(job)) + " at " + Numbers.words(squeeze.givenDepth()) + " yd instead of "
                        + Numbers.words(squeeze.wantedDepth());
            }
        }

        @Override
        public About about() {
            return About.of("squeezed", drop ? "drops" : "alignment");
        }

        @Override
        public String title() {
            if (drop) {
                return men.size() == 1
                        ? Said.names(List.of(men.get(0).job())) + " has less room to drop."
                        : men.size() + " men have less room to drop.";
            }
            return men.size() == 1
                    ? Said.names(List.of(men.get(0).job())) + " stands at "
                            + Numbers.words(men.get(0).squeeze().givenDepth()) + "."
                    : men.size() + " men stand closer than told.";
        }

        @Override
        public String reason() {
            return (drop ? "The end line is near: " : "Near the goal nobody lines up deep in the end zone: ")
                    + men.stream().map(Man::words).collect(Collectors.joining(", ")) + ".";
        }
    }

    record Illegal(String problem) implements Evidence {
        @Override
        public About about() {
            return About.of("illegal", problem);
        }

        @Override
        public String title() {
            return "The offence is not legal like this.";
        }

        @Override
        public String reason() {
            return Said.capital(problem) + ".";
        }
    }
}
