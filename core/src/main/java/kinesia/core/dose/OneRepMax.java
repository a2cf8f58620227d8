package kinesia.core.dose;

import kinesia.core.reason.InvalidValue;

/**
 * Estimated one-repetition maximum from a load and the repetitions to failure. Formulas as collected by LeSuer et al.
 * 1997 [pub]; none was made on people with sore joints, so the estimate is always shown as the range over all of them.
 */
public final class OneRepMax {
    private static final int ROUGH_ABOVE_REPS = 10;
    private static final int HIDDEN_ABOVE_REPS = 15;
    private static final int MOST_IN_RESERVE = 6;
    private static final int TO_FAILURE = 10;
    private static final int MOST_REPS = 30;

    private OneRepMax() {}

    /** A named formula; each gives the load itself at one repetition (product rule for those that do not). */
    public enum Formula {
        EPLEY,
        BRZYCKI,
        LANDER,
        LOMBARDI,
        MAYHEW,
        OCONNER,
        WATHAN;

        /** Estimate (kg) from {@code kg} lifted {@code reps} times (1 to 30) to failure. */
        public double estimate(double kg, double reps) {
            InvalidValue.requireWithin("reps", reps, 1, MOST_REPS, "repetitions");
            if (reps == 1) {
                return kg;
            }
            return switch (this) {
                case EPLEY -> kg * (1 + reps / 30);
                case BRZYCKI -> 36 * kg / (37 - reps);
                case LANDER -> 100 * kg / (101.3 - 2.67123 * reps);
                case LOMBARDI -> kg * Math.pow(reps, 0.10);
                case MAYHEW -> 100 * kg / (52.2 + 41.9 * Math.exp(-0.055 * reps));
                case OCONNER -> kg * (1 + 0.025 * reps);
                case WATHAN -> 100 * kg / (48.8 + 53.8 * Math.exp(-0.075 * reps));
            };
        }
    }

    /** Lowest and highest estimate over the formulas, and the default one (Epley), in kg. */
    public record Range(double lowKg, double defaultKg, double highKg, boolean rough) {}

    /**
     * The range for {@code kg} lifted {@code reps} times at {@code effort}; empty when the effort tells no reserve or more
     * than 15 repetitions to failure would have to be assumed.
     */
    public static java.util.Optional<Range> range(double kg, int reps, Effort effort) {
        if (!effort.tellsReserve()) {
            return java.util.Optional.empty();
        }
        double toFailure = reps + effort.repsInReserve();
        if (toFailure > HIDDEN_ABOVE_REPS) {
            return java.util.Optional.empty();
        }
        double low = Double.MAX_VALUE;
        double high = 0;
        for (Formula formula : Formula.values()) {
            double estimate = formula.estimate(kg, toFailure);
            low = Math.min(low, estimate);
            high = Math.max(high, estimate);
        }
        return java.util.Optional.of(
                new Range(low, Formula.EPLEY.estimate(kg, toFailure), high, toFailure > ROUGH_ABOVE_REPS));
    }

    /**
     * The share, 0 to 1, of the most that can be lifted once that a load is with which {@code reps} end at {@code effort}, by
     * Epley. Under effort 7 at most {@value #MOST_IN_RESERVE} in reserve are assumed.
     */
    public static double share(int reps, Effort effort) {
        double reserve = Math.min(MOST_IN_RESERVE, TO_FAILURE - effort.value());
        return 1 / Formula.EPLEY.estimate(1, Math.min(MOST_REPS, reps + reserve));
    }
}
