package kinesia.room;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A room writes a way of working under the checks of the rule files, plans by it, and shares it. */
@ServerTest
class MethodTest {
    private static final String OWN = """
            key: quiet-evening
            name: Quiet evening
            what: one curl and one extension, each by itself, slowly
            near: [form-first]
            sections:
              - as: straight
                rounds: [1, 2]
                reps: [10, 12]
                tempo: [2, 1, 3]
                rest: [90, 60]
                picks:
                  - {for: extensors, count: [1, 1]}
                  - {for: flexors, count: [1, 1]}
            """;

    @Autowired
    private Caller caller;

    private final String path = "/api/methods/" + UUID.randomUUID();

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private Caller.Answer keep(String text) throws Exception {
        return caller.put(path, Map.of("text", text));
    }

    @Test
    void an_own_method_is_offered_and_planned_by() throws Exception {
        assertThat(keep(OWN).at("/name").asText()).isEqualTo("Quiet evening");
        String client = caller.clientId("Jorun Haldvig");
        assertThat(caller.get("/api/clients/" + client + "/composition")
                        .at("/methods")
                        .findValuesAsText("key"))
                .contains("quiet-evening");
        Caller.Answer plan = caller.post(
                "/api/plan/compose",
                Map.of(
                        "clientId",
                        client,
                        "composition",
                        Map.of(
                                "method", "quiet-evening",
                                "pinned", List.of(),
                                "banned", List.of(),
                                "order", List.of())));
        assertThat(plan.status()).isEqualTo(200);
        JsonNode units = plan.at("/result/plan/units");
        assertThat(units.findValuesAsText("layout")).isNotEmpty().contains("STRAIGHT");
        assertThat(plan.at("/result/plan/method/name").asText()).isEqualTo("Quiet evening");
        caller.delete(path);
        assertThat(caller.get("/api/methods").at("/own")).isEmpty();
    }

    @Test
    void what_the_rule_files_refuse_is_refused_with_its_line() throws Exception {
        Caller.Answer misspelt = keep(OWN.replace("rounds:", "round:"));
        assertThat(misspelt.status()).isEqualTo(422);
        assertThat(misspelt.at("/fields/0/field").asText()).isEqualTo("text");
        assertThat(misspelt.at("/fields/0/message").asText()).contains("line:6", "round");
        assertThat(keep(OWN.replace(
                                "count: [1, 1]}\n      - {for: flexors", "movements: [flying]}\n      - {for: flexors"))
                        .status())
                .isEqualTo(422);
        assertThat(keep(OWN.replace("quiet-evening", "form-first"))
                        .at("/fields/0/message")
                        .asText())
                .contains("stands twice");
        assertThat(keep(OWN.replace("[1, 2]", "[1, 400]"))
                        .at("/fields/0/message")
                        .asText())
                .contains("at most 8");
        for (String[] cut : new String[][] {
            {"reps: [10, 12]", "reps: [10]"},
            {"reps: [10, 12]", "reps: [12, 10]"},
            {"tempo: [2, 1, 3]", "tempo: [2, 1]"},
            {"rest: [90, 60]", "rest: [90]"}
        }) {
            assertThat(keep(OWN.replace(cut[0], cut[1])).at("/fields/0/message").asText())
                    .as(cut[1])
                    .contains("needs ");
        }
        assertThat(keep("key: [").status()).isEqualTo(422);
        assertThat(keep("&a [*a, *a]").status()).isEqualTo(422);
        assertThat(caller.get("/api/methods").at("/own")).isEmpty();
    }

    @Test
    void the_houses_are_there_to_read_and_to_begin_from() throws Exception {
        JsonNode house = caller.get("/api/methods").at("/house");
        assertThat(house.size()).isGreaterThan(10);
        for (JsonNode method : house) {
            String text = method.at("/text").asText();
            assertThat(text).startsWith("key: " + method.at("/key").asText());
            // Under another key each is a method that the checks let pass.
            assertThat(keep(text.replaceFirst("key: .*", "key: begun-from-it")).status())
                    .as(method.at("/key").asText())
                    .isEqualTo(200);
        }
    }

    @Test
    void it_goes_out_and_in_with_the_room() throws Exception {
        keep(OWN);
        JsonNode room = caller.get("/api/room.json").body();
        assertThat(room.at("/methods/0/text").asText()).isEqualTo(OWN);
    }
}
