package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.FirstLoad;
import kinesia.core.dose.FirstLoads;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Traits;
import kinesia.core.plan.LimitCheck.Turn;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/** Sorts the catalogue into what this client may do here and now, and what is left out and why. */
final class Candidates {
    /** The rule by which a kinder form of the same comes first. */
    static final String SAFER = "CHOICE-safer";

    private final PlanRequest request;
    private final Suitabilities suitabilities;
    private final FirstLoads first;
    private final Worth worth;
    private final List<Fit> fits = new ArrayList<>();
    private final Map<String, FirstLoad> firstLoads = new HashMap<>();
    private final Map<String, Reason> unused = new HashMap<>();
    private final @Nullable Reason tooSoon;

    Candidates(
            ExerciseModel model,
            Suitabilities suitabilities,
            FirstLoads first,
            PlanRequest request,
            Predicate<Exercise> only,
            boolean byHand) {
        this.request = request;
        this.suitabilities = suitabilities;
        this.first = first;
        this.worth = Worth.of(request);
        for (Exercise exercise : model.catalogue().all()) {
            boolean offered = (byHand && exercise.role() != Role.WARM_UP && exercise.role() != Role.COOL_DOWN)
                    || exercise.role() == Role.MAIN
                    || exercise.role() == Role.HOLD
                    || request.method().drawsOn(exercise);
            if (offered && only.test(exercise)) {
                fits.add(sorted(model, Fit.of(suitabilities, request, worth, exercise)));
            }
        }
        onTheirRung(model);
        rightLoadsFirst();
        openersFirst();
        tooSoon = tooSoon(model);
    }

    /** Whether what gives the method its character was done less than its days ago, in words; null when it was not. */
    private @Nullable Reason tooSoon(ExerciseModel model) {
        Method method = request.method();
        return request.known().sets().stream()
                .filter(s -> s.on().isBefore(request.visitOn())
                        && s.on().plusDays(method.daysApart()).isAfter(request.visitOn()))
                .filter(s -> model.catalogue().find(s.exerciseKey()).stream().anyMatch(method::isItsTrait))
                .map(LoggedSet::on)
                .max(Comparator.naturalOrder())
                .map(last -> Reason.of(
                                "METHOD-too-soon",
                                Tag.PRACTICE,
                                method.daysApart() + " days from one to the next",
                                "Only the light work today: the heavy part comes once a week, was done on " + last
                                        + " and may come again on " + last.plusDays(method.daysApart()) + ".",
                                "The heavy part comes once a week.")
                        .with("last", last))
                .orElse(null);
    }

    /** Why the method's own part rests today; null when it does not. */
    @Nullable
    Reason tooSoon() {
        return tooSoon;
    }

    /**
     * Where a movement can be had with a load that is right, the way of it whose heaviest load is far too light comes second:
     * repetitions make up for a light room, and for no light band beside a full stack.
     */
    private void rightLoadsFirst() {
        Set<String> right = fits.stream()
                .filter(f ->
                        f.isAllowed() && firstLoads.containsKey(f.exercise().key()) && !isFarTooLight(f))
                .map(f -> f.exercise().movementFamily())
                .collect(Collectors.toSet());
        fits.replaceAll(f -> isFarTooLight(f) && right.contains(f.exercise().movementFamily())
                ? f.cappedAt(Worth.second(f.worth()))
                : f);
    }

    private boolean isFarTooLight(Fit fit) {
        FirstLoad first = firstLoads.get(fit.exercise().key());
        return first != null && RepsForLoad.isFarTooLight(fit.loads(), first.kg());
    }

    /** What opens for its muscle is worth more than all else for it. */
    private void openersFirst() {
        for (Head.Group group : Head.Group.values()) {
            fits.stream()
                    .filter(f -> isFor(group, f) && f.isAllowed() && f.turn() == Turn.OPENS)
                    .max(Comparator.comparingDouble(Fit::worth))
                    .map(best -> Worth.after(best.worth()))
                    .ifPresent(most -> fits.replaceAll(f ->
                            isFor(group, f) && f.turn() == Turn.BETWEEN ? f.cappedAt(Math.min(f.worth(), most)) : f));
        }
    }

