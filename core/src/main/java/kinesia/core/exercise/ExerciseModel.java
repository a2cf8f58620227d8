package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;

/** What an exercise gives and costs one client, from the arm model. Immutable; safe to share. */
public final class ExerciseModel {
    private static final int COARSE_SAMPLES = 21;
    private static final double LARGEST_LOAD_KG = 80;
    // Warm-up and cool-down moves carry next to nothing [practice].
    private static final double LIGHT_KG = 1;

    private final Catalogue catalogue;
    private final StressWeights weights;
    private final StressModel stress;
    private final StimulusRules stimulus;

    public ExerciseModel(Catalogue catalogue, StressWeights weights, StimulusRules stimulus) {
        this.catalogue = catalogue;
        this.weights = weights;
        this.stress = new StressModel(weights);
        this.stimulus = stimulus;
    }

    public Catalogue catalogue() {
        return catalogue;
    }

    /** The same rules over another catalogue, which must still hold the references. */
    public ExerciseModel with(Catalogue other) {
        return new ExerciseModel(other, weights, stimulus);
    }

    public StimulusRules stimulusRules() {
        return stimulus;
    }

    /** The load curve of one arm at {@code loadKg}; body-weight exercises carry their own share whatever is given. */
    public LoadCurve curve(Exercise exercise, Body body, double loadKg) {
        return curve(exercise, body, body.arm(), loadKg, LoadCurve.SAMPLES);
    }

    private static LoadCurve curve(Exercise exercise, Body body, ArmDimensions arm, double loadKg, int samples) {
        return LoadCurve.of(
                arm,
                exercise.movement(),
                exercise.resistance().forLoad(carriedKg(exercise, body, loadKg), body),
                exercise.upperArmSupported(),
                samples);
    }

    /** What both hands carry together: the given load, or the body's share. */
    public static double carriedKg(Exercise exercise, Body body, double loadKg) {
        return exercise.bodyWeightShare() > 0 ? exercise.bodyWeightShare() * body.massKg() : loadKg;
    }

    /** {@link #equalEffortLoad(Exercise, Body, EffortLevel)} at the usual level. */
    public double equalEffortLoad(Exercise exercise, Body body) {
        return equalEffortLoad(exercise, body, EffortLevel.USUAL);
    }

    /**
     * The load (0 to 80 kg) that asks {@code level} of the elbow or, where a press meets it first, of the shoulder; used to
     * compare exercises before any load is known. Torques are linear in the load, so it is solved at each sample.
     */
    public double equalEffortLoad(Exercise exercise, Body body, EffortLevel level) {
        if (exercise.bodyWeightShare() > 0 || exercise.implement() == Implement.NOTHING) {
            return 0; // it carries its share of the body, or nothing, whatever is asked
        }
        if (exercise.role() == Role.WARM_UP || exercise.role() == Role.COOL_DOWN) {
            return LIGHT_KG;
        }
        return loadReaching(exercise, body, level.elbowNm(exercise.group()), level.shoulderNm(exercise.group()));
    }

    /**
     * The load (0 to 80 kg) that asks {@code elbowNm} of the elbow or {@code shoulderNm} of the shoulder at some moment,
     * whichever is met first; the shoulder is not asked where a pad carries the upper arm.
     */
    public double loadReaching(Exercise exercise, Body body, double elbowNm, double shoulderNm) {
        ArmDimensions arm = body.arm();
        LoadCurve bare = curve(exercise, body, arm, 0, COARSE_SAMPLES);
        List<Sample> none = bare.samples();
        List<Sample> one =
                bare.under(arm, exercise.resistance().forLoad(1, body)).samples();
        List<Sample> two =
                bare.under(arm, exercise.resistance().forLoad(2, body)).samples();
        double load = LARGEST_LOAD_KG;
        for (int i = 0; i < COARSE_SAMPLES; i++) {
            double own = none.get(i).load().elbowDemandNm();
            double perKg = one.get(i).load().elbowDemandNm() - own;
            load = Math.min(load, reaching(own * own, 2 * own * perKg, perKg * perKg, elbowNm));
            if (!exercise.upperArmSupported()) {
                double a = square(none.get(i).load().shoulderTorqueNm());
                double b = square(one.get(i).load().shoulderTorqueNm());
                double c = square(two.get(i).load().shoulderTorqueNm());
                double curvature = (c - 2 * b + a) / 2;
                load = Math.min(load, reaching(a, b - a - curvature, curvature, shoulderNm));
            }
        }
        return load;
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

    /** Share of a hard set that each head receives, scaled by how evenly the movement loads. */
    public Map<Head, Double> stimulus(Exercise exercise, LoadCurve curve) {
        return stimulus(exercise, curve, false);
    }

    /** The same; {@code longLength} adds up to a tenth for load where the muscle is long, which is contested. */
    public Map<Head, Double> stimulus(Exercise exercise, LoadCurve curve, boolean longLength) {
        return stimulus.given(exercise, curve, longLength);
    }

    /** The references of every site for one body; makes the stress of many exercises cheap. */
    public StressScale stressScale(Body body) {
        Map<Site, Double> references = new EnumMap<>(Site.class);
        Map<String, LoadCurve> curves = new HashMap<>();
        for (Site site : Site.values()) {
            Exercise reference = catalogue.get(weights.reference(site));
            LoadCurve curve = curves.computeIfAbsent(
                    reference.key(), k -> curve(reference, body, equalEffortLoad(reference, body)));
            references.put(site, stress.raw(reference, curve, site));
        }
        return new StressScale(references);
    }

    /** Stress at each site at the usual effort, relative to the site's reference exercise at the same effort (1.0). */
    public Map<Site, Double> stress(Exercise exercise, Body body) {
        return stressScale(body).of(curve(exercise, body, equalEffortLoad(exercise, body)), exercise);
    }

    /** Stress of exercises for one body, relative to the references at the usual effort. */
    public final class StressScale {
        private final Map<Site, Double> references;

        private StressScale(Map<Site, Double> references) {
            this.references = references;
        }

        /** Stress at each site of {@code exercise} with the given curve, which belongs to the same body. */
        public Map<Site, Double> of(LoadCurve curve, Exercise exercise) {
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
