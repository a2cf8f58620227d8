package kinesia.core.arm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.ode4j.math.DVector3;
import org.ode4j.ode.DBody;
import org.ode4j.ode.DHingeJoint;
import org.ode4j.ode.DMass;
import org.ode4j.ode.DWorld;
import org.ode4j.ode.OdeHelper;

/**
 * Static torques held against an independent rigid-body library (ode4j): limb segments as bodies on a hinge, with gravity
 * and the force at the grip. The torque about the hinge that leaves the limb at rest after a short step is what the
 * library says must be applied; ours must be within 1 %.
 */
class RigidBodyTest {
    private static final ArmDimensions ARM = ArmDimensions.estimate(Sex.MALE, 1.78, 82);
    private static final double STEP_S = 1e-3;

    @BeforeAll
    static void begin() {
        OdeHelper.initODE2(0);
    }

    @AfterAll
    static void end() {
        OdeHelper.closeODE();
    }

    static Stream<Pose> poses() {
        return Stream.of(
                new Pose(0, 0, 90, 0, 0, 70),
                new Pose(0, 0, 90, 45, 0, 30),
                new Pose(-90, 0, 90, 90, 0, 80),
                new Pose(-90, 0, 60, 75, -30, 95),
                new Pose(60, 0, 90, -5, 0, 40),
                new Pose(-45, 10, 90, -40, 15, 110),
                new Pose(20, -15, 30, 120, -50, 60),
                new Pose(0, 0, 5, 85, -85, 50));
    }

    static List<List<Resistance>> loads() {
        return List.of(
                List.of(new Resistance.FreeWeight(6)),
                List.of(new Resistance.Cable(70, new Vec3(0.4, -1.1, 0.2))),
                List.of(new Resistance.Band(4, 60, 0.4, new Vec3(-0.5, -0.9, 0.1), 1, 0)));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("poses")
    void the_elbow_needs_the_torque_that_the_library_finds(Pose pose) {
        ArmFrame frame = ArmFrame.of(ARM, pose);
        for (List<Resistance> load : loads()) {
            ArmLoad ours = ArmLoad.of(ARM, frame, load);
            double theirs = torqueAtRest(frame, load, frame.elbow(), frame.flexionAxis(), false);
            assertThat(ours.elbowDemandNm()).isCloseTo(theirs, within(0.01 * Math.max(1, Math.abs(theirs))));
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("poses")
    void the_shoulder_needs_the_torque_that_the_library_finds_about_both_axes(Pose pose) {
        ArmFrame frame = ArmFrame.of(ARM, pose);
        for (List<Resistance> load : loads()) {
            ArmLoad ours = ArmLoad.of(ARM, frame, load);
            double raising = torqueAtRest(frame, load, Vec3.ZERO, frame.raisingAxis(), true);
            double turning = torqueAtRest(frame, load, Vec3.ZERO, frame.upperArm(), true);
            assertThat(-ours.shoulderElevationNm()).isCloseTo(raising, within(0.01 * Math.max(1, Math.abs(raising))));
            assertThat(-ours.shoulderRotationNm()).isCloseTo(turning, within(0.01 * Math.max(1, Math.abs(turning))));
        }
    }

    /** Speed after one step is linear in the torque, so two torques give the one that leaves the limb at rest. */
    private static double torqueAtRest(ArmFrame frame, List<Resistance> load, Vec3 hinge, Vec3 axis, boolean wholeArm) {
        double none = speedAfter(frame, load, hinge, axis, wholeArm, 0);
        double ten = speedAfter(frame, load, hinge, axis, wholeArm, 10);
        return -none * 10 / (ten - none);
    }

    private static double speedAfter(
            ArmFrame frame, List<Resistance> load, Vec3 hinge, Vec3 axis, boolean wholeArm, double torque) {
        DWorld world = OdeHelper.createWorld();
        world.setGravity(0, -Resistance.GRAVITY, 0);
        world.setCFM(1e-12);
        DBody limb = OdeHelper.createBody(world);
        DMass mass = OdeHelper.createMass();
        mass.setZero();
        Vec3 elbow = frame.elbow();
        add(mass, ARM.forearmMassKg(), elbow.plus(frame.forearm().times(ARM.forearmCentre() * ARM.forearmLengthM())));
        add(mass, ARM.handMassKg(), frame.grip());
        if (wholeArm) {
            add(mass, ARM.upperArmMassKg(), frame.upperArm().times(ARM.upperArmCentre() * ARM.upperArmLengthM()));
        }
        // A body's mass must sit at its origin: the body is put where the mass is, and the mass moved back.
        DVector3 centre = new DVector3(mass.getC());
        mass.translate(-centre.get0(), -centre.get1(), -centre.get2());
        limb.setMass(mass);
        limb.setPosition(centre.get0(), centre.get1(), centre.get2());

        DHingeJoint joint = OdeHelper.createHingeJoint(world);
        joint.attach(limb, null);
        joint.setAnchor(hinge.x(), hinge.y(), hinge.z());
        joint.setAxis(axis.x(), axis.y(), axis.z());
        for (Resistance resistance : load) {
            Vec3 force = resistance.forceOn(frame);
            limb.addForceAtPos(
                    force.x(),
                    force.y(),
                    force.z(),
                    frame.grip().x(),
                    frame.grip().y(),
                    frame.grip().z());
        }
        limb.addTorque(axis.x() * torque, axis.y() * torque, axis.z() * torque);
        world.step(STEP_S);
        DVector3 speed = new DVector3(limb.getAngularVel());
        double about = speed.get0() * axis.x() + speed.get1() * axis.y() + speed.get2() * axis.z();
        world.destroy();
        return about;
    }

    private static void add(DMass all, double kg, Vec3 at) {
        DMass one = OdeHelper.createMass();
        one.setSphereTotal(kg, 0.03);
        one.translate(at.x(), at.y(), at.z());
        all.add(one);
    }
}
