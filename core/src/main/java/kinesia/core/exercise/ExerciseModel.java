package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Resistance;

/** What an exercise gives and costs one client, from the arm model. Immutable; safe to share. */
public final class ExerciseModel {
    private static final int COARSE_SAMPLES = 21;
    private static final double LARGEST_LOAD_KG = 80;
    // Warm-up and cool-down moves carry next to nothing [practice].
    private static final double LIGHT_KG = 1;
    private static final double MOST_CURLS = 2;
    /** A press asks of the shoulder at most this many times what the curl does, until more is known [house]. */
    public static final double PRESS_OVER_CURL_AT_SHOULDER = 2;

    private static final double NOTHING = 1e-9;
    private static final double LEAST = 0.1;

    private final Catalogue catalogue;
    private final StressWeights weights;
    private final StimulusRules stimulus;
    private final BareCurves bare;

    public ExerciseModel(Catalogue catalogue, StressWeights weights, StimulusRules stimulus) {
        this(catalogue, weights, stimulus, new BareCurves());
    }

    private ExerciseModel(Catalogue catalogue, StressWeights weights, StimulusRules stimulus, BareCurves bare) {
        this.catalogue = catalogue;
        this.weights = weights;
        this.stimulus = stimulus;
        this.bare = bare;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /** The same rules over another catalogue, which must still hold the references. */
    public ExerciseModel with(Catalogue other) {
        return new ExerciseModel(other, weights, stimulus, bare);
    }

    /** How little the implement lets the forearm turn; less is freer. */
    public double freedom(Exercise exercise) {
        return weights.freedom(exercise.implement());
    }

    /** The key of the curl that most stress is measured against. */
    public String referenceCurl() {
        return weights.curl();
    }

    public StimulusRules stimulusRules() {
        return stimulus;
    }

    /** The load curve of one arm at {@code loadKg}; body-weight exercises carry their own share whatever is given. */
    public LoadCurve curve(Exercise exercise, Body body, double loadKg) {
        return curve(exercise, body, body.arm(), loadKg, LoadCurve.SAMPLES);
    }

    private LoadCurve curve(Exercise exercise, Body body, ArmDimensions arm, double loadKg, int samples) {
        return bare.of(arm, exercise.movement())
                .under(
                        arm,
                        exercise.resistance().forLoad(carriedKg(exercise, body, loadKg), body),
                        exercise.upperArmSupported(),
                        (LoadCurve.SAMPLES - 1) / (samples - 1));
    }

    /** What both hands carry together: the given load, or the body's share. */
    public static double carriedKg(Exercise exercise, Body body, double loadKg) {
        return exercise.bodyWeightShare() > 0 ? exercise.bodyWeightShare() * body.massKg() : loadKg;
    }

    /**
     * The load (0 to 80 kg) at which {@code exercise} just reaches the same share of what {@code strength} holds as any other
     * does; used to compare exercises before a load is known. Torques are linear in the load, so it is solved at each sample.
     */
    public double equalEffortLoad(Exercise exercise, Body body, ElbowStrength strength) {
        if (exercise.bodyWeightShare() > 0 || exercise.resistance() instanceof ResistanceSpec.Unloaded) {
            return 0; // it carries its share of the body, or nothing, whatever is asked
        }
        if (exercise.role() == Role.WARM_UP || exercise.role() == Role.COOL_DOWN) {
            return LIGHT_KG;
        }
        boolean shoulderWork = exercise.role() == Role.COMPANION || exercise.role() == Role.CARE;
        if (!shoulderWork && !exercise.isPressing()) {
            return loadReaching(exercise, body, strength, Double.MAX_VALUE);
        }
        Exercise curl = catalogue.get(weights.curl());
        double curlKg = loadReaching(curl, body, strength, Double.MAX_VALUE);
        if (exercise.isPressing()) {
            // A forearm along the line of push asks so little of the elbow that the shoulder is what ends it.
            return loadReaching(exercise, body, strength, PRESS_OVER_CURL_AT_SHOULDER * shoulderNm(curl, body, curlKg));
        }
        // A shoulder exercise is compared where the shoulder carries what it does in the curl.
        return Math.min(MOST_CURLS * curlKg, loadReaching(exercise, body, strength, shoulderNm(curl, body, curlKg)));
    }

    /** What {@code exercise} asks of the shoulder with {@code kg} (N.m); where a pad carries the arm, as much as there is. */
    public double shoulderNm(Exercise exercise, Body body, double kg) {
        Double peak = curve(exercise, body, kg).summary().peakShoulderNm();
        return peak == null ? Double.MAX_VALUE : peak;
    }

    /**
     * The load (0 to 80 kg) that asks all of {@code strength} at the elbow or {@code shoulderNm} of the shoulder at some moment,
     * whichever is met first; the shoulder is not asked where a pad carries the upper arm.
     */
    public double loadReaching(Exercise exercise, Body body, ElbowStrength strength, double shoulderNm) {
        ArmDimensions arm = body.arm();
        boolean asksShoulder = !exercise.upperArmSupported() && shoulderNm < Double.MAX_VALUE;
        LoadCurve unloaded = curve(exercise, body, arm, 0, COARSE_SAMPLES);
        List<Sample> none = unloaded.samples();
        List<Sample> one =
                unloaded.under(arm, exercise.resistance().forLoad(1, body)).samples();
        List<Sample> two = asksShoulder
                ? unloaded.under(arm, exercise.resistance().forLoad(2, body)).samples()
                : List.of();
        double load = LARGEST_LOAD_KG;
        for (int i = 0; i < COARSE_SAMPLES; i++) {
            double own = none.get(i).load().elbowDemandNm();
            double perKg = one.get(i).load().elbowDemandNm() - own;
            double bend = none.get(i).pose().elbowFlexionDeg();
            Head.Group asked = perKg >= 0 ? Head.Group.FLEXORS : Head.Group.EXTENSORS;
            if (Math.abs(perKg) > NOTHING) {
                double signed = perKg >= 0 ? own : -own;
                load = Math.min(load, Math.max(0, (strength.at(asked, bend) - signed) / Math.abs(perKg)));
            }
            if (asksShoulder) {
                double a = square(none.get(i).load().shoulderTorqueNm());
                double b = square(one.get(i).load().shoulderTorqueNm());
                double c = square(two.get(i).load().shoulderTorqueNm());
                double curvature = (c - 2 * b + a) / 2;
                load = Math.min(load, reaching(a, b - a - curvature, curvature, shoulderNm));
            }
        }
        return load;
    }

    /** The share of {@code strength} that the movement asks at its hardest moment; over 1 is more than there is. */
    public static double askedShare(LoadCurve curve, ElbowStrength strength) {
        double most = 0;
        for (Sample sample : curve.samples()) {
            double demand = sample.load().elbowDemandNm();
            Head.Group asked = demand >= 0 ? Head.Group.FLEXORS : Head.Group.EXTENSORS;
            most = Math.max(
                    most, Math.abs(demand) / strength.at(asked, sample.pose().elbowFlexionDeg()));
        }
        return most;
    }

    /** The smallest load of 0 or more at which a + b x + c x2 reaches the square of {@code most}. */
    private static double reaching(double a, double b, double c, double most) {
        double missing = a - most * most;
        if (missing >= 0) {
            return 0;
        }
        if (c < 1e-12) {
            return LARGEST_LOAD_KG;
        }
        return (-b + Math.sqrt(b * b - 4 * c * missing)) / (2 * c);
    }

    private static double square(double value) {
        return value * value;
    }

    /**
     * Share of a hard set that each head receives, scaled by how evenly the movement loads and by how much of {@code strength} it
     * really asks; {@code longLength} adds up to a tenth for load where the muscle is long, which is contested.
     */
    public Map<Head, Double> stimulus(Exercise exercise, LoadCurve curve, ElbowStrength strength, boolean longLength) {
        return stimulus.given(exercise, curve, Math.min(1, askedShare(curve, strength)), longLength);
    }

    /** What stress of one client is measured by, from what that client holds; makes the stress of many exercises cheap. */
    public StressScale stressScale(Body body, ElbowStrength strength) {
        Map<String, LoadCurve> curves = new HashMap<>();
        Exercise curl = catalogue.get(weights.curl());
        double curlKg = equalEffortLoad(curl, body, strength);
        LoadCurve curlCurve = curve(curl, body, curlKg);
        curves.put(curl.key(), curlCurve);
        StressModel stress = new StressModel(
                weights,
                new StressModel.Measure(
                        Math.max(LEAST, Math.abs(curlCurve.summary().peakDemandNm())),
                        Math.max(LEAST, curlKg * Resistance.GRAVITY),
                        body.arm()));
        Map<Site, Double> references = new EnumMap<>(Site.class);
        for (Site site : Site.values()) {
            Exercise reference = catalogue.get(weights.reference(site));
            LoadCurve curve = curves.computeIfAbsent(
                    reference.key(), k -> curve(reference, body, equalEffortLoad(reference, body, strength)));
            references.put(site, stress.raw(reference, curve, site) / weights.referenceCounts(site));
        }
        Exercise hand = catalogue.get(weights.supportingHand());
        List<Sample> push = curve(hand, body, body.arm(), 0, COARSE_SAMPLES).samples();
        return new StressScale(stress, references, hand, push.get(push.size() - 1));
    }

    /** Stress at each site at equal effort, relative to the site's reference exercise at the same effort. */
    public Map<Site, Double> stress(Exercise exercise, Body body, ElbowStrength strength) {
        return stressScale(body, strength)
                .of(curve(exercise, body, equalEffortLoad(exercise, body, strength)), exercise);
    }

    /** Stress of exercises for one client, relative to the references at that client's own strength. */
    public final class StressScale {
        private final StressModel stress;
        private final Map<Site, Double> references;
        private final Map<Site, Double> supportingHand = new EnumMap<>(Site.class);

        private StressScale(StressModel stress, Map<Site, Double> references, Exercise hand, Sample armLong) {
            this.stress = stress;
            this.references = references;
            for (Site site : Site.values()) {
                supportingHand.put(site, at(armLong, false, hand, site));
            }
        }

        /** Stress on the arm that does not lift while {@code exercise} is done with the other: only where it carries the trunk. */
        public Map<Site, Double> supporting(Exercise exercise) {
            return exercise.traits().otherArm() == Traits.OtherArmDuty.CARRIES
                    ? Collections.unmodifiableMap(supportingHand)
                    : Map.of();
        }

        /** Stress at each site of {@code exercise} with the given curve, which belongs to the same body. */
        public Map<Site, Double> of(LoadCurve curve, Exercise exercise) {
            if (!exercise.isModelled()) {
                return Map.of();
            }
            Sample[] worst = stress.worst(exercise, curve);
            Map<Site, Double> result = new EnumMap<>(Site.class);
            for (Site site : Site.values()) {
                Sample at = worst[StressModel.index(site)];
                result.put(site, at(at, curve.upperArmSupported(), exercise, site));
            }
            return result;
        }

        /** Stress at one moment of a movement. */
        public double at(Sample sample, boolean supported, Exercise exercise, Site site) {
            return stress.raw(exercise, supported, sample, site) / reference(site);
        }

        /** The same as {@link #of} with each site's part explained, in the order of the sites. */
        public List<SiteStress> explained(LoadCurve curve, Exercise exercise) {
            List<SiteStress> parts = new ArrayList<>();
            if (!exercise.isModelled()) {
                return parts;
            }
            Sample[] moments = stress.worst(exercise, curve);
            for (Site site : Site.values()) {
                Sample worst = moments[StressModel.index(site)];
                double value = at(worst, curve.upperArmSupported(), exercise, site);
                String reference = catalogue.get(weights.reference(site)).name();
                parts.add(new SiteStress(
                        site,
                        value,
                        worst.progress(),
                        worst.pose().elbowFlexionDeg(),
                        stress.reason(exercise, curve, worst, site, value, reference)));
            }
            return parts;
        }

        private double reference(Site site) {
            return java.util.Objects.requireNonNull(references.get(site));
        }
    }
}
