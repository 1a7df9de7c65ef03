package mensch.core.audit;

import java.util.EnumMap;
import java.util.Map;
import java.util.stream.Collectors;
import mensch.core.lineup.GapLedger;

/** What was counted where nothing is found. */
public record Sound(String title, String reason) implements Evidence {
    @Override
    public About about() {
        return About.of("holds");
    }

    /** Rules that nobody can answer for this subject, and what is missing. */
    static Map<Rule, String> missing(Subject subject) {
        var missing = new EnumMap<Rule, String>(Rule.class);
        if (subject.lineup().flag()) {
            Audit.notOfSmallSided().forEach(rule -> missing.put(rule, "not asked of small-sided football"));
        }
        Unknowns.of(subject.lineup()).forEach(missing::putIfAbsent);
        Audit.ids()
                .forEach(id -> id.needs().stream()
                        .filter(need -> !need.met(subject))
                        .forEach(need -> missing.putIfAbsent(id.rule(), need.missing())));
        return missing;
    }

    static Sound of(Rule rule, Subject subject) {
        return new Sound(rule.title() + ".", counted(rule, subject));
    }

    private static String counted(Rule rule, Subject subject) {
        return switch (rule) {
            case JOBS -> subject.lineup().jobs().size() + " jobs, each with its nine parts.";
            case GAPS -> gaps(subject.gaps());
            case EDGE -> edges(subject.gaps());
            case COUNT ->
                subject.box().box().size() + " in the box, "
                        + subject.box().support().size() + " with the force men near it; "
                        + subject.runs().size() + " runs looked at.";
            case COVERAGE ->
                subject.eligibles().entries().size() + " eligible men, "
                        + subject.areas().rows().size() + " areas; "
                        + subject.passes().size() + " pass concepts looked at.";
            case LEVERAGE -> "No man stands away from his help.";
            case CONFLICT -> subject.conflicts().size() + " options looked at; nobody is asked two things at one time.";
            case PRESSURE ->
                subject.rush().rushers().size() + " rush; "
                        + subject.protections().size() + " protections looked at.";
            case KEYS -> "Every back and end is somebody's key, and nobody stands before one.";
            case LEGALITY -> subject.lineup().jobs().size() + " men, nobody in the neutral zone or out of bounds.";
            case TELLS -> "Looks like " + subject.plan().size() + " other calls of the plan.";
            case LOAD -> "No role has more to know than the limit.";
        };
    }

    private static String gaps(GapLedger gaps) {
        long alone = gaps.rows().stream().filter(r -> r.owners().size() == 1).count();
        return gaps.rows().size() + " gaps, " + alone + " with an owner of their own.";
    }

    private static String edges(GapLedger gaps) {
        return gaps.edges().stream()
                .map(e -> e.forces().get(0).words() + " on the " + e.side().words())
                .collect(Collectors.joining(", ", "", "."));
    }
}
