package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.List;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.Vec3;
import org.jspecify.annotations.Nullable;

/** What stands around the body, for drawing: bench, pad, wall, rings, the post a line comes from. Metres. */
final class Scene {
    private static final double HALF_WIDTH = 0.085;
    // Sine of the pitch from which a sitter no longer leans on the chair's back.
    private static final double LEANS_FORWARD = 0.17;

    private final List<Figure.Prop> props = new ArrayList<>();
    private final double h;
    private final BodyShape body;
    private final double middleZ;

    private Scene(BodyShape body, double h) {
        this.body = body;
        this.h = h;
        this.middleZ = body.hip().z();
    }

    /** The things around {@code exercise}, whose first moment is {@code arm} and {@code body}. */
    static List<Figure.Prop> of(
            Exercise exercise, double pitchDeg, ArmFrame arm, BodyShape body, @Nullable Vec3 anchor, double h) {
        Scene scene = new Scene(body, h);
        scene.underTheBody(exercise, pitchDeg, arm);
        Vec3 toward = new Vec3(0, 1, 0);
        if (exercise.resistance() instanceof ResistanceSpec.Own own) {
            toward = own.toward();
        } else if (exercise.resistance() instanceof ResistanceSpec.Push push) {
            toward = push.toward();
        }
        scene.underTheHands(exercise.furniture().hands(), arm.grip(), exercise.isCalled("dip"), toward);
        if (exercise.upperArmSupported()) {
            scene.pad(arm);
        }
        if (anchor != null && anchor.y() > body.floorY() + 0.05 * h && exercise.implement() != Implement.MACHINE) {
            scene.add(Figure.PropKind.POST, anchor, new Vec3(anchor.x(), body.floorY(), anchor.z()));
        }
        return scene.props;
    }

    private void underTheBody(Exercise exercise, double pitchDeg, ArmFrame arm) {
        Vec3 up = arm.trunkUp();
        Vec3 back = arm.trunkFront().times(-BodyShape.HALF_TRUNK * h);
        Vec3 middle = Vec3.mix(body.shoulder(), 0.5, body.otherShoulder(), 0.5);
        switch (exercise.stance()) {
            case SEATED -> {
                if (exercise.furniture().hands() == Furniture.Hands.FREE) {
                    seat(pitchDeg < -10 || exercise.equipment().contains("chair"), up, back, middle);
                }
            }
            case SUPINE -> {
                if (BodyShape.reclines(exercise, pitchDeg)) {
                    seat(true, up, back, middle);
                    return;
                }
                Vec3 head = middle.plus(back).plus(up.times(0.2 * h));
                surface(head, body.hip().plus(back), true);
            }
            case PRONE_SUPPORTED -> {
                if (BodyShape.kneelsOnBench(exercise, pitchDeg)) {
                    double top = body.otherLeg().get(1).y() - 0.02 * h;
                    double back0 = body.otherLeg().get(1).x() - 0.3 * h;
                    surfaceAt(body.otherShoulder().z(), back0, back0 + 0.75 * h, top);
                } else {
                    Vec3 front = back.times(-1);
                    Vec3 top = middle.plus(front).minus(up.times(0.02 * h));
                    Vec3 low = body.hip().plus(front).minus(up.times(0.02 * h));
                    slab(top, low);
                    Vec3 foot = Vec3.mix(top, 0.5, low, 0.5);
                    add(Figure.PropKind.POST, foot, new Vec3(foot.x(), body.floorY(), foot.z()));
                }
            }
            case STANDING, BENT_OVER, KNEELING, FLOOR, SIDE_LYING, HANGING -> {
                // The floor is drawn with every figure.
            }
        }
    }

    private void seat(boolean hasBack, Vec3 up, Vec3 back, Vec3 middle) {
        double top = body.hip().y() - 0.055 * h;
        double rear = body.hip().x() - 0.10 * h;
        surface(new Vec3(rear, top, middleZ), new Vec3(rear + 0.25 * h, top, middleZ), true);
        if (hasBack) {
            // A tipped bench follows the trunk; a chair's back stays upright when its sitter leans forward.
            boolean upright = up.x() > LEANS_FORWARD;
            Vec3 low = body.hip().plus(upright ? new Vec3(-BodyShape.HALF_TRUNK * h, 0, 0) : back);
            double length = Math.min(0.34 * h, middle.minus(body.hip()).norm() + 0.05 * h);
            slab(low, low.plus((upright ? new Vec3(0, 1, 0) : up).times(length)));
        }
    }

