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
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
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
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import kinesia.core.screening.ScreenAnswers;
import kinesia.core.screening.ScreenQuestions;
import kinesia.core.screening.ScreeningRules;
import kinesia.core.screening.SiteRecord;
import org.junit.jupiter.api.Test;

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
                false,
                List.of(),
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
        ScreenQuestions questions = RuleFiles.questions();
        Map<String, Boolean> cautions = new java.util.HashMap<>();
        questions.cautions().forEach(c -> cautions.put(c.id(), false));
        Assessment assessment = new ScreeningRules(questions)
                .assess(
                        new ScreenAnswers(
                                ScreeningRules.noFlags(questions),
                                new ScreenAnswers.Readiness(true, false, false, null),
                                new ScreenAnswers.Pressure(false, List.of(), false),
                                cautions,
                                List.of(new SiteRecord(
                                        site,
                                        Side.RIGHT,
                                        PainScore.of(2),
                                        PainScore.of(1),
                                        PainScore.of(3),
                                        PainScore.of(2),
                                        1.0,
                                        List.of(provocation),
                                        null))),
                        DAY);
        return assessment.limits();
    }

    private static Plan plan(PlanRequest request) {
        PlanResult result = PLANNER.plan(request);
        assertThat(result.plan()).as(result.refusals().toString()).isNotNull();
        return result.plan();
    }

    @Test
    void a_session_has_two_or_three_pairs_of_both_muscles_inside_the_time() {
        for (int minutes : new int[] {20, 30, 45, 60}) {
            Plan plan = plan(request(ROOM, minutes, 6, List.of(), List.of()));
            assertThat(plan.pairs()).hasSizeBetween(2, 3);
            assertThat(plan.pairs())
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
                assertThat(slot.why().get(Plan.Aspect.RANGE).ruleId()).isEqualTo("SITE-back-of-elbow-deep-bending");
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

    private static void obeys(Slot slot, PlanRequest request) {
        Exercise exercise = MODEL.catalogue().get(slot.exerciseKey()).withMovement(slot.movement());
        LoadCurve curve = MODEL.curve(exercise, request.body(), slot.load().kg());
        assertThat(LimitCheck.broken(exercise, curve, request.limits()))
                .as(slot.name())
                .isEmpty();
        for (Limit limit : LimitCheck.bends(exercise, request.limits())) {
            assertThat(slot.movement().keyframes())
                    .allMatch(k -> limit.kind() == Limit.Kind.LARGEST_ELBOW_BEND
                            ? k.pose().elbowFlexionDeg() <= limit.number() + 0.5
                            : k.pose().elbowFlexionDeg() >= limit.number() - 0.5);
        }
        for (Limit limit : LimitCheck.dosing(Limit.Kind.LARGEST_EFFORT, slot.stress(), request.limits())) {
            assertThat(slot.targetEffort().value()).isLessThanOrEqualTo(limit.number());
        }
        assertThat(ReachableLoads.missingFor(request.equipment(), exercise)).isEmpty();
        assertThat(ReachableLoads.of(
                                request.equipment(), exercise, request.body().massKg())
                        .loads())
                .contains(slot.load());
    }

    @Test
    void the_same_request_gives_the_same_plan() {
        PlanRequest request = request(ROOM, 40, 5, limitsOf(Site.OUTER_ELBOW, "gripping"), sore(Site.OUTER_ELBOW));
        assertThat(PLANNER.plan(request)).isEqualTo(PLANNER.plan(request));
    }

    @Test
    void the_choice_is_the_best_of_all_choices() {
        // Brute force over every pair of two-exercise choices with two rounds, on the composer's own objective.
        PlanRequest request = request(ROOM, 60, 4, List.of(), sore(Site.BACK_OF_ELBOW));
        Candidates candidates = new Candidates(MODEL, request);
        SessionClock clock = new SessionClock(60 * 60, 90);
        Composer composer = new Composer(request, clock);
        double best = composer.best(candidates.shortlist()).score();
        List<Candidate> all = candidates.shortlist();
        for (Candidate a : all) {
            for (Candidate b : all) {
                for (Candidate c : all) {
                    for (Candidate d : all) {
                        if (distinctPair(a, b, Head.Group.FLEXORS) && distinctPair(c, d, Head.Group.EXTENSORS)) {
                            Composer.Best only = composer.best(List.of(a, b, c, d));
                            assertThat(only.score()).isLessThanOrEqualTo(best + 1e-9);
                        }
                    }
                }
            }
        }
    }

    private static boolean distinctPair(Candidate a, Candidate b, Head.Group group) {
        return a.exercise().group() == group
                && b.exercise().group() == group
                && a.exercise().key().compareTo(b.exercise().key()) < 0
                && !a.exercise().movementFamily().equals(b.exercise().movementFamily());
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
                false,
                List.of(),
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
                false,
                List.of(),
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
        PlanResult result = PLANNER.plan(request(nothing, 40, 6, List.of(), List.of()));
        assertThat(result.plan()).isNull();
        assertThat(result.refusals().get(0).ruleId()).isEqualTo("PLAN-nothing-fits");
    }
}
