package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

/** A programme measures by its own figures: audit and snap go by them at once, for everyone, within their bounds. */
@ExtendWith(RunningApp.class)
class MeasuresTest {
    private static final String FIGURES = "/api/conventions/figures";
    private int used;

    @AfterEach
    void asItShips() {
        Browserless coach = Browserless.signedIn(used, "marrow");
        set(coach, "{}");
        assertThat(coach.put("/api/conventions", coach.get("/api/conventions").etag(), "{\"choices\": {}}")
                        .status())
                .isEqualTo(200);
    }

    private static Answer set(Browserless coach, String figures) {
        return coach.put(FIGURES, coach.get(FIGURES).etag(), "{\"figures\": " + figures + "}");
    }

    private static JsonNode power(Browserless who) {
        return who.post("/api/snap-runs", SnapRunsTest.snapRun("power", "[]", "null"))
                .json();
    }

    @Test
    void aSnapGoesByThemForEveryoneAndTheSchoolsStay(int port) {
        used = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        Browserless player = Browserless.signedIn(port, "lind");
        coach.put(
                "/api/conventions",
                coach.get("/api/conventions").etag(),
                "{\"choices\": {\"technique-words\": \"even-odd\"}}");
        JsonNode before = power(player);
        Answer slow = set(
                coach,
                "{\"snap-model/reaction-second-level\": 0.55, \"snap-details/outcome-explosive\": 20,"
                        + " \"key-limits/line-tells\": 0.5}");
        assertThat(slow.status()).as(String.valueOf(slow.json())).isEqualTo(200);
        assertThat(slow.json().get("own").size()).isEqualTo(3);
        JsonNode after = power(player);
        assertThat(after.at("/outcome/mean").asDouble())
                .as("backers who react late give more")
                .isGreaterThan(before.at("/outcome/mean").asDouble());
        assertThat(after.toString()).contains("20 yd and more").doesNotContain("12 yd and more");
        assertThat(before.toString()).contains("12 yd and more");
        assertThat(figure(player, "key-limits", "line-tells")).isEqualTo("0.5 ships 0.25");
        // the schools are kept when figures are set, and the figures when schools are chosen
        assertThat(coach.get("/api/conventions").json().toString()).contains("\"chosen\":\"even-odd\"");
        coach.put("/api/conventions", coach.get("/api/conventions").etag(), "{\"choices\": {}}");
        assertThat(figure(player, "key-limits", "line-tells")).isEqualTo("0.5 ships 0.25");
        set(coach, "{}");
        assertThat(power(player)).isEqualTo(before);
    }

    @Test
    void theAuditGoesByThem(int port) {
        used = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        String audited = "{\"board\": " + Requests.board("anvil-drizzle") + ", \"phase\": 0}";
        assertThat(load(coach, audited)).isEqualTo("holds");
        set(coach, "{\"limits/sentences-per-role\": 2}");
        assertThat(load(coach, audited)).isNotEqualTo("holds");
    }

    private static String load(Browserless coach, String audited) {
        return coach.post("/api/audits", audited)
                .json()
                .get("verdicts")
                .valueStream()
                .filter(v -> v.get("rule").asString().equals("load"))
                .map(v -> v.get("answer").asString())
                .findFirst()
                .orElseThrow();
    }

    /** Whatever a league's line is by the school, the programme's own figure goes before it. */
    @Test
    void anOwnFigureGoesBeforeTheSchools(int port) {
        used = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        coach.put(
                "/api/conventions",
                coach.get("/api/conventions").etag(),
                "{\"choices\": {\"flag-rush-line\": \"five\"}}");
        assertThat(figure(coach, "limits", "rush-line")).isEqualTo("5.0 ships 7.0");
        set(coach, "{\"limits/rush-line\": 6}");
        assertThat(figure(coach, "limits", "rush-line")).isEqualTo("6.0 ships 7.0");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "{\"snap-model/body-arm\": 9} | body-arm | between 0.6 and 1.3",
                "{\"snap-model/body-arm\": \"NaN\"} | figures | a number is needed",
                "{\"snap-model/hold-easy-least\": 2.0, \"snap-model/hold-easy-median\": 1.0} | hold-easy | median",
                "{\"snap-model/body-leg\": 1} | body-leg | is no figure",
                "{\"nothing\": 1} | nothing | is no figure",
                "{\"snap-details/fits-aims-again\": 3.5} | fits-aims-again | whole ticks",
                "{\"snap-model/body-arm\": null} | figures | must not be null",
            })
    void whatIsNoFigureOrOutOfBoundsIsRefusedAndNothingIsSet(String figures, String where, String why, int port) {
        used = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        Answer refused = set(coach, figures);
        assertThat(refused.status()).isIn(400, 422);
        assertThat(refused.json().toString()).contains(where).contains(why);
        assertThat(coach.get(FIGURES).json().get("own").size()).isZero();
    }

    @Test
    void onlyWhoMayChooseSetsThemAndNothingIsOverwritten(int port) {
        used = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        String read = coach.get(FIGURES).etag();
        assertThat(Browserless.signedIn(port, "lind")
                        .put(FIGURES, read, "{\"figures\": {}}")
                        .status())
                .isEqualTo(403);
        assertThat(set(coach, "{\"limits/apart\": 6}").status()).isEqualTo(200);
        assertThat(coach.put(FIGURES, read, "{\"figures\": {}}").status()).isEqualTo(412);
        assertThat(figure(coach, "limits", "apart")).isEqualTo("6.0 ships 5.0");
    }

    /**
     * A newer version of the application may know a figure no longer: the others stay in force, and can be set again.
     */
    @Test
    void whatThereIsNoMoreIsLeftOutAndTheRestStays(int port) throws SQLException {
        used = port;
        Browserless coach = Browserless.signedIn(port, "marrow");
        Database.run("insert into house_choice (choices, figures, chosen_by, chosen_at, follows) select '{}',"
                + " '{\"snap-model/gone\": 1, \"limits/apart\": 6, \"snap-model/body-arm\": 99}', 'marrow', now(),"
                + " coalesce(max(id), 0) from house_choice");
        Database.run("update playbook_version set state = nextval('playbook_state')");
        assertThat(figure(coach, "limits", "apart")).isEqualTo("6.0 ships 5.0");
        assertThat(figure(coach, "snap-model", "body-arm")).isEqualTo("0.9 ships 0.9");
        assertThat(coach.get(FIGURES).json().get("own").propertyNames()).containsExactly("limits/apart");
        assertThat(coach.put("/api/conventions", coach.get("/api/conventions").etag(), "{\"choices\": {}}")
                        .status())
                .isEqualTo(200);
        assertThat(figure(coach, "limits", "apart")).isEqualTo("6.0 ships 5.0");
    }

    private static String figure(Browserless who, String group, String id) {
        return who.get(FIGURES)
                .json()
                .get("groups")
                .valueStream()
                .filter(g -> g.get("id").asString().equals(group))
                .flatMap(g -> g.get("figures").valueStream())
                .filter(f -> f.get("id").asString().equals(id))
                .map(f -> f.get("value").asString() + " ships " + f.get("ships").asString())
                .findFirst()
                .orElseThrow();
    }
}
