package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.Head;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanCheck.Kind;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenQuestions;
import org.junit.jupiter.api.Test;

/** Made-up clients, ten thousand of them with {@code -P many}: no plan breaks a hard limit, its clock, its sets or what its sore places may take. */
class RandomClientsTest {
    private static final int CLIENTS = Integer.getInteger("kinesia.clients", 500);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());

    @Test
    void no_plan_breaks_a_hard_limit() {
        AtomicInteger planned = new AtomicInteger();
        // Each client has a seed of its own, so that the order in which cores get to them changes nothing.
        IntStream.range(0, CLIENTS).parallel().forEach(i -> {
            PlanRequest request = somebody(new Random(i));
            PlanResult result = PLANNER.plan(request);
            if (result.plan() == null) {
                assertThat(result.refusals())
                        .as("client " + i)
                        .isNotEmpty()
                        .allSatisfy(r -> assertThat(r.exact()).isNotBlank());
            } else {
                planned.incrementAndGet();
                holds(i, request, result.plan());
            }
        });
        assertThat(planned.get()).isGreaterThan(CLIENTS / 2);
    }

    static PlanRequest somebody(Random random) {
        List<ScreenQuestions.SiteQuestions> sites = RuleFiles.questions().sites();
        Answers answers = new Answers();
        List<SoreSite> sore = new ArrayList<>();
        int places = random.nextInt(4);
        Set<String> taken = new HashSet<>();
        for (int n = 0; n < places; n++) {
            ScreenQuestions.SiteQuestions site = sites.get(random.nextInt(sites.size()));
            Side side = Side.values()[random.nextInt(2)];
            if (taken.add(site.site().name() + side)) {
                answers.sore(Sore.at(
                        site.site(),
                        side,
                        site.provocations()
                                .get(random.nextInt(site.provocations().size()))
                                .key()));
                sore.add(new SoreSite(site.site(), side, PainScore.of(random.nextInt(7))));
            }
        }
        List<Method> methods = RuleFiles.methods().all();
        PlanRequest request = People.request(
                place(random),
                8 + random.nextInt(60),
                1 + random.nextInt(9),
                answers.assess().limits(),
                sore,
                random.nextBoolean() ? People.history() : List.of());
        Method method = random.nextInt(3) == 0 ? Methods.open() : methods.get(random.nextInt(methods.size()));
        return request.by(method)
                .within(ArmBudget.of(
                        sore,
                        People.week(1 + random.nextInt(3), random.nextInt(3)),
                        s -> random.nextInt(60),
                        Learned.NONE));
    }

    private static Equipment place(Random random) {
        if (random.nextInt(4) == 0) {
            return People.GYM;
        }
        Set<String> furniture = new HashSet<>(Gear.FURNITURE);
        furniture.removeIf(f -> random.nextInt(3) == 0);
        return new Equipment(
                random.nextBoolean() ? List.of(1.0, 2.0, 4.0, 6.0) : List.of(),
                null,
                null,
                null,
                random.nextBoolean() ? new Equipment.Stack(2.5, 2.5, 30, 0) : null,
                random.nextBoolean() ? List.of(new Equipment.Band("green", 40)) : List.of(),
                furniture,
                random.nextBoolean() ? List.of(new Equipment.HouseholdObject("jug", 3.8)) : List.of());
    }

    private static void holds(int client, PlanRequest request, Plan plan) {
        String who = "client " + client + " " + request.method().key();
        assertThat(plan.minutes().total()).as(who).isLessThanOrEqualTo(request.minutes());
        // At least nine tenths of the minutes are used, or the rule that leaves them free is named.
        assertThat(plan.minutes().total() >= 0.9 * request.minutes() || plan.free() != null)
                .as(who)
                .isTrue();
        for (Head.Group group : Head.Group.values()) {
            int hard = plan.slots().stream()
                    .filter(s -> s.group() == group && s.targetEffort().isHard() && trains(s))
                    .mapToInt(Slot::sets)
                    .sum();

            assertThat(hard).as(who).isLessThanOrEqualTo(request.setsFor(group));
        }
        for (PlanRequest.StressBudget budget : request.stressBudgets()) {
            double dose = plan.slots().stream()
                    .filter(s -> s.sides().isEmpty() || s.sides().containsKey(budget.side()))
                    .mapToDouble(s -> StressDose.of(s, budget.site()))
                    .sum();
            assertThat(dose).as(who).isLessThanOrEqualTo(budget.most() * 1.001 + 0.01);
        }
        Set<String> keys = new HashSet<>();
        for (Slot slot : plan.slots()) {
            assertThat(keys.add(slot.exerciseKey())).as(who).isTrue();
            keeps(who, request, slot);
        }
    }

    private static boolean trains(Slot slot) {
        return MODEL.catalogue().get(slot.exerciseKey()).role().trainsTheArm();
    }

    private static void keeps(String who, PlanRequest request, Slot slot) {
        Exercise entry = MODEL.catalogue().get(slot.exerciseKey());
        assertThat(ReachableLoads.of(request.equipment(), entry, request.body()).loads())
                .as(who)
                .contains(slot.load());
        Set<Side> arms =
                slot.sides().isEmpty() ? Set.of(Side.values()) : slot.sides().keySet();
        for (Side arm : arms) {
            Plan.SideDose own = slot.sides().get(arm);
            Movement movement = own == null ? slot.movement() : own.movement();
            List<Limit> limits = slot.sides().isEmpty() && slot.arms() != Exercise.Arms.IN_TURN
                    ? request.limits()
                    : LimitCheck.whileWorking(arm, entry, request.limits());
            Exercise done = entry.withMovement(movement);
            LoadCurve curve = MODEL.curve(done, request.body(), slot.load().kg());
            assertThat(LimitCheck.broken(done, curve, slot::stress, limits))
                    .as(who + " " + slot.name())
                    .isEmpty();
            for (Limit limit : LimitCheck.bends(done, limits)) {
                assertThat(movement.keyframes())
                        .as(who)
                        .allMatch(k -> limit.kind() == Limit.Kind.LARGEST_ELBOW_BEND
                                ? k.pose().elbowFlexionDeg() <= limit.number() + 0.5
                                : k.pose().elbowFlexionDeg() >= limit.number() - 0.5);
            }
            double effort = own == null
                    ? slot.targetEffort().value()
                    : own.targetEffort().value();
            for (Limit limit : LimitCheck.dosing(Limit.Kind.LARGEST_EFFORT, entry, slot.stress(), limits)) {
                assertThat(effort).as(who).isLessThanOrEqualTo(limit.number());
            }
            for (Limit limit : LimitCheck.dosing(Limit.Kind.SETS_PER_EXERCISE, entry, slot.stress(), limits)) {
                assertThat(slot.sets()).as(who).isLessThanOrEqualTo((int) limit.number());
            }
        }
    }

    @Test
    void a_plan_written_out_again_by_hand_is_marked_for_nothing() {
        PlanRequest request = People.request(
                People.GYM,
                45,
                6,
                People.limitsOf(kinesia.core.exercise.Site.BACK_OF_ELBOW, Side.RIGHT, "deep-bending"),
                List.of(),
                People.history());
        Plan plan = PLANNER.plan(request).plan();
        assertThat(plan.units()).anyMatch(Plan.Unit::care);
        List<PlanCheck.WrittenUnit> written = plan.units().stream()
                .map(u -> new PlanCheck.WrittenUnit(
                        u.layout(),
                        u.restSeconds(),
                        u.slots().stream()
                                .map(s -> new PlanCheck.Written(
                                        s.exerciseKey(),
                                        s.sets(),
                                        s.reps(),
                                        s.load().kg(),
                                        s.targetEffort().value()))
                                .toList()))
                .toList();
        PlanCheck check = new PlanCheck(PLANNER);
        assertThat(check.check(request, written).marks()).isEmpty();
        // What breaks a limit, the clock or the sets is marked, and nothing is refused.
        List<PlanCheck.WrittenUnit> wild = List.of(new PlanCheck.WrittenUnit(
                Method.Layout.STRAIGHT,
                300,
                List.of(
                        new PlanCheck.Written("bench-dip", 6, new Exercise.RepRange(8, 12), null, 10.0),
                        new PlanCheck.Written("seated-curl", 6, new Exercise.RepRange(8, 12), 4.3, 8.0),
                        new PlanCheck.Written("standing-curl", 6, new Exercise.RepRange(8, 12), 4.0, 8.0))));
        PlanCheck.Checked checked = check.check(request, wild);
        assertThat(checked.plan().slots()).hasSize(3);
        // Whoever works by it sees what is marked.
        assertThat(checked.plan().notes())
                .containsAll(
                        checked.marks().stream().map(PlanCheck.Mark::reason).toList());
        assertThat(checked.marks())
                .extracting(PlanCheck.Mark::kind)
                .contains(Kind.EFFORT, Kind.LOAD, Kind.SAME_MOVEMENT, Kind.SETS, Kind.CLOCK);
    }
}
