package kinesia.core.exercise;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.reason.RuleFile;

/**
 * The [house] weights that turn the model's torques and forces into stress at a place; one file, {@code stress.yaml}. They are
 * heuristics: no paper gives joint-stress scores for exercises.
 */
public final class StressWeights {
    private static final double LARGEST_WEIGHT = 50;

    private final Map<Grip, Double> gripKind;
    private final Map<Implement, Double> freedom;
    private final Map<Weight, Double> numbers = new EnumMap<>(Weight.class);
    private final Map<String, String> references = new HashMap<>();

    /** The numbers of the file by name. */
    enum Weight {
        PRESS_REFERENCE,
        PADDED,
        BRACED,
        LIFT_SPARED_BY_PUSH,
        FRONT_BACK,
        FRONT_REST,
        FRONT_BEHIND_FLEXORS,
        FRONT_BEHIND_PUSH,
        TOP_SPARED_BY_PUSH,
        TOP_ARC,
        TOP_TURN,
        TOP_BACK,
        TOP_RAISED_EXTENSORS,
        JOINT_BEHIND,
        JOINT_ACROSS,
        JOINT_OVERHEAD,
        JOINT_BEHIND_FLEXORS,
        JOINT_LEANING,
        FRONT_LEANING,
        JOINT_RAISED_ARM,
        GRIP_SPARED_BY_PUSH,
        STRAIGHT_ELBOW_GRIP,
        LOOPED_GRIP,
        OPEN_HAND_GRIP,
        INNER_NOT_PALM_UP,
        INNER_BENT,
        INNER_RAISED,
        BACK_BEND,
        BACK_RAISED,
        CROOK_STRAIGHT,
        CROOK_BEHIND,
        CROOK_NEUTRAL,
        CROOK_PALM_DOWN,
        WRIST_BAR,
        WRIST_PUSH,
        WRIST_BAR_PUSH,
        WRIST_LEAN,
        WRIST_FLAT_HAND,
        WRIST_STRAIGHT,
        WRIST_LOOPED
    }

    private StressWeights(RuleFile root, Catalogue catalogue) {
        root.onlyKeys("references", "grip-kind", "freedom", "numbers");
        gripKind = table(root.at("grip-kind"), Grip.class);
        freedom = table(root.at("freedom"), Implement.class);
        numbers.putAll(table(root.at("numbers"), Weight.class));
        List<String> keys = catalogue.all().stream().map(Exercise::key).toList();
        RuleFile named = root.at("references").onlyKeys("curls", "extensions", "presses", "supporting-hand");
        for (String of : List.of("curls", "extensions", "presses", "supporting-hand")) {
            references.put(of, named.at(of).oneOf("an exercise", keys));
        }
    }

    /** Reads the text of the rule file; errors name the line. */
    public static StressWeights parse(String file, String text, Catalogue catalogue) {
        return new StressWeights(RuleFile.parse(file, text), catalogue);
    }

    /** The exercise that stress at {@code site} is measured against. */
    String reference(Site site) {
        return value(
                references,
                switch (site) {
                    case BACK_OF_ELBOW -> "extensions";
                    case TOP_JOINT_OF_SHOULDER -> "presses";
                    default -> "curls";
                });
    }

    /** What that exercise counts there. */
    double referenceCounts(Site site) {
        return site == Site.TOP_JOINT_OF_SHOULDER ? of(Weight.PRESS_REFERENCE) : 1;
    }

    /** The curl whose load and torque at the client's own strength are the measure where forces and torques add up. */
    String curl() {
        return value(references, "curls");
    }

    /** The exercise whose end is what a hand holds that carries a part of the trunk. */
    String supportingHand() {
        return value(references, "supporting-hand");
    }

    double gripKind(Grip grip) {
        return value(gripKind, grip);
    }

    double freedom(Implement implement) {
        return value(freedom, implement);
    }

    double of(Weight weight) {
        return value(numbers, weight);
    }

    private static <K, V> V value(Map<K, V> table, K key) {
        V value = table.get(key);
        if (value == null) {
            throw new IllegalArgumentException("stress.yaml: nothing for " + key);
        }
        return value;
    }

    private static <E extends Enum<E>> Map<E, Double> table(RuleFile node, Class<E> type) {
        Map<E, Double> table = new EnumMap<>(type);
        node.onlyKeys(java.util.Arrays.stream(type.getEnumConstants())
                .map(StressWeights::name)
                .toArray(String[]::new));
        for (E key : type.getEnumConstants()) {
            table.put(key, node.at(name(key)).within(0, LARGEST_WEIGHT, "times the reference"));
        }
        return table;
    }

    private static String name(Enum<?> value) {
        return value.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-');
    }
}
