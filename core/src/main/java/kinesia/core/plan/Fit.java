package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Side;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.EffortLevel;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/**
 * How an exercise suits one client at one place, whatever the dose.
 *
 * @param full the exercise as the method uses it
 * @param exercise with its range shortened by limits
 * @param arms the exercise for each arm, where the arms take turns and limits tell them apart; an arm that is missing
 *     rests. Empty when both do the same
 * @param stimulus per head and hard set
 * @param stress per site, at equal effort
 * @param cost stress that counts: at sore places, weighted by how sore they are
 * @param loads what the place has for it
 * @param boundKg the load not to pass when it was never done; the equal-effort load when nothing is known
 * @param against why it may not be done; empty when it may
 */
record Fit(
        Exercise full,
        Exercise exercise,
        Map<Side, Exercise> arms,
        LoadCurve curve,
        Map<Head, Double> stimulus,
        Map<Site, Double> stress,
        double cost,
        ReachableLoads loads,
        double boundKg,
        List<Reason> against) {

    /** What the muscles get for what the sore places pay. */
    double worth() {
        return Suitability.worth(stimulus.values().stream().mapToDouble(d -> d).sum(), cost);
    }

    /** Stress on the elbow itself, for putting the easiest first. */
    double elbowStress() {
        return exercise.group() == Head.Group.EXTENSORS
                ? stress.getOrDefault(Site.BACK_OF_ELBOW, 0.0)
                : stress.getOrDefault(Site.CROOK_OF_ELBOW, 0.0);
    }

    boolean isAllowed() {
        return against.isEmpty();
    }

    /** The arms that work: both, unless limits leave only one. */
    List<Side> workingArms() {
        return arms.isEmpty() ? List.of(Side.values()) : List.copyOf(arms.keySet());
    }

    /** Sorts {@code entry} for the client of {@code request}; loads are those of the whole entry, whatever its range. */
    static Fit of(ExerciseModel model, ExerciseModel.StressScale scale, PlanRequest request, Exercise entry) {
        Exercise exercise = request.method().ranged(entry);
        List<Reason> against = new ArrayList<>();
        Optional<Reason> missing = Suitability.missing(exercise, request.equipment());
        if (missing.isPresent()) {
            // What is not here needs no more said against it.
            return new Fit(
                    exercise,
                    exercise,
                    Map.of(),
                    model.curve(exercise, request.body(), 0),
                    Map.of(),
                    Map.of(),
                    0,
                    new ReachableLoads(List.of()),
                    0,
                    List.of(missing.get()));
        }
        Map<Side, Suitability> bySide = new EnumMap<>(Side.class);
        boolean apart = exercise.arms() == Exercise.Arms.IN_TURN
                && request.limits().stream().anyMatch(l -> l.side() != null);
        if (apart) {
            for (Side side : Side.values()) {
                bySide.put(side, suitability(model, request, exercise, limitsOf(request.limits(), side)));
            }
        }
        Map<Side, Exercise> arms = new EnumMap<>(Side.class);
        bySide.forEach((side, s) -> {
            if (s.against().isEmpty()) {
                arms.put(side, s.exercise());
            }
        });
        Suitability whole = arms.isEmpty()
                ? suitability(model, request, exercise, request.limits())
                : arms.keySet().stream()
                        .map(bySide::get)
                        .reduce(Fit::moreLimited)
                        .orElseThrow();
        against.addAll(whole.against());
        boolean alike = arms.size() == Side.values().length
                && arms.values().stream().map(Exercise::movement).distinct().count() == 1;
        Map<Side, Exercise> told = alike ? Map.of() : arms;
        Map<Site, Double> stress = scale.of(whole.curve(), whole.exercise());
        List<SoreSite> paying = request.soreSites().stream()
                .filter(s -> told.isEmpty() || told.containsKey(s.side()))
                .toList();
        ReachableLoads loads = ReachableLoads.of(request.equipment(), entry, request.body());
        return new Fit(
                exercise,
                whole.exercise(),
                told,
                whole.curve(),
                stimulus(model, whole, told.size() == 1),
                stress,
                Suitability.cost(stress, paying),
                loads,
                whole.loadKg(),
                List.copyOf(against));
    }

    /** The same with the loads judged against {@code boundKg}: what is too heavy here is left out. */
    Fit bounded(double bound) {
        List<Reason> all = new ArrayList<>(against);
        if (all.isEmpty()
                && exercise.bodyWeightShare() == 0
                && !loads.isEmpty()
                && loads.lightest().kg() > bound + 1e-9) {
            all.add(Reason.of(
                            "EQUIPMENT-too-heavy",
                            Tag.HOUSE,
                            "the lightest load at or under what this client may start with",
                            "The lightest load here, " + loads.lightest().label() + ", is over the "
                                    + Numbers.plain(bound, 1) + " kg that would be right to start with.",
                            "What we have here is too heavy for this one.")
                    .with("lightest load", loads.lightest().label())
                    .with("right to start with", Numbers.plain(bound, 1) + " kg"));
        }
        return new Fit(full, exercise, arms, curve, stimulus, stress, cost, loads, bound, all);
    }

    /** The same with one more reason against it. */
    Fit not(Reason reason) {
        List<Reason> all = new ArrayList<>(against);
        all.add(reason);
        return new Fit(full, exercise, arms, curve, stimulus, stress, cost, loads, boundKg, all);
    }

    /** The limits that hold for {@code side}. */
    static List<Limit> limitsOf(List<Limit> limits, Side side) {
        return limits.stream().filter(l -> l.side() == null || l.side() == side).toList();
    }

    private static Suitability suitability(
            ExerciseModel model, PlanRequest request, Exercise exercise, List<Limit> limits) {
        return Suitability.of(model, exercise, request.body(), EffortLevel.USUAL, limits);
    }

    private static Suitability moreLimited(Suitability a, Suitability b) {
        return degrees(b) < degrees(a) ? b : a;
    }

    private static double degrees(Suitability s) {
        List<LoadCurve.Sample> samples = s.curve().samples();
        return Math.abs(samples.get(samples.size() - 1).pose().elbowFlexionDeg()
                - samples.get(0).pose().elbowFlexionDeg());
    }

    private static Map<Head, Double> stimulus(ExerciseModel model, Suitability s, boolean oneArm) {
        Map<Head, Double> given = model.stimulus(s.exercise(), s.curve());
        if (!oneArm) {
            return given;
        }
        Map<Head, Double> half = new EnumMap<>(Head.class);
        given.forEach((head, share) -> half.put(head, share / 2)); // the other arm's muscle gets nothing
        return half;
    }
}
