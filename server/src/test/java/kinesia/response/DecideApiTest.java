package kinesia.response;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class DecideApiTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static ObjectNode example() throws Exception {
        return (ObjectNode) JSON.readTree(DecideController.EXAMPLE);
    }

    @Test
    void the_documented_example_is_an_ease_and_swaps_what_loads_the_place() throws Exception {
        Answer answer = caller.post("/api/response/decide", example());
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/visits/0/signals/0/signal").asText()).isEqualTo("EASE");
        assertThat(answer.at("/visits/0/signals/0/reason/inputs").toString()).contains("next morning");
        assertThat(answer.at("/decisions/0/exerciseKey").asText()).isEqualTo("lying-extension");
        assertThat(answer.at("/decisions/0/what").asText()).isEqualTo("SWAP");
        assertThat(answer.at("/next/sets/EXTENSORS/sets").asInt()).isPositive();
        assertThat(answer.at("/next/sets/EXTENSORS/reason/ruleId").asText()).isNotBlank();
    }

    @Test
    void tingling_rests_the_place_and_the_other_muscle_goes_on() throws Exception {
        ObjectNode ask = example();
        ((ObjectNode) ask.at("/visits/0/morning")).put("tinglingStays", true);
        Answer answer = caller.post("/api/response/decide", ask);
        assertThat(answer.at("/visits/0/signals/0/signal").asText()).isEqualTo("REFER");
        assertThat(answer.at("/decisions/0/what").asText()).isEqualTo("REST");
        assertThat(answer.at("/next/rested/0/site").asText()).isEqualTo("BACK_OF_ELBOW");
        assertThat(answer.at("/next/limits").toString()).contains("NO_LOADING");
        assertThat(answer.at("/next/sets/FLEXORS/sets").asInt()).isPositive();
    }

    @Test
    void what_was_not_said_is_waited_for() throws Exception {
        ObjectNode ask = example();
        ((ObjectNode) ask.at("/visits/0")).remove("morning");
        ask.remove("door");
        Answer answer = caller.post("/api/response/decide", ask);
        assertThat(answer.at("/visits/0/signals/0/signal").asText()).isEqualTo("WAITING");
        assertThat(answer.at("/decisions/0/what").asText()).isEqualTo("SAME");
    }

    @Test
    void what_cannot_be_is_refused_at_its_field() throws Exception {
        ObjectNode unknown = example();
        ((ObjectNode) unknown.at("/visits/0/slots/0")).put("exerciseKey", "no-such");
        Answer answer = caller.post("/api/response/decide", unknown);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).isEqualTo("visits[0].slots[0].exerciseKey");
        ObjectNode late = example().put("on", "2026-03-02");
        assertThat(caller.post("/api/response/decide", late)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("visits[0].on");
        ObjectNode pain = example();
        ((ObjectNode) pain.at("/visits/0/sets/0")).put("pain", 14);
        assertThat(caller.post("/api/response/decide", pain).status()).isEqualTo(422);
    }
}
