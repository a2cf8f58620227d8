package kinesia.core.arm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import javax.measure.Quantity;
import javax.measure.quantity.Acceleration;
import javax.measure.quantity.Angle;
import javax.measure.quantity.Force;
import javax.measure.quantity.Length;
import javax.measure.quantity.Mass;
import kinesia.core.arm.ArmDimensions.Measured;
import kinesia.core.arm.BandCalibration.Pull;
import kinesia.core.reason.InvalidValue;
import org.junit.jupiter.api.Test;
import tech.units.indriya.AbstractUnit;
import tech.units.indriya.quantity.Quantities;
import tech.units.indriya.unit.Units;

/** Bodies, bands and units as they are measured. */
class MeasuredTest {
    private static final Measured NOTHING = new Measured(null, null, null, null, null, null);

    @Test
    void estimates_are_those_of_the_published_tables() {
        // Drillis and Contini 1966 (lengths) and de Leva 1996 (masses), quoted from memory.
        ArmDimensions arm = ArmDimensions.estimate(Sex.MALE, 1.75, 80);
        assertThat(arm.upperArmLengthM()).isCloseTo(0.3255, within(1e-12));
        assertThat(arm.forearmLengthM()).isCloseTo(0.2555, within(1e-12));
        assertThat(arm.forearmMassKg()).isCloseTo(0.0162 * 80, within(1e-12));
        assertThat(ArmDimensions.estimate(Sex.FEMALE, 1.735, 61.9).forearmMassKg())
                .isCloseTo(0.8542, within(5e-5));
        assertThat(ArmDimensions.estimate(Sex.MALE, 1.741, 73.0).forearmMassKg())
                .isCloseTo(1.1826, within(5e-5));
    }

    @Test
    void a_measured_value_replaces_its_estimate_and_no_other() {
        ArmDimensions estimated = ArmDimensions.estimate(Sex.FEMALE, 1.70, 70);
        ArmDimensions arm = ArmDimensions.of(Sex.FEMALE, 1.70, 70.0, new Measured(0.29, null, null, null, 1.1, null));
        assertThat(arm.upperArmLengthM()).isEqualTo(0.29);
        assertThat(arm.forearmMassKg()).isEqualTo(1.1);
        assertThat(arm.gripDistanceM()).isEqualTo(estimated.gripDistanceM());
        assertThat(arm.handMassKg()).isEqualTo(estimated.handMassKg());
    }

