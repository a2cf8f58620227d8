package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Gear;
import kinesia.core.exercise.Grip;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.plan.PlanRequest.StressBudget;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/**
 * Whoever has less to choose from is never better off by the objective. Limits that shorten a range are left out: a shorter
 * range can be loaded more evenly, which is worth something.
 */
class WorthTest {
    private static final int REQUESTS = 150;
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Methods METHODS = RuleFiles.methods();
    private static final Planner PLANNER = new Planner(MODEL, METHODS);

    private static PlanRequest somebody(Random random, Equipment room, int minutes, int sets, List<Limit> limits) {
        List<SoreSite> sore = random.nextBoolean()
                ? List.of(new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(3)))
                : List.of();
        // What a method is meant to have comes before what a session is worth: more of it may be in reach of less.
        List<Method> methods = METHODS.all().stream()
                .filter(m -> m.asks().isEmpty() && !m.key().equals("household"))
                .toList();
        Method method = random.nextInt(3) == 0 ? Methods.open() : methods.get(random.nextInt(methods.size()));
        return People.request(room, minutes, sets, limits, sore, People.history())
                .by(method)
                .within(ArmBudget.of(sore, People.week(2, 1), place -> 20, Learned.NONE));
    }

    private static void isNotBetter(int seed, String with, PlanRequest less, PlanRequest more) {
        double worthLess = PLANNER.worth(less);
        double worthMore = PLANNER.worth(more);
        String who = "request " + seed + " " + more.method().key() + " with less " + with;
        if (Double.isNaN(worthMore)) {
            assertThat(worthLess).as(who).isNaN();
        } else if (!Double.isNaN(worthLess)) {
            assertThat(worthLess).as(who).isLessThanOrEqualTo(worthMore + 1e-9);
        }
    }

    @Test
    void less_equipment_is_never_worth_more() {
        for (int seed = 0; seed < REQUESTS; seed++) {
            Random random = new Random(seed);
            Set<String> some = new HashSet<>(Gear.FURNITURE);
            some.removeIf(thing -> random.nextInt(3) == 0);
            Equipment gym = People.GYM;
            Equipment less = new Equipment(
                    gym.dumbbellsKg(),
                    gym.handle(),
                    random.nextBoolean() ? gym.straightBar() : null,
                    random.nextBoolean() ? gym.angledBar() : null,
                    random.nextBoolean() ? gym.stack() : null,
                    gym.bands(),
                    some,
                    random.nextBoolean() ? gym.household() : List.of(),
                    gym.fixtures(),
                    random.nextBoolean() ? gym.machines() : List.of(),
                    random.nextBoolean(),
                    null);
            isNotBetter(
                    seed,
                    "equipment",
                    somebody(new Random(seed), less, 40, 5, List.of()),
                    somebody(new Random(seed), gym, 40, 5, List.of()));
        }
    }

    private static Limit leavingOut(@Nullable Grip grip, @Nullable Stance stance) {
        return new Limit(
                grip == null ? Limit.Kind.NO_STANCE : Limit.Kind.NO_GRIP,
                null,
                null,
                null,
                stance == null
                        ? null
                        : stance.name().toLowerCase(java.util.Locale.ROOT).replace('_', '-'),
                null,
                grip,
                null,
                People.DAY.plusDays(28),
                Reason.of("TEST", Tag.HOUSE, "", "Left out.", "Not for now."));
    }

    @Test
    void a_limit_more_is_never_worth_more() {
        for (int seed = 0; seed < REQUESTS; seed++) {
            Random random = new Random(1000 + seed);
            Limit limit = random.nextBoolean()
                    ? leavingOut(Grip.values()[random.nextInt(Grip.values().length)], null)
                    : leavingOut(null, Stance.values()[random.nextInt(Stance.values().length)]);
            isNotBetter(
                    seed,
                    "freedom",
                    somebody(new Random(seed), People.GYM, 40, 5, List.of(limit)),
                    somebody(new Random(seed), People.GYM, 40, 5, List.of()));
        }
    }

    @Test
    void less_time_and_less_for_sore_places_are_never_worth_more() {
        for (int seed = 0; seed < REQUESTS; seed++) {
            PlanRequest more = somebody(new Random(seed), People.GYM, 45, 5, List.of());
            isNotBetter(seed, "time", somebody(new Random(seed), People.GYM, 35, 5, List.of()), more);
            List<StressBudget> tighter = new ArrayList<>();
            for (StressBudget b : more.stressBudgets()) {
                tighter.add(new StressBudget(b.site(), b.side(), b.most() * 0.6, b.reason()));
            }
            isNotBetter(seed, "for sore places", more.within(tighter), more);
        }
    }
}
