package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.RestAndTime;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanRequest.SetBudget;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenQuestions;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PlannerTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL);
    private static final Equipment ROOM = new Equipment(
            List.of(1.0, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0, 10.0),
            null,
            new Equipment.Plated(8, List.of(new Equipment.PlatePair(1.25, 2))),
            new Equipment.Plated(6, List.of(new Equipment.PlatePair(1.25, 2))),
            new Equipment.Stack(2.5, 2.5, 40, 0),
            List.of(new Equipment.Band("green", 40)),
            Set.of("chair", "flat bench", "adjustable bench", "sloped pad", "high anchor", "mat"),
            List.of());

    private static Map<Head.Group, SetBudget> budget(int flexors, int extensors) {
        Reason reason = Reason.of("WEEK-allowance", Tag.HOUSE, "", "This week.", "This week.");
        Map<Head.Group, SetBudget> budget = new EnumMap<>(Head.Group.class);
        budget.put(Head.Group.FLEXORS, new SetBudget(flexors, reason));
        budget.put(Head.Group.EXTENSORS, new SetBudget(extensors, reason));
        return budget;
    }

    private static PlanRequest request(Equipment room, int minutes, int sets, List<Limit> limits, List<SoreSite> sore) {
        return new PlanRequest(
                new Body(Sex.FEMALE, 1.66, 68),
                62,
                DAY,
                minutes,
                room,
                limits,
                sore,
                Set.of(),
                new PlanRequest.Known(People.USED_TO_IT, List.of(), DAY),
                Map.of(),
                Map.of(),
                Map.of(),
                budget(sets, sets),
                RestAndTime.first(),
                Door.quiet(),
                null,
                false);
    }

    private static List<Limit> limitsOf(Site site, String provocation) {
        return new Answers()
                .sore(Sore.at(site, Side.RIGHT, provocation))
                .assess()
                .limits();
    }

    private static Plan plan(PlanRequest request) {
        PlanResult result = PLANNER.plan(request);
        assertThat(result.plan()).as(result.refusals().toString()).isNotNull();
        return result.plan();
    }

    @Test
    void a_session_has_up_to_three_pairs_of_both_muscles_inside_the_time() {
        for (int minutes : new int[] {20, 30, 45, 60}) {
            Plan plan = plan(request(ROOM, minutes, 6, List.of(), List.of()));
            assertThat(plan.units()).hasSizeBetween(minutes < 30 ? 1 : 2, 3);
            assertThat(plan.units())
                    .allSatisfy(p -> assertThat(p.slots())
                            .extracting(Slot::group)
                            .containsExactly(Head.Group.EXTENSORS, Head.Group.FLEXORS));
            assertThat(plan.minutes().total()).isLessThanOrEqualTo(minutes + 1);
            assertThat(plan.slots()).extracting(s -> family(s.exerciseKey())).doesNotHaveDuplicates();
        }
    }

    private static String family(String key) {
        return MODEL.catalogue().get(key).movementFamily();
    }

    @Test
    void a_sore_front_shoulder_takes_incline_curls_off_the_list() {
        PlanRequest request =
                request(ROOM, 40, 6, limitsOf(Site.FRONT_OF_SHOULDER, "arm-behind"), sore(Site.FRONT_OF_SHOULDER));
        Plan plan = plan(request);
        assertThat(plan.slots()).extracting(Slot::exerciseKey).doesNotContain("incline-curl", "drag-curl", "bench-dip");
        Plan.WhyNot why = plan.whyNot().stream()
                .filter(w -> w.exerciseKey().equals("incline-curl"))
                .findFirst()
                .orElseThrow();
        assertThat(why.byLimit()).isTrue();
        assertThat(why.reasons().get(0).ruleId()).isEqualTo("SITE-front-of-shoulder-arm-behind");
    }

    @Test
    void a_sore_back_of_elbow_shortens_extensions_instead_of_dropping_them() {
        Plan plan = plan(request(ROOM, 40, 6, limitsOf(Site.BACK_OF_ELBOW, "deep-bending"), sore(Site.BACK_OF_ELBOW)));
        for (Slot slot : plan.slots()) {
            if (slot.group() == Head.Group.EXTENSORS) {
                assertThat(slot.movement().keyframes()).allMatch(k -> k.pose().elbowFlexionDeg() <= 90.5);
                if (!slot.movement()
                        .equals(MODEL.catalogue().get(slot.exerciseKey()).movement())) {
                    assertThat(slot.why().get(Plan.Aspect.RANGE).ruleId()).isEqualTo("SITE-back-of-elbow-deep-bending");
                }
            }
        }
    }

    private static List<SoreSite> sore(Site site) {
        return List.of(new SoreSite(site, Side.RIGHT, PainScore.of(3)));
    }

    @Test
    void no_limit_is_broken_for_any_site_provocation_or_random_room() {
        Random random = new Random(7);
        for (ScreenQuestions.SiteQuestions site : RuleFiles.questions().sites()) {
            for (ScreenQuestions.Provocation provocation : site.provocations()) {
                for (int i = 0; i < 8; i++) {
                    PlanRequest request = request(
                            randomRoom(random),
                            15 + random.nextInt(40),
                            2 + random.nextInt(7),
                            limitsOf(site.site(), provocation.key()),
                            sore(site.site()));
                    PlanResult result = PLANNER.plan(request);
                    if (result.plan() == null) {
                        assertThat(result.refusals().get(0).exact()).isNotBlank();
                    } else {
                        result.plan().slots().forEach(s -> obeys(s, request));
                    }
                }
            }
        }
    }

    private static Equipment randomRoom(Random random) {
        List<String> furniture =
                new ArrayList<>(List.of("chair", "flat bench", "adjustable bench", "sloped pad", "high anchor", "mat"));
        furniture.removeIf(f -> random.nextInt(3) == 0);
        return new Equipment(
                random.nextBoolean() ? List.of(1.0, 2.0, 4.0) : List.of(),
                null,
                null,
                null,
                random.nextBoolean() ? new Equipment.Stack(2.5, 2.5, 30, 0) : null,
                random.nextBoolean() ? List.of(new Equipment.Band("green", 40)) : List.of(),
                Set.copyOf(furniture),
                List.of());
    }

    private static void obeys(Slot slot, PlanRequest whole) {
        // A limit on one side holds for that arm alone where the arms work singly.
        for (Side side :
                slot.sides().isEmpty() ? Set.of(Side.LEFT) : slot.sides().keySet()) {
            List<Limit> limits = slot.sides().isEmpty() ? whole.limits() : Fit.limitsOf(whole.limits(), side);
            Plan.SideDose dose = slot.sides().get(side);
            obeys(
                    slot,
                    dose == null ? slot.movement() : dose.movement(),
                    dose == null ? slot.targetEffort() : dose.targetEffort(),
                    request(whole.equipment(), whole.minutes(), 4, limits, List.of()));
        }
    }

    private static void obeys(Slot slot, Movement movement, Effort effort, PlanRequest request) {
        Exercise exercise = MODEL.catalogue().get(slot.exerciseKey()).withMovement(movement);
        LoadCurve curve = MODEL.curve(exercise, request.body(), slot.load().kg());
        assertThat(LimitCheck.broken(exercise, curve, slot::stress, request.limits()))
                .as(slot.name())
                .isEmpty();
        for (Limit limit : LimitCheck.bends(exercise, request.limits())) {
            assertThat(movement.keyframes())
                    .allMatch(k -> limit.kind() == Limit.Kind.LARGEST_ELBOW_BEND
                            ? k.pose().elbowFlexionDeg() <= limit.number() + 0.5
                            : k.pose().elbowFlexionDeg() >= limit.number() - 0.5);
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LARGEST_EFFORT, exercise, slot.stress(), request.limits())) {
            assertThat(effort.value()).isLessThanOrEqualTo(limit.number());
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LONGEST_HOLD, exercise, slot.stress(), request.limits())) {
            assertThat(slot.tempo().holdS()).isLessThanOrEqualTo((int) limit.number());
        }
        if (!LimitCheck.dosing(Limit.Kind.NO_FAST_LOWERING, exercise, slot.stress(), request.limits())
                .isEmpty()) {
            assertThat(slot.tempo().downS()).isGreaterThanOrEqualTo(3);
        }
        assertThat(ReachableLoads.missingFor(request.equipment(), exercise)).isEmpty();
        assertThat(ReachableLoads.of(request.equipment(), MODEL.catalogue().get(slot.exerciseKey()), request.body())
                        .loads())
                .contains(slot.load());
    }

    /** Every kind of limit that a plan can keep, on top of what a sore elbow gives. */
    @ParameterizedTest
    @CsvSource({
        "NO_LOADING, , BACK_OF_ELBOW", "HOLDS_ONLY, , CROOK_OF_ELBOW", "LONGEST_HOLD, 6, CROOK_OF_ELBOW",
        "NO_ARM_PAD, , ", "LARGEST_INWARD_ROTATION, 0, TOP_OUTER_SHOULDER", "NO_FAST_LOWERING, , OUTER_ELBOW"
    })
    void limits_of_every_kind_are_kept_by_the_plan(Limit.Kind kind, Double value, Site site) {
        List<Limit> limits = new java.util.ArrayList<>(limitsOf(Site.OUTER_ELBOW, "gripping"));
        limits.add(limit(kind, value, site));
        PlanResult result = PLANNER.plan(request(ROOM, 40, 4, limits, sore(Site.OUTER_ELBOW)));
        if (result.plan() == null) {
            // With the back of the elbow at rest there may be nothing left that straightens it.
            assertThat(result.refusals()).extracting(Reason::ruleId).containsExactly("PLAN-nothing-fits");
            return;
        }
        result.plan().slots().forEach(s -> obeys(s, request(ROOM, 40, 4, limits, List.of())));
    }

    private static Limit limit(Limit.Kind kind, Double value, Site site) {
        return new Limit(
                kind,
                Side.RIGHT,
                site,
                value,
                null,
                null,
                null,
                null,
                DAY.plusDays(28),
                Reason.of("TEST-" + kind, Tag.HOUSE, "", "Because of " + kind + ".", "Not for now."));
    }

    @Test
    void somebody_dizzy_on_getting_up_goes_to_the_floor_once_at_most() {
        // With a mat, dumbbells and nothing to sit or lean on, much of the back of the arm is done on the floor.
        Equipment matAndDumbbells =
                new Equipment(List.of(1.0, 2.0, 4.0, 6.0), null, null, null, null, List.of(), Set.of("mat"), List.of());
        List<Limit> standing = List.of(limit(Limit.Kind.NO_BODY_WEIGHT, null, null), bentOver());
        List<Limit> dizzy = new ArrayList<>(standing);
        dizzy.add(limit(Limit.Kind.MOST_FLOOR_CHANGES, 1.0, null));
        List<Method> methods = new ArrayList<>(RuleFiles.methods().all());
        methods.add(Methods.open());
        // Without the limit some ways of working go down more than once; with it none does.
        assertThat(methods)
                .anyMatch(m -> floorVisits(PLANNER.plan(request(matAndDumbbells, 60, 6, standing, List.of())
                                        .by(m))
                                .plan())
                        > 1);
        for (Method method : methods) {
            PlanResult result = PLANNER.plan(
                    request(matAndDumbbells, 60, 6, dizzy, List.of()).by(method));
            assertThat(floorVisits(result.plan())).as(method.key()).isLessThanOrEqualTo(1);
        }
    }

    private static Limit bentOver() {
        Limit any = limit(Limit.Kind.NO_STANCE, null, null);
        return new Limit(any.kind(), null, null, null, "bent-over", null, null, null, any.lookAgainOn(), any.reason());
    }

    private static int floorVisits(@Nullable Plan plan) {
        if (plan == null) {
            return 0;
        }
        int visits = 0;
        boolean down = false;
        for (Plan.Unit pair : plan.units()) {
            for (int round = 0; round < pair.rounds(); round++) {
                for (Slot slot : pair.slots()) {
                    if (round < slot.sets()) {
                        boolean floor =
                                SessionNumbers.isOnFloor(MODEL.catalogue().get(slot.exerciseKey()));
                        visits += floor && !down ? 1 : 0;
                        down = floor;
                    }
                }
            }
        }
        return visits;
    }

    @Test
    void breath_and_lowering_are_said_on_the_plan() {
        List<Limit> limits = List.of(
                limit(Limit.Kind.NO_BREATH_HOLDING, null, null), limit(Limit.Kind.NO_FAST_LOWERING, null, null));
        assertThat(plan(request(ROOM, 40, 4, limits, List.of())).notes())
                .extracting(Reason::ruleId)
                .containsExactly("TEST-NO_BREATH_HOLDING", "TEST-NO_FAST_LOWERING");
    }

    @Test
    void the_same_request_gives_the_same_plan() {
        PlanRequest request = request(ROOM, 40, 5, limitsOf(Site.OUTER_ELBOW, "gripping"), sore(Site.OUTER_ELBOW));
        assertThat(PLANNER.plan(request)).isEqualTo(PLANNER.plan(request));
    }

    @Test
    void less_than_48_hours_and_something_new_are_refused_with_their_rule() {
        PlanRequest r = request(ROOM, 40, 6, List.of(), List.of());
        PlanRequest tooSoon = new PlanRequest(
                r.body(),
                r.age(),
                DAY,
                40,
                ROOM,
                List.of(),
                List.of(),
                Set.of(),
                new PlanRequest.Known(People.USED_TO_IT, List.of(), DAY),
                Map.of(),
                Map.of(),
                Map.of(),
                r.budget(),
                r.rest(),
                Door.quiet(),
                DAY.minusDays(1),
                false);
        assertThat(PLANNER.plan(tooSoon).refusals().get(0).ruleId()).isEqualTo("WEEK-48h");
        PlanRequest isNew = new PlanRequest(
                r.body(),
                r.age(),
                DAY,
                40,
                ROOM,
                List.of(),
                List.of(),
                Set.of(),
                new PlanRequest.Known(People.USED_TO_IT, List.of(), DAY),
                Map.of(),
                Map.of(),
                Map.of(),
                r.budget(),
                r.rest(),
                new Door(7.0, false, true),
                null,
                false);
        assertThat(PLANNER.plan(isNew).refusals().get(0).ruleId()).isEqualTo("DOOR-new");
    }

    @Test
    void an_empty_room_gets_a_clear_sentence_and_not_a_plan() {
        Equipment nothing = new Equipment(List.of(), null, null, null, null, List.of(), Set.of(), List.of());
        // A wall is always there.
        assertThat(plan(request(nothing, 40, 6, List.of(), List.of())).slots())
                .extracting(Slot::exerciseKey)
                .containsExactly("wall-push-up");
        PlanResult result =
                PLANNER.plan(request(nothing, 40, 6, List.of(limit(Limit.Kind.NO_BODY_WEIGHT, null, null)), List.of()));
        assertThat(result.plan()).isNull();
        assertThat(result.refusals().get(0).ruleId()).isEqualTo("PLAN-nothing-fits");
        assertThat(result.refusals().get(0).exact()).contains("would make one possible");
    }
}
