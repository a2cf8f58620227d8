package kinesia.bench;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import kinesia.core.arm.ArmDimensions;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Resistance;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Person;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.ElbowStrength;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.StimulusRules;
import kinesia.core.exercise.StressWeights;
import kinesia.core.plan.Atlas;
import kinesia.core.plan.Easing;
import kinesia.core.plan.SoreSite;
import kinesia.core.screening.PainScore;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The arm model: one curve, ten times the samples, the whole atlas for a client, and the search turned around. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 1)
@Fork(1)
public class ArmBenchmark {
    private static final Body BODY = new Body(Sex.FEMALE, 1.70, 70);
    private static final ElbowStrength STRENGTH = new ElbowStrength(16, 10.4);

    private final ArmDimensions arm = BODY.arm();
    private final Movement curl = Movement.between(new Pose(0, 0, 90, 0, 0, 0), new Pose(0, 0, 90, 0, 0, 150));
    // Every angle moves, so that nothing can be kept from sample to sample.
    private final Movement everything =
            Movement.between(new Pose(-30, 5, 30, 10, -20, 5), new Pose(20, -5, 80, 120, 30, 140));
    private final List<Resistance> weight = List.of(new Resistance.FreeWeight(5));
    private final ExerciseModel model = model();
    private final Equipment room = new Equipment(
            List.of(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 14.0),
            null,
            new Equipment.Plated(8, List.of(new Equipment.PlatePair(1.25, 2), new Equipment.PlatePair(2.5, 2))),
            new Equipment.Plated(6, List.of(new Equipment.PlatePair(1.25, 2))),
            new Equipment.Stack(2.5, 2.5, 50, 1.25),
            List.of(new Equipment.Band("yellow", 22), new Equipment.Band("green", 38), new Equipment.Band("blue", 60)),
            Set.of("chair", "flat bench", "adjustable bench", "sloped pad", "high anchor", "mat"),
            List.of());
    private final Atlas.Asked client = new Atlas.Asked(
            Person.anybody(BODY),
            STRENGTH,
            Map.of("seated-curl", 4.0, "rope-press-down", 12.5),
            List.of(),
            List.of(new SoreSite(Site.FRONT_OF_SHOULDER, Side.RIGHT, PainScore.of(4))),
            room,
            List.of(),
            false);

    @Benchmark
    public LoadCurve curve101() {
        return LoadCurve.of(arm, curl, weight, false, 101);
    }

    @Benchmark
    public LoadCurve curve1010() {
        return LoadCurve.of(arm, curl, weight, false, 1010);
    }

    @Benchmark
    public LoadCurve curve101EveryAngleMoving() {
        return LoadCurve.of(arm, everything, weight, false, 101);
    }

    @Benchmark
    public List<Atlas.Entry> wholeAtlasForAClient() {
        return new Atlas(model, client).ranked();
    }

    @Benchmark
    public Easing.Answer easeLyingExtension() {
        return ease("lying-extension", Site.BACK_OF_ELBOW, 0.1);
    }

    /** The largest search: few answers, so that every combination of four steps is tried. */
    @Benchmark
    public Easing.Answer easeCloseFloorPress() {
        return ease("close-floor-press", Site.BACK_OF_ELBOW, 0.1);
    }

    private Easing.Answer ease(String key, Site site, double progress) {
        Exercise entry = model.catalogue().get(key);
        return Easing.of(
                model,
                new Easing.Asked(
                        entry,
                        Adjustment.NONE,
                        Person.anybody(BODY),
                        List.of(),
                        STRENGTH,
                        model.equalEffortLoad(entry, BODY, STRENGTH),
                        site,
                        progress,
                        room,
                        List.of()));
    }

    private static ExerciseModel model() {
        Map<String, String> catalogue = new LinkedHashMap<>();
        Catalogue.FILES.forEach(file -> catalogue.put(file, text("exercises/" + file)));
        Catalogue entries = Catalogue.parse(catalogue);
        return new ExerciseModel(
                entries,
                StressWeights.parse("stress.yaml", text("stress.yaml"), entries),
                StimulusRules.parse("stimulus.yaml", text("stimulus.yaml")));
    }

    private static String text(String name) {
        try (InputStream in = Catalogue.class.getResourceAsStream("/kinesia/rules/" + name)) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        } catch (IOException e) {
            throw new IllegalStateException(name, e);
        }
    }
}
