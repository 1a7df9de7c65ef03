package mensch.app.report;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mensch.app.grading.Correction;
import mensch.app.grading.RepRow;
import mensch.app.problem.Problem;
import mensch.app.report.Reports.Corrected;
import mensch.app.report.Reports.GradedMan;
import mensch.app.report.Reports.ManPage;
import mensch.app.report.Reports.PlayOfMan;
import mensch.app.report.Reports.Row;
import mensch.app.report.Reports.UnitPage;
import mensch.core.grading.FacetMark;
import mensch.core.grading.Flag;
import mensch.core.report.Clip;
import mensch.core.report.Explosive;
import mensch.core.report.OnPlay;
import mensch.core.report.SeenFault;
import mensch.core.report.Snaps;
import mensch.core.report.Tallied;
import mensch.core.report.Unit;
import mensch.core.rubric.Facet;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Reports to take along: on paper, and as a table that every spreadsheet opens. */
@Service
class Sheets {
    private static final String CAUTION =
            "Drills with contact hurt when they are done wrong: local rules and the governing body"
                    + " say what is allowed, and licensed medical staff decide who takes part.";
    private static final String FORMULA = "=+-@\t\r";

    private final Reports reports;
    private final Clock clock;

    Sheets(Reports reports, Clock clock) {
        this.reports = reports;
        this.clock = clock;
    }

    private Paper paper(String title, String whose) {
        return new Paper(title, title + " \u00b7 " + LocalDate.now(clock) + " \u00b7 " + whose);
    }

    /** What he is to be shown and told, on a page or two. */
    byte[] man(String man) {
        ManPage page = reports.man(man).abroad();
        Paper paper = paper(page.who().said(), "for his coaches and him alone");
        paper.line(String.join(", ", page.who().seats()) + ": " + page.sheet().plays() + " plays graded"
                + after(", ", page.sheet().ended())
                + after("; ", page.sheet().score().words())
                + ". Of the reps graded, not a season's rate.");
        page.sheet().snaps().games().forEach(g -> paper.line(snaps(g)));
        corrections(paper, page.corrections());
        paper.heading("Facet by facet").table(facetHead(), facets(page.sheet().facets()));
        page.sheet().against().stream()
                .filter(a -> !a.ended().isEmpty())
                .forEach(a -> paper.line((a.unit() == null
                                ? "their unit not said"
                                : "against " + a.unit().words()) + ", " + a.plays() + " plays: " + a.ended()));
        faults(paper, page.sheet().faults(), Map.of());
        clips(paper, "Best plays", page.sheet().best(), Map.of());
        clips(paper, "Worst plays", page.sheet().worst(), Map.of());
        return paper.bytes();
    }

    private static String snaps(Snaps.PlayedIn game) {
        return "against " + game.opponent() + ": on the field for "
                + game.plays().size() + " of " + game.of() + " plays, " + game.runs() + " runs and " + game.passes()
                + " passes";
    }

    byte[] unit(Unit unit) {
        UnitPage page = reports.unitAbroad(unit);
        Map<String, String> names = page.names();
        Paper paper = paper(
                "Grades of " + (unit == Unit.ALL ? "the whole defence" : "the " + unit.words()),
                "for the coaches alone");
        paper.line(page.sheet().reps() + " reps on " + page.sheet().plays()
                + " plays. Of the reps graded, not a season's rate.");
        paper.heading("Facet by facet").table(facetHead(), facets(page.sheet().facets()));
        faults(paper, page.sheet().faults(), names);
        if (!page.sheet().explosives().isEmpty()) {
            paper.heading("Explosive plays");
            page.sheet().explosives().forEach(e -> paper.line(explosive(e, names)));
        }
        clips(paper, "Best plays", page.sheet().best(), names);
        clips(paper, "Worst plays", page.sheet().worst(), names);
        paper.heading("Men")
                .table(
                        List.of("Man", "Seats", "Plays", "Score", "Below standard"),
                        page.men().stream().map(Sheets::man).toList());
        return paper.bytes();
    }

