package kinesia.room;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class PlaceTest {
    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private static ObjectNode equipment(double... dumbbells) {
        ObjectNode equipment = Caller.json();
        for (String list : new String[] {"bands", "furniture", "household", "dumbbellsKg"}) {
            equipment.putArray(list);
        }
        for (double kg : dumbbells) {
            equipment.withArray("dumbbellsKg").add(kg);
        }
        return equipment;
    }

    private static ObjectNode save(String name, ObjectNode equipment, Long version) {
        ObjectNode body = Caller.json().put("name", name);
        body.set("equipment", equipment);
        return version == null ? body : body.put("version", version);
    }

    @Test
    void a_jug_is_weighed_by_its_water_and_a_band_by_two_pulls() throws Exception {
        ObjectNode kitchen = equipment(1, 2.5);
        // A US gallon is 3.785 litres; fresh water weighs 0.998 kg a litre (physics).
        kitchen.withArray("household")
                .addObject()
                .put("name", "jug")
                .put("kg", 0)
                .putObject("water")
                .put("litres", 3.785)
                .put("emptyKg", 0.1);
        ObjectNode pulls = kitchen.withArray("bands")
                .addObject()
                .put("name", "long band")
                .put("newtonsAtDoubleLength", 0)
                .putObject("pulls");
        pulls.put("freeLengthM", 1).putObject("firstPull").put("lengthM", 1.5).put("forceN", 20);
        pulls.putObject("secondPull").put("lengthM", 2).put("forceN", 35);
        Answer loads = caller.post("/api/places/loads", kitchen);
        assertThat(loads.status()).isEqualTo(200);
        assertThat(loads.body()).hasSize(3);
        for (JsonNode of : loads.body()) {
            JsonNode heaviest = of.get("loads").get(of.get("loads").size() - 1);
            switch (of.get("implement").asText()) {
                case "DUMBBELL" -> assertThat(heaviest.get("kg").asDouble()).isEqualTo(2.5);
                case "BAND" ->
                    assertThat(heaviest.get("kg").asDouble() * 9.80665)
                            .isCloseTo(35, org.assertj.core.data.Offset.offset(0.1));
                default -> assertThat(heaviest.get("kg").asDouble()).isEqualTo(3.88);
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "dumbbellsKg, '[0]', dumbbellsKg[0]",
        "furniture, '[\"sofa\"]', furniture",
        "stack, '{\"firstKg\":5,\"stepKg\":0,\"lastKg\":50,\"addOnKg\":0}', stepKg",
        "handle, '{\"emptyKg\":2,\"pairs\":[{\"plateKg\":1,\"count\":9}]}', count",
        "household, '[{\"name\":\"\",\"kg\":2}]', name",
        "fixtures, '{\"benchNotchesDeg\":[120],\"anchorHeightsM\":[],\"restrictionCuffs\":false}', benchNotchesDeg[0]"
    })
    void what_no_place_has_is_refused_at_its_field(String field, String value, String at) throws Exception {
        ObjectNode wrong = equipment(1);
        wrong.set(field, new com.fasterxml.jackson.databind.ObjectMapper().readTree(value));
        Answer answer = caller.put("/api/places/" + UUID.randomUUID(), save("Shed", wrong, null));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.at("/fields/0/field").asText()).endsWith(at);
    }

    @Test
    void the_second_of_two_people_is_told_and_another_room_sees_nothing() throws Exception {
        String path = "/api/places/" + UUID.randomUUID();
        long version = caller.put(path, save("Shed", equipment(1), null))
                .at("/version")
                .asLong();
        assertThat(caller.put(path, save("Shed", equipment(1), null)).status()).isEqualTo(200);
        assertThat(caller.put(path, save("Shed", equipment(1, 2), version)).status())
                .isEqualTo(200);
        Answer late = caller.put(path, save("Shed", equipment(3), version));
        assertThat(late.status()).isEqualTo(409);
        assertThat(late.at("/current/equipment/dumbbellsKg")).hasSize(2);
        assertThat(caller.as("trainer@lanternloft.example").get(path).status()).isEqualTo(404);
    }

    @Test
    void a_session_at_another_place_uses_what_is_there() throws Exception {
        String home = UUID.randomUUID().toString();
        ObjectNode shed = equipment(1, 3);
        shed.withArray("furniture").add("chair");
        shed.withArray("bands").addObject().put("name", "only band").put("newtonsAtDoubleLength", 30);
        caller.put("/api/places/" + home, save("Jorun's shed", shed, null));
        String client = caller.screened("Shed Person", a -> {});
        ObjectNode door = Caller.json().put("sleepHours", 7).put("armsWorkedHarder", false);
        door.put("somethingNew", false)
                .put("placeId", UUID.randomUUID().toString())
                .putArray("sites");
        String session = "/api/clients/" + client + "/sessions/" + UUID.randomUUID();
        assertThat(caller.put(session, door).at("/fields/0/field").asText()).isEqualTo("placeId");
        String id =
                caller.put(session, door.put("placeId", home)).at("/sessionId").asText();
        JsonNode planned = caller.get("/api/sessions/" + id).body();
        assertThat(planned.at("/plan/units")).isNotEmpty();
        for (JsonNode guide : planned.get("guides")) {
            for (JsonNode load : guide.get("loads")) {
                // A band may be wrapped, or its foot mark moved.
                assertThat(load.get("label").asText().split(",")[0]).isIn("1 kg", "3 kg", "only band", "body weight");
            }
        }
    }
}
