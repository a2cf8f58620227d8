package kinesia.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.ArmFrame;
import kinesia.core.arm.BandCalibration;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Movement.Keyframe;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Vec3;
import kinesia.core.reason.InvalidValue;

/** Makes a variation of a catalogue entry for one body: the entry with an {@link Adjustment} applied. */
public final class Workbench {
    // Shares of stature: the cord of a new line is fixed just above the floor, and a new band is slack-free [house].
    private static final double ABOVE_FLOOR = 0.04;
    private static final double SHORTER_THAN_NEAREST = 0.9;
    private static final double SHORTEST_BAND = 0.06;

    private final Exercise entry;
    private final Body body;
    private final StimulusRules rules;
    private final WorkbenchScope scope;

    public Workbench(Exercise entry, Body body, StimulusRules rules) {
        this.entry = entry;
        this.body = body;
        this.rules = rules;
        this.scope = WorkbenchScope.of(entry);
    }

    /** What can be turned on this entry, and how far. */
    public WorkbenchScope scope() {
        return scope;
    }

    /** The variation; {@link InvalidValue} at the field that this entry cannot take or not so far. */
    public Exercise apply(Adjustment change) {
        scope.check(change);
        Implement implement = change.implement() == null ? entry.implement() : change.implement();
        Grip grip = grip(change, implement);
        Movement movement = moved(change);
        Map<Head, Double> stimulus =
                grip == entry.grip() ? entry.stimulus() : rules.regripped(entry.stimulus(), entry.grip(), grip);
        return entry.with(movement, implement, grip, resistance(change, implement), stimulus, equipment(implement));
    }

    private Grip grip(Adjustment change, Implement implement) {
        List<Grip> possible = WorkbenchScope.gripsOf(implement, entry);
        if (change.grip() != null) {
            if (!possible.contains(change.grip())) {
                throw new InvalidValue(
                        "grip",
                        "a " + implement.words() + " cannot be held "
                                + change.grip().words());
            }
            return change.grip();
        }
        return possible.contains(entry.grip()) ? entry.grip() : possible.get(0);
    }

    private Movement moved(Adjustment change) {
        boolean stays = entry.furniture().bench() == Furniture.Bench.ARMS_STAY;
        List<Keyframe> frames = new ArrayList<>();
        for (Keyframe frame : entry.movement().keyframes()) {
            Pose p = frame.pose();
            double pitch = p.torsoPitchDeg() + change.benchDeg();
            double elevation = p.elevationDeg()
                    + change.armForwardDeg()
                    + change.driftDeg() * frame.progress()
                    // An arm that keeps its direction in the room turns against the trunk by what the trunk was tipped.
                    + (stays ? change.benchDeg() : 0);
            WorkbenchScope.requireElevation(change, elevation);
            frames.add(new Keyframe(
                    frame.progress(),
                    new Pose(
                            pitch,
                            p.torsoRollDeg(),
                            p.planeOfElevationDeg() - change.flareDeg(),
                            elevation,
                            // The hand keeps pointing where it did while the elbow goes out.
                            p.axialRotationDeg() - change.flareDeg(),
                            p.elbowFlexionDeg())));
        }
        Movement whole = new Movement(frames);
        return change.rangeFrom() == 0 && change.rangeTo() == 1
                ? whole
                : whole.part(change.rangeFrom(), change.rangeTo());
    }

    private ResistanceSpec resistance(Adjustment change, Implement implement) {
        ResistanceSpec own = entry.resistance();
        if (implement == entry.implement() && !implement.isAnchored()) {
            return own;
        }
        if (!implement.isAnchored()) {
            // One weight in both hands stays one weight in both hands.
            boolean shared = own instanceof ResistanceSpec.Weight weight
                    && weight.hands() == 2
                    && !entry.implement().isBar();
            return new ResistanceSpec.Weight(implement.isBar() || shared ? 2 : 1);
        }
        if (implement == Implement.MACHINE) {
            return own;
        }
        Vec3 by = new Vec3(change.anchorForwardM() / body.statureM(), change.anchorUpM() / body.statureM(), 0);
        Vec3 at = anchor(own).plus(by);
        if (implement == Implement.BAND) {
            return band(change, own, at);
        }
        int hands = own instanceof ResistanceSpec.Stack stack
                ? stack.hands()
                : implement == Implement.CABLE_HANDLE || entry.arms() == Exercise.Arms.IN_TURN ? 1 : 2;
        return new ResistanceSpec.Stack(implement == Implement.CABLE_BAR ? 2 : hands, at);
    }

    private ResistanceSpec band(Adjustment change, ResistanceSpec own, Vec3 at) {
        double wrap = change.bandWrapM() / body.statureM();
        if (change.band() != null) {
            BandCalibration measured = change.band().calibration();
            return new ResistanceSpec.Elastic(
                    measured.freeLengthM() / body.statureM(),
                    at,
                    measured.forceAtZeroN() / measured.forceAtDoubleLengthN(),
                    change.bandCount(),
                    requireWrap(wrap, measured.freeLengthM() / body.statureM()));
        }
        if (own instanceof ResistanceSpec.Elastic elastic) {
            return new ResistanceSpec.Elastic(
                    elastic.freeLength(),
                    at,
                    elastic.startShare(),
                    change.bandCount(),
                    requireWrap(wrap, elastic.freeLength()));
        }
        double length = Math.max(SHORTEST_BAND, SHORTER_THAN_NEAREST * nearest(anchor(own)));
        return new ResistanceSpec.Elastic(
                length, at, ResistanceSpec.BAND_START_SHARE, change.bandCount(), requireWrap(wrap, length));
    }

    private double requireWrap(double wrap, double length) {
        double most = length - SHORTEST_BAND / 2;
        if (wrap > most) {
            InvalidValue.requireWithin("bandWrapM", wrap * body.statureM(), 0, most * body.statureM(), "m");
        }
        return wrap;
    }

    /** Where the entry's line is fixed, or for a weight the place on the floor below the middle of the lift. */
    private Vec3 anchor(ResistanceSpec own) {
        if (own instanceof ResistanceSpec.Stack stack) {
            return stack.pulley();
        }
        if (own instanceof ResistanceSpec.Elastic elastic) {
            return elastic.fixedAt();
        }
        Body one = new Body(body.sex(), body.statureM(), body.massKg());
        Pose middle = entry.movement().at(0.5);
        ArmFrame frame = ArmFrame.of(one.arm(), middle);
        double floor = BodyShape.of(entry, middle.torsoPitchDeg(), frame, body.statureM())
                .floorY();
        return new Vec3(
                frame.grip().x() / body.statureM(),
                floor / body.statureM() + ABOVE_FLOOR,
                frame.grip().z() / body.statureM());
    }

    /** The smallest distance between {@code anchor} and the hand over the lift, as a share of stature. */
    private double nearest(Vec3 anchor) {
        double nearest = Double.MAX_VALUE;
        for (int i = 0; i <= 10; i++) {
            Vec3 grip = ArmFrame.of(body.arm(), entry.movement().at(i / 10.0)).grip();
            nearest = Math.min(
                    nearest, grip.times(1 / body.statureM()).minus(anchor).norm());
        }
        return nearest;
    }

    private List<String> equipment(Implement implement) {
        if (implement == entry.implement()) {
            return entry.equipment();
        }
        List<String> kept = new ArrayList<>(implement.equipment());
        for (String item : entry.equipment()) {
            boolean ofTheOld = entry.implement().equipment().contains(item) || Gear.ANCHORS.contains(item);
            if (!ofTheOld && !kept.contains(item)) {
                kept.add(item);
            }
        }
        return kept;
    }
}
