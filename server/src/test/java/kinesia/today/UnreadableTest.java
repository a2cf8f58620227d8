package kinesia.today;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** One stored row that cannot be read takes no list from anybody. */
@ServerTest
class UnreadableTest {
    @Autowired
    private Caller caller;

    @Autowired
    private JdbcTemplate database;

    @Test
    void a_client_whose_screen_cannot_be_read_says_so_and_the_others_are_shown() throws Exception {
        caller.asTrainer();
        int others = caller.get("/api/today").at("/clients").size();
        String client = caller.screened("Torill Vang", answers -> {});
        String kept =
                database.queryForObject("select answers from screen where client_id = ?::uuid", String.class, client);
        database.update("update screen set answers = '{\"unreadable\": \"{flags\"}' where client_id = ?::uuid", client);
        database.update("update client set version = version + 1 where id = ?::uuid", client);

        Answer today = caller.get("/api/today");
        assertThat(today.status()).isEqualTo(200);
        assertThat(today.at("/clients")).hasSize(others + 1);
        for (JsonNode row : today.at("/clients")) {
            assertThat(row.has("unreadable")).isEqualTo(row.get("id").asText().equals(client));
        }
        Answer page = caller.get("/api/clients/" + client + "/next");
        assertThat(page.status()).isEqualTo(409);
        assertThat(page.at("/detail").asText()).contains("cannot be read").doesNotContain("flags");

        database.update("update screen set answers = ?::jsonb where client_id = ?::uuid", kept, client);
        database.update("update client set version = version + 1 where id = ?::uuid", client);
        assertThat(caller.get("/api/today").body().findValues("unreadable")).isEmpty();
    }

    @Test
    void a_template_and_a_variation_that_cannot_be_read_are_left_out_of_their_lists() throws Exception {
        caller.asTrainer();
        int templates = caller.get("/api/templates").body().size();
        UUID room = caller.roomOf("trainer@tidewheel.example");
        UUID broken = UUID.randomUUID();
        database.update(
                "insert into session_template values (?, ?, 'Broken', '{\"unreadable\": \"\"}', now(), 'Oda Brandt')",
                broken,
                room);
        database.update(
                "insert into variation values (?, 0, ?, 'Broken', 'seated-curl', '{\"version\": 1, \"document\": []}', 'Oda Brandt', now())",
                broken,
                room);
        try {
            assertThat(caller.get("/api/templates").body()).hasSize(templates);
            assertThat(caller.get("/api/atlas").status()).isEqualTo(200);
        } finally {
            database.update("delete from session_template where id = ?", broken);
            database.update("delete from variation where id = ?", broken);
        }
    }

    @Test
    void what_is_not_whole_is_refused_where_it_comes_in() throws Exception {
        caller.asTrainer();
        String client = caller.clientId("Jorun Haldvig");
        String session = UUID.randomUUID().toString();
        assertRefused(
                "put",
                "/api/sessions/" + session + "/morning",
                "{\"sites\":[{\"side\":\"LEFT\",\"pain\":2}],\"muscleSoreness\":1,\"sharp\":false,\"tinglingStays\":false}",
                "sites[0].site");
        assertRefused(
                "put",
                "/api/sessions/" + session + "/sets/" + session,
                "{\"exerciseKey\":\"seated-curl\",\"setNumber\":1,\"reps\":10,\"pain\":0,\"faults\":[]}",
                "load");
        assertRefused(
                "put",
                "/api/clients/" + client + "/composition",
                "{\"composition\":{\"pinned\":[],\"banned\":[],\"order\":[],\"written\":[{\"layout\":\"PAIRS\","
                        + "\"restSeconds\":60,\"slots\":[{\"exerciseKey\":\"seated-curl\",\"sets\":2}]}]}}",
                "composition.written[0].slots[0].reps");
    }

    private void assertRefused(String method, String path, String body, String field) throws Exception {
        Answer answer = caller.send(method, path, body);
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).isEqualTo(field);
        assertThat(answer.at("/fields/0/message").asText()).isEqualTo("is needed");
    }
}
