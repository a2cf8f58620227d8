package kinesia.core.arm;

import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

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
    // Stand-ins where every value that they would decide was measured.
    private static final double ANY_STATURE_M = 1.70;
    private static final double ANY_MASS_KG = 70;

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

    /**
     * What was measured on a person; null for what was not. {@code sex} decides the centres of mass, stature the lengths
     * and body mass the masses that were not measured.
     */
    public record Measured(
            @Nullable Double upperArmLengthM,
            @Nullable Double forearmLengthM,
            @Nullable Double gripDistanceM,
            @Nullable Double upperArmMassKg,
            @Nullable Double forearmMassKg,
            @Nullable Double handMassKg) {
        boolean hasLengths() {
            return upperArmLengthM != null && forearmLengthM != null && gripDistanceM != null;
        }

        boolean hasMasses() {
            return upperArmMassKg != null && forearmMassKg != null && handMassKg != null;
        }
    }

    /** Measured values where there are any, estimates for the rest; {@link InvalidValue} when an estimate has no basis. */
    public static ArmDimensions of(Sex sex, @Nullable Double statureM, @Nullable Double bodyMassKg, Measured measured) {
        if (statureM == null && !measured.hasLengths()) {
            throw new InvalidValue("statureM", "is needed unless all three lengths are measured");
        }
        if (bodyMassKg == null && !measured.hasMasses()) {
            throw new InvalidValue("bodyMassKg", "is needed unless all three masses are measured");
        }
        ArmDimensions e = estimate(
                sex, statureM == null ? ANY_STATURE_M : statureM, bodyMassKg == null ? ANY_MASS_KG : bodyMassKg);
        return new ArmDimensions(
                or(measured.upperArmLengthM, e.upperArmLengthM),
                or(measured.forearmLengthM, e.forearmLengthM),
                or(measured.gripDistanceM, e.gripDistanceM),
                or(measured.upperArmMassKg, e.upperArmMassKg),
                or(measured.forearmMassKg, e.forearmMassKg),
                or(measured.handMassKg, e.handMassKg),
                e.upperArmCentre,
                e.forearmCentre);
    }

    private static double or(@Nullable Double measured, double estimate) {
        return measured == null ? estimate : measured;
    }
}