    /** Whether a limit has something open for {@code group} that this client may do here. */
    boolean hasOpener(Head.Group group) {
        return fits.stream().anyMatch(f -> isFor(group, f) && f.isAllowed() && f.turn() == Turn.OPENS);
    }

    /** Whether {@code pick} can take such an opener, with everything given way that may. */
    boolean takesOpener(Head.Group group, Method.Pick pick) {
        return fits.stream()
                .anyMatch(f -> isFor(group, f)
                        && f.isAllowed()
                        && f.turn() == Turn.OPENS
                        && pick.takesBent(f.full(), f.curve(), pick.bends()));
    }

    private static boolean isFor(Head.Group group, Fit fit) {
        return fit.exercise().role() == Role.MAIN && fit.exercise().group() == group;
    }

    /** Of the ladder only the client's own rung; the next easier one where that is not here or not allowed. */
    private void onTheirRung(ExerciseModel model) {
        boolean wallLoadsSore = fits.stream()
                .anyMatch(f -> f.exercise().traits().rung() == Traits.Rung.WALL && f.isAllowed() && loadsSore(f));
        NavigableMap<Traits.Rung, Double> here = new TreeMap<>();
        for (Fit fit : fits) {
            Traits.Rung rung = fit.exercise().traits().rung();
            if (rung != null && fit.isAllowed()) {
                here.merge(rung, fit.exercise().bodyWeightShare(), Math::min);
            }
        }
        Ladder.Step step = Ladder.of(request, model.catalogue(), here, wallLoadsSore);
        Traits.Rung easier = here.floorKey(step.rung());
        Traits.Rung own = easier == null ? step.rung() : easier;
        fits.replaceAll(f -> {
            Traits.Rung rung = f.exercise().traits().rung();
            boolean pinned = request.wishes().pinned().contains(f.exercise().key());
            return rung == null || rung == own || pinned || !f.isAllowed() ? f : f.not(step.reason());
        });
    }

