package kinesia.core.exercise;

import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.Sex;

/**
 * How thick a body is, for drawing: the mean radius (m) of each part, that of a round cylinder, of a ball for the head, which has
 * the part's mass at the density of tissue. The trunk is twice as wide as deep, and {@code trunkM} half its depth. Mass shares: de
 * Leva 1996, table 4 [pub], quoted from memory.
 */
public record Build(double headM, double trunkM, double upperArmM, double forearmM, double thighM, double shankM) {
    private static final double KG_PER_M3 = 1050;
    private static final double WIDER_THAN_DEEP = 1.7;
    private static final double TRUNK_OF_STATURE = 0.31;

    /** The build of {@code body}. */
    static Build of(Body body) {
        boolean male = body.sex() == Sex.MALE;
        double h = body.statureM();
        double kg = body.massKg();
        ArmDimensions arm = body.arm();
        return new Build(
                Math.cbrt(3 * (male ? 0.0694 : 0.0668) * kg / (4 * Math.PI * KG_PER_M3)),
                radius((male ? 0.4346 : 0.4257) * kg / WIDER_THAN_DEEP, TRUNK_OF_STATURE * h),
                radius(arm.upperArmMassKg(), arm.upperArmLengthM()),
                radius(arm.forearmMassKg(), arm.forearmLengthM()),
                radius((male ? 0.1416 : 0.1478) * kg, BodyShape.THIGH * h),
                radius((male ? 0.0433 : 0.0481) * kg, BodyShape.SHANK * h));
    }

    private static double radius(double kg, double lengthM) {
        return Math.sqrt(kg / (Math.PI * KG_PER_M3 * lengthM));
    }
}
