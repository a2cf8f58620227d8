package kinesia.core.arm;

import java.util.List;

/**
 * Torques at elbow and shoulder for one pose and load: direct sums of r x F over forearm, hand and resistance (and the
 * upper arm for the shoulder).
 *
 * @param elbowDemandNm positive: the flexors must work; negative: the extensors must
 * @param elbowResistanceDemandNm the part of it made by the resistance alone
 * @param offAxisNm torque about the axis that the elbow cannot follow, varus positive
 * @param axialForceN pull along the forearm, traction positive
 * @param resistance force at the grip (N)
 * @param shoulderTorqueNm magnitude at the shoulder, whatever carries it
 * @param shoulderRotationNm part along the upper arm
 * @param shoulderElevationNm part about the raising axis
 */
public record ArmLoad(
        double elbowDemandNm,
        double elbowResistanceDemandNm,
        double offAxisNm,
        double axialForceN,
        Vec3 resistance,
        double shoulderTorqueNm,
        double shoulderRotationNm,
        double shoulderElevationNm) {

    /** Computes the load of {@code resistances} on {@code arm} placed as {@code frame}. */
    public static ArmLoad of(ArmDimensions arm, ArmFrame frame, List<Resistance> resistances) {
        Vec3 force = Vec3.ZERO;
        for (Resistance resistance : resistances) {
            force = force.plus(resistance.forceAt(frame.grip()));
        }
        Vec3 forearmWeight = weight(arm.forearmMassKg());
        Vec3 handWeight = weight(arm.handMassKg());
        Vec3 forearmCentre = frame.forearm().times(arm.forearmCentre() * arm.forearmLengthM());
        Vec3 hand = frame.forearm().times(arm.gripDistanceM());

        Vec3 byResistance = hand.cross(force);
        Vec3 atElbow =
                forearmCentre.cross(forearmWeight).plus(hand.cross(handWeight)).plus(byResistance);
        Vec3 upperArmCentre = frame.upperArm().times(arm.upperArmCentre() * arm.upperArmLengthM());
        Vec3 distal = forearmWeight.plus(handWeight).plus(force);
        Vec3 atShoulder = upperArmCentre
                .cross(weight(arm.upperArmMassKg()))
                .plus(frame.elbow().cross(distal))
                .plus(atElbow);
        return new ArmLoad(
                -atElbow.dot(frame.flexionAxis()),
                -byResistance.dot(frame.flexionAxis()),
                atElbow.dot(frame.flexionAxis().cross(frame.forearm())),
                distal.dot(frame.forearm()),
                force,
                atShoulder.norm(),
                atShoulder.dot(frame.upperArm()),
                atShoulder.dot(frame.raisingAxis()));
    }

    private static Vec3 weight(double massKg) {
        return new Vec3(0, -massKg * Resistance.GRAVITY, 0);
    }
}
