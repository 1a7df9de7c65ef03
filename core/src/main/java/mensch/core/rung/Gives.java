package mensch.core.rung;

import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** One part as a rung gives it: the part and its value. A phrase of null is "none". */
public sealed interface Gives {

    Part part();

    /** Normal form with the part's word in front. */
    default String words() {
        return part().words() + " " + value();
    }

    /** The value in words. */
    String value();

    /** The place it names; none for a part that is no place, and for "show none". */
    default Optional<Phrase> place() {
        return Optional.empty();
    }

    record Show(@Nullable Phrase phrase) implements Gives {
        @Override
        public Part part() {
            return Part.SHOW;
        }

        @Override
        public String value() {
            return phrase == null ? "none" : phrase.words();
        }

        @Override
        public Optional<Phrase> place() {
            return Optional.ofNullable(phrase);
        }
    }

    record Align(Phrase phrase) implements Gives {
        @Override
        public Part part() {
            return Part.ALIGN;
        }

        @Override
        public String value() {
            return phrase.words();
        }

        @Override
        public Optional<Phrase> place() {
            return Optional.of(phrase);
        }
    }

    record Stance(String word) implements Gives {
        @Override
        public Part part() {
            return Part.STANCE;
        }

        @Override
        public String value() {
            return word;
        }
    }

    record Keys(Key key) implements Gives {
        @Override
        public Part part() {
            return Part.KEY;
        }

        @Override
        public String value() {
            return key.words();
        }
    }

    /** A movement; {@link Move#NONE} for "none". */
    record Moves(Move move) implements Gives {
        @Override
        public Part part() {
            return Part.MOVE;
        }

        @Override
        public String value() {
            return move.words();
        }
    }

    /** A read table by id. */
    record ReadTable(String id) implements Gives {
        @Override
        public Part part() {
            return Part.READS;
        }

        @Override
        public String value() {
            return id;
        }
    }

    record Run(Steps steps) implements Gives {
        @Override
        public Part part() {
            return Part.RUN;
        }

        @Override
        public String value() {
            return steps.words();
        }
    }

    record Pass(Steps steps) implements Gives {
        @Override
        public Part part() {
            return Part.PASS;
        }

        @Override
        public String value() {
            return steps.words();
        }
    }

    /** A technique checklist by id. */
    record Checklist(String id) implements Gives {
        @Override
        public Part part() {
            return Part.TECHNIQUE;
        }

        @Override
        public String value() {
            return id;
        }
    }
}
