package mensch.core.rung;

/** What a man does against the run or the pass, one thing at a time. */
public sealed interface Task {

    /** Normal form; reads back to an equal task. */
    String words();

    record None() implements Task {
        @Override public String words() {
            return "none";
        }
    }

    /** A gap, a role, or both; at least one is not null. */
    record Fit(GapWord gap, FitRole role) implements Task {
        @Override public String words() {
            if (gap == null) {
                return role.words();
            }
            return gap.words() + (role == null ? "" : ", " + role.words());
        }
    }

    record TwoGap() implements Task {
        @Override public String words() {
            return "two-gap";
        }
    }

    /** The first gap from the ball out on my side that nobody else owns. */
    record OpenGap() implements Task {
        @Override public String words() {
            return "open gap";
        }
    }

    /** The gap the other man would have by his own rungs. */
    record Exchange(String role) implements Task {
        @Override public String words() {
            return "exchange with " + role;
        }
    }

    /** A zone; {@code carry} is the receiver to run with when he goes deep, or null. */
    record Cover(Area area, Ref carry) implements Task {
        @Override public String words() {
            return area.words() + (carry == null ? "" : " carry " + carry.words());
        }
    }

    /** A man; {@code otherwise} is the task when that man is not there, or null. */
    record ManOn(Ref man, Task otherwise) implements Task {
        @Override public String words() {
            return "man " + man.words() + (otherwise == null ? "" : " else " + otherwise.words());
        }
    }

    /** Take over the pass task of another role. */
    record Replace(String role) implements Task {
        @Override public String words() {
            return "replace " + role;
        }
    }

    /** Rush the passer. */
    record Rush(boolean contain) implements Task {
        @Override public String words() {
            return contain ? "rush contain" : "rush";
        }
    }

    record Spy() implements Task {
        @Override public String words() {
            return "spy quarterback";
        }
    }

    /** The free man low in the middle: first crosser. */
    record Hole() implements Task {
        @Override public String words() {
            return "hole";
        }
    }
}
