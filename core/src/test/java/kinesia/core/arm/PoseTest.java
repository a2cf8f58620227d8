package kinesia.core.arm;

import static kinesia.core.Seeds.between;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import kinesia.core.Seeds;
import kinesia.core.reason.InvalidValue;
import org.junit.jupiter.api.Test;

class PoseTest {
    private static final ArmDimensions ARM = ArmDimensions.estimate(Sex.MALE, 1.80, 85);

    @Test
    void an_impossible_angle_is_refused_with_its_name_and_range() {
        assertThatThrownBy(() -> new Pose(0, 0, 90, 0, 0, 200))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("from -15 to 160 degrees")
                .extracting(e -> ((InvalidValue) e).field())
                .isEqualTo("elbowFlexionDeg");
        assertThatThrownBy(() -> new Pose(0, 0, 90, Double.NaN, 0, 0)).isInstanceOf(InvalidValue.class);
    }

    @Test
    void keyframes_must_run_from_start_to_end_and_rise() {
        Pose p = new Pose(0, 0, 90, 0, 0, 0);
        assertThatThrownBy(() -> new Movement(List.of(new Movement.Keyframe(0, p))))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Movement(List.of(
                        new Movement.Keyframe(0, p),
                        new Movement.Keyframe(0.5, p),
                        new Movement.Keyframe(0.5, p),
                        new Movement.Keyframe(1, p))))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void arm_lengths_hold_in_every_pose() {
        Seeds.each(300, random -> {
            double pitch = between(random, -180, 180);
            double roll = between(random, -180, 180);
            double plane = between(random, -180, 180);
            double elevation = between(random, -90, 180);
            double rotation = between(random, -180, 180);
            double elbow = between(random, -15, 160);
            ArmFrame f = ArmFrame.of(ARM, new Pose(pitch, roll, plane, elevation, rotation, elbow));
            assertThat(f.upperArm().norm()).isCloseTo(1, within(1e-9));
            assertThat(f.forearm().norm()).isCloseTo(1, within(1e-9));
            assertThat(f.flexionAxis().norm()).isCloseTo(1, within(1e-9));
            assertThat(f.flexionAxis().dot(f.upperArm())).isCloseTo(0, within(1e-9));
            assertThat(f.flexionAxis().dot(f.forearm())).isCloseTo(0, within(1e-9));
            assertThat(Math.toDegrees(Math.acos(
                            Math.min(1, Math.max(-1, f.upperArm().dot(f.forearm()))))))
                    .isCloseTo(Math.abs(elbow), within(1e-4));
        });
    }

    @Test
    void torque_of_the_resistance_grows_in_step_with_the_load() {
        Seeds.each(200, random -> {
            double elevation = between(random, -90, 180);
            double elbow = between(random, 0, 150);
            double kg = between(random, 0, 20);
            ArmFrame f = ArmFrame.of(ARM, new Pose(0, 0, 60, elevation, 10, elbow));
            double one =
                    ArmLoad.of(ARM, f, List.of(new Resistance.FreeWeight(kg))).elbowResistanceDemandNm();
            double three = ArmLoad.of(ARM, f, List.of(new Resistance.FreeWeight(3 * kg)))
                    .elbowResistanceDemandNm();
            assertThat(three).isCloseTo(3 * one, within(1e-9));
        });
    }

    @Test
    void internal_rotation_moves_the_right_hand_toward_the_midline() {
        ArmFrame turned = ArmFrame.of(ARM, new Pose(0, 0, 90, 0, 40, 90));
        assertThat(turned.grip().z()).isNegative();
    }
}
