package kinesia.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.FirstLoad;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Traits;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/** Holds a session that a trainer wrote freely against limits, clock and budgets: it marks, and refuses nothing. */
public final class PlanCheck {
    /** The rule of what the trainer wrote. */
    public static final String BY_HAND = "PLAN-by-hand";

    private static final int MOST_UNITS = 12;
    private static final int MOST_SLOTS = 8;
    static final int MOST_SETS = 6;
    static final int LONGEST_REST_S = 300;
    private static final int MOST_REPS = 60;
    // What a room has two alike of, one for each hand.
    private static final Set<Implement> TWO_OF = EnumSet.of(Implement.DUMBBELL, Implement.NOTHING);

    private final Planner planner;

    public PlanCheck(Planner planner) {
        this.planner = planner;
    }

    /**
     * One exercise as it was written.
     *
     * @param sets 1 to 6
     * @param loadKg null for the load the planner would start with
     * @param effort null for the usual one
     * @param tempo null for the exercise's own
     * @param setReps repetitions set by set, 1 to 60 each; empty or null when all sets are alike
     * @param manner null for the usual way
     * @param alternating whether arms that work singly change at every repetition; null when they do not
     */
    public record Written(
            String exerciseKey,
            int sets,
            Exercise.RepRange reps,
            @Nullable Double loadKg,
            @Nullable Double effort,
            Exercise.@Nullable Tempo tempo,
            @Nullable List<Integer> setReps,
            Plan.@Nullable Manner manner,
            @Nullable Boolean alternating) {
        public Written {
            InvalidValue.requireWithin("sets", sets, 1, MOST_SETS, "sets");
            setReps = setReps == null || setReps.isEmpty() ? null : List.copyOf(setReps);
            if (setReps != null) {
                InvalidValue.requireWithin("setReps", setReps.size(), sets, sets, "numbers, one for each set");
                setReps.forEach(n -> InvalidValue.requireWithin("setReps", n, 1, MOST_REPS, "repetitions"));
            }
        }

        /** Sets that are alike, done in the usual way. */
        public Written(
                String exerciseKey,
                int sets,
                Exercise.RepRange reps,
                @Nullable Double loadKg,
                @Nullable Double effort) {
            this(exerciseKey, sets, reps, loadKg, effort, null, null, null, null);
        }

        private static Written of(Slot slot) {
            return new Written(
                    slot.exerciseKey(),
                    slot.sets(),
                    slot.reps(),
                    slot.load().kg(),
                    slot.targetEffort().value(),
                    slot.tempo(),
                    slot.setReps(),
                    slot.manner(),
                    slot.arms() == Exercise.Arms.ALTERNATING);
        }

        private int fewestReps() {
            return setReps == null
                    ? reps.low()
                    : setReps.stream().mapToInt(n -> n).min().orElse(reps.low());
        }

        private int mostReps() {
            return setReps == null
                    ? reps.high()
                    : setReps.stream().mapToInt(n -> n).max().orElse(reps.high());
        }

        private Written times(int others) {
            return new Written(
                    exerciseKey,
                    others,
                    reps,
                    loadKg,
                    effort,
                    tempo,
                    others == sets ? setReps : null,
                    manner,
                    alternating);
        }

        private boolean changesArms() {
            return alternating != null && alternating;
        }
    }

    /** Exercises written to be worked in one way; rest 0 to 300 s after each round. */
    public record WrittenUnit(Method.Layout layout, int restSeconds, List<Written> slots) {
        public WrittenUnit {
            InvalidValue.requireWithin("restSeconds", restSeconds, 0, LONGEST_REST_S, "seconds");
            InvalidValue.requireWithin("slots", slots.size(), 1, MOST_SLOTS, "exercises");
            slots = List.copyOf(slots);
        }
    }

    /** What a mark is about. */
    public enum Kind {
        LIMIT,
        LOAD,
        EFFORT,
        REPS,
        SETS,
        TEMPO,
        STRESS,
        CLOCK,
        SAME_MOVEMENT,
        ARMS,
        DAY
    }

    /** Something that would break a limit, the clock or a budget; {@code exerciseKey} is null when it is about the whole. */
    public record Mark(@Nullable String exerciseKey, Kind kind, Reason reason) {}

