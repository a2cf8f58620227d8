package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.dose.LoggedSet;
import kinesia.core.plan.Plan.Slot;

/** What got harder from the visits before to one visit, in words: load, repetitions planned or done, lowering, rung or sets. */
final class Moves {
    private Moves() {}

    static List<String> between(List<Course.Visit> before, Course.Visit visit) {
        Plan plan = visit.result().plan();
        List<String> moves = new ArrayList<>();
        if (plan == null) {
            return moves;
        }
        for (Slot slot : plan.slots()) {
            Course.Visit then = last(before, slot.exerciseKey());
            Slot last = then == null ? null : slot(then, slot.exerciseKey());
            if (last == null || !slot.targetEffort().isHard()) {
                continue;
            }
            if (slot.load().kg() > last.load().kg() + 1e-9) {
                moves.add(slot.name() + ": " + last.load().label() + " to "
                        + slot.load().label());
            } else if (slot.load().kg() >= last.load().kg() - 1e-9
                    && slot.reps().high() > last.reps().high()) {
                moves.add(slot.name() + ": " + last.reps().high() + " to "
                        + slot.reps().high() + " repetitions");
            } else if (slot.tempo().downS() > last.tempo().downS()) {
                moves.add(slot.name() + ": lowered in " + slot.tempo().downS() + " s");
            } else if (slot.sets() > last.sets()) {
                moves.add(slot.name() + ": " + last.sets() + " to " + slot.sets() + " sets");
            } else if (slot.load().equals(last.load()) && done(visit, slot) > done(then, slot)) {
                moves.add(slot.name() + ": " + done(then, slot) + " to " + done(visit, slot) + " repetitions done");
            }
        }
        return moves;
    }

    private static int done(Course.Visit visit, Slot slot) {
        return visit.record().setsOf(slot.exerciseKey()).stream()
                .mapToInt(LoggedSet::reps)
                .sum();
    }

    private static Course.Visit last(List<Course.Visit> before, String key) {
        for (int i = before.size() - 1; i >= 0; i--) {
            if (before.get(i).record() != null && slot(before.get(i), key) != null) {
                return before.get(i);
            }
        }
        return null;
    }

    private static Slot slot(Course.Visit visit, String key) {
        Plan plan = visit.result().plan();
        return plan == null
                ? null
                : plan.slots().stream()
                        .filter(s -> s.exerciseKey().equals(key))
                        .findFirst()
                        .orElse(null);
    }
}
