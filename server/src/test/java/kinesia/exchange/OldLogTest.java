package kinesia.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import com.fasterxml.jackson.databind.JsonNode;
import java.nio.charset.StandardCharsets;
import java.util.HashMap;
import java.util.Map;
import kinesia.shared.Caller;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A log from elsewhere: its names are found or asked about, its units are read, and it comes in whole, once. */
@ServerTest
class OldLogTest {
    private static final String LOG = """
            Date,Exercise,Weight,Sets,Reps,RPE,Arm
            2025-11-03,Hammer curl DB,12 lb,2,12,7,
            2025-11-03,Hammer curl DB,"5,5 kg",1,10,8,
            17.11.2025,Lever thing,4,1,12,,left
            """;

    @Autowired
    private Caller caller;

    private String client;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
        client = caller.clientId("Maren Oldvik");
    }

    private Caller.Answer send(String text, Map<String, String> names, boolean keep) throws Exception {
        Map<String, Object> body = new HashMap<>(Map.of("text", text, "keep", keep, "names", names));
        return caller.post("/api/clients/" + client + "/old-log", body);
    }

    @Test
    void names_are_found_in_the_catalogue_and_what_is_unsure_is_asked() throws Exception {
        Caller.Answer look = send(LOG, Map.of(), false);
        assertThat(look.at("/columns/EFFORT").asText()).isEqualTo("RPE");
        assertThat(look.at("/names/0/name").asText()).isEqualTo("Hammer curl DB");
        assertThat(look.at("/names/0/key").asText()).contains("hammer");
        assertThat(look.at("/names/1/key").isMissingNode()).isTrue();
        assertThat(look.at("/fresh").asInt()).isEqualTo(3);
        assertThat(look.at("/kept").asInt()).isZero();
        Caller.Answer asked = send(LOG, Map.of(), true);
        assertThat(asked.status()).isEqualTo(409);
        assertThat(asked.at("/detail").asText()).contains("say what “Lever thing” is");
    }

    @Test
    void it_comes_in_once_in_its_own_units_and_goes_out_with_the_record() throws Exception {
        Map<String, String> names = Map.of("Lever thing", "seated-curl");
        assertThat(send(LOG, names, true).at("/kept").asInt()).isEqualTo(4);
        Caller.Answer again = send(LOG, names, true);
        assertThat(again.at("/kept").asInt()).isZero();
        assertThat(again.at("/known").asInt()).isEqualTo(4);
        JsonNode kept = caller.get("/api/clients/" + client + "/record.json").at("/tables/old_set");
        assertThat(kept).hasSize(4);
        assertThat(kept).anySatisfy(row -> {
            assertThat(row.at("/load_label").asText()).isEqualTo("12 lb");
            // 12 pounds of 0.45359237 kg.
            assertThat(row.at("/load_kg").asDouble()).isCloseTo(5.443, within(0.001));
        });
        assertThat(kept)
                .anySatisfy(row -> assertThat(row.at("/load_label").asText()).isEqualTo("5.5 kg"));
        String table = new String(caller.bytes("/api/clients/" + client + "/sets.csv"), StandardCharsets.UTF_8);
        assertThat(table.lines().filter(line -> line.endsWith(",yes"))).hasSize(4);
        assertThat(table).contains("2025-11-17,seated-curl,LEFT,1,4,4 kg,12,,,,yes");
    }

    @Test
    void what_was_lifted_before_tells_strength() throws Exception {
        String strong = "day,exercise,kg,reps,effort\n2026-01-01,Seated curl,30,12,7\n";
        String path = "/api/clients/" + client + "/strength";
        double before = caller.get(path).at("/parts/0/kg").asDouble();
        String today = caller.get("/api/today").at("/today").asText();
        assertThat(send(strong.replace("2026-01-01", today), Map.of("Seated curl", "seated-curl"), true)
                        .at("/kept")
                        .asInt())
                .isEqualTo(1);
        assertThat(caller.get(path).at("/parts/0/kg").asDouble()).isGreaterThan(1.2 * before);
    }

    @Test
    void one_wrong_line_keeps_all_of_it_out_and_is_named() throws Exception {
        String bad = "day,exercise,kg,reps\n2025-11-03,Hammer curl,6,12\n3/11/25,Hammer curl,heavy,12\n"
                + "2099-01-01,Hammer curl,6,12\n2025-11-04,Hammer curl,6,99\n2025-11-05,Hammer curl,900,9\n";
        Map<String, String> names = Map.of("Hammer curl", "seated-curl");
        Caller.Answer look = send(bad, names, false);
        assertThat(look.at("/wrong")).hasSize(4);
        assertThat(look.at("/wrong/0/line").asInt()).isEqualTo(3);
        assertThat(look.at("/wrong/0/problems/0").asText()).contains("the day is like 2025-04-23");
        assertThat(look.at("/wrong/1/problems/0").asText()).contains("still to come");
        assertThat(send(bad, names, true).status()).isEqualTo(409);
        assertThat(caller.get("/api/clients/" + client + "/record.json").at("/tables/old_set"))
                .isEmpty();
    }

    @Test
    void a_name_can_be_left_out_and_a_missing_column_is_asked_for() throws Exception {
        assertThat(send(LOG, Map.of("Lever thing", ""), true).at("/kept").asInt())
                .isEqualTo(3);
        assertThat(send("when,what\n2025-11-03,curl\n", Map.of(), false)
                        .at("/missing")
                        .toString())
                .isEqualTo("[\"EXERCISE\",\"REPS\"]");
    }
}
