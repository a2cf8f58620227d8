package kinesia.floor;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import kinesia.core.arm.Side;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.StartingArm;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class FloorTest {
    @Autowired
    private Caller caller;

    @Autowired
    private SetLogs logs;

    @Autowired
    private TrainingSessions sessions;

    @Autowired
    private SessionPlans plans;

    private String client;
    private String session;
    private JsonNode slot;

    @BeforeEach
    void openSession() throws Exception {
        caller.asTrainer();
        client = caller.clientId("Jorun Haldvig");
        Answer planned = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door(false));
        assertThat(planned.status()).isEqualTo(200);
        session = planned.at("/sessionId").asText();
        slot = caller.get("/api/sessions/" + session).at("/plan/units/0/slots/0");
    }

    private static ObjectNode door(boolean somethingNew) {
        ObjectNode door = Caller.json();
        door.put("sleepHours", 7).put("armsWorkedHarder", false).put("somethingNew", somethingNew);
        door.putArray("sites");
        return door;
    }

    private ObjectNode set(int number) {
        ObjectNode set = Caller.json();
        set.put("exerciseKey", slot.get("exerciseKey").asText())
                .put("setNumber", number)
                .put("reps", 10)
                .put("effort", 7.5)
                .put("pain", 0);
        set.set("load", slot.get("load"));
        set.putArray("faults");
        return set;
    }

    private int sets() throws Exception {
        return caller.get("/api/sessions/" + session).at("/sets").size();
    }

    @Test
    void planning_twice_opens_one_session() throws Exception {
        Answer again = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door(false));
        assertThat(again.at("/sessionId").asText()).isEqualTo(session);
    }

    @Test
    void the_arm_that_begins_follows_from_the_last_visit_at_which_the_arms_took_turns() throws Exception {
        JsonNode open = caller.get("/api/sessions/" + session).at("");
        LocalDate day = LocalDate.parse(open.get("visitOn").asText());
        List<TrainingSession> earlier = sessions.findByClientIdAndVisitOnGreaterThanEqualAndVisitOnBeforeOrderByVisitOn(
                UUID.fromString(client), day.minusYears(1), day);
        List<LoggedSet> last = List.of();
        for (TrainingSession before : earlier) {
            List<LoggedSet> sets = logs.findBySessionIdAndUndoneFalseOrderByLoggedAt(before.id()).stream()
                    .map(l -> l.set(before.visitOn()))
                    .filter(l -> l.side() != null)
                    .toList();
            last = sets.isEmpty() ? last : sets;
        }
        assertThat(last).isNotEmpty();
        Side first = StartingArm.after(last);
        int singly = 0;
        for (Slot slot : plans.of(UUID.fromString(session)).slots()) {
            List<String> begins = new ArrayList<>();
            for (JsonNode guide : open.get("guides")) {
                if (guide.get("exerciseKey").asText().equals(slot.exerciseKey())) {
                    guide.get("begins").forEach(arm -> begins.add(arm.asText()));
                }
            }
            assertThat(begins)
                    .isEqualTo(StartingArm.ofSets(slot, first).stream()
                            .map(Enum::name)
                            .toList());
            singly += begins.isEmpty() ? 0 : 1;
        }
        assertThat(singly).isPositive();
    }

    @Test
    void the_same_set_sent_twice_is_kept_once_and_can_be_undone() throws Exception {
        int before = sets();
        String path = "/api/sessions/" + session + "/sets/" + UUID.randomUUID();
        assertThat(caller.put(path, set(9)).status()).isEqualTo(200);
        assertThat(caller.put(path, set(9)).status()).isEqualTo(200);
        assertThat(sets()).isEqualTo(before + 1);
        assertThat(caller.delete(path).status()).isEqualTo(200);
        assertThat(caller.delete(path).status()).isEqualTo(200);
        assertThat(sets()).isEqualTo(before);
    }

    @Test
    void the_same_set_from_another_screen_is_told_what_is_stored() throws Exception {
        String path = "/api/sessions/" + session + "/sets/";
        assertThat(caller.put(path + UUID.randomUUID(), set(8)).status()).isEqualTo(200);
        Answer second = caller.put(path + UUID.randomUUID(), set(8));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.at("/current/set/reps").asInt()).isEqualTo(10);
    }

    @Test
    void two_screens_at_the_same_instant_keep_one_set() throws Exception {
        int before = sets();
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            Callable<Integer> log = () -> caller.put("/api/sessions/" + session + "/sets/" + UUID.randomUUID(), set(7))
                    .status();
            Future<Integer> one = threads.submit(log);
            Future<Integer> two = threads.submit(log);
            assertThat(one.get() + two.get()).isEqualTo(200 + 409);
        } finally {
            threads.shutdown();
        }
        assertThat(sets()).isEqualTo(before + 1);
    }

    @Test
    void impossible_sets_are_refused_at_their_field() throws Exception {
        String path = "/api/sessions/" + session + "/sets/" + UUID.randomUUID();
        assertField(caller.put(path, set(6).put("effort", 11)), "effort");
        assertField(caller.put(path, set(6).put("effort", 7.3)), "effort");
        assertField(caller.put(path, set(6).put("pain", 12)), "pain");
        assertField(caller.put(path, set(6).put("pain", 3)), "painSite");
        assertField(caller.put(path, set(6).put("reps", 400)), "reps");
        assertField(caller.put(path, set(6).put("exerciseKey", "no-such")), "exerciseKey");
    }

    private static void assertField(Answer answer, String field) {
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).contains(field);
    }

    @Test
    void pain_over_five_ends_the_exercise_with_the_rule_that_says_so() throws Exception {
        Answer answer = caller.put(
                "/api/sessions/" + session + "/sets/" + UUID.randomUUID(),
                set(6).put("pain", 6).put("painSite", "WRIST").put("painSide", "LEFT"));
        String key = slot.get("exerciseKey").asText();
        JsonNode said = answer.at("/advice/" + key);
        assertThat(said.at("/next").asText()).isEqualTo("END_EXERCISE");
        assertThat(said.at("/reason/ruleId").asText()).isEqualTo("FLOOR-pain-ends");
        assertThat(said.at("/reason/inputs/pain").asText()).isEqualTo("6");
        assertThat(caller.get("/api/sessions/" + session)
                        .at("/advice/" + key + "/next")
                        .asText())
                .isEqualTo("END_EXERCISE");
    }

    @Test
    void a_sharp_pain_ends_the_exercise_whatever_its_number() throws Exception {
        String path = "/api/sessions/" + session + "/sets/" + UUID.randomUUID();
        assertField(caller.put(path, set(6).put("painKind", "SHARP")), "painSite");
        Answer answer = caller.put(
                path,
                set(6).put("pain", 1)
                        .put("painKind", "SHARP")
                        .put("painSite", "WRIST")
                        .put("painSide", "LEFT"));
        JsonNode said = answer.at("/advice/" + slot.get("exerciseKey").asText());
        assertThat(said.at("/next").asText()).isEqualTo("END_EXERCISE");
        assertThat(said.at("/reason/ruleId").asText()).isEqualTo("FLOOR-pain-kind");
        assertThat(answer.at("/set/set/painKind").asText()).isEqualTo("SHARP");
    }

    @Test
    void a_fault_seen_twice_is_acted_on() throws Exception {
        JsonNode said = null;
        for (int n = 5; n <= 6; n++) {
            ObjectNode body = set(n);
            body.putArray("faults").add("Swinging the trunk");
            said = caller.put("/api/sessions/" + session + "/sets/" + UUID.randomUUID(), body)
                    .at("/advice/" + slot.get("exerciseKey").asText());
        }
        assertThat(said.at("/reason/ruleId").asText()).isEqualTo("FLOOR-form");
    }

    @Test
    void a_set_up_is_remembered_and_nobody_writes_over_it_unseen() throws Exception {
        String client = caller.get("/api/sessions/" + session).at("/clientId").asText();
        String key = slot.get("exerciseKey").asText();
        String path = "/api/clients/" + client + "/set-ups/" + key;
        ObjectNode body = Caller.json();
        body.putObject("setUp").put("bench", " 3 ").put("cue", "long neck");
        Answer kept = caller.put(path, body);
        assertThat(kept.at("/setUp/bench").asText()).isEqualTo("3");
        JsonNode guide = null;
        for (JsonNode one : caller.get("/api/sessions/" + session).at("/guides")) {
            guide = one.get("exerciseKey").asText().equals(key) ? one : guide;
        }
        assertThat(guide.at("/remembered/setUp/cue").asText()).isEqualTo("long neck");
        // Somebody who had not seen it is told what is there.
        Answer other = caller.put(path, body);
        assertThat(other.status()).isEqualTo(409);
        body.put("version", kept.at("/version").asLong());
        body.putObject("setUp").put("note", "x".repeat(301));
        assertThat(caller.put(path, body).at("/fields/0/field").asText()).isEqualTo("setUp.note");
        body.putObject("setUp").put("note", "left wrist strap");
        assertThat(caller.put(path, body).status()).isEqualTo(200);
        assertThat(caller.put("/api/clients/" + client + "/set-ups/no-such", body)
                        .status())
                .isEqualTo(422);
    }

    @Test
    void pain_that_grows_over_the_easy_sets_swaps_the_exercise() throws Exception {
        String path = "/api/sessions/" + session + "/easy-sets";
        ObjectNode body = Caller.json().put("site", "WRIST").put("side", "LEFT");
        body.putArray("pains").add(0).add(2);
        assertThat(caller.post(path, body).at("/swap/ruleId").asText()).isEqualTo("WARMUP-swap");
        body.putArray("pains").add(1).add(0);
        assertThat(caller.post(path, body).at("/swap").isMissingNode()).isTrue();
        body.putArray("pains");
        assertThat(caller.post(path, body).at("/fields/0/field").asText()).isEqualTo("pains");
    }

    @Test
    void a_stop_sign_ends_the_session_and_holds_the_client_until_a_new_screen() throws Exception {
        assertThat(caller.put("/api/sessions/" + session + "/sets/" + UUID.randomUUID(), set(1))
                        .status())
                .isEqualTo(200);
        Answer stopped =
                caller.post("/api/sessions/" + session + "/stop", Caller.json().put("sign", "dizziness"));
        assertThat(stopped.at("/status").asText()).isEqualTo("STOPPED");
        Answer next = caller.get("/api/clients/" + client + "/next");
        assertThat(next.body().has("plan")).isFalse();
        assertThat(next.at("/refusals/0/ruleId").asText()).isEqualTo("HOLD-stop");
        assertThat(caller.put("/api/sessions/" + session + "/sets/" + UUID.randomUUID(), set(5))
                        .status())
                .isEqualTo(409);

        // The next screen knows what stopped the last session, and asks whether a clinician has seen it.
        Answer screen = caller.get("/api/clients/" + client + "/screen");
        assertThat(screen.at("/earlier/stop/sign").asText()).isEqualTo("dizziness");
        ObjectNode answers = screen.at("/screen/answers").deepCopy();
        assertThat(caller.post("/api/clients/" + client + "/screen/assess", answers)
                        .at("/missing/0")
                        .asText())
                .contains("dizziness", "Has a clinician seen it");
        answers.putObject("earlier").put("stopSeen", true);
        assertThat(caller.put("/api/clients/" + client + "/screens/" + UUID.randomUUID(), answers)
                        .status())
                .isEqualTo(200);
        assertThat(caller.get("/api/clients/" + client + "/next").body().has("plan"))
                .isTrue();
        assertThat(caller.get("/api/clients/" + client + "/next").at("/visitOn").asText())
                .isGreaterThan(caller.get("/api/today").at("/today").asText());
    }
}
