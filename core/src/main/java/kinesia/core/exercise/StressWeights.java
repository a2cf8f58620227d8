package kinesia.core.exercise;

import java.util.EnumMap;
import java.util.Map;
import kinesia.core.reason.RuleFile;

/**
 * The [house] weights that turn the model's torques and forces into stress at a site; one file, {@code stress.yaml}.
 * They are heuristics: no paper gives joint-stress scores for exercises.
 */
public final class StressWeights {
    private final Map<Grip, Double> outerElbow;
    private final Map<Grip, Double> innerElbow;
    private final Map<Implement, Double> innerElbowImplement;
    private final Map<Implement, Double> wrist;
    private final double wristPer30Deviation;
    private final double gripSparedByPushing;
    private final double backElbowPer90Bend;
    private final double backElbowPer180Raised;
    private final double crookStraight;
    private final double crookNotPalmUp;
    private final double frontShoulderBehindPer45;
    private final double frontShoulderPerNewtonBehind;
    private final double topOuterAtSide;
    private final double paddedShoulderShare;
    private final double topJointPress;
    private final double topJointAnyForce;
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
        RuleFile numbers = root.at("numbers")
                .onlyKeys(
                        "wrist-per-30-deviation",
                        "grip-spared-by-pushing",
                        "back-elbow-per-90-bend",
                        "back-elbow-per-180-raised",
                        "crook-straight",
                        "crook-not-palm-up",
                        "front-shoulder-behind-per-45",
                        "front-shoulder-per-newton-behind",
                        "top-outer-at-side",
                        "padded-shoulder-share",
                        "top-joint-press",
                        "top-joint-any-force");
        wristPer30Deviation = numbers.at("wrist-per-30-deviation").within(0, LARGEST_WEIGHT, "times the reference");
        gripSparedByPushing = numbers.at("grip-spared-by-pushing").within(0, LARGEST_WEIGHT, "times the reference");
        backElbowPer90Bend = numbers.at("back-elbow-per-90-bend").within(0, LARGEST_WEIGHT, "times the reference");
        backElbowPer180Raised =
                numbers.at("back-elbow-per-180-raised").within(0, LARGEST_WEIGHT, "times the reference");
        crookStraight = numbers.at("crook-straight").within(0, LARGEST_WEIGHT, "times the reference");
        crookNotPalmUp = numbers.at("crook-not-palm-up").within(0, LARGEST_WEIGHT, "times the reference");
        frontShoulderBehindPer45 =
                numbers.at("front-shoulder-behind-per-45").within(0, LARGEST_WEIGHT, "times the reference");
        frontShoulderPerNewtonBehind =
                numbers.at("front-shoulder-per-newton-behind").within(0, LARGEST_WEIGHT, "times the reference");
        topOuterAtSide = numbers.at("top-outer-at-side").within(0, LARGEST_WEIGHT, "times the reference");
        paddedShoulderShare = numbers.at("padded-shoulder-share").within(0, LARGEST_WEIGHT, "times the reference");
        topJointPress = numbers.at("top-joint-press").within(0, LARGEST_WEIGHT, "times the reference");
        topJointAnyForce = numbers.at("top-joint-any-force").within(0, LARGEST_WEIGHT, "times the reference");
        curlReference = root.at("references").at("curls").text();
        extensionReference = root.at("references").at("extensions").text();
    }

    private static final double LARGEST_WEIGHT = 50;

    /** Reads the text of the rule file; errors name the line. */
    public static StressWeights parse(String file, String text, Catalogue catalogue) {
        RuleFile root = RuleFile.parse(file, text);
        root.at("references")
                .entries()
                .values()
                .forEach(key -> key.oneOf(
                        "an exercise",
                        catalogue.all().stream().map(Exercise::key).toList()));
        return new StressWeights(root);
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

    double wristPer30Deviation() {
        return wristPer30Deviation;
    }

    double gripSparedByPushing() {
        return gripSparedByPushing;
    }

    double backElbowPer90Bend() {
        return backElbowPer90Bend;
    }

    double backElbowPer180Raised() {
        return backElbowPer180Raised;
    }

    double crookStraight() {
        return crookStraight;
    }

    double crookNotPalmUp() {
        return crookNotPalmUp;
    }

    double frontShoulderBehindPer45() {
        return frontShoulderBehindPer45;
    }

    double frontShoulderPerNewtonBehind() {
        return frontShoulderPerNewtonBehind;
    }

    double topOuterAtSide() {
        return topOuterAtSide;
    }

    double paddedShoulderShare() {
        return paddedShoulderShare;
    }

    double topJointPress() {
        return topJointPress;
    }

    double topJointAnyForce() {
        return topJointAnyForce;
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
                            .within(0, LARGEST_WEIGHT, "times the reference"));
        }
        return table;
    }
}
