package kinesia.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.plan.SessionProblem.Solution;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/** Composes one session. Deterministic: the same request gives the same plan. */
public final class Planner {
    /** Days between hard sets of the same muscle: 48 h [house; published as a habit, not a law]. */
    public static final int DAYS_BETWEEN = 2;

    private final ExerciseModel model;
    private final @Nullable Methods methods;
    private final CareRules care;
    private final Suitabilities.Recent recent;

    /** A planner that names no other method when one cannot be kept. */
    public Planner(ExerciseModel model) {
        this(model, null);
    }

    /** A planner that fills no time with care work. */
    public Planner(ExerciseModel model, @Nullable Methods methods) {
        this(model, methods, CareRules.NONE);
    }

    public Planner(ExerciseModel model, @Nullable Methods methods, CareRules care) {
        this.model = model;
        this.methods = methods;
        this.care = care;
        this.recent = new Suitabilities.Recent(model);
    }

    /**
     * A plan for {@code request}, or why there is none and, for a method, the nearest that fits. Exercises of the block before
     * are left out where others give each muscle as many sets; what is pinned and cannot be kept is said.
     */
    public PlanResult plan(PlanRequest request) {
        boolean mayBe = blocked(request).isEmpty() && againstMethod(request).isEmpty();
        return request.wishes().pinned().isEmpty() || !mayBe
                ? withNewExercises(request)
                : new Pins(this).kept(request, this::withNewExercises);
    }

    private PlanResult withNewExercises(PlanRequest request) {
        PlanResult changed = planned(request);
        Optional<PlanRequest> staying = NewExercises.without(request);
        if (staying.isEmpty()) {
            return changed;
        }
        PlanResult stayed = planned(staying.get());
        return NewExercises.fit(changed.plan(), stayed.plan()) ? changed : stayed;
    }

    private PlanResult planned(PlanRequest request) {
        PlanResult result = compose(request);
        if (result.plan() != null || result.blocked()) {
            return result;
        }
        for (String near : request.method().near()) {
            Optional<Method> other = methods == null ? Optional.empty() : methods.find(near);
            if (other.isPresent() && compose(request.by(other.get())).plan() != null) {
                return result.near(other.get());
            }
        }
        return result;
    }

    private PlanResult compose(PlanRequest request) {
        Optional<Reason> blocked = blocked(request);
        if (blocked.isPresent()) {
            return PlanResult.blocked(blocked.get());
        }
        List<Reason> against = againstMethod(request);
        if (!against.isEmpty()) {
            return PlanResult.refused(against);
        }
        Candidates candidates = candidates(request);
        Shape shape = new Shape(request, candidates, true);
        if (!shape.refusals().isEmpty()) {
            return PlanResult.refused(
                    isOpen(request.method()) ? List.of(nothingFits(request, candidates, shape)) : shape.refusals());
        }
        Solved solved = best(request, candidates, shape);
        if (solved == null && request.method().needs() != null) {
            return PlanResult.refused(List.of(without(request.method().needs(), request, candidates, shape)));
        }
        if (solved == null) {
            PlanRequest unspared = request.within(List.of());
            boolean spared = !request.stressBudgets().isEmpty()
                    && best(unspared, candidates, new Shape(unspared, candidates, true)) != null;
            return PlanResult.refused(
                    spared
                            ? request.stressBudgets().stream()
                                    .map(PlanRequest.StressBudget::reason)
                                    .toList()
                            : List.of(nothingFits(request, candidates, shape)));
        }
        shape = solved.shape();
        Slots slots = new Slots(request, shape, candidates, solved.problem(), solved.solution());
        List<Unit> units = units(request, shape, solved, slots);
        List<WarmUp.Step> warmUp = SessionWarmUp.before(request, units, candidates.fits());
        units.addAll(careAfter(request, units, warmUp));
        return PlanResult.of(plan(request, shape, candidates, solved, slots, units, warmUp), slots.substitutes());
    }

