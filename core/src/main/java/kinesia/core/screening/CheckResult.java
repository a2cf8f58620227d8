package kinesia.core.screening;

import kinesia.core.arm.Side;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What one movement check showed on one side; every part is null until it was looked at.
 *
 * @param check key of the check in the rule file
 * @param value degrees, or kilograms for a grip gauge
 * @param pain the worst while doing it
 * @param arcFromDeg where it begins to hurt, in the same degrees as {@code value}
 * @param arcToDeg where it stops hurting; not below {@code arcFromDeg}
 * @param ability for tasks
 */
public record CheckResult(
        String check,
        Side side,
        @Nullable Double value,
        @Nullable PainScore pain,
        @Nullable Double arcFromDeg,
        @Nullable Double arcToDeg,
        @Nullable Ability ability) {

    /** How an everyday task went. */
    public enum Ability {
        CAN,
        SORE,
        CANNOT
    }

    private static final double LEAST_DEG = -20;
    private static final double MOST_DEG = 200;

    /** Throws {@link InvalidValue} naming the field. */
    public CheckResult {
        requireAngle("value", value);
        requireAngle("arcFromDeg", arcFromDeg);
        requireAngle("arcToDeg", arcToDeg);
        if (arcToDeg != null && (arcFromDeg == null || arcToDeg < arcFromDeg)) {
            throw new InvalidValue("arcToDeg", "must not be below where the arc begins");
        }
    }

    private static void requireAngle(String field, @Nullable Double degrees) {
        if (degrees != null) {
            InvalidValue.requireWithin(field, degrees, LEAST_DEG, MOST_DEG, "degrees");
        }
    }

    /** Whether it hurt enough to count as provoking: 3 or more, or a task that was sore or could not be done. */
    boolean hurts() {
        return (pain != null && pain.atLeast(CheckRules.PROVOKING_PAIN))
                || ability == Ability.SORE
                || ability == Ability.CANNOT;
    }

    /** Whether it hurt at all. */
    boolean hurtAtAll() {
        return pain != null && pain.value() > 0;
    }

    /** Whether it was done and stayed quiet. */
    boolean isQuiet() {
        return (pain != null || ability != null) && !hurts();
    }
}
