package kinesia.core.plan;

import kinesia.core.dose.Load;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.reason.Reason;

/**
 * What an exercise starts from because of how it went before.
 *
 * @param mostSets the most sets it may have this time, 0 to leave it out
 * @param trial its load is not found yet: trial sets go on
 * @param lowering seconds of lowering while a big step is bridged; 0 for the usual
 * @param loadShare the share of a fresh load that {@code load} is, 0 to 1
 */
public record Carryover(
        String exerciseKey,
        Load load,
        RepRange reps,
        int mostSets,
        boolean trial,
        int lowering,
        double loadShare,
        Reason reason) {
    /** No bound of its own on sets. */
    public static final int ANY_SETS = 4;

    /** One whose load is a fresh one. */
    public Carryover(String exerciseKey, Load load, RepRange reps, int mostSets, boolean trial, Reason reason) {
        this(exerciseKey, load, reps, mostSets, trial, 0, 1, reason);
    }

    /** The same, lowered in {@code seconds}. */
    public Carryover lowered(int seconds) {
        return new Carryover(exerciseKey, load, reps, mostSets, trial, seconds, loadShare, reason);
    }

    /** The same, its load being {@code share} of a fresh one. */
    public Carryover sharing(double share) {
        return new Carryover(exerciseKey, load, reps, mostSets, trial, lowering, share, reason);
    }
}