    @Test
    void stature_and_mass_are_asked_for_only_while_something_rests_on_them() {
        assertThatThrownBy(() -> ArmDimensions.of(Sex.MALE, null, 80.0, NOTHING))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("statureM"));
        assertThatThrownBy(() -> ArmDimensions.of(Sex.MALE, 1.8, null, new Measured(0.3, 0.25, 0.35, null, null, 0.5)))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("bodyMassKg"));
        ArmDimensions all = ArmDimensions.of(Sex.MALE, null, null, new Measured(0.3, 0.25, 0.35, 2.0, 1.2, 0.5));
        assertThat(all.gripDistanceM()).isEqualTo(0.35);
    }

    @Test
    void two_pulls_give_back_the_line_they_were_read_from() {
        // A band of 0.6 m with T = 8 + 40 e, read at half again its length and at double.
        BandCalibration band = BandCalibration.of(0.6, new Pull(0.9, 28), new Pull(1.2, 48));
        assertThat(band.forceAtZeroN()).isCloseTo(8, within(1e-9));
        assertThat(band.forceAtDoubleLengthN()).isCloseTo(48, within(1e-9));
        Resistance.Band pulling = band.toward(Vec3.ZERO, 1, 0);
        assertThat(pulling.forceAt(new Vec3(1.05, 0, 0)).norm()).isCloseTo(8 + 40 * 0.75, within(1e-9));
        assertThat(band.isExtrapolated(0.75)).isFalse();
        assertThat(band.isExtrapolated(1.2)).isTrue();
        assertThat(band.isExtrapolated(0.2)).isTrue();
        assertThat(band.isExtrapolated(-0.1))
                .as("a slack band pulls nothing for certain")
                .isFalse();
    }

    @Test
    void a_line_that_would_start_below_nothing_starts_at_nothing() {
        BandCalibration band = BandCalibration.of(1.0, new Pull(1.5, 10), new Pull(2.0, 40));
        assertThat(band.forceAtZeroN()).isZero();
        assertThat(band.forceAtDoubleLengthN()).isBetween(20.0, 40.0);
    }

    @Test
    void pulls_that_cannot_be_are_refused_at_their_field() {
        assertThatThrownBy(() -> BandCalibration.of(0.6, new Pull(0.5, 10), new Pull(1.2, 40)))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("firstPull.lengthM"));
        assertThatThrownBy(() -> BandCalibration.of(0.6, new Pull(0.9, 10), new Pull(0.92, 12)))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("secondPull.lengthM"));
        assertThatThrownBy(() -> BandCalibration.of(0.6, new Pull(0.9, 30), new Pull(1.2, 20)))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("secondPull.forceN"));
    }

    @Test
    void doubling_a_band_doubles_it_and_wrapping_makes_it_stronger() {
        Vec3 far = new Vec3(1.1, 0, 0);
        double one =
                new Resistance.Band(5, 50, 0.8, Vec3.ZERO, 1, 0).forceAt(far).norm();
        double two =
                new Resistance.Band(5, 50, 0.8, Vec3.ZERO, 2, 0).forceAt(far).norm();
        double wrapped =
                new Resistance.Band(5, 50, 0.8, Vec3.ZERO, 1, 0.2).forceAt(far).norm();
        assertThat(two).isCloseTo(2 * one, within(1e-12));
        // 0.6 m left, 1.1 m away: stretch 0.8333.
        assertThat(wrapped).isCloseTo(5 + 45 * (1.1 - 0.6) / 0.6, within(1e-9)).isGreaterThan(one);
    }

    @Test
    void a_weights_pull_and_moment_have_the_units_and_size_that_a_units_library_gives() {
        Quantity<Mass> mass = Quantities.getQuantity(5_000, Units.GRAM);
        Quantity<Acceleration> gravity =
                Quantities.getQuantity(980.665, AbstractUnit.parse("cm/s^2").asType(Acceleration.class));
        Quantity<Force> pull = mass.multiply(gravity).asType(Force.class).to(Units.NEWTON);
        assertThat(new Resistance.FreeWeight(5).forceAt(Vec3.ZERO).norm())
                .isCloseTo(pull.getValue().doubleValue(), within(1e-9));

        ArmDimensions light = new ArmDimensions(0.3, 0.25, 0.34, 0, 0, 0, 0.5, 0.5);
        Quantity<Length> lever =
                Quantities.getQuantity(34, AbstractUnit.parse("cm").asType(Length.class));
        double moment = pull.multiply(lever).toSystemUnit().getValue().doubleValue();
        ArmLoad level = ArmLoad.of(
                light,
                ArmFrame.of(light, new Pose(0, 0, 90, 0, 0, 90)),
                java.util.List.of(new Resistance.FreeWeight(5)));
        assertThat(level.elbowDemandNm()).isCloseTo(moment, within(1e-9));
    }

    @Test
    void degrees_at_the_border_are_the_degrees_of_the_units_library() {
        Quantity<Angle> bend = Quantities.getQuantity(
                37, Units.RADIAN.divide(180).multiply(Math.PI).asType(Angle.class));
        double radians = bend.to(Units.RADIAN).getValue().doubleValue();
        ArmFrame frame = ArmFrame.of(ArmDimensions.estimate(Sex.MALE, 1.8, 80), new Pose(0, 0, 90, 0, 0, 37));
        assertThat(frame.upperArm().dot(frame.forearm())).isCloseTo(Math.cos(radians), within(1e-12));
    }
}
