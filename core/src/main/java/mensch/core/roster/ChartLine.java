package mensch.core.roster;

import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;
import mensch.core.document.RefusedException;

/**
 * Who plays a role, first choice first. A role with a man on each side takes the first two.
 *
 * @param role role of any front that has it
 * @param personnel offensive personnel this line is for, as {@code 22}; empty: any for which there is no line of its
 *     own
 * @param players player ids
 */
public record ChartLine(String role, Set<String> personnel, List<String> players) {
    private static final Pattern PERSONNEL = Pattern.compile("[0-3][0-3]");

    public ChartLine {
        personnel = Set.copyOf(personnel);
        players = List.copyOf(players);
        for (String one : personnel) {
            if (!PERSONNEL.matcher(one).matches()) {
                throw new RefusedException(
                        "\"" + one + "\" is no personnel; write backs then ends, up to three of each, as in 21");
            }
        }
    }
}
