package kinesia.client;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.UUID;
import kinesia.shared.Caller;
import kinesia.shared.Caller.Answer;
import kinesia.shared.ServerTest;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

@ServerTest
class ClientTest {
    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.asTrainer();
    }

    private ObjectNode details() throws Exception {
        ObjectNode d = Caller.json();
        d.put("name", "Aslak Brenne")
                .put("bornOn", "1959-05-02")
                .put("sex", "MALE")
                .put("statureM", 1.78)
                .put("bodyMassKg", 84)
                .put("hand", "LEFT")
                .put("goal", "STRENGTH")
                .put("life", "Keeps bees")
                .put("units", "KG_CM")
                .put("visitsPerWeek", 2)
                .put("minutes", 35)
                .put("placeId", caller.get("/api/places").at("/0/id").asText());
        d.putObject("story").put("visits", 200).put("trainedBefore", true).put("risesWithoutHands", true);
        d.putObject("cautions");
        d.putArray("dislikes");
        return d;
    }

    private static ObjectNode body(ObjectNode details, Long version) {
        ObjectNode body = Caller.json();
        if (version != null) {
            body.put("version", version);
        }
        body.set("details", details);
        return body;
    }

    @Test
    void a_repeated_save_adds_one_client() throws Exception {
        String path = "/api/clients/" + UUID.randomUUID();
        int before = caller.get("/api/today").at("/clients").size();
        assertThat(caller.put(path, body(details(), null)).status()).isEqualTo(200);
        assertThat(caller.put(path, body(details(), null)).status()).isEqualTo(200);
        assertThat(caller.get("/api/today").at("/clients").size()).isEqualTo(before + 1);
    }

    @Test
    void the_second_of_two_people_is_told_and_sees_what_is_stored() throws Exception {
        String path = "/api/clients/" + UUID.randomUUID();
        long version = caller.put(path, body(details(), null)).at("/version").asLong();
        ObjectNode mine = details().put("minutes", 45);
        ObjectNode theirs = details().put("minutes", 20);
        assertThat(caller.put(path, body(mine, version)).status()).isEqualTo(200);

        Answer second = caller.put(path, body(theirs, version));
        assertThat(second.status()).isEqualTo(409);
        assertThat(second.at("/current/details/minutes").asInt()).isEqualTo(45);
        assertThat(caller.get(path).at("/details/minutes").asInt()).isEqualTo(45);

        long now = second.at("/current/version").asLong();
        assertThat(caller.put(path, body(theirs, now)).at("/details/minutes").asInt())
                .isEqualTo(20);
    }

    @Test
    void impossible_values_are_refused_at_their_fields_with_the_allowed_range() throws Exception {
        String path = "/api/clients/" + UUID.randomUUID();
        ObjectNode wrong = details()
                .put("statureM", 0.4)
                .put("bodyMassKg", 900)
                .put("minutes", 3)
                .put("name", " ");
        Answer answer = caller.put(path, body(wrong, null));
        assertThat(answer.status()).isEqualTo(422);
        assertThat(answer.body().get("fields").findValuesAsText("field"))
                .containsExactlyInAnyOrder("details.statureM", "details.bodyMassKg", "details.minutes", "details.name");
        assertThat(answer.body().get("fields").findValuesAsText("message")).contains("from 1.20 to 2.20 m");

        Answer unprinted = caller.put(path, body(details().put("name", "Nu\0ll"), null));
        assertThat(unprinted.status()).isEqualTo(422);
        assertThat(unprinted.at("/fields/0/field").asText()).isEqualTo("details.name");
        assertThat(unprinted.at("/fields/0/message").asText()).contains("cannot be kept");

        Answer tooYoung = caller.put(path, body(details().put("bornOn", "2020-01-01"), null));
        assertThat(tooYoung.at("/fields/0/message").asText()).contains("18 to 110");
        Answer noDate = caller.put(path, body(details().put("bornOn", "1959-13-45"), null));
        assertThat(noDate.at("/fields/0/field").asText()).isEqualTo("details.bornOn");
        Answer unknown = caller.put(path, body(details().put("shoeSize", 43), null));
        assertThat(unknown.at("/fields/0/field").asText()).isEqualTo("details.shoeSize");
        assertThat(caller.get(path).status()).isEqualTo(404);
    }

    @Test
    void another_room_sees_nothing_of_this_one() throws Exception {
        String id = caller.clientId("Maren Oldvik");
        String session =
                caller.get("/api/clients/" + id + "/strand").at("/items/1/id").asText();
        caller.as("trainer@lanternloft.example");
        assertThat(caller.get("/api/today").at("/clients").size()).isZero();
        for (String path : new String[] {"", "/next", "/screen", "/strand"}) {
            assertThat(caller.get("/api/clients/" + id + path).status())
                    .as(path)
                    .isEqualTo(404);
        }
        assertThat(caller.get("/api/sessions/" + session).status()).isEqualTo(404);
        assertThat(caller.get("/api/sessions/" + session + "/morning").status()).isEqualTo(404);
        assertThat(caller.put("/api/clients/" + id, body(details(), null)).status())
                .isIn(404, 422);
        assertThat(caller.delete("/api/sessions/" + session + "/sets/" + UUID.randomUUID())
                        .status())
                .isEqualTo(404);
    }
}
