package kinesia.shared;

import com.fasterxml.jackson.core.type.TypeReference;
import com.fasterxml.jackson.databind.JsonNode;
import java.lang.reflect.Type;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * One type that is kept as a document in a jsonb column. A document carries the version of its form; one of an earlier version
 * is brought to today's step by step when it is read, so that the core knows today's form only. Whoever changes the form of a
 * stored type adds a step to it and a document of the new form to the tests.
 */
public final class StoredType {
    /** The version that documents had before there were versions. */
    public static final int FIRST = 1;

    private final Type type;
    private final List<UnaryOperator<JsonNode>> steps;

    private StoredType(Type type, List<UnaryOperator<JsonNode>> steps) {
        this.type = type;
        this.steps = List.copyOf(steps);
    }

    /** A type in its first form. */
    public static StoredType of(Class<?> type) {
        return new StoredType(type, List.of());
    }

    /** A type with parameters, such as a list, in its first form. */
    public static StoredType of(TypeReference<?> type) {
        return new StoredType(type.getType(), List.of());
    }

    /**
     * The next version of it.
     *
     * @param step brings a document of the version before to it; may change the one it is given
     */
    public StoredType then(UnaryOperator<JsonNode> step) {
        List<UnaryOperator<JsonNode>> more = new ArrayList<>(steps);
        more.add(step);
        return new StoredType(type, more);
    }

    public Type type() {
        return type;
    }

    /** A step: {@code document} with the inputs of its reasons as pairs in order; they were objects before. */
    public static JsonNode withInputsAsPairs(JsonNode document) {
        return PairsInOrder.ofReasons(document);
    }

    /** Today's version. */
    public int version() {
        return FIRST + steps.size();
    }

    /** {@code document} of {@code version}, from 1 to today's, in today's form. */
    JsonNode upcast(JsonNode document, int version) {
        JsonNode now = document;
        for (UnaryOperator<JsonNode> step : steps.subList(version - FIRST, steps.size())) {
            now = step.apply(now);
        }
        return now;
    }
}
