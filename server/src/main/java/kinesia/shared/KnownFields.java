package kinesia.shared;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.BeanDescription;
import com.fasterxml.jackson.databind.DeserializationConfig;
import com.fasterxml.jackson.databind.DeserializationContext;
import com.fasterxml.jackson.databind.JsonDeserializer;
import com.fasterxml.jackson.databind.deser.BeanDeserializerModifier;
import com.fasterxml.jackson.databind.deser.std.DelegatingDeserializer;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.databind.exc.ValueInstantiationException;
import com.fasterxml.jackson.databind.introspect.BeanPropertyDefinition;
import com.fasterxml.jackson.databind.util.TokenBuffer;
import java.io.IOException;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * Looks at the fields of a body before its record is made: a field that nobody knows is named, and so is one that is missing.
 * Left to itself the reader makes the record first, and whatever that lacks hides the misspelt field that was meant.
 */
final class KnownFields extends BeanDeserializerModifier {
    @Override
    public JsonDeserializer<?> modifyDeserializer(
            DeserializationConfig config, BeanDescription bean, JsonDeserializer<?> deserializer) {
        return bean.getBeanClass().isRecord()
                ? new OfRecord(
                        deserializer,
                        bean.getBeanClass(),
                        bean.findProperties().stream()
                                .map(BeanPropertyDefinition::getName)
                                .collect(Collectors.toSet()))
                : deserializer;
    }

    private static final class OfRecord extends DelegatingDeserializer {
        private final Class<?> type;
        private final transient Set<String> known;

        private OfRecord(JsonDeserializer<?> inner, Class<?> type, Set<String> known) {
            super(inner);
            this.type = type;
            this.known = known;
        }

        @Override
        protected JsonDeserializer<?> newDelegatingInstance(JsonDeserializer<?> inner) {
            return new OfRecord(inner, type, known);
        }

        @Override
        public Object deserialize(JsonParser parser, DeserializationContext context) throws IOException {
            if (!parser.hasToken(JsonToken.START_OBJECT)) {
                return super.deserialize(parser, context);
            }
            TokenBuffer body = context.bufferAsCopyOfValue(parser);
            Set<String> said = said(body);
            for (String name : said) {
                if (!known.contains(name)) {
                    throw UnrecognizedPropertyException.from(parser, type, name, Set.copyOf(known));
                }
            }
            JsonParser again = body.asParserOnFirstToken();
            try {
                return super.deserialize(again, context);
            } catch (ValueInstantiationException e) {
                String missing = e.getCause() instanceof NullPointerException ? missing(said) : null;
                if (missing == null) {
                    throw e;
                }
                throw ValueInstantiationException.from(
                        parser, missing, context.constructType(type), new InvalidValue(missing, "is needed"));
            }
        }

        private static Set<String> said(TokenBuffer body) throws IOException {
            Set<String> names = new LinkedHashSet<>();
            try (JsonParser look = body.asParserOnFirstToken()) {
                while (look.nextToken() == JsonToken.FIELD_NAME) {
                    names.add(look.currentName());
                    look.nextToken();
                    look.skipChildren();
                }
            }
            return names;
        }

        /** The first component that cannot be null and was not said. */
        private @Nullable String missing(Set<String> said) {
            return Arrays.stream(type.getRecordComponents())
                    .filter(c -> !c.getType().isPrimitive() && !isNullable(c) && !said.contains(c.getName()))
                    .map(RecordComponent::getName)
                    .findFirst()
                    .orElse(null);
        }

        private static boolean isNullable(RecordComponent component) {
            return component.getAnnotatedType().isAnnotationPresent(Nullable.class);
        }
    }
}
