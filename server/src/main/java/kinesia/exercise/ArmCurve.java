package kinesia.exercise;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Resistance;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.arm.Vec3;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/** Request and answer of the arm curve: SI units, degrees, points [x, y, z] in metres from the shoulder. */
final class ArmCurve {
    /** A standing curl with 5 kg, as the document shows it. */
    static final String EXAMPLE = """
            { "arm": { "sex": "FEMALE", "statureM": 1.70, "bodyMassKg": 70 },
              "side": "RIGHT",
              "keyframes": [
                { "progress": 0, "torsoPitchDeg": 0, "torsoRollDeg": 0, "planeOfElevationDeg": 90, "elevationDeg": 0,
                  "axialRotationDeg": 0, "elbowFlexionDeg": 0 },
                { "progress": 1, "torsoPitchDeg": 0, "torsoRollDeg": 0, "planeOfElevationDeg": 90, "elevationDeg": 0,
                  "axialRotationDeg": 0, "elbowFlexionDeg": 150 } ],
              "resistances": [ { "kind": "FREE_WEIGHT", "massKg": 5 } ],
              "upperArmSupported": false,
              "samples": 101 }
            """;

    private ArmCurve() {}

    /** A person; measured values replace estimates. */
    record ArmOf(
            @Nullable Sex sex,
            @Nullable Double statureM,
            @Nullable Double bodyMassKg,
            @Nullable Double upperArmLengthM,
            @Nullable Double forearmLengthM,
            @Nullable Double gripDistanceM,
            @Nullable Double upperArmMassKg,
            @Nullable Double forearmMassKg,
            @Nullable Double handMassKg) {
        ArmDimensions dimensions() {
            return ArmDimensions.of(
                    needed("sex", sex),
                    statureM,
                    bodyMassKg,
                    new ArmDimensions.Measured(
                            upperArmLengthM, forearmLengthM, gripDistanceM, upperArmMassKg, forearmMassKg, handMassKg));
        }
    }

    /** One pose of the movement. */
    record KeyframeOf(
            @Nullable Double progress,
            @Nullable Double torsoPitchDeg,
            @Nullable Double torsoRollDeg,
            @Nullable Double planeOfElevationDeg,
            @Nullable Double elevationDeg,
            @Nullable Double axialRotationDeg,
            @Nullable Double elbowFlexionDeg) {
        Movement.Keyframe keyframe() {
            return new Movement.Keyframe(
                    needed("progress", progress),
                    new Pose(
                            needed("torsoPitchDeg", torsoPitchDeg),
                            needed("torsoRollDeg", torsoRollDeg),
                            needed("planeOfElevationDeg", planeOfElevationDeg),
                            needed("elevationDeg", elevationDeg),
                            needed("axialRotationDeg", axialRotationDeg),
                            needed("elbowFlexionDeg", elbowFlexionDeg)));
        }
    }

    /** What pulls or pushes at the grip; {@code kind} says which. */
    @JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
    @JsonSubTypes({
        @JsonSubTypes.Type(value = FreeWeightOf.class, name = "FREE_WEIGHT"),
        @JsonSubTypes.Type(value = CableOf.class, name = "CABLE"),
        @JsonSubTypes.Type(value = BandOf.class, name = "BAND"),
        @JsonSubTypes.Type(value = SupportOf.class, name = "SUPPORT")
    })
    sealed interface ResistanceOf {
        Resistance resistance();
    }

    record FreeWeightOf(@Nullable Double massKg) implements ResistanceOf {
        @Override
        public Resistance resistance() {
            return new Resistance.FreeWeight(needed("massKg", massKg));
        }
    }

    record CableOf(@Nullable Double tensionN, @Nullable List<Double> pulleyM) implements ResistanceOf {
        @Override
        public Resistance resistance() {
            return new Resistance.Cable(needed("tensionN", tensionN), point("pulleyM", pulleyM));
        }
    }

    record BandOf(
            @Nullable Double forceAtZeroN,
            @Nullable Double forceAtDoubleLengthN,
            @Nullable Double freeLengthM,
            @Nullable List<Double> anchorM,
            @Nullable Integer count,
            @Nullable Double wrapM)
            implements ResistanceOf {
        @Override
        public Resistance resistance() {
            return new Resistance.Band(
                    forceAtZeroN == null ? 0 : forceAtZeroN,
                    needed("forceAtDoubleLengthN", forceAtDoubleLengthN),
                    needed("freeLengthM", freeLengthM),
                    point("anchorM", anchorM),
                    count == null ? 1 : count,
                    wrapM == null ? 0 : wrapM);
        }
    }

    record SupportOf(@Nullable List<Double> forceN) implements ResistanceOf {
        @Override
        public Resistance resistance() {
            return new Resistance.Support(point("forceN", forceN));
        }
    }

