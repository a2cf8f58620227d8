package kinesia.screening;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Duration;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import kinesia.shared.TestClock;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** What is on record follows a client from screen to screen, and nothing switches a caution off. */
@ServerTest
class SafetyTest {
    @Autowired
    private Caller caller;

    @Autowired
    private JdbcTemplate database;

    @Autowired
    private TestClock clock;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static Consumer<ObjectNode> flag(String id) {
        return a -> ((ObjectNode) a.get("flags")).putObject(id).put("present", true);
    }

    private Answer screen(String client, Consumer<ObjectNode> change) throws Exception {
        return caller.put("/api/clients/" + client + "/screens/" + UUID.randomUUID(), caller.completeScreen(change));
    }

    private String today(String client) throws Exception {
        return caller.get("/api/clients/" + client + "/next").at("/today").asText();
    }

    private void cleared(String client, String given, String until) throws Exception {
        Answer answer = caller.put(
                "/api/clients/" + client + "/clearances/" + UUID.randomUUID(),
                Map.of(
                        "purpose",
                        "EXERCISE",
                        "givenBy",
                        "Dr Solveig Marsh",
                        "givenOn",
                        given,
                        "expiresOn",
                        until,
                        "conditions",
                        ""));
        assertThat(answer.status()).isEqualTo(200);
    }

    @Test
    void an_old_clearance_answers_no_sign_that_is_said_today_and_one_of_today_does() throws Exception {
        String client = caller.screened("Cleared Person", a -> {});
        cleared(client, "2026-01-02", "2099-01-01");
        Answer kept = screen(
                client,
                flag("FLAG-cancer-new-pain")
                        .andThen(a -> ((ObjectNode) a.get("readiness")).put("changedSinceClearance", false)));
        assertThat(kept.at("/assessment/outcome").asText()).isEqualTo("REFER_BEFORE_LOADING");
        assertThat(caller.get("/api/clients/" + client + "/next").body().has("plan"))
                .isFalse();
        cleared(client, today(client), "2099-01-01");
        assertThat(caller.get("/api/clients/" + client + "/next").body().has("plan"))
                .isTrue();
    }

    @Test
    void a_screen_that_stopped_is_asked_about_by_the_next_one_on_any_page() throws Exception {
        String client = caller.screened("Fainting Person", flag("FLAG-fainting"));
        JsonNode next = caller.get("/api/clients/" + client + "/screen").body();
        assertThat(next.at("/earlier/stop/sign").asText()).contains("Fainting");
        Answer silent = screen(client, a -> {});
        assertThat(silent.at("/assessment/outcome").asText()).isEqualTo("INCOMPLETE");
        assertThat(caller.get("/api/clients/" + client + "/next").body().has("plan"))
                .isFalse();
        // The trace stays until somebody answers, and a page cannot make one up or away.
        Answer made = screen(
                client,
                a -> a.putObject("earlier")
                        .putObject("stop")
                        .put("sign", "a sneeze")
                        .put("on", "2020-01-01"));
        assertThat(made.at("/answers/earlier/stop/sign").asText()).contains("Fainting");
        Answer seen = screen(client, a -> a.putObject("earlier").put("stopSeen", true));
        assertThat(seen.at("/assessment/outcome").asText()).isEqualTo("GO");
        assertThat(caller.get("/api/clients/" + client + "/screen")
                        .at("/earlier")
                        .has("stop"))
                .isFalse();
    }

    /** A late saving of the page must not bring a kept screen's draft back, whichever comes first. */
    @Test
    void a_draft_that_is_saved_after_its_screen_was_kept_stays_gone() throws Exception {
        String client = caller.screened("Late Person", a -> {});
        String draft = "/api/clients/" + client + "/screen-draft";
        ObjectNode answers = caller.completeScreen(a -> {});
        ExecutorService threads = Executors.newFixedThreadPool(2);
        try {
            for (int run = 0; run < 12; run++) {
                String screen = UUID.randomUUID().toString();
                ObjectNode begun = Caller.json().put("screenId", screen);
                begun.putObject("draft").put("id", screen);
                assertThat(caller.put(draft, begun).at("/version").isNumber()).isTrue();
                begun.put("version", caller.get(draft).at("/version").asLong());
                Future<Answer> keeping =
                        threads.submit(() -> caller.put("/api/clients/" + client + "/screens/" + screen, answers));
                Future<Answer> saving = threads.submit(() -> caller.put(draft, begun));
                assertThat(keeping.get().status()).isEqualTo(200);
                assertThat(saving.get().status()).isIn(200, 409);
                // And once more, later still.
                begun.remove("version");
                assertThat(caller.put(draft, begun).status()).isEqualTo(200);
                assertThat(caller.get(draft).body().has("draft"))
                        .as("run " + run)
                        .isFalse();
            }
        } finally {
            threads.shutdown();
        }
    }

