package kinesia.core.plan;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.plan.Plan.Slot;

/** What got harder from the visits before to one visit, in words: load, repetitions, lowering, rung or the sets of a muscle. */
final class Moves {
    private Moves() {}

    static List<String> between(List<Course.Visit> before, Course.Visit visit) {
        Plan plan = visit.result().plan();
        List<String> moves = new ArrayList<>();
        if (plan == null) {
            return moves;
        }
        for (Slot slot : plan.slots()) {
            Slot last = last(before, slot.exerciseKey());
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
            }
        }
        return moves;
    }

    private static Slot last(List<Course.Visit> before, String key) {
        for (int i = before.size() - 1; i >= 0; i--) {
            Plan plan = before.get(i).result().plan();
            if (plan != null) {
                for (Slot slot : plan.slots()) {
                    if (slot.exerciseKey().equals(key)) {
                        return slot;
                    }
                }
            }
        }
        return null;
    }
}
