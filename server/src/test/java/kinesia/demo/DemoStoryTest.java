package kinesia.demo;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import kinesia.client.Clients;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.ExerciseModel;
import kinesia.floor.SetLogs;
import kinesia.floor.TrainingSession;
import kinesia.floor.TrainingSessions;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** The demo tells one of every kind of story, and none of it breaks the core's own rules. */
@ServerTest
class DemoStoryTest {
    @Autowired
    private Caller caller;

    @Autowired
    private TrainingSessions sessions;

    @Autowired
    private SetLogs logs;

    @Autowired
    private Clients clients;

    @Autowired
    private ExerciseModel model;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private JsonNode next(String name) throws Exception {
        return caller.get("/api/clients/" + caller.clientId(name) + "/next").body();
    }

    @Test
    void a_flaring_elbow_loses_sets_and_swaps_the_worst_exercise() throws Exception {
        JsonNode next = next("Tobias Fenn");
        assertThat(next.at("/signals/0/signal").asText()).isEqualTo("EASE");
        assertThat(next.get("changes").findValuesAsText("ruleId")).contains("EASE-swap");
        assertThat(next.at("/plan/units")).isNotEmpty();
    }

    @Test
    void a_referral_holds_planning_and_says_what_to_do() throws Exception {
        JsonNode next = next("Edda Strandby");
        assertThat(next.has("plan")).isFalse();
        assertThat(next.at("/refusals/0/ruleId").asText()).isEqualTo("FLAG-both-shoulders-stiff");
        assertThat(next.at("/whatToDo/0").asText()).contains("doctor");
    }

    @Test
    void back_from_a_break_begins_lighter() throws Exception {
        JsonNode next = next("Sunniva Akre");
        assertThat(next.get("changes").findValuesAsText("ruleId")).contains("BREAK-return");
        assertThat(next.at("/plan/restSeconds").asInt()).isEqualTo(90);
    }

    @Test
    void somebody_in_a_wheelchair_gets_a_session_from_the_chair() throws Exception {
        JsonNode plan = next("Pia Ravnsund").get("plan");
        assertThat(plan.get("units")).isNotEmpty();
        for (String key : plan.get("units").findValuesAsText("exerciseKey")) {
            assertThat(model.catalogue().get(key).stance().name()).as(key).isEqualTo("SEATED");
        }
    }

    @Test
    void what_the_joint_taught_took_an_exercise_off_the_plan_with_its_counts() throws Exception {
        JsonNode next = next("Halvard Lunde");
        JsonNode worst = next.at("/learned/0/exercises/0");
        assertThat(worst.at("/counts/weight").asDouble()).isGreaterThan(1.25);
        assertThat(worst.at("/reason/exact").asText()).contains("mornings worse", "hurt in its own sets");
        String key = worst.at("/counts/exerciseKey").asText();
        assertThat(next.at("/plan/units").findValuesAsText("exerciseKey")).doesNotContain(key);
        JsonNode left = null;
        for (JsonNode out : next.at("/plan/whyNot")) {
            left = out.get("exerciseKey").asText().equals(key) ? out : left;
        }
        assertThat(left).isNotNull();
        assertThat(left.at("/reasons/0/ruleId").asText()).isEqualTo("LEARNED-stress");
    }

    @Test
    void every_line_of_the_response_table_has_somebody() throws Exception {
        Map<String, String> expected = Map.of(
                "Pia Ravnsund", "GO",
                "Ingrid Vestmar", "SAME",
                "Tobias Fenn", "EASE",
                "Rolf Askevik", "REFER",
                "Maren Oldvik", "WAITING");
        Map<String, String> shown = new TreeMap<>();
        for (JsonNode client : caller.get("/api/today").at("/clients")) {
            if (expected.containsKey(client.get("name").asText())) {
                shown.put(client.get("name").asText(), client.path("signal").asText());
            }
        }
        assertThat(shown).isEqualTo(new TreeMap<>(expected));
        JsonNode fresh = next("Birte Solhaug");
        assertThat(fresh.get("whatToDo").toString()).contains("Ask about the left wrist first");
    }

    @Test
    void a_morning_not_yet_answered_keeps_the_place_from_progress() throws Exception {
        JsonNode next = next("Maren Oldvik");
        assertThat(next.get("morningFor").asText()).isNotBlank();
        assertThat(next.at("/signals/0/reason/ruleId").asText()).isEqualTo("RESPONSE-waiting");
    }

    @Test
    void three_months_of_sessions_keep_48_hours_apart_and_use_only_loads_of_the_room() {
        Map<String, List<TrainingSession>> byClient = new TreeMap<>();
        clients.findNames(caller.roomOf("trainer@tidewheel.example"))
                .forEach(who -> byClient.put(
                        who.getName(),
                        sessions.findByClientIdAndVisitOnGreaterThanEqualAndVisitOnBeforeOrderByVisitOn(
                                who.getId(), LocalDate.EPOCH, LocalDate.now())));
        assertThat(byClient).hasSize(10);
        byClient.values().forEach(own -> {
            for (int i = 1; i < own.size(); i++) {
                assertThat(own.get(i).visitOn())
                        .isAfterOrEqualTo(own.get(i - 1).visitOn().plusDays(2));
            }
            own.stream().filter(s -> !s.isOpen()).forEach(this::usesLoadsOfTheRoom);
        });
    }

    private void usesLoadsOfTheRoom(TrainingSession session) {
        var client = clients.findById(session.clientId()).orElseThrow();
        var room = clients.require(client.id(), client.roomId()).place().equipment();
        for (var log : logs.findBySessionIdAndUndoneFalseOrderByLoggedAt(session.id())) {
            LoggedSet set = log.set(session.visitOn());
            assertThat(ReachableLoads.of(room, model.catalogue().get(set.exerciseKey()), client.body())
                            .loads())
                    .as(set.exerciseKey())
                    .extracting(l -> Math.round(l.kg() * 100))
                    .contains(Math.round(set.load().kg() * 100));
        }
    }

    @Test
    void every_reason_on_every_plan_repeats_the_numbers_it_was_decided_on() throws Exception {
        int checked = 0;
        for (JsonNode client : caller.get("/api/today").at("/clients")) {
            JsonNode next = caller.get("/api/clients/" + client.get("id").asText() + "/next")
                    .body();
            for (JsonNode reason : next.findParents("ruleId")) {
                assertThat(reason.get("exact").asText()).isNotBlank();
                assertThat(reason.get("plain").asText()).isNotBlank();
                for (String input : new String[] {"load", "from", "to", "last load", "at most"}) {
                    JsonNode value = reason.at("/inputs/" + input);
                    if (!value.isMissingNode()) {
                        assertThat(reason.get("exact").asText()).containsIgnoringCase(value.asText());
                        checked++;
                    }
                }
            }
        }
        assertThat(checked).isGreaterThan(40);
    }
}