    @Test
    void a_screen_of_before_keeps_its_judgement_and_says_what_was_not_asked() throws Exception {
        String client = caller.screened("Early Person", a -> {});
        assertThat(database.queryForObject(
                        "select (answers -> 'document' ->> 'version')::int from screen where client_id = ?::uuid",
                        Integer.class,
                        client))
                .isEqualTo(kinesia.core.screening.ScreeningRules.VERSION);
        // As a row of before: no version, no pressure, none of the questions that came later.
        database.update(
                "update screen set answers = ?::jsonb, assessment = ?::jsonb where client_id = ?::uuid",
                "{\"version\":1,\"document\":{\"flags\":{},\"readiness\":{\"regularlyActive\":true,\"knownDisease\":false,\"symptoms\":false},"
                        + "\"pressure\":{\"concern\":false,\"readings\":[]},\"cautions\":{},\"soreSites\":[]}}",
                "{\"version\":1,\"document\":{\"outcome\":\"GO\",\"findings\":[],\"limits\":[],\"missing\":[],\"notes\":[]}}",
                client);
        JsonNode latest = caller.get("/api/clients/" + client + "/screen").body();
        assertThat(latest.at("/now/outcome").asText()).isEqualTo("GO");
        assertThat(latest.at("/now/notAskedThen").toString()).contains("blood pressure", "fainting");
        assertThat(caller.get("/api/clients/" + client + "/next").body().has("plan"))
                .isTrue();
    }

    @Test
    void a_limit_by_hand_that_names_nothing_is_refused_at_its_field() throws Exception {
        String client = caller.screened("Typo Person", a -> {});
        ObjectNode change = Caller.json().put("kind", "STRICTER").put("why", "sore");
        change.putObject("added").put("kind", "NO_STANCE").put("target", "flor");
        String path = "/api/clients/" + client + "/limit-changes/";
        Answer refused = caller.put(path + UUID.randomUUID(), change);
        assertThat(refused.status()).isEqualTo(422);
        assertThat(refused.at("/fields/0/field").asText()).isEqualTo("added.target");
        change.withObject("/added").put("target", "floor");
        assertThat(caller.put(path + UUID.randomUUID(), change).status()).isEqualTo(200);
    }

    /** RULES 3: a reading of the last 7 days before that visit; without one the door asks and nothing is planned. */
    @Test
    void known_pressure_is_read_before_a_visit_and_not_only_at_the_screen() throws Exception {
        String client = caller.screened("Pressed Person", a -> ((ObjectNode) a.get("pressure")).put("concern", true));
        assertThat(caller.get("/api/clients/" + client + "/next").at("/plan").isObject())
                .isTrue();
        clock.pass(Duration.ofDays(8));
        caller.asTrainer();
        Answer due = caller.get("/api/clients/" + client + "/next");
        assertThat(due.at("/plan").isMissingNode()).isTrue();
        assertThat(due.at("/refusals/0/ruleId").asText()).isEqualTo("PRESSURE-due");
        assertThat(caller.get("/api/clients/" + client + "/readings").at("/due").asBoolean())
                .isTrue();
        String reading = "/api/clients/" + client + "/readings/" + UUID.randomUUID();
        Map<String, Object> quiet =
                Map.of("systolic", 136, "diastolic", 84, "pulse", 66, "newlyIrregular", false, "quietMinutes", 5);
        assertThat(caller.put(reading, quiet).at("/due").asBoolean(true)).isFalse();
        assertThat(caller.put(reading, quiet).at("/today")).hasSize(1);
        assertThat(caller.get("/api/clients/" + client + "/next").at("/plan").isObject())
                .isTrue();
        clock.pass(Duration.ofDays(1));
        caller.asTrainer();
        Answer raised = caller.put(
                "/api/clients/" + client + "/readings/" + UUID.randomUUID(),
                Map.of("systolic", 184, "diastolic", 90, "pulse", 66, "newlyIrregular", false, "quietMinutes", 5));
        assertThat(raised.at("/missing").toString()).contains("A second reading");
        caller.put(
                "/api/clients/" + client + "/readings/" + UUID.randomUUID(),
                Map.of("systolic", 182, "diastolic", 90, "pulse", 66, "newlyIrregular", false, "quietMinutes", 6));
        assertThat(caller.get("/api/clients/" + client + "/next")
                        .at("/refusals")
                        .toString())
                .contains("PRESSURE-stop");
    }

    @Test
    void a_dose_of_tomorrow_and_a_word_that_is_none_are_refused_at_their_field() throws Exception {
        String client = caller.screened("Careful Person", a -> {});
        Answer dose = screen(
                client,
                a -> a.putObject("details").putObject("CAUTION-tendon-medicine").put("lastDoseOn", "2099-01-01"));
        assertThat(dose.at("/fields/0/field").asText()).contains("lastDoseOn");
        Answer word = screen(client, a -> {
            ObjectNode site = a.putArray("soreSites").addObject();
            site.put("site", "WRIST").put("side", "LEFT").putArray("provokedBy").add("typing");
            site.putObject("flags");
        });
        assertThat(word.at("/fields/0/message").asText()).contains("typing");
    }
}
