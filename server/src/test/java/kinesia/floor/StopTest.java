package kinesia.floor;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A stop sign that was pressed holds, whatever else happens to the session. */
@ServerTest
class StopTest {
    private static final int ROUNDS = 12;

    @Autowired
    private Caller caller;

    @Autowired
    private JdbcTemplate database;

    private String client;
    private String session;

    @BeforeEach
    void openSession() throws Exception {
        caller.asTrainer();
        client = caller.screened("Stine Holm", answers -> {});
        ObjectNode door = Caller.json();
        door.put("sleepHours", 7).put("armsWorkedHarder", false).put("somethingNew", false);
        door.putArray("sites");
        Answer planned = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door);
        assertThat(planned.status()).isEqualTo(200);
        session = planned.at("/sessionId").asText();
    }

    /** As if the session had just begun and nothing held. */
    private void reopen() {
        database.update(
                "update training_session set status = 'RUNNING', finished_at = null, stop_sign = null where id = ?::uuid",
                session);
        database.update("update client set hold_since = null, hold_reason = null where id = ?::uuid", client);
    }

    private Answer stop(String sign) throws Exception {
        return caller.post("/api/sessions/" + session + "/stop", Caller.json().put("sign", sign));
    }

    private Answer finish() throws Exception {
        return caller.post("/api/sessions/" + session + "/finish", Caller.json());
    }

    private void assertHeldBy(String sign) throws Exception {
        Answer next = caller.get("/api/clients/" + client + "/next");
        assertThat(next.body().has("plan")).isFalse();
        assertThat(next.at("/refusals/0/ruleId").asText()).isEqualTo("HOLD-stop");
        assertThat(next.at("/refusals/0/exact").asText()).contains(sign);
    }

    @Test
    void a_stop_after_another_device_finished_holds() throws Exception {
        assertThat(finish().status()).isEqualTo(200);
        Answer stopped = stop("confusion");
        assertThat(stopped.at("/status").asText()).isEqualTo("STOPPED");
        assertHeldBy("confusion");
    }

    @Test
    void a_finish_after_the_stop_ends_nothing_of_it() throws Exception {
        stop("irregular pulse");
        assertThat(finish().at("/status").asText()).isEqualTo("STOPPED");
        assertHeldBy("irregular pulse");
    }

    @Test
    void what_was_seen_later_stays_beside_what_was_seen_first_and_the_same_counts_once() throws Exception {
        stop("dizziness");
        stop("sudden headache");
        assertThat(stop("dizziness").at("/stopSign").asText()).isEqualTo("dizziness; sudden headache");
        assertHeldBy("dizziness; sudden headache");
    }

    @Test
    void a_stop_while_another_device_finishes_holds_whoever_comes_first() throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            for (int round = 0; round < ROUNDS; round++) {
                reopen();
                Callable<Integer> finishing = () -> finish().status();
                Callable<Integer> stopping =
                        () -> stop("new weakness or numbness").status();
                boolean stopFirst = round % 2 == 0;
                List<Future<Integer>> both = List.of(
                        threads.submit(stopFirst ? stopping : finishing),
                        threads.submit(stopFirst ? finishing : stopping));
                for (Future<Integer> one : both) {
                    assertThat(one.get()).isEqualTo(200);
                }
                assertThat(caller.get("/api/sessions/" + session).at("/status").asText())
                        .isEqualTo("STOPPED");
                assertHeldBy("new weakness or numbness");
            }
        } finally {
            threads.shutdown();
        }
    }

    @Test
    void a_letter_that_no_text_can_hold_loses_nothing_and_a_novel_is_cut() throws Exception {
        assertThat(stop("dizz\0iness").status()).isEqualTo(200);
        assertHeldBy("dizz iness");
        reopen();
        assertThat(stop("o".repeat(5000)).status()).isEqualTo(200);
        assertHeldBy("ooooo");
    }

    @ParameterizedTest
    @ValueSource(strings = {"{}", "{\"sign\": null}", "{\"sign\": \" \"}", "{\"sign\": \"\\u0000\"}"})
    void a_stop_that_says_nothing_is_refused_at_its_field_and_never_answered_as_done(String body) throws Exception {
        Answer refused = caller.post("/api/sessions/" + session + "/stop", new ObjectMapper().readTree(body));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/fields/0/field").asText()).isEqualTo("sign");
        assertThat(caller.get("/api/sessions/" + session).at("/status").asText())
                .isEqualTo("PLANNED");
    }
}
