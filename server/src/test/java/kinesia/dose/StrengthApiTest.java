package kinesia.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class StrengthApiTest {
    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static ObjectNode ask(String sets) throws Exception {
        return (ObjectNode) new ObjectMapper().readTree("""
                {"sex": "FEMALE", "statureM": 1.62, "bodyMassKg": 58, "age": 72,
                 "story": {"visits": 0, "trainedBefore": false, "risesWithoutHands": true},
                 "moderatelySore": [], "on": "2026-05-04", "sets": [%s]}""".formatted(sets));
    }

    private static JsonNode part(JsonNode picture, String side, String group) {
        for (JsonNode part : picture.get("parts")) {
            if (part.get("side").asText().equals(side)
                    && part.get("group").asText().equals(group)) {
                return part;
            }
        }
        throw new AssertionError("no " + side + " " + group);
    }

    /** 2.27 x 14.5/15 x (58/70)^(2/3) = 1.94 kg; the middle half of 70 to 74 is 12 to 17 repetitions. */
    @Test
    void with_no_history_the_norms_answer_with_their_why() throws Exception {
        Answer answer = caller.post("/api/dose/strength", ask(""));
        assertThat(answer.status()).isEqualTo(200);
        JsonNode front = part(answer.body(), "LEFT", "FLEXORS");
        assertThat(front.get("kg").asDouble()).isCloseTo(1.94, within(0.02));
        assertThat(front.get("lowKg").asDouble()).isCloseTo(1.94 * 12 / 14.5, within(0.03));
        assertThat(front.get("highKg").asDouble()).isCloseTo(1.94 * 17 / 14.5, within(0.03));
        assertThat(front.has("shownOn")).isFalse();
        assertThat(front.at("/reason/ruleId").asText()).isEqualTo("STRENGTH-norms");
        assertThat(part(answer.body(), "LEFT", "EXTENSORS").get("nm").asDouble())
                .isCloseTo(0.65 * front.get("nm").asDouble(), within(1e-6));
    }

    @Test
    void a_set_of_one_arm_shows_that_arm() throws Exception {
        String set =
                "{\"on\": \"2026-05-01\", \"exerciseKey\": \"concentration-curl\", \"side\": \"LEFT\", \"loadKg\": 2.25,"
                        + " \"reps\": 12, \"effort\": 7, \"pain\": 0}";
        JsonNode picture = caller.post("/api/dose/strength", ask(set)).body();
        assertThat(part(picture, "LEFT", "FLEXORS").get("shownOn").asText()).isEqualTo("2026-05-01");
        assertThat(part(picture, "LEFT", "FLEXORS").get("kg").asDouble()).isCloseTo(2.25, within(0.1));
        assertThat(part(picture, "RIGHT", "FLEXORS").has("shownOn")).isFalse();
    }

    @Test
    void what_is_wrong_is_said_at_its_field() throws Exception {
        Answer unknown = caller.post(
                "/api/dose/strength",
                ask(
                        "{\"on\": \"2026-05-01\", \"exerciseKey\": \"nonsense\", \"loadKg\": 2, \"reps\": 12, \"pain\": 0}"));
        assertThat(unknown.status()).isEqualTo(422);
        assertThat(unknown.at("/fields/0/field").asText()).isEqualTo("sets[0].exerciseKey");
        ObjectNode young = ask("");
        young.put("age", 12);
        assertThat(caller.post("/api/dose/strength", young).status()).isEqualTo(422);
    }

    @Test
    void a_client_has_a_picture_and_another_rooms_has_none() throws Exception {
        JsonNode today = caller.get("/api/today").body();
        String client = today.at("/clients/0/id").asText();
        JsonNode picture = caller.get("/api/clients/" + client + "/strength").body();
        assertThat(picture.get("parts")).hasSize(4).allSatisfy(p -> {
            assertThat(p.get("kg").asDouble()).isPositive();
            assertThat(p.at("/reason/exact").asText()).isNotBlank();
        });
        assertThat(picture.get("norm").asText()).contains("Rikli");
    }
}
