package kinesia.shared;

import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverter;
import io.swagger.v3.core.converter.ModelConverterContext;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.media.IntegerSchema;
import io.swagger.v3.oas.models.media.JsonSchema;
import io.swagger.v3.oas.models.media.NumberSchema;
import io.swagger.v3.oas.models.media.Schema;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.Size;
import java.lang.annotation.Annotation;
import java.lang.reflect.RecordComponent;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import kinesia.core.dose.Effort;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/**
 * What the OpenAPI document says beyond the controllers. It is written once, by the build; {@link ApiDocument} reads it back
 * and holds every body against it, so that what it says of bodies is true.
 */
@Configuration
class DocumentConfiguration {
    private static final int MOST_ITEMS = 200;
    private static final int LONGEST_NAME = 80;
    private static final int LONGEST_TEXT = 4_000;
    // No control characters but those between lines and columns.
    private static final String PRINTED = "^[^\\x00-\\x08\\x0B\\x0C\\x0E-\\x1F\\x7F]*$";

    static {
        SpringDocUtils.getConfig()
                .replaceWithSchema(Effort.class, new NumberSchema().description("effort 1 to 10 in halves"))
                .replaceWithSchema(PainScore.class, new IntegerSchema().description("pain 0 to 10"));
    }

    /** Every field of a record is required in the document unless it is marked nullable. */
    @Bean
    ModelConverter requiredUnlessNullable() {
        return new ModelConverter() {
            @Override
            public Schema<?> resolve(
                    AnnotatedType type, ModelConverterContext context, Iterator<ModelConverter> chain) {
                Schema<?> schema = chain.hasNext() ? chain.next().resolve(type, context, chain) : null;
                Class<?> raw = com.fasterxml.jackson.databind.type.TypeFactory.defaultInstance()
                        .constructType(type.getType())
                        .getRawClass();
                if (schema != null && raw.isRecord()) {
                    markRequired(raw, schema, context);
                }
                return schema;
            }
        };
    }

    /** Bodies have no fields beyond the document's, and neither lists, texts nor whole numbers without an end. */
    @Bean
    OpenApiCustomizer boundedBodies() {
        return document -> {
            Set<Schema<?>> seen = Collections.newSetFromMap(new IdentityHashMap<>());
            document.getPaths().values().stream()
                    .flatMap(path -> path.readOperations().stream())
                    .filter(operation -> operation.getRequestBody() != null)
                    .flatMap(operation -> operation.getRequestBody().getContent().values().stream())
                    .forEach(content -> bound(content.getSchema(), document, seen));
        };
    }

    private static void bound(@Nullable Schema<?> schema, OpenAPI document, Set<Schema<?>> seen) {
        bound(schema, document, seen, true);
    }

