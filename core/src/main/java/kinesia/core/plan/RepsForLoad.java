package kinesia.core.plan;

import java.util.Map;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/** Answers a room that is too light for a client with more repetitions, and one that is a little too heavy with about eight. */
final class RepsForLoad {
    // A room whose heaviest load is under this share of the right one is answered with up to double repetitions
    // [practice].
    private static final double LIGHT_UNDER = 0.6;
    private static final double HEAVY_OVER = 1.05;
    private static final int MOST_REPS = 20;
    private static final int HEAVY_REPS = 8;

    private RepsForLoad() {}

    /** More repetitions where the room is too light for the client, about eight where it is a little too heavy. */
    static RepRange of(
            PlanRequest request, Fit fit, Method.Pick pick, Method.Dose dose, RepRange reps, Map<Aspect, Reason> why) {
        boolean fixed = dose.stationS() > 0
                || !dose.setReps().isEmpty()
                || dose.light()
                || fit.exercise().bodyWeightShare() > 0
                || request.carryovers().containsKey(fit.exercise().key());
        if (fixed) {
            return reps;
        }
        double right = fit.boundKg() * pick.loadShare();
        Load heaviest = heaviest(fit.loads());
        if (isFarTooLight(fit.loads(), right)) {
            int high = Math.min(
                    limit(request, Limit.Kind.MOST_REPS, fit, MOST_REPS),
                    dose.lightReps() > 0 ? dose.lightReps() : Math.min(MOST_REPS, 2 * reps.high()));
            return high > reps.high() ? told(new RepRange(reps.high(), high), heaviest, right, why) : reps;
        }
        // A method that says its repetitions keeps them: what is too heavy for those is not for it.
        if (dose.reps() == null
                && fit.loads().lightest().kg() > HEAVY_OVER * right
                && limit(request, Limit.Kind.FEWEST_REPS, fit, 0) <= HEAVY_REPS
                && reps.high() > HEAVY_REPS) {
            return told(new RepRange(Math.min(reps.low(), HEAVY_REPS - 2), HEAVY_REPS), heaviest, right, why);
        }
        return reps;
    }

    /** Whether even the heaviest of {@code loads} is so far under what is right, {@code kg}, that repetitions make up for it. */
    static boolean isFarTooLight(ReachableLoads loads, double kg) {
        return !loads.isEmpty() && heaviest(loads).kg() < LIGHT_UNDER * kg;
    }

    private static Load heaviest(ReachableLoads loads) {
        return loads.loads().get(loads.loads().size() - 1);
    }

    private static int limit(PlanRequest request, Limit.Kind kind, Fit fit, int otherwise) {
        return LimitCheck.dosing(kind, fit.full(), fit.stress(), request.limits()).stream()
                .mapToInt(l -> (int) l.number())
                .reduce(otherwise, kind == Limit.Kind.MOST_REPS ? Math::min : Math::max);
    }

    private static RepRange told(RepRange reps, Load heaviest, double right, Map<Aspect, Reason> why) {
        boolean light = heaviest.kg() < right;
        String words = heaviest.inItsUnit(right);
        why.put(
                Aspect.REPS,
                Reason.of(
                                "REPS-for-load",
                                Tag.PRACTICE,
                                "too light: up to double, at most 20; a little too heavy: about 8",
                                "About " + words + " would be right here. "
                                        + (light
                                                ? "The heaviest there is, " + heaviest.inItsUnit(heaviest.kg())
                                                        + ", is lighter, so the repetitions go up to "
                                                : "The lightest here is a little over that, so the repetitions stop at ")
                                        + reps.high() + ".",
                                light ? "It is light, so we do more of them." : "It is heavy enough, so we do fewer.")
                        .with("right", words));
        return reps;
    }
}
