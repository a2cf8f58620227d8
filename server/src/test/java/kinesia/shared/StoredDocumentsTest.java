package kinesia.shared;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.JavaType;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import jakarta.persistence.EntityManagerFactory;
import jakarta.persistence.metamodel.Attribute;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import org.hibernate.annotations.JdbcTypeCode;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;

/**
 * Documents of every form that was ever stored, from installations of the time: {@code stored/NAME.VERSION.json} holds those of
 * the {@link StoredType} bean {@code NAMEDocument}.
 */
@ServerTest
class StoredDocumentsTest {
    private static final ObjectMapper JSON = new ObjectMapper();

    @Autowired
    private Map<String, StoredType> types;

    @Autowired
    private EntityManagerFactory entities;

    @Test
    void every_form_that_was_ever_stored_is_read_whole() throws IOException {
        for (Map.Entry<String, StoredType> type : types.entrySet()) {
            StoredType stored = type.getValue();
            for (int version = StoredType.FIRST; version <= stored.version(); version++) {
                int n = 0;
                for (JsonNode document : documents(type.getKey(), version)) {
                    Object read = read(stored, version, document);
                    List<String> missing = new ArrayList<>();
                    lookFor(missing, type.getKey() + "." + version + "[" + n + "]", read);
                    assertThat(missing).isEmpty();
                    n++;
                }
                assertThat(n).as(type.getKey() + " of version " + version).isPositive();
            }
        }
    }

    @Test
    void todays_form_has_todays_version() throws IOException {
        for (Map.Entry<String, StoredType> type : types.entrySet()) {
            StoredType stored = type.getValue();
            for (JsonNode document : documents(type.getKey(), stored.version())) {
                Object read = read(stored, stored.version(), document);
                JsonNode again = Json.storedMapper()
                        .readTree(
                                Json.storedMapper().writerFor(javaType(stored)).writeValueAsString(read));
                assertThat(sorted(again))
                        .as(
                                "%s is written otherwise than its version %d: give it the next version and a step",
                                type.getKey(), stored.version())
                        .isEqualTo(sorted(document));
            }
        }
    }

    @Test
    void every_document_of_an_entity_has_a_version() {
        List<JavaType> known =
                types.values().stream().map(StoredDocumentsTest::javaType).toList();
        int documents = 0;
        for (var entity : entities.getMetamodel().getEntities()) {
            for (Attribute<?, ?> attribute : entity.getAttributes()) {
                if (attribute.getJavaMember() instanceof java.lang.reflect.Field field
                        && field.isAnnotationPresent(JdbcTypeCode.class)) {
                    documents++;
                    assertThat(known)
                            .as(field.toString())
                            .contains(Json.storedMapper().constructType(field.getGenericType()));
                }
            }
        }
        assertThat(documents).isGreaterThan(15);
    }

    @Test
    void what_has_no_version_or_a_newer_one_is_not_guessed_at() {
        StoredJson json = new StoredJson(List.of(StoredType.of(Caller.Answer.class)));
        JavaType type = Json.storedMapper().constructType(Caller.Answer.class);
        for (String text : List.of(
                "{\"status\":1}",
                "{\"version\":2,\"document\":{\"status\":1}}",
                "{\"version\":1}",
                "[]",
                "{\"version\":1,",
                "{\"version\":1,\"document\":null}",
                "{\"unreadable\":\"x\"}")) {
            assertThatThrownBy(() -> json.read(text, type)).as(text).isInstanceOf(IOException.class);
        }
    }

    /** With lists of words in order: a set is written in any. */
    private static JsonNode sorted(JsonNode document) {
        document.forEach(StoredDocumentsTest::sorted);
        if (document instanceof ArrayNode list && !list.isEmpty() && list.get(0).isTextual()) {
            List<String> words = new ArrayList<>();
            list.forEach(word -> words.add(word.asText()));
            list.removeAll();
            words.stream().sorted().forEach(list::add);
        }
        return document;
    }

    private static JavaType javaType(StoredType stored) {
        return Json.storedMapper().constructType(stored.type());
    }

    private static Object read(StoredType stored, int version, JsonNode document) throws IOException {
        String text = "{\"version\":" + version + ",\"document\":" + document + "}";
        return new StoredJson(List.of(stored)).read(text, javaType(stored));
    }

    private static JsonNode documents(String bean, int version) throws IOException {
        String name = "/kinesia/stored/" + bean.replace("Document", "") + "." + version + ".json";
        try (InputStream in = StoredDocumentsTest.class.getResourceAsStream(name)) {
            assertThat(in).as(name).isNotNull();
            return JSON.readTree(in);
        }
    }

    /** Adds to {@code missing} every part that is null and may not be. */
    private static void lookFor(List<String> missing, String at, @Nullable Object value) {
        if (value instanceof Collection<?> list) {
            list.forEach(one -> lookFor(missing, at + "[]", one));
        } else if (value instanceof Map<?, ?> map) {
            map.forEach((key, one) -> lookFor(missing, at + "." + key, one));
        } else if (value instanceof Record) {
            for (RecordComponent part : value.getClass().getRecordComponents()) {
                Object one;
                try {
                    part.getAccessor().setAccessible(true);
                    one = part.getAccessor().invoke(value);
                } catch (ReflectiveOperationException e) {
                    throw new AssertionError(e);
                }
                boolean mayBeMissing = part.getAnnotatedType().isAnnotationPresent(Nullable.class);
                if (one == null && !mayBeMissing) {
                    missing.add(at + "." + part.getName());
                } else if (one != null) {
                    lookFor(missing, at + "." + part.getName(), one);
                }
            }
        }
    }
}
