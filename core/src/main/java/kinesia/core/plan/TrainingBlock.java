package kinesia.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * Weeks in a row with one aim. A spell of keeping what is there is a block with that aim.
 *
 * @param start its first day
 * @param weeks 1 to {@value #MOST_WEEKS}
 * @param aim stands in for the client's goal while the block lasts
 * @param lighterWeek the week that is lighter, counted from 1; null for none
 * @param newExercises whether those of the weeks before give way to others where others fit
 * @param endedOn the first day on which it does not go on any more; null while nobody ended it early
 */
public record TrainingBlock(
        LocalDate start,
        int weeks,
        Goal aim,
        @Nullable Integer lighterWeek,
        boolean newExercises,
        @Nullable LocalDate endedOn) {
    public static final int MOST_WEEKS = 12;

    private static final int DAYS = 7;

    public TrainingBlock {
        InvalidValue.requireWithin("weeks", weeks, 1, MOST_WEEKS, "weeks");
        if (lighterWeek != null) {
            InvalidValue.requireWithin("lighterWeek", lighterWeek, 1, weeks, "");
        }
    }

    /** The first day after it. */
    public LocalDate end() {
        LocalDate planned = start.plusWeeks(weeks);
        return endedOn != null && endedOn.isBefore(planned) ? endedOn : planned;
    }

    public boolean covers(LocalDate day) {
        return !day.isBefore(start) && day.isBefore(end());
    }

    /** Which of its weeks {@code day} is in, from 1; 0 outside it. */
    public int week(LocalDate day) {
        return covers(day) ? (int) (ChronoUnit.DAYS.between(start, day) / DAYS) + 1 : 0;
    }

    /** Whether {@code day} is in its lighter week. */
    public boolean isLighter(LocalDate day) {
        return lighterWeek != null && week(day) == lighterWeek;
    }
}
