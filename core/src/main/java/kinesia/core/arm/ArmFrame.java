package kinesia.core.arm;

/**
 * Where trunk and arm are in the room for one pose, shoulder at the origin; a right arm unless {@link #mirrored}.
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

    /** Places {@code arm} in {@code pose}. Written out in components: this is the innermost step of every search. */
    public static ArmFrame of(ArmDimensions arm, Pose pose) {
        double pitch = Math.toRadians(pose.torsoPitchDeg());
        double sp = Math.sin(pitch);
        double cp = Math.cos(pitch);
        double roll = Math.toRadians(pose.torsoRollDeg());
        double sr = Math.sin(roll);
        double cr = Math.cos(roll);
        // Trunk axis u, front a and side l; roll turns a toward -l and l toward a.
        Vec3 up = new Vec3(sp, cp, 0);
        Vec3 front = new Vec3(cp * cr, -sp * cr, -sr);
        Vec3 lateral = new Vec3(cp * sr, -sp * sr, cr);

        double plane = Math.toRadians(pose.planeOfElevationDeg());
        double sa = Math.sin(plane);
        double ca = Math.cos(plane);
        Vec3 outward = Vec3.mix(lateral, ca, front, sa);
        // Across the plane of elevation; raising turns about its opposite and leaves it where it is.
        Vec3 across = Vec3.mix(front, ca, lateral, -sa);

        double elevation = Math.toRadians(pose.elevationDeg());
        double sb = Math.sin(elevation);
        double cb = Math.cos(elevation);
        Vec3 upperArm = Vec3.mix(up, -cb, outward, sb);
        // Where the front of the trunk points once it is carried along with the raised arm.
        Vec3 raised = Vec3.mix(outward, cb, up, sb);
        Vec3 unrotated = Vec3.mix(raised, sa, across, ca);

        double rotation = Math.toRadians(pose.axialRotationDeg());
        Vec3 bendToward = Vec3.mix(unrotated, Math.cos(rotation), unrotated.cross(upperArm), Math.sin(rotation));

        double flexion = Math.toRadians(pose.elbowFlexionDeg());
        Vec3 forearm = Vec3.mix(upperArm, Math.cos(flexion), bendToward, Math.sin(flexion));
        double upperLength = arm.upperArmLengthM();
        return new ArmFrame(
                up,
                front,
                upperArm,
                forearm,
                upperArm.cross(bendToward),
                across.times(-1),
                upperArm.times(upperLength),
                Vec3.mix(upperArm, upperLength, forearm, arm.gripDistanceM()));
    }

    /** The same arm on the other side of the body; axes of turning keep their sense seen from that side. */
    public ArmFrame mirrored() {
        return new ArmFrame(
                trunkUp.mirrored(),
                trunkFront.mirrored(),
                upperArm.mirrored(),
                forearm.mirrored(),
                flexionAxis.mirrored().times(-1),
                raisingAxis.mirrored().times(-1),
                elbow.mirrored(),
                grip.mirrored());
    }
}
