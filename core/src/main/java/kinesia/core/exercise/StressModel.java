package kinesia.core.exercise;

import java.util.Arrays;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Pose;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** Turns the model's torques and forces at one moment into stress at a site, with the [house] weights, unscaled. */
final class StressModel {
    private final StressWeights weights;

    StressModel(StressWeights weights) {
        this.weights = weights;
    }

    /** The largest over the movement at one site. */
    double raw(Exercise exercise, LoadCurve curve, Site site) {
        return raw(exercise, curve.upperArmSupported(), worst(exercise, curve)[index(site)], site);
    }

    /** The moment where each site's stress is largest, in the order of the sites; the first of equals. */
    Sample[] worst(Exercise exercise, LoadCurve curve) {
        Site[] sites = Site.values();
        Sample[] worst = new Sample[sites.length];
        double[] most = new double[sites.length];
        Arrays.fill(most, Double.NEGATIVE_INFINITY);
        for (Sample sample : curve.samples()) {
            Moment moment = new Moment(exercise, curve.upperArmSupported(), sample);
            for (int i = 0; i < sites.length; i++) {
                double stress = moment.at(sites[i]);
                if (stress > most[i]) {
                    most[i] = stress;
                    worst[i] = sample;
                }
            }
        }
        return worst;
    }

    double raw(Exercise exercise, boolean supported, Sample sample, Site site) {
        return new Moment(exercise, supported, sample).at(site);
    }

    static int index(Site site) {
        return Arrays.asList(Site.values()).indexOf(site);
    }

    /** One moment's torques and forces, worked out once for all sites. */
    private final class Moment {
        private final Exercise exercise;
        private final Sample sample;
        private final double force;
        private final double pushed;
        private final double demand;
        private final double shoulder;
        private final double bend;
        private final double raised;
        private final double behind;

        Moment(Exercise exercise, boolean supported, Sample sample) {
            this.exercise = exercise;
            this.sample = sample;
            this.force = sample.load().resistance().norm();
            this.pushed = Math.max(0, -sample.load().axialForceN());
            this.demand = sample.load().elbowDemandNm();
            this.shoulder = shoulder(supported, sample);
            Pose pose = sample.pose();
            this.bend = Math.max(0, pose.elbowFlexionDeg());
            this.raised = Math.abs(pose.elevationDeg());
            this.behind = pose.extensionBehindTrunkDeg();
        }

        double at(Site site) {
            return switch (site) {
                case OUTER_ELBOW -> grip(force, pushed) * weights.outerElbow(exercise.grip());
                case INNER_ELBOW -> grip(force, pushed) * weights.innerElbow(exercise.grip(), exercise.implement());
                case WRIST -> force * weights.wrist(exercise.implement()) * (1 + bentSideways(exercise, sample));
                case BACK_OF_ELBOW ->
                    Math.max(0, -demand)
                            * (1 + weights.backElbowPer90Bend() * bend / 90)
                            * (1 + weights.backElbowPer180Raised() * raised / 180);
                case CROOK_OF_ELBOW ->
                    Math.max(0, demand)
                            * (1 + weights.crookStraight() * Math.max(0, 60 - bend) / 60)
                            * (isPalmUp(exercise) ? 1 : weights.crookNotPalmUp());
                case FRONT_OF_SHOULDER ->
                    shoulder
                            + weights.frontShoulderBehindPer45()
                                    * (Math.abs(demand) + weights.frontShoulderPerNewtonBehind() * force)
                                    * behind
                                    / 45;
                case TOP_OUTER_SHOULDER -> shoulder * (weights.topOuterAtSide() + raised / 90);
                case TOP_JOINT_OF_SHOULDER ->
                    pushed * (weights.topJointPress() + behind / 45) + weights.topJointAnyForce() * force;
            };
        }
    }

    // What is pushed through the palm needs less grip than what hangs from the fingers.
    private double grip(double force, double pushed) {
        return force - weights.gripSparedByPushing() * Math.min(pushed, force);
    }

