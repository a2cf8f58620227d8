package kinesia.bench;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Catalogue;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.StimulusRules;
import kinesia.core.exercise.StressWeights;
import kinesia.core.plan.ArmBudget;
import kinesia.core.plan.Door;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Learned;
import kinesia.core.plan.Methods;
import kinesia.core.plan.PlanRequest;
import kinesia.core.plan.PlanResult;
import kinesia.core.plan.Planner;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingBlock;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.response.NextRequest;
import kinesia.core.response.SoreNow;
import kinesia.core.response.WeeksAhead;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningFile;
import kinesia.core.screening.ScreeningRules;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The planner: one session from the whole atlas for a client with a sore elbow, and a block of six weeks. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 5, time = 1)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class PlanBenchmark {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private final ExerciseModel model = model();
    private final Planner planner = new Planner(model);
    private final PlanRequest request = request();
    private final ScreenQuestions questions =
            ScreeningFile.parse("screening.yaml", text("screening.yaml"), model.catalogue());

    @Benchmark
    public PlanResult oneSession() {
        return planner.plan(request);
    }

    /** The same when nothing is known yet of what suits the client. */
    @Benchmark
    public PlanResult oneSessionOfAnotherClient() {
        return new Planner(model).plan(request);
    }

    /** Six weeks laid out for the same client, each visit planned from those before it. */
    @Benchmark
    public WeeksAhead.Weeks sixWeeks() {
        TrainingWeek week = TrainingWeek.of(Goal.FUNCTION, 2);
        return new WeeksAhead(planner, new ScreeningRules(questions))
                .of(
                        new WeeksAhead.Asked(
                                new NextRequest.Trainee(
                                        request.body(),
                                        request.age(),
                                        request.known().story(),
                                        week,
                                        new SoreNow.Screened(request.soreSites(), request.limits(), DAY),
                                        Set.of()),
                                new NextRequest.Room(model, request.equipment(), List.of(), Map.of()),
                                new NextRequest.Booking(DAY, 45, Door.quiet(), Methods.open(), PlanRequest.Wishes.NONE),
                                new TrainingBlock(DAY, 6, Goal.FUNCTION, 6, false, null),
                                Set.of(DayOfWeek.MONDAY, DayOfWeek.THURSDAY)),
                        List.of());
    }

    private static PlanRequest request() {
        Equipment room = new Equipment(
                List.of(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 7.0, 8.0, 9.0, 10.0, 12.0, 14.0),
                null,
                new Equipment.Plated(8, List.of(new Equipment.PlatePair(1.25, 2), new Equipment.PlatePair(2.5, 2))),
                new Equipment.Plated(6, List.of(new Equipment.PlatePair(1.25, 2))),
                new Equipment.Stack(2.5, 2.5, 50, 1.25),
                List.of(new Equipment.Band("yellow", 22), new Equipment.Band("green", 38)),
                Set.copyOf(Gear.FURNITURE),
                List.of());
        Reason why = Reason.of("SITE", Tag.PRACTICE, "", "A sore back of elbow.", "Because of your elbow.");
        List<Limit> limits = List.of(
                new Limit(
                        Limit.Kind.LARGEST_ELBOW_BEND,
                        Side.RIGHT,
                        Site.BACK_OF_ELBOW,
                        90.0,
                        null,
                        Head.Group.EXTENSORS,
                        null,
                        null,
                        DAY.plusDays(28),
                        why),
                new Limit(
                        Limit.Kind.LARGEST_EFFORT,
                        Side.RIGHT,
                        Site.BACK_OF_ELBOW,
                        7.0,
                        null,
                        null,
                        null,
                        null,
                        DAY.plusDays(28),
                        why));
        List<SoreSite> sore = List.of(new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(3)));
        Map<Head.Group, PlanRequest.SetBudget> sets = new EnumMap<>(Head.Group.class);
        sets.put(Head.Group.FLEXORS, new PlanRequest.SetBudget(6, why));
        sets.put(Head.Group.EXTENSORS, new PlanRequest.SetBudget(6, why));
        List<LoggedSet> history = List.of(done("seated-curl", 6), done("rope-press-down", 15));
        return new PlanRequest(
                        new Body(Sex.FEMALE, 1.70, 70),
                        62,
                        DAY,
                        45,
                        room,
                        limits,
                        sore,
                        Set.of(),
                        new PlanRequest.Known(new TrainingStory(100, false, true), history, DAY),
                        Map.of(),
                        Map.of(),
                        Map.of(),
                        sets,
                        RestAndTime.first(),
                        Door.quiet(),
                        null,
                        false)
                .within(ArmBudget.of(sore, TrainingWeek.of(Goal.FUNCTION, 2), place -> 20, Learned.NONE));
    }

    private static LoggedSet done(String key, double kg) {
        return new LoggedSet(
                DAY.minusDays(6), key, null, 1, Load.ofKg(kg), 12, Effort.of(7.5), PainScore.NONE, null, null);
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
