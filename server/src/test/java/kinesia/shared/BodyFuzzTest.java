package kinesia.shared;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import kinesia.shared.Caller.Answer;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * A thousand bodies made from the document with a fixed seed: some as it asks, most spoilt in one place. Whatever comes, the
 * answer is one of problem details and never the server's fault, and what the document forbids is refused.
 */
@ServerTest
class BodyFuzzTest {
    private static final int BODIES = 1_000;
    private static final int SEED = 20_261_127;
    private static final JsonNodeFactory JSON = JsonNodeFactory.instance;
    private static final ObjectMapper MAPPER = new ObjectMapper();

    @Autowired
    private Caller caller;

    private final Random random = new Random(SEED);
    private JsonNode document;
    private String client;
    private String session;

    @BeforeEach
    void readTheDocument() throws Exception {
        document = caller.as("owner@tidewheel.example").get("/api/openapi.json").body();
        client = caller.screened("Fenja Holm", answers -> {});
        ObjectNode door = Caller.json().put("armsWorkedHarder", false).put("somethingNew", false);
        door.putArray("sites");
        session = caller.put("/api/clients/" + client + "/sessions/" + UUID.randomUUID(), door)
                .at("/sessionId")
                .asText();
    }

    /** The path with this test's client and session in it, and an id of its own where one is made. */
    private String url(Operation operation) {
        return operation
                .path()
                .replace("{clientId}", client)
                .replace("/clients/{id}", "/clients/" + client)
                .replace("/sessions/{id}", "/sessions/" + session)
                .replaceAll("\\{[^}]+}", UUID.randomUUID().toString());
    }

    private record Operation(String method, String path, JsonNode schema) {}

    private List<Operation> operations() {
        List<Operation> all = new ArrayList<>();
        for (Map.Entry<String, JsonNode> path : document.get("paths").properties()) {
            for (String method : List.of("post", "put")) {
                JsonNode schema = path.getValue().at("/" + method + "/requestBody/content/application~1json/schema");
                // The sign-in has limits of its own and would end this one's.
                if (!schema.isMissingNode()
                        && !path.getKey().equals("/api/session")
                        && !path.getKey().equals("/api/owner")) {
                    all.add(new Operation(method, path.getKey(), schema));
                }
            }
        }
        return all;
    }

    @Test
    void no_body_is_the_servers_fault_and_what_the_document_forbids_is_refused() throws Exception {
        List<Operation> operations = operations();
        int forbidden = 0;
        for (int i = 0; i < BODIES; i++) {
            Operation operation = operations.get(i % operations.size());
            JsonNode body = valid(operation.schema(), 0);
            String spoilt = random.nextInt(4) == 0 ? "" : spoil(body, operation.schema());
            Answer answer = caller.send(operation.method(), url(operation), MAPPER.writeValueAsString(body));
            String what =
                    operation.method() + " " + operation.path() + " " + spoilt + ": " + body + " -> " + answer.body();
            assertThat(answer.status()).as(what).isLessThan(500);
            if (answer.status() >= 400) {
                assertThat(answer.at("/title").asText()).as(what).isNotBlank();
            }
            if (!spoilt.isEmpty()) {
                forbidden++;
                assertThat(answer.status()).as(what).isEqualTo(422);
                assertThat(answer.at("/fields").size()).as(what).isPositive();
            }
        }
        assertThat(forbidden).isGreaterThan(BODIES / 2);
    }

    private JsonNode resolved(JsonNode schema) {
        JsonNode one =
                schema.has("$ref") ? document.at(schema.get("$ref").asText().substring(1)) : schema;
        return one.has("anyOf") ? resolved(one.get("anyOf").get(0)) : one;
    }

    private static String type(JsonNode schema) {
        JsonNode type = schema.path("type");
        return type.isArray() ? type.get(0).asText() : type.asText(schema.has("properties") ? "object" : "");
    }

