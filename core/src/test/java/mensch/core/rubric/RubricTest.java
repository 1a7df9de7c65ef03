package mensch.core.rubric;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import mensch.core.call.Call;
import mensch.core.document.Document;
import mensch.core.document.DocumentException;
import mensch.core.library.Library;
import mensch.core.lineup.Job;
import mensch.core.lineup.Lineup;
import org.junit.jupiter.api.Test;

/** What a technique is graded by. */
class RubricTest {
    private static final Library LIBRARY = Library.shipped();
    private static final Set<String> TECHNIQUES = Set.of("edge-run");
    private static final List<Rubric> ALL = LIBRARY.rubrics();

    private static List<String> of(Job job, Boolean pass) {
        String technique = job.after().technique().orNull();
        return ALL.stream()
                .filter(r -> r.fits(technique, Optional.ofNullable(pass)))
                .map(Rubric::id)
                .toList();
    }

    @Test
    void everyManOfEveryCallIsGradedBySomethingOnRunAndPass() {
        var without = new TreeSet<String>();
        for (Call call : LIBRARY.calls()) {
            var formation = LIBRARY.formationsFor(call).get(0);
            String spot = formation.players() == 11 ? "hs m 38 2&7" : "flag" + formation.players() + " m 25 1&10";
            for (Job job : Lineup.of(call, formation.snap(null, false, spot)).jobs()) {
                if (job.after().technique().orNull() != null && of(job, null).isEmpty()) {
                    without.add(call.ref().id() + " " + job.id() + " "
                            + job.after().technique().orNull());
                }
            }
        }
        assertThat(without).isEmpty();
    }

    @Test
    void aManIsGradedByTheKindOfPlayThatWasRun() {
        Lineup lineup = Lineup.of(
                LIBRARY.call("anvil-drizzle"), LIBRARY.formation("pro-i").snap(null, false, "hs m 38 2&7"));
        assertThat(of(lineup.job("end-call"), false)).containsExactly("edge-run", "end-stance");
        assertThat(of(lineup.job("end-call"), true)).containsExactly("pass-rush", "end-stance");
        assertThat(of(lineup.job("mike"), false)).containsExactly("backer-block");
        assertThat(of(lineup.job("mike"), true)).containsExactly("backer-play-action", "zone-flood");
    }

    /** The second grab is graded apart from the first, hands apart from feet. */
    @Test
    void secondEffortsAreCriteriaOfTheirOwn() {
        var edge =
                ALL.stream().filter(r -> r.id().equals("edge-run")).findFirst().orElseThrow();
        assertThat(edge.marked().stream().map(Criterion::id)).contains("first-hands", "second-hands");
        var rush =
                ALL.stream().filter(r -> r.id().equals("pass-rush")).findFirst().orElseThrow();
        assertThat(rush.marked().stream().map(Criterion::id)).contains("hands", "feet");
        assertThat(rush.criterion("get-off").map(Criterion::facet)).contains(Facet.GET_OFF);
    }

    private static Document written(List<?>... rows) {
        return Document.of(Map.of(
                "format", 1, "kind", "rubric", "id", "own", "of", List.of("edge-run"), "criteria", List.of(rows)));
    }

    @Test
    void aRowThatCannotBeReadIsNamed() {
        List<String> good = List.of("pads", "TE", "Pads", "low", "high", "driven");
        assertThat(Rubric.read(written(good), TECHNIQUES).plays()).isEqualTo(Rubric.Plays.ANY);
        assertThatThrownBy(() -> Rubric.read(written(List.of("pads", "TE", "low")), TECHNIQUES))
                .isInstanceOf(DocumentException.class)
                .hasMessageContaining("row of 3 cells");
        assertThatThrownBy(
                        () -> Rubric.read(written(List.of("pads", "XX", "Pads", "low", "high", "driven")), TECHNIQUES))
                .hasMessageContaining("\"XX\" is none of AL, ST, GO");
        assertThatThrownBy(() -> Rubric.read(written(good, good), TECHNIQUES)).hasMessageContaining("two of one id");
        assertThatThrownBy(() -> Rubric.read(written(List.of("pads", "TE", " ", "low", "high", "")), TECHNIQUES))
                .hasMessageContaining("without a name");
    }

    private static Document standingFor(String id, String instead) {
        return Document.of(Map.of(
                "format",
                1,
                "kind",
                "rubric",
                "id",
                id,
                "of",
                List.of("edge-run"),
                "criteria",
                List.of(List.of("pads", "TE", "Pads", "low", "high", "driven")),
                "instead",
                instead));
    }

    /** One stands for another, and that for a third; round in a ring nobody would be graded. */
    @Test
    void oneRubricStandsForAnother() {
        Library own = LIBRARY.with(List.of(standingFor("ours", "edge-run"), standingFor("newer", "ours")));
        assertThat(Rubric.inForce(own.rubrics()).stream().map(Rubric::id))
                .contains("newer", "pass-rush")
                .doesNotContain("ours", "edge-run");
        assertThatThrownBy(() -> LIBRARY.with(List.of(standingFor("ours", "ours"))))
                .hasMessageContaining("comes back to itself");
        assertThatThrownBy(() -> LIBRARY.with(List.of(standingFor("ours", "newer"), standingFor("newer", "ours"))))
                .hasMessageContaining("comes back to itself");
        assertThatThrownBy(() -> LIBRARY.with(List.of(standingFor("ours", "moon"))))
                .hasMessageContaining("\"moon\" is no rubric");
    }
}
