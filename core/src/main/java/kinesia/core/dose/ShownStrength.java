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
                        .ifPresent(exercise ->
                                shown.add(model.curve(exercise, body, set.load().kg())));
            }
        }
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
        // Torques are linear in the load, so two curves give the load at which each moment reaches what was shown.
        List<LoadCurve.Sample> none = model.curve(exercise, body, 0).samples();
        List<LoadCurve.Sample> one = known.samples();
        double load = SEARCH_UP_TO_KG;
        for (int i = 0; i < none.size(); i++) {
            double own = none.get(i).load().elbowDemandNm();
            double perKg = (one.get(i).load().elbowDemandNm() - own) / kg;
            int degree = (int) Math.round(Math.max(0, none.get(i).pose().elbowFlexionDeg()));
            double bent = shownAt(flexors, degree) + TOLERANCE_NM;
            double straightened = shownAt(extensors, degree) + TOLERANCE_NM;
            if (own > bent || -own > straightened) {
                return Optional.empty();
            }
            if (Math.abs(perKg) > 1e-9) {
                load = Math.min(load, perKg > 0 ? (bent - own) / perKg : (straightened + own) / -perKg);
            }
        }
        return load < 0.05 ? Optional.empty() : Optional.of(load * (1 - MARGIN));
    }

    // The envelope ends where nothing was ever done; the nearest shown angle stands in for it within 15 degrees.
    private static double shownAt(double[] side, int degree) {
        double shown = side[degree];
        for (int d = 1; shown == 0 && d <= NEAR_DEGREES; d++) {
            shown = Math.max(side[Math.max(0, degree - d)], side[Math.min(DEGREES - 1, degree + d)]);
        }
        return shown;
    }

    private void add(LoadCurve curve) {
        nothing = false;
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
