package kinesia.core.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.LoadCurve;
import kinesia.core.dose.Effort;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.EffortLevel;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.jspecify.annotations.Nullable;

/** Sorts the catalogue into what this client may do here and now, and what is left out and why. */
final class Candidates {
    // The usual aim for people over fifty, leaving two to three repetitions in reserve [practice].
    private static final Effort USUAL_EFFORT = Effort.of(7.5);
    private static final Effort FIRST_EFFORT = Effort.of(6);
    private static final int FORMS_OF_ONE_MOVEMENT = 1;
    // Lowering takes about 3 s [practice]; faster is what "no fast lowering" leaves out.
    private static final int SLOW_LOWERING_S = 3;
    private static final RepRange NEW_TO_TRAINING = new RepRange(10, 15);

    private final ExerciseModel model;
    private final PlanRequest request;
    private final ExerciseModel.StressScale scale;
    private final List<Candidate> allowed = new ArrayList<>();
    private final List<WhyNot> leftOut = new ArrayList<>();

    Candidates(ExerciseModel model, PlanRequest request) {
        this.model = model;
        this.request = request;
        this.scale = model.stressScale(request.body());
        // Held efforts are not planned for themselves; they are what a place may still do that takes nothing else.
        boolean holds = request.limits().stream().anyMatch(l -> l.kind() == Limit.Kind.HOLDS_ONLY);
        model.catalogue().all().stream()
                .filter(e -> e.role() == Role.MAIN || (holds && e.role() == Role.HOLD))
                .forEach(this::sort);
    }

    List<Candidate> allowed() {
        return allowed;
    }

    /**
     * Of each movement the form with most worth, and those the block already has: what the composer chooses among. More
     * forms of one movement would change little and cost every plan time.
     */
    List<Candidate> shortlist() {
        Map<String, List<Candidate>> byMovement = new LinkedHashMap<>();
        allowed.forEach(c -> byMovement
                .computeIfAbsent(c.exercise().movementFamily(), k -> new ArrayList<>())
                .add(c));
        List<Candidate> shortlist = new ArrayList<>();
        for (List<Candidate> forms : byMovement.values()) {
            List<Candidate> ranked = forms.stream()
                    .sorted(Comparator.comparingDouble(Candidate::worth)
                            .reversed()
                            .thenComparing(c -> c.exercise().key()))
                    .toList();
            for (int i = 0; i < ranked.size(); i++) {
                Candidate form = ranked.get(i);
                if (i < FORMS_OF_ONE_MOVEMENT
                        || request.inBlock().containsKey(form.exercise().key())) {
                    shortlist.add(form);
                }
            }
        }
        return shortlist;
    }

    List<WhyNot> leftOut() {
        return leftOut;
    }

    private void sort(Exercise exercise) {
        List<Reason> against = new ArrayList<>();
        Suitability.missing(exercise, request.equipment()).ifPresent(against::add);
        Reason response = request.leftOut().get(exercise.key());
        if (response != null) {
            against.add(response);
        }
        if (request.dislikes().contains(exercise.key())) {
            against.add(Reason.of(
                    "CHOICE-dislike", Tag.HOUSE, "", "The client does not want it.", "You told us you dislike it."));
        }
        Suitability fit = Suitability.of(model, exercise, request.body(), EffortLevel.USUAL, request.limits());
        against.addAll(fit.against());
        if (against.isEmpty()) {
            allowed.add(candidate(exercise, fit.exercise(), fit.curve()));
        } else {
            leftOut.add(new WhyNot(exercise.key(), exercise.name(), true, List.copyOf(against)));
        }
    }

    private Candidate candidate(Exercise full, Exercise ranged, LoadCurve curve) {
        Map<Site, Double> stress = scale.of(curve, ranged);
        double cost = Suitability.cost(stress, request.soreSites());
        Map<Aspect, Reason> why = new EnumMap<>(Aspect.class);
        if (!ranged.movement().equals(full.movement())) {
            why.put(
                    Aspect.RANGE,
                    LimitCheck.bends(full, request.limits()).get(0).reason());
        }
        return new Candidate(
                ranged.atTempo(tempo(full, stress, why)),
                model.stimulus(ranged, curve),
                stress,
                cost,
                mostSets(full, stress, why),
                reps(full, stress, why),
                effort(full, stress, why),
                ReachableLoads.of(request.equipment(), full, request.body().massKg()),
                why);
    }

