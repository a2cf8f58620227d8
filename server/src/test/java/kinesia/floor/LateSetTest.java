package kinesia.floor;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** Sets that waited on a device while somebody else went on: nothing of them is lost. */
@ServerTest
class LateSetTest {
    @Autowired
    private Caller caller;

    @Autowired
    private JdbcTemplate database;

    private String session;
    private JsonNode slot;

    @BeforeEach
    void openSession() throws Exception {
        caller.asTrainer();
        String client = caller.screened("Ragna Vik", answers -> {});
        ObjectNode door = Caller.json().put("armsWorkedHarder", false).put("somethingNew", false);
        door.putArray("sites");
        session = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door)
                .at("/sessionId")
                .asText();
        slot = caller.get("/api/sessions/" + session).at("/plan/units/0/slots/0");
    }

    private ObjectNode set(int number, int reps) {
        ObjectNode set = Caller.json();
        set.put("exerciseKey", slot.get("exerciseKey").asText())
                .put("setNumber", number)
                .put("reps", reps)
                .put("pain", 0);
        set.set("load", slot.get("load"));
        set.putArray("faults");
        return set;
    }

    private String path(String set) {
        return "/api/sessions/" + session + "/sets/" + set;
    }

    private JsonNode view() throws Exception {
        return caller.get("/api/sessions/" + session).body();
    }

    @Test
    void a_set_comes_into_a_finished_session_only_when_it_is_asked_for() throws Exception {
        String id = UUID.randomUUID().toString();
        caller.post("/api/sessions/" + session + "/finish", Map.of());
        assertThat(caller.put(path(id), set(1, 10)).status()).isEqualTo(409);
        assertThat(caller.put(path(id) + "?late=true", set(1, 10)).status()).isEqualTo(200);
        assertThat(caller.put(path(id) + "?late=true", set(1, 10)).status()).isEqualTo(200);
        assertThat(view().at("/sets")).hasSize(1);
        assertThat(view().at("/status").asText()).isEqualTo("DONE");
    }

    @Test
    void a_set_that_another_device_logged_under_its_number_takes_the_next_one() throws Exception {
        caller.put(path(UUID.randomUUID().toString()), set(1, 10));
        String id = UUID.randomUUID().toString();
        assertThat(caller.put(path(id), set(1, 12)).status()).isEqualTo(409);
        Answer added = caller.put(path(id) + "?late=true", set(1, 12));
        assertThat(added.at("/set/set/setNumber").asInt()).isEqualTo(2);
        assertThat(view().at("/sets")).hasSize(2);
    }

    @Test
    void a_set_put_again_after_an_undo_comes_back_as_it_is_said_now() throws Exception {
        String id = UUID.randomUUID().toString();
        caller.put(path(id), set(1, 10));
        caller.delete(path(id));
        assertThat(view().at("/sets")).isEmpty();
        assertThat(caller.put(path(id), set(1, 11)).status()).isEqualTo(200);
        assertThat(view().at("/sets")).hasSize(1);
        assertThat(view().at("/sets/0/set/reps").asInt()).isEqualTo(11);
    }

    @Test
    void what_is_not_among_the_sets_can_be_kept_as_a_note_once() throws Exception {
        caller.post("/api/sessions/" + session + "/finish", Map.of());
        String note = "/api/sessions/" + session + "/notes/" + UUID.randomUUID();
        assertThat(caller.put(note, Map.of("text", "Curl, set 1: 10 × 4 kg")).status())
                .isEqualTo(204);
        assertThat(caller.put(note, Map.of("text", "Curl, set 1: 10 × 4 kg")).status())
                .isEqualTo(204);
        assertThat(view().at("/notes")).hasSize(1);
        assertThat(view().at("/notes/0/by").asText()).isEqualTo("Oda Brandt");
        Answer nothing = caller.put(note, Map.of("text", " "));
        assertThat(nothing.at("/fields/0/field").asText()).isEqualTo("text");
    }

    @Test
    void the_second_device_that_answers_a_morning_is_told_and_overwrites_nothing() throws Exception {
        caller.put(path(UUID.randomUUID().toString()), set(1, 10));
        caller.post("/api/sessions/" + session + "/finish", Map.of());
        database.update("update training_session set visit_on = visit_on - 1 where id = ?::uuid", session);
        String morning = "/api/sessions/" + session + "/morning";
        assertThat(caller.get(morning).body().has("version")).isFalse();
        assertThat(caller.put(morning, answers(1, null)).status()).isEqualTo(200);
        assertThat(caller.put(morning, answers(1, null)).status()).isEqualTo(200); // the same press again

        Answer second = caller.put(morning, answers(4, null));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.at("/current/answers/muscleSoreness").asInt()).isEqualTo(1);
        long version = second.at("/current/version").asLong();
        assertThat(caller.put(morning, answers(4, version)).status()).isEqualTo(200);
        assertThat(caller.get(morning).at("/answers/muscleSoreness").asInt()).isEqualTo(4);
    }

    private static ObjectNode answers(int soreness, Long version) {
        ObjectNode answers = Caller.json().put("muscleSoreness", soreness).put("sharp", false);
        answers.put("tinglingStays", false).putArray("sites");
        if (version != null) {
            answers.put("version", version);
        }
        return answers;
    }
}
