package mensch.app.film;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import mensch.app.problem.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Cuts as a table, and as cues of WebVTT (W3C), which every player shows beside the film. */
final class CutTable {
    private static final CSVFormat FORMAT = CSVFormat.RFC4180
            .builder()
            .setHeader("play", "what", "man", "from", "to")
            .setSkipHeaderRecord(true)
            .setTrim(true)
            .setIgnoreEmptyLines(true)
            .get();
    private static final String CUES = "WEBVTT";
    private static final Pattern CUE = Pattern.compile("play (\\d{1,4}), ([a-z ]+?)(?:, ([\\w-]+))?");
    private static final Pattern TIMES = Pattern.compile(
            "(?:(\\d+):)?(\\d\\d):(\\d\\d\\.\\d{3})[ \\t]+-->[ \\t]+" + "(?:(\\d+):)?(\\d\\d):(\\d\\d\\.\\d{3}).*");

    private CutTable() {}

    static String csv(List<Cut> cuts) {
        var out = new StringBuilder();
        try (var csv =
                new CSVPrinter(out, FORMAT.builder().setSkipHeaderRecord(false).get())) {
            for (Cut cut : cuts) {
                csv.printRecord(
                        cut.play(),
                        cut.what(),
                        cut.man(),
                        seconds(cut.from()),
                        cut.to() == null ? null : seconds(cut.to()));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    private static String seconds(double seconds) {
        return String.format(Locale.ROOT, "%.6f", seconds);
    }

    /** @param lasts how long a moment is shown, seconds */
    static String vtt(List<Cut> cuts, double lasts) {
        var out = new StringBuilder(CUES).append("\n");
        for (Cut cut : cuts) {
            double to = cut.to() == null ? cut.from() + lasts : cut.to();
            String name = "play " + cut.play() + ", " + cut.what() + (cut.man() == null ? "" : ", " + cut.man());
            out.append("\n").append(name).append("\n");
            out.append(clock(cut.from())).append(" --> ").append(clock(to)).append("\n");
            out.append(name).append("\n");
        }
        return out.toString();
    }

    private static String clock(double seconds) {
        long millis = Math.round(1000 * seconds);
        return String.format(
                Locale.ROOT,
                "%02d:%02d:%02d.%03d",
                millis / 3_600_000,
                millis / 60_000 % 60,
                millis / 1000 % 60,
                millis % 1000);
    }

    /** @throws Problem when a line of it cannot be read; the message says which, and what is asked */
    static List<Cut> read(String text) {
        String words = text.startsWith("\ufeff") ? text.substring(1) : text;
        return words.startsWith(CUES) ? cues(words) : rows(words);
    }

    private static List<Cut> rows(String text) {
        var cuts = new ArrayList<Cut>();
        try (CSVParser rows = CSVParser.parse(text, FORMAT)) {
            for (CSVRecord row : rows) {
                cuts.add(row(row));
            }
        } catch (IOException | UncheckedIOException e) {
            throw unread("the table", "it is no comma-separated table: " + e.getMessage());
        }
        return cuts;
    }

    private static Cut row(CSVRecord row) {
        String where = "row " + (row.getRecordNumber() + 1);
        if (!row.isConsistent()) {
            throw unread(where, "it has " + row.size() + " cells; there are five: play, what, man, from, to");
        }
        try {
            return new Cut(
                    Integer.parseInt(row.get("play")),
                    row.get("what"),
                    row.get("man").isEmpty() ? null : row.get("man"),
                    Double.parseDouble(row.get("from")),
                    row.get("to").isEmpty() ? null : Double.valueOf(row.get("to")));
        } catch (NumberFormatException e) {
            throw unread(where, "play is a number, from and to are seconds of the film such as 12.48");
        }
    }

    private static List<Cut> cues(String text) {
        var cuts = new ArrayList<Cut>();
        for (String block : text.replace("\r\n", "\n").split("\n{2,}")) {
            String[] lines = block.strip().split("\n");
            // a head, a note, a style; cues of somebody else have no such name
            if (lines.length >= 2 && TIMES.matcher(lines[1]).matches()) {
                cuts.add(cue(lines[0], lines[1]));
            }
        }
        return cuts;
    }

    private static Cut cue(String name, String line) {
        Matcher cue = CUE.matcher(name.strip());
        Matcher times = TIMES.matcher(line);
        if (!cue.matches() || !times.matches()) {
            throw unread(
                    "the cue \"" + name + "\"", "a cue is called such as \"play 3, cut\" or \"play 3, contact, mike\"");
        }
        double from = at(times, 1);
        return new Cut(
                Integer.parseInt(cue.group(1)),
                cue.group(2),
                cue.group(3),
                from,
                cue.group(2).equals(Cut.CUT) ? Double.valueOf(at(times, 4)) : null);
    }

    private static double at(Matcher times, int group) {
        int hours = times.group(group) == null ? 0 : Integer.parseInt(times.group(group));
        return 3600.0 * hours
                + 60 * Integer.parseInt(times.group(group + 1))
                + Double.parseDouble(times.group(group + 2));
    }

    private static Problem unread(String where, String why) {
        return Problem.refused("cuts-unreadable", where + " cannot be read: " + why);
    }
}
