package kinesia.core.exercise;

import java.util.List;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.Vec3;

/** Where the other arm is, for drawing: the mirror of the working one, or resting where the stance suggests. */
record OtherArm(Vec3 elbow, Vec3 grip) {
    private static final double UPPER = 0.186;
    private static final double LOWER = 0.200;

    static OtherArm of(
            Exercise exercise, double pitchDeg, ArmFrame arm, Vec3 shoulder, Vec3 lateral, List<Vec3> leg, double h) {
        if (exercise.arms() != Exercise.Arms.IN_TURN) {
            return new OtherArm(
                    shoulder.plus(across(arm.elbow(), lateral)), shoulder.plus(across(arm.grip(), lateral)));
        }
        if (exercise.traits().otherArm() == Traits.OtherArmDuty.HELPS
                && exercise.resistance() instanceof ResistanceSpec.Elastic held) {
            // It holds the band that the other one pulls.
            return reaching(shoulder, held.fixedAt().times(h), bendsToward(exercise, arm, lateral), h);
        }
        Vec3 knee = leg.get(1);
        Vec3 hip = leg.get(0);
        Vec3 target = switch (exercise.stance()) {
            case SEATED, HANGING -> Vec3.mix(hip, 0.4, knee, 0.6).plus(new Vec3(0, 0.05 * h, 0));
            case BENT_OVER -> Vec3.mix(hip, 0.3, knee, 0.7).plus(new Vec3(0.04 * h, 0, 0));
            case PRONE_SUPPORTED ->
                BodyShape.kneelsOnBench(exercise, pitchDeg)
                        ? new Vec3(shoulder.x() + 0.02 * h, knee.y(), shoulder.z())
                        : shoulder.plus(new Vec3(0, -0.36 * h, 0));
            case SUPINE, FLOOR -> arm.elbow();
            case SIDE_LYING ->
                shoulder.plus(arm.trunkFront().times(0.16 * h))
                        .minus(arm.trunkUp().times(0.18 * h));
            case KNEELING ->
                exercise.traits().otherArm() == Traits.OtherArmDuty.CARRIES
                        ? new Vec3(shoulder.x() + 0.02 * h, knee.y() - 0.03 * h, shoulder.z())
                        : hip.plus(lateral.times(-0.03 * h)).plus(new Vec3(0.03 * h, 0.04 * h, 0));
            case STANDING -> hip.plus(lateral.times(-0.03 * h)).plus(new Vec3(0.03 * h, 0.04 * h, 0));
        };
        return reaching(shoulder, target, bendsToward(exercise, arm, lateral), h);
    }

    private static Vec3 bendsToward(Exercise exercise, ArmFrame arm, Vec3 lateral) {
        return switch (exercise.stance()) {
            case SUPINE, FLOOR -> arm.trunkUp().times(-1);
            case SIDE_LYING -> arm.trunkFront();
            default -> Vec3.mix(arm.trunkFront(), -1, lateral, -0.6);
        };
    }

    /** An arm from {@code shoulder} to {@code target}, or as far as it goes, its elbow pushed toward {@code side}. */
    private static OtherArm reaching(Vec3 shoulder, Vec3 target, Vec3 side, double h) {
        Vec3 line = target.minus(shoulder);
        double distance = Math.max(0.02 * h, Math.min(line.norm(), (UPPER + LOWER) * h * 0.995));
        Vec3 along = line.times(1 / Math.max(line.norm(), 1e-9));
        double a = (UPPER * UPPER - LOWER * LOWER) * h * h / (2 * distance) + distance / 2;
        double out = Math.sqrt(Math.max(0, UPPER * UPPER * h * h - a * a));
        Vec3 sideways = side.minus(along.times(side.dot(along)));
        Vec3 unit = sideways.times(1 / Math.max(sideways.norm(), 1e-9));
        return new OtherArm(shoulder.plus(Vec3.mix(along, a, unit, out)), shoulder.plus(along.times(distance)));
    }

    /** {@code v} seen in the mirror whose normal is {@code lateral}. */
    private static Vec3 across(Vec3 v, Vec3 lateral) {
        return v.minus(lateral.times(2 * v.dot(lateral)));
    }
}
