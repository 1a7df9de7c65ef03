package mensch.core.formation;

import java.util.ArrayList;
import java.util.List;
import mensch.core.convention.Thresholds;
import mensch.core.field.Code;

/** What the rules of the code have against a formation; reported, never repaired. */
public final class Legality {
    private static final int MOST_OFF_THE_LINE = 4;
    private static final double STILL_YARDS = 0.05;
    private static final double FORWARD_YARDS = 0.25;

    private Legality() {}

    /** Sentences, each with the count or man at fault; empty when legal. */
    public static List<String> problems(Formation formation, Code code, Thresholds limits) {
        var problems = new ArrayList<String>();
        int men = formation.men().size();
        if (men != code.players()) {
            problems.add("the offence has " + men + " men; " + code.players() + " are needed");
        }
        if (code.flag()) {
            return List.copyOf(problems);
        }
        List<Man> off = formation.men().stream()
                .filter(m -> m.depth() >= limits.surface().onLine())
                .toList();
        if (off.size() > MOST_OFF_THE_LINE) {
            problems.add(off.size() + " men are off the line (" + names(off) + "); four are allowed");
        }
        for (Man man : covered(formation, limits)) {
            problems.add(
                    man.name() + " is covered: a man outside him is on the line too, so he may not go out for a pass");
        }
        return List.copyOf(problems);
    }

    /**
     * The formation at the snap and the way there: one man in motion, and not forward; more may move when all are set
     * again.
     */
    public static List<String> problems(Snap snap, Thresholds limits) {
        var problems = new ArrayList<>(problems(snap.formation(), snap.field().code(), limits));
        if (!snap.moved() || snap.shift()) {
            return List.copyOf(problems);
        }
        Formation before = snap.before().formation();
        List<Man> moving = snap.formation().men().stream()
                .filter(m ->
                        before.man(m.name()) != null && before.same(m).feet().distance(m.feet()) > STILL_YARDS)
                .toList();
        if (moving.size() > 1) {
            problems.add(moving.size() + " men are in motion at the snap (" + names(moving)
                    + "); one may move, or all must be set again for a second");
        }
        for (Man man : moving) {
            double forward = before.same(man).depth() - man.depth();
            if (forward > FORWARD_YARDS) {
                problems.add(man.name() + " moves " + Math.round(forward * 10) / 10.0
                        + " yd forward at the snap; a man in motion may not");
            }
        }
        return List.copyOf(problems);
    }

    /** Men on the line in an eligible's place with another man of the line outside them. */
    static List<Man> covered(Formation formation, Thresholds limits) {
        List<Man> line = formation.men().stream()
                .filter(m -> m.depth() < limits.surface().onLine() && m.post() != Man.Post.QUARTERBACK)
                .toList();
        if (line.size() < 2) {
            return List.of();
        }
        return line.subList(1, line.size() - 1).stream()
                .filter(m -> !m.interior())
                .toList();
    }

    private static String names(List<Man> men) {
        return String.join(", ", men.stream().map(Man::name).toList());
    }
}
