package kinesia.client;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of clients as documents. */
@Configuration
class ClientDocuments {
    @Bean
    static StoredType intakeDocument() {
        return StoredType.of(Intake.class).then(ClientDocuments::withStory).then(ClientDocuments::withElsewhere);
    }

    // What else trains the arms was kept in words only.
    private static JsonNode withElsewhere(JsonNode intake) {
        ((ObjectNode) intake).putArray("elsewhere");
        return intake;
    }

    // What was asked before was only whether somebody is new to training, and that the migration has put here.
    private static JsonNode withStory(JsonNode intake) {
        if (intake instanceof ObjectNode object && !object.has("story")) {
            object.putObject("story")
                    .put("visits", 0)
                    .put("trainedBefore", false)
                    .putNull("risesWithoutHands");
        }
        return intake;
    }
}
