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

    /** Places {@code arm} in {@code pose}. For many poses of one arm in a row an {@link ArmPlacer} is quicker. */
    public static ArmFrame of(ArmDimensions arm, Pose pose) {
        return new ArmPlacer(arm).place(pose);
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
