package kinesia.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class AtlasApiTest {
    @Autowired
    private Caller caller;

    private String client;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
        client = caller.clientId("Maren Oldvik");
    }

    private static ObjectNode untouched() {
        return Caller.json()
                .put("benchDeg", 0)
                .put("armForwardDeg", 0)
                .put("driftDeg", 0)
                .put("flareDeg", 0)
                .put("anchorUpM", 0)
                .put("anchorForwardM", 0)
                .put("rangeFrom", 0)
                .put("rangeTo", 1)
                .put("bandCount", 1)
                .put("bandWrapM", 0);
    }

    private Answer turn(String key, ObjectNode adjustment, Double loadKg) throws Exception {
        ObjectNode body = Caller.json().put("exerciseKey", key).put("loadKg", loadKg);
        body.set("adjustment", adjustment);
        return caller.post("/api/workbench", body);
    }

    private JsonNode item(JsonNode atlas, String key) {
        for (JsonNode item : atlas.get("items")) {
            if (item.get("key").asText().equals(key)) {
                return item;
            }
        }
        throw new AssertionError("no " + key + " in the atlas");
    }

    @Test
    void the_atlas_holds_every_entry_ranked_for_the_client_with_reasons() throws Exception {
        JsonNode atlas = caller.get("/api/atlas?clientId=" + client).body();
        assertThat(atlas.get("items").size()).isGreaterThanOrEqualTo(100);
        assertThat(atlas.get("methods")).hasSize(18);
        assertThat(atlas.at("/forWhom/clientName").asText()).isEqualTo("Maren Oldvik");
        double last = Double.MAX_VALUE;
        boolean stillAllowed = true;
        for (JsonNode item : atlas.get("items")) {
            boolean allowed = item.get("whyNot").isEmpty();
            assertThat(stillAllowed || !allowed).as("what fits comes first").isTrue();
            stillAllowed = allowed;
            if (allowed && item.get("role").asText().equals("MAIN")) {
                // What is worth about the same stands in the order of support, load and freedom.
                assertThat(item.get("worth").asDouble()).isLessThanOrEqualTo(last + 0.02);
                last = item.get("worth").asDouble();
                assertThat(item.get("says").asText()).endsWith(".").doesNotContain("worth");
            } else if (!allowed) {
                assertThat(item.at("/whyNot/0/exact").asText()).isNotBlank();
            }
            assertThat(item.at("/still/frames")).hasSize(3);
        }
        // Her back of elbow stays under 90 degrees: deep extensions are shortened and say so.
        assertThat(item(atlas, "lying-extension").at("/rangeReason/exact").asText())
                .contains("90");
        assertThat(item(atlas, "rope-press-down").get("worth").asDouble())
                .isGreaterThan(item(atlas, "overhead-extension").get("worth").asDouble());
    }

    @Test
    void one_exercise_in_full_draws_loads_and_explains_itself() throws Exception {
        JsonNode detail =
                caller.get("/api/atlas/rope-press-down?clientId=" + client).body();
        assertThat(detail.at("/figure/frames")).hasSize(21);
        assertThat(detail.at("/curve/progress")).hasSize(101);
        assertThat(detail.at("/stressParts")).hasSize(8);
        assertThat(detail.at("/guidance/setUp")).isNotEmpty();
        assertThat(detail.at("/loadReason/ruleId").asText()).startsWith("LOAD-");
        assertThat(caller.get("/api/atlas/no-such-thing").status()).isEqualTo(404);
        assertThat(caller.get("/api/atlas?clientId=" + UUID.randomUUID()).status())
                .isEqualTo(404);
    }

    @Test
    void the_workbench_answers_what_is_turned_and_refuses_at_the_field() throws Exception {
        JsonNode flat = turn("incline-curl", untouched(), 4.0).body();
        JsonNode steep =
                turn("incline-curl", untouched().put("benchDeg", 20), 4.0).body();
        assertThat(steep.at("/item/stress/FRONT_OF_SHOULDER").asDouble())
                .isLessThan(flat.at("/item/stress/FRONT_OF_SHOULDER").asDouble());
        assertThat(steep.at("/curve/summary/largestExtensionDeg").asDouble()).isCloseTo(25, within(0.01));
        assertThat(steep.at("/loadReason/ruleId").asText()).isEqualTo("LOAD-chosen");

        Answer refused = turn("incline-curl", untouched().put("benchDeg", 70), 4.0);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/fields/0/field").asText()).isEqualTo("benchDeg");
        assertThat(refused.at("/fields/0/message").asText()).contains("must be from -45 to 30 degrees");
        Answer fixed = turn("floor-push-up", untouched().put("flareDeg", 20), null);
        assertThat(fixed.at("/fields/0/field").asText()).isEqualTo("flareDeg");
    }

    @Test
    void a_band_measured_by_two_pulls_says_where_its_force_is_extrapolated() throws Exception {
        ObjectNode band = Caller.json().put("freeLengthM", 0.6);
        band.putObject("firstPull").put("lengthM", 0.9).put("forceN", 28);
        band.putObject("secondPull").put("lengthM", 1.0).put("forceN", 36);
        ObjectNode adjustment = untouched();
        adjustment.set("band", band);
        JsonNode detail = turn("band-curl", adjustment, null).body();
        assertThat(detail.at("/band/extrapolated").asBoolean()).isTrue();
        band.putObject("secondPull").put("lengthM", 0.8).put("forceN", 36);
        Answer refused = turn("band-curl", adjustment, null);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/fields/0/field").asText()).isEqualTo("secondPull.lengthM");
    }

    @Test
    void a_kept_variation_is_in_the_atlas_can_be_changed_and_dropped_and_belongs_to_its_room() throws Exception {
        UUID id = UUID.randomUUID();
        ObjectNode body =
                Caller.json().put("name", "Lying extension, a little tipped").put("exerciseKey", "lying-extension");
        body.set("adjustment", untouched().put("armForwardDeg", 15));
        Answer kept = caller.put("/api/variations/" + id, body);
        assertThat(kept.status()).isEqualTo(200);
        String key = kept.at("/key").asText();
        JsonNode item = item(caller.get("/api/atlas?clientId=" + client).body(), key);
        assertThat(item.get("name").asText()).isEqualTo("Lying extension, a little tipped");
        assertThat(item.get("baseKey").asText()).isEqualTo("lying-extension");
        JsonNode detail = caller.get("/api/atlas/" + key).body();
        assertThat(detail.at("/adjustment/armForwardDeg").asDouble()).isEqualTo(15);

        Answer sameName = caller.put("/api/variations/" + UUID.randomUUID(), body);
        assertThat(sameName.status()).isEqualTo(422);
        assertThat(sameName.at("/fields/0/field").asText()).isEqualTo("name");
        ObjectNode impossible = body.deepCopy().put("name", "Impossible");
        impossible.set("adjustment", untouched().put("benchDeg", 10));
        assertThat(caller.put("/api/variations/" + UUID.randomUUID(), impossible)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("benchDeg");

        body.set("adjustment", untouched().put("armForwardDeg", 20));
        assertThat(caller.put("/api/variations/" + id, body)
                        .at("/adjustment/armForwardDeg")
                        .asDouble())
                .isEqualTo(20);
        assertThat(caller.delete("/api/variations/" + id).status()).isEqualTo(204);
        assertThat(caller.get("/api/atlas/" + key).status()).isEqualTo(404);
    }

    @Test
    void the_model_turned_around_answers_with_before_after_and_what_was_rejected() throws Exception {
        ObjectNode ask = Caller.json()
                .put("clientId", client)
                .put("exerciseKey", "lying-extension")
                .put("loadKg", 5)
                .put("site", "BACK_OF_ELBOW")
                .put("progress", 0.1);
        ask.set("adjustment", untouched());
        JsonNode answer = caller.post("/api/arm/ease", ask).body();
        assertThat(answer.at("/changes")).isNotEmpty();
        JsonNode first = answer.at("/changes/0");
        assertThat(first.get("steps").asInt()).isBetween(1, 4);
        assertThat(first.at("/meanShare").asDouble()).isBetween(0.9, 1.1);
        assertThat(first.at("/figure/frames")).hasSize(21);
        assertThat(first.at("/reason/ruleId").asText()).isEqualTo("EASE-smallest-change");
        assertThat(answer.at("/rejected")).isNotEmpty();
        assertThat(answer.at("/tried").asInt()).isPositive();
        // What it proposes can be put on the bench as it stands.
        Answer turned = turn(
                "lying-extension",
                (ObjectNode) first.get("adjustment"),
                first.get("loadKg").asDouble());
        assertThat(turned.status()).isEqualTo(200);
        assertThat(caller.post("/api/arm/ease", ask.put("progress", 1.4))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("progress");
    }

    @Test
    void a_felt_trial_is_kept_once_with_the_client_and_says_what_it_found() throws Exception {
        UUID id = UUID.randomUUID();
        ObjectNode trial = Caller.json().put("site", "BACK_OF_ELBOW");
        trial.putObject("first")
                .put("exerciseKey", "rope-press-down")
                .put("loadKg", 5)
                .put("joint", 1)
                .put("muscle", 6)
                .put("hardest", "END");
        trial.putObject("second")
                .put("exerciseKey", "lying-extension")
                .put("loadKg", 3)
                .put("joint", 4)
                .put("muscle", 5)
                .put("hardest", "START");
        String path = "/api/clients/" + client + "/felt-trials";
        Answer kept = caller.put(path + "/" + id, trial);
        assertThat(kept.at("/says/exact").asText()).startsWith("Rope press-down was easier on the back of elbow by 3");
        assertThat(kept.at("/firstStress").asDouble()).isPositive();
        caller.put(path + "/" + id, trial);
        assertThat(caller.get(path).body()).hasSize(1);
        ((ObjectNode) trial.get("first")).put("joint", 12);
        assertThat(caller.put(path + "/" + UUID.randomUUID(), trial)
                        .at("/fields/0/field")
                        .asText())
                .endsWith("joint");
        ((ObjectNode) trial.get("first")).put("joint", 2).put("exerciseKey", "nothing");
        assertThat(caller.put(path + "/" + UUID.randomUUID(), trial)
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("first.exerciseKey");
    }
}
