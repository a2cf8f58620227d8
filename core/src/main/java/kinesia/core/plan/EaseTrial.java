package kinesia.core.plan;

import java.util.List;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.ArmLoad;
import kinesia.core.arm.ArmPlacer;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Resistance;
import kinesia.core.arm.Vec3;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Site;
import org.jspecify.annotations.Nullable;

/**
 * One way of doing an exercise, measured at the sore place and for the muscle. The place of an elbow or wrist site is an
 * elbow bend, that of a shoulder site a direction and turn of the upper arm against the trunk; a pose is there within 10
 * degrees.
 */
final class EaseTrial {
    private static final double WITHIN_DEG = 10;
    private static final int SAMPLES = LoadCurve.SAMPLES;

    private final Exercise exercise;
    private final Body body;
    private final Site site;
    private final Path path;

    EaseTrial(Exercise exercise, Body body, Site site, Path path) {
        this.exercise = exercise;
        this.body = body;
        this.site = site;
        this.path = path;
    }

    /**
     * The way the arm goes, and where on it the sore place is; the same for every grip, implement, anchor and load. Frames
     * are worked out when first asked for. Not for sharing between threads.
     */
    static final class Path {
        private final ArmDimensions arm;
        private final ArmPlacer placer;
        private final Pose[] poses = new Pose[SAMPLES];
        private final @Nullable ArmFrame[] frames = new ArmFrame[SAMPLES];
        private final boolean[] there = new boolean[SAMPLES];
        private final boolean visits;

        Path(Movement movement, ArmDimensions arm, Site site, Pose sore) {
            this.arm = arm;
            this.placer = new ArmPlacer(arm);
            boolean any = false;
            for (int i = 0; i < SAMPLES; i++) {
                poses[i] = movement.at((double) i / (SAMPLES - 1));
                there[i] = isThere(poses[i], site, sore);
                any |= there[i];
            }
            visits = any;
        }

        private ArmFrame frame(int i) {
            ArmFrame frame = frames[i];
            if (frame == null) {
                frame = placer.place(poses[i]);
                frames[i] = frame;
            }
            return frame;
        }
    }

    Exercise exercise() {
        return exercise;
    }

    /** Whether the sore pose is still passed through. */
    boolean visits() {
        return path.visits;
    }

    /** The largest demand at the sore place (N.m): of the shoulder for its sites, else of the elbow. */
    double demandThere(double loadKg) {
        List<Resistance> forces = forces(loadKg);
        double most = 0;
        for (int i = 0; i < SAMPLES; i++) {
            if (path.there[i]) {
                ArmLoad load = ArmLoad.of(path.arm, path.frame(i), forces);
                most = Math.max(
                        most,
                        site.isShoulder() && !exercise.upperArmSupported()
                                ? load.shoulderTorqueNm()
                                : Math.abs(load.elbowDemandNm()));
            }
        }
        return most;
    }

    /** The largest stress of the site at the sore place. */
    double stressThere(double loadKg, ExerciseModel.StressScale scale) {
        List<Resistance> forces = forces(loadKg);
        double most = 0;
        for (int i = 0; i < SAMPLES; i++) {
            if (path.there[i]) {
                ArmLoad load = ArmLoad.of(path.arm, path.frame(i), forces);
                Sample sample = new Sample((double) i / (SAMPLES - 1), path.poses[i], path.frame(i), load);
                most = Math.max(most, scale.at(sample, exercise.upperArmSupported(), exercise, site));
            }
        }
        return most;
    }

    /** The site's largest stress anywhere in the lift. */
    double stressAnywhere(double loadKg, ExerciseModel.StressScale scale) {
        return java.util.Objects.requireNonNull(
                scale.of(curve(loadKg), exercise).get(site));
    }

    /** The muscle's mean demand over the lift (N.m), with its sign. */
    double meanDemand(double loadKg) {
        List<Resistance> forces = forces(loadKg);
        double sum = 0;
        for (int i = 0; i < SAMPLES; i++) {
            sum += ArmLoad.of(path.arm, path.frame(i), forces).elbowDemandNm();
        }
        return sum / SAMPLES;
    }

    LoadCurve curve(double loadKg) {
        return LoadCurve.of(path.arm, exercise.movement(), forces(loadKg), exercise.upperArmSupported());
    }

    private static boolean isThere(Pose pose, Site site, Pose sore) {
        if (!site.isShoulder()) {
            return Math.abs(pose.elbowFlexionDeg() - sore.elbowFlexionDeg()) <= WITHIN_DEG;
        }
        double angle = Math.toDegrees(Math.acos(
                Math.max(-1, Math.min(1, direction(pose).dot(direction(sore))))));
        return angle <= WITHIN_DEG && Math.abs(pose.axialRotationDeg() - sore.axialRotationDeg()) <= WITHIN_DEG;
    }

    /** The upper arm against the trunk, whatever way the trunk lies. */
    private static Vec3 direction(Pose pose) {
        double elevation = Math.toRadians(pose.elevationDeg());
        double plane = Math.toRadians(pose.planeOfElevationDeg());
        return new Vec3(
                -Math.cos(elevation), Math.sin(elevation) * Math.cos(plane), Math.sin(elevation) * Math.sin(plane));
    }

    private List<Resistance> forces(double loadKg) {
        return exercise.resistance().forLoad(ExerciseModel.carriedKg(exercise, body, loadKg), body);
    }
}
