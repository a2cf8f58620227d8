package kinesia.core.plan;

import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.dose.FirstLoad;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Implement;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * The load a slot starts with: carried over, predicted from what was shown, or the lightest; always one the room has, and
 * rounded down.
 *
 * @param trial the first set finds the load
 */
record StartLoad(Load load, boolean trial, Reason reason) {
    // Repetitions in reserve at the usual effort, and the repetitions a found load belongs to [practice].
    private static final double RESERVE = 2.5;
    static final int USUAL_REPS = 12;
    private static final double EPLEY = 30;
    // Very light pumping work [house], a lighter week (RULES 6), restriction cuffs [practice].
    private static final double LIGHT_SHARE = 0.6;
    private static final double LIGHTER_WEEK_SHARE = 0.9;
    static final double NEARLY = 0.1;
    // A step this little over what is right still counts where nothing sore is loaded [house].
    static final double A_LITTLE = 0.05;
    private static final double CUFF_CAP = 0.40;

    /** What {@code c} starts with; for {@code arm} alone where one is asked for. */
    static StartLoad of(
            PlanRequest request, Candidate c, Method.Dose dose, @Nullable FirstLoad first, @Nullable Side arm) {
        Carryover carried = request.carried(c.exercise().key(), arm);
        if (c.exercise().bodyWeightShare() > 0) {
            return bodyWeight(c.fit().loads());
        }
        if (c.exercise().implement() == Implement.FIXED) {
            return byEffort(c.fit().loads());
        }
        if (carried != null) {
            return carried(request, c, dose, carried, c.repsOf(arm).high());
        }
        ReachableLoads loads = c.fit().loads();
        if (first == null) {
            return lightest(loads);
        }
        // A range that has twelve in it starts with what is right for twelve.
        double most = share(request, c, dose, first.kg(), USUAL_REPS, c.reps().low());
        boolean sore = request.soreSites().stream()
                .anyMatch(s -> c.stress().getOrDefault(s.site(), 0.0) >= LimitCheck.LOADS_SITE_FROM);
        // What cuffs may lift at most is a bound.
        Optional<Load> reached = loads.atMost(sore || request.method().cuffs() ? most : most * (1 + A_LITTLE));
        return reached.map(load -> predicted(c, load, first, most)).orElseGet(() -> aLittleHeavy(loads, first));
    }

    /** {@code kg} of {@code reps} repetitions turned into what this slot asks; never more than it. */
    private static double share(PlanRequest request, Candidate c, Method.Dose dose, double kg, double reps) {
        return share(request, c, dose, kg, reps, c.reps().high());
    }

    /** The same where {@code most} repetitions are asked. */
    private static double share(
            PlanRequest request, Candidate c, Method.Dose dose, double kg, double reps, double most) {
        double forReps = most > reps + 2 ? (EPLEY + reps + RESERVE) / (EPLEY + most + RESERVE) : 1;
        double share = c.pick().loadShare();
        if (request.method().cuffs()) {
            double max = kg * (1 + (reps + RESERVE) / EPLEY);
            return Math.min(kg * share, CUFF_CAP * max);
        }
        return kg * share * forReps * (dose.light() ? LIGHT_SHARE : 1) * (request.lighter() ? LIGHTER_WEEK_SHARE : 1);
    }

    private static StartLoad carried(PlanRequest request, Candidate c, Method.Dose dose, Carryover carried, int asked) {
        double fresh = carried.load().kg() / carried.loadShare();
        double wanted = share(request, c, dose, fresh, carried.reps().high(), asked);
        // An exercise that was done as it is to be done now keeps its load as it was decided.
        boolean same = carried.loadShare() == c.pick().loadShare()
                && !dose.light()
                && !request.lighter()
                && !request.method().cuffs()
                && asked <= carried.reps().high() + 2;
        // What is heavier than asked for was left out before; a tenth more than asked for is the lightest there is.
        Optional<Load> reached = c.fit().loads().atMost(same ? carried.load().kg() : wanted);
        Load load = reached.orElseGet(c.fit().loads()::lightest);
        if (same) {
            return new StartLoad(load, carried.trial(), carried.reason());
        }
        return new StartLoad(
                load,
                carried.trial(),
                Reason.of(
                                "LOAD-share",
                                Tag.PRACTICE,
                                "half with cuffs and never over 40 % of the maximum; a little over half after isolation; less"
                                        + " for more repetitions",
                                "Last lifted " + carried.load().label() + "; done as it is here, "
                                        + (load.calledByWeight()
                                                        && carried.load().calledByWeight()
                                                ? load.inItsUnit(wanted) + " is right, and "
                                                : "less is right, and ")
                                        + load.label()
                                        + (reached.isPresent()
                                                ? " is the load the room has at or under it."
                                                : " is the lightest there is, a little over it."),
                                "A lighter weight, because of how we do it today.")
                        .with("last load", carried.load().label())
                        .with("share", Numbers.plain(100 * wanted / fresh, 0) + " %"));
    }

