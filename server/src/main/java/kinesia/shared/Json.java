package kinesia.shared;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import com.fasterxml.jackson.module.paramnames.ParameterNamesModule;
import java.io.IOException;
import java.util.List;
import java.util.function.Function;
import kinesia.core.arm.Vec3;
import kinesia.core.dose.Effort;
import kinesia.core.screening.PainScore;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** How the core's value types look as JSON, over HTTP and in text columns: a single number stays a single number. */
public final class Json {
    private static final Logger LOG = LoggerFactory.getLogger(Json.class);
    private static final ObjectMapper MAPPER = new ObjectMapper()
            .registerModules(new JavaTimeModule(), new ParameterNamesModule(), coreTypes())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);

    private Json() {}

    /** A stored text that is none of its type any more. Says which type and nothing of the text, which is about a person. */
    public static final class Unreadable extends IllegalStateException {
        private Unreadable(String type) {
            super("cannot read a stored " + type);
        }
    }

    /** The module that writes the core's value types. */
    static Module coreTypes() {
        return new SimpleModule("core")
                .setMixInAnnotation(Effort.class, EffortJson.class)
                .setMixInAnnotation(PainScore.class, PainScoreJson.class)
                .addSerializer(Vec3.class, new PointJson());
    }

    /** {@code value} as text for a column. */
    public static String write(Object value) {
        try {
            return MAPPER.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("cannot write " + value.getClass().getSimpleName(), e);
        }
    }

    /** Reads what {@link #write} wrote. */
    public static <T> T read(String text, TypeReference<T> type) {
        try {
            return MAPPER.readValue(text, type);
        } catch (JsonProcessingException e) {
            throw new Unreadable(type.getType().getTypeName());
        }
    }

    /** Reads what {@link #write} wrote. */
    public static <T> T read(String text, Class<T> type) {
        try {
            return MAPPER.readValue(text, type);
        } catch (JsonProcessingException e) {
            throw new Unreadable(type.getSimpleName());
        }
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

    private abstract static class EffortJson {
        @JsonCreator
        EffortJson(double value) {}

        @JsonValue
        abstract double value();
    }

    private abstract static class PainScoreJson {
        @JsonCreator
        PainScoreJson(int value) {}

        @JsonValue
        abstract int value();
    }

    /** Points are drawn, not computed with: a tenth of a millimetre is enough. */
    private static final class PointJson extends StdSerializer<Vec3> {
        private PointJson() {
            super(Vec3.class);
        }

        @Override
        public void serialize(Vec3 point, JsonGenerator json, SerializerProvider provider) throws IOException {
            json.writeStartObject();
            json.writeNumberField("x", rounded(point.x()));
            json.writeNumberField("y", rounded(point.y()));
            json.writeNumberField("z", rounded(point.z()));
            json.writeEndObject();
        }

        private static double rounded(double metres) {
            return Math.round(metres * 10_000) / 10_000.0;
        }
    }
}
