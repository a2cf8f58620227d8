package kinesia.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A change that a trainer goes against: kept with its word, in the next plan, and counted. */
@ServerTest
class RulingTest {
    @Autowired
    private Caller caller;

    private String client;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
        client = caller.clientId("Ingrid Vestmar");
    }

    private JsonNode next() throws Exception {
        return caller.get("/api/clients/" + client + "/next").body();
    }

    private static JsonNode numeric(JsonNode next) {
        for (JsonNode change : next.path("changes")) {
            if (List.of("LOAD", "SETS", "REPS").contains(change.path("kind").asText())) {
                return change;
            }
        }
        throw new AssertionError("no change of a number: " + next.path("changes"));
    }

    private int rule(JsonNode change, UUID id, String choice, String word) throws Exception {
        return caller.put(
                        "/api/clients/" + client + "/rulings/" + id,
                        Map.of(
                                "key", change.path("key").asText(),
                                "kind", change.path("kind").asText(),
                                "ruleId", change.path("reason").path("ruleId").asText(),
                                "rule", change.path("reason").path("threshold").asText(),
                                "choice", choice,
                                "word", word))
                .status();
    }

    @Test
    void an_overruled_change_is_out_of_the_plan_and_on_the_owners_list() throws Exception {
        JsonNode change = numeric(next());
        UUID id = UUID.randomUUID();
        assertThat(rule(change, id, "OVERRULED", "She carries shopping today")).isEqualTo(200);
        assertThat(rule(change, id, "OVERRULED", "She carries shopping today")).isEqualTo(200);

        JsonNode after = next();
        JsonNode ruled = numeric(after);
        assertThat(ruled.path("ruling").path("word").asText()).isEqualTo("She carries shopping today");
        String because = "";
        for (JsonNode unit : after.path("plan").path("units")) {
            for (JsonNode slot : unit.path("slots")) {
                if (slot.path("exerciseKey").asText().equals(change.path("key").asText())) {
                    because = slot.path("why")
                            .path(change.path("kind").asText())
                            .path("ruleId")
                            .asText();
                }
            }
        }
        assertThat(because).isEqualTo("RULING-overruled");

        assertThat(counted(change, "overruled")).isEqualTo(1);
        assertThat(rule(change, UUID.randomUUID(), "ACCEPTED", "")).isEqualTo(200);
        assertThat(numeric(next()).path("ruling").path("choice").asText()).isEqualTo("ACCEPTED");
    }

    private int counted(JsonNode change, String choice) throws Exception {
        for (JsonNode rule : caller.get("/api/rulings").body()) {
            if (rule.path("ruleId").equals(change.path("reason").path("ruleId"))) {
                return rule.path(choice).asInt();
            }
        }
        return 0;
    }

    @Test
    void a_visit_begun_takes_what_nothing_was_said_against() throws Exception {
        JsonNode change = numeric(next());
        int before = counted(change, "accepted");
        caller.put(
                "/api/clients/" + client + "/sessions/" + UUID.randomUUID(),
                Map.of("armsWorkedHarder", false, "somethingNew", false, "sites", List.of()));
        assertThat(counted(change, "accepted")).isGreaterThan(before);
    }

    @Test
    void a_word_is_asked_for_at_its_field() throws Exception {
        assertThat(rule(numeric(next()), UUID.randomUUID(), "SOFTENED", " ")).isEqualTo(422);
    }
}
