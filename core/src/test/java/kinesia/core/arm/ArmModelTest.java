package kinesia.core.arm;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

class ArmModelTest {
    private static final ArmDimensions ARM = ArmDimensions.estimate(Sex.FEMALE, 1.70, 70);
    private static final List<Resistance> FIVE_KG = List.of(new Resistance.FreeWeight(5));

    private static Pose pose(double pitch, double plane, double elevation, double rotation, double elbow) {
        return new Pose(pitch, 0, plane, elevation, rotation, elbow);
    }

    /** Worked values: an independent calculation by direct sums of r x F, rounded to the millinewton metre. */
    static Stream<Arguments> workedMovements() {
        Resistance cableHigh = new Resistance.Cable(49.03325, new Vec3(0.30, 0.60, 0));
        Resistance cableLow = new Resistance.Cable(49.03325, new Vec3(0.30, -1.30, 0));
        Resistance band = new Resistance.Band(0, 49.03325, 0.65, new Vec3(0, -1.39, 0), 1, 0);
        Resistance support = new Resistance.Support(new Vec3(0, 220, 0));
        return Stream.of(
                row(
                        "standing curl",
                        pose(0, 90, 0, 0, 0),
                        pose(0, 90, 0, 0, 150),
                        null,
                        19.050,
                        90,
                        0,
                        9.525,
                        0.0396,
                        19.050),
                row(
                        "drag curl",
                        pose(0, 90, 0, 0, 0),
                        pose(0, 90, -45, 0, 100),
                        null,
                        15.605,
                        100,
                        0,
                        15.605,
                        0.0891,
                        0.588),
                row(
                        "incline curl",
                        pose(-45, 90, -45, 0, 0),
                        pose(-45, 90, -45, 0, 150),
                        null,
                        19.050,
                        90,
                        0,
                        9.525,
                        0.0396,
                        19.050),
                row(
                        "over-the-bench curl",
                        pose(45, 90, 45, 0, 0),
                        pose(45, 90, 45, 0, 150),
                        null,
                        19.050,
                        90,
                        0,
                        9.525,
                        0.0396,
                        19.050),
                row(
                        "lying extension",
                        pose(-90, 90, 90, 0, 120),
                        pose(-90, 90, 90, 0, 0),
                        null,
                        -19.050,
                        90,
                        -16.498,
                        0,
                        0.0495,
                        19.050),
                row(
                        "lying, tipped back 30",
                        pose(-90, 90, 120, 0, 120),
                        pose(-90, 90, 120, 0, 0),
                        null,
                        -19.050,
                        60,
                        -9.525,
                        -9.525,
                        0,
                        30.500),
                row(
                        "overhead extension",
                        pose(0, 90, 180, 0, 120),
                        pose(0, 90, 180, 0, 0),
                        null,
                        -19.050,
                        90,
                        -16.498,
                        0,
                        0.0495,
                        19.050),
                row(
                        "kickback",
                        pose(90, 90, 0, 0, 90),
                        pose(90, 90, 0, 0, 0),
                        null,
                        -19.050,
                        0,
                        0,
                        -19.050,
                        0.0693,
                        41.950),
                row(
                        "press, hands 10 inside",
                        pose(-90, 0, 90, 0, 100),
                        pose(-90, 90, 90, 90, 10),
                        null,
                        -3.308,
                        100,
                        -3.308,
                        -3.308,
                        0,
                        19.592),
                row(
                        "cable press-down",
                        pose(0, 90, 0, 0, 120),
                        pose(0, 90, 0, 0, 0),
                        cableHigh,
                        -14.294,
                        92.4,
                        -12.315,
                        -3.872,
                        0,
                        13.613),
                row(
                        "low cable curl",
                        pose(0, 90, 0, 0, 0),
                        pose(0, 90, 0, 0, 150),
                        cableLow,
                        19.048,
                        88.5,
                        -7.042,
                        10.943,
                        0.0594,
                        19.681),
                row(
                        "band curl",
                        pose(0, 90, 0, 0, 0),
                        pose(0, 90, 0, 0, 150),
                        band,
                        14.583,
                        103.5,
                        0,
                        8.468,
                        0.0990,
                        18.196),
                row(
                        "press, forearms vertical",
                        pose(-90, 0, 90, 0, 90),
                        pose(-90, 90, 90, 90, 0),
                        null,
                        0,
                        null,
                        0,
                        0,
                        1,
                        22.900),
                row("side raise", pose(0, 0, 0, 0, 0), pose(0, 0, 90, 0, 0), null, 0, null, 0, 0, 1, 41.950),
                row(
                        "push-up, forearms vertical",
                        pose(90, 90, 90, 90, 0),
                        pose(90, 0, 90, 0, 90),
                        support,
                        0,
                        null,
                        0,
                        0,
                        1,
                        62.168));
    }

