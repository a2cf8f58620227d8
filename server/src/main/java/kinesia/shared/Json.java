package kinesia.shared;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonValue;
import com.fasterxml.jackson.core.JsonGenerator;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.Module;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.SerializerProvider;
import com.fasterxml.jackson.databind.annotation.JsonDeserialize;
import com.fasterxml.jackson.databind.annotation.JsonSerialize;
import com.fasterxml.jackson.databind.module.SimpleModule;
import com.fasterxml.jackson.databind.ser.std.StdSerializer;
import com.fasterxml.jackson.datatype.jsr310.JavaTimeModule;
import com.fasterxml.jackson.module.paramnames.ParameterNamesModule;
import java.io.IOException;
import java.util.Map;
import kinesia.core.arm.Vec3;
import kinesia.core.dose.Effort;
import kinesia.core.reason.Reason;
import kinesia.core.screening.PainScore;

/** How the core's value types look as JSON, over HTTP and in documents: a single number stays a single number. */
public final class Json {
    private static final ObjectMapper MAPPER = new ObjectMapper()
            .registerModules(new JavaTimeModule(), new ParameterNamesModule(), coreTypes())
            .disable(SerializationFeature.WRITE_DATES_AS_TIMESTAMPS)
            .disable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .setDefaultPropertyInclusion(JsonInclude.Include.NON_NULL);

    private Json() {}

    /** The module that writes the core's value types. */
    static Module coreTypes() {
        return new SimpleModule("core")
                .setMixInAnnotation(Effort.class, EffortJson.class)
                .setMixInAnnotation(PainScore.class, PainScoreJson.class)
                .addSerializer(Vec3.class, new PointJson());
    }

    /** {@code value} as an answer over HTTP shows it. */
    public static String write(Object value) {
        try {
            return MAPPER.writeValueAsString(value);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("cannot write " + value.getClass().getSimpleName(), e);
        }
    }

    /** As documents are kept: jsonb does not keep the order of names, so a reason's inputs are kept as pairs. */
    static ObjectMapper storedMapper() {
        return MAPPER.copy().addMixIn(Reason.class, ReasonKept.class);
    }

    abstract static class ReasonKept {
        @JsonSerialize(using = PairsInOrder.Writer.class)
        @JsonDeserialize(using = PairsInOrder.Reader.class)
        abstract Map<String, String> inputs();
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
