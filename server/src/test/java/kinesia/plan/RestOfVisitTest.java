package kinesia.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A place that hurts in a visit changes what is left of it, once the trainer takes that. */
@ServerTest
class RestOfVisitTest {
    @Autowired
    private Caller caller;

    private String session;
    private JsonNode first;

    @BeforeEach
    void openSession() throws Exception {
        caller.asTrainer();
        ObjectNode door = Caller.json();
        door.put("sleepHours", 7).put("armsWorkedHarder", false).put("somethingNew", false);
        door.putArray("sites");
        Answer planned =
                caller.put("/api/clients/" + caller.clientId("Jorun Haldvig") + "/sessions/" + UUID.randomUUID(), door);
        session = planned.at("/sessionId").asText();
        first = plan().at("/units/0/slots/0");
    }

    private JsonNode plan() throws Exception {
        return caller.get("/api/sessions/" + session).at("/plan");
    }

    private static List<JsonNode> slots(JsonNode plan) {
        List<JsonNode> slots = new ArrayList<>();
        plan.get("units").forEach(u -> {
            if (!u.get("care").asBoolean()) {
                u.get("slots").forEach(slots::add);
            }
        });
        return slots;
    }

    private void logFirstSet() throws Exception {
        ObjectNode set = Caller.json();
        set.put("exerciseKey", first.get("exerciseKey").asText())
                .put("setNumber", 1)
                .put("reps", 10)
                .put("effort", 7.5)
                .put("pain", 4)
                .put("painSite", "BACK_OF_ELBOW")
                .put("painSide", "RIGHT");
        set.set("load", first.get("load"));
        set.putArray("faults");
        assertThat(caller.put("/api/sessions/" + session + "/sets/" + UUID.randomUUID(), set)
                        .status())
                .isEqualTo(200);
    }

    private ObjectNode hurt(int pain, boolean ends) {
        return Caller.json()
                .put("exerciseKey", first.get("exerciseKey").asText())
                .put("site", "BACK_OF_ELBOW")
                .put("side", "RIGHT")
                .put("pain", pain)
                .put("ends", ends);
    }

    @Test
    void what_is_proposed_is_stored_only_when_it_is_taken_and_once() throws Exception {
        logFirstSet();
        JsonNode before = plan();
        String path = "/api/sessions/" + session + "/rest";
        Answer proposed = caller.post(path, hurt(4, false));
        assertThat(proposed.status()).isEqualTo(200);
        assertThat(proposed.at("/changes").size()).isPositive();
        assertThat(plan()).isEqualTo(before);

        assertThat(caller.put(path, hurt(4, false)).at("/changes")).isEqualTo(proposed.at("/changes"));
        JsonNode after = plan();
        assertThat(after).isNotEqualTo(before);
        for (JsonNode slot : slots(after)) {
            boolean loads = slot.at("/stress/BACK_OF_ELBOW").asDouble() >= 0.5;
            boolean begun = slot.get("exerciseKey").equals(first.get("exerciseKey"));
            if (loads && !begun && !slot.get("arms").asText().equals("IN_TURN")) {
                assertThat(slot.get("targetEffort").asDouble())
                        .as(slot.get("name").asText())
                        .isLessThanOrEqualTo(6);
            }
        }
        // What is begun stays as it was, so that its sets are those of the plan.
        assertThat(after.at("/units/0/slots/0")).isEqualTo(first);
        assertThat(caller.put(path, hurt(4, false)).at("/changes").size()).isZero();
    }

    @Test
    void a_set_of_the_changed_plan_is_taken_and_one_that_left_it_is_not() throws Exception {
        logFirstSet();
        caller.put("/api/sessions/" + session + "/rest", hurt(6, true));
        JsonNode last = slots(plan()).get(slots(plan()).size() - 1);
        ObjectNode set = Caller.json();
        set.put("exerciseKey", last.get("exerciseKey").asText())
                .put("setNumber", 1)
                .put("reps", 8)
                .put("pain", 0);
        set.set("load", last.get("load"));
        set.putArray("faults");
        assertThat(caller.put("/api/sessions/" + session + "/sets/" + UUID.randomUUID(), set)
                        .status())
                .isEqualTo(200);
    }

    @Test
    void what_is_no_exercise_of_the_session_is_refused_at_its_field() throws Exception {
        Answer answer =
                caller.post("/api/sessions/" + session + "/rest", hurt(4, false).put("exerciseKey", "no-such"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().toString()).contains("exerciseKey");
    }

    @Test
    void after_a_round_the_pulse_is_answered_and_one_that_cannot_be_is_refused() throws Exception {
        ObjectNode round = Caller.json().put("unit", "A").put("round", 1).put("pulse", 104);
        Answer said = caller.post("/api/sessions/" + session + "/rounds", round);
        assertThat(said.status()).isEqualTo(200);
        assertThat(said.at("/reason/exact").asText()).startsWith("Pulse 104 against ");
        assertThat(caller.post("/api/sessions/" + session + "/rounds", round.put("pulse", 400))
                        .status())
                .isEqualTo(422);
        assertThat(caller.post(
                                "/api/sessions/" + session + "/rounds",
                                round.put("pulse", 104).put("unit", "Z"))
                        .status())
                .isEqualTo(422);
    }
}
