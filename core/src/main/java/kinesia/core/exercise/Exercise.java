package kinesia.core.exercise;

import java.util.List;
import java.util.Map;
import kinesia.core.arm.Movement;

/**
 * One entry of the catalogue. Everything that torque, figure and planning need is derived from these fields.
 *
 * @param key stable identifier
 * @param movementFamily entries of one family are never planned together
 * @param stimulus share of a hard set that each head receives, 0 to 1 [practice]
 * @param bodyWeightShare for body-weight entries, the share of body mass on both hands; else 0
 * @param homeAlone whether a client may do it alone at home
 */
public record Exercise(
        String key,
        String name,
        String movementFamily,
        Movement movement,
        Implement implement,
        Grip grip,
        Stance stance,
        Arms arms,
        ResistanceSpec resistance,
        boolean upperArmSupported,
        Map<Head, Double> stimulus,
        double bodyWeightShare,
        Tempo tempo,
        RepRange reps,
        List<String> equipment,
        List<String> setUp,
        List<String> cues,
        String breathing,
        List<String> faults,
        String landmark,
        String otherArm,
        WarmUpRole warmUpRole,
        boolean homeAlone,
        boolean closingPress) {

    /** Whether the arms work together or one after the other. */
    public enum Arms {
        TOGETHER,
        IN_TURN
    }

    /** What the entry is good for in a warm-up. */
    public enum WarmUpRole {
        NONE,
        EASY_FIRST
    }

    /** Seconds for lifting, holding at the top and lowering; each 0 to 10. */
    public record Tempo(int upS, int holdS, int downS) {
        public int secondsPerRep() {
            return upS + holdS + downS;
        }
    }

    /** Lowest and highest repetitions of a set, 1 to 30. */
    public record RepRange(int low, int high) {
        public RepRange {
            kinesia.core.reason.InvalidValue.requireWithin("reps.low", low, 1, 30, "");
            kinesia.core.reason.InvalidValue.requireWithin("reps.high", high, low, 30, "");
        }
    }

    /** The group that gets most of the work. */
    public Head.Group group() {
        double flexors = share(Head.Group.FLEXORS);
        return flexors >= share(Head.Group.EXTENSORS) ? Head.Group.FLEXORS : Head.Group.EXTENSORS;
    }

    private double share(Head.Group group) {
        return stimulus.entrySet().stream()
                .filter(e -> e.getKey().group() == group)
                .mapToDouble(Map.Entry::getValue)
                .sum();
    }

    /** The same exercise over another range. */
    public Exercise withMovement(Movement other) {
        return new Exercise(
                key,
                name,
                movementFamily,
                other,
                implement,
                grip,
                stance,
                arms,
                resistance,
                upperArmSupported,
                stimulus,
                bodyWeightShare,
                tempo,
                reps,
                equipment,
                setUp,
                cues,
                breathing,
                faults,
                landmark,
                otherArm,
                warmUpRole,
                homeAlone,
                closingPress);
    }
}
