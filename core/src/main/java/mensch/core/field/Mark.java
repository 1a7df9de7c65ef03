package mensch.core.field;

/** A painted or computed line along the field that coaches aim men at. */
public enum Mark {
    HASH("hash") {
        @Override
        double fromSideline(Code code) {
            return code.hashYards();
        }
    },
    HASH_NUMBERS("hash-numbers") {
        @Override
        double fromSideline(Code code) {
            return (code.hashYards() + code.numbersTopYards()) / 2;
        }
    },
    NUMBERS("numbers") {
        @Override
        double fromSideline(Code code) {
            return (code.numbersBottomYards() + code.numbersTopYards()) / 2;
        }
    },
    TOP_OF_NUMBERS("top of numbers") {
        @Override
        double fromSideline(Code code) {
            return code.numbersTopYards();
        }
    },
    BOTTOM_OF_NUMBERS("bottom of numbers") {
        @Override
        double fromSideline(Code code) {
            return code.numbersBottomYards();
        }
    },
    SIDELINE("sideline") {
        @Override
        double fromSideline(Code code) {
            return 0;
        }
    },
    UPRIGHT("upright") {
        @Override
        double fromSideline(Code code) {
            return code.uprightYards();
        }
    },
    MIDDLE("middle") {
        @Override
        double fromSideline(Code code) {
            return code.widthYards() / 2;
        }
    };

    private final String words;

    Mark(String words) {
        this.words = words;
    }

    /** Yards from the nearer sideline. */
    abstract double fromSideline(Code code);

    public String words() {
        return words;
    }
}
