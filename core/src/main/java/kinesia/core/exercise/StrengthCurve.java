package kinesia.core.exercise;

/**
 * What a joint can make at each bend, 1 at its best: elbow flexion is strongest near a right angle, extension between 70 and 90
 * degrees, both weaker toward the ends (Askew et al. 1987 and textbooks, quoted from memory [pub]; the numbers [house]).
 * Linear between the points; past the ends the last value holds.
 */
public final class StrengthCurve {
    private static final double[] FLEXOR_DEG = {0, 40, 90, 130};
    private static final double[] FLEXOR_SHARE = {0.55, 0.8, 1, 0.75};
    private static final double[] EXTENSOR_DEG = {0, 40, 80, 130};
    private static final double[] EXTENSOR_SHARE = {0.6, 0.85, 1, 0.7};

    private StrengthCurve() {}

    /** The share of its best, over 0 to 1, that {@code group} can make at {@code bendDeg}. */
    public static double at(Head.Group group, double bendDeg) {
        return group == Head.Group.FLEXORS
                ? between(FLEXOR_DEG, FLEXOR_SHARE, bendDeg)
                : between(EXTENSOR_DEG, EXTENSOR_SHARE, bendDeg);
    }

    private static double between(double[] degrees, double[] shares, double bend) {
        if (bend <= degrees[0]) {
            return shares[0];
        }
        for (int i = 1; i < degrees.length; i++) {
            if (bend <= degrees[i]) {
                double part = (bend - degrees[i - 1]) / (degrees[i] - degrees[i - 1]);
                return shares[i - 1] + part * (shares[i] - shares[i - 1]);
            }
        }
        return shares[shares.length - 1];
    }
}