    private static String after(String sign, String words) {
        return words.isEmpty() ? "" : sign + words;
    }

    private static void corrections(Paper paper, List<Corrected> corrections) {
        if (corrections.isEmpty()) {
            return;
        }
        paper.heading("Corrections");
        for (Corrected one : corrections) {
            Correction c = one.correction();
            paper.line(said(one.at()) + ":");
            Stream.of(
                            part("what was good", c.good()),
                            part("what the first wrong moment led to", c.ledTo()),
                            part("what to do instead", c.instead()),
                            part("drill", c.drill()))
                    .filter(p -> !p.isEmpty())
                    .forEach(paper::line);
        }
        if (corrections.stream().anyMatch(c -> c.correction().drill() != null)) {
            paper.line(CAUTION);
        }
    }

    private static String part(String name, @Nullable String words) {
        return words == null || words.isBlank() ? "" : "    " + name + ": " + words;
    }

    private static List<String> facetHead() {
        return List.of("Facet", "To standard or above", "Below", "Not counted");
    }

    private static List<List<String>> facets(List<Tallied> facets) {
        return facets.stream()
                .map(f -> List.of(
                        f.topic().what(),
                        f.done() + " of " + f.told() + (f.percent() == null ? "" : " (" + f.percent() + " %)"),
                        String.valueOf(f.told() - f.done()),
                        Stream.of(
                                        count(f.notSeen(), "not told"),
                                        count(f.notAgreed(), "not agreed"),
                                        count(f.ofTheCall(), "of the call"))
                                .filter(w -> !w.isEmpty())
                                .collect(Collectors.joining(", "))))
                .toList();
    }

    private static String count(int n, String words) {
        return n == 0 ? "" : n + " " + words;
    }

    private static void faults(Paper paper, List<SeenFault> faults, Map<String, String> names) {
        if (faults.isEmpty()) {
            return;
        }
        var head = new ArrayList<>(List.of("Fault", "Seen", "Leads to", "On plays"));
        boolean men = !names.isEmpty();
        if (men) {
            head.add("By");
        }
        paper.heading("Faults, the most frequent first")
                .table(
                        head,
                        faults.stream()
                                .map(f -> {
                                    var row = new ArrayList<>(List.of(
                                            f.name(),
                                            f.below() + " of " + f.told() + (f.learnt() ? ", learnt" : ""),
                                            f.leadsTo(),
                                            on(f.plays())));
                                    if (men) {
                                        row.add(f.men().stream()
                                                .map(m -> names.getOrDefault(m.man(), m.man()) + " " + m.below())
                                                .collect(Collectors.joining(", ")));
                                    }
                                    return List.copyOf(row);
                                })
                                .toList());
    }

    private static String said(OnPlay at) {
        return at.opponent() + ", play " + at.number();
    }

    /** "Quarry Bend Stoats 2, 1; Saltmarsh Terns 7". */
    private static String on(List<OnPlay> plays) {
        Map<Long, List<OnPlay>> games =
                plays.stream().collect(Collectors.groupingBy(OnPlay::game, LinkedHashMap::new, Collectors.toList()));
        return games.values().stream()
                .map(g -> g.get(0).opponent() + " "
                        + g.stream().map(p -> String.valueOf(p.number())).collect(Collectors.joining(", ")))
                .collect(Collectors.joining("; "));
    }

    private static void clips(Paper paper, String title, List<Clip> clips, Map<String, String> names) {
        if (clips.isEmpty()) {
            return;
        }
        paper.heading(title);
        clips.forEach(c -> paper.line(said(c.at())
                + (names.containsKey(c.man()) ? ", " + names.get(c.man()) : "") + ": " + String.join(", ", c.why())
                + (c.wrong().isEmpty() ? "" : "; first wrong: " + c.wrong().get(0))));
    }

