package kinesia.core.plan;

import kinesia.core.dose.Load;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.reason.Reason;

/**
 * What an exercise starts from because of how it went before.
 *
 * @param mostSets the most sets it may have this time, 0 to leave it out
 * @param trial its load is not found yet: trial sets go on
 */
public record Carryover(String exerciseKey, Load load, RepRange reps, int mostSets, boolean trial, Reason reason) {
    /** No bound of its own on sets. */
    public static final int ANY_SETS = 4;
}
