package mensch.app;

import static org.assertj.core.api.Assertions.assertThat;

import mensch.app.Browserless.Answer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;

/** B9: what two people may write is written only over what was read; lists that grow come in pages. */
@ExtendWith(RunningApp.class)
class VersionTest {

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/api/conventions",
                "/api/conventions/figures",
                "/api/roster",
                "/api/calls/anvil-fog",
                "/api/playbook/call/anvil-fog/standing",
                "/api/games/1",
                "/api/games/1/plays/1",
                "/api/games/1/plays/1/angles/1",
                "/api/games/1/plays/1/grades/mike"
            })
    void nothingIsWrittenOverWhatNobodySaysHeRead(String address, int port) {
        Answer refused = Browserless.signedIn(port, "marrow").put(address, "{}");
        assertThat(refused.status()).isEqualTo(428);
        assertThat(refused.code()).isEqualTo("version-missing");
        assertThat(refused.detail()).contains("If-Match");
    }

    @ParameterizedTest
    @ValueSource(strings = {"*", "3", "W/\"3\"", "\"3\", \"4\"", "\"-1\"", "\"99999999999999999999\""})
    void aVersionIsTheOneThatWasRead(String etag, int port) {
        Answer refused = Browserless.signedIn(port, "marrow").put("/api/conventions", etag, "{\"choices\": {}}");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.code()).isEqualTo("version-unreadable");
    }

    @Test
    void aRevisionThatNeverWasIsNotWrittenOver(int port) {
        Answer refused = Browserless.signedIn(port, "marrow")
                .put("/api/calls/anvil-fog", Browserless.version(999_999_999_999L), "{\"edits\": []}");
        assertThat(refused.status()).isEqualTo(404);
    }

    @Test
    void theDescriptionSaysWhatTravelsInHeadersAndWhichWordsThereAre(int port) {
        JsonNode api = Browserless.stranger(port).get("/v3/api-docs").json();
        JsonNode write = api.get("paths").get("/api/roster").get("put");
        assertThat(write.get("parameters"))
                .anyMatch(p -> p.get("name").asString().equals("If-Match")
                        && p.get("in").asString().equals("header")
                        && p.get("required").asBoolean()
                        && p.at("/schema/type").asString().equals("string"));
        assertThat(write.get("responses").propertyNames()).contains("412", "428");
        assertThat(write.at("/responses/200/headers").has("ETag")).isTrue();
        assertThat(api.get("paths")
                        .get("/api/line-ups")
                        .get("post")
                        .get("responses")
                        .propertyNames())
                .doesNotContain("412", "428");
        assertThat(api.at("/components/schemas/FindingRow/properties/severity/enum"))
                .extracting(JsonNode::asString)
                .containsExactly("bust", "weak", "cannot tell", "note", "fact");
        assertThat(api.at("/components/schemas/FacetMark/properties/mark/enum"))
                .extracting(JsonNode::asString)
                .containsExactly("+", "=", "-", "n/a");
    }

    @Test
    void aListThatGrowsComesInPages(int port) {
        Browserless coach = Browserless.signedIn(port, "marrow");
        String id = coach.post("/api/compositions", "{\"name\": \"Paged Plover\", \"layers\": [\"anvil\", \"fog\"]}")
                .json()
                .get("id")
                .asString();
        for (int revision = 1; revision <= 52; revision++) {
            String sentence = "run " + (revision % 2 == 0 ? "A" : "B") + " gap";
            Answer saved = coach.put(
                    "/api/calls/" + id,
                    Browserless.version(revision),
                    "{\"edits\": [{\"rung\": \"" + id + "/mike/own-1\", \"sentence\": \"" + sentence + "\"}]}");
            assertThat(saved.etag()).isEqualTo(Browserless.version(revision + 1));
        }
        String revisions = "/api/playbook/call/" + id + "/revisions";
        JsonNode first = coach.get(revisions).json();
        assertThat(first.get("total").asInt()).isEqualTo(53);
        assertThat(first.get("pages").asInt()).isEqualTo(2);
        assertThat(first.get("items")).hasSize(50);
        assertThat(first.at("/items/0/revision").asInt()).isEqualTo(53);
        JsonNode last = coach.get(revisions + "?page=1").json();
        assertThat(last.get("items")).extracting(r -> r.get("revision").asInt()).containsExactly(3, 2, 1);
        assertThat(coach.get(revisions + "?page=9").json().get("items")).isEmpty();
        Answer refused = coach.get(revisions + "?page=-1");
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.detail()).contains("page");
        assertThat(coach.get(revisions + "?page=x").status()).isEqualTo(400);
    }

    @Test
    void aConstantThatThereIsNotIsToldWithTheWordsThereAre(int port) {
        Answer refused = Browserless.signedIn(port, "marrow")
                .put(
                        "/api/games/1/plays/1/grades/mike",
                        Browserless.version(0),
                        "{\"marks\": [{\"facet\": \"AL\", \"mark\": \"TO_STANDARD\"}]}");
        assertThat(refused.status()).isEqualTo(400);
        assertThat(refused.detail()).contains("[+, =, -, n/a]");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "/api/games?page=-1 | 422 | input-invalid",
                "/api/games?page=2147483647 | 422 | input-invalid",
                "/api/games?page=two | 400 | address-unreadable",
                "/api/playbook/call/no-such/revisions | 404 | not-found",
                "/api/playbook/call/no-such/standing | 404 | not-found",
            })
    void aPageThatCannotBeIsRefusedAndNothingHasNoRevisions(String address, String status, String code, int port) {
        Answer refused = Browserless.signedIn(port, "marrow").get(address);
        assertThat(String.valueOf(refused.status())).isEqualTo(status);
        assertThat(refused.code()).isEqualTo(code);
    }
}
