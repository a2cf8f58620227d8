package kinesia.core.exercise;

import java.util.Arrays;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Vec3;
import kinesia.core.exercise.StressWeights.Weight;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/**
 * Turns the model's torques and forces at one moment into what the tissue at a place holds, with the [house] weights, before it
 * is divided by the place's reference. Signed: lifting an arm and holding it down are different work for different muscles.
 */
final class StressModel {
    private static final double STRAIGHT_UP_TO_DEG = 30;
    private static final double STRAIGHT_FADES_DEG = 10;
    private static final double QUARTER_TURN_DEG = 45;
    private static final double RIGHT_ANGLE_DEG = 90;

    private final StressWeights weights;
    private final Measure measure;

    /**
     * What torques and forces are measured in: those of the reference curl at the client's own strength.
     *
     * @param torqueNm its peak at the elbow
     * @param forceN in the hand
     * @param arm the client's
     */
    record Measure(double torqueNm, double forceN, ArmDimensions arm) {}

    StressModel(StressWeights weights, Measure measure) {
        this.weights = weights;
        this.measure = measure;
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
        boolean flatHands = exercise.isOnFlatHands();
        for (Sample sample : curve.samples()) {
            Moment moment = new Moment(exercise, curve.upperArmSupported(), flatHands, sample);
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
        return new Moment(exercise, supported, exercise.isOnFlatHands(), sample).at(site);
    }

    static int index(Site site) {
        return Arrays.asList(Site.values()).indexOf(site);
    }

    /** One moment's torques and forces, worked out once for all sites. */
    private final class Moment {
        private final Exercise exercise;
        private final Sample sample;
        private final double force;
        private final double push;
        private final double along;
        private final double flexors;
        private final double extensors;
        private final double lift;
        private final double hold;
        private final double rest;
        private final double torque;
        private final double carried;
        private final double bend;
        private final double raised;
        private final double behind;
        private final boolean flatHands;

        Moment(Exercise exercise, boolean supported, boolean flatHands, Sample sample) {
            this.exercise = exercise;
            this.flatHands = flatHands;
            this.sample = sample;
            this.force = sample.load().resistance().norm();
            this.push = Math.min(
                    force,
                    Math.max(0, -sample.load().resistance().dot(sample.frame().forearm())));
            this.along = force == 0 ? 0 : push / force;
            this.flexors = Math.max(0, sample.load().elbowDemandNm());
            this.extensors = Math.max(0, -sample.load().elbowDemandNm());
            this.carried =
                    supported ? weights.of(Weight.PADDED) : exercise.traits().braced() ? weights.of(Weight.BRACED) : 1;
            // With a pad the shoulder's own torque is not known: what the pad leaves of the elbow's stands in for it.
            this.torque = supported
                    ? Math.abs(sample.load().elbowDemandNm())
                    : sample.load().shoulderTorqueNm();
            double raising = supported ? -torque : sample.load().shoulderElevationNm();
            Pose pose = sample.pose();
            // Behind the plane the same axis lowers the arm toward the back; lifting forward is what counts.
            this.lift = Math.max(0, -raising);
            this.hold = Math.max(0, raising);
            this.rest = Math.sqrt(Math.max(0, torque * torque - raising * raising));
            this.bend = Math.max(0, pose.elbowFlexionDeg());
            this.raised = Math.abs(pose.elevationDeg());
            this.behind = pose.extensionBehindTrunkDeg() / QUARTER_TURN_DEG;
        }

        double at(Site site) {
            return switch (site) {
                case FRONT_OF_SHOULDER -> frontOfShoulder();
                case TOP_OUTER_SHOULDER -> topOuterShoulder();
                case TOP_JOINT_OF_SHOULDER -> topJoint();
                case OUTER_ELBOW -> grip(exercise.traits().looped() ? 1 : weights.gripKind(exercise.grip()));
                case INNER_ELBOW -> innerElbow();
                case BACK_OF_ELBOW ->
                    extensors
                            / measure.torqueNm()
                            * (1 + weights.of(Weight.BACK_BEND) * bend / RIGHT_ANGLE_DEG)
                            * (1 + weights.of(Weight.BACK_RAISED) * Math.min(1, raised / 120));
                case CROOK_OF_ELBOW -> crook();
                case WRIST -> wrist();
            };
        }

        private double frontOfShoulder() {
            double held = lift * (1 - weights.of(Weight.LIFT_SPARED_BY_PUSH) * along * along)
                    + weights.of(Weight.FRONT_BACK) * hold
                    + weights.of(Weight.FRONT_REST) * rest;
            double stretched = weights.of(Weight.FRONT_BEHIND_FLEXORS) * flexors
                    + weights.of(Weight.FRONT_BEHIND_PUSH)
                            * push
                            * along
                            * along
                            * measure.arm().gripDistanceM();
            double lean = leans() ? weights.of(Weight.FRONT_LEANING) : 1;
            return (carried * lean * held + behind * stretched) / measure.torqueNm();
        }

        private double topOuterShoulder() {
            double arc = ramp(raised, 50, 70) - ramp(raised, 120, 180);
            double turn = inwardTurnDeg() / QUARTER_TURN_DEG;
            double held = lift
                            * (1 - weights.of(Weight.TOP_SPARED_BY_PUSH) * along * along)
                            * (1 + weights.of(Weight.TOP_ARC) * arc)
                            * (1 + weights.of(Weight.TOP_TURN) * turn)
                    + weights.of(Weight.TOP_BACK) * hold
                    + weights.of(Weight.TOP_RAISED_EXTENSORS) * extensors * Math.max(0, raised - 50);
            return carried * held / measure.torqueNm();
        }

        private double topJoint() {
            double pressed = (leans() ? weights.of(Weight.JOINT_LEANING) : 1)
                    * push
                    / measure.forceN()
                    * ramp(along, 0.9, 0.95)
                    * (1 + weights.of(Weight.JOINT_BEHIND) * behind);
            double across = weights.of(Weight.JOINT_ACROSS) * across() * (1 + raised / RIGHT_ANGLE_DEG) * torque;
            double overhead = ramp(raised, 90, 165)
                    * (weights.of(Weight.JOINT_OVERHEAD) * torque
                            + weights.of(Weight.JOINT_RAISED_ARM) * measure.torqueNm());
            double stretched = weights.of(Weight.JOINT_BEHIND_FLEXORS) * behind * flexors;
            return carried * (pressed + (across + overhead) / measure.torqueNm()) + stretched / measure.torqueNm();
        }

        private double innerElbow() {
            boolean turnedUp = exercise.grip() == Grip.PALM_UP || exercise.grip() == Grip.TURNING;
            return grip(1)
                    * weights.freedom(exercise.implement())
                    * (turnedUp ? 1 : weights.of(Weight.INNER_NOT_PALM_UP))
                    * (1
                            + weights.of(Weight.INNER_BENT) * ramp(bend, 80, 110)
                            + weights.of(Weight.INNER_RAISED) * ramp(raised, 90, 135));
        }

        private double crook() {
            double towardStraight = Math.max(0, 60 - bend) / 60;
            double turned = switch (exercise.grip()) {
                case PALM_UP, TURNING -> 1;
                case NEUTRAL -> weights.of(Weight.CROOK_NEUTRAL);
                case PALM_DOWN -> weights.of(Weight.CROOK_PALM_DOWN);
            };
            return flexors
                    / measure.torqueNm()
                    / StrengthCurve.at(Head.Group.FLEXORS, bend)
                    * (1 + weights.of(Weight.CROOK_STRAIGHT) * towardStraight * towardStraight)
                    * (1 + weights.of(Weight.CROOK_BEHIND) * behind)
                    * turned;
        }

        private double wrist() {
            if (exercise.traits().looped()) {
                return weights.of(Weight.WRIST_LOOPED) * force / measure.forceN();
            }
            boolean bar = exercise.implement().isBar();
            double acrossForce = Math.sqrt(Math.max(0, force * force - push * push));
            double lean = bar ? Math.abs(sample.frame().forearm().z()) / weights.of(Weight.WRIST_LEAN) : 0;
            double pushed = (exercise.traits().straightWrist()
                            ? weights.of(Weight.WRIST_STRAIGHT)
                            : weights.of(Weight.WRIST_PUSH))
                    + (bar ? weights.of(Weight.WRIST_BAR_PUSH) * (1 + lean) : 0)
                    + (openHand() ? weights.of(Weight.WRIST_FLAT_HAND) : 0);
            return (acrossForce * (bar ? weights.of(Weight.WRIST_BAR) : 1) + push * pushed) / measure.forceN();
        }

        /** Force that fingers have to hold; {@code kind} is what the kind of grip makes of it. */
        private double grip(double kind) {
            if (exercise.traits().looped()) {
                return weights.of(Weight.LOOPED_GRIP) * force / measure.forceN();
            }
            if (openHand() || exercise.traits().straightWrist()) {
                return weights.of(Weight.OPEN_HAND_GRIP) * force / measure.forceN();
            }
            double straight = 1
                    + (weights.of(Weight.STRAIGHT_ELBOW_GRIP) - 1)
                            * (1 - ramp(bend, STRAIGHT_UP_TO_DEG, STRAIGHT_UP_TO_DEG + STRAIGHT_FADES_DEG));
            return Math.max(0, force - weights.of(Weight.GRIP_SPARED_BY_PUSH) * push)
                    / measure.forceN()
                    * kind
                    * straight;
        }

        /** A body that leans on its hands, the shoulder blade free. */
        private boolean leans() {
            return exercise.resistance() instanceof ResistanceSpec.Leaning;
        }

        /** A hand that lies flat against wall, edge or floor. */
        private boolean openHand() {
            return flatHands;
        }

        /** How far the hand reaches across the body: 0 up to its middle, 1 before the other breast. */
        private double across() {
            Vec3 outward = sample.frame().trunkFront().cross(sample.frame().trunkUp());
            double inward = -sample.frame().grip().dot(outward) / measure.arm().gripDistanceM();
            return ramp(inward, 0.5, 0.75);
        }

        /** The clinical inward rotation of a raised arm, degrees; a hanging arm has none that counts. */
        private double inwardTurnDeg() {
            Pose pose = sample.pose();
            return raised <= QUARTER_TURN_DEG
                    ? 0
                    : Math.max(0, Math.IEEEremainder(pose.axialRotationDeg() - pose.planeOfElevationDeg(), 360));
        }
    }

    /** 0 up to {@code from}, 1 from {@code to} on, a straight line between. */
    private static double ramp(double x, double from, double to) {
        return Math.max(0, Math.min(1, (x - from) / (to - from)));
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
