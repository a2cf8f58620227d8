package kinesia.core.arm;

import static kinesia.core.Seeds.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import kinesia.core.Seeds;
import org.junit.jupiter.api.Test;

/** What must hold in every pose. */
class ArmPropertiesTest {
    private static final ArmDimensions ARM = ArmDimensions.estimate(Sex.FEMALE, 1.63, 71);
    private static final ArmDimensions WEIGHTLESS = new ArmDimensions(0.30, 0.24, 0.33, 0, 0, 0, 0.5754, 0.4559);

    private static Pose pose(Random random) {
        return new Pose(
                between(random, -90, 90),
                between(random, -90, 90),
                between(random, -60, 150),
                between(random, -60, 180),
                between(random, -90, 90),
                between(random, 0, 150));
    }

    private static ArmLoad load(ArmDimensions arm, Pose pose, Resistance... resistances) {
        return ArmLoad.of(arm, ArmFrame.of(arm, pose), List.of(resistances));
    }

    @Test
    void torque_by_the_load_scales_with_the_load() {
        Seeds.each(300, random -> {
            Pose pose = pose(random);
            double kg = between(random, 0.5, 30);
            double one = load(ARM, pose, new Resistance.FreeWeight(kg)).elbowResistanceDemandNm();
            double three = load(ARM, pose, new Resistance.FreeWeight(3 * kg)).elbowResistanceDemandNm();
            assertThat(three).isCloseTo(3 * one, within(1e-9));
        });
    }

    @Test
    void nothing_weighs_nothing() {
        Seeds.each(300, random -> {
            Pose pose = pose(random);
            ArmLoad none = load(WEIGHTLESS, pose);
            assertThat(none.elbowDemandNm()).isZero();
            assertThat(none.shoulderTorqueNm()).isZero();
            assertThat(none.loadFraction()).isNaN();
        });
    }

    @Test
    void several_resistances_add_up() {
        Seeds.each(300, random -> {
            Pose pose = pose(random);
            Resistance weight = new Resistance.FreeWeight(4);
            Resistance cable = new Resistance.Cable(50, new Vec3(0.4, -0.8, 0.3));
            double both = load(WEIGHTLESS, pose, weight, cable).elbowDemandNm();
            assertThat(both)
                    .isCloseTo(
                            load(WEIGHTLESS, pose, weight).elbowDemandNm()
                                    + load(WEIGHTLESS, pose, cable).elbowDemandNm(),
                            within(1e-9));
        });
    }

    @Test
    void the_load_fraction_is_a_share_and_the_forearm_keeps_its_length() {
        Seeds.each(300, random -> {
            Pose pose = pose(random);
            ArmFrame frame = ArmFrame.of(ARM, pose);
            ArmLoad load = ArmLoad.of(ARM, frame, List.of(new Resistance.FreeWeight(5)));
            assertThat(load.loadFraction()).isBetween(0.0, 1 + 1e-12);
            assertThat(frame.grip().minus(frame.elbow()).norm()).isCloseTo(ARM.gripDistanceM(), within(1e-12));
            assertThat(frame.forearm().dot(frame.flexionAxis())).isCloseTo(0, within(1e-12));
        });
    }

    @Test
    void a_curve_under_another_load_is_that_loads_curve() {
        Seeds.each(100, random -> {
            Pose from = pose(random);
            Pose to = pose(random);
            Movement movement = Movement.between(from, to);
            List<Resistance> four = List.of(new Resistance.FreeWeight(4));
            LoadCurve bare = LoadCurve.of(ARM, movement, List.of(), false, 21);
            assertThat(bare.under(ARM, four)).isEqualTo(LoadCurve.of(ARM, movement, four, false, 21));
        });
    }