    /** The session as a plan, with what is marked on it. */
    public record Checked(Plan plan, List<Mark> marks) {
        public Checked {
            marks = List.copyOf(marks);
        }
    }

    /** Throws {@link InvalidValue}, naming the field under {@code path}, when an exercise is written twice. */
    public static void requireOnce(String path, List<WrittenUnit> written) {
        Set<String> seen = new HashSet<>();
        for (int u = 0; u < written.size(); u++) {
            for (int s = 0; s < written.get(u).slots().size(); s++) {
                if (!seen.add(written.get(u).slots().get(s).exerciseKey())) {
                    throw new InvalidValue(
                            path + "[" + u + "].slots[" + s + "].exerciseKey",
                            "stands in this session already: write all its sets in one place");
                }
            }
        }
    }

    /** Each exercise once: what was kept twice before it was refused counts where it stands first, with the sets of both. */
    private static List<WrittenUnit> once(List<WrittenUnit> written) {
        Map<String, Integer> sets = new LinkedHashMap<>();
        written.forEach(u -> u.slots().forEach(w -> sets.merge(w.exerciseKey(), w.sets(), Integer::sum)));
        Set<String> seen = new HashSet<>();
        List<WrittenUnit> once = new ArrayList<>();
        for (WrittenUnit unit : written) {
            List<Written> first = unit.slots().stream()
                    .filter(w -> seen.add(w.exerciseKey()))
                    .map(w -> w.times(Math.min(MOST_SETS, sets.getOrDefault(w.exerciseKey(), w.sets()))))
                    .toList();
            if (!first.isEmpty()) {
                once.add(new WrittenUnit(unit.layout(), unit.restSeconds(), first));
            }
        }
        return once;
    }

    /** Checks {@code all}, each exercise once; throws {@link InvalidValue} for an exercise that does not exist. */
    public Checked check(PlanRequest request, List<WrittenUnit> all) {
        List<WrittenUnit> written = once(all);
        InvalidValue.requireWithin("units", written.size(), 1, MOST_UNITS, "units");
        Candidates candidates = planner.toWriteBy(request);
        Map<String, Fit> fits = byKey(candidates);
        List<Mark> marks = new ArrayList<>();
        List<Unit> units = new ArrayList<>();
        for (int u = 0; u < written.size(); u++) {
            List<Slot> slots = new ArrayList<>();
            for (int s = 0; s < written.get(u).slots().size(); s++) {
                Written one = written.get(u).slots().get(s);
                Fit fit = fits.get(one.exerciseKey());
                if (fit == null) {
                    throw new InvalidValue(
                            "units[" + u + "].slots[" + s + "].exerciseKey",
                            "'" + one.exerciseKey() + "' is no exercise for the arm");
                }
                slots.add(slot(request, candidates, fit, one, marks));
            }
            units.add(new Unit(
                    String.valueOf((char) ('A' + u)),
                    written.get(u).layout(),
                    written.get(u).restSeconds(),
                    RestAndTime.CHANGE_OVER_S,
                    RestAndTime.SET_UP_S,
                    slots));
        }
        List<WarmUp.Step> warmUp = SessionWarmUp.before(request, units, candidates.fits());
        Plan.Minutes minutes = Plan.Minutes.of(WarmUp.seconds(warmUp), SessionClock.workSeconds(units));
        sums(request, units, minutes, fits, marks);
        Planner.blocked(request).ifPresent(r -> marks.add(new Mark(null, Kind.DAY, r)));
        return new Checked(
                new Plan(
                        request.visitOn(),
                        warmUp,
                        units,
                        units.get(0).restSeconds(),
                        byHand(),
                        minutes,
                        List.of(),
                        notes(request, marks)),
                marks);
    }

    /** The loads of each exercise that may be written for {@code request}, by its key. */
    public Map<String, ReachableLoads> loads(PlanRequest request) {
        return byKey(planner.toWriteBy(request)).values().stream()
                .collect(Collectors.toMap(f -> f.exercise().key(), Fit::loads));
    }

    private static Map<String, Fit> byKey(Candidates candidates) {
        return candidates.fits().stream()
                .collect(Collectors.toMap(f -> f.exercise().key(), Function.identity()));
    }

