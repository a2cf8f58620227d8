package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.plan.SessionProblem.Chosen;
import kinesia.core.plan.SessionProblem.Solution;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/** Turns what was chosen into slots with load and reasons, and says why not the others. */
final class Slots {
    private static final int MOST_SUBSTITUTES = 6;
    private static final double ABOUT_THE_SAME = 0.05;
    private static final double A_LITTLE_LESS = 0.15;

    private final PlanRequest request;
    private final Shape shape;
    private final Candidates candidates;
    private final SessionProblem problem;
    private final Solution solution;
    private final Set<String> chosenKeys;
    private final Map<Chosen, List<Swap>> swaps = new LinkedHashMap<>();
    // By exercise, the place it would take at the least loss.
    private final Map<String, Swap> bestSwaps = new LinkedHashMap<>();

    Slots(PlanRequest request, Shape shape, Candidates candidates, SessionProblem problem, Solution solution) {
        this.request = request;
        this.shape = shape;
        this.candidates = candidates;
        this.problem = problem;
        this.solution = solution;
        this.chosenKeys = solution.chosen().stream()
                .map(c -> shape.candidate(c).exercise().key())
                .collect(Collectors.toSet());
        for (Chosen chosen : solution.chosen()) {
            List<Swap> all = swaps(chosen);
            swaps.put(chosen, all);
            all.forEach(
                    s -> bestSwaps.merge(s.candidate().exercise().key(), s, (a, b) -> b.value() > a.value() ? b : a));
        }
    }

    Slot slot(Chosen chosen, Shape.Section section) {
        Candidate c = shape.candidate(chosen);
        Method.Dose dose = section.method().dose();
        Map<Aspect, Reason> why = new EnumMap<>(c.why());
        int sets = sets(chosen, c, why);
        why.put(Aspect.CHOICE, choice(chosen, c));
        ArmLoads loads =
                ArmLoads.of(request, c, dose, candidates.first(c.exercise().key()));
        StartLoad start = loads.shared();
        why.put(Aspect.LOAD, start.reason());
        loads.apart(c, why.get(Aspect.ARMS)).ifPresent(reason -> why.put(Aspect.ARMS, reason));
        RepRange reps = c.reps();
        return new Slot(
                c.exercise().key(),
                c.exercise().name(),
                c.exercise().group(),
                c.exercise().arms(),
                c.exercise().movement(),
                sets,
                reps,
                usual(c, reps),
                setReps(dose, sets, reps),
                dose.stationS(),
                start.load(),
                c.pick().loadShare(),
                start.trial(),
                c.effort(),
                c.exercise().tempo(),
                c.stress(),
                loads.sides(c),
                why,
                c.pick().lastClean() ? new Plan.Manner(true, false, null) : null);
    }

    private int sets(Chosen chosen, Candidate c, Map<Aspect, Reason> why) {
        int sets = chosen.rounds();
        if (sets < c.mostSets() || !why.containsKey(Aspect.SETS)) {
            why.put(Aspect.SETS, budgetReason(c.exercise().group()));
        }
        if (request.door().shortSleep() || request.door().armsWorkedHarder()) {
            int fewer = Math.max(1, sets - 1);
            if (fewer < sets) {
                why.put(Aspect.SETS, Dosing.doorReason(request.door(), sets + " sets become " + fewer));
                sets = fewer;
            }
        }
        return sets;
    }

    /** The range that the load belongs to: that of what was carried over, where its repetitions go on. */
    private RepRange usual(Candidate c, RepRange reps) {
        Carryover carried = request.carryovers().get(c.exercise().key());
        return carried != null && !carried.ownAim() && carried.reps().equals(reps) ? carried.usual() : reps;
    }

    private static List<Integer> setReps(Method.Dose dose, int sets, RepRange reps) {
        return dose.setReps().stream()
                .limit(sets)
                .map(r -> Math.min(r, reps.high()))
                .toList();
    }

    private Reason choice(Chosen chosen, Candidate c) {
        @Nullable Swap runnerUp = runnerUp(chosen);
        String lost = runnerUp == null
                ? " Nothing else could take its place today."
                : " The next would be "
                        + Reason.inSentence(runnerUp.candidate().exercise().name()) + ", "
                        + compared(runnerUp.value()) + ".";
        return Reason.of(
                        "CHOICE-worth",
                        Tag.HOUSE,
                        "most work for the muscle for what the joints pay, over the whole session",
                        "Of what may be done here it gives the muscle most for what it asks of the joints." + lost,
                        request.soreSites().isEmpty()
                                ? "It gives the muscle good work."
                                : "It gives the muscle good work and leaves the sore place mostly alone.")
                .with("worth", c.worth())
                .with("what the joints pay", c.fit().cost())
                .with(
                        "runner-up",
                        runnerUp == null
                                ? "none"
                                : runnerUp.candidate().exercise().name());
    }