    @Test
    void the_left_arm_is_the_mirror_of_the_right() {
        Seeds.each(300, random -> {
            Pose pose = pose(random);
            Movement movement = Movement.between(pose, pose);
            Resistance right = new Resistance.Band(3, 55, 0.4, new Vec3(0.5, -0.9, 0.35), 2, 0.05);
            Resistance left = new Resistance.Band(3, 55, 0.4, new Vec3(0.5, -0.9, -0.35), 2, 0.05);
            LoadCurve r = LoadCurve.of(ARM, Side.RIGHT, movement, List.of(right), false, 2);
            LoadCurve l = LoadCurve.of(ARM, Side.LEFT, movement, List.of(left), false, 2);
            LoadCurve.Sample a = r.samples().get(0);
            LoadCurve.Sample b = l.samples().get(0);
            assertThat(b.load().elbowDemandNm()).isCloseTo(a.load().elbowDemandNm(), within(1e-12));
            assertThat(b.load().shoulderRotationNm()).isCloseTo(a.load().shoulderRotationNm(), within(1e-12));
            assertThat(b.frame().grip()).isEqualTo(a.frame().grip().mirrored());
            assertThat(b.load().resistance()).isEqualTo(a.load().resistance().mirrored());
            // The mirrored frame is right-handed in its own sense: the force still makes the same demand about its
            // axis.
            Vec3 moment = b.frame()
                    .forearm()
                    .times(ARM.gripDistanceM())
                    .cross(b.load().resistance());
            assertThat(-moment.dot(b.frame().flexionAxis()))
                    .isCloseTo(b.load().elbowResistanceDemandNm(), within(1e-9));
        });
    }

    @Test
    void a_free_weight_does_not_care_which_way_the_client_faces() {
        Seeds.each(300, random -> {
            Pose pose = pose(random);
            double facing = between(random, 0, 360);
            ArmFrame here = ArmFrame.of(ARM, pose);
            ArmFrame there = turned(here, Math.toRadians(facing));
            List<Resistance> weight = List.of(new Resistance.FreeWeight(6));
            ArmLoad a = ArmLoad.of(ARM, here, weight);
            ArmLoad b = ArmLoad.of(ARM, there, weight);
            assertThat(b.elbowDemandNm()).isCloseTo(a.elbowDemandNm(), within(1e-9));
            assertThat(b.offAxisNm()).isCloseTo(a.offAxisNm(), within(1e-9));
            assertThat(b.shoulderTorqueNm()).isCloseTo(a.shoulderTorqueNm(), within(1e-9));
        });
    }

    private static ArmFrame turned(ArmFrame f, double by) {
        return new ArmFrame(
                about(f.trunkUp(), by),
                about(f.trunkFront(), by),
                about(f.upperArm(), by),
                about(f.forearm(), by),
                about(f.flexionAxis(), by),
                about(f.raisingAxis(), by),
                about(f.elbow(), by),
                about(f.grip(), by));
    }

    private static Vec3 about(Vec3 v, double by) {
        return new Vec3(
                v.x() * Math.cos(by) + v.z() * Math.sin(by), v.y(), -v.x() * Math.sin(by) + v.z() * Math.cos(by));
    }

    @Test
    void a_part_of_a_movement_passes_the_same_poses() {
        Seeds.each(200, random -> {
            double from = between(random, 0, 0.6);
            double to = between(random, 0.7, 1);
            Movement whole = new Movement(List.of(
                    new Movement.Keyframe(0, new Pose(0, 0, 90, 0, 0, 5)),
                    new Movement.Keyframe(0.65, new Pose(0, 0, 90, 20, 10, 90)),
                    new Movement.Keyframe(1, new Pose(0, 0, 90, -10, 0, 130))));
            Movement part = whole.part(from, to);
            for (double p = 0; p <= 1; p += 0.1) {
                Pose a = part.at(p);
                Pose b = whole.at(from + (to - from) * p);
                assertThat(a.elbowFlexionDeg()).isCloseTo(b.elbowFlexionDeg(), within(1e-9));
                assertThat(a.elevationDeg()).isCloseTo(b.elevationDeg(), within(1e-9));
            }
        });
    }
}
