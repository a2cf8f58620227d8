package kinesia.core.plan;

import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;

/** The dose of a place: repetitions times stress relative to the site's reference, lighter repetitions counting less. */
public final class StressDose {
    // A set of ten at usual effort is the measure; more and lighter repetitions count by Epley's load [house].
    private static final double MEASURE_REPS = 10;
    private static final double EPLEY = 30;
    private static final double RESERVE = 2.5;
    private static final double LIGHT_EFFORT = 5;
    static final double LIGHT_SHARE = 0.6;

    private StressDose() {}

    /** Stress of one set against a hard set of ten. */
    static double share(double reps, double loadShare, boolean light) {
        double load = (EPLEY + MEASURE_REPS + RESERVE) / (EPLEY + reps + RESERVE);
        return reps / MEASURE_REPS * load * loadShare * (light ? LIGHT_SHARE : 1);
    }

    /** What one set of that share gives a place with {@code stress}. */
    static double ofSet(double share, double stress) {
        return MEASURE_REPS * share * stress;
    }

    /** What a slot gives a place on an arm that works in it. */
    public static double of(Slot slot, Site site) {
        double dose = 0;
        for (int round = 1; round <= slot.sets(); round++) {
            double share = share(
                    slot.repsIn(round), slot.loadShare(), slot.targetEffort().value() <= LIGHT_EFFORT);
            dose += ofSet(share, slot.stress().getOrDefault(site, 0.0));
        }
        return dose;
    }

    /** What one logged set of a slot gave. */
    public static double of(Slot slot, Site site, int reps) {
        return reps == 0
                ? 0
                : ofSet(
                        share(reps, slot.loadShare(), slot.targetEffort().value() <= LIGHT_EFFORT),
                        slot.stress().getOrDefault(site, 0.0));
    }
}
