package kinesia.core.arm;

import kinesia.core.reason.InvalidValue;

/**
 * Lengths (m) and masses (kg) of one arm; centres of mass as a share of the segment's length from its upper joint. The
 * hand's mass sits at the grip centre.
 */
public record ArmDimensions(
        double upperArmLengthM,
        double forearmLengthM,
        double gripDistanceM,
        double upperArmMassKg,
        double forearmMassKg,
        double handMassKg,
        double upperArmCentre,
        double forearmCentre) {

    // Lengths as shares of stature: Drillis and Contini 1966 [pub]; the grip centre lies half a hand beyond the wrist.
    private static final double UPPER_ARM_OF_STATURE = 0.186;
    private static final double FOREARM_OF_STATURE = 0.146;
    private static final double GRIP_OF_STATURE = 0.200;

    /** Checks each value against what a human arm can be; otherwise {@link InvalidValue}. */
    public ArmDimensions {
        InvalidValue.requireWithin("upperArmLengthM", upperArmLengthM, 0.15, 0.50, "m");
        InvalidValue.requireWithin("forearmLengthM", forearmLengthM, 0.12, 0.45, "m");
        InvalidValue.requireWithin("gripDistanceM", gripDistanceM, 0.15, 0.60, "m");
        InvalidValue.requireWithin("upperArmMassKg", upperArmMassKg, 0, 15, "kg");
        InvalidValue.requireWithin("forearmMassKg", forearmMassKg, 0, 10, "kg");
        InvalidValue.requireWithin("handMassKg", handMassKg, 0, 4, "kg");
    }

    /**
     * Estimated from sex, stature (1.20 to 2.20 m) and body mass (30 to 250 kg). Mass shares and centres of mass: de
     * Leva 1996, table 4 [pub].
     */
    public static ArmDimensions estimate(Sex sex, double statureM, double bodyMassKg) {
        InvalidValue.requireWithin("statureM", statureM, 1.20, 2.20, "m");
        InvalidValue.requireWithin("bodyMassKg", bodyMassKg, 30, 250, "kg");
        boolean male = sex == Sex.MALE;
        return new ArmDimensions(
                UPPER_ARM_OF_STATURE * statureM,
                FOREARM_OF_STATURE * statureM,
                GRIP_OF_STATURE * statureM,
                (male ? 0.0271 : 0.0255) * bodyMassKg,
                (male ? 0.0162 : 0.0138) * bodyMassKg,
                (male ? 0.0061 : 0.0056) * bodyMassKg,
                male ? 0.5772 : 0.5754,
                male ? 0.4574 : 0.4559);
    }
}
