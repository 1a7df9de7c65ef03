package mensch.core.pressure;

import java.util.Arrays;
import java.util.List;
import mensch.core.document.Worded;
import mensch.core.front.Role;

/**
 * What a man can be told when a pressure is begun, as rungs in their order; the rules of the front and the coverage
 * stand below. Places and ways as the pressures of the catalogue have them (handbook 3, pressure).
 */
public enum Told implements Worded {
    THROUGH_A("comes through the A gap", On.BACK, through("A")),
    THROUGH_B("comes through the B gap", On.BACK, through("B")),
    THROUGH_C("comes through the C gap", On.BACK, through("C")),
    OFF_THE_EDGE(
            "comes off the edge",
            On.BACK,
            new Rung("tight", "tight end on my side", "align outside end man 1 x 1; move blitz to outside"),
            new Rung(
                    "base",
                    "",
                    "align outside end man 1 x 2; stance set; key tackle then near back; move blitz to outside;"
                            + " reads edge-rush; run outside, force; pass rush contain; technique edge-run")),
    INTO_A("slants into the A gap", On.LINE, into("A")),
    INTO_B("slants into the B gap", On.LINE, into("B")),
    AROUND("works round to contain", On.LINE, new Rung("base", "", "pass rush contain")),
    DROPS_HOOK("drops to the hook", On.LINE, new Rung("base", "", "move drop; pass hook @ 7")),
    DROPS_FLAT("drops to curl and flat", On.LINE, new Rung("base", "", "move drop; pass curl-flat @ 7"));

    /** Who can be told it: men on the line, who rush as they are called, or the others, who do not. */
    private enum On {
        LINE,
        BACK
    }

    /** A sentence and when it holds; empty for always. */
    record Rung(String name, String when, String does) {
        String sentence(String also) {
            String all = when.isEmpty() ? also : also.isEmpty() ? when : also + " and " + when;
            return all.isEmpty() ? does : "when " + all + ": " + does;
        }
    }

    private final String words;
    private final On on;
    private final List<Rung> rungs;

    Told(String words, On on, Rung... rungs) {
        this.words = words;
        this.on = on;
        this.rungs = List.of(rungs);
    }

    private static Rung through(String gap) {
        return new Rung(
                "base",
                "",
                "move blitz to " + gap + " gap; run " + gap + " gap; pass rush " + gap + " gap; reads backer");
    }

    private static Rung into(String gap) {
        return new Rung(
                "base",
                "",
                "move slant to " + gap + " gap; run " + gap + " gap; pass rush " + gap + " gap; reads slant");
    }

    @Override
    public String words() {
        return words;
    }

    List<Rung> rungs() {
        return rungs;
    }

    /** What this man can be told besides what his front and coverage tell him. */
    public static List<Told> choices(Role.Body body) {
        boolean line = body == Role.Body.E || body == Role.Body.T;
        return Arrays.stream(values()).filter(t -> (t.on == On.LINE) == line).toList();
    }
}
