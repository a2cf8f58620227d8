package kinesia.shared;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.core.JsonToken;
import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.ObjectReader;
import com.fasterxml.jackson.databind.ObjectWriter;
import java.io.IOException;
import java.lang.reflect.Type;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.hibernate.type.descriptor.WrapperOptions;
import org.hibernate.type.format.FormatMapper;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Writes and reads the documents in jsonb columns: <code>{"version": 2, "document": ...}</code>. A document that cannot be read
 * becomes null in its entity, which says so when somebody asks for it: one row that is damaged takes no other with it.
 */
public final class StoredJson implements FormatMapper {
    private static final Logger LOG = LoggerFactory.getLogger(StoredJson.class);
    // PostgreSQL keeps shorter keys first, so the version is read before the document.
    private static final String VERSION = "version";
    private static final String DOCUMENT = "document";

    private final ObjectMapper mapper = Json.storedMapper();
    private final Map<JavaType, StoredType> types;
    private final Map<Type, Form> forms = new ConcurrentHashMap<>();

    public StoredJson(List<StoredType> types) {
        this.types = types.stream().collect(Collectors.toMap(t -> mapper.constructType(t.type()), Function.identity()));
    }

    /** How one type is read and written, worked out once: a record is hundreds of small documents. */
    private record Form(JavaType type, StoredType stored, ObjectReader reader, ObjectWriter writer) {}

    private Form form(Type type) {
        return forms.computeIfAbsent(type, t -> {
            JavaType resolved = mapper.constructType(t);
            StoredType stored = types.get(resolved);
            if (stored == null) {
                throw new IllegalStateException(
                        resolved.toCanonical() + " is kept, but no StoredType says in which version");
            }
            return new Form(resolved, stored, mapper.readerFor(resolved), mapper.writerFor(resolved));
        });
    }

    /** A document that is none of its type any more. Says which type and nothing of the document, which is about a person. */
    public static final class Unreadable extends IllegalStateException {
        private Unreadable(String type) {
            super("cannot read a stored " + type);
        }
    }

    /** What an entity holds of a document, which must be readable now. */
    public static <T> T readable(@Nullable T held, String what) {
        if (held == null) {
            throw new Unreadable(what);
        }
        return held;
    }

    /** The rows of a list that can be read by {@code reading}; one that cannot never takes the others with it. */
    public static <T> List<T> readable(List<T> rows, Function<T, ?> reading) {
        return rows.stream()
                .filter(row -> {
                    try {
                        return reading.apply(row) != null;
                    } catch (Unreadable e) {
                        LOG.error("left out of a list: {}", e.getMessage());
                        return false;
                    }
                })
                .toList();
    }

    @Override
    public <T> @Nullable T fromString(
            CharSequence text, org.hibernate.type.descriptor.java.JavaType<T> held, WrapperOptions options) {
        Form form = form(held.getJavaType());
        try {
            return held.getJavaTypeClass().cast(read(text.toString(), form));
        } catch (IOException | IllegalArgumentException e) {
            // Not the message: it quotes what is stored.
            LOG.error("cannot read a stored {}: {}", form.type().toCanonical(), Causes.of(e));
            return null;
        }
    }

    @Override
    public <T> String toString(T value, org.hibernate.type.descriptor.java.JavaType<T> held, WrapperOptions options) {
        Form form = form(held.getJavaType());
        try {
            return "{\"" + VERSION + "\":" + form.stored().version() + ",\"" + DOCUMENT + "\":"
                    + form.writer().writeValueAsString(value) + "}";
        } catch (IOException e) {
            throw new IllegalStateException("cannot write a " + form.type().toCanonical(), e);
        }
    }

    Object read(String text, Type type) throws IOException {
        return read(text, form(type));
    }

    private Object read(String text, Form form) throws IOException {
        StoredType stored = form.stored();
        try (JsonParser json = mapper.createParser(text)) {
            if (json.nextToken() != JsonToken.START_OBJECT || !VERSION.equals(json.nextFieldName())) {
                throw new IOException("has no version");
            }
            int version = json.nextIntValue(0);
            if (version < StoredType.FIRST || version > stored.version()) {
                throw new IOException("is of version " + version + ", known are 1 to " + stored.version());
            }
            if (!DOCUMENT.equals(json.nextFieldName())) {
                throw new IOException("has no document");
            }
            json.nextToken();
            Object value;
            if (version == stored.version()) {
                value = form.reader().readValue(json);
            } else {
                JsonNode document = mapper.readTree(json);
                value = form.reader().readValue(mapper.treeAsTokens(stored.upcast(document, version)));
            }
            if (value == null) {
                throw new IOException("is empty");
            }
            return value;
        }
    }
}
