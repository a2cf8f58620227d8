package kinesia.plan;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class ComposeTest {
    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static ObjectNode json(String text) throws Exception {
        return (ObjectNode) new ObjectMapper().readTree(text);
    }

    private static ObjectNode composition() {
        ObjectNode composition = Caller.json();
        List.of("pinned", "banned", "order").forEach(composition::putArray);
        return composition;
    }

    private ObjectNode ask(String client, ObjectNode composition) {
        ObjectNode ask = Caller.json().put("clientId", client);
        ask.set("composition", composition);
        return ask;
    }

    @Test
    void the_documented_example_composes_a_session_from_facts_alone() throws Exception {
        Answer answer = caller.post("/api/plan/compose", json(ComposeController.EXAMPLE));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/result/plan/method/key").asText()).isEqualTo("joint-sparing");
        assertThat(answer.at("/result/plan/units")).isNotEmpty();
        assertThat(answer.at("/figures")).isNotEmpty();
    }

    @Test
    void a_client_is_composed_for_with_sore_places_against_their_budget() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        Answer answer =
                caller.post("/api/plan/compose", ask(client, composition().put("method", "short-visit")));
        assertThat(answer.at("/stress/0/site").asText()).isEqualTo("BACK_OF_ELBOW");
        assertThat(answer.at("/stress/0/planned").asDouble())
                .isLessThanOrEqualTo(answer.at("/stress/0/most").asDouble() + 0.01);
        assertThat(answer.at("/heads")).hasSize(7);
        String first = answer.at("/result/plan/units/0/slots/0/exerciseKey").asText();
        assertThat(answer.at("/result/substitutes/" + first)).isNotEmpty();
        // What is left out by hand is out.
        ObjectNode without = composition().put("method", "short-visit");
        without.withArray("banned").add(first);
        assertThat(caller.post("/api/plan/compose", ask(client, without))
                        .at("/result/plan/units")
                        .findValuesAsText("exerciseKey"))
                .isNotEmpty()
                .doesNotContain(first);
    }

    @Test
    void what_would_change_a_session_is_one_line_each() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        JsonNode answers =
                caller.post("/api/plan/what-if", ask(client, composition())).at("/answers");
        assertThat(answers.findValuesAsText("kind")).contains("MINUTES", "PAIN", "CLEARED");
        for (JsonNode answer : answers) {
            assertThat(answer.at("/change").asText()).isNotBlank();
            assertThat(answer.at("/then").asText()).isNotBlank().doesNotContain("worth");
        }
    }

    @Test
    void a_routine_is_read_fitted_and_can_be_checked_as_a_session() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        ObjectNode asked = ask(client, composition())
                .put("text", "Hammer curl 3x10 8 kg, then lying dumbbell extension 3x10; something unheard of 2x5");
        asked.set("chosen", Caller.json());
        Answer answer = caller.post("/api/plan/routine", asked);
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/lines")).hasSize(3);
        assertThat(answer.at("/lines/0/meant/name").asText()).containsIgnoringCase("hammer");
        assertThat(answer.at("/lines/2/options")).isEmpty();
        for (JsonNode line : answer.at("/lines")) {
            for (JsonNode altered : line.at("/altered")) {
                assertThat(altered.at("/reason/exact").asText()).isNotBlank();
            }
        }
        ObjectNode written = composition();
        written.set("written", answer.at("/written"));
        Answer checked = caller.post("/api/plan/check", ask(client, written));
        assertThat(checked.status()).isEqualTo(200);
        assertThat(checked.at("/marks").findValuesAsText("kind")).doesNotContain("LIMIT");
        assertThat(caller.post("/api/plan/routine", asked.put("text", ""))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("text");
        asked.remove("text");
        assertThat(caller.post("/api/plan/routine", asked).status()).isBetween(400, 499);
    }

    @Test
    void a_pin_that_cannot_be_kept_stands_beside_the_session_with_its_reason() throws Exception {
        ObjectNode seated = composition().put("method", "seated");
        seated.withArray("pinned").add("standing-curl");
        Answer answer = caller.post("/api/plan/compose", ask(caller.clientId("Maren Oldvik"), seated));
        assertThat(answer.at("/result/plan/units")).isNotEmpty();
        assertThat(answer.at("/result/plan/lostPins/0/exerciseKey").asText()).isEqualTo("standing-curl");
        assertThat(answer.at("/result/plan/lostPins/0/reasons/0/exact").asText())
                .isNotBlank();
    }

    @Test
    void an_unknown_method_and_a_missing_client_are_refused_at_their_field() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        Answer answer =
                caller.post("/api/plan/compose", ask(client, composition().put("method", "no-such")));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).isEqualTo("composition.method");
        ObjectNode nobody = Caller.json();
        nobody.set("composition", composition());
        assertThat(caller.post("/api/plan/compose", nobody)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("facts");
    }

    @Test
    void what_differs_from_the_client_it_was_taken_from_is_said_with_why() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        ObjectNode taken = ask(client, composition().put("method", "short-visit"))
                .put("takenFrom", caller.clientId("Jorun Haldvig"));
        Answer answer = caller.post("/api/plan/compose", taken);
        assertThat(answer.at("/changes")).isNotEmpty();
        for (JsonNode change : answer.at("/changes")) {
            assertThat(change.at("/reason/exact").asText()).isNotBlank();
        }
        assertThat(caller.post("/api/plan/compose", taken.put("takenFrom", client))
                        .at("/changes"))
                .isEmpty();
        // Nobody of another room, or nobody at all.
        taken.put("takenFrom", UUID.randomUUID().toString());
        assertThat(caller.post("/api/plan/compose", taken).status()).isEqualTo(404);
    }

    @Test
    void an_exercise_written_twice_is_refused_where_it_is_written_and_one_kept_before_fails_no_plan() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        ObjectNode written = composition();
        com.fasterxml.jackson.databind.node.ArrayNode units = written.putArray("written");
        for (int n = 0; n < 2; n++) {
            ObjectNode unit = units.addObject().put("layout", "STRAIGHT").put("restSeconds", 60);
            ObjectNode slot = unit.putArray("slots")
                    .addObject()
                    .put("exerciseKey", "seated-curl")
                    .put("sets", 2);
            slot.putObject("reps").put("low", 8).put("high", 12);
        }
        String field = "composition.written[1].slots[0].exerciseKey";
        assertThat(caller.post("/api/plan/check", ask(client, written))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo(field);
        ObjectNode save = Caller.json();
        save.set("composition", written);
        assertThat(caller.put("/api/clients/" + client + "/composition", save)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo(field);
        save.put("name", "Twice");
        assertThat(caller.put("/api/templates/" + UUID.randomUUID(), save)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo(field);
    }

    @Test
    void what_is_written_by_hand_is_marked_and_not_refused() throws Exception {
        String client = caller.clientId("Maren Oldvik");
        ObjectNode written = composition();
        ObjectNode unit = written.putArray("written")
                .addObject()
                .put("layout", "STRAIGHT")
                .put("restSeconds", 200);
        ObjectNode slot = unit.putArray("slots")
                .addObject()
                .put("exerciseKey", "bench-dip")
                .put("sets", 6);
        slot.put("effort", 9.5).putObject("reps").put("low", 5).put("high", 8);
        Answer answer = caller.post("/api/plan/check", ask(client, written));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/result/plan/units/0/slots/0/sets").asInt()).isEqualTo(6);
        assertThat(answer.at("/marks").findValuesAsText("kind")).contains("EFFORT");
        slot.put("exerciseKey", "no-such");
        assertThat(caller.post("/api/plan/check", ask(client, written)).status())
                .isEqualTo(422);
        assertThat(caller.post("/api/plan/check", ask(client, composition()))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("composition.written");
    }

    @Test
    void a_composition_is_kept_for_the_next_visits_and_a_second_trainer_is_told() throws Exception {
        String client = caller.screened("Composed Person", a -> {});
        ObjectNode save = Caller.json();
        save.set("composition", composition().put("method", "form-first").put("minutes", 30));
        Answer kept = caller.put("/api/clients/" + client + "/composition", save);
        assertThat(kept.at("/composition/method").asText()).isEqualTo("form-first");
        assertThat(caller.get("/api/clients/" + client + "/next")
                        .at("/plan/method/key")
                        .asText())
                .isEqualTo("form-first");
        // The same first save again, as from another page that has not seen this one.
        Answer late = caller.put("/api/clients/" + client + "/composition", save);
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/current/composition/method").asText()).isEqualTo("form-first");
        save.set("composition", composition().put("minutes", 500));
        save.put("version", kept.at("/version").asLong());
        assertThat(caller.put("/api/clients/" + client + "/composition", save)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("composition.minutes");
    }

    @Test
    void a_template_is_kept_once_and_can_be_dropped() throws Exception {
        ObjectNode template = Caller.json().put("name", "Quiet elbows");
        template.set("composition", composition().put("method", "joint-sparing"));
        String path = "/api/templates/" + UUID.randomUUID();
        assertThat(caller.put(path, template).at("/name").asText()).isEqualTo("Quiet elbows");
        caller.put(path, template);
        assertThat(caller.get("/api/templates").body().findValuesAsText("name")).containsOnlyOnce("Quiet elbows");
        caller.delete(path);
        assertThat(caller.get("/api/templates").body().findValuesAsText("name")).doesNotContain("Quiet elbows");
        assertThat(caller.put(path, template.put("name", " ")).status()).isEqualTo(422);
    }

    @Test
    void a_block_lays_out_weeks_that_rise_to_a_lighter_one() throws Exception {
        ObjectNode ask = ask(caller.clientId("Jorun Haldvig"), composition())
                .put("weeks", 4)
                .put("lighterWeek", 4)
                .put("newExercises", false);
        ask.putArray("days").add("MONDAY").add("THURSDAY");
        JsonNode weeks = caller.post("/api/plan/block", ask).at("/weeks");
        assertThat(weeks).hasSize(4);
        assertThat(weeks.get(3).get("lighter").asBoolean()).isTrue();
        assertThat(weeks.get(3).at("/sets/EXTENSORS").asInt())
                .isLessThan(weeks.get(2).at("/sets/EXTENSORS").asInt());
        ask.putArray("days").add("MONDAY").add("TUESDAY");
        assertThat(caller.post("/api/plan/block", ask).at("/fields/0/field").asText())
                .isEqualTo("visits");
    }

    @Test
    void a_place_says_what_small_thing_would_open_most_and_for_whom() throws Exception {
        JsonNode places = caller.get("/api/places").body();
        int wished = 0;
        for (JsonNode place : places) {
            Answer answer = caller.get("/api/places/" + place.path("id").asText() + "/could-have");
            assertThat(answer.status()).isEqualTo(200);
            for (JsonNode wish : answer.body().path("wishes")) {
                wished++;
                assertThat(wish.at("/reason/exact").asText())
                        .matches("A.*(gives \\d+ exercises? to|makes \\d+ steps? of) \\d+ clients?.*");
                assertThat(wish.path("gains")).isNotEmpty().allSatisfy(gain -> {
                    assertThat(answer.body().path("clients")).anyMatch(c -> c.equals(gain.path("name")));
                    assertThat(gain.path("exercises").size()
                                    + gain.path("steps").size())
                            .isPositive();
                });
            }
        }
        assertThat(wished).isPositive();
        assertThat(caller.get("/api/places/" + UUID.randomUUID() + "/could-have")
                        .status())
                .isEqualTo(404);
    }
}
