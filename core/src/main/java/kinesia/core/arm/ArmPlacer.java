package kinesia.core.arm;

/**
 * Places one arm in pose after pose. In most movements only one or two angles change from sample to sample, so sines and
 * cosines are kept until their angle changes. Not for sharing between threads.
 */
public final class ArmPlacer {
    private final ArmDimensions arm;
    private final Turn pitch = new Turn();
    private final Turn roll = new Turn();
    private final Turn plane = new Turn();
    private final Turn elevation = new Turn();
    private final Turn rotation = new Turn();
    private final Turn flexion = new Turn();

    public ArmPlacer(ArmDimensions arm) {
        this.arm = arm;
    }

    /** One angle with its sine and cosine. */
    private static final class Turn {
        private double degrees = Double.NaN;
        private double sin;
        private double cos;

        void to(double newDegrees) {
            if (newDegrees != degrees) {
                degrees = newDegrees;
                double radians = Math.toRadians(newDegrees);
                sin = Math.sin(radians);
                cos = Math.cos(radians);
            }
        }
    }

    /** Where trunk and arm are in {@code pose}. Written out in components: this is the innermost step of every search. */
    public ArmFrame place(Pose pose) {
        pitch.to(pose.torsoPitchDeg());
        roll.to(pose.torsoRollDeg());
        plane.to(pose.planeOfElevationDeg());
        elevation.to(pose.elevationDeg());
        rotation.to(pose.axialRotationDeg());
        flexion.to(pose.elbowFlexionDeg());

        // Trunk axis u, front a and side l; roll turns a toward -l and l toward a.
        Vec3 up = new Vec3(pitch.sin, pitch.cos, 0);
        Vec3 front = new Vec3(pitch.cos * roll.cos, -pitch.sin * roll.cos, -roll.sin);
        Vec3 lateral = new Vec3(pitch.cos * roll.sin, -pitch.sin * roll.sin, roll.cos);

        Vec3 outward = Vec3.mix(lateral, plane.cos, front, plane.sin);
        // Across the plane of elevation; raising turns about its opposite and leaves it where it is.
        Vec3 across = Vec3.mix(front, plane.cos, lateral, -plane.sin);
        Vec3 upperArm = Vec3.mix(up, -elevation.cos, outward, elevation.sin);
        // Where the front of the trunk points once it is carried along with the raised arm.
        Vec3 raised = Vec3.mix(outward, elevation.cos, up, elevation.sin);
        Vec3 unrotated = Vec3.mix(raised, plane.sin, across, plane.cos);
        Vec3 bendToward = Vec3.mix(unrotated, rotation.cos, unrotated.cross(upperArm), rotation.sin);
        Vec3 forearm = Vec3.mix(upperArm, flexion.cos, bendToward, flexion.sin);
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
}
