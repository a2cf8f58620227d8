package kinesia.core.exercise;

import kinesia.core.reason.InvalidValue;

/**
 * How strong an arm is at the elbow: how many N.m it holds for 12 repetitions at effort 7 where the {@link StrengthCurve} is at
 * its best. What counts as equal effort, and what stress is measured against, follows from it.
 *
 * @param flexorsNm 1 to 200
 * @param extensorsNm 1 to 200
 */
public record ElbowStrength(double flexorsNm, double extensorsNm) {
    /** What the extensors hold of what the flexors do (Askew et al. 1987: 60 to 70 %, quoted from memory [pub]). */
    public static final double EXTENSORS_OF_FLEXORS = 0.65;

    private static final double LEAST_NM = 1;
    private static final double MOST_NM = 200;

    public ElbowStrength {
        InvalidValue.requireWithin("flexorsNm", flexorsNm, LEAST_NM, MOST_NM, "N.m");
        InvalidValue.requireWithin("extensorsNm", extensorsNm, LEAST_NM, MOST_NM, "N.m");
    }

    /** Of somebody whose flexors are known and whose extensors are not. */
    public static ElbowStrength ofFlexors(double nm) {
        return new ElbowStrength(within(nm), within(nm * EXTENSORS_OF_FLEXORS));
    }

    /** The torque (N.m) that {@code group} holds at {@code bendDeg}. */
    public double at(Head.Group group, double bendDeg) {
        return of(group) * StrengthCurve.at(group, bendDeg);
    }

    public double of(Head.Group group) {
        return group == Head.Group.FLEXORS ? flexorsNm : extensorsNm;
    }

    private static double within(double nm) {
        return Math.max(LEAST_NM, Math.min(MOST_NM, nm));
    }
}
