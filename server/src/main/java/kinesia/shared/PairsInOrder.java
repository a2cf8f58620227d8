package kinesia.shared;

import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.JsonSerializer;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.LinkedHashMap;
import java.util.Map;

/** Names and their words as a list of pairs, in order. */
final class PairsInOrder {
    private PairsInOrder() {}

    static final class Writer extends JsonSerializer<Map<String, String>> {
        @Override
        public void serialize(Map<String, String> words, JsonGenerator json, SerializerProvider provider)
                throws IOException {
            json.writeStartArray();
            for (Map.Entry<String, String> word : words.entrySet()) {
                json.writeArray(new String[] {word.getKey(), word.getValue()}, 0, 2);
            }
            json.writeEndArray();
        }
    }

    static final class Reader extends JsonDeserializer<Map<String, String>> {
        @Override
        public Map<String, String> deserialize(JsonParser json, DeserializationContext context) throws IOException {
            Map<String, String> words = new LinkedHashMap<>();
            if (!json.isExpectedStartArrayToken()) {
                return context.reportInputMismatch(Map.class, "pairs are a list");
            }
            while (json.nextToken() != JsonToken.END_ARRAY) {
                words.put(json.nextTextValue(), json.nextTextValue());
                json.nextToken();
            }
            return words;
        }
    }

    /** {@code document} with the inputs of every reason in it as pairs; they were objects once. */
    static JsonNode ofReasons(JsonNode document) {
        if (document instanceof ObjectNode object
                && object.has("ruleId")
                && object.path("inputs").isObject()) {
            ArrayNode pairs = object.arrayNode();
            object.get("inputs")
                    .properties()
                    .forEach(input -> pairs.addArray().add(input.getKey()).add(input.getValue()));
            object.set("inputs", pairs);
        } else {
            document.forEach(PairsInOrder::ofReasons);
        }
        return document;
    }
}
