package kinesia.today;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A client of many years: what is read of the record, and how the rest of it is reached. */
@ServerTest
class StrandTest {
    @Autowired
    private Caller caller;

    @Autowired
    private JdbcTemplate database;

    private String client;

    @BeforeEach
    void moveHalfOfTheRecordIntoTheYearBefore() throws Exception {
        client = caller.asTrainer().clientId("Maren Oldvik");
        int moved = database.update(
                "update training_session set visit_on = visit_on - 365 where client_id = ?::uuid and visit_on <"
                        + " (select max(visit_on) - 40 from training_session where client_id = ?::uuid)",
                client,
                client);
        assertThat(moved).isGreaterThan(5);
        database.update("update client set version = version + 1 where id = ?::uuid", client);
    }

    private static List<String> sessions(JsonNode strand) {
        List<String> ids = new ArrayList<>();
        strand.get("items").forEach(item -> {
            if (item.get("kind").asText().equals("SESSION")) {
                ids.add(item.get("id").asText());
            }
        });
        return ids;
    }

    @Test
    void half_a_year_is_shown_at_a_time_and_every_session_once() throws Exception {
        String path = "/api/clients/" + client + "/strand";
        JsonNode latest = caller.get(path).body();
        List<String> all = new ArrayList<>(sessions(latest));
        int first = all.size();
        JsonNode page = latest;
        int pages = 0;
        while (page.has("before")) {
            page = caller.get(path + "?before=" + page.get("before").asText()).body();
            all.addAll(sessions(page));
            assertThat(++pages).isLessThan(6);
        }
        Integer stored = database.queryForObject(
                "select count(*) from training_session where client_id = ?::uuid and status not in ('PLANNED', 'RUNNING')",
                Integer.class,
                client);
        assertThat(all).doesNotHaveDuplicates().hasSize(stored);
        assertThat(first).isLessThan(stored);
        assertThat(latest.toString()).contains("NEXT");
    }

    @Test
    void an_older_session_shows_the_signal_that_the_one_after_it_was_planned_on() throws Exception {
        String path = "/api/clients/" + client + "/strand";
        JsonNode page = caller.get(path).body();
        while (sessions(page).size() < 3 || page.toString().contains("NEXT")) {
            page = caller.get(path + "?before=" + page.get("before").asText()).body();
        }
        for (JsonNode item : page.get("items")) {
            if (item.get("kind").asText().equals("SESSION")) {
                String worst = database.queryForObject(
                        """
                        select coalesce((select s ->> 'signal' from jsonb_array_elements(n.signals -> 'document') s
                          order by array_position(array['GO', 'WAITING', 'SAME', 'EASE', 'REFER'], s ->> 'signal') desc limit 1), 'GO')
                        from training_session t join lateral (select * from training_session u
                          where u.client_id = t.client_id and u.visit_on > t.visit_on order by u.visit_on limit 1) n on true
                        where t.id = ?::uuid""", String.class, item.get("id").asText());
                assertThat(item.get("signal").asText()).isEqualTo(worst);
            }
        }
    }

    @Test
    void today_counts_every_session_and_plans_on_the_last_half_year() throws Exception {
        Integer stored = database.queryForObject(
                "select count(*) from training_session where client_id = ?::uuid", Integer.class, client);
        for (JsonNode row : caller.get("/api/today").at("/clients")) {
            if (row.get("id").asText().equals(client)) {
                assertThat(row.get("sessions").asInt()).isEqualTo(stored);
            }
        }
        assertThat(caller.get("/api/clients/" + client + "/next").body().has("plan"))
                .isTrue();
    }

    @Test
    void a_list_of_clients_is_a_list_of_names() throws Exception {
        JsonNode names = caller.get("/api/clients").body();
        assertThat(names).hasSize(10);
        names.forEach(one -> assertThat(one.properties()).hasSize(2));
        assertThat(names.findValuesAsText("name")).isSorted().contains("Maren Oldvik");
    }
}
