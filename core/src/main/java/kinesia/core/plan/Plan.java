package kinesia.core.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.Movement;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;

/**
 * One session, ready for the floor.
 *
 * @param pairs worked through one after the other
 * @param restSeconds after each round of a pair
 * @param minutes warm-up and work together, as the floor clock will show them
 * @param whyNot every exercise that is not in it, and why
 */
public record Plan(
        LocalDate visitOn,
        List<WarmUp.Step> warmUp,
        List<Pair> pairs,
        int restSeconds,
        Reason restReason,
        Minutes minutes,
        List<WhyNot> whyNot,
        List<Reason> notes) {

    public Plan {
        warmUp = List.copyOf(warmUp);
        pairs = List.copyOf(pairs);
        whyNot = List.copyOf(whyNot);
        notes = List.copyOf(notes);
    }

    /** What a reason on a slot is about. */
    public enum Aspect {
        CHOICE,
        LOAD,
        SETS,
        REPS,
        EFFORT,
        TEMPO,
        RANGE
    }

    /** A bending and a straightening exercise, or one of them where the other has fewer sets. */
    public record Pair(String letter, List<Slot> slots) {
        public Pair {
            slots = List.copyOf(slots);
        }

        /** Rounds of this pair: the larger number of sets. */
        public int rounds() {
            return slots.stream().mapToInt(Slot::sets).max().orElse(0);
        }
    }

    /**
     * One exercise of the session.
     *
     * @param movement the range for this client, already shortened by limits
     * @param trial the first set finds the load
     * @param stress at each site, relative to the site's reference exercise
     * @param why a reason for each aspect
     */
    public record Slot(
            String exerciseKey,
            String name,
            Head.Group group,
            Exercise.Arms arms,
            Movement movement,
            int sets,
            Exercise.RepRange reps,
            Load load,
            boolean trial,
            Effort targetEffort,
            Exercise.Tempo tempo,
            Map<Site, Double> stress,
            Map<Aspect, Reason> why) {
        public Slot {
            stress = Map.copyOf(stress);
            why = Map.copyOf(why);
        }
    }

    /** An exercise that was left out. {@code byLimit} tells a hard reason from being outranked. */
    public record WhyNot(String exerciseKey, String name, boolean byLimit, List<Reason> reasons) {}

    /** Minutes, rounded up. */
    public record Minutes(int warmUp, int work) {
        public int total() {
            return warmUp + work;
        }
    }

    /** All slots in order. */
    public List<Slot> slots() {
        return pairs.stream().flatMap(p -> p.slots().stream()).toList();
    }
}
