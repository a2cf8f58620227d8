package kinesia.core.dose;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import kinesia.core.arm.LoadCurve;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;

/**
 * What a client has shown at each elbow angle: the largest elbow demand of any logged set, from the arm model. It bounds
 * the load of an exercise never tried.
 */
public final class ShownStrength {
    // Taken off the bound because a new movement is unfamiliar [house].
    private static final double MARGIN = 0.15;
    private static final double SEARCH_UP_TO_KG = 200;
    private static final int DEGREES = 161;
    private static final int NEAR_DEGREES = 15;
    private static final double TOLERANCE_NM = 0.5;

    private final ExerciseModel model;
    private final Body body;
    private final double[] flexors = new double[DEGREES];
    private final double[] extensors = new double[DEGREES];
    private double[] bending = {};
    private double[] straightening = {};
    private double shoulder;
    private boolean nothing = true;

    private ShownStrength(ExerciseModel model, Body body) {
        this.model = model;
        this.body = body;
    }

    /** Reads the envelope off {@code sets}. */
    public static ShownStrength from(ExerciseModel model, Body body, List<LoggedSet> sets) {
        ShownStrength shown = new ShownStrength(model, body);
        Set<String> seen = new HashSet<>();
        for (LoggedSet set : sets) {
            // The same exercise with the same load shows the same; history is long and repeats itself.
            if (set.reps() > 0 && seen.add(set.exerciseKey() + "@" + set.load().kg())) {
                model.catalogue()
                        .find(set.exerciseKey())
                        .ifPresent(exercise -> shown.add(
                                exercise, model.curve(exercise, body, set.load().kg())));
            }
        }
        shown.bending = filled(shown.flexors);
        shown.straightening = filled(shown.extensors);
        return shown;
    }

    /**
     * The largest load (kg) of {@code exercise} whose demand nowhere passes what was shown, less 15 %; empty when nothing
     * was shown over any part of its range that it loads.
     */
    public Optional<Double> largestLoadFor(Exercise exercise) {
        return largestLoadFor(exercise, model.curve(exercise, body, 1), 1);
    }

    /** The same where the curve at {@code kg} (over 0) is known already. */
    public Optional<Double> largestLoadFor(Exercise exercise, LoadCurve known, double kg) {
        if (exercise.bodyWeightShare() > 0 || nothing) {
            return Optional.empty();
        }
        // Torques are linear in the load, so its own part gives the load at which each moment reaches what was shown.
        double load = SEARCH_UP_TO_KG;
        for (LoadCurve.Sample sample : known.samples()) {
            double byLoad = sample.load().elbowResistanceDemandNm();
            double own = sample.load().elbowDemandNm() - byLoad;
            double perKg = byLoad / kg;
            int degree = (int) Math.round(Math.max(0, sample.pose().elbowFlexionDeg()));
            double bent = bending[degree] + TOLERANCE_NM;
            double straightened = straightening[degree] + TOLERANCE_NM;
            if (own > bent || -own > straightened) {
                return Optional.empty();
            }
            if (Math.abs(perKg) > 1e-9) {
                load = Math.min(load, perKg > 0 ? (bent - own) / perKg : (straightened + own) / -perKg);
            }
        }
        if (exercise.role() == Role.COMPANION) {
            // A shoulder exercise asks little of the elbow: what the shoulder has carried in other lifts bounds it.
            load = Math.min(load, model.loadReaching(exercise, body, Double.MAX_VALUE, shoulder));
        }
        return load < 0.05 ? Optional.empty() : Optional.of(load * (1 - MARGIN));
    }

    // The envelope ends where nothing was ever done; the nearest shown angle stands in for it within 15 degrees.
    private static double[] filled(double[] side) {
        double[] all = side.clone();
        for (int degree = 0; degree < DEGREES; degree++) {
            for (int d = 1; all[degree] == 0 && d <= NEAR_DEGREES; d++) {
                all[degree] = Math.max(side[Math.max(0, degree - d)], side[Math.min(DEGREES - 1, degree + d)]);
            }
        }
        return all;
    }

    private void add(Exercise exercise, LoadCurve curve) {
        nothing = false;
        Double atShoulder = curve.summary().peakShoulderNm();
        if (atShoulder != null && exercise.bodyWeightShare() == 0) {
            shoulder = Math.max(shoulder, atShoulder);
        }
        List<LoadCurve.Sample> samples = curve.samples();
        for (int i = 1; i < samples.size(); i++) {
            LoadCurve.Sample a = samples.get(i - 1);
            LoadCurve.Sample b = samples.get(i);
            double from = a.pose().elbowFlexionDeg();
            double to = b.pose().elbowFlexionDeg();
            for (int degree = first(from, to); degree <= Math.max(from, to); degree++) {
                double t = from == to ? 0 : (degree - from) / (to - from);
                double demand = a.load().elbowDemandNm()
                        + t * (b.load().elbowDemandNm() - a.load().elbowDemandNm());
                double[] side = demand >= 0 ? flexors : extensors;
                side[degree] = Math.max(side[degree], Math.abs(demand));
            }
        }
    }

    private static int first(double from, double to) {
        return Math.max(0, (int) Math.ceil(Math.min(from, to)));
    }

    /** Whether anything was shown for the group. */
    public boolean knows(Head.Group group) {
        for (double demand : group == Head.Group.FLEXORS ? flexors : extensors) {
            if (demand > 1) {
                return true;
            }
        }
        return false;
    }
}
