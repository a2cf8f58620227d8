package kinesia.shared;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import kinesia.shared.Caller.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/** A body with a field that nobody knows is told which field it is, whatever it was sent to. */
@ServerTest
class UnknownFieldTest {
    @Autowired
    private Caller caller;

    @BeforeEach
    void signIn() throws Exception {
        caller.as("owner@tidewheel.example");
    }

    @Test
    void every_body_names_the_field_it_does_not_know() throws Exception {
        List<String> asked = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path :
                caller.get("/api/openapi.json").body().get("paths").properties()) {
            for (String method : List.of("post", "put")) {
                JsonNode body = path.getValue().at("/" + method + "/requestBody");
                // Signing in and the owner's account are open to everybody and have tests of their own.
                if (body.isMissingNode()
                        || path.getKey().contains("/session")
                        || path.getKey().contains("/owner")) {
                    continue;
                }
                String url =
                        path.getKey().replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
                Map<String, Object> unknown = Map.of("noSuchField", 1);
                Answer answer = method.equals("post") ? caller.post(url, unknown) : caller.put(url, unknown);
                assertThat(answer.status()).as(method + " " + path.getKey()).isEqualTo(422);
                assertThat(answer.at("/fields/0/field").asText())
                        .as(method + " " + path.getKey())
                        .isEqualTo("noSuchField");
                asked.add(path.getKey());
            }
        }
        assertThat(asked).hasSizeGreaterThan(15);
    }
}
