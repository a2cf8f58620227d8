package kinesia.core.plan;

import java.util.Map;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/**
 * An exercise this client may do here and now in one section of a method, with its dose.
 *
 * @param fit the exercise with its range already shortened by limits
 * @param exercise the same at its tempo of today
 * @param stressShare stress of one set against a hard set of ten, from repetitions and load
 * @param mostSets 1 to 4
 * @param sides the dose of each arm where they differ; empty when they are alike
 * @param why the reasons behind effort, repetitions, sets and range so far
 */
record Candidate(
        Fit fit,
        Exercise exercise,
        Method.Pick pick,
        double stressShare,
        int mostSets,
        Exercise.RepRange reps,
        Effort effort,
        Map<Side, ArmDose> sides,
        Map<Aspect, Reason> why) {
    /** What one arm may do. */
    record ArmDose(Exercise exercise, Exercise.RepRange reps, Effort effort) {}

    /** The same with another sorting. */
    Candidate with(Fit other) {
        return new Candidate(other, exercise, pick, stressShare, mostSets, reps, effort, sides, why);
    }

    /** What the muscles get for what the sore places pay. */
    double worth() {
        return fit.worth();
    }

    Map<Site, Double> stress() {
        return fit.stress();
    }

    /** Repetitions of {@code arm}; null asks for what both share. */
    Exercise.RepRange repsOf(@Nullable Side arm) {
        ArmDose own = arm == null ? null : sides.get(arm);
        return own == null ? reps : own.reps();
    }

    /** Seconds of one set. */
    double setSeconds(Method.Dose dose) {
        if (dose.stationS() > 0) {
            return dose.stationS();
        }
        double reps = dose.setReps().isEmpty()
                ? this.reps.high()
                : dose.setReps().stream().mapToInt(r -> r).average().orElse(this.reps.high());
        boolean oneArm = exercise.arms() == Exercise.Arms.IN_TURN && sides.size() == 1;
        return reps
                * exercise.tempo().secondsPerRep()
                * (oneArm ? 1 : exercise.arms().timesAsLong());
    }
}
