package kinesia.core.arm;

import kinesia.core.reason.InvalidValue;

/**
 * A band measured with a luggage scale: two pulls, each a stretched length and the force read there. Tension is taken as
 * a straight line in relative stretch (Simoneau et al. 2001 [pub]); outside the two stretches it is extrapolated.
 *
 * @param freeLengthM length with no pull, 0.05 to 5 m
 * @param forceAtZeroN a of the line a + b e; never under 0
 * @param forceAtDoubleLengthN a + b
 * @param fromStretch smaller measured stretch (0 = free length, 1 = double length)
 * @param toStretch larger measured stretch
 */
public record BandCalibration(
        double freeLengthM, double forceAtZeroN, double forceAtDoubleLengthN, double fromStretch, double toStretch) {

    /** One reading: stretched length (m) and force (N). */
    public record Pull(double lengthM, double forceN) {}

    // Nearer pulls than a tenth of the free length say more about the scale than about the band [house].
    private static final double LEAST_DIFFERENCE = 0.10;

    /** Fits the line; {@link InvalidValue} when a pull is not beyond the free length, or the two are too alike. */
    public static BandCalibration of(double freeLengthM, Pull shorter, Pull longer) {
        InvalidValue.requireWithin("freeLengthM", freeLengthM, 0.05, 5, "m");
        double e1 = stretch("firstPull", freeLengthM, shorter);
        double e2 = stretch("secondPull", freeLengthM, longer);
        if (e2 - e1 < LEAST_DIFFERENCE) {
            throw new InvalidValue(
                    "secondPull.lengthM", "must be at least a tenth of the free length beyond the first pull");
        }
        if (longer.forceN() <= shorter.forceN()) {
            throw new InvalidValue("secondPull.forceN", "must be greater than the force of the first pull");
        }
        double perStretch = (longer.forceN() - shorter.forceN()) / (e2 - e1);
        double atZero = shorter.forceN() - perStretch * e1;
        if (atZero < 0) {
            // Pulls that meet zero before the free length: the line is laid through nothing at the free length.
            atZero = 0;
            perStretch = (shorter.forceN() * e1 + longer.forceN() * e2) / (e1 * e1 + e2 * e2);
        }
        return new BandCalibration(freeLengthM, atZero, atZero + perStretch, e1, e2);
    }

    /** {@code count} such bands side by side (1 to 8), each with {@code wrapM} wound up, toward {@code anchor}. */
    public Resistance.Band toward(Vec3 anchor, int count, double wrapM) {
        return new Resistance.Band(forceAtZeroN, forceAtDoubleLengthN, freeLengthM, anchor, count, wrapM);
    }

    /** Whether the force at {@code stretch} lies outside what was measured; a slack band pulls nothing for certain. */
    public boolean isExtrapolated(double stretch) {
        return stretch > 0 && (stretch < fromStretch || stretch > toStretch);
    }

    private static double stretch(String field, double freeLengthM, Pull pull) {
        InvalidValue.requireWithin(field + ".lengthM", pull.lengthM(), freeLengthM, 20, "m");
        InvalidValue.requireWithin(field + ".forceN", pull.forceN(), 0, 1000, "N");
        return (pull.lengthM() - freeLengthM) / freeLengthM;
    }
}