    /**
     * {@code plan} with {@code units} instead of its own, resting as {@code whyRest} says: its clock counted again, and on its notes what those of
     * {@code changed} stand against. The other slots keep what the planner made of them, care work with them.
     */
    public Plan adjusted(PlanRequest request, Plan plan, List<Unit> units, Reason whyRest, Set<String> changed) {
        Candidates candidates = planner.toWriteBy(request);
        Map<String, Fit> fits = byKey(candidates);
        List<Mark> marks = new ArrayList<>();
        List<Unit> main = units.stream().filter(u -> !u.care()).toList();
        main.stream()
                .flatMap(u -> u.slots().stream())
                .filter(s -> changed.contains(s.exerciseKey()))
                .forEach(s -> slot(
                        request, candidates, Objects.requireNonNull(fits.get(s.exerciseKey())), Written.of(s), marks));
        List<WarmUp.Step> warmUp = SessionWarmUp.before(request, units, candidates.fits());
        Plan.Minutes minutes = Plan.Minutes.of(WarmUp.seconds(warmUp), SessionClock.workSeconds(units));
        sums(request, main, minutes, fits, marks);
        return plan.with(
                warmUp,
                units,
                whyRest,
                minutes,
                Stream.concat(plan.notes().stream(), marks.stream().map(Mark::reason))
                        .distinct()
                        .toList());
    }

    private static void sums(
            PlanRequest request, List<Unit> units, Plan.Minutes minutes, Map<String, Fit> fits, List<Mark> marks) {
        List<Slot> slots = units.stream().flatMap(u -> u.slots().stream()).toList();
        same(slots, fits, marks);
        sets(request, slots, fits, marks);
        stress(request, slots, fits, marks);
        if (minutes.total() > request.minutes()) {
            marks.add(new Mark(null, Kind.CLOCK, clock(request, minutes)));
        }
    }

    /** The reminders of every plan, and what is marked: it goes with the session to whoever works by it. */
    private static List<Reason> notes(PlanRequest request, List<Mark> marks) {
        return Stream.concat(
                        Planner.reminders(request.limits()).stream(),
                        marks.stream().map(Mark::reason))
                .distinct()
                .toList();
    }

