package kinesia.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.awaitility.Awaitility.await;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

/** Who may add whom, and what a password has to be. */
@ServerTest
class AccountTest {
    private static final String GOOD = "lantern oar thistle";

    @Autowired
    private Caller caller;

    @Autowired
    private MockMvc mvc;

    private static ObjectNode person(String email, String password) {
        ObjectNode person =
                Caller.json().put("name", "Ylva Sand").put("email", email).put("role", "TRAINER");
        return password == null ? person : person.put("password", password);
    }

    @Test
    void the_owner_adds_and_removes_people_and_a_trainer_does_neither() throws Exception {
        String path = "/api/accounts/" + UUID.randomUUID();
        caller.asTrainer();
        assertThat(caller.get("/api/accounts").status()).isEqualTo(403);
        assertThat(caller.put(path, person("ylva@room.example", GOOD)).status()).isEqualTo(403);
        assertThat(caller.delete(path).status()).isEqualTo(403);

        caller.as("owner@tidewheel.example");
        assertThat(caller.put(path, person("ylva@room.example", GOOD)).status()).isEqualTo(200);
        assertThat(caller.get("/api/accounts").body().findValuesAsText("name")).contains("Ylva Sand", "Liv Tanager");

        Caller ylva = new Caller(mvc);
        assertThat(ylva.post("/api/session", Map.of("email", "ylva@room.example", "password", GOOD))
                        .status())
                .isEqualTo(200);
        assertThat(ylva.get("/api/today").status()).isEqualTo(200);
        assertThat(caller.delete(path).status()).isEqualTo(204);
        assertEndsSoon(ylva);
    }

    @Test
    void a_new_password_of_ones_own_ends_the_sign_ins_of_before() throws Exception {
        caller.as("owner@tidewheel.example");
        String path = "/api/accounts/" + UUID.randomUUID();
        caller.put(path, person("anne@room.example", GOOD));
        Caller anne = new Caller(mvc);
        anne.post("/api/session", Map.of("email", "anne@room.example", "password", GOOD));
        Answer wrong = anne.put("/api/password", Map.of("present", "not it at all", "password", "thistle oar lantern"));
        assertThat(wrong.at("/fields/0/field").asText()).isEqualTo("present");
        assertThat(anne.put("/api/password", Map.of("present", GOOD, "password", "thistle oar lantern"))
                        .status())
                .isEqualTo(204);
        assertEndsSoon(anne);
        caller.delete(path);
    }

    private static void assertEndsSoon(Caller caller) {
        await().atMost(Duration.ofSeconds(10))
                .untilAsserted(
                        () -> assertThat(caller.get("/api/places").status()).isEqualTo(401));
    }

    @Test
    void the_last_owner_stays_one() throws Exception {
        caller.as("owner@tidewheel.example");
        String own = "";
        for (var one : caller.get("/api/accounts").body()) {
            own = one.get("you").asBoolean() ? one.get("id").asText() : own;
        }
        assertThat(caller.delete("/api/accounts/" + own).status()).isEqualTo(409);
        ObjectNode trainer =
                person(caller.email("owner@tidewheel.example"), null).put("name", "Liv Tanager");
        assertThat(caller.put("/api/accounts/" + own, trainer).status()).isEqualTo(409);
    }

    @ParameterizedTest
    @CsvSource({
        "short, from 12 to 200",
        "aaaaaaaaaaaaaaaa, different characters",
        "password1234, guessed first",
        "qwertyuiop123, guessed first",
        "iloveyou1234, guessed first",
        "ylva@room.example, is your e-mail",
        "123456789012345, guessed first"
    })
    void a_password_that_is_guessed_first_is_refused_at_its_field(String password, String words) throws Exception {
        caller.as("owner@tidewheel.example");
        Answer refused = caller.put("/api/accounts/" + UUID.randomUUID(), person("ylva@room.example", password));
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/fields/0/field").asText()).isEqualTo("password");
        assertThat(refused.at("/fields/0/message").asText()).contains(words);
    }

    @Test
    void of_several_first_owners_at_once_none_comes_beside_the_one_there_is() throws Exception {
        ExecutorService threads = Executors.newFixedThreadPool(6);
        try {
            List<Future<Integer>> all = new ArrayList<>();
            for (int i = 0; i < 6; i++) {
                String email = "first" + i + "@room.example";
                all.add(threads.submit(() -> new Caller(mvc)
                        .post(
                                "/api/owner",
                                Map.of("roomName", "Shed", "name", "Ylva", "email", email, "password", GOOD))
                        .status()));
            }
            for (Future<Integer> one : all) {
                assertThat(one.get()).isEqualTo(409);
            }
        } finally {
            threads.shutdown();
        }
    }
}
