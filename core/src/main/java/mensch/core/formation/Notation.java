package mensch.core.formation;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mensch.core.document.RefusedException;
import mensch.core.field.BallSpot;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.field.Mark;
import mensch.core.field.Situation;
import mensch.core.formation.Man.Post;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;

/**
 * A snap in one line: men as {@code NAMEx/depth} (yards; depth behind the line, {@value #LINE_DEPTH} when left out),
 * {@code ol2} for five linemen at two-foot splits ({@code ol2r}: unbalanced, the left tackle stands outside the right
 * one), then {@code | code hash yardsToGoal down&distance}. Hash is l, m, r, signed yards from the middle (+ to the
 * offence's right) or ? when nobody knows. Example: {@code ol2 TE4 SE-15 FL14/1.5 QB0/1 FB0/4 TB0/7 | hs m 50 1&10}.
 */
public final class Notation {
    static final double LINE_DEPTH = 0.5;
    /** A figure is written to the hundredth. */
    private static final double NEAR = 0.01;

    private static final Pattern MAN = Pattern.compile("([A-Z]+)(-?\\d+(?:\\.\\d+)?)(?:/(\\d+(?:\\.\\d+)?))?");
    private static final Pattern LINE = Pattern.compile("ol(\\d+(?:\\.\\d+)?)([lr])?");
    private static final String[] LINE_NAMES = {"LT", "LG", "C", "RG", "RT"};

    private Notation() {}

    /**
     * A whole snap with its spot; a spot left out is high school, middle, 50, 1&amp;10.
     *
     * @throws RefusedException naming the word that cannot be read and what was expected
     */
    public static Snap snap(String line) {
        String[] halves = line.split("\\|", 2);
        Formation formation = formation(halves[0].trim(), halves[0]);
        return place(formation, halves.length == 2 ? halves[1] : "hs m 50 1&10");
    }

    /** A formation put on a spot written {@code code hash yardsToGoal down&distance}. */
    public static Snap place(Formation formation, String spot) {
        return Snap.of(List.of(formation), field(spot), situation(words(spot)[3]), Side.RIGHT);
    }

    /** The field of a spot, with the ball on it. */
    public static Field field(String spot) {
        String[] words = words(spot);
        Code code = Code.written(words[0]);
        return new Field(code, ball(words[1], code, whole(words[2], "yards to goal")));
    }

    private static String[] words(String spot) {
        String[] words = spot.trim().split("\\s+");
        if (words.length != 4) {
            throw new RefusedException("the spot \"" + spot.trim()
                    + "\" needs four words, as in \"hs m 50 1&10\": code, hash, yards to goal, down&distance");
        }
        return words;
    }

    /** Men only. */
    public static Formation formation(String name, String text) {
        var men = new ArrayList<Man>();
        for (String word : text.trim().split("\\s+")) {
            Matcher line = LINE.matcher(word);
            if (line.matches()) {
                men.addAll(linemen(Double.parseDouble(line.group(1)), line.group(2)));
            } else {
                men.add(man(word));
            }
        }
        return new Formation(name, men);
    }

    /** The men named in a motion step, to stand elsewhere: {@code FL6/1.5}. */
    public static Formation step(Formation formation, String text) {
        List<Man> moved = formation("step", text).men();
        for (Man man : moved) {
            if (formation.man(man.name()) == null) {
                throw new RefusedException("the motion moves " + man.name() + ", but " + formation.name()
                        + " has no such man; it has "
                        + String.join(
                                ", ", formation.men().stream().map(Man::name).toList()));
            }
        }
        return formation.with(moved);
    }

    private static List<Man> linemen(double splitFeet, String over) {
        double apart = (2 + splitFeet) / 3;
        Post[] posts = {Post.TACKLE, Post.GUARD, Post.CENTRE, Post.GUARD, Post.TACKLE};
        var men = new ArrayList<Man>();
        for (int i = 0; i < LINE_NAMES.length; i++) {
            int place = i == 0 && "r".equals(over) ? 3 : i == LINE_NAMES.length - 1 && "l".equals(over) ? -3 : i - 2;
            men.add(new Man(LINE_NAMES[i], posts[i], new Point(place * apart, -LINE_DEPTH)));
        }
        return men;
    }

