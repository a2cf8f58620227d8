package kinesia.core.arm;

import kinesia.core.reason.InvalidValue;

/**
 * One position of trunk and arm, in degrees.
 *
 * @param torsoPitchDeg 0 upright, 90 prone, -90 supine; -180 to 180
 * @param torsoRollDeg turn about the trunk's own axis; -180 to 180
 * @param planeOfElevationDeg 0 sideways, 90 forward; -180 to 180
 * @param elevationDeg 0 hanging, 180 overhead, negative behind the plane; -90 to 180
 * @param axialRotationDeg internal positive; -180 to 180
 * @param elbowFlexionDeg 0 straight; -15 (some people pass straight) to 160
 */
public record Pose(
        double torsoPitchDeg,
        double torsoRollDeg,
        double planeOfElevationDeg,
        double elevationDeg,
        double axialRotationDeg,
        double elbowFlexionDeg) {

    /** Throws {@link InvalidValue} naming the angle and its range. */
    public Pose {
        InvalidValue.requireWithin("torsoPitchDeg", torsoPitchDeg, -180, 180, "degrees");
        InvalidValue.requireWithin("torsoRollDeg", torsoRollDeg, -180, 180, "degrees");
        InvalidValue.requireWithin("planeOfElevationDeg", planeOfElevationDeg, -180, 180, "degrees");
        InvalidValue.requireWithin("elevationDeg", elevationDeg, -90, 180, "degrees");
        InvalidValue.requireWithin("axialRotationDeg", axialRotationDeg, -180, 180, "degrees");
        InvalidValue.requireWithin("elbowFlexionDeg", elbowFlexionDeg, -15, 160, "degrees");
    }

    /** The pose that lies at fraction {@code t} (0 to 1) of the way to {@code to}, angle by angle. */
    public Pose towards(Pose to, double t) {
        return new Pose(
                mix(torsoPitchDeg, to.torsoPitchDeg, t),
                mix(torsoRollDeg, to.torsoRollDeg, t),
                mix(planeOfElevationDeg, to.planeOfElevationDeg, t),
                mix(elevationDeg, to.elevationDeg, t),
                mix(axialRotationDeg, to.axialRotationDeg, t),
                mix(elbowFlexionDeg, to.elbowFlexionDeg, t));
    }

    /** How far the upper arm is behind the trunk, in degrees; 0 when it is level with it or in front. */
    public double extensionBehindTrunkDeg() {
        double forward = Math.sin(Math.toRadians(elevationDeg)) * Math.sin(Math.toRadians(planeOfElevationDeg));
        return forward < 0 ? Math.toDegrees(Math.asin(-forward)) : 0;
    }

    private static double mix(double from, double to, double t) {
        return from + (to - from) * t;
    }
}