    private static StartLoad bodyWeight(ReachableLoads loads) {
        return new StartLoad(
                loads.lightest(),
                true,
                Reason.of(
                        "LOAD-body-weight",
                        Tag.PHYSICS,
                        "share of body mass on the hands",
                        "The hands carry about "
                                + Numbers.plain(loads.lightest().kg(), 0) + " kg of body weight in this position.",
                        "Your own weight, sloped so that it is not too much."));
    }

    private static StartLoad byEffort(ReachableLoads loads) {
        return new StartLoad(
                loads.lightest(),
                false,
                Reason.of(
                        "LOAD-by-effort",
                        Tag.PRACTICE,
                        "what does not move pushes back as hard as it is pushed",
                        "It does not move, so there is no load to choose: how hard is said by effort, built up over three"
                                + " seconds.",
                        "You push as hard as feels right, no harder."));
    }

    private static StartLoad predicted(Candidate c, Load load, FirstLoad first, double most) {
        String less = most < first.kg() * 0.99 ? " As it is done here that is " + Numbers.plain(most, 1) + " kg." : "";
        return new StartLoad(
                load,
                true,
                Reason.of(
                                first.reason().ruleId(),
                                first.reason().tag(),
                                first.reason().threshold(),
                                first.reason().exact() + less + " The room has " + load.label() + ".",
                                first.reason().plain())
                        .with("at most", Numbers.plain(first.kg(), 1) + " kg")
                        .with("share", Numbers.plain(100 * c.pick().loadShare(), 0) + " %")
                        .with("load", load.label()));
    }

    /** Whether the lightest of {@code loads} is over what is right, {@code kg}, by more than counts as right. */
    static boolean isALittleHeavy(ReachableLoads loads, double kg) {
        return !loads.isEmpty() && loads.lightest().kg() > kg * (1 + A_LITTLE) + 1e-9;
    }

    private static StartLoad aLittleHeavy(ReachableLoads loads, FirstLoad first) {
        Load load = loads.lightest();
        return new StartLoad(
                load,
                true,
                Reason.of(
                                "LOAD-a-little-heavy",
                                Tag.HOUSE,
                                "the lightest load at most a tenth over what is right",
                                "About " + load.inItsUnit(first.kg()) + " would be right; " + load.label()
                                        + ", the lightest here, is a little heavy: about 8 repetitions.",
                                "It is a little heavy, so we do fewer.")
                        .with("right", load.inItsUnit(first.kg()))
                        .with("load", load.label()));
    }

    private static StartLoad lightest(ReachableLoads loads) {
        return new StartLoad(
                loads.lightest(),
                true,
                Reason.of(
                                "LOAD-lightest",
                                Tag.HOUSE,
                                "no history",
                                "There is nothing to work it out from: first the movement without load, then a trial set of 8"
                                        + " with the lightest load there is, "
                                        + loads.lightest().label() + ".",
                                "We start with next to nothing and let it tell us.")
                        .with("load", loads.lightest().label()));
    }

    /** Whether the lightest load there is is not over what {@code c} asks for; for all but cuffs a tenth more will do. */
    static boolean isLightEnough(PlanRequest request, Candidate c, Method.Dose dose) {
        Carryover carried = request.carryovers().get(c.exercise().key());
        double most = carried == null
                ? share(request, c, dose, c.fit().boundKg(), USUAL_REPS)
                : share(
                        request,
                        c,
                        dose,
                        carried.load().kg() / carried.loadShare(),
                        carried.reps().high());
        double room = request.method().cuffs() ? 1 : 1 + NEARLY;
        return c.fit().loads().lightest().kg() <= most * room + 1e-9;
    }
}
