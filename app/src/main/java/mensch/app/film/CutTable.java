package mensch.app.film;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.DoubleStream;
import mensch.app.problem.Problem;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Cuts as a table, and as cues of WebVTT (W3C), which every player shows beside the film. */
final class CutTable {
    private static final String[] HEAD = {"play", "what", "man", "from", "to"};
    private static final CSVFormat ROWS =
            CSVFormat.RFC4180.builder().setTrim(true).setIgnoreEmptyLines(true).get();
    private static final String CUES = "WEBVTT";
    private static final String ARROW = "-->";
    private static final Pattern CUE = Pattern.compile("play (\\d{1,4}), ([a-z ]+?)(?:, ([\\w-]+))?");
    private static final String CLOCK = "(?:(\\d+):)?(\\d\\d):(\\d\\d\\.\\d{3})";
    private static final Pattern TIMES = Pattern.compile(CLOCK + "[ \\t]+" + ARROW + "[ \\t]+" + CLOCK + ".*");

    private CutTable() {}

    static String csv(List<Cut> cuts) {
        var out = new StringBuilder();
        try (var csv = new CSVPrinter(out, ROWS)) {
            csv.printRecord((Object[]) HEAD);
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

    /**
     * Cues in the order of time, as the format asks. A moment is shown as long as its frame, a cut whose end nobody
     * marked until the next begins.
     *
     * @param times of the film's frames, seconds
     */
    static String vtt(List<Cut> cuts, List<Double> times) {
        var out = new StringBuilder(CUES).append("\n");
        cuts.stream().sorted(Comparator.comparingDouble(Cut::from)).forEach(cut -> {
            String name = "play " + cut.play() + ", " + cut.what() + (cut.man() == null ? "" : ", " + cut.man());
            out.append("\n").append(name).append("\n");
            out.append(clock(cut.from()))
                    .append(" --> ")
                    .append(clock(until(cut, cuts, times)))
                    .append("\n");
            out.append(name).append("\n");
        });
        return out.toString();
    }

    private static double until(Cut cut, List<Cut> cuts, List<Double> times) {
        if (cut.to() != null) {
            return cut.to();
        }
        DoubleStream ends = cut.what().equals(Cut.OPEN_CUT)
                ? cuts.stream()
                        .filter(c -> c.what().equals(Cut.CUT) || c.what().equals(Cut.OPEN_CUT))
                        .mapToDouble(Cut::from)
                : times.stream().mapToDouble(Double::doubleValue);
        double end = times.get(times.size() - 1);
        double last = times.size() < 2 ? 1 : end - times.get(times.size() - 2);
        return ends.filter(t -> t > cut.from()).min().orElse(end + last);
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
        List<Cut> cuts = words.startsWith(CUES) ? cues(words) : rows(words);
        if (cuts.isEmpty()) {
            throw unread("the file", "there is no cut in it");
        }
        return cuts;
    }

    private static List<Cut> rows(String text) {
        try (CSVParser rows = CSVParser.parse(text, ROWS)) {
            List<CSVRecord> records = rows.getRecords();
            if (records.isEmpty() || !List.of(HEAD).equals(records.get(0).toList())) {
                throw unread("row 1", "it names the columns: " + String.join(",", HEAD));
            }
            return records.stream().skip(1).map(CutTable::row).toList();
        } catch (IOException | UncheckedIOException e) {
            throw unread("the table", "it is no comma-separated table with its text in double quotes");
        }
    }

    private static Cut row(CSVRecord row) {
        String where = "row " + row.getRecordNumber();
        if (row.size() != HEAD.length) {
            throw unread(
                    where,
                    "it has " + row.size() + " cells; there are " + HEAD.length + ": " + String.join(", ", HEAD));
        }
        try {
            return new Cut(
                    Integer.parseInt(row.get(0)),
                    row.get(1),
                    row.get(2).isEmpty() ? null : row.get(2),
                    Double.parseDouble(row.get(3)),
                    row.get(4).isEmpty() ? null : Double.valueOf(row.get(4)));
        } catch (NumberFormatException e) {
            throw unread(where, "play is a number, from and to are seconds of the film such as 12.48");
        }
    }

    /** Blocks with a time are cues; others are a head, a note or a style. */
    private static List<Cut> cues(String text) {
        var cuts = new ArrayList<Cut>();
        for (String block : text.replace("\r\n", "\n").split("\n{2,}")) {
            String[] lines = block.strip().split("\n");
            if (lines[0].contains(ARROW)) {
                throw unread("the cue at " + lines[0], "it has no name");
            }
            if (lines.length > 1 && lines[1].contains(ARROW)) {
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
        return new Cut(
                Integer.parseInt(cue.group(1)),
                cue.group(2),
                cue.group(3),
                at(times, 1),
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
