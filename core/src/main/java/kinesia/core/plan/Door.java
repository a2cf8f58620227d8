package kinesia.core.plan;

import java.util.Map;
import kinesia.core.exercise.Place;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * What was said at the door before anything is lifted.
 *
 * @param sleepHours 0 to 24; null when not asked
 * @param armsWorkedHarder a day heavier for the arms than this client's usual, by their word
 * @param somethingNew a new pain, fall, illness or medicine: that part of the screen comes first
 * @param pains how each place is today that was said; 0 where it was said to be quiet
 */
public record Door(
        @Nullable Double sleepHours, boolean armsWorkedHarder, boolean somethingNew, Map<Place, PainScore> pains) {
    private static final double SHORT_SLEEP_HOURS = 5;

    /** One at which no place was asked about. */
    public Door(@Nullable Double sleepHours, boolean armsWorkedHarder, boolean somethingNew) {
        this(sleepHours, armsWorkedHarder, somethingNew, Map.of());
    }

    public Door {
        pains = Map.copyOf(pains);
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
