package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import mensch.core.audit.Said;
import mensch.core.call.Call;
import mensch.core.call.CallCheck;
import mensch.core.call.MotionAnswer;
import mensch.core.convention.House;
import mensch.core.formation.Feature;
import mensch.core.front.Role;
import mensch.core.front.Sits;
import mensch.core.lineup.Lineup;
import mensch.core.rung.Clauses;
import mensch.core.rung.Condition;
import mensch.core.rung.Where;

/**
 * What a call does when the picture changes, as it is told to the men: its checks, then its answers to motion. What the
 * house has decided is not asked again, and what it never does is left out.
 */
public final class WhenItChanges {
    private static final Condition ALWAYS = new Condition.Always();
    private static final Condition NEVER = new Condition.Not(ALWAYS);
    /** Of the whole picture it is asked from the call side. */
    private static final Condition COVER = new Condition.BoundIs(Where.COVER);

    private final Call call;
    private final House house;

    private WhenItChanges(Call call) {
        this.call = call;
        this.house = call.convention().house();
    }

    /** What is done, and when; {@code when} is what is left to ask. */
    private record Answer(Condition when, String then) {}

    /**
     * In the order in which they are asked, what is done with all the rest last: "Empty: mike checks to Anvil Drizzle".
     */
    public static List<String> of(Call call) {
        var words = new WhenItChanges(call);
        Stream<Answer> checks = call.checks().stream().map(c -> new Answer(words.decided(c.when()), words.checks(c)));
        Stream<Answer> motion = Stream.concat(call.motion().stream(), Stream.of(MotionAnswer.BUMP))
                .map(m -> new Answer(words.decided(m.when()), words.answers(m)));
        return Stream.of(checks, motion)
                .flatMap(answers -> spoken(answers.toList()).stream())
                .map(WhenItChanges::line)
                .toList();
    }

    /**
     * What was done about the picture in this phase: the check made in it, or the answer to its motion; none when the
     * call lines up as it is written.
     */
    public static Optional<String> done(Lineup lineup) {
        Lineup before = lineup.before().orElse(null);
        CallCheck check = lineup.check();
        if (check != null && (before == null || !check.equals(before.check()))) {
            var words = new WhenItChanges(lineup.asked());
            return Optional.of(words.because(check.when(), words.checks(check)));
        }
        MotionAnswer answer = lineup.answer();
        if (before == null || answer == null) {
            return Optional.empty();
        }
        var words = new WhenItChanges(before.inForce());
        return Optional.of(words.because(answer.when(), words.answers(answer)));
    }

    private String because(Condition when, String then) {
        Condition asked = decided(when);
        return asked.equals(ALWAYS) ? then : then + " (" + said(asked) + ")";
    }

    /** The first that holds answers: one whose every case has been answered before never speaks. */
    private static List<Answer> spoken(List<Answer> answers) {
        var spoken = new ArrayList<Answer>();
        for (Answer answer : answers) {
            Clauses when = Clauses.of(answer.when());
            boolean before = spoken.stream().anyMatch(earlier -> when.within(Clauses.of(earlier.when())));
            if (!before && !answer.when().equals(NEVER)) {
                spoken.add(answer);
            }
        }
        return spoken;
    }

    private static String line(Answer answer) {
        String when = answer.when().equals(ALWAYS) ? "Anything else" : Said.capital(said(answer.when()));
        return when + ": " + answer.then();
    }

    private String checks(CallCheck check) {
        return call.front().role(check.maker()).map(Role::words).orElse(check.maker()) + " checks to "
                + call.checked(check.call()).name();
    }

    private String answers(MotionAnswer answer) {
        return switch (answer.kind()) {
            case BUMP -> "bump, each man keeps his seat and reads his rules again";
            case RESEAT ->
                men(answer.roles()) + (alone(answer.roles()) ? " takes his side anew" : " take their sides anew");
            case TRAVEL -> men(answer.roles()) + (alone(answer.roles()) ? " travels" : " travel") + " with it";
            case ROTATE -> "the safeties rotate";
            case CHECK -> "check to " + call.checked(answer.roles().get(0)).name();
            case STAY -> "stay as lined up";
        };
    }

    private boolean alone(List<String> roles) {
        return roles.size() == 1
                && call.front()
                        .role(roles.get(0))
                        .filter(r -> r.sits() == Sits.EACH_SIDE)
                        .isEmpty();
    }

    /** The few who are named, or the few who are not. */
    private String men(List<String> roles) {
        List<Role> named = call.front().roles().stream()
                .filter(r -> roles.contains(r.id()))
                .toList();
        List<Role> others = call.front().roles().stream()
                .filter(r -> !roles.contains(r.id()))
                .toList();
        if (others.isEmpty()) {
            return "all";
        }
        return others.size() * 2 < named.size() ? "all but " + names(others) : names(named);
    }

    private static String names(List<Role> roles) {
        return Said.and(roles.stream()
                .map(r -> r.sits() == Sits.EACH_SIDE ? "the " + r.words() + "s" : r.words())
                .toList());
    }

    /** The condition with what the house says put in its place. */
    private Condition decided(Condition condition) {
        if (condition instanceof Condition.House asked) {
            return house.choice(asked.setting()).equals(asked.choice()) ? ALWAYS : NEVER;
        }
        if (condition instanceof Condition.Not not) {
            Condition inner = decided(not.inner());
            return inner.equals(ALWAYS) ? NEVER : inner.equals(NEVER) ? ALWAYS : new Condition.Not(inner);
        }
        if (condition instanceof Condition.And and) {
            return joined(decided(and.first()), decided(and.second()), ALWAYS, NEVER, true);
        }
        if (condition instanceof Condition.Or or) {
            return joined(decided(or.first()), decided(or.second()), NEVER, ALWAYS, false);
        }
        return condition;
    }

    /**
     * @param nothing what says nothing beside another
     * @param all what decides whatever the other says
     */
    private static Condition joined(Condition first, Condition second, Condition nothing, Condition all, boolean and) {
        if (first.equals(all) || second.equals(all)) {
            return all;
        }
        if (first.equals(nothing) || second.equals(nothing)) {
            return first.equals(nothing) ? second : first;
        }
        return and ? new Condition.And(first, second) : new Condition.Or(first, second);
    }

    private static String said(Condition condition) {
        if (condition instanceof Condition.And and) {
            return part(and.first()) + " and " + part(and.second());
        }
        if (condition instanceof Condition.Or) {
            List<String> each =
                    alternatives(condition).stream().map(WhenItChanges::said).toList();
            return String.join(", ", each.subList(0, each.size() - 1)) + " or " + each.get(each.size() - 1);
        }
        if (condition instanceof Condition.Not not) {
            return COVER.equals(not.inner()) ? "call side and cover side differ" : "not " + part(not.inner());
        }
        if (condition.equals(COVER)) {
            return "call side and cover side are one";
        }
        if (condition instanceof Condition.Has has && has.feature() == Feature.MOTION_TRADE) {
            return "an end who trades";
        }
        return condition
                .words()
                .replace(" on cover side", " on the cover side")
                .replace(" on call side", " on the call side");
    }

    /** Inside another one choice among several is told as one. */
    private static String part(Condition condition) {
        return condition instanceof Condition.Or ? "either " + said(condition) : said(condition);
    }

    private static List<Condition> alternatives(Condition condition) {
        if (!(condition instanceof Condition.Or or)) {
            return List.of(condition);
        }
        var all = new ArrayList<>(alternatives(or.first()));
        all.addAll(alternatives(or.second()));
        return all;
    }
}
