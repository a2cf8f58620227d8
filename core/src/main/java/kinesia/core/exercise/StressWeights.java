package kinesia.core.exercise;

import java.util.EnumMap;
import java.util.Map;
import kinesia.core.reason.RuleFile;

/**
 * The [house] weights that turn the model's torques and forces into stress at a site; one file, {@code stress.yaml}.
 * They are heuristics: no paper gives joint-stress scores for exercises.
 */
public final class StressWeights {
    private final Map<String, Double> numbers = new java.util.HashMap<>();
    private final Map<Grip, Double> outerElbow;
    private final Map<Grip, Double> innerElbow;
    private final Map<Implement, Double> innerElbowImplement;
    private final Map<Implement, Double> wrist;
    private final String curlReference;
    private final String extensionReference;

    private StressWeights(RuleFile root) {
        root.onlyKeys(
                "references",
                "outer-elbow-by-grip",
                "inner-elbow-by-grip",
                "inner-elbow-by-implement",
                "wrist-by-implement",
                "numbers");
        outerElbow = table(root.at("outer-elbow-by-grip"), Grip.class);
        innerElbow = table(root.at("inner-elbow-by-grip"), Grip.class);
        innerElbowImplement = table(root.at("inner-elbow-by-implement"), Implement.class);
        wrist = table(root.at("wrist-by-implement"), Implement.class);
        root.at("numbers").entries().forEach((name, value) -> numbers.put(name, value.number()));
        curlReference = root.at("references").at("curls").text();
        extensionReference = root.at("references").at("extensions").text();
    }

    /** Reads the text of the rule file; errors name the line. */
    public static StressWeights parse(String file, String text) {
        return new StressWeights(RuleFile.parse(file, text));
    }

    /** The exercise whose stress at {@code site} is 1.0 by definition. */
    String reference(Site site) {
        return switch (site) {
            case BACK_OF_ELBOW, TOP_JOINT_OF_SHOULDER -> extensionReference;
            default -> curlReference;
        };
    }

    double outerElbow(Grip grip) {
        return value(outerElbow, grip);
    }

    double innerElbow(Grip grip, Implement implement) {
        return value(innerElbow, grip) * value(innerElbowImplement, implement);
    }

    double wrist(Implement implement) {
        return value(wrist, implement);
    }

    double number(String name) {
        Double value = numbers.get(name);
        if (value == null) {
            throw new IllegalArgumentException("stress.yaml: numbers has no '" + name + "'");
        }
        return value;
    }

    private static <E extends Enum<E>> double value(Map<E, Double> table, E key) {
        Double value = table.get(key);
        if (value == null) {
            throw new IllegalArgumentException("stress.yaml: no weight for " + key);
        }
        return value;
    }

    private static <E extends Enum<E>> Map<E, Double> table(RuleFile node, Class<E> type) {
        Map<E, Double> table = new EnumMap<>(type);
        for (E key : type.getEnumConstants()) {
            table.put(
                    key,
                    node.at(key.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'))
                            .number());
        }
        return table;
    }
}
