package kinesia.response;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.function.UnaryOperator;
import kinesia.core.response.Morning;
import kinesia.shared.StoredType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** What is kept of mornings as documents. */
@Configuration
class ResponseDocuments {
    @Bean
    static StoredType morningDocument() {
        // Stiffness and signs were not asked at first: what is missing was not said.
        return StoredType.of(Morning.class).then(UnaryOperator.identity()).then(ResponseDocuments::severalSigns);
    }

    /** One sign could be said at first; several can now. */
    private static JsonNode severalSigns(JsonNode document) {
        ObjectNode morning = (ObjectNode) document;
        JsonNode flag = morning.remove("flag");
        ArrayNode flags = morning.putArray("flags");
        if (flag != null && !flag.isNull()) {
            flags.add(flag);
        }
        return morning;
    }
}
