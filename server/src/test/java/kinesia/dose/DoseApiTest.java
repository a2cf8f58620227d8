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
class DoseApiTest {
    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static ObjectNode json(String text) throws Exception {
        return (ObjectNode) new ObjectMapper().readTree(text);
    }

    private static final String SOMEBODY = """
            "sex": "FEMALE", "statureM": 1.66, "bodyMassKg": 68, "exerciseKey": "seated-curl",
            "equipment": {"dumbbellsKg": [4, 5, 5.4, 8], "bands": [], "furniture": ["chair"]}""";

    @Test
    void an_estimate_is_a_range_over_the_formulas_and_none_where_too_little_is_known() throws Exception {
        Answer answer = caller.post("/api/dose/estimate", json("{\"loadKg\": 10, \"reps\": 8, \"effort\": 8}"));
        // Epley, ten repetitions to failure: 10 x (1 + 10/30) (LeSuer et al. 1997, quoted from memory).
        assertThat(answer.at("/chosenKg").asDouble()).isCloseTo(13.333, within(0.001));
        assertThat(answer.at("/lowKg").asDouble())
                .isLessThan(answer.at("/highKg").asDouble());
        assertThat(answer.at("/formulas")).hasSize(7);
        Answer easy = caller.post("/api/dose/estimate", json("{\"loadKg\": 10, \"reps\": 8, \"effort\": 5}"));
        assertThat(easy.body().has("chosenKg")).isFalse();
        assertThat(easy.at("/reason/exact").asText()).contains("effort of 7");
        assertThat(caller.post("/api/dose/estimate", json("{\"loadKg\": 10, \"reps\": 8, \"effort\": 11}"))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void two_good_sessions_earn_the_smallest_step_within_ten_percent() throws Exception {
        String session = "{\"sets\": [{\"reps\": 12, \"effort\": 7}], \"reps\": {\"low\": 8, \"high\": 12},"
                + " \"target\": 7.5, \"go\": true}";
        String ask = "{" + SOMEBODY + ", \"loadKg\": 5, \"previous\": " + session + ", \"last\": " + session + "}";
        Answer answer = caller.post("/api/dose/next-load", json(ask));
        assertThat(answer.at("/load/kg").asDouble()).isEqualTo(5.4);

        assertThat(answer.at("/changes").asBoolean()).isTrue();
        Answer not = caller.post("/api/dose/next-load", json(ask.replaceFirst("\"go\": true", "\"go\": false")));
        assertThat(not.at("/changes").asBoolean()).isFalse();
        assertThat(not.at("/load/kg").asDouble()).isEqualTo(5);
        assertThat(not.at("/lowering").asInt()).isZero();
    }

    @Test
    void a_ladders_end_is_said_where_a_slow_lowering_would_make_a_set_too_long() throws Exception {
        String session = "{\"sets\": [{\"reps\": 17, \"effort\": 7}], \"reps\": {\"low\": 13, \"high\": 17},"
                + " \"target\": 7.5, \"go\": true}";
        String heaviest =
                "{" + SOMEBODY + ", \"loadKg\": 80, \"previous\": " + session + ", \"last\": " + session + "}";
        Answer answer = caller.post("/api/dose/next-load", json(heaviest));
        // Seventeen repetitions of six seconds are more than ninety.
        assertThat(answer.at("/changes").asBoolean()).isFalse();
        assertThat(answer.at("/lowering").asInt()).isZero();
        assertThat(answer.at("/reason/ruleId").asText()).isEqualTo("PROGRESS-end");
    }

    @Test
    void reachable_loads_are_those_of_the_place_with_their_smallest_step() throws Exception {
        JsonNode answer = caller.post("/api/dose/reachable-loads", json("{" + SOMEBODY + "}"))
                .body();
        assertThat(answer.get("loads")).hasSize(4);
        assertThat(answer.get("smallestStepPercent").asDouble()).isCloseTo(8, within(0.01));
        assertThat(caller.post(
                                "/api/dose/reachable-loads",
                                json("{" + SOMEBODY.replace("seated-curl", "no-such") + "}"))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("exerciseKey");
    }
}
