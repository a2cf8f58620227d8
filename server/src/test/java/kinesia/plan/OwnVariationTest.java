package kinesia.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A room's own variation from the workbench to the floor, and after it was dropped. */
@ServerTest
class OwnVariationTest {
    private static final String NAME = "Seated curl, elbows a little forward";

    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private String kept(UUID id) throws Exception {
        ObjectNode body = Caller.json().put("name", NAME).put("exerciseKey", "seated-curl");
        body.putObject("adjustment")
                .put("benchDeg", 0)
                .put("armForwardDeg", 15)
                .put("driftDeg", 0)
                .put("flareDeg", 0)
                .put("anchorUpM", 0)
                .put("anchorForwardM", 0)
                .put("rangeFrom", 0)
                .put("rangeTo", 1)
                .put("bandCount", 1)
                .put("bandWrapM", 0);
        Answer answer = caller.put("/api/variations/" + id, body);
        assertThat(answer.status()).isEqualTo(200);
        return answer.at("/key").asText();
    }

    private static ObjectNode door() {
        ObjectNode door = Caller.json();
        door.put("sleepHours", 7.0).put("armsWorkedHarder", false).put("somethingNew", false);
        door.putArray("sites");
        return door;
    }

    private void pin(String client, String key) throws Exception {
        ObjectNode composition = Caller.json();
        List.of("pinned", "banned", "order").forEach(composition::putArray);
        composition.withArray("pinned").add(key);
        ObjectNode save = Caller.json();
        save.set("composition", composition);
        assertThat(caller.put("/api/clients/" + client + "/composition", save).status())
                .isEqualTo(200);
    }

    @Test
    void it_is_planned_lifted_and_remembered_and_once_dropped_planned_no_more() throws Exception {
        UUID id = UUID.randomUUID();
        String key = kept(id);
        String client = caller.screened("Variation Tester", a -> {});
        assertThat(caller.get("/api/clients/" + client + "/composition").body().findValuesAsText("key"))
                .contains(key);
        pin(client, key);
        JsonNode next = caller.get("/api/clients/" + client + "/next").at("/plan");
        assertThat(next.findValuesAsText("exerciseKey")).contains(key);
        assertThat(next.findValuesAsText("name")).contains(NAME);

        String session = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door())
                .at("/sessionId")
                .asText();
        JsonNode guide = guide(session, key);
        assertThat(guide.get("own").asBoolean()).isTrue();
        assertThat(guide.get("loads")).isNotEmpty();

        ObjectNode set = Caller.json().put("exerciseKey", key).put("setNumber", 1);
        JsonNode load = guide.get("loads").get(0);
        set.set("load", load);
        set.put("reps", 12).put("effort", 7).put("pain", 0).putArray("faults");
        assertThat(caller.put("/api/sessions/" + session + "/sets/" + UUID.randomUUID(), set)
                        .status())
                .isEqualTo(200);
        caller.post("/api/sessions/" + session + "/finish", Caller.json());

        assertThat(caller.delete("/api/variations/" + id).status()).isEqualTo(204);
        // What was done with it stays as it was, and the name is free again.
        assertThat(guide(session, key).get("own").asBoolean()).isTrue();
        assertThat(caller.get("/api/clients/" + client + "/composition").body().findValuesAsText("key"))
                .doesNotContain(key);
        JsonNode after = caller.get("/api/clients/" + client + "/next").body();
        assertThat(after.at("/plan/units").findValuesAsText("exerciseKey")).doesNotContain(key);
        assertThat(after.toString()).contains("CHOICE-dropped");
        assertThat(kept(UUID.randomUUID())).isNotEqualTo(key);
    }

    private JsonNode guide(String session, String key) throws Exception {
        for (JsonNode guide : caller.get("/api/sessions/" + session).at("/guides")) {
            if (guide.get("exerciseKey").asText().equals(key)) {
                return guide;
            }
        }
        throw new AssertionError("no guide for " + key);
    }
}