    private Fit sorted(ExerciseModel model, Fit fit) {
        String key = fit.exercise().key();
        Fit sorted = fit;
        String safer = fit.exercise().traits().safer();
        if (safer != null) {
            Suitabilities.Suited sibling = suitabilities.of(model.catalogue().get(safer));
            // A plainer sibling that limits rule out holds nobody back; a risky end stays behind whatever is ruled out.
            if (fit.exercise().traits().risky()
                    || sibling.suitability().against().isEmpty()) {
                double most = Worth.given(sibling.stimulus()) - sibling.cost(worth, List.of(Side.values()));
                sorted = sorted.cappedAt(fit.exercise().traits().mostBeside(most));
            }
        }
        if (fit.turn() == Turn.LAST) {
            sorted = sorted.cappedAt(Worth.last(sorted.worth()));
        }
        if (fit.exercise().traits().risky() && !request.wishes().pinned().contains(key)) {
            sorted = sorted.not(Reason.of(
                    SAFER,
                    Tag.HOUSE,
                    "an exercise with a risky end is planned only when it is pinned",
                    safer == null
                            ? "Its end is risky: it is planned only when it is pinned."
                            : model.catalogue().get(safer).name()
                                    + " does the same more kindly; this one is planned only when" + " it is pinned.",
                    "There is a kinder way to do the same."));
        }
        boolean frail = request.known().story().isFrail(request.age());
        if (frail
                && SessionNumbers.isOnFloor(fit.exercise())
                && !request.wishes().pinned().contains(key)) {
            sorted = sorted.not(Reason.of(
                    "CHOICE-floor",
                    Tag.HOUSE,
                    "nothing on the floor for the frail, unless it is pinned",
                    "It is done on the floor, and getting down and up again is a hard task of its own here.",
                    "We stay off the floor for now."));
        }
        Optional<Reason> comingIn = request.againstComingIn(sorted.exercise(), sorted.stress());
        sorted = comingIn.isPresent() ? sorted.not(comingIn.get()) : sorted;
        Reason response = request.leftOut().get(key);
        if (response != null) {
            sorted = sorted.not(response);
        }
        if (request.dislikes().contains(key)) {
            sorted = sorted.not(Reason.of(
                    "CHOICE-dislike", Tag.HOUSE, "", "The client does not want it.", "You told us you dislike it."));
        }
        if (request.wishes().banned().contains(key)) {
            sorted = sorted.not(Reason.of(
                    "CHOICE-banned", Tag.HOUSE, "", "Left out by hand for this session.", "We leave this one today."));
        }
        Carryover carried = request.carryovers().get(key);
        if (carried != null) {
            // A tenth more than what was decided will do; a place where everything is heavier than that has no load for
            // it.
            Fit bounded = sorted.bounded(carried.load().kg(), StartLoad.NEARLY);
            return carried.outgrown() ? bounded.cappedAt(Worth.second(bounded.worth())) : bounded;
        }
        // Care work stays light by itself: no first load is worked out for it.
        boolean loaded = sorted.exercise().bodyWeightShare() == 0
                && sorted.exercise().role() != Role.CARE
                && sorted.exercise().implement() != Implement.NOTHING
                && sorted.exercise().implement() != Implement.FIXED;
        if (!sorted.isAllowed() || !loaded) {
            return sorted;
        }
        FirstLoad first = this.first.of(sorted.exercise());
        if (!sorted.exercise().movement().equals(sorted.full().movement())) {
            first = lighter(first, this.first.of(sorted.full()));
        }
        firstLoads.put(key, first);
        // Where nothing sore is loaded, a load a tenth over it will do for about eight repetitions.
        Fit bounded = sorted.bounded(first.kg(), loadsSore(sorted) ? 0 : StartLoad.NEARLY);
        // Beside a load that is right, one that is a little heavy comes second.
        return StartLoad.isALittleHeavy(bounded.loads(), first.kg())
                ? bounded.cappedAt(Worth.second(bounded.worth()))
                : bounded;
    }

    /** What is left of a range that limits cut is worked with at most the load of the whole one. */
    private static FirstLoad lighter(FirstLoad cut, FirstLoad whole) {
        return whole.kg() < cut.kg() ? whole : cut;
    }

    /** Whether {@code fit} loads a sore place of an arm that works. */
    boolean loadsSore(Fit fit) {
        return request.soreSites().stream()
                .anyMatch(s -> fit.workingArms().contains(s.side())
                        && fit.stress().getOrDefault(s.site(), 0.0) >= LimitCheck.LOADS_SITE_FROM);
    }

    /** What an exercise is started with that was never done; null where there is nothing to choose. */
    @Nullable
    FirstLoad first(String exerciseKey) {
        return firstLoads.get(exerciseKey);
    }

    List<Fit> fits() {
        return fits;
    }

    /** What {@code pick} of {@code section} chooses among, once {@code given} filters have given way. */
    List<Candidate> of(Method.Section section, Method.Pick pick, List<Method.Bendable> given, List<Reason> bends) {
        List<Candidate> all = new ArrayList<>();
        boolean holds = request.limits().stream().anyMatch(l -> l.kind() == Limit.Kind.HOLDS_ONLY);
        for (Fit fit : fits) {
            if (fit.isAllowed() && takes(pick, fit, given, holds)) {
                Candidate candidate = candidate(fit, section.dose(), pick, bends);
                Optional<Reason> against = against(candidate, section.dose());
                against.ifPresent(reason -> unused.put(fit.exercise().key(), reason));
                if (against.isEmpty()) {
                    all.add(candidate);
                }
            }
        }
        return all;
    }