    /** Why what the method is not itself without cannot be had: the first thing that would make room for it. */
    private static Reason without(String needs, PlanRequest request, Candidates candidates, Shape shape) {
        PlanRequest longer = request.lasting(PlanRequest.LONGEST_MINUTES);
        if (best(longer, candidates, new Shape(longer, candidates, true)) != null) {
            return shape.without(needs, request.minutes() + " minutes have no room for that");
        }
        PlanRequest unspared = longer.within(List.of());
        if (best(unspared, candidates, new Shape(unspared, candidates, true)) != null) {
            return shape.without(needs, "that is more than the sore place may take today");
        }
        List<List<Method.Ask>> asks = request.method().asks();
        return shape.lacksFor(asks.get(asks.size() - 1).get(0))
                .orElseGet(() -> shape.without(needs, "the sets of this visit are too few for that"));
    }

    /** Care work in the time that {@code work} leaves. */
    private List<Unit> careAfter(PlanRequest request, List<Unit> work, List<WarmUp.Step> warmUp) {
        int rest = work.get(work.size() - 1).restSeconds();
        int left = request.minutes() * 60 - WarmUp.seconds(warmUp) - SessionClock.workSeconds(work) - rest;
        Set<String> done = work.stream()
                .flatMap(u -> u.slots().stream())
                .map(s -> model(request).catalogue().get(s.exerciseKey()).movementFamily())
                .collect(Collectors.toSet());
        return new CareWork(care, model(request), recent.of(request), request).within(left, work, done);
    }

    private static Plan plan(
            PlanRequest request,
            Shape shape,
            Candidates candidates,
            Solved solved,
            Slots slots,
            List<Unit> units,
            List<WarmUp.Step> warmUp) {
        List<WhyNot> whyNot = new ArrayList<>(candidates.leftOut());
        whyNot.addAll(slots.outranked());
        List<Reason> bends = new ArrayList<>(shape.bends());
        bends.addAll(solved.bends());
        new Bends(request, shape, solved.problem(), solved.solution()).reason().ifPresent(bends::add);
        units.stream()
                .flatMap(u -> u.slots().stream())
                .flatMap(s -> Stream.ofNullable(s.why().get(Plan.Aspect.REPS)))
                .filter(r -> r.ruleId().equals(Dosing.BRIDGED))
                .forEach(bends::add);
        List<Reason> notes = new ArrayList<>(reminders(request.limits()));
        Method method = request.method();
        if (method.note() != null) {
            notes.add(Reason.of("METHOD-note", Tag.PRACTICE, method.name(), method.note(), method.note()));
        }
        boolean open = isOpen(method);
        return new Plan(
                request.visitOn(),
                open ? null : new Plan.MethodName(method.key(), method.name()),
                warmUp,
                units,
                units.get(0).restSeconds(),
                shape.sections()
                        .get(solved.solution().chosen().get(0).section())
                        .rest()
                        .reason(),
                Plan.Minutes.of(WarmUp.seconds(warmUp), SessionClock.workSeconds(units)),
                open ? List.of() : bends.stream().distinct().toList(),
                whyNot,
                notes,
                FreeTime.of(request, solved.problem(), solved.solution(), units, warmUp),
                List.of());
    }

    /** The exercises there are for {@code request}: the catalogue's and the room's own. */
    ExerciseModel model(PlanRequest request) {
        return request.own().isEmpty() ? model : model.with(model.catalogue().with(request.own()));
    }

    /** How strong the client of {@code request} is. */
    public ClientStrength strength(PlanRequest request) {
        return recent.first(request).strength();
    }

    /** The catalogue as it stands for the client of {@code request}. */
    Candidates candidates(PlanRequest request) {
        return candidates(request, e -> true);
    }

    /** The same of those entries that {@code only} takes. */
    Candidates candidates(PlanRequest request, Predicate<Exercise> only) {
        return new Candidates(model(request), recent.of(request), recent.first(request), request, only, false);
    }

