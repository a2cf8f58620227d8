package kinesia.core.plan;

import java.util.Map;
import kinesia.core.dose.Effort;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.reason.Reason;

/**
 * An exercise this client may do here and now, with its range already shortened by limits.
 *
 * @param stimulus per head and hard set
 * @param stress per site, at equal effort
 * @param cost stress that counts: at sore sites, weighted by how sore they are
 * @param mostSets 1 to 4
 * @param why the reasons behind effort, repetitions, sets and range so far
 */
record Candidate(
        Exercise exercise,
        Map<Head, Double> stimulus,
        Map<Site, Double> stress,
        double cost,
        int mostSets,
        Exercise.RepRange reps,
        Effort effort,
        ReachableLoads loads,
        Map<Aspect, Reason> why) {

    /** What the muscles get for what the sore places pay. */
    double worth() {
        return Suitability.worth(stimulus.values().stream().mapToDouble(d -> d).sum(), cost);
    }

    /** Stress on the elbow itself, for putting the easiest first. */
    double elbowStress() {
        return exercise.group() == Head.Group.EXTENSORS
                ? stress.getOrDefault(Site.BACK_OF_ELBOW, 0.0)
                : stress.getOrDefault(Site.CROOK_OF_ELBOW, 0.0);
    }
}