    private static Slot slot(PlanRequest request, Candidates candidates, Fit fit, Written one, List<Mark> marks) {
        String key = one.exerciseKey();
        fit.against().forEach(r -> marks.add(new Mark(key, Kind.LIMIT, r)));
        List<Limit> limits = request.limits();
        Effort effort = Effort.of(one.effort() == null ? Dosing.USUAL_EFFORT.value() : one.effort());
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LARGEST_EFFORT, fit.full(), fit.stress(), limits)) {
            if (effort.value() > limit.number()) {
                marks.add(new Mark(key, Kind.EFFORT, limit.reason()));
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.FEWEST_REPS, fit.full(), fit.stress(), limits)) {
            if (one.fewestReps() < limit.number()) {
                marks.add(new Mark(key, Kind.REPS, limit.reason()));
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.MOST_REPS, fit.full(), fit.stress(), limits)) {
            if (one.mostReps() > limit.number()) {
                marks.add(new Mark(key, Kind.REPS, limit.reason()));
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.SETS_PER_EXERCISE, fit.full(), fit.stress(), limits)) {
            if (one.sets() > limit.number()) {
                marks.add(new Mark(key, Kind.SETS, limit.reason()));
            }
        }
        Exercise.Tempo tempo = one.tempo() == null ? fit.exercise().tempo() : one.tempo();
        tempoMarks(request, fit, one, tempo, marks);
        boolean alternating = one.changesArms() && alternates(fit.exercise(), marks);
        Map<Aspect, Reason> why = new EnumMap<>(Aspect.class);
        List.of(Aspect.CHOICE, Aspect.LOAD, Aspect.SETS, Aspect.REPS, Aspect.EFFORT, Aspect.TEMPO)
                .forEach(aspect -> why.put(aspect, byHand()));
        return new Slot(
                key,
                fit.exercise().name(),
                fit.exercise().group(),
                alternating ? Exercise.Arms.ALTERNATING : fit.exercise().arms(),
                fit.exercise().movement(),
                one.sets(),
                one.reps(),
                one.reps(),
                one.setReps() == null ? List.of() : one.setReps(),
                0,
                load(request, candidates, fit, one, marks),
                1,
                one.loadKg() == null && !request.carryovers().containsKey(key),
                effort,
                tempo,
                fit.stress(),
                alternating || one.loadKg() != null ? Map.of() : eachArm(request, fit, one, effort),
                why,
                one.manner());
    }

    /** Whether its arms can change at every repetition; marked where they cannot. */
    private static boolean alternates(Exercise exercise, List<Mark> marks) {
        boolean free = exercise.arms() == Exercise.Arms.IN_TURN
                && exercise.traits().otherArm() == Traits.OtherArmDuty.RESTS
                && TWO_OF.contains(exercise.implement());
        if (!free) {
            marks.add(new Mark(
                    exercise.key(),
                    Kind.ARMS,
                    Reason.of(
                            "CHECK-alternating",
                            Tag.PRACTICE,
                            "arms that change at every repetition each need a weight, and nothing else to do",
                            exercise.name() + " cannot change arms at every repetition: "
                                    + (exercise.arms() != Exercise.Arms.IN_TURN
                                            ? "its arms do not work singly."
                                            : exercise.traits().otherArm() == Traits.OtherArmDuty.RESTS
                                                    ? "there is one handle for both hands."
                                                    : "the other arm is needed to hold or to help."),
                            "We do one arm, then the other.")));
        }
        return free;
    }

    private static void tempoMarks(PlanRequest request, Fit fit, Written one, Exercise.Tempo tempo, List<Mark> marks) {
        boolean lowers = one.manner() != null && one.manner().loweringOnly();
        for (Limit limit : LimitCheck.dosing(Limit.Kind.NO_FAST_LOWERING, fit.full(), fit.stress(), request.limits())) {
            if (lowers || tempo.downS() < Dosing.SLOW_LOWERING_S) {
                marks.add(new Mark(one.exerciseKey(), Kind.TEMPO, limit.reason()));
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LONGEST_HOLD, fit.full(), fit.stress(), request.limits())) {
            if (tempo.holdS() > limit.number()) {
                marks.add(new Mark(one.exerciseKey(), Kind.TEMPO, limit.reason()));
            }
        }
        if (lowers && request.newToTraining()) {
            marks.add(new Mark(
                    one.exerciseKey(),
                    Kind.TEMPO,
                    Reason.of(
                            "CHECK-lowering-only",
                            Tag.PRACTICE,
                            "lowering only is for the experienced",
                            "Lowering only is a heavy tool for people who have trained for a while; this client is new to"
                                    + " training.",
                            "That comes later.")));
        }
    }

    /** Where no load is written, each arm goes on with its own. */
    private static Map<Side, Plan.SideDose> eachArm(PlanRequest request, Fit fit, Written one, Effort effort) {
        Carryover carried = request.carried(one.exerciseKey(), null);
        Map<Side, Plan.SideDose> sides = new EnumMap<>(Side.class);
        if (carried != null && !fit.loads().isEmpty()) {
            carried.arms()
                    .forEach((arm, own) -> sides.put(
                            arm,
                            new Plan.SideDose(
                                    fit.exercise().movement(),
                                    one.reps(),
                                    fit.loads().atMost(own.load().kg()).orElseGet(fit.loads()::lightest),
                                    effort)));
        }
        return sides.values().stream().distinct().count() < 2 ? Map.of() : sides;
    }

    private static Load load(PlanRequest request, Candidates candidates, Fit fit, Written one, List<Mark> marks) {
        if (fit.loads().isEmpty()) {
            return Load.ofKg(one.loadKg() == null ? 0 : one.loadKg());
        }
        if (one.loadKg() == null) {
            Carryover carried = request.carryovers().get(one.exerciseKey());
            double most = carried != null
                    ? carried.load().kg()
                    : Optional.ofNullable(candidates.first(one.exerciseKey()))
                            .map(FirstLoad::kg)
                            .orElse(0.0);
            return fit.loads().atMost(most).orElseGet(fit.loads()::lightest);
        }
        Load nearest = fit.loads().atMost(one.loadKg()).orElseGet(fit.loads()::lightest);
        if (Math.abs(nearest.kg() - one.loadKg()) > 0.05) {
            marks.add(new Mark(
                    one.exerciseKey(),
                    Kind.LOAD,
                    Reason.of(
                                    "LOAD-not-here",
                                    Tag.HOUSE,
                                    "a load the place has",
                                    "This place cannot make " + nearest.inItsUnit(one.loadKg()) + "; " + nearest.label()
                                            + (nearest.kg() > one.loadKg()
                                                    ? " is the lightest it has, and heavier."
                                                    : " is the nearest under it."),
                                    "We take the weight we have.")
                            .with("written", nearest.inItsUnit(one.loadKg()))
                            .with("nearest", nearest.label())));
        }
        return nearest;
    }

    private static void same(List<Slot> slots, Map<String, Fit> fits, List<Mark> marks) {
        Set<String> families = new HashSet<>();
        for (Slot slot : slots) {
            String family = Objects.requireNonNull(fits.get(slot.exerciseKey()))
                    .exercise()
                    .movementFamily();
            if (!families.add(family)) {
                marks.add(new Mark(
                        slot.exerciseKey(),
                        Kind.SAME_MOVEMENT,
                        Reason.of(
                                        "CHECK-same-movement",
                                        Tag.HOUSE,
                                        "one form of a movement in a session, unless it is a series",
                                        slot.name() + " is another form of a movement that is already in the session.",
                                        "We have done one like this already.")
                                .with("movement", family)));
            }
        }
    }

    private static void sets(PlanRequest request, List<Slot> slots, Map<String, Fit> fits, List<Mark> marks) {
        for (Head.Group group : Head.Group.values()) {
            int sets = slots.stream()
                    .filter(s -> s.group() == group && s.targetEffort().isHard())
                    .filter(s -> Objects.requireNonNull(fits.get(s.exerciseKey()))
                            .exercise()
                            .role()
                            .trainsTheArm())
                    .mapToInt(Slot::sets)
                    .sum();
            if (sets > request.setsFor(group)) {
                Reason budget =
                        Objects.requireNonNull(request.budget().get(group)).reason();
                marks.add(new Mark(
                        null,
                        Kind.SETS,
                        Reason.of(
                                        "CHECK-sets",
                                        budget.tag(),
                                        request.setsFor(group) + " hard sets",
                                        sets + " hard sets for the " + group.where() + " are "
                                                + (sets - request.setsFor(group)) + " more than there are today. "
                                                + budget.exact(),
                                        budget.plain())
                                .with("written", sets)
                                .with("allowed", request.setsFor(group))));
            }
        }
    }

    private static void stress(PlanRequest request, List<Slot> slots, Map<String, Fit> fits, List<Mark> marks) {
        for (PlanRequest.StressBudget budget : request.stressBudgets()) {
            double dose = slots.stream()
                    .filter(s -> works(Objects.requireNonNull(fits.get(s.exerciseKey())), budget.side()))
                    .mapToDouble(s -> request.learned().dose(s, budget.place()))
                    .sum();
            if (dose > budget.most() + 0.5) {
                marks.add(new Mark(
                        null,
                        Kind.STRESS,
                        Reason.of(
                                        "CHECK-stress",
                                        budget.reason().tag(),
                                        Numbers.plain(budget.most(), 0),
                                        budget.reason().exact() + " As written it would be " + Numbers.plain(dose, 0)
                                                + ".",
                                        budget.reason().plain())
                                .with("written", Numbers.plain(dose, 0))));
            }
        }
    }

    private static boolean works(Fit fit, Side side) {
        return fit.workingArms().contains(side);
    }

    private static Reason clock(PlanRequest request, Plan.Minutes minutes) {
        return Reason.of(
                        "CHECK-clock",
                        Tag.HOUSE,
                        request.minutes() + " min",
                        "Warm-up and work come to " + minutes.total() + " min, " + (minutes.total() - request.minutes())
                                + " more than the " + request.minutes() + " there are.",
                        "That is more than we have time for.")
                .with("minutes", minutes.total());
    }

    private static Reason byHand() {
        return Reason.of(BY_HAND, Tag.HOUSE, "", "Written by the trainer.", "I picked this one for today.");
    }
}