    // With a pad the shoulder's torque is not known: the pad carries it, and a small stand-in for holding still stays.
    private double shoulder(boolean supported, Sample sample) {
        return supported
                ? weights.paddedShoulderShare() * Math.abs(sample.load().elbowDemandNm())
                : sample.load().shoulderTorqueNm();
    }

    // A bar lies across the body: a forearm that leans out of the plane across it bends the wrist sideways.
    private double bentSideways(Exercise exercise, Sample sample) {
        if (!exercise.implement().isBar()) {
            return 0;
        }
        double lean = Math.toDegrees(
                Math.asin(Math.min(1, Math.abs(sample.frame().forearm().z()))));
        return weights.wristPer30Deviation() * lean / 30;
    }

    private static boolean isPalmUp(Exercise exercise) {
        return exercise.grip() == Grip.PALM_UP || exercise.grip() == Grip.TURNING;
    }

    /** Why the stress is {@code value} times the reference's. */
    Reason reason(Exercise exercise, LoadCurve curve, Sample worst, Site site, double value, String reference) {
        String times = Numbers.plain(value, 1);
        String where = "at " + Numbers.plain(worst.pose().elbowFlexionDeg(), 0) + " degrees of bend";
        String made = made(exercise, curve.upperArmSupported(), worst, site);
        return Reason.of(
                        "STRESS-" + site.words().replace(' ', '-'),
                        Tag.HOUSE,
                        "1.0 = " + reference + " at the usual effort",
                        "The " + site.words() + " takes " + times + " times what the reference asks of it, most "
                                + where + ": " + made + ".",
                        value >= 1.2
                                ? "This one leans on your " + site.words() + " more than most."
                                : value >= 0.5
                                        ? "Your " + site.words() + " does some work in this one."
                                        : "Your " + site.words() + " has an easy time in this one.")
                .with("elbow demand", Numbers.plain(worst.load().elbowDemandNm(), 1) + " N.m")
                .with(
                        "shoulder torque",
                        curve.upperArmSupported()
                                ? "carried by the pad"
                                : Numbers.plain(worst.load().shoulderTorqueNm(), 1) + " N.m")
                .with(
                        "force in the hand",
                        Numbers.plain(worst.load().resistance().norm(), 0) + " N")
                .with("bend", Numbers.plain(worst.pose().elbowFlexionDeg(), 0) + " degrees")
                .with("stress", times);
    }

    private String made(Exercise exercise, boolean supported, Sample worst, Site site) {
        Pose pose = worst.pose();
        String force = Numbers.plain(worst.load().resistance().norm(), 0) + " N in the hand";
        String demand = Numbers.plain(Math.abs(worst.load().elbowDemandNm()), 0) + " N.m at the elbow";
        String torque = supported
                ? "the pad carries the shoulder"
                : Numbers.plain(worst.load().shoulderTorqueNm(), 0) + " N.m at the shoulder";
        String behind = pose.extensionBehindTrunkDeg() > 1
                ? " with the upper arm " + Numbers.plain(pose.extensionBehindTrunkDeg(), 0)
                        + " degrees behind the trunk"
                : "";
        String raised = " with the upper arm raised " + Numbers.plain(Math.abs(pose.elevationDeg()), 0) + " degrees";
        return switch (site) {
            case OUTER_ELBOW, INNER_ELBOW ->
                force + ", held " + exercise.grip().words() + " on a "
                        + exercise.implement().words();
            case WRIST -> force + " on a " + exercise.implement().words();
            case BACK_OF_ELBOW -> demand + raised;
            case CROOK_OF_ELBOW -> demand + ", held " + exercise.grip().words();
            case FRONT_OF_SHOULDER -> torque + behind;
            case TOP_OUTER_SHOULDER -> torque + raised;
            case TOP_JOINT_OF_SHOULDER ->
                Numbers.plain(Math.max(0, -worst.load().axialForceN()), 0) + " N pushed through the arm" + behind;
        };
    }
}
