package kinesia.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.ShownStrength;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Composer.Best;
import kinesia.core.plan.Composer.Choice;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Pair;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;

/** Composes one session. Deterministic: the same request gives the same plan. */
public final class Planner {
    /** Days between hard sets of the same muscle: 48 h [house; published as a habit, not a law]. */
    public static final int DAYS_BETWEEN = 2;

    // What the ramp sets of the first pair take, kept free before the exercises are known [house].
    private static final int RAMPS_S = 150;

    private final ExerciseModel model;

    public Planner(ExerciseModel model) {
        this.model = model;
    }

    /** A plan for {@code request}, or why there is none. */
    public PlanResult plan(PlanRequest request) {
        Optional<Reason> refusal = refusal(request);
        if (refusal.isPresent()) {
            return PlanResult.refused(refusal.get());
        }
        List<WarmUp.Step> warmUp =
                new ArrayList<>(WarmUp.general(request.minutes(), request.age(), request.stiffOrBack()));
        int general = warmUp.stream().mapToInt(WarmUp.Step::seconds).sum();
        SessionClock clock = new SessionClock(
                request.minutes() * 60 - general - RAMPS_S, request.rest().seconds());
        Candidates candidates = new Candidates(model, request);
        Best best = new Composer(request, clock).best(candidates.shortlist());
        if (best == null) {
            return PlanResult.refused(nothingFits(candidates));
        }
        List<Pair> pairs = pairs(request, candidates, best);
        Pair first = pairs.get(0);
        for (Slot slot : first.slots()) {
            Candidate candidate = find(best, slot);
            warmUp.addAll(WarmUp.ramp(candidate.exercise(), slot.load(), slot.targetEffort(), candidate.loads()));
        }
        List<WhyNot> whyNot = new ArrayList<>(candidates.leftOut());
        whyNot.addAll(outranked(request, candidates, pairs));
        int warmUpS = warmUp.stream().mapToInt(WarmUp.Step::seconds).sum();
        return PlanResult.of(new Plan(
                request.visitOn(),
                warmUp,
                pairs,
                request.rest().seconds(),
                request.rest().reason(),
                new Plan.Minutes(SessionClock.minutes(warmUpS), SessionClock.minutes(clock.workSeconds(best))),
                whyNot,
                reminders(request.limits())));
    }

    /** Limits that are kept by how a set is done rather than by what is chosen: said on the plan, once each. */
    private static List<Reason> reminders(List<Limit> limits) {
        return limits.stream()
                .filter(l -> l.kind() == Limit.Kind.NO_BREATH_HOLDING || l.kind() == Limit.Kind.NO_FAST_LOWERING)
                .map(Limit::reason)
                .distinct()
                .toList();
    }

