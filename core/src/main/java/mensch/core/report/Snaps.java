package mensch.core.report;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * How many plays a man was on the field for.
 *
 * @param of plays of the games he played in, of which it is known who played
 * @param games in which he played, in the order they were given
 */
public record Snaps(int plays, int of, List<PlayedIn> games) {

    /**
     * In one game.
     *
     * @param plays that he was on the field for
     * @param runs of them; what is neither a run nor a pass is not known
     */
    public record PlayedIn(String opponent, List<OnPlay> plays, int of, int runs, int passes) {}

    /**
     * Who was on the field on a play.
     *
     * @param men by key
     */
    public record OnField(Occasion on, Set<String> men) {
        public OnField {
            men = Set.copyOf(men);
        }
    }

    /** Of everybody who was on the field. */
    public static Map<String, Snaps> all(List<OnField> field) {
        return field.stream()
                .flatMap(f -> f.men().stream())
                .distinct()
                .collect(Collectors.toMap(man -> man, man -> of(man, field)));
    }

    static Snaps of(String man, List<OnField> field) {
        Map<Long, List<OnField>> games = field.stream()
                .collect(Collectors.groupingBy(f -> f.on().at().game(), LinkedHashMap::new, Collectors.toList()));
        List<PlayedIn> played = games.values().stream()
                .map(game -> inGame(man, game))
                .filter(g -> !g.plays().isEmpty())
                .toList();
        return new Snaps(
                played.stream().mapToInt(g -> g.plays().size()).sum(),
                played.stream().mapToInt(PlayedIn::of).sum(),
                played);
    }

    private static PlayedIn inGame(String man, List<OnField> game) {
        List<Occasion> his = game.stream()
                .filter(f -> f.men().contains(man))
                .map(OnField::on)
                .toList();
        return new PlayedIn(
                game.get(0).on().at().opponent(),
                his.stream().map(Occasion::at).toList(),
                game.size(),
                (int) his.stream().filter(o -> Boolean.FALSE.equals(o.pass())).count(),
                (int) his.stream().filter(o -> Boolean.TRUE.equals(o.pass())).count());
    }
}