    /** A value as the schema asks: sensible forms, wild sizes. */
    private JsonNode valid(JsonNode raw, int depth) {
        JsonNode schema = resolved(raw);
        if (schema.has("allOf")) {
            ObjectNode all = JSON.objectNode();
            schema.get("allOf").forEach(part -> all.setAll((ObjectNode) valid(part, depth)));
            return all;
        }
        if (schema.has("enum")) {
            JsonNode values = schema.get("enum");
            JsonNode one = values.get(random.nextInt(values.size()));
            return one.isNull() ? values.get(0) : one;
        }
        switch (type(schema)) {
            case "boolean":
                return JSON.booleanNode(random.nextBoolean());
            case "integer":
                int[] whole = {0, 1, 2, 5, 12, -1, 40, 100_000, Integer.MAX_VALUE};
                return JSON.numberNode(whole[random.nextInt(whole.length)]);
            case "number":
                double[] numbers = {0, 0.5, 1, 1.7, 7.5, 68, -3, 1e6, 1e300};
                return JSON.numberNode(numbers[random.nextInt(numbers.length)]);
            case "string":
                return JSON.textNode(text(schema));
            case "array":
                ArrayNode list = JSON.arrayNode();
                for (int i = random.nextInt(3); i > 0 && depth < 8; i--) {
                    list.add(valid(schema.get("items"), depth + 1));
                }
                return list;
            case "object":
                ObjectNode object = JSON.objectNode();
                if (schema.path("additionalProperties").isObject() && random.nextBoolean()) {
                    object.set("something", valid(schema.get("additionalProperties"), depth + 1));
                }
                schema.path("properties").properties().forEach(field -> {
                    if (isRequired(schema, field.getKey()) || random.nextInt(3) > 0) {
                        object.set(field.getKey(), valid(field.getValue(), depth + 1));
                    }
                });
                return object;
            default:
                return JSON.objectNode();
        }
    }

    private String text(JsonNode schema) {
        return switch (schema.path("format").asText()) {
            case "uuid" -> random.nextBoolean() ? client : new UUID(random.nextLong(), random.nextLong()).toString();
            case "date" -> "20" + (10 + random.nextInt(30)) + "-0" + (1 + random.nextInt(9)) + "-1" + random.nextInt(9);
            default -> {
                String[] texts = {"seated-curl", "x", "Tära 漢字", "open", "a\nb", "'; drop table room"};
                yield texts[random.nextInt(texts.length)];
            }
        };
    }

    private static boolean isRequired(JsonNode schema, String name) {
        for (JsonNode one : schema.path("required")) {
            if (one.asText().equals(name)) {
                return true;
            }
        }
        return false;
    }

    /** Spoils one field of an object, deep down where there is one; says how, or nothing where it could not. */
    private String spoil(JsonNode body, JsonNode raw) {
        JsonNode schema = resolved(raw);
        if (!(body instanceof ObjectNode object)
                || !schema.has("properties")
                || !schema.path("additionalProperties").isBoolean()) {
            return "";
        }
        List<String> names = new ArrayList<>();
        object.fieldNames().forEachRemaining(names::add);
        if (names.isEmpty() || random.nextInt(6) == 0) {
            object.put("noSuchField", 1);
            return "an unknown field";
        }
        String name = names.get(random.nextInt(names.size()));
        JsonNode field = schema.get("properties").get(name);
        if (random.nextBoolean()) {
            String deeper = spoil(object.get(name), field);
            if (!deeper.isEmpty()) {
                return deeper;
            }
        }
        JsonNode of = resolved(field);
        if (isRequired(schema, name) && random.nextInt(3) == 0) {
            if (random.nextBoolean()) {
                object.remove(name);
                return "without " + name;
            }
            if (!type(of).isEmpty()) {
                object.putNull(name);
                return name + " null";
            }
        }
        switch (type(of)) {
            case "string":
                if (!of.has("enum")
                        && !of.has("format")
                        && !of.path("pattern").asText().contains("S")
                        && random.nextInt(3) == 0) {
                    return put(object, name, JSON.textNode("a\0b"));
                }
                return switch (random.nextInt(3)) {
                    case 0 -> put(object, name, JSON.numberNode(8));
                    case 1 ->
                        put(
                                object,
                                name,
                                of.has("enum") || of.has("format")
                                        ? JSON.textNode("NEVER")
                                        : JSON.textNode(
                                                "o".repeat(of.path("maxLength").asInt(4_000) + 1)));
                    default -> put(object, name, JSON.arrayNode());
                };
            case "integer", "number":
                return put(object, name, random.nextBoolean() ? JSON.textNode("8") : JSON.booleanNode(true));
            case "boolean":
                return put(object, name, random.nextBoolean() ? JSON.textNode("true") : JSON.numberNode(1));
            case "array":
                ArrayNode many = JSON.arrayNode();
                JsonNode one = valid(of.get("items"), 7);
                for (int i = 0; i <= of.path("maxItems").asInt(); i++) {
                    many.add(one);
                }
                return put(object, name, random.nextBoolean() ? many : JSON.textNode("none"));
            case "object":
                return put(object, name, random.nextBoolean() ? JSON.arrayNode() : JSON.textNode("{}"));
            default:
                return "";
        }
    }

    private static String put(ObjectNode object, String name, JsonNode value) {
        object.set(name, value);
        return name + " of another kind";
    }
}
