package kinesia.shared;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.StreamReadConstraints;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SchemaValidatorsConfig;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/**
 * The OpenAPI document that the build wrote from the controllers, and what it asks of a body: the one strict reading of all
 * that comes in. A field that is unknown, said twice, missing, null, of another form or too long is named.
 */
@Component
class ApiDocument {
    /** What a field of the document says of its own bounds. */
    static final String WORDS = "x-words";

    private static final String FILE = "/openapi.json";
    private static final String BASE = "https://kinesia.example/openapi.json";
    private static final int DEEPEST = 40;
    private static final Set<String> BOUNDS = Set.of(
            "maxItems",
            "maxProperties",
            "minLength",
            "maxLength",
            "minimum",
            "exclusiveMinimum",
            "maximum",
            "exclusiveMaximum",
            "pattern",
            "format");

    private static final ObjectMapper STRICT = JsonMapper.builder(com.fasterxml.jackson.core.JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxNestingDepth(DEEPEST)
                            .maxNumberLength(40)
                            .build())
                    .enable(com.fasterxml.jackson.core.StreamReadFeature.STRICT_DUPLICATE_DETECTION)
                    .build())
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private final String text;
    private final JsonNode document;
    private final JsonSchemaFactory schemas;
    private final SchemaValidatorsConfig strictness = SchemaValidatorsConfig.builder()
            .formatAssertionsEnabled(true)
            .locale(Locale.ROOT)
            .build();
    private final Map<String, JsonSchema> known = new ConcurrentHashMap<>();

    ApiDocument() throws IOException {
        try (InputStream in = ApiDocument.class.getResourceAsStream(FILE)) {
            // Missing only while the build makes it, when no body comes in.
            text = in == null ? "{\"paths\":{}}" : new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
        document = STRICT.readTree(text);
        schemas = JsonSchemaFactory.getInstance(
                SpecVersion.VersionFlag.V202012,
                builder -> builder.schemaLoaders(loaders -> loaders.schemas(Map.of(BASE, text))));
    }

    /** The document as it is published. */
    String text() {
        return text;
    }

    /**
     * What is wrong with a body.
     *
     * @param ofForm nothing can be made of it: no JSON, a field that is unknown, missing, null or of another kind
     * @param ofBounds too many, too long, too large
     */
    record Faults(List<Problem.Field> ofForm, List<Problem.Field> ofBounds) {
        private static Faults ofForm(Problem.Field fault) {
            return new Faults(List.of(fault), List.of());
        }
    }

    /** What is wrong with a body sent by {@code method} to {@code pattern}, a path of the document. */
    Faults faults(String method, String pattern, byte[] body) throws IOException {
        JsonNode tree;
        try {
            tree = STRICT.readTree(body);
        } catch (JsonProcessingException e) {
            String twice = repeated(e);
            return Faults.ofForm(new Problem.Field(twice, twice.isEmpty() ? "is not valid JSON" : "is said twice"));
        }
        if (tree == null || tree.isMissingNode()) {
            return Faults.ofForm(new Problem.Field("", "a body is needed"));
        }
        List<Problem.Field> ofForm = new ArrayList<>();
        keepable(tree, "", ofForm);
        List<Problem.Field> ofBounds = new ArrayList<>();
        if (ofForm.isEmpty()) {
            for (ValidationMessage message : schema(method, pattern).validate(tree)) {
                (BOUNDS.contains(message.getType()) ? ofBounds : ofForm).add(fault(message));
            }
        }
        return new Faults(ofForm.stream().distinct().toList(), ofBounds);
    }

    private JsonSchema schema(String method, String pattern) {
        String pointer = "/" + pattern.replace("~", "~0").replace("/", "~1") + "/" + method.toLowerCase(Locale.ROOT)
                + "/requestBody/content/application~1json/schema";
        if (document.path("paths").at(pointer).isMissingNode()) {
            throw new IllegalStateException("the document knows no body of " + method + " " + pattern);
        }
        return known.computeIfAbsent(
                pointer,
                p -> schemas.getSchema(
                        SchemaLocation.of(
                                BASE + "#/paths" + p.replace("{", "%7B").replace("}", "%7D")),
                        strictness));
    }

    /** The name of a field said twice, from the parser's words; empty for any other fault. */
    private static String repeated(JsonProcessingException e) {
        String words = Objects.requireNonNullElse(e.getOriginalMessage(), "");
        return words.startsWith("Duplicate field '")
                ? words.substring("Duplicate field '".length(), words.lastIndexOf('\''))
                : "";
    }

    /** Numbers without an end and halves of a character, of which JSON knows nothing and a column cannot keep any. */
    private static void keepable(JsonNode node, String path, List<Problem.Field> faults) {
        if (node.isTextual() && hasHalfACharacter(node.textValue())) {
            faults.add(new Problem.Field(path, "has a character that cannot be kept"));
        } else if (node.isNumber() && !Double.isFinite(node.doubleValue())) {
            faults.add(new Problem.Field(path, "is too large"));
        } else if (node.isArray()) {
            for (int i = 0; i < node.size(); i++) {
                keepable(node.get(i), path + "[" + i + "]", faults);
            }
        } else {
            node.properties().forEach(field -> {
                if (hasHalfACharacter(field.getKey())) {
                    faults.add(new Problem.Field(path, "has a name with a character that cannot be kept"));
                }
                keepable(field.getValue(), path.isEmpty() ? field.getKey() : path + "." + field.getKey(), faults);
            });
        }
    }

    private static boolean hasHalfACharacter(String text) {
        return text.codePoints().anyMatch(c -> Character.getType(c) == Character.SURROGATE);
    }

    private Problem.Field fault(ValidationMessage message) {
        StringBuilder path = new StringBuilder();
        for (int i = 0; i < message.getInstanceLocation().getNameCount(); i++) {
            Object part = message.getInstanceLocation().getElement(i);
            if (part instanceof Integer) {
                path.append('[').append(part).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(part);
            }
        }
        if (message.getProperty() != null) {
            path.append(path.isEmpty() ? "" : ".").append(message.getProperty());
        }
        boolean nothing =
                message.getInstanceNode() != null && message.getInstanceNode().isNull();
        return new Problem.Field(path.toString(), nothing ? "is needed" : words(message));
    }

    private String words(ValidationMessage message) {
        String keyword = message.getSchemaLocation().getFragment().toString();
        JsonNode own = document.at(keyword.substring(0, keyword.lastIndexOf('/')) + "/" + WORDS);
        boolean bound = BOUNDS.contains(message.getType()) && !message.getType().equals("pattern");
        if (own.isTextual() && bound) {
            return own.asText();
        }
        Object[] said = message.getArguments();
        String number = said == null || said.length == 0 ? "" : String.valueOf(said[0]);
        return switch (message.getType()) {
            case "required" -> "is needed";
            case "additionalProperties", "unevaluatedProperties" -> "is not a known field";
            case "pattern" -> "has a character that cannot be kept";
            case "enum", "const" -> "is not one of the known values";
            case "maxItems" -> "at most " + number + " of them";
            case "maxProperties" -> "too many of them";
            case "maxLength" -> "at most " + number + " characters";
            case "minLength" -> "1".equals(number) ? "is needed" : "at least " + number + " characters";
            case "minimum", "exclusiveMinimum", "maximum", "exclusiveMaximum" -> "is out of range";
            default -> "has the wrong form";
        };
    }
}