    /** The exercise's tempo, with holds no longer and lowering no faster than limits say. */
    private Exercise.Tempo tempo(Exercise exercise, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        Exercise.Tempo tempo = exercise.tempo();
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LONGEST_HOLD, exercise, stress, request.limits())) {
            if (limit.number() < tempo.holdS()) {
                tempo = new Exercise.Tempo(tempo.upS(), (int) limit.number(), tempo.downS());
                why.put(Aspect.TEMPO, limit.reason());
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.NO_FAST_LOWERING, exercise, stress, request.limits())) {
            if (tempo.downS() < SLOW_LOWERING_S) {
                tempo = new Exercise.Tempo(tempo.upS(), tempo.holdS(), SLOW_LOWERING_S);
                why.put(Aspect.TEMPO, limit.reason());
            }
        }
        return tempo;
    }

    private int mostSets(Exercise exercise, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        Carryover carried = request.carryovers().get(exercise.key());
        int most = carried == null ? Carryover.ANY_SETS : Math.min(Carryover.ANY_SETS, carried.mostSets());
        if (carried != null && most < Carryover.ANY_SETS) {
            why.put(Aspect.SETS, carried.reason());
        }
        Limit lowest = lowest(LimitCheck.dosing(Limit.Kind.SETS_PER_EXERCISE, exercise, stress, request.limits()));
        if (lowest != null && lowest.number() < most) {
            why.put(Aspect.SETS, lowest.reason());
            return (int) lowest.number();
        }
        return most;
    }

    private RepRange reps(Exercise exercise, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        Carryover carried = request.carryovers().get(exercise.key());
        RepRange reps = carried != null ? carried.reps() : request.newToTraining() ? NEW_TO_TRAINING : exercise.reps();
        if (carried == null) {
            why.put(
                    Aspect.REPS,
                    request.newToTraining()
                            ? Reason.of(
                                    "REPS-new",
                                    Tag.PUB,
                                    "10 to 15 first",
                                    "New to training: 10 to 15 repetitions first.",
                                    "More and lighter to begin with.")
                            : Reason.of(
                                    "REPS-usual",
                                    Tag.PRACTICE,
                                    exercise.reps().low() + " to "
                                            + exercise.reps().high(),
                                    "The usual range of this exercise is "
                                            + exercise.reps().low() + " to "
                                            + exercise.reps().high() + " repetitions.",
                                    "The usual number for this one."));
        } else {
            why.put(Aspect.REPS, carried.reason());
        }
        int low = reps.low();
        int high = reps.high();
        for (Limit limit : LimitCheck.dosing(Limit.Kind.FEWEST_REPS, exercise, stress, request.limits())) {
            if (limit.number() > low) {
                low = (int) limit.number();
                why.put(Aspect.REPS, limit.reason());
            }
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.MOST_REPS, exercise, stress, request.limits())) {
            if (limit.number() < high) {
                high = (int) limit.number();
                why.put(Aspect.REPS, limit.reason());
            }
        }
        return new RepRange(Math.min(low, Math.max(low, high)), Math.max(low, high));
    }

    private Effort effort(Exercise exercise, Map<Site, Double> stress, Map<Aspect, Reason> why) {
        boolean first = request.history().isEmpty();
        Effort effort = first ? FIRST_EFFORT : USUAL_EFFORT;
        why.put(
                Aspect.EFFORT,
                first
                        ? Reason.of(
                                "EFFORT-first",
                                Tag.HOUSE,
                                "6",
                                "The first session stays at effort 6: it finds loads and learns the movements.",
                                "Today is for finding out, not for working hard.")
                        : Reason.of(
                                "EFFORT-usual",
                                Tag.PRACTICE,
                                "7 to 8 over fifty",
                                "Effort 7.5 leaves two to three repetitions in reserve.",
                                "Stop with two or three good ones still in you."));
        Limit lowest = lowest(LimitCheck.dosing(Limit.Kind.LARGEST_EFFORT, exercise, stress, request.limits()));
        if (lowest != null && lowest.number() < effort.value()) {
            effort = effort.cappedAt(lowest.number());
            why.put(Aspect.EFFORT, lowest.reason());
        }
        if (request.door().shortSleep() || request.door().armsWorkedHarder()) {
            effort = effort.cappedAt(effort.value() - 1);
            why.put(
                    Aspect.EFFORT,
                    doorReason(request.door(), "effort goes down by 1 to " + Numbers.plain(effort.value())));
        }
        return effort;
    }

    static Reason doorReason(Door door, String consequence) {
        String what = door.shortSleep() ? "Under 5 h of sleep" : "A day heavier for the arms than usual";
        return Reason.of(
                        "DOOR-easier",
                        Tag.HOUSE,
                        "under 5 h of sleep, or a day heavier for the arms than usual",
                        what + ": " + consequence + ".",
                        "After a day like that we take a little off.")
                .with("sleep", door.sleepHours() == null ? "not asked" : door.sleepHours() + " h")
                .with("arms worked harder", door.armsWorkedHarder());
    }

    private static @Nullable Limit lowest(List<Limit> limits) {
        return limits.stream()
                .min((a, b) -> Double.compare(a.number(), b.number()))
                .orElse(null);
    }
}
