package kinesia.core.plan;

import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What was said at the door before anything is lifted.
 *
 * @param sleepHours 0 to 24; null when not asked
 * @param armsWorkedHarder a day heavier for the arms than this client's usual, by their word
 * @param somethingNew a new pain, fall, illness or medicine: that part of the screen comes first
 */
public record Door(@Nullable Double sleepHours, boolean armsWorkedHarder, boolean somethingNew) {
    private static final double SHORT_SLEEP_HOURS = 5;

    public Door {
        if (sleepHours != null) {
            InvalidValue.requireWithin("sleepHours", sleepHours, 0, 24, "hours");
        }
    }

    /** Nothing that changes the plan. */
    public static Door quiet() {
        return new Door(null, false, false);
    }

    boolean shortSleep() {
        return sleepHours != null && sleepHours < SHORT_SLEEP_HOURS;
    }
}