    /** The request. Side is right, samples 101, no resistance and no pad unless said otherwise. */
    record CurveAsk(
            @Nullable ArmOf arm,
            @Nullable Side side,
            @Nullable List<KeyframeOf> keyframes,
            @Nullable List<ResistanceOf> resistances,
            @Nullable Boolean upperArmSupported,
            @Nullable Integer samples) {
        LoadCurve curve() {
            ArmOf whose = needed("arm", arm);
            ArmDimensions dimensions = InvalidValue.at("arm", whose::dimensions);
            List<Movement.Keyframe> frames = each("keyframes", needed("keyframes", keyframes), KeyframeOf::keyframe);
            List<Resistance> forces =
                    each("resistances", resistances == null ? List.of() : resistances, ResistanceOf::resistance);
            return LoadCurve.of(
                    dimensions,
                    side == null ? Side.RIGHT : side,
                    new Movement(frames),
                    forces,
                    Boolean.TRUE.equals(upperArmSupported),
                    samples == null ? LoadCurve.SAMPLES : samples);
        }
    }

    /** The answer: one value for each sample; null where there is none. */
    @JsonInclude(JsonInclude.Include.ALWAYS)
    record CurveAnswer(
            List<Double> progress,
            List<Double> elbowFlexionDeg,
            List<List<Double>> elbowM,
            List<List<Double>> gripM,
            List<List<Double>> resistanceN,
            List<Double> elbowDemandNm,
            List<Double> elbowResistanceDemandNm,
            List<Double> offAxisNm,
            List<Double> axialForceN,
            List<@Nullable Double> loadFraction,
            @Nullable List<Double> shoulderTorqueNm,
            @Nullable List<Double> shoulderRotationNm,
            @Nullable List<Double> shoulderElevationNm,
            CurveSummary summary) {
        static CurveAnswer of(LoadCurve curve) {
            boolean nothing = curve.summary().profile() == LoadCurve.Profile.NONE;
            return new CurveAnswer(
                    each(curve, Sample::progress),
                    each(curve, s -> s.pose().elbowFlexionDeg()),
                    points(curve, s -> s.frame().elbow()),
                    points(curve, s -> s.frame().grip()),
                    points(curve, s -> s.load().resistance()),
                    // What is nothing but rounding is nothing.
                    each(curve, s -> nothing ? 0 : s.load().elbowDemandNm()),
                    each(curve, s -> s.load().elbowResistanceDemandNm()),
                    each(curve, s -> s.load().offAxisNm()),
                    each(curve, s -> s.load().axialForceN()),
                    fractions(curve),
                    ofShoulder(curve, s -> s.load().shoulderTorqueNm()),
                    ofShoulder(curve, s -> s.load().shoulderRotationNm()),
                    ofShoulder(curve, s -> s.load().shoulderElevationNm()),
                    CurveSummary.of(curve.summary()));
        }

        private static List<Double> each(LoadCurve curve, ToDoubleFunction<Sample> value) {
            return curve.samples().stream().map(value::applyAsDouble).toList();
        }

        private static @Nullable List<Double> ofShoulder(LoadCurve curve, ToDoubleFunction<Sample> value) {
            return curve.upperArmSupported() ? null : each(curve, value);
        }

        private static List<List<Double>> points(LoadCurve curve, Function<Sample, Vec3> point) {
            return curve.samples().stream()
                    .map(point)
                    .map(p -> List.of(p.x(), p.y(), p.z()))
                    .toList();
        }

        private static List<@Nullable Double> fractions(LoadCurve curve) {
            List<@Nullable Double> fractions = new ArrayList<>();
            for (Sample sample : curve.samples()) {
                double fraction = sample.load().loadFraction();
                fractions.add(Double.isNaN(fraction) ? null : fraction);
            }
            return fractions;
        }
    }

    /** What a trainer reads off the curve; peak position null when nothing is loaded, the mean one of sizes. */
    @JsonInclude(JsonInclude.Include.ALWAYS)
    record CurveSummary(
            double peakDemandNm,
            @Nullable Double peakProgress,
            @Nullable Double peakElbowFlexionDeg,
            double meanDemandNm,
            double startDemandNm,
            double endDemandNm,
            double slackFraction,
            LoadCurve.Profile profile,
            @Nullable Double peakShoulderNm,
            double largestElevationDeg,
            double largestExtensionDeg) {
        static CurveSummary of(LoadCurve.Summary s) {
            return new CurveSummary(
                    s.peakDemandNm(),
                    s.peakProgress(),
                    s.peakElbowFlexionDeg(),
                    s.meanDemandNm(),
                    s.startDemandNm(),
                    s.endDemandNm(),
                    s.slackFraction(),
                    s.profile(),
                    s.peakShoulderNm(),
                    s.largestElevationDeg(),
                    s.largestExtensionDeg());
        }
    }

    private static <T> T needed(String field, @Nullable T value) {
        if (value == null) {
            throw new InvalidValue(field, "is needed");
        }
        return value;
    }

    private static Vec3 point(String field, @Nullable List<Double> point) {
        List<Double> given = needed(field, point);
        if (given.size() != 3 || given.stream().anyMatch(v -> v == null || !Double.isFinite(v))) {
            throw new InvalidValue(field, "is three numbers: forward, up, right");
        }
        given.forEach(v -> InvalidValue.requireWithin(field, v, -10_000, 10_000, ""));
        return new Vec3(given.get(0), given.get(1), given.get(2));
    }

    private static <F, T> List<T> each(String field, List<F> from, Function<F, T> make) {
        return IntStream.range(0, from.size())
                .mapToObj(i -> InvalidValue.at(field + "[" + i + "]", () -> make.apply(needed("", from.get(i)))))
                .toList();
    }
}
