package kinesia.screening;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class ScreeningApiTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static JsonNode parse(String json) throws Exception {
        return JSON.readTree(json);
    }

    private JsonNode next(String client) throws Exception {
        return caller.get("/api/clients/" + client + "/next").body();
    }

    @ParameterizedTest
    @CsvSource({"NOTHING_ASKED, INCOMPLETE", "STOP, STOP_NOW", "SORE_ELBOW, INCOMPLETE"})
    void the_documented_examples_are_answered(String example, String outcome) throws Exception {
        String body = (String) ScreenExamples.class.getDeclaredField(example).get(null);
        Answer answer = caller.post("/api/screening/assess", parse(body));
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.at("/outcome").asText()).isEqualTo(outcome);
        if (example.equals("SORE_ELBOW")) {
            assertThat(answer.body().get("limits"))
                    .anySatisfy(l -> assertThat(l.at("/value").asDouble()).isEqualTo(85));
            assertThat(answer.at("/readings/0/comparison").asText()).isEqualTo("LIMITING");
            assertThat(answer.body().get("checks")).isNotEmpty();
        }
        assertThat(caller.get("/api/openapi.json").body().toString()).contains("A sore elbow");
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "{\"flag\": {}}",
                "{\"soreSites\": [{\"site\": \"WRIST\", \"side\": \"LEFT\", \"usualPain\": 11, \"provokedBy\": [], \"flags\": {}}]}",
                "{\"checks\": [{\"check\": \"elbow-bend\", \"side\": \"LEFT\", \"value\": 300}]}",
                "{\"pressure\": {\"readings\": [{\"systolic\": 20, \"diastolic\": 10, \"pulse\": 60}]}}"
            })
    void what_cannot_be_is_refused_at_its_field(String wrong) throws Exception {
        ObjectNode answers = (ObjectNode) parse(ScreenExamples.NOTHING_ASKED);
        JsonNode change = parse(wrong);
        answers.setAll((ObjectNode) change);
        Answer answer = caller.post("/api/screening/assess", answers);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText())
                .startsWith(change.fieldNames().next());
    }

    @Test
    void every_check_is_drawn() throws Exception {
        JsonNode figures = caller.get("/api/screening/figures").body();
        for (JsonNode check : caller.get("/api/screening/questions").body().get("checks")) {
            assertThat(figures.at("/" + check.get("key").asText() + "/frames")).hasSize(21);
        }
    }

    @Test
    void a_half_done_screen_goes_on_with_another_account_and_ends_with_the_screen() throws Exception {
        String client = caller.screened("Draft Person", a -> {});
        String path = "/api/clients/" + client + "/screen-draft";
        assertThat(caller.get(path).at("/version").isMissingNode()).isTrue();
        Answer first = caller.put(path, Map.of("draft", Map.of("step", 3)));
        assertThat(first.status()).isEqualTo(200);
        Caller owner = caller.somebodyElse().as("owner@tidewheel.example");
        Answer there = owner.get(path);
        assertThat(there.at("/draft/step").asInt()).isEqualTo(3);
        assertThat(there.at("/changedBy").asText()).isEqualTo("Oda Brandt");
        assertThat(owner.put(path, Map.of("version", there.at("/version").asLong(), "draft", Map.of("step", 4)))
                        .status())
                .isEqualTo(200);
        Answer late = caller.put(path, Map.of("version", first.at("/version").asLong(), "draft", Map.of("step", 9)));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/current/draft/step").asInt()).isEqualTo(4);
        caller.put("/api/clients/" + client + "/screens/" + UUID.randomUUID(), caller.completeScreen(a -> {}));
        assertThat(caller.get(path).at("/draft").isMissingNode()).isTrue();
        assertThat(caller.put(path, Map.of("draft", Map.of("note", "x".repeat(61_000))))
                        .status())
                .isEqualTo(422);
    }

    @Test
    void a_clearance_ends_a_hold_and_its_withdrawal_brings_it_back() throws Exception {
        String client = caller.screened(
                "Neck Person",
                a -> ((ObjectNode) a.get("flags"))
                        .putObject("FLAG-neck")
                        .put("present", true)
                        .put("side", "LEFT"));
        // One arm rests; the other goes on.
        assertThat(next(client).has("plan")).isTrue();
        assertThat(caller.get("/api/clients/" + client + "/limits").body().findValuesAsText("kind"))
                .contains("NO_LOADING", "NO_SUPPORT_ON_HAND");
        String today = next(client).get("today").asText();
        String id = UUID.randomUUID().toString();
        String path = "/api/clients/" + client + "/clearances/" + id;
        Map<String, Object> clearance = Map.of(
                "purpose",
                "ARM",
                "side",
                "LEFT",
                "givenBy",
                "Dr Solveig Marsh",
                "givenOn",
                today,
                "expiresOn",
                today,
                "conditions",
                "nothing overhead");
        assertThat(caller.put(path, clearance).status()).isEqualTo(200);
        assertThat(caller.put(path, clearance).status()).isEqualTo(200);
        assertThat(caller.get("/api/clients/" + client + "/clearances").body()).hasSize(1);
        assertThat(next(client).has("plan")).isTrue();
        Answer screen = caller.get("/api/clients/" + client + "/screen");
        assertThat(screen.at("/screen/assessment/outcome").asText()).isEqualTo("REFER_BEFORE_LOADING");
        assertThat(screen.at("/now/outcome").asText()).isEqualTo("GO");
        assertThat(screen.at("/now/notes").toString()).contains("nothing overhead");
        assertThat(caller.post(path + "/withdraw", Map.of()).at("/holds").asBoolean())
                .isFalse();
        assertThat(caller.get("/api/clients/" + client + "/limits").body().findValuesAsText("kind"))
                .contains("NO_LOADING");
    }

    @Test
    void a_screen_that_holds_stops_a_session_that_is_already_planned() throws Exception {
        String client = caller.screened("Planned Person", a -> {});
        String session = UUID.randomUUID().toString();
        ObjectNode door = Caller.json().put("sleepHours", 7).put("armsWorkedHarder", false);
        door.put("somethingNew", false).putArray("sites");
        assertThat(caller.put("/api/clients/" + client + "/sessions/" + session, door)
                        .status())
                .isEqualTo(200);
        assertThat(caller.get("/api/sessions/" + session).at("/held")).isEmpty();
        caller.put(
                "/api/clients/" + client + "/screens/" + UUID.randomUUID(),
                caller.completeScreen(a ->
                        ((ObjectNode) a.get("flags")).putObject("FLAG-fever").put("present", true)));
        assertThat(caller.get("/api/sessions/" + session).at("/held/0/ruleId").asText())
                .isEqualTo("FLAG-fever");
    }

    @Test
    void a_clearance_from_the_future_or_without_its_place_is_refused() throws Exception {
        String client = caller.screened("Hasty Person", a -> {});
        String path = "/api/clients/" + client + "/clearances/";
        Answer future = caller.put(
                path + UUID.randomUUID(),
                Map.of(
                        "purpose",
                        "EXERCISE",
                        "givenBy",
                        "Dr Marsh",
                        "givenOn",
                        "2999-01-01",
                        "expiresOn",
                        "2999-02-01",
                        "conditions",
                        ""));
        assertThat(future.at("/fields/0/field").asText()).isEqualTo("givenOn");
        Answer nowhere = caller.put(
                path + UUID.randomUUID(),
                Map.of(
                        "purpose",
                        "PLACE",
                        "givenBy",
                        "Dr Marsh",
                        "givenOn",
                        "2020-01-01",
                        "expiresOn",
                        "2020-02-01",
                        "conditions",
                        ""));
        assertThat(nowhere.at("/fields/0/field").asText()).isEqualTo("site");
    }

    @Test
    void limits_are_tightened_loosened_by_a_note_and_set_aside_on_the_record() throws Exception {
        String client = caller.screened("Elbow Person", a -> {
            try {
                a.set("soreSites", parse(ScreenExamples.SORE_ELBOW).get("soreSites"));
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        String limits = "/api/clients/" + client + "/limits";
        String bend = keyOf(caller.get(limits).body(), "LARGEST_ELBOW_BEND");
        assertThat(next(client).at("/plan/units")).isNotEmpty();

        assertThat(change(
                                client,
                                Map.of(
                                        "kind",
                                        "STRICTER",
                                        "why",
                                        "tired this week",
                                        "added",
                                        Map.of("kind", "SETS_A_WEEK", "value", 0)))
                        .status())
                .isEqualTo(200);
        assertThat(next(client).at("/refusals/0/ruleId").asText()).isEqualTo("LIMIT-by-hand");

        String weekly = keyOf(caller.get(limits).body(), "SETS_A_WEEK");
        change(client, Map.of("kind", "OVERRIDE", "limitKey", weekly, "why", "only showing the set-up today"));
        assertThat(next(client).at("/plan/units")).isNotEmpty();
        change(
                client,
                Map.of(
                        "kind",
                        "CLINICIAN_NOTE",
                        "limitKey",
                        bend,
                        "value",
                        110,
                        "why",
                        "to 110 is fine",
                        "clinician",
                        "Dr Solveig Marsh"));
        JsonNode after = caller.get(limits).body();
        assertThat(after.get("setAside")).hasSize(2);
        assertThat(after.get("log")).hasSize(3);
        assertThat(after.get("log").get(0).get("author").asText()).isEqualTo("Oda Brandt");
        assertThat(after.get("limits"))
                .anySatisfy(l -> assertThat(l.at("/limit/value").asDouble()).isEqualTo(110));
    }

    @Test
    void a_change_without_a_why_or_of_no_limit_is_refused_and_a_hold_cannot_be_set_aside() throws Exception {
        String client = caller.screened(
                "Held Person",
                a -> ((ObjectNode) a.get("flags")).putObject("FLAG-fever").put("present", true));
        Answer noWhy =
                change(client, Map.of("kind", "STRICTER", "why", "", "added", Map.of("kind", "NO_BREATH_HOLDING")));
        assertThat(noWhy.at("/fields/0/field").asText()).isEqualTo("why");
        Answer hold = change(client, Map.of("kind", "OVERRIDE", "limitKey", "FLAG-fever", "why", "feels fine"));
        assertThat(hold.status()).isEqualTo(422);
        assertThat(hold.at("/fields/0/field").asText()).isEqualTo("limitKey");
        assertThat(next(client).has("plan")).isFalse();
    }

    private Answer change(String client, Map<String, Object> body) throws Exception {
        return caller.put("/api/clients/" + client + "/limit-changes/" + UUID.randomUUID(), body);
    }

    private static String keyOf(JsonNode limits, String kind) {
        for (JsonNode limit : limits.get("limits")) {
            if (limit.at("/limit/kind").asText().equals(kind)) {
                return limit.get("key").asText();
            }
        }
        throw new IllegalStateException("no " + kind);
    }

    @Test
    void a_place_that_rests_is_not_loaded_by_the_plan_nor_called_allowed_by_the_atlas() throws Exception {
        String client = caller.screened("Resting Person", a -> {
            try {
                JsonNode sites = parse(ScreenExamples.SORE_ELBOW).get("soreSites");
                ((ObjectNode) sites.get(0)).put("site", "OUTER_ELBOW").putArray("provokedBy");
                ((ObjectNode) sites.get(0).get("flags")).put("PLACE-night-pain", true);
                a.set("soreSites", sites);
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        Answer screen = caller.get("/api/clients/" + client + "/screen");
        assertThat(screen.at("/now/outcome").asText()).isEqualTo("REFER_BEFORE_LOADING");
        JsonNode plan = next(client).path("plan");
        for (JsonNode pair : plan.path("units")) {
            for (JsonNode slot : pair.get("slots")) {
                // The other arm may work alone.
                boolean otherArmAlone = slot.path("sides").size() == 1
                        && slot.at("/sides/RIGHT").isMissingNode();
                assertThat(otherArmAlone ? 0 : slot.at("/stress/OUTER_ELBOW").asDouble())
                        .isLessThan(0.25);
            }
        }
        boolean seen = false;
        for (JsonNode item : caller.get("/api/atlas?clientId=" + client).body().get("items")) {
            boolean loads = item.at("/stress/OUTER_ELBOW").asDouble() >= 0.25;
            seen |= loads;
            if (loads) {
                assertThat(item.get("whyNot")).as(item.get("name").asText()).isNotEmpty();
            }
        }
        assertThat(seen).isTrue();
    }

    @Test
    void a_referral_says_the_findings_on_one_page_and_no_diagnosis() throws Exception {
        String client = caller.screened(
                "Åse Łuczak",
                a -> ((ObjectNode) a.get("flags"))
                        .putObject("FLAG-neck")
                        .put("present", true)
                        .put("side", "LEFT"));
        String screen = caller.get("/api/clients/" + client + "/screen")
                .at("/screen/id")
                .asText();
        String id = UUID.randomUUID().toString();
        String path = "/api/clients/" + client + "/referrals/" + id;
        assertThat(caller.put(path, Map.of("screenId", screen, "addressedTo", "", "note", ""))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("addressedTo");
        Answer made = caller.put(
                path,
                Map.of("screenId", screen, "addressedTo", "Dr Solveig Marsh", "note", "Worse since the regatta."));
        assertThat(made.at("/summary/findings/0").asText()).contains("neck", "left arm");
        byte[] pdf = caller.bytes(path + "/pdf");
        try (var document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isEqualTo(1);
            String text = new PDFTextStripper().getText(document);
            assertThat(text).contains("Åse Łuczak", "Dr Solveig Marsh", "neck", "Worse since the regatta.");
            assertThat(text.replace("do not diagnose", "")).doesNotContainIgnoringCase("diagnos");
        }
        assertThat(caller.get("/api/clients/" + client + "/referrals").body()).hasSize(1);
    }

    @Test
    void two_screens_compare_beyond_measurement_error() throws Exception {
        String maren = caller.clientId("Maren Oldvik");
        JsonNode all = caller.get("/api/clients/" + maren + "/screens").body();
        String newest = all.get(0).get("id").asText();
        String oldest = all.get(all.size() - 1).get("id").asText();
        JsonNode comparison = caller.get(
                        "/api/clients/" + maren + "/screens/compare?older=" + oldest + "&newer=" + newest)
                .body();
        assertThat(comparison.get("lines"))
                .anySatisfy(l -> {
                    assertThat(l.get("what").asText()).isEqualTo("Elbow bend, right");
                    assertThat(l.get("change").asText()).isEqualTo("BETTER");
                })
                .anySatisfy(l -> {
                    assertThat(l.get("what").asText()).isEqualTo("Elbow bend, left");
                    assertThat(l.get("change").asText()).isEqualTo("SAME");
                });
        assertThat(caller.get("/api/clients/" + maren + "/screens/" + oldest)
                        .at("/answers/soreSites/0/usualPain")
                        .asInt())
                .isEqualTo(4);
    }

    @Test
    void another_room_sees_none_of_it() throws Exception {
        String maren = caller.clientId("Maren Oldvik");
        Caller stranger = caller.somebodyElse().as("trainer@lanternloft.example");
        for (String path : new String[] {"screen-draft", "limits", "clearances", "referrals", "screens", "screen"}) {
            assertThat(stranger.get("/api/clients/" + maren + "/" + path).status())
                    .as(path)
                    .isEqualTo(404);
        }
    }
}
