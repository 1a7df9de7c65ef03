package mensch.core.audit;

import java.util.List;
import mensch.core.lineup.AreaLedger.Row;
import mensch.core.lineup.Job;
import mensch.core.possible.Ability;
import mensch.core.rung.Numbers;

/** Standing facts that the place of the ball makes and not the call: a wide side, a narrow one. */
final class FieldEvidence {
    private FieldEvidence() {}

    /** A dropper and how late he is. */
    record Far(Row row, Ability.Late late) {
        String words() {
            return Said.names(List.of(row.owner())) + " has " + Numbers.tenth(late.yards()) + " yd to his "
                    + row.area().words() + " and needs " + Numbers.tenth(late.seconds())
                    + " s (model); a five-step throw leaves at " + Numbers.tenth(late.by()) + " s";
        }
    }

    /** Droppers whose landmark to the wide side is far because the ball does not lie in the middle. */
    record Wide(List<Far> men) implements Evidence {
        @Override
        public About about() {
            return About.of("wide side");
        }

        @Override
        public String title() {
            return "The wide side is far for "
                    + Said.names(men.stream().map(f -> f.row().owner()).toList()) + ".";
        }

        @Override
        public String reason() {
            return Said.each(men, Far::words)
                    + ". The field does that, not the call: he breaks on the throw from where he is.";
        }
    }

    /** Two whom the narrow side brings together. */
    record Narrow(Job first, Job second, double apart) implements Evidence {
        @Override
        public About about() {
            return About.of("narrow side", About.men(List.of(first, second)));
        }

        @Override
        public String title() {
            return Said.names(List.of(first, second)) + " share the narrow side.";
        }

        @Override
        public String reason() {
            return "Ball and sideline leave no room for two landmarks: theirs are " + Numbers.tenth(apart)
                    + " yd apart. The inside man stays over what is inside and is free for the middle.";
        }
    }
}
