package kinesia.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Set;
import kinesia.core.exercise.Head;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What a client's weeks are like. The week is the calendar's, from Monday.
 *
 * @param visits a week, 1 to 7
 * @param days the client's own training days; empty when any will do
 * @param heavyDays days of work or hobby that are heavy for the arms
 * @param alsoTrains whether something else trains the arms, said in words or day by day
 * @param other of that, what is known day by day
 * @param events days that are prepared for
 */
public record TrainingWeek(
        Goal goal,
        int visits,
        Set<DayOfWeek> days,
        Set<DayOfWeek> heavyDays,
        boolean alsoTrains,
        List<OtherTraining> other,
        List<LocalDate> events) {
    /** Hard sets that a hard day of other training counts for its muscle [house]. */
    public static final int SETS_OF_A_HARD_DAY = 3;

    private static final int DAYS = 7;

    public TrainingWeek {
        InvalidValue.requireWithin("visitsPerWeek", visits, 1, DAYS, "visits");
        days = Set.copyOf(days);
        heavyDays = Set.copyOf(heavyDays);
        other = List.copyOf(other);
        events = List.copyOf(events);
    }

    /** Rows, presses and the like done elsewhere on one day of the week; {@code group} null for both muscles. */
    public record OtherTraining(DayOfWeek day, Head.@Nullable Group group, boolean hard) {
        public boolean isHardFor(Head.Group muscle) {
            return hard && (group == null || group == muscle);
        }
    }

    /** Nothing known but how often. */
    public static TrainingWeek of(Goal goal, int visits) {
        return new TrainingWeek(goal, visits, Set.of(), Set.of(), false, List.of(), List.of());
    }

    /** The Monday of the week of {@code day}. */
    public static LocalDate monday(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }

    /** Whether {@code day} is one of the client's own, or any will do. */
    public boolean isTheirs(LocalDate day) {
        return days.isEmpty() || days.contains(day.getDayOfWeek());
    }

    /** Hard sets that other training gives {@code group} from {@code from} to {@code to}, both included. */
    public int otherSets(Head.Group group, LocalDate from, LocalDate to) {
        return SETS_OF_A_HARD_DAY
                * (int) from.datesUntil(to.plusDays(1))
                        .filter(d -> other.stream().anyMatch(o -> o.day() == d.getDayOfWeek() && o.isHardFor(group)))
                        .count();
    }

    /** The event that {@code day} is one of the last {@code before} days before; null when there is none. */
    public @Nullable LocalDate eventWithin(LocalDate day, int before) {
        return events.stream()
                .filter(e -> day.isBefore(e) && !day.plusDays(before).isBefore(e))
                .min(LocalDate::compareTo)
                .orElse(null);
    }
}
