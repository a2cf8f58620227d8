package kinesia.core.plan;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Collection;
import java.util.Comparator;
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
 * @param blocks weeks with an aim of their own, in no order
 * @param booked days of the visits that are booked
 */
public record TrainingWeek(
        Goal goal,
        int visits,
        Set<DayOfWeek> days,
        Set<DayOfWeek> heavyDays,
        boolean alsoTrains,
        List<OtherTraining> other,
        List<LocalDate> events,
        List<TrainingBlock> blocks,
        Set<LocalDate> booked) {
    /** Hard sets that a hard day of other training counts for its muscle [house]. */
    public static final int SETS_OF_A_HARD_DAY = 3;

    private static final int DAYS = 7;

    public TrainingWeek {
        InvalidValue.requireWithin("visitsPerWeek", visits, 1, DAYS, "visits");
        days = Set.copyOf(days);
        heavyDays = Set.copyOf(heavyDays);
        other = List.copyOf(other);
        events = List.copyOf(events);
        blocks = List.copyOf(blocks);
        booked = Set.copyOf(booked);
    }

    /** Weeks of which nobody planned any and booked nothing. */
    public TrainingWeek(
            Goal goal,
            int visits,
            Set<DayOfWeek> days,
            Set<DayOfWeek> heavyDays,
            boolean alsoTrains,
            List<OtherTraining> other,
            List<LocalDate> events) {
        this(goal, visits, days, heavyDays, alsoTrains, other, events, List.of(), Set.of());
    }

    /** The same weeks with what is planned and booked in them. */
    public TrainingWeek with(List<TrainingBlock> planned, Set<LocalDate> visitsBooked) {
        return new TrainingWeek(goal, visits, days, heavyDays, alsoTrains, other, events, planned, visitsBooked);
    }

    /** The block that {@code day} is in; of two the one that began later. Null when there is none. */
    public @Nullable TrainingBlock blockOn(LocalDate day) {
        return blocks.stream()
                .filter(b -> b.covers(day))
                .max(Comparator.comparing(TrainingBlock::start))
                .orElse(null);
    }

    /** What is aimed at on {@code day}: by the block, or else by the client. */
    public Goal goalOn(LocalDate day) {
        TrainingBlock block = blockOn(day);
        return block == null ? goal : block.aim();
    }

    /** The first booked day, {@code from} or later, that is not one of {@code done}; null when nothing is booked. */
    public @Nullable LocalDate nextBooked(LocalDate from, Collection<LocalDate> done) {
        return booked.stream()
                .filter(d -> !d.isBefore(from) && !done.contains(d))
                .min(LocalDate::compareTo)
                .orElse(null);
    }

    /** Visits booked from {@code from} on in its calendar week, that day included. */
    public int bookedThisWeek(LocalDate from) {
        LocalDate next = monday(from).plusDays(DAYS);
        return (int) booked.stream()
                .filter(d -> !d.isBefore(from) && d.isBefore(next))
                .count();
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
