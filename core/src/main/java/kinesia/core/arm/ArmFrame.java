package kinesia.core.arm;

/**
 * Where trunk and arm are in the room for one pose (right arm), shoulder at the origin.
 *
 * @param trunkUp unit vector along the trunk toward the head
 * @param trunkFront unit vector out of the chest
 * @param upperArm unit vector from shoulder to elbow
 * @param forearm unit vector from elbow to hand
 * @param flexionAxis unit vector about which the elbow bends
 * @param raisingAxis unit vector about which the upper arm is raised in its plane
 * @param elbow elbow (m)
 * @param grip centre of the grip (m)
 */
public record ArmFrame(
        Vec3 trunkUp,
        Vec3 trunkFront,
        Vec3 upperArm,
        Vec3 forearm,
        Vec3 flexionAxis,
        Vec3 raisingAxis,
        Vec3 elbow,
        Vec3 grip) {

    /** Places {@code arm} in {@code pose}. */
    public static ArmFrame of(ArmDimensions arm, Pose pose) {
        double pitch = Math.toRadians(pose.torsoPitchDeg());
        Vec3 up = new Vec3(Math.sin(pitch), Math.cos(pitch), 0);
        double roll = Math.toRadians(pose.torsoRollDeg());
        Vec3 front = new Vec3(Math.cos(pitch), -Math.sin(pitch), 0).turned(up, roll);
        Vec3 lateral = new Vec3(0, 0, 1).turned(up, roll);

        double plane = Math.toRadians(pose.planeOfElevationDeg());
        double elevation = Math.toRadians(pose.elevationDeg());
        Vec3 outward = lateral.times(Math.cos(plane)).plus(front.times(Math.sin(plane)));
        Vec3 down = up.times(-1);
        Vec3 upperArm = down.times(Math.cos(elevation)).plus(outward.times(Math.sin(elevation)));
        Vec3 raisingAxis = down.cross(outward);

        double rotation = Math.toRadians(pose.axialRotationDeg());
        Vec3 unrotated = front.turned(raisingAxis, elevation);
        Vec3 bendToward = unrotated
                .times(Math.cos(rotation))
                .plus(unrotated.cross(upperArm).times(Math.sin(rotation)));

        double flexion = Math.toRadians(pose.elbowFlexionDeg());
        Vec3 forearm = upperArm.times(Math.cos(flexion)).plus(bendToward.times(Math.sin(flexion)));
        Vec3 elbow = upperArm.times(arm.upperArmLengthM());
        return new ArmFrame(
                up,
                front,
                upperArm,
                forearm,
                upperArm.cross(bendToward),
                raisingAxis,
                elbow,
                elbow.plus(forearm.times(arm.gripDistanceM())));
    }
}
