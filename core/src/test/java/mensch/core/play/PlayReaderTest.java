package mensch.core.play;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Collectors;
import mensch.core.Snaps;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.document.Yaml;
import mensch.core.field.BallSpot;
import mensch.core.field.Code;
import mensch.core.field.Field;
import mensch.core.formation.Answer;
import mensch.core.geometry.Point;
import mensch.core.geometry.Side;
import mensch.core.lineup.Lineup;
import mensch.core.matchup.Matchup;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Plays are data: read strictly, and run wherever their needs are met. */
class PlayReaderTest {
    private static final Field FIELD = new Field(Code.HIGH_SCHOOL, new BallSpot(0, true, 50));
    private static final String ROUTES =
            "format: 1\nkind: routes\nid: r\nroutes:\n  slant: { path: [\"straight @ 4\", \"in 5 @ 8\"], breaks: 1.1, ends: run }\n";

    private static Plays read(String text) {
        return PlayReader.read(Yaml.read("test", text), Snaps.LIBRARY.vocabulary());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
        kind: run#id: x#point: A#ball: { carrier: back }#blocks: { guard: shove } | blocks/guard | "shove" is no block; there are trap
        kind: run#id: x#point: A#ball: { carrier: back }#blocks: { guard: zone }#leaves: x | leaves | "x" is nobody a play leaves
        kind: run#id: x#point: A#ball: { carrier: back }#blocks: { guard: zone }#needs: two moons | needs | cannot stand there
        kind: run#id: x#point: A#ball: { carrier: back }#blocks: { guard: zone }#needs: [gun, two moons] | needs | cannot stand there
        kind: run#id: x#point: A#blocks: { guard: zone } | ball | is missing
        kind: pass#id: x#throw: 1.6#routes: { "#1": moonshot } | routes/#1 | "moonshot" is no route; there are slant
        kind: pass#id: x#routes: { "#1": slant } | throw | is missing
        kind: option#id: x#run: none#reads: corner#route: { "#1": slant } | run | "none" is no run
        kind: routes#id: y#routes: { bad: { path: ["sideways @ 4"] } } | routes/bad | is no mark of the field
        """)
    void whatCannotBeReadNamesDocumentKeyAndWhatMayStandThere(String body, String where, String says) {
        String text = ROUTES + "---\nformat: 1\n"
                + body.replace("#id", "\nid")
                        .replace("#point", "\npoint")
                        .replace("#ball", "\nball")
                        .replace("#blocks", "\nblocks")
                        .replace("#leaves", "\nleaves")
                        .replace("#needs", "\nneeds")
                        .replace("#throw", "\nthrow")
                        .replace("#routes", "\nroutes")
                        .replace("#run", "\nrun")
                        .replace("#reads", "\nreads")
                        .replace("#route:", "\nroute:")
                + "\n";
        assertThatThrownBy(() -> read(text))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining(where)
                .hasMessageContaining(says);
    }

    /** All of a list must be there; one condition by itself is one need, as older documents have it. */
    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "needs: [gun, one back or two backs] | gun and (one back or two backs)",
                "needs: gun and one back | gun and one back",
                "needs: [not empty] | not empty",
                "needs: [] | ''",
                "needs: '' | ''",
                "leaves: nobody | ''"
            })
    void everythingThatIsNeededMustBeThere(String written, String needs) {
        Run run = read("format: 1\nkind: run\nid: x\npoint: A\nball: { carrier: back, gun: 1, under: 1 }\n"
                        + "blocks: { guard: zone }\n" + written + "\n")
                .runs()
                .get(0);
        assertThat(run.needs().words()).isEqualTo(needs);
    }

    @Test
    void aRouteIsPointsOnTheFieldAndTheMirrorIsExact() {
        Route slant = read(ROUTES + "---\nformat: 1\nkind: pass\nid: p\nthrow: 1.6\nroutes: { \"#1\": slant }\n")
                .passes()
                .get(0)
                .told()
                .get(0)
                .route();
        List<Point> right = slant.points(new Point(16, -0.5), Side.RIGHT, FIELD);
        assertThat(right).containsExactly(new Point(16, -0.5), new Point(16, 4), new Point(11, 8));
        List<Point> left = slant.points(new Point(-16, -0.5), Side.LEFT, FIELD.mirror());
        assertThat(left)
                .containsExactlyElementsOf(right.stream().map(Point::mirror).toList());
        assertThat(slant.breaksOutward(right, Side.RIGHT)).isEqualTo(-5);
    }

    @ParameterizedTest
    @CsvSource({"flat,18.7,4", "corner,23.67,20", "dig,-14,12", "seam,8.9,12", "over,-8.9,18"})
    void libraryRoutesEndWhereTheTableSays(String id, double x, double depth) {
        Route route = Snaps.LIBRARY.plays().passes().stream()
                .flatMap(p -> p.told().stream())
                .map(Pass.Told::route)
                .filter(r -> r.id().equals(id))
                .findFirst()
                .orElseThrow();
        Point start = new Point(id.equals("dig") ? 0 : 9, -1.5);
        assertThat(route.points(start, Side.RIGHT, FIELD))
                .as("a point of the %s", id)
                .anySatisfy(p -> {
                    assertThat(Math.abs(p.x())).isCloseTo(Math.abs(x), within(1.0));
                    assertThat(p.y()).isEqualTo(depth);
                });
    }

    @Test
    void theLibraryHasThePlaysOfTheTradeAndEachRunsFromSomeFormation() {
        Plays plays = Snaps.LIBRARY.plays();
        assertThat(plays.runs().size()).isGreaterThanOrEqualTo(20);
        assertThat(plays.passes().size()).isGreaterThanOrEqualTo(40);
        assertThat(plays.options().size()).isGreaterThanOrEqualTo(10);
        List<Lineup> lineups = Snaps.LIBRARY.formations().stream()
                .map(f -> f.players() == 11
                        ? Lineup.of(Snaps.LIBRARY.call("anvil-drizzle"), f.snap(null, false, "hs m 50 1&10"))
                        : Lineup.of(
                                Snaps.LIBRARY.call("tack-dawn"),
                                f.snap(null, false, "flag" + f.players() + " m 25 1&10")))
                .toList();
        var never = plays.runs().stream()
                .filter(r -> lineups.stream().noneMatch(l -> r.fits(l.viewFrom(Side.RIGHT)) == Answer.YES))
                .map(Run::id)
                .collect(Collectors.toList());
        plays.passes().stream()
                .filter(p -> lineups.stream()
                        .noneMatch(l -> p.fits(l.viewFrom(Side.RIGHT)) == Answer.YES
                                || p.fits(l.viewFrom(Side.LEFT)) == Answer.YES))
                .forEach(p -> never.add(p.id()));
        plays.options().stream()
                .filter(o -> lineups.stream()
                        .noneMatch(l -> o.fits(l.viewFrom(Side.RIGHT)) == Answer.YES
                                || o.fits(l.viewFrom(Side.LEFT)) == Answer.YES))
                .forEach(o -> never.add(o.id()));
        assertThat(never).isEmpty();
    }

    /** Where a carrier gets the ball: where the play says, mirrored with it, else by rule; anything else is refused. */
    @Test
    void theMeshHasAPlace() {
        Document power = Snaps.LIBRARY.find("run", "power").orElseThrow();
        Lineup proI = Lineup.of(
                Snaps.LIBRARY.call("anvil-drizzle"),
                Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10"));
        Run byRule = run(power);
        assertThat(byRule.mesh(proI.viewFrom(Side.RIGHT))).isEqualTo(new Point(1, -3.5));
        assertThat(byRule.mesh(proI.viewFrom(Side.LEFT))).isEqualTo(new Point(-1, -3.5));
        var ball = new java.util.LinkedHashMap<>(
                power.values().part("ball").orElseThrow().all());
        ball.put("mesh", "2 x 5.5");
        assertThat(run(power.with("ball", ball)).mesh(proI.viewFrom(Side.LEFT))).isEqualTo(new Point(-2, -5.5));
        ball.put("mesh", "behind him");
        assertThatThrownBy(() -> run(power.with("ball", ball)))
                .hasMessageContaining("no place behind the line")
                .hasMessageContaining("1 x 4");
    }

    /**
     * Where the ball leaves the hand: behind it, out on a boot or sprint, or where the play says; a fake has an end.
     */
    @Test
    void aPassLeavesFromAPlace() {
        var matchup = new Matchup(Lineup.of(
                Snaps.LIBRARY.call("anvil-drizzle"),
                Snaps.LIBRARY.formation("pro-i").snap(null, false, "hs m 50 1&10")));
        assertThat(matchup.launch(pass("curl-flat"), Side.RIGHT)).isEqualTo(new Point(0, -5));
        assertThat(matchup.launch(pass("boot-flood"), Side.LEFT)).isEqualTo(new Point(-6, -6));
        assertThat(pass("boot-flood").delivery().fake().until(matchup.lineup().viewFrom(Side.RIGHT)))
                .isEqualTo(1.3);
        Document sprint = Snaps.LIBRARY.find("pass", "sprint-out").orElseThrow().with("from", "8 x 5");
        assertThat(read(sprint).delivery().from().map(f -> f.at(-1))).contains(new Point(-8, -5));
        assertThatThrownBy(() -> read(sprint.with("from", "the moon")))
                .hasMessageContaining("no place behind the line");
    }

    private static Pass pass(String id) {
        return Snaps.LIBRARY.plays().passes().stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    private static Pass read(Document pass) {
        var documents = new java.util.ArrayList<>(Snaps.LIBRARY.kind("routes"));
        documents.add(pass);
        return PlayReader.read(documents, Snaps.LIBRARY.vocabulary()).passes().get(0);
    }

    private static Run run(Document document) {
        return PlayReader.read(List.of(document), Snaps.LIBRARY.vocabulary())
                .runs()
                .get(0);
    }

    @Test
    void otherDocumentsArePassedOver() {
        assertThat(PlayReader.read(
                        List.of(Document.of(new java.util.LinkedHashMap<>(
                                java.util.Map.of("format", 1, "kind", "call", "id", "c")))),
                        Snaps.LIBRARY.vocabulary()))
                .isEqualTo(Plays.NONE);
    }
}
