package kinesia.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.JdbcTemplate;

/** A room chooses how long it keeps; whose time is over is said, and nothing is erased by itself. */
@ServerTest
class RetentionTest {
    @Autowired
    private Caller caller;

    @Autowired
    private JdbcTemplate database;

    @Test
    void whose_time_is_over_is_said_and_stays_until_somebody_erases_it() throws Exception {
        caller.as("owner@tidewheel.example");
        assertThat(caller.get("/api/retention").at("/keeping/keepMonths").isMissingNode())
                .isTrue();
        Caller.Answer chosen = caller.put("/api/retention", Map.of("keepMonths", 24, "backupDays", 35));
        assertThat(chosen.at("/keeping/keepMonths").asInt()).isEqualTo(24);
        assertThat(chosen.at("/over")).as("everybody was here lately").isEmpty();

        String id = caller.clientId("Rolf Askevik");
        for (String table : new String[] {"training_session", "appointment"}) {
            database.update("update " + table + " set visit_on = visit_on - 1000 where client_id = ?::uuid", id);
        }
        database.update("update screen set taken_on = taken_on - 1000 where client_id = ?::uuid", id);
        Caller.Answer over = caller.get("/api/retention");
        assertThat(over.at("/over")).hasSize(1);
        assertThat(over.at("/over/0/name").asText()).isEqualTo("Rolf Askevik");
        assertThat(caller.get("/api/clients/" + id).status()).isEqualTo(200);

        LocalDate today = LocalDate.parse(caller.get("/api/today").at("/today").asText());
        assertThat(caller.post("/api/clients/" + id + "/erase", Map.of("name", "Rolf Askevik"))
                        .at("/backupsUntil")
                        .asText())
                .isEqualTo(today.plusDays(35).toString());
        assertThat(caller.get("/api/retention").at("/over")).isEmpty();
    }

    @Test
    void only_the_owner_chooses() throws Exception {
        assertThat(caller.asTrainer()
                        .put("/api/retention", Map.of("keepMonths", 12))
                        .status())
                .isEqualTo(403);
        assertThat(caller.get("/api/retention").at("/keeping/keepMonths").isMissingNode())
                .isTrue();
    }

    @Test
    void a_time_outside_of_what_makes_sense_is_refused_at_its_field_and_none_is_a_choice() throws Exception {
        caller.as("owner@tidewheel.example");
        assertThat(caller.put("/api/retention", Map.of("keepMonths", 2))
                        .at("/fields/0/field")
                        .asText())
                .isEqualTo("keepMonths");
        caller.put("/api/retention", Map.of("keepMonths", 12));
        Caller.Answer none = caller.put("/api/retention", new HashMap<>());
        assertThat(none.at("/keeping/keepMonths").isMissingNode()).isTrue();
    }
}
