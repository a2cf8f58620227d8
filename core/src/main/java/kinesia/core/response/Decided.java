package kinesia.core.response;

import java.util.Map;
import kinesia.core.dose.Load;
import kinesia.core.dose.Progression;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Reason;

/**
 * The load that one rule decided for, and why.
 *
 * @param trial whether it is still being looked for
 */
record Decided(Load load, boolean trial, Reason reason) {
    Decided(Load load, Reason reason) {
        this(load, false, reason);
    }

    /** What the exercise of {@code slot} starts from: all else as it was there. */
    Carryover with(Slot slot) {
        return with(slot, slot.reps());
    }

    /** The same, aiming at {@code reps}. */
    Carryover with(Slot slot, RepRange reps) {
        // A bridge goes on while its load does.
        boolean bridging = slot.tempo().downS() >= Progression.SLOW_LOWERING_S && load.equals(slot.load());
        boolean ownAim = slot.stationSeconds() > 0 || !slot.setReps().isEmpty();
        return new Carryover(
                slot.exerciseKey(),
                load,
                reps,
                slot.usual(),
                ownAim,
                Carryover.ANY_SETS,
                trial,
                bridging ? slot.tempo().downS() : 0,
                false,
                1,
                reason,
                Map.of());
    }
}
