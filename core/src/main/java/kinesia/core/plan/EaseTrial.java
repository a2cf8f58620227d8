package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
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
import kinesia.core.exercise.ResistanceSpec;
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
    private @Nullable Demand demand;

    EaseTrial(Exercise exercise, Body body, Site site, Path path) {
        this.exercise = exercise;
        this.body = body;
        this.site = site;
        this.path = path;
    }

    /**
     * The way the arm goes, and where on it the sore place is; the same for every grip, implement, anchor and load. Frames
     * are worked out when first asked for.
     */
    static final class Path {
        private final ArmDimensions arm;
        private final ArmPlacer placer;
        private final Pose[] poses = new Pose[SAMPLES];
        private final @Nullable ArmFrame[] frames = new ArmFrame[SAMPLES];
        private final boolean[] there = new boolean[SAMPLES];
        private final boolean visits;
        private final double nearestDeg;
        private final Reach reach;
        private final Map<Pull, Demand> demands = new ConcurrentHashMap<>();

        Path(Movement movement, ArmDimensions arm, Site site, Pose sore) {
            this.arm = arm;
            this.placer = new ArmPlacer(arm);
            double nearest = Double.MAX_VALUE;
            for (int i = 0; i < SAMPLES; i++) {
                poses[i] = movement.at((double) i / (SAMPLES - 1));
                double away = awayDeg(poses[i], site, sore);
                there[i] = away <= WITHIN_DEG;
                nearest = Math.min(nearest, away);
            }
            nearestDeg = nearest;
            visits = nearest <= WITHIN_DEG;
            reach = Reach.of(poses);
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

    /** How near the arm comes to the sore pose, degrees; the larger of direction and turn for the shoulder's sites. */
    double nearestDeg() {
        return path.nearestDeg;
    }

    /** How far the upper arm goes behind, outward and up over the lift. */
    Reach reach() {
        return path.reach;
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

    /** Every site's largest stress anywhere in the lift. */
    Map<Site, Double> stressAnywhere(double loadKg, ExerciseModel.StressScale scale) {
        return scale.of(curve(loadKg), exercise);
    }

    /** The mean of the size of the muscle's demand over the lift (N.m). */
    double meanDemand(double loadKg) {
        return demand().mean(loadKg);
    }

    /** What it asks of the muscle at every load: the same for all grips and things held that pull alike. */
    Demand demand() {
        Demand known = demand;
        if (known == null) {
            known = path.demands.computeIfAbsent(
                    new Pull(exercise.resistance(), exercise.bodyWeightShare()), p -> new Demand(demand(0), demand(1)));
            demand = known;
        }
        return known;
    }

    private record Pull(ResistanceSpec resistance, double bodyWeightShare) {}

    /** Torques are linear in the load, whatever makes it: two curves say the mean at every load. */
    static final class Demand {
        private final double[] atNone;
        private final double[] perKg;

        private Demand(double[] atNone, double[] atOne) {
            this.atNone = atNone;
            this.perKg = new double[SAMPLES];
            for (int i = 0; i < SAMPLES; i++) {
                perKg[i] = atOne[i] - atNone[i];
            }
        }

        private double mean(double loadKg) {
            double sum = 0;
            for (int i = 0; i < SAMPLES; i++) {
                sum += Math.abs(atNone[i] + loadKg * perKg[i]);
            }
            return sum / SAMPLES;
        }
    }

    private double[] demand(double loadKg) {
        List<Resistance> forces = forces(loadKg);
        double[] demand = new double[SAMPLES];
        for (int i = 0; i < SAMPLES; i++) {
            demand[i] = ArmLoad.of(path.arm, path.frame(i), forces).elbowDemandNm();
        }
        return demand;
    }

    /** The furthest stretch of a band on the way, as length over free length; 0 without a band. */
    double bandStretch() {
        if (!(exercise.resistance() instanceof ResistanceSpec.Elastic band)) {
            return 0;
        }
        Vec3 anchor = band.anchor(body).orElseThrow();
        double free = (band.freeLength() - band.wrap()) * body.statureM();
        double most = 0;
        for (int i = 0; i < SAMPLES; i++) {
            most = Math.max(most, path.frame(i).grip().minus(anchor).norm());
        }
        return most / free;
    }

    LoadCurve curve(double loadKg) {
        List<Resistance> forces = forces(loadKg);
        List<Sample> samples = new ArrayList<>(SAMPLES);
        for (int i = 0; i < SAMPLES; i++) {
            ArmFrame frame = path.frame(i);
            samples.add(
                    new Sample((double) i / (SAMPLES - 1), path.poses[i], frame, ArmLoad.of(path.arm, frame, forces)));
        }
        return LoadCurve.of(samples, exercise.upperArmSupported());
    }

    private static double awayDeg(Pose pose, Site site, Pose sore) {
        if (!site.isShoulder()) {
            return Math.abs(pose.elbowFlexionDeg() - sore.elbowFlexionDeg());
        }
        double angle = Math.toDegrees(Math.acos(
                Math.max(-1, Math.min(1, direction(pose).dot(direction(sore))))));
        return Math.max(angle, Math.abs(pose.axialRotationDeg() - sore.axialRotationDeg()));
    }

    /** The furthest that an upper arm goes, degrees: behind the trunk, out from its side, and up from hanging. */
    record Reach(double behindDeg, double outDeg, double upDeg) {
        private static final double SAME_DEG = 0.5;
        private static final double OVERHEAD_DEG = 120;

        private static Reach of(Pose[] poses) {
            double behind = 0;
            double out = 0;
            double up = 0;
            for (Pose pose : poses) {
                behind = Math.max(behind, pose.extensionBehindTrunkDeg());
                out = Math.max(
                        out, Math.toDegrees(Math.asin(Math.abs(direction(pose).y()))));
                up = Math.max(up, Math.abs(pose.elevationDeg()));
            }
            return new Reach(behind, out, up);
        }

        /** Whether this goes further behind, out or up than {@code other}. */
        boolean isFurtherThan(Reach other) {
            return behindDeg > other.behindDeg + SAME_DEG
                    || outDeg > other.outDeg + SAME_DEG
                    || upDeg > other.upDeg + SAME_DEG;
        }

        boolean isOverhead() {
            return upDeg > OVERHEAD_DEG + SAME_DEG;
        }
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
