package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Vec3;
import org.jspecify.annotations.Nullable;

/**
 * What is needed to draw an exercise: where the body is at even steps of the movement, what stands around it, and the load
 * there. Points are metres, x forward, y up, z to the right; a view from the side reads x and y, from the front z and y.
 * Drawn from the same keyframes that the torques come from. The shoulder is the origin, except where the hands carry the
 * body: then the hands stay and the body moves.
 *
 * @param bothArms the other arm does the same at the same time
 * @param oneWeight one weight is held by both hands, a bar or a single dumbbell
 * @param works the muscle it is for; null where that is neither bending nor straightening the elbow
 * @param view from where the hand is seen to travel furthest
 * @param anchor where a cable or band is fixed; null for weights and body weight
 */
public record Figure(
        Implement implement,
        Stance stance,
        Build build,
        Head.@Nullable Group works,
        View view,
        boolean bothArms,
        boolean oneWeight,
        boolean upperArmSupported,
        double peakDemandNm,
        double peakBendDeg,
        double floorY,
        @Nullable Vec3 anchor,
        List<Prop> props,
        List<Frame> frames) {

    /** Frames a figure is drawn from. */
    public static final int FRAMES = 21;

    private static final int STILL_FRAMES = 3;
    private static final double PARTS = 1e3;
    // From the side unless another view shows clearly more.
    private static final double FURTHER = 1.1;

    /** From where a figure is looked at: turned about the upright, from the right side of the client toward the front. */
    public enum View {
        SIDE(18),
        THREE_QUARTER(50),
        FRONT(90);

        private final double yaw;

        View(double yawDeg) {
            yaw = Math.toRadians(yawDeg);
        }

        /** How far apart the two points of {@code moments} are that look furthest apart from here. */
        private double travel(List<Frame> moments) {
            double furthest = 0;
            for (Frame a : moments) {
                for (Frame b : moments) {
                    Vec3 d = a.grip().minus(a.shoulder()).minus(b.grip().minus(b.shoulder()));
                    furthest = Math.max(furthest, Math.hypot(d.x() * Math.cos(yaw) - d.z() * Math.sin(yaw), d.y()));
                }
            }
            return furthest;
        }

        private static View of(List<Frame> moments) {
            View best = SIDE;
            for (View view : values()) {
                best = view.travel(moments) > FURTHER * best.travel(moments) ? view : best;
            }
            return best;
        }
    }

    /** What a thing around the body is, for how it is drawn. */
    public enum PropKind {
        PAD,
        POST,
        FRAME,
        WALL,
        STRAP
    }

    /** A line (two points) or a surface (four). */
    public record Prop(PropKind kind, List<Vec3> points) {}

    /**
     * One moment: progress 0 to 1, bend and demand at the elbow, the joints, which way a weight's handle lies in the hand
     * (unit vector), where its palm looks (unit vector), and the direction of pull (unit vector, zero where nothing pulls).
     * {@code front} is the side of the upper arm that the elbow bends to (unit vector).
     */
    public record Frame(
            double progress,
            double bendDeg,
            double demandNm,
            Vec3 head,
            Vec3 shoulder,
            Vec3 otherShoulder,
            Vec3 hip,
            List<Vec3> leg,
            List<Vec3> otherLeg,
            Vec3 elbow,
            Vec3 grip,
            Vec3 otherElbow,
            Vec3 otherGrip,
            Vec3 handle,
            Vec3 palm,
            Vec3 front,
            Vec3 pull) {}

    /** Draws {@code exercise} for {@code body} at {@code loadKg}. */
    public static Figure of(ExerciseModel model, Exercise exercise, Body body, double loadKg) {
        return of(exercise, body, model.curve(exercise, body, loadKg));
    }

    /** Draws {@code exercise} from its curve of the usual number of samples. */
    public static Figure of(Exercise exercise, Body body, LoadCurve curve) {
        return of(exercise, body, curve, FRAMES);
    }

    /** Only three moments: start, middle and end, to a millimetre: hundreds of them go over the line at once. */
    public static Figure still(Exercise exercise, Body body, LoadCurve curve) {
        return of(exercise, body, curve, STILL_FRAMES).rounded();
    }

    private Figure rounded() {
        return new Figure(
                implement,
                stance,
                build,
                works,
                view,
                bothArms,
                oneWeight,
                upperArmSupported,
                rounded(peakDemandNm),
                rounded(peakBendDeg),
                rounded(floorY),
                anchor == null ? null : rounded(anchor),
                props.stream().map(p -> new Prop(p.kind(), rounded(p.points()))).toList(),
                frames.stream().map(Figure::rounded).toList());
    }

    private static Frame rounded(Frame f) {
        return new Frame(
                f.progress(),
                rounded(f.bendDeg()),
                rounded(f.demandNm()),
                rounded(f.head()),
                rounded(f.shoulder()),
                rounded(f.otherShoulder()),
                rounded(f.hip()),
                rounded(f.leg()),
                rounded(f.otherLeg()),
                rounded(f.elbow()),
                rounded(f.grip()),
                rounded(f.otherElbow()),
                rounded(f.otherGrip()),
                rounded(f.handle()),
                rounded(f.palm()),
                rounded(f.front()),
                rounded(f.pull()));
    }

    private static List<Vec3> rounded(List<Vec3> points) {
        return points.stream().map(Figure::rounded).toList();
    }

    private static Vec3 rounded(Vec3 v) {
        return new Vec3(rounded(v.x()), rounded(v.y()), rounded(v.z()));
    }

    private static double rounded(double value) {
        return Math.round(value * PARTS) / PARTS;
    }

    /** Draws a movement of one arm without load, sitting on a chair: what a movement check asks for. */
    public static Figure unloaded(ExerciseModel model, Movement movement, Body body) {
        Exercise bare = new Exercise(
                "check",
                "Movement check",
                "check",
                Role.WARM_UP,
                movement,
                Implement.NOTHING,
                Grip.NEUTRAL,
                Stance.SEATED,
                Exercise.Arms.IN_TURN,
                new ResistanceSpec.Weight(1),
                false,
                new Furniture(Furniture.Bench.FIXED, Furniture.Hands.FREE),
                Traits.NONE,
                Map.of(),
                0,
                new Exercise.Tempo(2, 1, 2),
                new Exercise.RepRange(1, 1),
                List.of("chair"),
                new Guidance(List.of(), "", "", "", List.of(), "", List.of(), "", "", true),
                Exercise.WarmUpRole.NONE,
                false);
        return of(model, bare, body, 0);
    }

    private static Figure of(Exercise exercise, Body body, LoadCurve curve, int count) {
        double h = body.statureM();
        Sample first = curve.samples().get(0);
        BodyShape start = BodyShape.of(exercise, first.pose().torsoPitchDeg(), first.frame(), h);
        Vec3 fixed = exercise.resistance().anchor(body).orElse(null);
        // A band that runs to the middle of the body runs on to the other hand.
        boolean toOtherHand = fixed != null && Math.abs(fixed.z() - start.hip().z()) < 0.01 * h;
        Vec3 anchor = exercise.implement() == Implement.MACHINE || toOtherHand ? null : fixed;
        List<Frame> frames = new ArrayList<>(count);
        int step = (LoadCurve.SAMPLES - 1) / (count - 1);
        for (int i = 0; i < LoadCurve.SAMPLES; i += step) {
            frames.add(frame(exercise, curve.samples().get(i), first.frame().grip(), h));
        }
        LoadCurve.Summary summary = curve.summary();
        Double peakBend = summary.peakElbowFlexionDeg();
        double pitch = first.pose().torsoPitchDeg();
        return new Figure(
                exercise.implement(),
                exercise.stance(),
                Build.of(body),
                exercise.role().trainsTheArm() ? exercise.group() : null,
                View.of(frames),
                exercise.arms() != Exercise.Arms.IN_TURN,
                exercise.implement().isBar()
                        || toOtherHand
                        || (exercise.resistance() instanceof ResistanceSpec.Weight weight && weight.hands() == 2),
                exercise.upperArmSupported(),
                Math.abs(summary.peakDemandNm()),
                peakBend == null ? 0 : peakBend,
                start.floorY(),
                anchor,
                Scene.of(exercise, pitch, first.frame(), start, anchor, h),
                frames);
    }

    private static Frame frame(Exercise exercise, Sample s, Vec3 firstGrip, double h) {
        ArmFrame arm = s.frame();
        boolean handsStay = exercise.implement() == Implement.BODY_WEIGHT;
        Vec3 by = handsStay ? firstGrip.minus(arm.grip()) : Vec3.ZERO;
        BodyShape body =
                BodyShape.of(exercise, s.pose().torsoPitchDeg(), arm, h).moved(by);
        Vec3 force = s.load().resistance();
        double size = force.norm();
        return new Frame(
                s.progress(),
                s.pose().elbowFlexionDeg(),
                s.load().elbowDemandNm(),
                body.head(),
                body.shoulder(),
                body.otherShoulder(),
                body.hip(),
                body.leg(),
                body.otherLeg(),
                arm.elbow().plus(by),
                arm.grip().plus(by),
                body.otherElbow(),
                body.otherGrip(),
                handle(exercise.grip(), arm),
                palm(exercise.grip(), arm, s.progress()),
                arm.flexionAxis().cross(arm.upperArm()),
                size == 0 ? Vec3.ZERO : force.times(1 / size));
    }

    /** Palm up looks where bending goes, thumb up to the middle of the body; a fist that turns goes from this to that. */
    private static Vec3 palm(Grip grip, ArmFrame arm, double progress) {
        Vec3 up = arm.flexionAxis().cross(arm.forearm());
        Vec3 inward = arm.flexionAxis().times(-1);
        return switch (grip) {
            case PALM_UP -> up;
            case PALM_DOWN -> up.times(-1);
            case NEUTRAL -> inward;
            case TURNING -> {
                double turned = progress * Math.PI / 2;
                yield inward.times(Math.cos(turned)).plus(up.times(Math.sin(turned)));
            }
        };
    }

    // A fist held thumb up has its handle in the plane of bending; palm up or down, across it.
    private static Vec3 handle(Grip grip, ArmFrame arm) {
        return grip == Grip.NEUTRAL ? arm.flexionAxis().cross(arm.forearm()) : arm.flexionAxis();
    }
}
