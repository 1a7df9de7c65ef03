package mensch.core.sheet;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import mensch.core.audit.Said;
import mensch.core.convention.RouteLimits;
import mensch.core.play.Delivery.Launch;
import mensch.core.play.Pass;
import mensch.core.play.Protection;
import mensch.core.play.Run;
import mensch.core.play.RunPass;
import mensch.core.play.Who;
import mensch.core.rung.Where;

/**
 * What a play of theirs is in the trade's words, read from what it is made of.
 *
 * @param family plays of one kind stand together: "Quick game", "To the C gap"
 * @param words for a line beside its name: "to the C gap by the deepest back; two pull"
 */
public record PlayInWords(String family, String words) {
    public static PlayInWords of(Run run) {
        String to = run.point() == Run.OUTSIDE ? "outside everybody" : "to the " + run.point() + " gap";
        List<String> words = new ArrayList<>();
        words.add(to + " by "
                + run.ball().carriers().stream().map(PlayInWords::said).collect(Collectors.joining(" or ")));
        long pull = run.told().stream().filter(t -> t.block().pulls()).count();
        if (pull > 0) {
            words.add(Said.count((int) pull) + (pull == 1 ? " pulls" : " pull"));
        }
        if (run.ball().first() == Run.First.PASS) {
            words.add("begins as a pass");
        }
        String family = run.option() ? "Options" : Said.capital(to);
        return new PlayInWords(family, String.join("; ", words));
    }

    /** @param clock when a throw is quick, by what is in force */
    public static PlayInWords of(Pass pass, RouteLimits.Clock clock) {
        String thrown = String.format(Locale.ROOT, "thrown after %.1f s", pass.throwSeconds());
        return new PlayInWords(
                family(pass, clock), pass.attacks() == null ? thrown : "attacks " + pass.attacks() + "; " + thrown);
    }

    private static String family(Pass pass, RouteLimits.Clock clock) {
        if (!pass.delivery().screen().isEmpty() || thrownBehindTheLine(pass)) {
            return "Screens";
        }
        if (pass.delivery().launch() != Launch.SET) {
            return "Boots and sprint-outs";
        }
        if (pass.delivery().fake() != null) {
            return "Play action";
        }
        return pass.throwSeconds() <= clock.quick() ? "Quick game" : "Dropback";
    }

    private static boolean thrownBehindTheLine(Pass pass) {
        return !pass.told().isEmpty()
                && pass.told().stream().allMatch(t -> t.route().breaksBehindTheLine());
    }

    public static PlayInWords of(RunPass option) {
        String who = option.reads() == RunPass.Read.BACKER
                ? "inside backer"
                : option.reads().words();
        String where = option.on() == Where.OTHER ? " away from the play" : " to the play side";
        return new PlayInWords("With " + option.run().name(), "reads the " + who + where);
    }

    public static PlayInWords of(Protection protection) {
        List<String> stay = new ArrayList<>();
        if (protection.back()) {
            stay.add(Protection.Stays.BACK.words());
        }
        if (protection.end()) {
            stay.add(Protection.Stays.END.words());
        }
        if (protection.second()) {
            stay.add(Protection.Stays.SECOND.words());
        }
        String others = stay.isEmpty()
                ? "nobody else stays in"
                : Said.and(stay) + (stay.size() == 1 ? " stays in" : " stay in");
        return new PlayInWords(
                Said.capital(Said.count(protection.men())) + " protect",
                protection.scheme().words() + "; " + others);
    }

    private static String said(Who who) {
        return who.words().startsWith("#") ? Who.said(who.words()) : "the " + Who.said(who.words());
    }
}