    /** How good a session of {@code value} is beside the best, in words; under 5 % is about the same. */
    private String compared(double value) {
        double less = (solution.value() - value) / Math.max(1, Math.abs(solution.value()));
        return less < ABOUT_THE_SAME
                ? "about as good here"
                : less < A_LITTLE_LESS ? "a little less good here" : "clearly less good here";
    }

    /** An option in the place of one that was chosen, and what the session would be worth. */
    private record Swap(Candidate candidate, Chosen inPlaceOf, double value, double seconds) {}

    private @Nullable Swap runnerUp(Chosen chosen) {
        List<Swap> others = swapsFor(chosen);
        return others.isEmpty() ? null : others.get(0);
    }

    private List<Swap> swapsFor(Chosen chosen) {
        return swaps.getOrDefault(chosen, List.of());
    }

    /** Everything that could take the place of {@code chosen}, best first. */
    private List<Swap> swaps(Chosen chosen) {
        List<Candidate> options = shape.sections()
                .get(chosen.section())
                .choices()
                .get(chosen.pick())
                .candidates();
        List<Swap> all = new ArrayList<>();
        for (int o = 0; o < options.size(); o++) {
            if (isChosen(options.get(o))) {
                continue;
            }
            List<Chosen> other = swapped(chosen, o);
            if (problem.broken(other).isEmpty()) {
                all.add(new Swap(options.get(o), chosen, problem.value(other), problem.seconds(other)));
            }
        }
        all.sort(Comparator.comparingDouble(Swap::value)
                .reversed()
                .thenComparing(s -> s.candidate().exercise().key()));
        return all;
    }

    /** For each exercise of the session the best that could take its place. */
    Map<String, List<PlanResult.Substitute>> substitutes() {
        double seconds = problem.seconds(solution.chosen());
        Map<String, List<PlanResult.Substitute>> all = new LinkedHashMap<>();
        for (Chosen chosen : solution.chosen()) {
            all.put(
                    shape.candidate(chosen).exercise().key(),
                    swapsFor(chosen).stream()
                            .limit(MOST_SUBSTITUTES)
                            .map(s -> new PlanResult.Substitute(
                                    s.candidate().exercise().key(),
                                    s.candidate().exercise().name(),
                                    compared(s.value()),
                                    s.seconds() - seconds,
                                    s.candidate().stress()))
                            .toList());
        }
        return all;
    }

    private List<Chosen> swapped(Chosen chosen, int option) {
        List<Chosen> other = new ArrayList<>(solution.chosen());
        other.remove(chosen);
        Candidate c = shape.sections()
                .get(chosen.section())
                .choices()
                .get(chosen.pick())
                .candidates()
                .get(option);
        other.add(new Chosen(
                chosen.section(), chosen.pick(), option, Math.min(chosen.rounds(), Math.max(1, c.mostSets()))));
        return other;
    }

    private boolean isChosen(Candidate c) {
        return chosenKeys.contains(c.exercise().key());
    }

    /** Every exercise that could be done today and is not, with what it would take to be in. */
    List<WhyNot> outranked() {
        Map<String, WhyNot> all = new LinkedHashMap<>();
        for (Candidate c : shape.allCandidates()) {
            String key = c.exercise().key();
            if (!isChosen(c) && !all.containsKey(key)) {
                all.put(key, new WhyNot(key, c.exercise().name(), false, reasons(c)));
            }
        }
        // What the way of working has no use for, though limits would allow it.
        for (Fit fit : candidates.fits()) {
            String key = fit.exercise().key();
            boolean open = fit.isAllowed() && fit.exercise().role() == Role.MAIN;
            if (open && !chosenKeys.contains(key) && !all.containsKey(key)) {
                all.put(key, new WhyNot(key, fit.exercise().name(), false, List.of(otherMethod(fit))));
            }
        }
        return List.copyOf(all.values());
    }

