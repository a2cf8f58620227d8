package kinesia.core.plan;

import java.util.EnumMap;
import java.util.Map;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanRequest.StressBudget;
import org.jspecify.annotations.Nullable;

/** What a session adds up to: sets for each head, dose for each sore place. */
public final class SessionSums {
    private final ExerciseModel model;
    private final ElbowStrength strength;
    private final PlanRequest request;
    private final @Nullable Plan plan;

    /** @param plan null for nothing planned: all sums are 0 */
    public SessionSums(ExerciseModel model, ElbowStrength strength, PlanRequest request, @Nullable Plan plan) {
        this.model = model;
        this.strength = strength;
        this.request = request;
        this.plan = plan;
    }

    /** Hard sets that reach each head, 0 and up. */
    public Map<Head, Double> heads() {
        Map<Head, Double> sums = new EnumMap<>(Head.class);
        for (Head head : Head.values()) {
            sums.put(head, 0.0);
        }
        if (plan != null) {
            for (Slot slot : plan.slots()) {
                Exercise exercise = model.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
                model.stimulus(
                                exercise,
                                model.curve(
                                        exercise, request.body(), slot.load().kg()),
                                strength,
                                false)
                        .forEach((head, share) -> sums.merge(head, share * slot.sets(), Double::sum));
            }
        }
        return sums;
    }

    /** Repetitions times relative stress that the place of {@code budget} gets. */
    public double dose(StressBudget budget) {
        return plan == null
                ? 0
                : plan.slots().stream()
                        .filter(s -> s.sides().isEmpty() || s.sides().containsKey(budget.side()))
                        .mapToDouble(s -> request.learned().dose(s, budget.place()))
                        .sum();
    }
}