    private static Arguments row(
            String name,
            Pose start,
            Pose end,
            Resistance resistance,
            double peak,
            Number peakAt,
            double first,
            double last,
            double slack,
            double shoulder) {
        return Arguments.of(
                name,
                Movement.between(start, end),
                resistance == null ? FIVE_KG : List.of(resistance),
                peak,
                peakAt == null ? null : peakAt.doubleValue(),
                first,
                last,
                slack,
                shoulder);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("workedMovements")
    void agrees_with_the_worked_movements(
            String name,
            Movement movement,
            List<Resistance> load,
            double peak,
            Double peakAt,
            double first,
            double last,
            double slack,
            double shoulder) {
        LoadCurve.Summary s = LoadCurve.of(ARM, movement, load, false).summary();

        assertThat(s.peakDemandNm()).isCloseTo(peak, within(0.0006));
        if (peakAt == null) {
            assertThat(s.peakElbowFlexionDeg()).isNull();
        } else {
            assertThat(s.peakElbowFlexionDeg()).isCloseTo(peakAt, within(0.01));
        }
        assertThat(s.startDemandNm()).isCloseTo(first, within(0.0006));
        assertThat(s.endDemandNm()).isCloseTo(last, within(0.0006));
        assertThat(s.slackFraction()).isCloseTo(slack, within(0.00006));
        assertThat(s.peakShoulderNm()).isCloseTo(shoulder, within(0.0006));
    }

    /** By hand: 19.05 sin(60 + bend) changes sides at 120 degrees; the mean of its size over 0 to 150 is 11.89, not 9.94. */
    @Test
    void the_mean_counts_both_sides_of_a_movement_that_changes_sides() {
        LoadCurve.Summary s = LoadCurve.of(
                        ARM, Movement.between(pose(0, 90, 60, 0, 0), pose(0, 90, 60, 0, 150)), FIVE_KG, false, 2001)
                .summary();
        double bend = Math.toRadians(150);
        assertThat(s.meanDemandNm())
                .isCloseTo(
                        19.050 * (Math.cos(Math.toRadians(60)) + 2 - Math.cos(Math.toRadians(30))) / bend,
                        within(0.01));
    }

    @Test
    void a_pad_under_the_upper_arm_leaves_the_shoulder_unreported() {
        LoadCurve.Summary s = LoadCurve.of(
                        ARM, Movement.between(pose(0, 90, 45, 0, 0), pose(0, 90, 45, 0, 135)), FIVE_KG, true)
                .summary();
        assertThat(s.peakDemandNm()).isCloseTo(19.050, within(0.0006));
        assertThat(s.peakElbowFlexionDeg()).isCloseTo(44.55, within(0.01));
        assertThat(s.startDemandNm()).isCloseTo(13.471, within(0.0006));
        assertThat(s.peakShoulderNm()).isNull();
    }

    @Test
    void the_resistance_alone_makes_its_share_of_the_standing_curl() {
        LoadCurve.Summary s = LoadCurve.of(
                        ARM, Movement.between(pose(0, 90, 0, 0, 0), pose(0, 90, 0, 0, 150)), FIVE_KG, false)
                .summary();
        assertThat(s.peakResistanceNm()).isCloseTo(16.671, within(0.0006));
    }

    @Test
    void forearm_and_hand_of_the_published_bodies_make_the_published_moments() {
        // de Leva 1996, table 4, quoted from memory: forearm level, male 1.4264 + hand, female 1.0094 + hand (N.m).
        ArmDimensions male =
                new ArmDimensions(0.2817, 0.2689, 0.2689 + 0.79 * 0.0862, 0, 0.0162 * 73, 0.0061 * 73, 0.5772, 0.4574);
        ArmDimensions female = new ArmDimensions(
                0.2751, 0.2643, 0.2643 + 0.7474 * 0.078, 0, 0.0138 * 61.9, 0.0056 * 61.9, 0.5754, 0.4559);
        assertThat(level(male)).isCloseTo(2.8981, within(0.0005));
        assertThat(level(female)).isCloseTo(2.1060, within(0.0005));
    }

    private static double level(ArmDimensions arm) {
        return ArmLoad.of(arm, ArmFrame.of(arm, pose(0, 90, 0, 0, 90)), List.of())
                .elbowDemandNm();
    }

    @Test
    void tipping_the_upper_arm_back_keeps_the_sine_of_the_tip_at_lock_out() {
        // Mechanics: a lying extension tipped back by d degrees keeps sin(d) of the peak at lock-out.
        for (double tip : new double[] {0, 10, 25, 40}) {
            ArmLoad lockOut = ArmLoad.of(ARM, ArmFrame.of(ARM, pose(-90, 90, 90 + tip, 0, 0)), FIVE_KG);
            assertThat(-lockOut.elbowDemandNm()).isCloseTo(19.050 * Math.sin(Math.toRadians(tip)), within(0.001));
        }
    }

    @Test
    void virtual_work_agrees_in_every_pose() {
        // dV/d(elbow) = demand, dV/d(elevation) = -(torque . raising axis), dV/d(rotation) = torque . upper arm.
        Resistance.Band band = new Resistance.Band(0, 60, 0.5, new Vec3(0.2, -1.2, 0.1), 1, 0);
        List<Pose> poses = new ArrayList<>();
        for (double pitch : new double[] {-60, 0, 70}) {
            for (double plane : new double[] {0, 40, 90}) {
                for (double elevation : new double[] {-20, 30, 110}) {
                    poses.add(new Pose(pitch, 15, plane, elevation, 25, 65));
                }
            }
        }
        for (Pose p : poses) {
            ArmLoad load = ArmLoad.of(ARM, ArmFrame.of(ARM, p), List.of(new Resistance.FreeWeight(4), band));
            double h = 1e-4;
            assertThat(slope(p, band, 0, 0, h)).isCloseTo(load.elbowDemandNm(), within(1e-4));
            assertThat(slope(p, band, h, 0, 0)).isCloseTo(-load.shoulderElevationNm(), within(1e-4));
            assertThat(slope(p, band, 0, h, 0)).isCloseTo(load.shoulderRotationNm(), within(1e-4));
        }
    }

    private static double slope(Pose p, Resistance.Band band, double dElevation, double dRotation, double dElbow) {
        double h = Math.toRadians(dElevation + dRotation + dElbow);
        return (potential(shifted(p, dElevation, dRotation, dElbow), band)
                        - potential(shifted(p, -dElevation, -dRotation, -dElbow), band))
                / (2 * h);
    }

    private static Pose shifted(Pose p, double dElevation, double dRotation, double dElbow) {
        return new Pose(
                p.torsoPitchDeg(),
                p.torsoRollDeg(),
                p.planeOfElevationDeg(),
                p.elevationDeg() + dElevation,
                p.axialRotationDeg() + dRotation,
                p.elbowFlexionDeg() + dElbow);
    }

    private static double potential(Pose p, Resistance.Band band) {
        ArmFrame f = ArmFrame.of(ARM, p);
        double g = Resistance.GRAVITY;
        double weights = ARM.upperArmMassKg() * f.upperArm().y() * ARM.upperArmCentre() * ARM.upperArmLengthM()
                + ARM.forearmMassKg() * (f.elbow().y() + f.forearm().y() * ARM.forearmCentre() * ARM.forearmLengthM())
                + (ARM.handMassKg() + 4) * f.grip().y();
        double stretch = (band.anchor().minus(f.grip()).norm() - band.freeLengthM()) / band.freeLengthM();
        double elastic = stretch > 0 ? 0.5 * band.forceAtDoubleLengthN() * stretch * stretch * band.freeLengthM() : 0;
        return g * weights + elastic;
    }

    @Test
    void a_band_pulls_by_relative_stretch_and_not_by_length() {
        // Simoneau et al. 2001, quoted from memory: 1 m pulled to 1.5 m pulls as hard as 0.5 m pulled to 0.75 m.
        Resistance.Band longBand = new Resistance.Band(5, 60, 1.0, Vec3.ZERO, 1, 0);
        Resistance.Band shortBand = new Resistance.Band(5, 60, 0.5, Vec3.ZERO, 1, 0);
        double a = longBand.forceAt(new Vec3(1.5, 0, 0)).norm();
        double b = shortBand.forceAt(new Vec3(0.75, 0, 0)).norm();
        assertThat(a).isCloseTo(b, within(1e-12)).isCloseTo(32.5, within(1e-12));
        assertThat(new Resistance.Band(5, 60, 1.0, Vec3.ZERO, 2, 0)
                        .forceAt(new Vec3(1.5, 0, 0))
                        .norm())
                .isCloseTo(65, within(1e-9));
        assertThat(longBand.forceAt(new Vec3(0.9, 0, 0)).norm()).isZero();
    }
}
