package kinesia.core.exercise;

import kinesia.core.reason.InvalidValue;

/**
 * What counts as equal effort when exercises are compared at no particular load: the peak demand at the elbow (N.m), or
 * at the shoulder where a press meets that first.
 *
 * @param flexorsNm 2 to 120
 * @param extensorsNm 2 to 120
 */
public record EffortLevel(double flexorsNm, double extensorsNm) {
    private static final double USUAL_ELBOW_NM = 20;
    private static final double USUAL_SHOULDER_NM = 35;

    /** For a client of whom nothing is known, and for the references [house]. */
    public static final EffortLevel USUAL = new EffortLevel(USUAL_ELBOW_NM, USUAL_ELBOW_NM);

    public EffortLevel {
        InvalidValue.requireWithin("flexorsNm", flexorsNm, 2, 120, "N.m");
        InvalidValue.requireWithin("extensorsNm", extensorsNm, 2, 120, "N.m");
    }

    double elbowNm(Head.Group group) {
        return group == Head.Group.FLEXORS ? flexorsNm : extensorsNm;
    }

    double shoulderNm(Head.Group group) {
        return elbowNm(group) * USUAL_SHOULDER_NM / USUAL_ELBOW_NM;
    }
}
