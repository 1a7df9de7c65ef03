package mensch.core.pressure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import mensch.core.document.Worded;
import mensch.core.front.Role.Body;

/**
 * What a man can be told when a pressure is begun, as rungs in their order; the rules of the front and the coverage
 * stand below. Places and ways as the pressures of the catalogue have them (handbook 3, pressure).
 */
public enum Told implements Worded {
    THROUGH_A("comes through the A gap", Set.of(Body.LB, Body.DB), through("A")),
    THROUGH_B("comes through the B gap", Set.of(Body.LB, Body.DB), through("B")),
    THROUGH_C("comes through the C gap", Set.of(Body.LB, Body.DB), through("C")),
    /**
     * A back of the secondary turns the run in; a backer leaves that to the coverage. The gap outside a tight end is
     * his, and on the open side the last gap when the end pinches; else that is the end's, and he stays outside.
     */
    OFF_THE_EDGE("comes off the edge", Set.of(Body.LB, Body.DB), Rung.always(Edge.STANDS)) {
        @Override
        List<Rung> rungs(Body body, List<String> pinched) {
            String force = body == Body.DB ? ", force" : "";
            var rungs = new ArrayList<Rung>();
            rungs.add(new Rung(
                    "tight",
                    "tight end on my side",
                    "align outside end man 1 x 1; move blitz to outside; run D gap" + force));
            pinched.forEach(when -> rungs.add(new Rung("pinched", when, "run last gap" + force)));
            rungs.add(Rung.always(Edge.STANDS + "; run outside" + force));
            return List.copyOf(rungs);
        }
    },
    INTO_A(
            "slants into the A gap",
            Set.of(Body.T),
            Rung.always("move slant to A gap; run A gap; pass rush A gap; reads slant")),
    INTO_B(
            "slants into the B gap",
            Set.of(Body.T),
            Rung.always("move slant to B gap; run B gap; pass rush B gap; reads slant")),
    /** Beside a tight end he would leave his gap to nobody. */
    PINCHES(
            "pinches into the B gap, away from a tight end",
            Set.of(Body.E),
            new Rung(
                    "pinch",
                    "not tight end on my side",
                    "move pinch to B gap; run B gap; pass rush B gap; reads slant")),
    AROUND("works round to contain", Set.of(Body.T), Rung.always("pass rush contain")),
    DROPS_HOOK("drops to the hook", Set.of(Body.E, Body.T), Rung.always("move drop; pass hook @ 7")),
    DROPS_FLAT("drops to curl and flat", Set.of(Body.E), Rung.always("move drop; pass curl-flat @ 7"));

    /** A sentence and when it holds; empty for always. */
    record Rung(String name, String when, String does) {
        static Rung always(String does) {
            return new Rung("base", "", does);
        }

        String sentence(String also) {
            String all = when.isEmpty() ? also : also.isEmpty() ? when : also + " and " + when;
            return all.isEmpty() ? does : "when " + all + ": " + does;
        }
    }

    /** How he stands and comes who comes off the edge. */
    private static final class Edge {
        static final String STANDS = "align outside end man 1 x 2; stance set; key tackle then near back;"
                + " move blitz to outside; reads edge-rush; pass rush contain; technique edge-run";
    }

    private final String words;
    private final Set<Body> who;
    private final List<Rung> rungs;

    Told(String words, Set<Body> who, Rung... rungs) {
        this.words = words;
        this.who = who;
        this.rungs = List.of(rungs);
    }

    private static Rung through(String gap) {
        return Rung.always(
                "move blitz to " + gap + " gap; run " + gap + " gap; pass rush " + gap + " gap; reads backer");
    }

    @Override
    public String words() {
        return words;
    }

    /**
     * The rungs of a man of this kind.
     *
     * @param pinched when the end on his side pinches, in conditions; empty when none does
     */
    List<Rung> rungs(Body body, List<String> pinched) {
        return rungs;
    }

    /** What this man can be told besides what his front and coverage tell him. */
    public static List<Told> choices(Body body) {
        return Arrays.stream(values()).filter(t -> t.who.contains(body)).toList();
    }
}