    /** Everything that may be written by hand: companions and care work too. */
    Candidates toWriteBy(PlanRequest request) {
        return new Candidates(model(request), recent.of(request), recent.first(request), request, e -> true, true);
    }

    private static boolean isOpen(Method method) {
        return method.key().equals(Methods.OPEN_KEY);
    }

    /** A solution, the problem it solves and the method as it was bent for it, and what else had to give way. */
    private record Solved(Shape shape, SessionProblem problem, Solution solution, List<Reason> bends) {}

    /** What the best session is worth, by the objective; NaN when there is none. */
    double worth(PlanRequest request) {
        if (blocked(request).isPresent() || !againstMethod(request).isEmpty()) {
            return Double.NaN;
        }
        Candidates candidates = candidates(request);
        Shape shape = new Shape(request, candidates, true);
        Solved solved = shape.refusals().isEmpty() ? best(request, candidates, shape) : null;
        return solved == null ? Double.NaN : solved.solution().value();
    }

    /** The best session with partners in turn or, where they cannot stand together, one exercise after the other. */
    private static @Nullable Solved best(PlanRequest request, Candidates candidates, Shape inTurn) {
        Solved solved = solved(request, inTurn);
        return solved != null ? solved : solved(request, new Shape(request, candidates, false));
    }

    private static @Nullable Solved solved(PlanRequest request, Shape shape) {
        Method method = request.method();
        for (List<Method.Ask> rank : method.asks()) {
            Optional<Solved> best = rank.stream()
                    .filter(shape::hasEnoughFor)
                    .flatMap(ask -> Stream.ofNullable(solved(request, shape, ask)))
                    .max(Comparator.comparingDouble(s -> s.solution().value()));
            if (best.isPresent()) {
                return best.get();
            }
        }
        return method.needs() == null ? solved(request, shape, Method.Ask.NOTHING) : null;
    }

    private static @Nullable Solved solved(PlanRequest request, Shape shape, Method.Ask ask) {
        int available = request.minutes() * 60 - SessionWarmUp.reservedSeconds(request, shape.allCandidates());
        if (request.method().everyHead()) {
            SessionProblem every = shape.problem(available, true, ask);
            Solution solution = Steady.solve(every, shape.openers(), request.returning());
            if (solution != null) {
                return new Solved(shape, every, solution, List.of());
            }
        }
        SessionProblem problem = shape.problem(available, false, ask);
        Solution solution = Steady.solve(problem, shape.openers(), request.returning());
        if (solution != null && !shape.isOpened(solution.chosen())) {
            // What opens took too long beside others: then it is what there is for its muscle.
            solution = Steady.solve(problem.without(shape.besideOpeners()), shape.openers(), request.returning());
        }
        if (solution == null || solution.chosen().isEmpty()) {
            return null;
        }
        List<Reason> bends = request.method().everyHead()
                ? List.of(Reason.of(
                        "METHOD-heads",
                        Tag.PRACTICE,
                        "one exercise for each head",
                        "There is no room today for an exercise for every head of the muscles.",
                        "Some parts get their turn next time."))
                : List.of();
        return new Solved(shape, problem, solution, bends);
    }

    private static List<Unit> units(PlanRequest request, Shape shape, Solved solved, Slots slots) {
        List<Unit> units = new ArrayList<>();
        for (Arrangement.Group group :
                new Arrangement(shape, solved.problem(), request.method().opensWith()).of(solved.solution())) {
            Shape.Section section = shape.sections().get(group.section());
            Method.Dose dose = section.method().dose();
            units.add(new Unit(
                    String.valueOf((char) ('A' + units.size())),
                    group.layout(),
                    section.rest().seconds(),
                    dose.changeOverS(),
                    dose.setUpS(),
                    group.chosen().stream().map(c -> slots.slot(c, section)).toList()));
        }
        return units;
    }

