package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import kinesia.core.RuleFiles;
import kinesia.core.Seeds;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.FirstLoad;
import kinesia.core.dose.FirstLoads;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.TrainingStory;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Limit;
import org.junit.jupiter.api.Test;

/** RULES 3: what is left of a range that a limit cut is worked with at most the load of the whole one. */
class LimitNeverRaisesTest {
    private static final int CLIENTS = Integer.getInteger("kinesia.clients", 500);
    // Each is two whole catalogues.
    private static final int BODIES = CLIENTS / 10;
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods(), RuleFiles.careWork());
    private static final LocalDate LOOK = People.DAY.plusDays(28);
    private static final Reason WHY = Reason.of("LIMIT-by-hand", Tag.HOUSE, "", "By hand.", "By hand.");

    private static PlanRequest somebody(Random random) {
        return new PlanRequest(
                new Body(Sex.values()[random.nextInt(2)], 1.45 + random.nextInt(50) / 100.0, 42 + random.nextInt(70)),
                50 + random.nextInt(45),
                People.DAY,
                20 + random.nextInt(40),
                People.GYM,
                List.of(),
                List.of(),
                Set.of(),
                new PlanRequest.Known(
                        new TrainingStory(random.nextInt(60), random.nextBoolean(), true), List.of(), People.DAY),
                Map.of(),
                Map.of(),
                Map.of(),
                People.sets(6, 6),
                RestAndTime.first(),
                Door.quiet(),
                null,
                false);
    }

    /** One limit of any kind that has a number, of one side or both, with any number that makes sense. */
    private static Limit limit(Random random) {
        List<Limit.Kind> kinds = List.of(Limit.Kind.values()).stream()
                .filter(Limit.Kind::hasNumber)
                .toList();
        Limit.Kind kind = Seeds.oneOf(random, kinds);
        double value = Math.rint(kind.least() + random.nextDouble() * (kind.most() - kind.least()));
        Side side = random.nextBoolean() ? null : Seeds.oneOf(random, List.of(Side.values()));
        Site site = random.nextBoolean() ? null : Seeds.oneOf(random, List.of(Site.values()));
        return new Limit(kind, side, site, value, null, null, null, null, LOOK, WHY);
    }

    private static Candidates candidates(PlanRequest request) {
        ClientStrength strength =
                ClientStrength.of(MODEL, request.person(), request.known().sets(), People.DAY);
        return new Candidates(
                MODEL,
                new Suitabilities(MODEL, request.body(), strength.both(), request.limits()),
                new FirstLoads(strength),
                request,
                e -> true,
                true);
    }

    @Test
    void over_the_whole_catalogue_no_limit_raises_what_an_exercise_starts_with() {
        AtomicInteger compared = new AtomicInteger();
        IntStream.range(0, BODIES).parallel().forEach(seed -> {
            Random random = new Random(seed);
            PlanRequest free = somebody(random);
            PlanRequest limited = free.sore(List.of(), List.of(limit(random)));
            Candidates before = candidates(free);
            Candidates after = candidates(limited);
            for (Exercise exercise : MODEL.catalogue().all()) {
                FirstLoad whole = before.first(exercise.key());
                FirstLoad cut = after.first(exercise.key());
                if (whole != null && cut != null) {
                    compared.incrementAndGet();
                    assertThat(cut.kg())
                            .as("seed " + seed + ", " + exercise.key() + " under " + limited.limits())
                            .isLessThanOrEqualTo(whole.kg() + 1e-9);
                }
            }
        });
        assertThat(compared.get()).isGreaterThan(BODIES * 20);
    }

    @Test
    void in_a_plan_no_limit_raises_a_load() {
        AtomicInteger compared = new AtomicInteger();
        IntStream.range(0, CLIENTS).parallel().forEach(seed -> {
            Random random = new Random(seed);
            PlanRequest free = somebody(random);
            Limit limit = limit(random);
            Plan whole = PLANNER.plan(free).plan();
            Plan cut = PLANNER.plan(free.sore(List.of(), List.of(limit))).plan();
            if (whole == null || cut == null) {
                return;
            }
            for (Slot slot : cut.mainSlots()) {
                whole.mainSlots().stream()
                        .filter(s -> s.exerciseKey().equals(slot.exerciseKey()))
                        .forEach(s -> {
                            compared.incrementAndGet();
                            assertThat(slot.load().kg())
                                    .as("seed " + seed + ", " + slot.exerciseKey() + " under " + limit)
                                    .isLessThanOrEqualTo(s.load().kg() + 1e-9);
                        });
            }
        });
        assertThat(compared.get()).isGreaterThan(CLIENTS);
    }
}
