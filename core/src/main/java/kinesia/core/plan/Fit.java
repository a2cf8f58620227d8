package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Side;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
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
 * @param cost what all places pay for that stress
 * @param cap the most it may be worth: a variation never comes before its own safer sibling
 * @param loads what the place has for it
 * @param boundKg the load not to pass when it was never done; the equal-effort load when nothing is known
 * @param turn whether a limit has it open or come last
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
        double cap,
        ReachableLoads loads,
        double boundKg,
        LimitCheck.Turn turn,
        List<Reason> against) {

    private static final double KICKBACK_LATER = 0.6;
    private static final double LEAST_NAMED_KG = 0.25;

    /** What the muscles get for what the sore places pay. */
    double worth() {
        return Math.min(cap, Worth.given(stimulus) - cost);
    }

    /** What a set pays: at every place, and what keeps it after its safer sibling. */
    double pays() {
        return Worth.given(stimulus) - worth();
    }

    /** Stress on the elbow itself, for putting the easiest first; a kickback loads it short and never opens [practice]. */
    double elbowStress() {
        double later = exercise.isCalled("kickback") ? KICKBACK_LATER : 0;
        return later
                + (exercise.group() == Head.Group.EXTENSORS
                        ? stress.getOrDefault(Site.BACK_OF_ELBOW, 0.0)
                        : stress.getOrDefault(Site.CROOK_OF_ELBOW, 0.0));
    }

    boolean isAllowed() {
        return against.isEmpty();
    }

    /** The arms that work: both, unless limits leave only one. */
    List<Side> workingArms() {
        return arms.isEmpty() ? List.of(Side.values()) : List.copyOf(arms.keySet());
    }

    /** Sorts {@code entry} for the client of {@code request}; loads are those of the whole entry, whatever its range. */
    static Fit of(Suitabilities suitabilities, PlanRequest request, Worth worth, Exercise entry) {
        Exercise exercise = request.method().ranged(entry);
        Optional<Reason> missing = Suitability.missing(exercise, request.equipment());
        if (missing.isPresent()) {
            // What is not here needs no more said against it.
            return new Fit(
                    exercise,
                    exercise,
                    Map.of(),
                    suitabilities.outline(exercise),
                    Map.of(),
                    Map.of(),
                    0,
                    Double.MAX_VALUE,
                    new ReachableLoads(List.of()),
                    0,
                    LimitCheck.Turn.BETWEEN,
                    List.of(missing.get()));
        }
        Map<Side, Suitabilities.Suited> able = new EnumMap<>(Side.class);
        boolean apart = exercise.arms() == Exercise.Arms.IN_TURN
                && request.limits().stream().anyMatch(l -> l.side() != null);
        for (Side side : apart ? List.of(Side.values()) : List.<Side>of()) {
            Suitabilities.Suited arm = suitabilities.of(exercise, side);
            if (arm.suitability().against().isEmpty()) {
                able.put(side, arm);
            }
        }
        Suitabilities.Suited whole =
                able.values().stream().reduce(Fit::moreLimited).orElseGet(() -> suitabilities.of(exercise));
        boolean alike = able.size() == Side.values().length
                && able.values().stream()
                                .map(s -> s.suitability().exercise().movement())
                                .distinct()
                                .count()
                        == 1;
        Map<Side, Exercise> arms = new EnumMap<>(Side.class);
        if (!alike) {
            able.forEach((side, s) -> arms.put(side, s.suitability().exercise()));
        }
        List<Side> working = arms.isEmpty() ? List.of(Side.values()) : List.copyOf(arms.keySet());
        return new Fit(
                exercise,
                whole.suitability().exercise(),
                arms,
                whole.suitability().curve(),
                arms.size() == 1 ? halved(whole.stimulus()) : whole.stimulus(),
                whole.stress(),
                whole.cost(worth, working),
                Double.MAX_VALUE,
                ReachableLoads.of(request.equipment(), entry, request.body()),
                whole.suitability().loadKg(),
                LimitCheck.turn(exercise, request.limits()),
                whole.suitability().against());
    }

    /** The same with the loads judged against {@code boundKg}: what is too heavy here is left out. */
    Fit bounded(double bound, double tolerance) {
        List<Reason> all = new ArrayList<>(against);
        if (all.isEmpty()
                && exercise.bodyWeightShare() == 0
                && !loads.isEmpty()
                && loads.lightest().kg() > bound * (1 + tolerance) + 1e-9) {
            all.add(Reason.of(
                            "EQUIPMENT-too-heavy",
                            Tag.HOUSE,
                            "the lightest load at or under what this client may start with",
                            tooHeavy(loads.lightest(), bound),
                            "What we have here is too heavy for this one.")
                    .with("lightest load", loads.lightest().label())
                    .with("right to start with", loads.lightest().inItsUnit(bound)));
        }
        return new Fit(full, exercise, arms, curve, stimulus, stress, cost, cap, loads, bound, turn, all);
    }

    /** In kilograms only where both are: a band has no kilograms, and what is nearly nothing is no load to name. */
    private static String tooHeavy(Load lightest, double bound) {
        String right = lightest.inItsUnit(bound);
        boolean toName = lightest.calledByWeight()
                && bound >= LEAST_NAMED_KG
                && !lightest.label().equals(right);
        return "The lightest load here, " + lightest.label()
                + (toName
                        ? ", is over the " + right + " that would be right to start with."
                        : ", is too heavy to start with.");
    }

    /** The same, worth at most {@code most}. */
    Fit cappedAt(double most) {
        return new Fit(full, exercise, arms, curve, stimulus, stress, cost, most, loads, boundKg, turn, against);
    }

    /** The same with one more reason against it. */
    Fit not(Reason reason) {
        List<Reason> all = new ArrayList<>(against);
        all.add(reason);
        return new Fit(full, exercise, arms, curve, stimulus, stress, cost, cap, loads, boundKg, turn, all);
    }

    /** The limits that hold for {@code side}. */
    static List<Limit> limitsOf(List<Limit> limits, Side side) {
        return limits.stream().filter(l -> l.side() == null || l.side() == side).toList();
    }

    private static Suitabilities.Suited moreLimited(Suitabilities.Suited a, Suitabilities.Suited b) {
        return degrees(b) < degrees(a) ? b : a;
    }

    private static double degrees(Suitabilities.Suited s) {
        List<LoadCurve.Sample> samples = s.suitability().curve().samples();
        return Math.abs(samples.get(samples.size() - 1).pose().elbowFlexionDeg()
                - samples.get(0).pose().elbowFlexionDeg());
    }

    /** Where one arm rests, its muscle gets nothing. */
    private static Map<Head, Double> halved(Map<Head, Double> stimulus) {
        Map<Head, Double> half = new EnumMap<>(Head.class);
        stimulus.forEach((head, share) -> half.put(head, share / 2));
        return half;
    }
}