    /** Limits that are kept by how a set is done rather than by what is chosen: said on the plan, once each. */
    static List<Reason> reminders(List<Limit> limits) {
        return limits.stream()
                .filter(l -> l.kind() == Limit.Kind.NO_BREATH_HOLDING || l.kind() == Limit.Kind.NO_FAST_LOWERING)
                .map(Limit::reason)
                .distinct()
                .toList();
    }

    static Optional<Reason> blocked(PlanRequest request) {
        if (request.door().somethingNew()) {
            return Optional.of(Reason.of(
                            "DOOR-new",
                            Tag.HOUSE,
                            "something new",
                            "Something is new today: screen that part again before anything is lifted.",
                            "Tell me about it first; then we see what today can be.")
                    .with("something new", "yes"));
        }
        if (Stream.of(Head.Group.values()).allMatch(g -> request.setsFor(g) == 0)) {
            return Optional.of(Objects.requireNonNull(request.budget().get(Head.Group.FLEXORS))
                    .reason());
        }
        LocalDate last = request.lastHardOn();
        if (last != null && request.visitOn().isBefore(last.plusDays(DAYS_BETWEEN))) {
            return Optional.of(Reason.of(
                            "WEEK-48h",
                            Tag.HOUSE,
                            "48 h",
                            "Hard sets on " + last + " are less than 48 h before " + request.visitOn()
                                    + "; the next day for these muscles is " + last.plusDays(DAYS_BETWEEN) + ".",
                            "These muscles and tendons get a day between.")
                    .with("last hard sets", last)
                    .with("asked for", request.visitOn()));
        }
        return Optional.empty();
    }

    private static List<Reason> againstMethod(PlanRequest request) {
        Method method = request.method();
        List<Reason> against = new ArrayList<>(LimitCheck.againstMethod(method, request.limits()).stream()
                .map(Limit::reason)
                .toList());
        boolean cuffsHere = request.equipment().fixtures() != null
                && request.equipment().fixtures().restrictionCuffs();
        if (method.cuffs() && !cuffsHere) {
            against.add(Reason.of(
                    "EQUIPMENT-cuffs",
                    Tag.HOUSE,
                    "restriction cuffs",
                    "This place has no restriction cuffs.",
                    "We do not have the cuffs here."));
        }
        return against;
    }

    private static Reason nothingFits(PlanRequest request, Candidates candidates, Shape shape) {
        Optional<Reason> lacking = shape.lacksFor(request.method().fewest());
        if (lacking.isPresent() && !isOpen(request.method())) {
            return lacking.get();
        }
        Map<Head.Group, Long> left = new EnumMap<>(Head.Group.class);
        for (Head.Group group : Head.Group.values()) {
            left.put(
                    group,
                    candidates.fits().stream()
                            .filter(f -> f.isAllowed() && f.exercise().role() == kinesia.core.exercise.Role.MAIN)
                            .filter(f -> f.exercise().group() == group)
                            .count());
        }
        long flexors = Objects.requireNonNull(left.get(Head.Group.FLEXORS));
        long extensors = Objects.requireNonNull(left.get(Head.Group.EXTENSORS));
        PlanRequest longer = request.lasting(PlanRequest.LONGEST_MINUTES);
        boolean tooShort = best(longer, candidates, new Shape(longer, candidates, true)) != null;
        String exact = flexors == 0 && extensors == 0
                ? "No exercise for the arm is left inside the limits with this equipment."
                        + " Dumbbells, a band or a new screen would make one possible."
                : tooShort
                        ? "The " + request.minutes()
                                + " minutes are too short for this way of working after the warm-up."
                                + " More minutes would make it possible."
                        : "This way of working has more sets than this visit may have.";
        return Reason.of(
                        "PLAN-nothing-fits",
                        Tag.HOUSE,
                        "one exercise",
                        exact,
                        "There is nothing safe and useful to do with what we have today.")
                .with("for the front of the arm", flexors)
                .with("for the back of the arm", extensors);
    }
}
