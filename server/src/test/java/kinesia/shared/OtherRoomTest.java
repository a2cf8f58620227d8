package kinesia.shared;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller.Answer;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** Somebody of another room cannot tell what is here from what is nowhere. */
@ServerTest
class OtherRoomTest {
    @Autowired
    private Caller caller;

    @Test
    void what_another_room_has_is_answered_like_what_nobody_has() throws Exception {
        caller.asTrainer();
        String client = caller.screened("Aslaug Lie", answers -> {});
        ObjectNode door = Caller.json().put("armsWorkedHarder", false).put("somethingNew", false);
        door.putArray("sites");
        String session = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door)
                .at("/sessionId")
                .asText();
        String place = caller.get("/api/places").at("/0/id").asText();
        String screen = caller.get("/api/clients/" + client + "/screens")
                .body()
                .findValue("id")
                .asText();
        JsonNode paths = caller.get("/api/openapi.json").at("/paths");

        caller.as("trainer@lanternloft.example");
        Map<String, String> leaks = new LinkedHashMap<>();
        int asked = 0;
        for (Map.Entry<String, JsonNode> path : paths.properties()) {
            for (String method : List.of("get", "post", "delete")) {
                if (!path.getValue().has(method)
                        || !path.getKey().contains("{")
                        || path.getKey().contains("{key}")
                        || path.getKey().contains("/gauges")) {
                    continue;
                }
                Answer theirs = ask(method, filled(path.getKey(), client, session, place, screen));
                String nowhere = UUID.randomUUID().toString();
                Answer nobodys = ask(method, filled(path.getKey(), nowhere, nowhere, nowhere, nowhere));
                asked++;
                if (theirs.status() != nobodys.status() || !said(theirs).equals(said(nobodys))) {
                    leaks.put(method + " " + path.getKey(), theirs + " against " + nobodys);
                }
            }
        }
        assertThat(asked).isGreaterThan(15);
        assertThat(leaks).isEmpty();
    }

    private Answer ask(String method, String url) throws Exception {
        return switch (method) {
            case "get" -> caller.get(url);
            case "delete" -> caller.delete(url);
            default -> caller.post(url, Map.of());
        };
    }

    private static String said(Answer answer) {
        return answer.at("/title").asText() + answer.at("/detail").asText() + answer.at("/fields");
    }

    private static String filled(String path, String client, String session, String place, String screen) {
        return path.replace("{clientId}", client)
                        .replace("/clients/{id}", "/clients/" + client)
                        .replace("/sessions/{id}", "/sessions/" + session)
                        .replace("/places/{id}", "/places/" + place)
                        .replace("/screens/{id}", "/screens/" + screen)
                        .replace("{screenId}", screen)
                        .replaceAll("\\{[^}]+}", UUID.randomUUID().toString())
                + (path.endsWith("/compare") ? "?older=" + screen + "&newer=" + screen : "");
    }

    @Test
    void a_gauge_pulled_out_in_one_room_stays_plugged_in_the_other() throws Exception {
        caller.asTrainer().put("/api/gauges/grip", Map.of("plugged", false));
        assertThat(caller.as("trainer@lanternloft.example")
                        .get("/api/gauges")
                        .at("/1/plugged")
                        .asBoolean())
                .isTrue();
        caller.asTrainer().put("/api/gauges/grip", Map.of("plugged", true));
    }
}
