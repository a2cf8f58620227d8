package kinesia.core.response;

import java.util.List;
import java.util.function.Function;
import java.util.stream.Collectors;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Numbers;

/**
 * One exercise as it was done on one day, of one arm where it is decided for one.
 *
 * @param session the index of its session in the record that is read
 * @param sets at least one
 */
record Done(int session, Slot slot, List<LoggedSet> sets) {
    private static final double TOO_HARD_BY = 2;

    Done {
        sets = List.copyOf(sets);
    }

    LoggedSet lastSet() {
        return sets.get(sets.size() - 1);
    }

    /** What it ended with. */
    Load load() {
        return lastSet().load();
    }

    /** Whether a set was 2 or more over its target effort, or short of the fewest repetitions [house]. */
    boolean tooHard() {
        return sets.stream()
                .anyMatch(s -> s.reps() < slot.reps().low()
                        || (s.effort() != null
                                && s.effort().value() >= slot.targetEffort().value() + TOO_HARD_BY));
    }

    /** Its repetitions, set by set, in words. */
    String repetitions() {
        return each(LoggedSet::reps);
    }

    /** The efforts that were said, set by set, in words. */
    String efforts() {
        return each(Done::said);
    }

    private String each(Function<LoggedSet, Object> what) {
        return sets.stream().map(s -> String.valueOf(what.apply(s))).collect(Collectors.joining(", "));
    }

    /** The effort that was said of {@code set}, in words. */
    static String said(LoggedSet set) {
        return set.effort() == null ? "not said" : Numbers.plain(set.effort().value());
    }
}
