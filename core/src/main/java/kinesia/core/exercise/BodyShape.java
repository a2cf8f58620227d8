package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.Vec3;

/**
 * The rest of the body around one arm, for drawing only: the model itself ends at the shoulder. Points are metres from
 * that shoulder. Proportions: Drillis and Contini 1966 [pub]; how each stance is held is a drawing decision.
 */
record BodyShape(
        Vec3 head,
        Vec3 shoulder,
        Vec3 otherShoulder,
        Vec3 hip,
        List<Vec3> leg,
        List<Vec3> otherLeg,
        Vec3 otherElbow,
        Vec3 otherGrip,
        double floorY) {
    private static final double HALF_SHOULDERS = 0.129;
    private static final double HALF_HIPS = 0.06;
    private static final double HEAD = 0.118;
    private static final double TRUNK = 0.288;
    /** How far in from its outside a shoulder turns. */
    private static final double SHOULDER_IN = 0.033;

    private static final double HALF_HAND = 0.018;
    static final double THIGH = 0.245;
    static final double SHANK = 0.246;
    static final double FOOT = 0.039;
    /** Half the depth of the trunk, and with it the distance from its axis to what it lies on. */
    static final double HALF_TRUNK = 0.075;

    // From this pitch on a prone body kneels beside a level bench; under it the chest lies on a tipped one.
    private static final double KNEELS_ON_BENCH_FROM_DEG = 65;
    private static final double FLAT_UP_TO_DEG = -80;

    /** The body of stature {@code h} at one moment of {@code exercise}. */
    static BodyShape of(Exercise exercise, double pitchDeg, ArmFrame arm, double h) {
        Vec3 up = arm.trunkUp();
        Vec3 lateral = arm.trunkFront().cross(up);
        Vec3 middle = lateral.times(-HALF_SHOULDERS * h);
        Vec3 hip = middle.minus(up.times(TRUNK * h));
        List<Vec3> leg = leg(exercise, pitchDeg, arm, hip, h);
        Vec3 aside = lateral.times(HALF_HIPS * h);
        List<Vec3> right = leg.stream().map(p -> p.plus(aside)).toList();
        List<Vec3> left = kneelsOnBench(exercise, pitchDeg)
                ? List.of(
                        hip.minus(aside),
                        hip.minus(aside).plus(new Vec3(0, -THIGH * h, 0)),
                        hip.minus(aside).plus(new Vec3(-SHANK * h, -THIGH * h, 0)))
                : leg.stream().map(p -> p.minus(aside)).toList();
        double floor = right.stream().mapToDouble(Vec3::y).min().orElse(0) - FOOT * h;
        if (exercise.stance() == Stance.SIDE_LYING) {
            floor = -(2 * HALF_SHOULDERS + SHOULDER_IN) * h;
        } else if (liesOnFloor(exercise)) {
            floor = -HALF_TRUNK * h;
        } else if (leansOnHands(exercise)) {
            floor = Math.min(floor, arm.grip().y() - HALF_HAND * h);
        }
        Vec3 otherShoulder = middle.times(2);
        OtherArm other = OtherArm.of(exercise, pitchDeg, arm, otherShoulder, lateral, left, h);
        return new BodyShape(
                middle.plus(up.times(HEAD * h)),
                Vec3.ZERO,
                otherShoulder,
                hip,
                right,
                left,
                other.elbow(),
                other.grip(),
                floor);
    }

    static boolean kneelsOnBench(Exercise exercise, double pitchDeg) {
        return exercise.stance() == Stance.PRONE_SUPPORTED && pitchDeg >= KNEELS_ON_BENCH_FROM_DEG;
    }

    /** Whether a lying body is on a tipped bench, which is drawn with a seat. */
    static boolean reclines(Exercise exercise, double pitchDeg) {
        return exercise.stance() == Stance.SUPINE && pitchDeg > FLAT_UP_TO_DEG;
    }

    static boolean liesOnFloor(Exercise exercise) {
        return exercise.stance() == Stance.FLOOR && exercise.furniture().hands() == Furniture.Hands.FREE;
    }

    /** Whether shoulder, hip and foot make one line that leans on the hands or hangs from them. */
    static boolean leansOnHands(Exercise exercise) {
        return exercise.isCalled("push-up") || exercise.furniture().hands() == Furniture.Hands.STRAP;
    }

    /** The same body moved by {@code by}. */
    BodyShape moved(Vec3 by) {
        return new BodyShape(
                head.plus(by),
                shoulder.plus(by),
                otherShoulder.plus(by),
                hip.plus(by),
                leg.stream().map(p -> p.plus(by)).toList(),
                otherLeg.stream().map(p -> p.plus(by)).toList(),
                otherElbow.plus(by),
                otherGrip.plus(by),
                floorY + by.y());
    }

    /** Hip, knee and ankle in the middle plane of the body. */
    private static List<Vec3> leg(Exercise exercise, double pitchDeg, ArmFrame arm, Vec3 hip, double h) {
        Vec3 up = arm.trunkUp();
        if (leansOnHands(exercise)) {
            Vec3 knee = hip.minus(up.times(THIGH * h));
            return exercise.stance() == Stance.KNEELING
                    ? List.of(hip, knee, knee.plus(new Vec3(-0.2 * h, 0.06 * h, 0)))
                    : List.of(hip, knee, knee.minus(up.times(SHANK * h)));
        }
        return switch (exercise.stance()) {
            case STANDING -> path(hip, h, 0.012, -THIGH, -0.012, -SHANK);
            case SEATED, HANGING -> path(hip, h, THIGH, 0.0, 0.01, -SHANK);
            case SUPINE ->
                reclines(exercise, pitchDeg)
                        ? path(hip, h, THIGH, 0.0, 0.01, -SHANK)
                        : path(hip, h, THIGH, -0.01, 0.03, -0.235);
            case FLOOR -> path(hip, h, 0.17, 0.17, 0.14, -0.205);
            case PRONE_SUPPORTED ->
                kneelsOnBench(exercise, pitchDeg)
                        ? path(hip, h, 0.02, -THIGH, -0.05, -SHANK)
                        : path(hip, h, -0.10, -0.22, -0.06, -0.235);
            case BENT_OVER -> path(hip, h, 0.06, -0.237, -0.06, -0.239);
            case KNEELING -> path(hip, h, 0.01, -THIGH, -0.24, 0.02);
            case SIDE_LYING -> {
                Vec3 knee = hip.minus(up.times(0.17 * h)).plus(arm.trunkFront().times(0.17 * h));
                yield List.of(
                        hip,
                        knee,
                        knee.minus(up.times(0.20 * h)).minus(arm.trunkFront().times(0.14 * h)));
            }
        };
    }

    private static List<Vec3> path(Vec3 from, double h, double x1, double y1, double x2, double y2) {
        List<Vec3> points = new ArrayList<>(List.of(from));
        points.add(from.plus(new Vec3(x1 * h, y1 * h, 0)));
        points.add(points.get(1).plus(new Vec3(x2 * h, y2 * h, 0)));
        return List.copyOf(points);
    }
}
