package kinesia.core.plan;

import kinesia.core.dose.Load;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.reason.Reason;

/**
 * What an exercise starts from because of how it went before.
 *
 * @param reps what is aimed at now
 * @param usual the range that belongs to the load; {@code reps} goes past it while a big step is bridged
 * @param ownAim its sets had aims of their own, by the clock or set by set: only the load goes on elsewhere
 * @param mostSets the most sets it may have this time, 0 to leave it out
 * @param trial its load is not found yet: trial sets go on
 * @param lowering seconds of lowering while a big step is bridged; 0 for the usual
 * @param outgrown there is nothing heavier here, and no bridge left: another exercise is worth changing to
 * @param loadShare the share of a fresh load that {@code load} is, 0 to 1
 */
public record Carryover(
        String exerciseKey,
        Load load,
        RepRange reps,
        RepRange usual,
        boolean ownAim,
        int mostSets,
        boolean trial,
        int lowering,
        boolean outgrown,
        double loadShare,
        Reason reason) {
    /** No bound of its own on sets. */
    public static final int ANY_SETS = 4;

    /** The same, lowered in {@code seconds}. */
    public Carryover lowered(int seconds) {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, mostSets, trial, seconds, outgrown, loadShare, reason);
    }

    /** The same, its load being {@code share} of a fresh one. */
    public Carryover sharing(double share) {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, mostSets, trial, lowering, outgrown, share, reason);
    }

    /** The same with at most so many sets. */
    public Carryover atMost(int sets) {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, sets, trial, lowering, outgrown, loadShare, reason);
    }

    /** The same, outgrown. */
    public Carryover grownOut() {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, mostSets, trial, lowering, true, loadShare, reason);
    }
}