    private Reason otherMethod(Fit fit) {
        Head.Group group = fit.exercise().group();
        if (request.setsFor(group) == 0) {
            return budgetReason(group);
        }
        Reason unused = candidates.unused(fit.exercise().key());
        if (unused != null) {
            return unused;
        }
        return Reason.of(
                        "CHOICE-method",
                        Tag.PRACTICE,
                        request.method().what(),
                        "It may be done, but it is no part of this way of working, "
                                + Reason.inSentence(request.method().name()) + ".",
                        "It belongs to another way of working.")
                .with("method", request.method().name());
    }

    private List<Reason> reasons(Candidate c) {
        @Nullable Swap best = bestSwaps.get(c.exercise().key());
        String instead =
                best == null ? "" : shape.candidate(best.inPlaceOf()).exercise().name();
        Head.Group group = c.exercise().group();
        PlanRequest.SetBudget budget = Objects.requireNonNull(request.budget().get(group));
        String exact = best == null
                ? noPlace(c)
                : "It may be done; in place of " + Reason.inSentence(instead) + " the session would be "
                        + compared(best.value()) + ".";
        Reason rank = Reason.of(
                        "CHOICE-outranked",
                        Tag.HOUSE,
                        "the whole session's objective",
                        exact,
                        "It would do; today's choice does a little better.")
                .with("worth", c.worth())
                .with("in place of", instead.isEmpty() ? "nothing" : instead);
        Optional<Reason> learned = request.inBlock().containsKey(c.exercise().key())
                ? request.learned().against(c.exercise().key())
                : Optional.empty();
        // When a response has cut the sets, or the joints have taught otherwise, that is why there is no room for it.
        List<Reason> reasons = new ArrayList<>();
        if (budget.cut()) {
            reasons.add(budget.reason());
        }
        learned.ifPresent(reasons::add);
        reasons.add(rank);
        return List.copyOf(reasons);
    }

    /** The one thing for which {@code c} can stand in the place of nothing that was chosen. */
    private String noPlace(Candidate c) {
        Optional<String> same = solution.chosen().stream()
                .map(shape::candidate)
                .filter(o -> o.exercise().alike().equals(c.exercise().alike()))
                .map(o -> o.exercise().name())
                .findFirst();
        if (same.isPresent()) {
            return "Its movement is in already: " + Reason.inSentence(same.get()) + ".";
        }
        return "It may be done, but "
                + switch (against(c)) {
                    case SETS -> "its sets are given to others.";
                    case STRESS -> sorePlaces() + " would get more than it may take today.";
                    case OVERHEAD -> "two exercises with the arm overhead are enough for a visit.";
                    case FLOOR -> "it would mean going down to the floor once more.";
                    case PARTNERS -> "it needs another part of the room than what it would be in turn with.";
                    case TIME, SAME_MOVEMENT -> "it takes longer than any exercise of today that it could replace.";
                };
    }

    /** The bound that keeps {@code c} out most often, in the place of each exercise of its pick, or else beside all of them. */
    private SessionProblem.Bound against(Candidate c) {
        Map<SessionProblem.Bound, Integer> bounds = new EnumMap<>(SessionProblem.Bound.class);
        for (int s = 0; s < shape.sections().size(); s++) {
            List<Shape.Choice> choices = shape.sections().get(s).choices();
            for (int p = 0; p < choices.size(); p++) {
                int option = choices.get(p).candidates().indexOf(c);
                if (option >= 0) {
                    for (List<Chosen> other : with(s, p, option)) {
                        problem.broken(other).ifPresent(b -> bounds.merge(b, 1, Integer::sum));
                    }
                }
            }
        }
        return bounds.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .map(Map.Entry::getKey)
                .orElse(SessionProblem.Bound.SETS);
    }

    private List<List<Chosen>> with(int section, int pick, int option) {
        List<List<Chosen>> all = new ArrayList<>();
        for (Chosen chosen : solution.chosen()) {
            if (chosen.section() == section && chosen.pick() == pick) {
                all.add(swapped(chosen, option));
            }
        }
        if (all.isEmpty()) {
            List<Chosen> beside = new ArrayList<>(solution.chosen());
            beside.add(new Chosen(section, pick, option, 1));
            all.add(beside);
        }
        return all;
    }

    private String sorePlaces() {
        List<String> places = request.stressBudgets().stream()
                .map(b -> "the " + b.side().word() + " " + b.site().words())
                .distinct()
                .toList();
        return places.size() == 1 ? places.get(0) : "a sore place";
    }

    private Reason budgetReason(Head.Group group) {
        return Objects.requireNonNull(request.budget().get(group)).reason();
    }
}
