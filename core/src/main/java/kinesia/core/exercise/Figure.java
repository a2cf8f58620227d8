package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Vec3;
import org.jspecify.annotations.Nullable;

/**
 * What is needed to draw an exercise: where the joints are at even steps of the movement, and the load there. Points are
 * metres from the right shoulder, x forward, y up, z to the right; a view from the side reads x and y, from the front z
 * and y. Drawn from the same keyframes that the torques come from.
 *
 * @param anchor where a cable or band is fixed; null for weights and body weight
 */
public record Figure(
        Implement implement,
        Stance stance,
        boolean upperArmSupported,
        double peakDemandNm,
        double peakBendDeg,
        @Nullable Vec3 anchor,
        List<Frame> frames) {

    /** Frames a figure is drawn from. */
    public static final int FRAMES = 21;

    // Drillis and Contini 1966 [pub]: trunk from shoulder to hip and shoulder to top of head as shares of stature.
    private static final double SHOULDER_TO_HIP = 0.288;
    private static final double SHOULDER_TO_HEAD = 0.118;

    /** One moment: progress 0 to 1, bend and demand at the elbow, and the joints. */
    public record Frame(double progress, double bendDeg, double demandNm, Vec3 head, Vec3 hip, Vec3 elbow, Vec3 grip) {}

    /** Draws {@code exercise} for {@code body} at {@code loadKg}. */
    public static Figure of(ExerciseModel model, Exercise exercise, Body body, double loadKg) {
        LoadCurve curve = model.curve(exercise, body, loadKg);
        List<Frame> frames = new ArrayList<>(FRAMES);
        int step = (LoadCurve.SAMPLES - 1) / (FRAMES - 1);
        for (int i = 0; i < LoadCurve.SAMPLES; i += step) {
            Sample s = curve.samples().get(i);
            Vec3 up = s.frame().trunkUp();
            frames.add(new Frame(
                    s.progress(),
                    s.pose().elbowFlexionDeg(),
                    s.load().elbowDemandNm(),
                    up.times(SHOULDER_TO_HEAD * body.statureM()),
                    up.times(-SHOULDER_TO_HIP * body.statureM()),
                    s.frame().elbow(),
                    s.frame().grip()));
        }
        LoadCurve.Summary summary = curve.summary();
        Double peakBend = summary.peakElbowFlexionDeg();
        return new Figure(
                exercise.implement(),
                exercise.stance(),
                exercise.upperArmSupported(),
                Math.abs(summary.peakDemandNm()),
                peakBend == null ? 0 : peakBend,
                exercise.resistance().anchor(body).orElse(null),
                frames);
    }
}