    // Held efforts are not planned for themselves; they are what a place may still do that takes nothing else.
    private static boolean takes(Method.Pick pick, Fit fit, List<Method.Bendable> given, boolean holds) {
        return pick.takesBent(fit.exercise(), fit.curve(), given)
                || (holds
                        && fit.exercise().role() == Role.HOLD
                        && pick.roles().isEmpty()
                        && pick.movements().isEmpty()
                        && pick.purpose().takes(fit.exercise()));
    }

    /** Why an exercise that limits allow is still not for this method's dose; empty when it is. */
    private Optional<Reason> against(Candidate c, Method.Dose dose) {
        if (c.mostSets() == 0) {
            return Optional.of(Objects.requireNonNull(c.why().get(Aspect.SETS)));
        }
        if (c.effort().value() < dose.leastEffort()) {
            return Optional.of(Objects.requireNonNull(c.why().get(Aspect.EFFORT)));
        }
        FirstLoad first = request.carryovers().containsKey(c.exercise().key())
                ? null
                : firstLoads.get(c.exercise().key());
        if (first != null
                && dose.reps() != null
                && c.fit().loads().lightest().kg() > first.kg() * (1 + StartLoad.A_LITTLE)) {
            return Optional.of(tooHeavy());
        }
        boolean less = request.method().cuffs() || c.pick().loadShare() < 1 || dose.light();
        boolean bodyWeight = c.exercise().bodyWeightShare() > 0;
        if (!less || (bodyWeight && !request.method().cuffs())) {
            return Optional.empty();
        }
        return !bodyWeight && !c.fit().loads().isEmpty() && StartLoad.isLightEnough(request, c, dose)
                ? Optional.empty()
                : Optional.of(tooHeavy());
    }

    private Reason tooHeavy() {
        return Reason.of(
                        "EQUIPMENT-too-heavy",
                        Tag.HOUSE,
                        "the lightest load at or under the share that the method asks for",
                        "There is no load here as light as this way of working asks for.",
                        "What we have here is too heavy for doing it this way.")
                .with("method", request.method().name());
    }

    /** What stands against an exercise that limits allow and the method could use; null when nothing does. */
    @Nullable
    Reason unused(String exerciseKey) {
        return unused.get(exerciseKey);
    }

    private Candidate candidate(Fit fit, Method.Dose dose, Method.Pick pick, List<Reason> bends) {
        Map<Aspect, Reason> why = new EnumMap<>(Aspect.class);
        List<Limit> bending = LimitCheck.bends(fit.full(), request.limits());
        if (!fit.exercise().movement().equals(fit.full().movement()) && !bending.isEmpty()) {
            why.put(Aspect.RANGE, bending.get(0).reason());
        }
        List<Side> arms = fit.workingArms();
        Map<Side, Candidate.ArmDose> sides = new EnumMap<>(Side.class);
        for (Side side : arms) {
            Dosing dosing = new Dosing(request, dose, Fit.limitsOf(request.limits(), side), side);
            Exercise exercise = fit.arms().getOrDefault(side, fit.exercise());
            Map<Aspect, Reason> own = new EnumMap<>(Aspect.class);
            Exercise.Tempo tempo = dosing.tempo(fit.full(), fit.stress(), own);
            sides.put(
                    side,
                    new Candidate.ArmDose(
                            exercise.atTempo(tempo),
                            dosing.reps(fit.full(), tempo, fit.stress(), own),
                            dosing.effort(fit.full(), fit.stress(), own)));
        }
        boolean turns = fit.exercise().arms() == Exercise.Arms.IN_TURN;
        // The slot as a whole says what holds for both arms, or for the one that works.
        Dosing leading = new Dosing(
                request,
                dose,
                turns && arms.size() == 1 ? Fit.limitsOf(request.limits(), arms.get(0)) : request.limits(),
                turns && arms.size() == 1 ? arms.get(0) : null);
        Exercise.Tempo tempo = leading.tempo(fit.full(), fit.stress(), why);
        Exercise.RepRange reps = leading.reps(fit.full(), tempo, fit.stress(), why);
        if (firstLoads.containsKey(fit.exercise().key())) {
            reps = RepsForLoad.of(request, fit, pick, dose, reps, why);
        }
        Effort effort = leading.effort(fit.full(), fit.stress(), why);
        int sets = leading.mostSets(fit.full(), fit.stress(), why);
        leading.bends().stream().filter(r -> !bends.contains(r)).forEach(bends::add);
        boolean differ =
                turns && (arms.size() == 1 || sides.values().stream().distinct().count() > 1);
        Carryover carried = request.carried(fit.exercise().key(), null);
        boolean ownLoads =
                turns && arms.size() > 1 && carried != null && !carried.arms().isEmpty();
        if (differ && (!ownLoads || tellingApart(fit, sides).isPresent())) {
            why.put(Aspect.ARMS, armsReason(fit, arms, sides));
        }
        return new Candidate(
                fit,
                fit.exercise().atTempo(tempo),
                pick,
                stressShare(dose, pick, reps),
                sets,
                reps,
                effort,
                differ || ownLoads ? sides : Map.of(),
                why);
    }

