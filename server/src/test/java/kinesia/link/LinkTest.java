package kinesia.link;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.IntStream;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import kinesia.shared.TestClock;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A private link from its message to its answer, and everything that must not open. */
@ServerTest
class LinkTest {
    private static final String WHO = "Pia Ravnsund";

    @Autowired
    private Caller caller;

    @Autowired
    private TestClock clock;

    private String client;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
        client = caller.clientId(WHO);
    }

    private void agrees(boolean consents) throws Exception {
        JsonNode known = caller.get("/api/clients/" + client + "/contact").body();
        java.util.Map<String, Object> body = new java.util.HashMap<>(
                Map.of("channel", "MAIL", "address", "pia@varnholm.example", "consents", consents));
        body.put(
                "version",
                known.path("version").isMissingNode()
                        ? null
                        : known.path("version").asLong());
        assertThat(caller.put("/api/clients/" + client + "/contact", body).status())
                .isEqualTo(200);
    }

    /** A session that has just ended. */
    private String finished() throws Exception {
        String id = UUID.randomUUID().toString();
        Answer planned = caller.put(
                "/api/clients/" + client + "/sessions/" + id,
                Map.of("armsWorkedHarder", false, "somethingNew", false, "sites", List.of()));
        String session = planned.at("/sessionId").asText();
        assertThat(caller.post("/api/sessions/" + session + "/finish", Map.of()).status())
                .isEqualTo(200);
        return session;
    }

    private JsonNode newest() throws Exception {
        for (JsonNode message : caller.get("/api/outbox").body()) {
            if (message.path("clientId").asText().equals(client)) {
                return message;
            }
        }
        return null;
    }

    private static String token(JsonNode message) {
        String path = message.path("path").asText();
        return path.substring(path.indexOf('#') + 1);
    }

    private static Map<String, Object> quiet(UUID answer) {
        return Map.of(
                "answerId",
                answer,
                "sites",
                List.of(Map.of("site", "INNER_ELBOW", "side", "RIGHT", "pain", 2)),
                "muscleSoreness",
                1,
                "sharp",
                false,
                "tinglingStays",
                false,
                "stiffMinutes",
                0);
    }

    @Test
    void a_morning_is_answered_by_link_once_and_then_the_link_opens_nothing() throws Exception {
        agrees(true);
        String session = finished();
        JsonNode message = newest();
        assertThat(message.path("words").asText()).contains("Pia").doesNotContain("Ravnsund");
        assertThat(message.path("state").asText()).isEqualTo("WAITING");
        String link = token(message);
        assertThat(link).hasSizeGreaterThan(40);
        Answer early = caller.byLink("GET", "/api/link", link, null);
        assertThat(early.at("/firstName").asText()).isEqualTo("Pia");
        assertThat(early.body().has("morning")).isFalse();
        assertThat(caller.byLink("POST", "/api/link/morning", link, quiet(UUID.randomUUID()))
                        .status())
                .isEqualTo(404);

        clock.pass(Duration.ofDays(1));
        Answer open = caller.byLink("GET", "/api/link", link, null);
        assertThat(open.at("/morning/places").toString()).contains("INNER_ELBOW");
        assertThat(open.body().toString())
                .doesNotContain("Ravnsund")
                .doesNotContain("wheelchair")
                .doesNotContain(client);
        UUID answer = UUID.randomUUID();
        assertThat(caller.byLink("POST", "/api/link/morning", link, quiet(answer))
                        .at("/isAll")
                        .asBoolean())
                .isTrue();
        // Sent again over a bad line it is the same answer; the link itself is spent.
        assertThat(caller.byLink("POST", "/api/link/morning", link, quiet(answer))
                        .status())
                .isEqualTo(200);
        assertThat(caller.byLink("POST", "/api/link/morning", link, quiet(UUID.randomUUID()))
                        .status())
                .isEqualTo(404);
        caller.asTrainer();
        assertThat(caller.get("/api/sessions/" + session + "/morning")
                        .at("/answers/stiffMinutes")
                        .asInt(-1))
                .isZero();
        assertThat(newest().path("state").asText()).isEqualTo("ANSWERED");
    }

    @Test
    void what_is_guessed_taken_back_too_old_or_spent_is_refused_alike() throws Exception {
        agrees(true);
        String session = finished();
        String first = token(newest());
        caller.post("/api/sessions/" + session + "/morning/link", Map.of());
        JsonNode again = newest();
        String second = token(again);
        assertThat(second).isNotEqualTo(first);
        Answer guessed = caller.byLink("GET", "/api/link", "x".repeat(43), null);
        Answer replaced = caller.byLink("GET", "/api/link", first, null);
        caller.post("/api/outbox/" + again.path("id").asText() + "/take-back", Map.of());
        Answer takenBack = caller.byLink("GET", "/api/link", second, null);
        caller.post("/api/sessions/" + session + "/morning/link", Map.of());
        String third = token(newest());
        clock.pass(Duration.ofDays(4));
        Answer old = caller.byLink("GET", "/api/link", third, null);
        for (Answer refused : List.of(replaced, takenBack, old)) {
            assertThat(refused.status()).isEqualTo(404);
            assertThat(withoutRequest(refused)).isEqualTo(withoutRequest(guessed));
        }
    }

    @Test
    void the_same_answer_sent_twice_at_once_is_taken_once_and_thanked_for_twice() throws Exception {
        agrees(true);
        finished();
        String link = token(newest());
        clock.pass(Duration.ofDays(1));
        Map<String, Object> answer = quiet(UUID.randomUUID());
        List<Integer> statuses = IntStream.range(0, 4)
                .parallel()
                .mapToObj(i -> {
                    try {
                        return caller.byLink("POST", "/api/link/morning", link, answer)
                                .status();
                    } catch (Exception e) {
                        throw new IllegalStateException(e);
                    }
                })
                .toList();
        assertThat(statuses).containsOnly(200);
    }

    private static String withoutRequest(Answer answer) {
        return answer.at("/title").asText() + answer.at("/detail").asText() + answer.status();
    }

    @Test
    void nobody_is_asked_who_did_not_agree_and_a_no_closes_what_is_out() throws Exception {
        agrees(true);
        finished();
        String link = token(newest());
        agrees(false);
        assertThat(caller.byLink("GET", "/api/link", link, null).status()).isEqualTo(404);
        String session = finished();
        assertThat(caller.post("/api/sessions/" + session + "/morning/link", Map.of())
                        .at("/sent")
                        .size())
                .isZero();
        assertThat(caller.put(
                                "/api/clients/" + client + "/contact",
                                Map.of("channel", "TEXT", "address", "no number", "consents", true))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("address");
    }

    @Test
    void a_sign_says_whom_to_call_and_holds_the_client() throws Exception {
        agrees(true);
        finished();
        String link = token(newest());
        clock.pass(Duration.ofDays(1));
        java.util.Map<String, Object> said = new java.util.HashMap<>(quiet(UUID.randomUUID()));
        said.put("flag", "FLAG-chest-pressure");
        Answer taken = caller.byLink("POST", "/api/link/morning", link, said);
        assertThat(taken.at("/call/call").asText()).contains("emergency number");
        caller.asTrainer();
        Answer next = caller.get("/api/clients/" + client + "/next");
        assertThat(next.at("/plan").isMissingNode()).isTrue();
        assertThat(next.at("/refusals").toString()).contains("Pressure or ache");
    }

    @Test
    void several_signs_are_said_at_once_and_what_cannot_wait_says_whom_to_call() throws Exception {
        agrees(true);
        finished();
        String link = token(newest());
        clock.pass(Duration.ofDays(1));
        java.util.Map<String, Object> said = new java.util.HashMap<>(quiet(UUID.randomUUID()));
        said.put("flags", List.of("FLAG-fever", "FLAG-dark-urine"));
        Answer taken = caller.byLink("POST", "/api/link/morning", link, said);
        assertThat(taken.at("/call/id").asText()).isEqualTo("FLAG-dark-urine");
        caller.asTrainer();
        assertThat(caller.get("/api/clients/" + client + "/next")
                        .at("/refusals")
                        .toString())
                .contains("Fever", "Dark urine");
    }

    @Test
    void a_place_that_is_asked_cannot_be_left_out() throws Exception {
        agrees(true);
        finished();
        String link = token(newest());
        clock.pass(Duration.ofDays(1));
        java.util.Map<String, Object> said = new java.util.HashMap<>(quiet(UUID.randomUUID()));
        said.put("sites", List.of());
        Answer refused = caller.byLink("POST", "/api/link/morning", link, said);
        assertThat(refused.status()).isBetween(400, 422);
        assertThat(refused.at("/fields/0/message").asText()).contains("inner elbow");
    }

    @Test
    void a_link_that_is_sent_later_names_the_day_of_the_session() throws Exception {
        agrees(true);
        String session = finished();
        String words = newest().path("words").asText();
        clock.pass(Duration.ofDays(2));
        caller.asTrainer();
        caller.post("/api/sessions/" + session + "/morning/link", Map.of());
        assertThat(newest().path("words").asText()).isEqualTo(words);
    }

    @Test
    void a_session_at_home_is_sent_done_and_counts_like_any_other() throws Exception {
        agrees(true);
        String home = caller.get("/api/places").body().get(1).path("id").asText();
        String id = UUID.randomUUID().toString();
        LocalDate day = LocalDate.now().plusDays(3);
        Answer planned = caller.put(
                "/api/clients/" + client + "/home/" + id, Map.of("on", day.toString(), "placeId", home, "minutes", 20));
        assertThat(planned.at("/sent").asBoolean()).isTrue();
        String link = token(newest());
        clock.pass(Duration.ofDays(3));
        Answer open = caller.byLink("GET", "/api/link", link, null);
        JsonNode slot = open.at("/home/plan/units/0/slots/0");
        assertThat(open.at("/home/guides/0/figure/frames").size()).isGreaterThan(3);
        assertThat(open.at("/home/guides/0/setUp").size()).isPositive();
        Map<String, Object> body = Map.of(
                "answerId",
                UUID.randomUUID(),
                "exercises",
                List.of(Map.of("exerciseKey", slot.path("exerciseKey").asText(), "sets", 1, "felt", "RIGHT")));
        assertThat(caller.byLink("POST", "/api/link/home", link, body).status()).isEqualTo(200);
        assertThat(caller.byLink(
                                "POST",
                                "/api/link/home",
                                link,
                                Map.of("answerId", UUID.randomUUID(), "exercises", List.of()))
                        .status())
                .isEqualTo(404);
        caller.asTrainer();
        Answer session = caller.get("/api/sessions/" + id);
        assertThat(session.at("/status").asText()).isEqualTo("DONE");
        assertThat(session.at("/sets").size()).isPositive();
        // Its hard sets count in the 48 hours and in the week.
        Answer next = caller.get("/api/clients/" + client + "/next");
        assertThat(next.at("/visitOn").asText()).isGreaterThan(day.toString());
        assertThat(caller.get("/api/clients/" + client + "/home").at("/0/state").asText())
                .isEqualTo("DONE");
    }
}
