package kinesia.core.exercise;

import java.util.List;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.Resistance;
import kinesia.core.arm.Vec3;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.RuleFile;

/**
 * Push-ups, dips and close presses push along the forearm: one that lies across the line of push asks of the elbow what nobody
 * has, and a logged one would then show a strength that nobody has (RULES 2).
 */
final class PressLine {
    private static final double ANY_LOAD_KG = 20;
    private static final double RIGHT_ANGLE = 90;
    private static final double HALF_A_DEGREE = 0.5;
    private static final int MOMENTS = 20;

    private PressLine() {}

    /** Throws with file and line when the forearm of {@code exercise} leaves the line of push by more than {@code most}. */
    static void check(Exercise exercise, RuleFile most) {
        double allowed = most.within(0, RIGHT_ANGLE, "degrees");
        double worst = worstDeg(exercise);
        if (worst > allowed + HALF_A_DEGREE) {
            throw most.error("the forearm of '" + exercise.key() + "' leaves the line of push by "
                    + Numbers.plain(worst, 1) + " degrees");
        }
    }

    /** The largest angle between forearm and line of push over the movement, in degrees. */
    static double worstDeg(Exercise exercise) {
        List<Resistance> load = exercise.resistance().forLoad(ANY_LOAD_KG, Body.ANYBODY);
        double worst = 0;
        for (int i = 0; i <= MOMENTS; i++) {
            ArmFrame frame = ArmFrame.of(Body.ANYBODY.arm(), exercise.movement().at(i / (double) MOMENTS));
            Vec3 force = load.stream().map(r -> r.forceOn(frame)).reduce(Vec3.ZERO, Vec3::plus);
            double along = -force.dot(frame.forearm()) / force.norm();
            worst = Math.max(worst, Math.toDegrees(Math.acos(Math.max(-1, Math.min(1, along)))));
        }
        return worst;
    }
}