    private void underTheHands(Furniture.Hands hands, Vec3 hand, boolean behind, Vec3 toward) {
        double top = hand.y() - 0.02 * h;
        switch (hands) {
            case BENCH ->
                // A table that is pushed up from below lies on the hands.
                surfaceAt(
                        middleZ,
                        hand.x() - (behind ? 0.28 : 0.06) * h,
                        hand.x() + (behind ? 0.04 : 0.28) * h,
                        toward.y() < 0 ? hand.y() + 0.05 * h : top);
            case WALL -> {
                double x = hand.x() + 0.02 * h;
                quad(
                        Figure.PropKind.WALL,
                        new Vec3(x, body.floorY(), middleZ),
                        new Vec3(x, hand.y() + 0.35 * h, middleZ),
                        3.5 * HALF_WIDTH * h);
            }
            case BARS -> {
                for (double z : new double[] {hand.z(), 2 * middleZ - hand.z()}) {
                    add(
                            Figure.PropKind.FRAME,
                            new Vec3(hand.x() - 0.18 * h, top, z),
                            new Vec3(hand.x() + 0.18 * h, top, z));
                    add(
                            Figure.PropKind.POST,
                            new Vec3(hand.x() + 0.16 * h, top, z),
                            new Vec3(hand.x() + 0.16 * h, body.floorY(), z));
                }
            }
            case RINGS -> {
                for (double z : new double[] {hand.z(), 2 * middleZ - hand.z()}) {
                    add(
                            Figure.PropKind.STRAP,
                            new Vec3(hand.x(), hand.y(), z),
                            new Vec3(hand.x(), hand.y() + 0.85 * h, z));
                }
            }
            case STRAP -> {
                Vec3 line = toward.times(0.85 * h);
                for (double z : new double[] {hand.z(), 2 * middleZ - hand.z()}) {
                    Vec3 from = new Vec3(hand.x(), hand.y(), z);
                    add(Figure.PropKind.STRAP, from, from.plus(line));
                }
            }
            case FREE, FLOOR -> {
                // Nothing to draw.
            }
        }
    }

    /** A pad under the upper arm with its post. */
    private void pad(ArmFrame arm) {
        Vec3 below = arm.trunkFront().dot(arm.upperArm()) > 0
                ? arm.upperArm().cross(new Vec3(0, 0, 1)).times(0.055 * h)
                : new Vec3(0, -0.055 * h, 0);
        Vec3 under = below.y() > 0 ? below.times(-1) : below;
        Vec3 high = arm.upperArm().times(0.05 * h).plus(under);
        Vec3 low = arm.elbow().plus(arm.upperArm().times(0.05 * h)).plus(under);
        slab(new Vec3(high.x(), high.y(), middleZ), new Vec3(low.x(), low.y(), middleZ));
        Vec3 foot = Vec3.mix(high, 0.5, low, 0.5);
        add(Figure.PropKind.POST, new Vec3(foot.x(), foot.y(), middleZ), new Vec3(foot.x(), body.floorY(), middleZ));
    }

    private void surfaceAt(double z, double from, double to, double top) {
        surface(new Vec3(from, top, z), new Vec3(to, top, z), true);
    }

    private void surface(Vec3 from, Vec3 to, boolean legs) {
        slab(from, to);
        if (legs) {
            for (double t : new double[] {0.15, 0.85}) {
                Vec3 at = Vec3.mix(from, 1 - t, to, t);
                add(Figure.PropKind.POST, at, new Vec3(at.x(), body.floorY(), at.z()));
            }
        }
    }

    private void slab(Vec3 from, Vec3 to) {
        quad(Figure.PropKind.PAD, from, to, HALF_WIDTH * h);
    }

    private void quad(Figure.PropKind kind, Vec3 from, Vec3 to, double halfWidth) {
        Vec3 side = new Vec3(0, 0, halfWidth);
        add(kind, from.minus(side), from.plus(side), to.plus(side), to.minus(side));
    }

    private void add(Figure.PropKind kind, Vec3... points) {
        props.add(new Figure.Prop(kind, List.of(points)));
    }
}