    private static Man man(String word) {
        Matcher m = MAN.matcher(word);
        if (!m.matches()) {
            throw new RefusedException("\"" + word
                    + "\" cannot be read; a man is written NAMEx/depth, as in FL14/1.5, and the line as ol2");
        }
        double depth = m.group(3) == null ? LINE_DEPTH : Double.parseDouble(m.group(3));
        return new Man(m.group(1), post(m.group(1)), new Point(Double.parseDouble(m.group(2)), -depth));
    }

    private static Post post(String name) {
        return switch (name) {
            case "QB" -> Post.QUARTERBACK;
            case "C" -> Post.CENTRE;
            case "LG", "RG" -> Post.GUARD;
            case "LT", "RT" -> Post.TACKLE;
            default -> Post.ELIGIBLE;
        };
    }

    private static BallSpot ball(String word, Code code, int yardsToGoal) {
        Field middle = new Field(code, BallSpot.middle(50));
        return switch (word) {
            case "l" -> new BallSpot(middle.x(Mark.HASH, Side.LEFT, 0), true, yardsToGoal);
            case "m" -> BallSpot.middle(yardsToGoal);
            case "r" -> new BallSpot(middle.x(Mark.HASH, Side.RIGHT, 0), true, yardsToGoal);
            case "?" -> new BallSpot(0, false, yardsToGoal);
            default ->
                new BallSpot(number(word, "hash (l, m, r, ? or signed yards from the middle)"), true, yardsToGoal);
        };
    }

    private static Situation situation(String word) {
        String[] parts = word.split("&");
        if (parts.length != 2) {
            throw new RefusedException("\"" + word + "\" is no down and distance; write it as 2&7");
        }
        return new Situation(whole(parts[0], "down"), whole(parts[1], "distance"));
    }

    private static int whole(String word, String what) {
        try {
            return Integer.parseInt(word);
        } catch (NumberFormatException e) {
            throw new RefusedException("\"" + word + "\" is no " + what + "; a whole number is needed");
        }
    }

    private static double number(String word, String what) {
        try {
            return Double.parseDouble(word);
        } catch (NumberFormatException e) {
            throw new RefusedException("\"" + word + "\" is no " + what);
        }
    }

    /** The last phase of a snap as one line; reads back to the same snap to the hundredth of a yard. */
    public static String print(Snap snap) {
        return print(snap.formation()) + " | " + spot(snap);
    }

    /** The men of a formation: the line in one word where it stands as one, else man by man. */
    public static String print(Formation formation) {
        Optional<String> line = line(formation);
        Stream<String> men = formation.men().stream()
                .filter(man -> line.isEmpty() || !man.interior())
                .map(man -> man.name()
                        + yards(man.x())
                        + (yards(man.depth()).equals(yards(LINE_DEPTH)) ? "" : "/" + yards(man.depth())));
        return Stream.concat(line.stream(), men).collect(Collectors.joining(" "));
    }

    /** The word for the five linemen, if there is one that reads back to where they stand. */
    private static Optional<String> line(Formation formation) {
        Man guard = formation.man("RG");
        if (guard == null) {
            return Optional.empty();
        }
        String split = yards(guard.x() * 3 - 2);
        List<Man> line = formation.men().stream().filter(Man::interior).toList();
        return Stream.of("", "r", "l")
                .map(over -> "ol" + split + over)
                .filter(word -> LINE.matcher(word).matches())
                .filter(word -> same(formation("line", word).men(), line))
                .findFirst();
    }

    private static boolean same(List<Man> these, List<Man> those) {
        return these.size() == those.size()
                && IntStream.range(0, these.size())
                        .allMatch(i -> these.get(i).name().equals(those.get(i).name())
                                && these.get(i).feet().distance(those.get(i).feet()) < NEAR);
    }

    /** The half after the bar. */
    public static String spot(Snap snap) {
        BallSpot ball = snap.field().ball();
        return snap.field().code().id() + " " + (ball.lateralKnown() ? hash(snap.field()) : "?") + " "
                + ball.yardsToGoal() + " " + snap.situation().words();
    }

    private static String hash(Field field) {
        double lateral = field.ball().lateralYards();
        double hash = field.code().widthYards() / 2 - field.code().hashYards();
        if (lateral == 0) {
            return "m";
        }
        return Math.abs(Math.abs(lateral) - hash) < 1e-6 ? lateral < 0 ? "l" : "r" : yards(lateral);
    }

    private static String yards(double value) {
        return BigDecimal.valueOf(value)
                .setScale(2, RoundingMode.HALF_UP)
                .stripTrailingZeros()
                .toPlainString();
    }
}