    private static String explosive(Explosive e, Map<String, String> names) {
        String whose = e.man() == null
                ? e.lost().stream().map(m -> names.getOrDefault(m, m)).collect(Collectors.joining(", "))
                : names.getOrDefault(e.man(), e.man());
        return said(e.at()) + ", " + e.gain() + " yd: " + after("", whose) + (whose.isEmpty() ? "" : ", ") + e.why();
    }

    private static List<String> man(GradedMan m) {
        return List.of(
                m.who().said(),
                String.join(", ", m.who().seats()),
                String.valueOf(m.plays()),
                m.score().words(),
                m.facets().stream()
                        .filter(f -> f.told() > f.done())
                        .map(f -> f.topic().what() + " " + (f.told() - f.done()))
                        .collect(Collectors.joining(", ")));
    }

    /** What a file about a man is called. */
    String fileOf(String man) {
        return reports.fileOf(man);
    }

    /** A row for each coach's word of each play. */
    String manTable(String man) {
        List<Row> rows = reports.rows(who -> who.man().equals(man));
        if (rows.isEmpty()) {
            throw Problem.notFound("a grade of " + man);
        }
        return table(rows);
    }

    String unitTable(Unit unit) {
        return table(reports.rows(who -> unit == Unit.ALL || who.unit() == unit));
    }

    private static String table(List<Row> rows) {
        var head = new ArrayList<>(List.of("man", "seat", "opponent", "play", "coach"));
        Arrays.stream(Facet.values()).map(Facet::words).forEach(head::add);
        head.addAll(List.of(
                "his own play",
                "laid on",
                "flags",
                "extra credit",
                "tackle",
                "yards after contact",
                "thrown at him",
                "rush lane",
                "note",
                "asked by",
                "revision"));
        var out = new StringBuilder("\ufeff");
        try (var csv = new CSVPrinter(out, CSVFormat.EXCEL)) {
            csv.printRecord(head);
            for (Row row : rows) {
                csv.printRecord(cells(row).stream().map(Sheets::inert).toList());
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return out.toString();
    }

    /** A spreadsheet would reckon with what begins like a formula. */
    private static String inert(String words) {
        return !words.isEmpty() && FORMULA.indexOf(words.charAt(0)) >= 0 ? "'" + words : words;
    }

    private static List<String> cells(Row row) {
        PlayOfMan play = row.play();
        RepRow rep = play.rep();
        var cells = new ArrayList<>(List.of(
                row.who().abroad().said(), rep.job(), play.opponent(), String.valueOf(play.number()), rep.grader()));
        for (Facet facet : Facet.values()) {
            cells.add(rep.marks().stream()
                    .filter(m -> m.facet() == facet)
                    .map(FacetMark::mark)
                    .map(m -> switch (m) {
                        case ABOVE -> "above";
                        case TO_STANDARD -> "to standard";
                        case BELOW -> "below";
                        case NOT_TOLD -> "not told";
                    })
                    .findFirst()
                    .orElse(""));
        }
        cells.add(rep.outcome() == null ? "" : rep.outcome().words());
        cells.add(rep.target().words());
        cells.add(rep.flags().stream().map(Flag::words).sorted().collect(Collectors.joining(", ")));
        cells.add(rep.extraCredit() ? "yes" : "");
        cells.add(rep.tackle() == null ? "" : rep.tackle().how().words());
        cells.add(rep.tackle() == null ? "" : Objects.toString(rep.tackle().afterContact(), ""));
        cells.add(rep.thrown() == null ? "" : rep.thrown().words());
        cells.add(rep.lane() == null ? "" : rep.lane().words());
        cells.add(Objects.toString(rep.note(), ""));
        cells.add(rep.call());
        cells.add(rep.callRevision() == 0 ? "catalogue" : String.valueOf(rep.callRevision()));
        return List.copyOf(cells);
    }
}
