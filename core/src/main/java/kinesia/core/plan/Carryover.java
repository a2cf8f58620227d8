package kinesia.core.plan;

import java.util.Map;
import kinesia.core.arm.Side;
import kinesia.core.dose.Load;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

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
 * @param arms what each arm starts from where they work singly with different loads; all else here is the weaker arm's then.
 *     Empty where they lift the same
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
        Reason reason,
        Map<Side, Carryover> arms) {
    /** No bound of its own on sets. */
    public static final int ANY_SETS = 4;

    public Carryover {
        arms = Map.copyOf(arms);
    }

    /** What {@code arm} starts from; null asks for the exercise as a whole. */
    public Carryover of(@Nullable Side arm) {
        return arm == null ? this : arms.getOrDefault(arm, this);
    }

    /** The same, each arm starting from its own. */
    public Carryover apart(Map<Side, Carryover> each) {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, mostSets, trial, lowering, outgrown, loadShare, reason, each);
    }

    /** The same, lowered in {@code seconds}. */
    public Carryover lowered(int seconds) {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, mostSets, trial, seconds, outgrown, loadShare, reason, arms);
    }

    /** The same, its load being {@code share} of a fresh one. */
    public Carryover sharing(double share) {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, mostSets, trial, lowering, outgrown, share, reason, arms);
    }

    /** The same with at most so many sets. */
    public Carryover atMost(int sets) {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, sets, trial, lowering, outgrown, loadShare, reason, arms);
    }

    /** The same, outgrown. */
    public Carryover grownOut() {
        return new Carryover(
                exerciseKey, load, reps, usual, ownAim, mostSets, trial, lowering, true, loadShare, reason, arms);
    }
}
