package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.Movement.Keyframe;
import kinesia.core.arm.Pose;
import kinesia.core.reason.InvalidValue;
import kinesia.core.reason.Numbers;
import org.jspecify.annotations.Nullable;

/**
 * What can be turned on one entry and how far. A span is null where turning it would make no sense: a hand that carries
 * the body does not choose its arm's angle.
 */
public record WorkbenchScope(
        @Nullable Span benchDeg,
        @Nullable Span armForwardDeg,
        @Nullable Span flareDeg,
        List<Grip> grips,
        List<Implement> implementChoices) {

    private static final double MOST_BEHIND_DEG = -60;
    private static final double OVERHEAD_DEG = 180;

    /** Both ends included. */
    public record Span(double from, double to) {}

    static WorkbenchScope of(Exercise entry) {
        boolean free = entry.furniture().hands() == Furniture.Hands.FREE && entry.implement() != Implement.MACHINE;
        return new WorkbenchScope(
                bench(entry),
                free ? arm(entry) : null,
                free ? flare(entry) : null,
                gripsOf(entry.implement(), entry),
                implementsOf(entry));
    }

    private static @Nullable Span bench(Exercise entry) {
        if (entry.furniture().bench() == Furniture.Bench.FIXED) {
            return null;
        }
        double pitch = entry.movement().keyframes().get(0).pose().torsoPitchDeg();
        // Lying back from flat to nearly upright, or chest on the bench from steep to nearly level.
        return pitch < 0 ? new Span(-90 - pitch, -15 - pitch) : new Span(15 - pitch, 60 - pitch);
    }

    private static @Nullable Span arm(Exercise entry) {
        double least = -90;
        double most = 90;
        for (Keyframe frame : entry.movement().keyframes()) {
            Pose pose = frame.pose();
            if (pose.planeOfElevationDeg() < 45 || pose.planeOfElevationDeg() > 135) {
                return null; // the arm is not raised forward, so "forward" would mean something else
            }
            least = Math.max(least, MOST_BEHIND_DEG - pose.elevationDeg());
            most = Math.min(most, OVERHEAD_DEG - pose.elevationDeg());
        }
        return new Span(Math.min(0, least), Math.max(0, most));
    }

    private static Span flare(Exercise entry) {
        double least = -30;
        double most = 75;
        for (Keyframe frame : entry.movement().keyframes()) {
            least = Math.max(least, frame.pose().planeOfElevationDeg() - 150);
            most = Math.min(most, frame.pose().planeOfElevationDeg());
        }
        return new Span(Math.min(0, least), Math.max(0, most));
    }

    static List<Grip> gripsOf(Implement implement, Exercise entry) {
        if (entry.resistance() instanceof ResistanceSpec.Unloaded) {
            return List.of(entry.grip());
        }
        return switch (implement) {
            case DUMBBELL, CABLE_HANDLE, BAND -> List.of(Grip.PALM_UP, Grip.NEUTRAL, Grip.PALM_DOWN, Grip.TURNING);
            case STRAIGHT_BAR, ANGLED_BAR, CABLE_BAR ->
                entry.group() == Head.Group.FLEXORS
                        ? List.of(Grip.PALM_UP, Grip.PALM_DOWN)
                        : List.of(Grip.PALM_DOWN, Grip.PALM_UP);
            case CABLE_ROPE -> List.of(Grip.NEUTRAL);
            case HOUSEHOLD -> List.of(Grip.NEUTRAL, Grip.PALM_UP);
            case MACHINE, BODY_WEIGHT, FIXED, NOTHING -> List.of(entry.grip());
        };
    }

    private static List<Implement> implementsOf(Exercise entry) {
        List<Implement> possible = new ArrayList<>(List.of(entry.implement()));
        if (!entry.implement().isHeld() || entry.resistance() instanceof ResistanceSpec.Unloaded) {
            return possible;
        }
        boolean bothHands = entry.arms() == Exercise.Arms.TOGETHER;
        for (Implement other : Implement.values()) {
            boolean needsBoth = other.isBar() || other == Implement.CABLE_ROPE;
            // A weight cannot stand in for a line from above: it would pull the other way.
            boolean pullsAlike = !entry.implement().isAnchored() || other.isAnchored();
            if (other.isHeld() && pullsAlike && (bothHands || !needsBoth) && !possible.contains(other)) {
                possible.add(other);
            }
        }
        return List.copyOf(possible);
    }

    /** Refuses at the field what the entry cannot take. */
    void check(Adjustment change) {
        within("benchDeg", change.benchDeg(), benchDeg, "this exercise has no bench that tips");
        within("armForwardDeg", change.armForwardDeg(), armForwardDeg, "the arm's angle is set by the exercise");
        within("driftDeg", change.driftDeg(), armForwardDeg, "the arm's angle is set by the exercise");
        within("flareDeg", change.flareDeg(), flareDeg, "the elbow's flare is set by the exercise");
        Implement implement = change.implement();
        if (implement != null && !implementChoices.contains(implement)) {
            throw new InvalidValue("implement", "this exercise cannot be done with a " + implement.words());
        }
    }

    static void requireElevation(Adjustment change, double elevation) {
        if (elevation < -90 || elevation > OVERHEAD_DEG) {
            String field =
                    change.armForwardDeg() != 0 ? "armForwardDeg" : change.driftDeg() != 0 ? "driftDeg" : "benchDeg";
            throw new InvalidValue(
                    field,
                    "would bring the upper arm to " + Numbers.plain(elevation, 0) + " degrees; -90 to 180 is possible");
        }
    }

    private static void within(String field, double value, @Nullable Span span, String otherwise) {
        if (value == 0) {
            return;
        }
        if (span == null) {
            throw new InvalidValue(field, otherwise);
        }
        InvalidValue.requireWithin(field, value, span.from(), span.to(), "degrees");
    }
}