    private static Optional<Reason> refusal(PlanRequest request) {
        if (request.door().somethingNew()) {
            return Optional.of(Reason.of(
                            "DOOR-new",
                            Tag.HOUSE,
                            "something new",
                            "Something is new today: screen that part again before anything is lifted.",
                            "Tell me about it first; then we see what today can be.")
                    .with("something new", "yes"));
        }
        for (Head.Group group : Head.Group.values()) {
            if (java.util.Objects.requireNonNull(request.budget().get(group)).sets() == 0) {
                return Optional.of(budgetReason(request, group));
            }
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

    private static Reason nothingFits(Candidates candidates) {
        long flexors = candidates.allowed().stream()
                .filter(c -> c.exercise().group() == Head.Group.FLEXORS)
                .count();
        long extensors = candidates.allowed().size() - flexors;
        String exact = flexors == 0 || extensors == 0
                ? "No exercise for the " + (flexors == 0 ? "front" : "back")
                        + " of the arm is left inside the limits with this equipment."
                : "The time is too short for one pair after the warm-up.";
        return Reason.of(
                        "PLAN-nothing-fits",
                        Tag.HOUSE,
                        "one pair",
                        exact + " More equipment, more minutes or a new screen would make one possible.",
                        "There is nothing safe and useful to do with what we have today.")
                .with("for the front of the arm", flexors)
                .with("for the back of the arm", extensors);
    }

    private List<Pair> pairs(PlanRequest request, Candidates candidates, Best best) {
        ShownStrength shown = ShownStrength.from(model, request.body(), request.history());
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < best.flexors().order().size(); i++) {
            Slot flexor = slot(request, candidates, best.flexors(), i, shown);
            Slot extensor = slot(request, candidates, best.extensors(), i, shown);
            // The straightening exercise opens the pair: it warms the elbow before the curl loads it.
            pairs.add(new Pair(String.valueOf((char) ('A' + i)), List.of(extensor, flexor)));
        }
        return pairs;
    }

    private Slot slot(PlanRequest request, Candidates candidates, Choice choice, int i, ShownStrength shown) {
        Candidate c = choice.order().get(i);
        Map<Aspect, Reason> why = new EnumMap<>(c.why());
        int sets = choice.sets().get(i);
        if (sets < c.mostSets() || !why.containsKey(Aspect.SETS)) {
            why.put(Aspect.SETS, budgetReason(request, c.exercise().group()));
        }
        if (request.door().shortSleep() || request.door().armsWorkedHarder()) {
            int fewer = Math.max(1, sets - 1);
            if (fewer < sets) {
                why.put(Aspect.SETS, Candidates.doorReason(request.door(), sets + " sets become " + fewer));
                sets = fewer;
            }
        }
        why.put(Aspect.CHOICE, choice(c, candidates, choice));
        StartLoad start = startLoad(request, c, shown);
        why.put(Aspect.LOAD, start.reason());
        return new Slot(
                c.exercise().key(),
                c.exercise().name(),
                c.exercise().group(),
                c.exercise().arms(),
                c.exercise().movement(),
                sets,
                c.reps(),
                start.load(),
                start.trial(),
                c.effort(),
                c.exercise().tempo(),
                c.stress(),
                why);
    }

    private record StartLoad(Load load, boolean trial, Reason reason) {}

    private static StartLoad startLoad(PlanRequest request, Candidate c, ShownStrength shown) {
        Carryover carried = request.carryovers().get(c.exercise().key());
        ReachableLoads loads = c.loads();
        if (carried != null) {
            return new StartLoad(loads.atMost(carried.load().kg()), carried.trial(), carried.reason());
        }
        if (c.exercise().bodyWeightShare() > 0) {
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
        Optional<Double> bound = shown.largestLoadFor(c.exercise());
        if (bound.isPresent() && loads.lightest().kg() <= bound.get()) {
            Load load = loads.atMost(bound.get());
            return new StartLoad(
                    load,
                    true,
                    Reason.of(
                                    "LOAD-predicted",
                                    Tag.HOUSE,
                                    "15 % under what was shown at every elbow angle",
                                    "Never tried here. What was lifted before allows "
                                            + Numbers.plain(bound.get(), 1) + " kg after 15 % off; " + load.label()
                                            + " is the load the room has at or under it.",
                                    "From what you have lifted before, this should feel easy.")
                            .with("bound", Numbers.plain(bound.get(), 1) + " kg")
                            .with("load", load.label()));
        }
        return new StartLoad(
                loads.lightest(),
                true,
                Reason.of(
                                "LOAD-lightest",
                                Tag.HOUSE,
                                "no history",
                                "Nothing is known yet: first the movement without load, then a trial set of 5 to 8 with the"
                                        + " lightest load there is, "
                                        + loads.lightest().label() + ".",
                                "We start with next to nothing and let it tell us.")
                        .with("load", loads.lightest().label()));
    }

    private static Reason choice(Candidate c, Candidates candidates, Choice choice) {
        Optional<Candidate> runnerUp = candidates.allowed().stream()
                .filter(o -> o.exercise().group() == c.exercise().group())
                .filter(o -> choice.order().stream()
                        .noneMatch(p -> p.exercise()
                                .movementFamily()
                                .equals(o.exercise().movementFamily())))
                .max(java.util.Comparator.comparingDouble(Candidate::worth));
        String lost = runnerUp.map(r -> " The next would have been "
                        + lower(r.exercise().name()) + " at " + Numbers.plain(r.worth()) + ".")
                .orElse(" Nothing else is left for this muscle.");
        return Reason.of(
                        "CHOICE-worth",
                        Tag.HOUSE,
                        "most stimulus for the least stress at sore places",
                        "Worth " + Numbers.plain(c.worth()) + " a set: stimulus "
                                + Numbers.plain(c.stimulus().values().stream()
                                        .mapToDouble(d -> d)
                                        .sum())
                                + " against a cost of " + Numbers.plain(c.cost()) + " at sore places." + lost,
                        c.cost() > 0
                                ? "It gives the muscle good work and leaves the sore place mostly alone."
                                : "It gives the muscle good work.")
                .with("worth", c.worth())
                .with("cost at sore places", c.cost())
                .with("runner-up", runnerUp.map(r -> r.exercise().name()).orElse("none"));
    }

    private static List<WhyNot> outranked(PlanRequest request, Candidates candidates, List<Pair> pairs) {
        List<String> chosen = pairs.stream()
                .flatMap(p -> p.slots().stream())
                .map(Slot::exerciseKey)
                .toList();
        List<WhyNot> outranked = new ArrayList<>();
        for (Candidate c : candidates.allowed()) {
            if (chosen.contains(c.exercise().key())) {
                continue;
            }
            Reason budget = budgetReason(request, c.exercise().group());
            int sets = pairs.stream()
                    .flatMap(p -> p.slots().stream())
                    .filter(s -> s.group() == c.exercise().group())
                    .mapToInt(Slot::sets)
                    .sum();
            Reason rank = Reason.of(
                            "CHOICE-outranked",
                            Tag.HOUSE,
                            "the whole session's objective",
                            "Allowed, worth " + Numbers.plain(c.worth()) + " a set; with " + sets + " sets for the "
                                    + c.exercise().group().word()
                                    + " today the chosen session scores higher as a whole.",
                            "It would do; today's choice does a little better.")
                    .with("worth", c.worth())
                    .with("sets today", sets);
            // When a response has cut the sets, that is why there is no room for it.
            boolean cut = !budget.ruleId().startsWith("WEEK-");
            outranked.add(new WhyNot(
                    c.exercise().key(), c.exercise().name(), false, cut ? List.of(budget, rank) : List.of(rank)));
        }
        return outranked;
    }

    private static Reason budgetReason(PlanRequest request, Head.Group group) {
        return java.util.Objects.requireNonNull(request.budget().get(group)).reason();
    }

    private static Candidate find(Best best, Slot slot) {
        return java.util.stream.Stream.concat(best.flexors().order().stream(), best.extensors().order().stream())
                .filter(c -> c.exercise().key().equals(slot.exerciseKey()))
                .findFirst()
                .orElseThrow();
    }

    private static String lower(String name) {
        return Character.toLowerCase(name.charAt(0)) + name.substring(1);
    }
}
