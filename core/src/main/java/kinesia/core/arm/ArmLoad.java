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
 * @param loadFraction elbow torque of the resistance alone over what the same force could make at most, 0 to 1; NaN where
 *     there is no force
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
        double loadFraction,
        double shoulderTorqueNm,
        double shoulderRotationNm,
        double shoulderElevationNm) {

    /** Computes the load of {@code resistances} on {@code arm} placed as {@code frame}. */
    public static ArmLoad of(ArmDimensions arm, ArmFrame frame, List<Resistance> resistances) {
        Vec3 force = Vec3.ZERO;
        for (Resistance resistance : resistances) {
            force = force.plus(resistance.forceOn(frame));
        }
        Vec3 forearm = frame.forearm();
        double forearmWeight = weight(arm.forearmMassKg());
        double handWeight = weight(arm.handMassKg());
        double forearmCentre = arm.forearmCentre() * arm.forearmLengthM();
        double reach = arm.gripDistanceM();

        // Forearm and hand lie along one line, so their weights act as one moment along it.
        double byWeights = forearmCentre * forearmWeight + reach * handWeight;
        Vec3 byResistance = forearm.times(reach).cross(force);
        Vec3 atElbow = new Vec3(
                byResistance.x() - forearm.z() * byWeights,
                byResistance.y(),
                byResistance.z() + forearm.x() * byWeights);
        Vec3 distal = new Vec3(force.x(), force.y() + forearmWeight + handWeight, force.z());
        double ownMoment = arm.upperArmCentre() * arm.upperArmLengthM() * weight(arm.upperArmMassKg());
        Vec3 upperArm = frame.upperArm();
        Vec3 carried = frame.elbow().cross(distal);
        Vec3 atShoulder = new Vec3(
                atElbow.x() + carried.x() - upperArm.z() * ownMoment,
                atElbow.y() + carried.y(),
                atElbow.z() + carried.z() + upperArm.x() * ownMoment);
        double byResistanceAboutElbow = byResistance.dot(frame.flexionAxis());
        double strength = force.norm();
        return new ArmLoad(
                -atElbow.dot(frame.flexionAxis()),
                -byResistanceAboutElbow,
                atElbow.dot(frame.flexionAxis().cross(forearm)),
                distal.dot(forearm),
                force,
                strength == 0 ? Double.NaN : Math.abs(byResistanceAboutElbow) / (strength * reach),
                atShoulder.norm(),
                atShoulder.dot(upperArm),
                atShoulder.dot(frame.raisingAxis()));
    }

    /** The same load on the other arm: only the direction of the force changes. */
    public ArmLoad mirrored() {
        return new ArmLoad(
                elbowDemandNm,
                elbowResistanceDemandNm,
                offAxisNm,
                axialForceN,
                resistance.mirrored(),
                loadFraction,
                shoulderTorqueNm,
                shoulderRotationNm,
                shoulderElevationNm);
    }

    /** Vertical force of a mass, N; negative is down. */
    private static double weight(double massKg) {
        return -massKg * Resistance.GRAVITY;
    }
}
