package kinesia.core.arm;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.reason.InvalidValue;

/**
 * A movement as keyframes; each angle is linear in progress between them. Progress runs from 0 (bottom, where the lift
 * starts) to 1 (top).
 */
public record Movement(List<Keyframe> keyframes) {

    /** A pose at one point of the movement; {@code progress} from 0 to 1. */
    public record Keyframe(double progress, Pose pose) {}

    /** At least two keyframes, the first at 0, the last at 1, strictly rising; otherwise {@link InvalidValue}. */
    public Movement {
        keyframes = List.copyOf(keyframes);
        if (keyframes.size() < 2) {
            throw new InvalidValue("keyframes", "needs at least two keyframes");
        }
        if (keyframes.get(0).progress() != 0
                || keyframes.get(keyframes.size() - 1).progress() != 1) {
            throw new InvalidValue("keyframes", "progress must start at 0 and end at 1");
        }
        for (int i = 1; i < keyframes.size(); i++) {
            if (!(keyframes.get(i).progress() > keyframes.get(i - 1).progress())) {
                throw new InvalidValue("keyframes[" + i + "].progress", "must be greater than the one before");
            }
        }
    }

    /** From one pose straight to another. */
    public static Movement between(Pose start, Pose end) {
        return new Movement(List.of(new Keyframe(0, start), new Keyframe(1, end)));
    }

    /** The bend of the elbow at {@code progress} in [0, 1], degrees; cheaper than the whole pose. */
    public double elbowFlexionAt(double progress) {
        int i = after(progress);
        Keyframe from = keyframes.get(i - 1);
        Keyframe to = keyframes.get(i);
        double share = (progress - from.progress()) / (to.progress() - from.progress());
        return from.pose().elbowFlexionDeg()
                + (to.pose().elbowFlexionDeg() - from.pose().elbowFlexionDeg()) * share;
    }

    /** The keyframe that {@code progress} comes before, at least the second. */
    private int after(double progress) {
        InvalidValue.requireWithin("progress", progress, 0, 1, "");
        int i = 1;
        while (i < keyframes.size() - 1 && keyframes.get(i).progress() < progress) {
            i++;
        }
        return i;
    }

    /** The pose at {@code progress} in [0, 1]. */
    public Pose at(double progress) {
        int i = after(progress);
        Keyframe from = keyframes.get(i - 1);
        Keyframe to = keyframes.get(i);
        return from.pose().towards(to.pose(), (progress - from.progress()) / (to.progress() - from.progress()));
    }

    /**
     * The part from {@code from} to {@code to} (0 to 1, {@code from} below {@code to}) as a movement of its own; otherwise
     * {@link InvalidValue}.
     */
    public Movement part(double from, double to) {
        InvalidValue.requireWithin("rangeFrom", from, 0, 1, "");
        InvalidValue.requireWithin("rangeTo", to, from + 0.01, 1, "");
        List<Keyframe> frames = new ArrayList<>();
        frames.add(new Keyframe(0, at(from)));
        for (Keyframe frame : keyframes) {
            if (frame.progress() > from && frame.progress() < to) {
                frames.add(new Keyframe((frame.progress() - from) / (to - from), frame.pose()));
            }
        }
        frames.add(new Keyframe(1, at(to)));
        return new Movement(frames);
    }
}
