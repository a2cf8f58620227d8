package kinesia.core.exercise;

import java.util.EnumMap;
import java.util.Map;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Pose;

/** What an exercise gives and costs one client, from the arm model. Immutable; safe to share. */
public final class ExerciseModel {
    // What counts as equal effort [house].
    private static final double EQUAL_ELBOW_NM = 20;
    private static final double EQUAL_SHOULDER_NM = 35;
    private static final int HALVINGS = 13;
    private static final int COARSE_SAMPLES = 21;

    private static final double LARGEST_LOAD_KG = 80;

    private final Catalogue catalogue;
    private final StressWeights weights;

    public ExerciseModel(Catalogue catalogue, StressWeights weights) {
        this.catalogue = catalogue;
        this.weights = weights;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /** The load curve of one arm at {@code loadKg}; body-weight exercises carry their own share whatever is given. */
    public LoadCurve curve(Exercise exercise, Body body, double loadKg) {
        return curve(exercise, body, loadKg, LoadCurve.SAMPLES);
    }

    private static LoadCurve curve(Exercise exercise, Body body, double loadKg, int samples) {
        double carried = exercise.bodyWeightShare() > 0 ? exercise.bodyWeightShare() * body.massKg() : loadKg;
        return LoadCurve.of(
                body.arm(),
                exercise.movement(),
                exercise.resistance().forLoad(carried, body),
                exercise.upperArmSupported(),
                samples);
    }

    /**
     * The load (0 to 80 kg, to about 0.01 kg) that asks the usual effort: peak elbow demand 20 N.m or, where a press meets the shoulder's
     * strength first, peak shoulder torque 35 N.m, whichever comes first. Used to compare exercises before any load is
     * known.
     */
    public double equalEffortLoad(Exercise exercise, Body body) {
        if (exercise.bodyWeightShare() > 0) {
            return 0; // it carries its share of the body whatever is asked
        }
        double low = 0;
        double high = LARGEST_LOAD_KG;
        for (int i = 0; i < HALVINGS; i++) {
            double mid = (low + high) / 2;
            if (asksLess(curve(exercise, body, mid, COARSE_SAMPLES).summary())) {
                low = mid;
            } else {
                high = mid;
            }
        }
        return (low + high) / 2;
    }

    private static boolean asksLess(LoadCurve.Summary summary) {
        Double shoulder = summary.peakShoulderNm();
        return Math.abs(summary.peakDemandNm()) < EQUAL_ELBOW_NM && (shoulder == null || shoulder < EQUAL_SHOULDER_NM);
    }

    /** Share of a hard set that each head receives, scaled by how evenly the movement loads. */
    public Map<Head, Double> stimulus(Exercise exercise, LoadCurve curve) {
        Map<Head, Double> result = new EnumMap<>(Head.class);
        exercise.stimulus().forEach((head, share) -> result.put(head, share * curve.evenness()));
        return result;
    }

    /** The references of every site for one body; makes the stress of many exercises cheap. */
    public StressScale stressScale(Body body) {
        Map<Site, Double> references = new EnumMap<>(Site.class);
        Map<String, LoadCurve> curves = new java.util.HashMap<>();
        for (Site site : Site.values()) {
            Exercise reference = catalogue.get(weights.reference(site));
            LoadCurve curve = curves.computeIfAbsent(
                    reference.key(), k -> curve(reference, body, equalEffortLoad(reference, body)));
            references.put(site, raw(reference, curve, site));
        }
        return new StressScale(body, references);
    }

    /** Stress at each site at the usual effort, relative to the site's reference exercise at the same effort (1.0). */
    public Map<Site, Double> stress(Exercise exercise, Body body) {
        return stressScale(body).of(curve(exercise, body, equalEffortLoad(exercise, body)), exercise);
    }

    /** Stress of exercises for one body, relative to the references at equal effort. */
    public final class StressScale {
        private final Body body;
        private final Map<Site, Double> references;

        private StressScale(Body body, Map<Site, Double> references) {
            this.body = body;
            this.references = references;
        }

        /** Stress at each site of {@code exercise} with the given curve, which belongs to the same body. */
        public Map<Site, Double> of(LoadCurve curve, Exercise exercise) {
            Map<Site, Double> result = new EnumMap<>(Site.class);
            references.forEach((site, reference) -> result.put(site, raw(exercise, curve, site) / reference));
            return result;
        }

        public Body body() {
            return body;
        }
    }

    private double raw(Exercise exercise, LoadCurve curve, Site site) {
        double worst = 0;
        for (Sample sample : curve.samples()) {
            worst = Math.max(worst, raw(exercise, curve.upperArmSupported(), sample, site));
        }
        return worst;
    }

    private double raw(Exercise exercise, boolean supported, Sample sample, Site site) {
        Pose pose = sample.pose();
        double force = sample.load().resistance().norm();
        // What is pushed through the palm needs less grip than what hangs from the fingers.
        double grip = force
                - weights.gripSparedByPushing() * Math.max(0, -sample.load().axialForceN());
        double demand = sample.load().elbowDemandNm();
        // With a pad the shoulder's torque is not known; the pad carries it, and a small stand-in for holding still
        // stays.
        double shoulder = supported
                ? weights.paddedShoulderShare() * Math.abs(demand)
                : sample.load().shoulderTorqueNm();
        double bend = Math.max(0, pose.elbowFlexionDeg());
        double behind = pose.extensionBehindTrunkDeg();
        double raised = Math.abs(pose.elevationDeg());
        boolean palmUp = exercise.grip() == Grip.PALM_UP || exercise.grip() == Grip.TURNING;
        return switch (site) {
            case OUTER_ELBOW -> grip * weights.outerElbow(exercise.grip());
            case INNER_ELBOW -> grip * weights.innerElbow(exercise.grip(), exercise.implement());
            case WRIST -> force * weights.wrist(exercise.implement());
            case BACK_OF_ELBOW ->
                Math.max(0, -demand)
                        * (1 + weights.backElbowPer90Bend() * bend / 90)
                        * (1 + weights.backElbowPer180Raised() * raised / 180);
            case CROOK_OF_ELBOW ->
                Math.max(0, demand)
                        * (1 + weights.crookStraight() * Math.max(0, 60 - bend) / 60)
                        * (palmUp ? 1 : weights.crookNotPalmUp());
            case FRONT_OF_SHOULDER ->
                shoulder
                        + weights.frontShoulderBehindPer45()
                                * (Math.abs(demand) + weights.frontShoulderPerNewtonBehind() * force)
                                * behind
                                / 45;
            case TOP_OUTER_SHOULDER -> shoulder * (weights.topOuterAtSide() + raised / 90);
            case TOP_JOINT_OF_SHOULDER ->
                Math.max(0, -sample.load().axialForceN()) * (weights.topJointPress() + behind / 45)
                        + weights.topJointAnyForce() * force;
        };
    }
}
