package mensch.core.formation;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Thresholds;
import mensch.core.field.Code;

/** What the rules of the code have against a formation; reported, never repaired. */
public final class Legality {
    private static final int MOST_OFF_THE_LINE = 4;

    private Legality() {}

    /** Sentences, each with the count or man at fault; empty when legal. */
    public static List<String> problems(Formation formation, Thresholds limits) {
        var problems = new ArrayList<String>();
        int men = formation.men().size();
        if (men != Code.PLAYERS) {
            problems.add("the offence has " + men + " men; eleven are needed");
        }
        List<Man> off = formation.men().stream().filter(m -> m.depth() >= limits.onLine()).toList();
        if (off.size() > MOST_OFF_THE_LINE) {
            problems.add(off.size() + " men are off the line (" + names(off) + "); four are allowed");
        }
        for (Man man : covered(formation, limits)) {
            problems.add(man.name() + " is covered: a man outside him is on the line too, so he may not go out for a pass");
        }
        return List.copyOf(problems);
    }

    /** Men on the line in an eligible's place with another man of the line outside them. */
    static List<Man> covered(Formation formation, Thresholds limits) {
        List<Man> line = formation.men().stream().filter(m -> m.depth() < limits.onLine() && m.post() != Man.Post.QUARTERBACK).toList();
        if (line.size() < 2) {
            return List.of();
        }
        return line.subList(1, line.size() - 1).stream().filter(m -> !m.interior()).toList();
    }

    private static String names(List<Man> men) {
        return String.join(", ", men.stream().map(Man::name).toList());
    }
}
