package kinesia.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import kinesia.shared.TestClock;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class VisitTest {
    @Autowired
    private Caller caller;

    @Autowired
    private TestClock clock;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static ObjectNode door(Double sleep, boolean heavier, boolean somethingNew) {
        ObjectNode door = Caller.json();
        door.put("sleepHours", sleep).put("armsWorkedHarder", heavier).put("somethingNew", somethingNew);
        door.putArray("sites")
                .addObject()
                .put("site", "INNER_ELBOW")
                .put("side", "RIGHT")
                .put("pain", 2);
        return door;
    }

    @Test
    void something_new_at_the_door_comes_before_any_plan() throws Exception {
        String client = caller.clientId("Pia Ravnsund");
        Answer answer = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door(7.0, false, true));
        assertThat(answer.body().has("sessionId")).isFalse();
        assertThat(answer.at("/refusals/0/ruleId").asText()).isEqualTo("DOOR-new");
    }

    @Test
    void an_impossible_door_answer_is_refused_at_its_field() throws Exception {
        String client = caller.clientId("Pia Ravnsund");
        Answer answer =
                caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door(30.0, false, false));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/message").asText()).contains("from 0 to 24 hours");
    }

    @Test
    void a_short_night_takes_one_point_of_effort_and_one_set_off() throws Exception {
        String client = caller.clientId("Pia Ravnsund");
        JsonNode usual = caller.get("/api/clients/" + client + "/next").at("/plan/units/0/slots/0");
        Answer answer = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door(4.0, true, false));
        JsonNode session =
                caller.get("/api/sessions/" + answer.at("/sessionId").asText()).body();
        JsonNode slot = session.at("/plan/units/0/slots/0");
        assertThat(slot.get("targetEffort").asDouble())
                .isEqualTo(usual.get("targetEffort").asDouble() - 1);
        assertThat(slot.get("sets").asInt())
                .isEqualTo(Math.max(1, usual.get("sets").asInt() - 1));
        assertThat(slot.at("/why/EFFORT/ruleId").asText()).isEqualTo("DOOR-easier");
        assertThat(slot.at("/why/EFFORT/inputs/sleep").asText()).isEqualTo("4.0 h");
        assertThat(session.get("morningPossible").asBoolean()).isFalse();
        assertThat(caller.get("/api/sessions/" + session.get("id").asText() + "/morning")
                        .status())
                .isEqualTo(409);
    }

    @Test
    void what_hurts_right_after_the_last_set_counts_as_pain_of_the_session() throws Exception {
        String client = caller.screened("Right After", a -> {});
        String session = caller.put(
                        "/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door(7.0, false, false))
                .at("/sessionId")
                .asText();
        ObjectNode finish = Caller.json();
        finish.putArray("rightAfter")
                .addObject()
                .put("site", "WRIST")
                .put("side", "LEFT")
                .put("pain", 6);
        assertThat(caller.post("/api/sessions/" + session + "/finish", finish)
                        .at("/status")
                        .asText())
                .isEqualTo("DONE");
        JsonNode signals = caller.get("/api/clients/" + client + "/next").at("/signals");
        assertThat(signals)
                .anyMatch(s -> s.at("/place/site").asText().equals("WRIST")
                        && s.get("signal").asText().equals("EASE"));
        clock.pass(Duration.ofDays(1));
        assertThat(caller.get("/api/today").at("/clients"))
                .anyMatch(c -> c.get("id").asText().equals(client)
                        && c.get("signal").asText().equals("EASE"));
        finish.withArray("rightAfter")
                .addObject()
                .put("site", "WRIST")
                .put("side", "LEFT")
                .put("pain", 11);
        assertThat(caller.post("/api/sessions/" + session + "/finish", finish).status())
                .isEqualTo(422);
    }

    @Test
    void a_morning_can_be_answered_when_its_day_has_come() throws Exception {
        String client = caller.screened("Morning Person", a -> {});
        String session = caller.put(
                        "/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door(7.0, false, false))
                .at("/sessionId")
                .asText();
        caller.post("/api/sessions/" + session + "/finish", Caller.json());
        String morning = "/api/sessions/" + session + "/morning";
        assertThat(caller.get(morning).at("/mayAnswer").asBoolean()).isFalse();
        clock.pass(Duration.ofDays(1));
        assertThat(caller.get(morning).at("/mayAnswer").asBoolean()).isTrue();
        assertThat(caller.get("/api/clients/" + client + "/next")
                        .at("/morningFor")
                        .asText())
                .isEqualTo(session);
    }

    @Test
    void the_morning_is_asked_once_its_day_has_come_and_changes_what_is_next() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        String session =
                caller.get("/api/clients/" + client + "/next").at("/morningFor").asText();
        JsonNode asked = caller.get("/api/sessions/" + session + "/morning").body();
        assertThat(asked.at("/places/0/site").asText()).isEqualTo("BACK_OF_ELBOW");
        int usual = asked.at("/places/0/usual").asInt();

        assertThat(answer(session, usual + 3).status()).isEqualTo(200);
        assertThat(signal(client)).isEqualTo("EASE");
        assertThat(answer(session, usual).status()).isEqualTo(200); // corrected
        assertThat(signal(client)).isEqualTo("GO");
        assertThat(caller.get("/api/clients/" + client + "/next").body().has("morningFor"))
                .isFalse();
        assertThat(answer(session, 14).status()).isEqualTo(422);
        assertThat(signal(client)).isEqualTo("GO");
    }

    @Test
    void tingling_that_stays_rests_its_place_says_what_to_do_and_the_rest_goes_on() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        String session =
                caller.get("/api/clients/" + client + "/next").at("/morningFor").asText();
        ObjectNode tingles = morning(session, 2);
        assertThat(caller.put("/api/sessions/" + session + "/morning", tingles.put("tinglingStays", true))
                        .status())
                .isEqualTo(200);
        JsonNode next = caller.get("/api/clients/" + client + "/next").body();
        assertThat(next.at("/signals/0/signal").asText()).isEqualTo("REFER");
        assertThat(next.at("/whatToDo/0").asText())
                .contains("right back of elbow")
                .contains("licensed clinician");
        assertThat(next.at("/plan/units")).isNotEmpty();
        for (JsonNode unit : next.at("/plan/units")) {
            for (JsonNode slot : unit.get("slots")) {
                // Nothing loads it; what works arm by arm is done by the other one.
                boolean leftAlone =
                        slot.get("sides").has("LEFT") && !slot.get("sides").has("RIGHT");
                assertThat(leftAlone || slot.at("/stress/BACK_OF_ELBOW").asDouble() < 0.25)
                        .as(slot.get("name").asText())
                        .isTrue();
            }
        }
    }

    private Answer answer(String session, int pain) throws Exception {
        return caller.put("/api/sessions/" + session + "/morning", morning(session, pain));
    }

    private ObjectNode morning(String session, int pain) throws Exception {
        ObjectNode body = Caller.json();
        JsonNode version =
                caller.get("/api/sessions/" + session + "/morning").body().get("version");
        body.set("version", version);
        body.put("muscleSoreness", 2).put("sharp", false).put("tinglingStays", false);
        body.putArray("sites")
                .addObject()
                .put("site", "BACK_OF_ELBOW")
                .put("side", "RIGHT")
                .put("pain", pain);
        return body;
    }

    private String signal(String client) throws Exception {
        return caller.get("/api/clients/" + client + "/next")
                .at("/signals/0/signal")
                .asText();
    }

    @Test
    void the_api_describes_itself_and_an_unknown_path_is_a_problem_without_a_stack_trace() throws Exception {
        Answer document = caller.get("/api/openapi.json");
        assertThat(document.body().at("/paths").has("/api/screening/assess")).isTrue();
        assertThat(document.body().at("/components/schemas/Reason/required").toString())
                .contains("ruleId", "exact", "plain", "tag");
        Answer nowhere = caller.get("/api/no/such/thing");
        assertThat(nowhere.status()).isEqualTo(404);
        assertThat(nowhere.body().toString()).doesNotContain("Exception");
    }
}