    private static void bound(@Nullable Schema<?> schema, OpenAPI document, Set<Schema<?>> seen, boolean whole) {
        if (schema == null || !seen.add(schema)) {
            return;
        }
        if (schema.get$ref() != null) {
            String name = schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1);
            bound(document.getComponents().getSchemas().get(name), document, seen);
            return;
        }
        switch (type(schema)) {
            case "array" -> schema.setMaxItems(schema.getMaxItems() == null ? MOST_ITEMS : schema.getMaxItems());
            case "string" -> boundText(schema);
            case "integer" -> boundWholeNumber(schema);
            case "object" -> boundFields(schema, whole);
            default -> {}
        }
        if (schema.getAdditionalProperties() instanceof Schema<?> values) {
            bound(values, document, seen);
        }
        if (schema.getProperties() != null) {
            schema.getProperties().values().forEach(p -> bound((Schema<?>) p, document, seen));
            schema.getProperties().replaceAll((name, p) -> isRequired(schema, name) ? p : orNull((Schema<?>) p));
        }
        if (schema.getAllOf() != null) {
            schema.getAllOf().forEach(part -> bound((Schema<?>) part, document, seen, false));
        }
        if (schema.getOneOf() != null) {
            // The kinds tell themselves apart by their discriminator, which a count of matches would not see.
            schema.setAnyOf(schema.getOneOf());
            schema.setOneOf(null);
            schema.getAnyOf().forEach(kind -> bound((Schema<?>) kind, document, seen));
        }
        bound(schema.getItems(), document, seen);
    }

    /** Texts are printed and have an end; those of a form or of a list of values have both already. */
    private static void boundText(Schema<?> schema) {
        if ("email".equals(schema.getFormat())) {
            // What is an address is said by the record; readers of "email" differ, some know a list of all endings.
            schema.format(null).description("an e-mail address");
        }
        if (schema.getEnum() == null && schema.getFormat() == null) {
            schema.setMaxLength(schema.getMaxLength() == null ? LONGEST_TEXT : schema.getMaxLength());
            schema.setPattern(schema.getPattern() == null ? PRINTED : schema.getPattern());
        }
    }

    private static void boundWholeNumber(Schema<?> schema) {
        if ("int32".equals(schema.getFormat())) {
            schema.setMinimum(
                    schema.getMinimum() == null ? BigDecimal.valueOf(Integer.MIN_VALUE) : schema.getMinimum());
            schema.setMaximum(
                    schema.getMaximum() == null ? BigDecimal.valueOf(Integer.MAX_VALUE) : schema.getMaximum());
        }
    }

    /** @param whole whether these are all its fields, and not those of one part of it */
    private static void boundFields(Schema<?> schema, boolean whole) {
        if (schema.getAdditionalProperties() instanceof Schema<?>) {
            schema.setMaxProperties(MOST_ITEMS);
            schema.setPropertyNames(new JsonSchema()
                    .types(Set.of("string"))
                    .maxLength(LONGEST_NAME)
                    .pattern(PRINTED));
        } else if (whole && schema.getProperties() != null && schema.getAdditionalProperties() == null) {
            schema.setAdditionalProperties(false);
        }
    }

    private static boolean isRequired(Schema<?> schema, String name) {
        return schema.getRequired() != null && schema.getRequired().contains(name);
    }

    /** What need not be said may also be null, which says the same. */
    private static Schema<?> orNull(Schema<?> schema) {
        if (schema.getTypes() == null || schema.getTypes().isEmpty()) {
            return schema.get$ref() == null
                    ? schema
                    : new JsonSchema().anyOf(List.of(schema, new JsonSchema().types(Set.of("null"))));
        }
        schema.setTypes(new LinkedHashSet<>(List.of(type(schema), "null")));
        if (schema.getEnum() != null) {
            addNull(schema);
        }
        return schema;
    }

    private static <T> void addNull(Schema<T> schema) {
        List<T> values = new ArrayList<>(schema.getEnum());
        values.add(null);
        schema.setEnum(values);
    }

    private static String type(Schema<?> schema) {
        if (schema.getType() != null) {
            return schema.getType();
        }
        return schema.getTypes() == null || schema.getTypes().isEmpty()
                ? ""
                : schema.getTypes().iterator().next();
    }

    private static void markRequired(Class<?> raw, Schema<?> schema, ModelConverterContext context) {
        Schema<?> defined = schema.get$ref() == null
                ? schema
                : context.getDefinedModels()
                        .get(schema.get$ref().substring(schema.get$ref().lastIndexOf('/') + 1));
        if (defined == null || defined.getProperties() == null) {
            return;
        }
        List<String> required = Arrays.stream(raw.getRecordComponents())
                .filter(c -> !isNullable(c) && defined.getProperties().containsKey(c.getName()))
                .map(RecordComponent::getName)
                .toList();
        defined.setRequired(required);
        for (RecordComponent component : raw.getRecordComponents()) {
            Object property = defined.getProperties().get(component.getName());
            String words = wordsOfBounds(component);
            if (property instanceof Schema<?> field && words != null && field.get$ref() == null) {
                field.addExtension(ApiDocument.WORDS, words);
            }
        }
    }

    /** What the record says when a value is out of its bounds, so that a body is refused in the same words. */
    private static @Nullable String wordsOfBounds(RecordComponent component) {
        for (Annotation annotation : component.getAccessor().getAnnotations()) {
            if (annotation instanceof Size size) {
                return size.message();
            }
            if (annotation instanceof Min min) {
                return min.message();
            }
            if (annotation instanceof DecimalMin min) {
                return min.message();
            }
        }
        return null;
    }

    private static boolean isNullable(RecordComponent component) {
        return component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                || component.getAnnotation(jakarta.annotation.Nullable.class) != null;
    }
}
