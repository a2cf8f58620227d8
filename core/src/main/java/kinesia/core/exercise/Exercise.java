package kinesia.core.exercise;

import java.util.List;
import java.util.Map;
import kinesia.core.arm.Movement;
import kinesia.core.reason.InvalidValue;

/**
 * One entry of the catalogue. Everything that torque, figure and planning need is derived from these fields.
 *
 * @param key stable identifier
 * @param movementFamily entries of one family are never planned together
 * @param traits what limits and methods ask about it
 * @param stimulus share of a hard set that each head receives, 0 to 1 [practice]; empty for companions and warm-ups
 * @param bodyWeightShare for body-weight entries, the share of body mass on both hands; else 0
 */
public record Exercise(
        String key,
        String name,
        String movementFamily,
        Role role,
        Movement movement,
        Implement implement,
        Grip grip,
        Stance stance,
        Arms arms,
        ResistanceSpec resistance,
        boolean upperArmSupported,
        Furniture furniture,
        Traits traits,
        Map<Head, Double> stimulus,
        double bodyWeightShare,
        Tempo tempo,
        RepRange reps,
        List<String> equipment,
        Guidance guidance,
        WarmUpRole warmUpRole,
        boolean closingPress) {

    /** Whether the arms work together, rep by rep in turn within one set, or one set after the other. */
    public enum Arms {
        TOGETHER,
        ALTERNATING,
        IN_TURN;

        /** How many times as long as both at once. */
        public int timesAsLong() {
            return this == TOGETHER ? 1 : 2;
        }
    }

    /** What the entry is good for in a warm-up. */
    public enum WarmUpRole {
        NONE,
        EASY_FIRST
    }

    /** Seconds for lifting, holding at the top and lowering; each 0 to 60. */
    public record Tempo(int upS, int holdS, int downS) {
        public int secondsPerRep() {
            return upS + holdS + downS;
        }
    }

    /** Lowest and highest repetitions of a set, 1 to 30. */
    public record RepRange(int low, int high) {
        /** The most repetitions of a range. */
        public static final int MOST = 30;

        public RepRange {
            InvalidValue.requireWithin("reps.low", low, 1, MOST, "");
            InvalidValue.requireWithin("reps.high", high, low, MOST, "");
        }
    }

    /** The group that gets most of the work. */
    public Head.Group group() {
        double flexors = share(Head.Group.FLEXORS);
        return flexors >= share(Head.Group.EXTENSORS) ? Head.Group.FLEXORS : Head.Group.EXTENSORS;
    }

    /** Whether {@code name} is this entry, its movement, or a family that it counts as. */
    public boolean isCalled(String name) {
        return key.equals(name)
                || movementFamily.equals(name)
                || traits.families().contains(name);
    }

    /** Whether something carries the arm or the trunk: a pad, a thigh, a seat, a bench or the floor. */
    public boolean isSupported() {
        return bracesTheArm() || stance == Stance.SEATED || !trunkIsFree();
    }

    /** Whether the load is pushed away: presses, push-ups, dips. */
    public boolean isPressing() {
        return isCalled("press") || isCalled("push-up") || isCalled("dip");
    }

    /** What a trainer would call the same thing: entries that share it are not planned together. */
    public String alike() {
        return traits.alike() == null ? movementFamily : traits.alike();
    }

    /** Whether what it works is in the arm model; of wrist, fingers and the turning of the forearm nothing is worked out. */
    public boolean isModelled() {
        return traits.unmodelled() == null || traits.unmodelled().loads().isEmpty();
    }

    /** Whether the hands carry the body lying flat, each wrist bent back. */
    public boolean isOnFlatHands() {
        return bodyWeightShare > 0
                && !traits.straightWrist()
                && switch (furniture.hands()) {
                    case WALL, BENCH, FLOOR -> true;
                    case FREE, BARS, RINGS, STRAP -> false;
                };
    }

    /** Whether the body is held this way, wholly or in part. */
    public boolean takes(Stance position) {
        return stance == position || traits.also().contains(position);
    }

    /** Whether something presses on the working upper arm or under the elbow. */
    public boolean bracesTheArm() {
        return upperArmSupported || traits.braced();
    }

    /** Whether nothing carries the trunk but the body itself: no bench, no pad; a hand on one's own thigh does not count. */
    public boolean trunkIsFree() {
        boolean upright = stance == Stance.STANDING
                || stance == Stance.SEATED
                || stance == Stance.BENT_OVER
                || stance == Stance.KNEELING;
        boolean onHands = implement == Implement.BODY_WEIGHT
                || (stance == Stance.KNEELING && traits.otherArm() == Traits.OtherArmDuty.CARRIES);
        return upright && !onHands;
    }

    /** How many of the implement are in use at once. */
    public int implementsAtOnce() {
        boolean shared = resistance instanceof ResistanceSpec.Weight weight && weight.hands() > 1;
        return shared || (arms == Arms.IN_TURN && traits.otherArm() != Traits.OtherArmDuty.HELPS) ? 1 : 2;
    }

    private double share(Head.Group group) {
        double sum = 0;
        for (Map.Entry<Head, Double> part : stimulus.entrySet()) {
            sum += part.getKey().group() == group ? part.getValue() : 0;
        }
        return sum;
    }

    /** The same exercise over another range. */
    public Exercise withMovement(Movement other) {
        return with(other, implement, grip, resistance, stimulus, equipment);
    }

    /** The same exercise at another tempo. */
    public Exercise atTempo(Tempo other) {
        return other.equals(tempo)
                ? this
                : copy(key, name, movement, implement, grip, resistance, stimulus, equipment, other);
    }

    /** The same exercise moved, held or loaded otherwise. */
    Exercise with(
            Movement newMovement,
            Implement newImplement,
            Grip newGrip,
            ResistanceSpec newResistance,
            Map<Head, Double> newStimulus,
            List<String> newEquipment) {
        return copy(key, name, newMovement, newImplement, newGrip, newResistance, newStimulus, newEquipment, tempo);
    }

    /** The same exercise under another key and name: a room's own variation. */
    public Exercise called(String newKey, String newName) {
        return copy(newKey, newName, movement, implement, grip, resistance, stimulus, equipment, tempo);
    }

    private Exercise copy(
            String newKey,
            String newName,
            Movement newMovement,
            Implement newImplement,
            Grip newGrip,
            ResistanceSpec newResistance,
            Map<Head, Double> newStimulus,
            List<String> newEquipment,
            Tempo newTempo) {
        return new Exercise(
                newKey,
                newName,
                movementFamily,
                role,
                newMovement,
                newImplement,
                newGrip,
                stance,
                arms,
                newResistance,
                upperArmSupported,
                furniture,
                traits,
                newStimulus,
                bodyWeightShare,
                newTempo,
                reps,
                newEquipment,
                guidance,
                warmUpRole,
                closingPress);
    }
}