    private Reason armsReason(Fit fit, List<Side> arms, Map<Side, Candidate.ArmDose> doses) {
        Optional<Reason> because = arms.size() == 1
                ? suitabilities.of(fit.full(), arms.get(0).other()).suitability().against().stream()
                        .findFirst()
                : tellingApart(fit, doses).map(Limit::reason);
        String exact = arms.size() == 1
                ? "Only the " + arms.get(0).word() + " arm does this one."
                : "Each arm has its own " + apart(doses) + " here.";
        return Reason.of(
                        "ARMS-apart",
                        Tag.HOUSE,
                        "a limit on one side holds for that arm alone when the arms work singly",
                        exact + because.map(r -> " " + r.exact()).orElse(""),
                        arms.size() == 1 ? "The other arm has a rest in this one." : "Each arm gets what suits it.")
                .with("exercise", fit.exercise().name());
    }

    private static String apart(Map<Side, Candidate.ArmDose> doses) {
        boolean range = doses.values().stream()
                        .map(d -> d.exercise().movement())
                        .distinct()
                        .count()
                > 1;
        boolean effort = doses.values().stream()
                        .map(Candidate.ArmDose::effort)
                        .distinct()
                        .count()
                > 1;
        return range ? "range" : effort ? "effort" : "repetitions";
    }

    /** The limit of one arm that makes the two arms differ: of range, else of effort, else of repetitions. */
    private Optional<Limit> tellingApart(Fit fit, Map<Side, Candidate.ArmDose> doses) {
        List<Limit> sided =
                request.limits().stream().filter(l -> l.side() != null).toList();
        boolean otherRange = doses.values().stream()
                        .map(d -> d.exercise().movement())
                        .distinct()
                        .count()
                > 1;
        boolean otherEffort = doses.values().stream()
                        .map(Candidate.ArmDose::effort)
                        .distinct()
                        .count()
                > 1;
        List<Limit> telling = otherRange
                ? LimitCheck.bends(fit.full(), sided)
                : LimitCheck.dosing(
                        otherEffort ? Limit.Kind.LARGEST_EFFORT : Limit.Kind.MOST_REPS,
                        fit.full(),
                        fit.stress(),
                        sided);
        return telling.stream().min(java.util.Comparator.comparingDouble(Limit::number));
    }

    private static double stressShare(Method.Dose dose, Method.Pick pick, Exercise.RepRange reps) {
        double average = dose.setReps().isEmpty()
                ? reps.high()
                : dose.setReps().stream().mapToInt(r -> r).average().orElse(reps.high());
        return StressDose.share(average, pick.loadShare(), dose.light());
    }

    /** Why each exercise for the arm that may not be done is left out. */
    List<WhyNot> leftOut() {
        return fits.stream()
                .filter(f -> !f.isAllowed() && f.exercise().role() == Role.MAIN)
                .map(f -> new WhyNot(f.exercise().key(), f.exercise().name(), true, f.against()))
                .toList();
    }
}
