package kinesia.account;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;

@ServerTest
class SignInTest {
    @Autowired
    private Caller caller;

    @Autowired
    private MockMvc mvc;

    @Autowired
    private Accounts accounts;

    @Test
    void the_right_password_opens_the_room_and_signing_out_closes_it() throws Exception {
        caller.asTrainer();
        assertThat(caller.get("/api/session").at("/person/roomName").asText()).isEqualTo("Tidewheel Room");
        assertThat(caller.get("/api/session").at("/person/role").asText()).isEqualTo("TRAINER");
        assertThat(caller.delete("/api/session").status()).isEqualTo(204);
        assertThat(caller.signedOut().get("/api/today").status()).isEqualTo(401);
    }

    @Test
    void a_wrong_password_and_an_unknown_address_get_the_same_answer() throws Exception {
        caller.signedOut();
        Answer wrong = caller.post("/api/session", Map.of("email", "owner@tidewheel.example", "password", "no"));
        Answer unknown = caller.post("/api/session", Map.of("email", "nobody@nowhere.example", "password", "no"));
        assertThat(wrong.status()).isEqualTo(401);
        ObjectNode said = unknown.body().deepCopy();
        said.set("request", wrong.at("/request"));
        assertThat(said).isEqualTo(wrong.body());
    }

    @Test
    void an_empty_field_is_named() throws Exception {
        Answer answer = caller.signedOut().post("/api/session", Map.of("email", "", "password", "x"));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).isEqualTo("email");
        assertThat(answer.at("/fields/0/message").asText()).isEqualTo("is needed");
    }

    @Test
    void guessing_is_slowed_down() throws Exception {
        caller.signedOut();
        Answer last = null;
        for (int i = 0; i < 11; i++) {
            last = caller.post("/api/session", Map.of("email", "guess@tidewheel.example", "password", "x" + i));
        }
        assertThat(last.status()).isEqualTo(429);
        assertThat(last.at("/retryAfterSeconds").asInt()).isPositive();
    }

    @Test
    void a_request_without_the_token_is_refused() throws Exception {
        int status = mvc.perform(post("/api/session")
                        .contentType(MediaType.APPLICATION_JSON)
                        .content("{\"email\":\"trainer@tidewheel.example\",\"password\":\"tide-wheel-demo\"}"))
                .andReturn()
                .getResponse()
                .getStatus();
        assertThat(status).isEqualTo(403);
    }

    @Test
    void a_second_first_owner_is_refused() throws Exception {
        Answer answer = caller.signedOut()
                .post(
                        "/api/owner",
                        Map.of("roomName", "X", "name", "Y", "email", "y@x.example", "password", "long enough pw"));
        assertThat(answer.status()).isEqualTo(409);
    }

    @Test
    void passwords_are_stored_as_argon2id() {
        assertThat(accounts.findByEmail("trainer@tidewheel.example")
                        .orElseThrow()
                        .passwordHash())
                .startsWith("$argon2id$v=19$m=19456,t=2,p=1$");
    }
}
