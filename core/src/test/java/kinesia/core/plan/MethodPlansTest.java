package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Implement;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Stance;
import kinesia.core.plan.Method.Layout;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.Reason;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Each method keeps its numbers (common practice, no source) where nothing stands against them, and bends where it must. */
class MethodPlansTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Methods METHODS = RuleFiles.methods();
    private static final Planner PLANNER = new Planner(MODEL, METHODS);

    static Stream<Method> methods() {
        return METHODS.all().stream();
    }

    private static Method method(String key) {
        return METHODS.find(key).orElseThrow();
    }

    private static Plan plan(PlanRequest request) {
        PlanResult result = PLANNER.plan(request);
        assertThat(result.plan()).as(result.refusals().toString()).isNotNull();
        return result.plan();
    }

    private static Exercise entry(Slot slot) {
        return MODEL.catalogue().get(slot.exerciseKey());
    }

    private static List<Slot> of(Plan plan, Head.Group group) {
        return plan.slots().stream().filter(s -> s.group() == group).toList();
    }

    @ParameterizedTest
    @MethodSource("methods")
    void every_method_gives_somebody_without_limits_a_session_in_the_gym(Method method) {
        Plan plan = plan(People.well(People.GYM, 60, 12).by(method));
        assertThat(plan.method().key()).isEqualTo(method.key());
        assertThat(plan.minutes().total()).isLessThanOrEqualTo(60);
        // A warm-up is never longer than the work it is for.
        assertThat(plan.minutes().warmUp()).isLessThanOrEqualTo(plan.minutes().work());
        for (Slot slot : plan.slots()) {
            assertThat(loads(slot)).as(slot.name()).contains(slot.load());
            assertThat(slot.why().keySet()).contains(Plan.Aspect.CHOICE, Plan.Aspect.LOAD, Plan.Aspect.SETS);
        }
    }

    private static List<Load> loads(Slot slot) {
        return ReachableLoads.of(
                        People.GYM, entry(slot), People.well(People.GYM, 60, 6).body())
                .loads();
    }

    @Test
    void preloaded_pairs_close_with_a_press_at_a_little_over_half_of_its_fresh_load() {
        PlanRequest request = People.well(People.GYM, 60, 9);
        Plan plan = plan(request.by(method("preloaded-pairs")));
        assertThat(plan.units()).hasSize(3).allMatch(u -> u.layout() == Layout.PAIRS);
        assertThat(plan.units()).allMatch(u -> u.rounds() == 3);
        Slot press =
                plan.slots().stream().filter(s -> s.loadShare() < 1).findFirst().orElseThrow();
        assertThat(press.loadShare()).isEqualTo(0.55);
        assertThat(plan.slots()).allMatch(s -> s.reps().low() == 8 && s.reps().high() == 10);
        assertThat(plan.restSeconds()).isEqualTo(90);
        // The same press without isolation before it.
        PlanRequest fresh = request.by(method("compound-then-finish"))
                .wishing(new PlanRequest.Wishes(Set.of(press.exerciseKey()), Set.of()));
        Slot first = plan(fresh).slots().stream()
                .filter(s -> s.exerciseKey().equals(press.exerciseKey()))
                .findFirst()
                .orElseThrow();
        if (entry(press).implement() != Implement.BODY_WEIGHT) {
            assertThat(press.load().kg()).isLessThan(0.65 * first.load().kg());
        }
    }

    @Test
    void a_short_visit_takes_nine_to_twelve_minutes_after_its_warm_up_and_about_twenty_doubled() {
        Plan plan = plan(People.well(People.GYM, 22, 6).by(method("short-visit")));
        assertThat(plan.units()).hasSize(3).allMatch(u -> u.rounds() == 2);
        assertThat(plan.minutes().work()).isBetween(9, 12);
        // Ten and ten repetitions at three seconds: about a minute a pair.
        assertThat(plan.slots())
                .allMatch(s -> s.reps().high() == 10 && s.tempo().secondsPerRep() == 3);
        // Twice the rounds with their rests of 60 s are arithmetic: 12 x 68 s and 11 x 60 s make 24.6 minutes at most.
        Plan doubled = plan(People.well(People.GYM, 45, 12).by(method("short-visit")));
        assertThat(doubled.units()).hasSize(3).allMatch(u -> u.rounds() == 4);
        assertThat(doubled.minutes().work()).isBetween(19, 25);
    }

    @Test
    void when_ten_minutes_are_all_there_is_two_of_warm_up_and_two_pairs() {
        Plan plan = plan(People.well(People.GYM, 10, 6).by(method("short-visit")));
        assertThat(plan.minutes().total()).isLessThanOrEqualTo(10);
        assertThat(plan.minutes().warmUp()).isBetween(2, 3);
        assertThat(plan.units()).hasSize(2);
    }

    @Test
    void cuffs_lift_half_and_never_more_than_forty_percent() {
        PlanRequest request = People.well(People.GYM, 40, 8);
        Plan plan = plan(request.by(method("low-load-cuff")));
        for (Slot slot : plan.slots()) {
            assertThat(slot.sets()).isEqualTo(4);
            assertThat(slot.setReps()).containsExactly(30, 15, 15, 15);
            double fresh = entry(slot).bodyWeightShare() > 0
                    ? Double.MAX_VALUE
                    : PLANNER.candidates(request.by(method("low-load-cuff"))).fits().stream()
                            .filter(f -> f.exercise().key().equals(slot.exerciseKey()))
                            .mapToDouble(Fit::boundKg)
                            .findFirst()
                            .orElseThrow();
            // Epley over 12 repetitions with 2.5 in reserve.
            assertThat(slot.load().kg()).isLessThanOrEqualTo(0.40 * fresh * (1 + 14.5 / 30) + 1e-9);
            assertThat(slot.load().kg()).isLessThanOrEqualTo(0.5 * fresh + 1e-9);
        }
        Reason noCuffs = PLANNER.plan(
                        People.well(People.with(List.of(1.0, 2.0, 4.0), List.of(), People.ALL_FURNITURE), 40, 8)
                                .by(method("low-load-cuff")))
                .refusals()
                .get(0);
        assertThat(noCuffs.ruleId()).isEqualTo("EQUIPMENT-cuffs");
    }

    @Test
    void each_method_keeps_its_character() {
        Map<String, Plan> plans = METHODS.all().stream()
                .collect(Collectors.toMap(
                        Method::key, m -> plan(People.well(People.GYM, 90, 14).by(m))));
        assertThat(plans.get("bands-only").slots()).allMatch(s -> entry(s).implement() == Implement.BAND);
        assertThat(plans.get("seated").slots()).allMatch(s -> entry(s).stance() == Stance.SEATED);
        assertThat(plans.get("extension-day").slots()).allMatch(s -> s.group() == Head.Group.EXTENSORS);
        assertThat(plans.get("alternating-arms").slots()).allMatch(s -> s.arms() != Exercise.Arms.TOGETHER);
        assertThat(plans.get("single-drills").slots())
                .hasSize(4)
                .allMatch(
                        s -> s.sets() == 4 && s.reps().high() == 10 && s.tempo().downS() == 3);
        assertThat(plans.get("blocks-of-three").units().get(0).slots()).hasSize(3);
        assertThat(plans.get("timed-circuit").units()).hasSize(1);
        assertThat(plans.get("timed-circuit").slots())
                .hasSizeBetween(6, 7)
                .allMatch(s -> s.stationSeconds() == 30 && s.sets() == 3);
        assertThat(plans.get("effort-block").units().get(0).rounds()).isEqualTo(4);
        assertThat(plans.get("household").slots())
                .allMatch(s -> Set.of(Implement.HOUSEHOLD, Implement.BAND, Implement.BODY_WEIGHT)
                        .contains(entry(s).implement()));
        assertThat(entry(plans.get("elbow-sparing-heavy").slots().get(0)).movementFamily())
                .isEqualTo("chin-line-press");
        assertThat(entry(plans.get("compound-then-finish").slots().get(0)).closingPress())
                .isTrue();
        List<Slot> compound = plans.get("compound-then-finish").slots();
        assertThat(entry(compound.get(compound.size() - 1)).movementFamily()).isEqualTo("kickback");
        for (Slot slot : plans.get("joint-sparing").slots()) {
            assertThat(MODEL.curve(entry(slot), People.well(People.GYM, 40, 6).body(), 1)
                            .summary()
                            .largestElevationDeg())
                    .isLessThanOrEqualTo(45);
        }
    }

    @Test
    void a_method_that_cannot_be_kept_is_refused_with_the_nearest_that_fits() {
        List<Limit> limits = People.limitsOf(Site.OUTER_ELBOW, Side.RIGHT, "gripping");
        PlanResult result =
                PLANNER.plan(People.well(People.with(List.of(1.0, 2.0, 3.0), List.of(), People.ALL_FURNITURE), 40, 6)
                        .by(method("bands-only")));
        assertThat(result.plan()).isNull();
        assertThat(result.nearest()).isNotNull();
        assertThat(result.refusals()).extracting(Reason::ruleId).contains("METHOD-cannot", "METHOD-nearest");
        assertThat(limits).isNotEmpty();
    }

    @Test
    void what_bends_is_said() {
        Plan plan = plan(People.well(People.GYM, 30, 3).by(method("preloaded-pairs")));
        assertThat(plan.bends()).extracting(Reason::ruleId).contains("METHOD-fewer");
        assertThat(plan.bends().get(0).exact()).contains("front and back of the arm have their 3 hard sets each");
    }

    /** "Only 10 minutes", "only bands", "only two jugs and a chair", "only 1 and 10 kg", a wheelchair, both sides sore. */
    @Test
    void places_and_people_at_the_edge_get_a_session_or_a_clear_sentence() {
        List<Equipment.Band> bands = List.of(new Equipment.Band("thin", 20), new Equipment.Band("green", 40));
        Plan onlyBands = plan(People.well(People.with(List.of(), bands, Set.of("chair")), 40, 6));
        assertThat(onlyBands.slots())
                .allMatch(s -> entry(s).implement() == Implement.BAND || entry(s).implement() == Implement.BODY_WEIGHT);
        Equipment jugs = new Equipment(
                List.of(),
                null,
                null,
                null,
                null,
                List.of(),
                Set.of("chair"),
                List.of(new Equipment.HouseholdObject("jug", 3.8), new Equipment.HouseholdObject("other jug", 3.8)));
        Plan jugPlan = plan(People.well(jugs, 30, 4));
        assertThat(of(jugPlan, Head.Group.FLEXORS)).isNotEmpty();
        // Two loads far apart: the heavy one is never proposed to somebody who shows 6 kg.
        Plan oneAndTen =
                plan(People.well(People.with(List.of(1.0, 10.0), List.of(), Set.of("chair", "flat bench")), 40, 6));
        assertThat(oneAndTen.slots())
                .filteredOn(s -> entry(s).implement() == Implement.DUMBBELL)
                .isNotEmpty()
                .allMatch(s -> s.load().kg() == 1
                        || s.why().get(Plan.Aspect.LOAD).exact().contains("10 kg"));
        List<Limit> both = new ArrayList<>(new Answers()
                .sore(Sore.at(Site.BACK_OF_ELBOW, Side.RIGHT, "pressing"))
                .sore(Sore.at(Site.BACK_OF_ELBOW, Side.LEFT, "deep-bending"))
                .assess()
                .limits());
        Plan sore = plan(People.request(
                People.GYM,
                40,
                6,
                both,
                List.of(
                        new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(3)),
                        new SoreSite(Site.BACK_OF_ELBOW, Side.LEFT, PainScore.of(4))),
                People.history()));
        assertThat(of(sore, Head.Group.EXTENSORS)).allMatch(s -> s.sets() <= 4);
        assertThat(plan(People.well(People.GYM, 10, 6)).minutes().total()).isLessThanOrEqualTo(10);
        PlanResult eight = PLANNER.plan(People.well(People.with(List.of(40.0), List.of(), Set.of()), 8, 6)
                .wishing(new PlanRequest.Wishes(Set.of(), Set.of("wall-push-up", "wall-fist-push-up"))));
        assertThat(eight.plan()).isNull();
        assertThat(eight.refusals().get(0).exact()).contains("would make one possible");
    }

    @Test
    void pins_are_in_bans_are_out_and_the_rest_is_still_the_best() {
        PlanRequest request = People.well(People.GYM, 40, 6);
        Plan plan = plan(request);
        String out = plan.slots().get(0).exerciseKey();
        Plan other = plan(request.wishing(new PlanRequest.Wishes(Set.of("incline-curl"), Set.of(out))));
        assertThat(other.slots())
                .extracting(Slot::exerciseKey)
                .contains("incline-curl")
                .doesNotContain(out);
    }

    @Test
    void a_limit_on_one_side_leaves_the_other_arm_its_work_where_arms_work_singly() {
        List<Limit> limits = People.limitsOf(Site.CROOK_OF_ELBOW, Side.RIGHT, "lifting-palm-up");
        PlanRequest request = People.request(
                        People.GYM,
                        40,
                        6,
                        limits,
                        List.of(new SoreSite(Site.CROOK_OF_ELBOW, Side.RIGHT, PainScore.of(3))),
                        People.history())
                .by(method("alternating-arms"));
        Plan plan = plan(request);
        List<Slot> apart =
                plan.slots().stream().filter(s -> !s.sides().isEmpty()).toList();
        for (Slot slot : apart) {
            assertThat(slot.why()).containsKey(Plan.Aspect.ARMS);
            if (slot.sides().size() == 2) {
                double left = lowest(slot.sides().get(Side.LEFT));
                double right = lowest(slot.sides().get(Side.RIGHT));
                assertThat(left).isLessThanOrEqualTo(right);
            }
        }
    }

    private static double lowest(Plan.SideDose dose) {
        return dose.movement().keyframes().stream()
                .mapToDouble(k -> k.pose().elbowFlexionDeg())
                .min()
                .orElseThrow();
    }

    /** A walk through the floor, set by set, with its own clock; the plan's bars may be 10 % off. */
    @ParameterizedTest
    @MethodSource("methods")
    void time_bars_match_a_simulated_run_on_the_floor(Method method) {
        Plan plan = plan(People.well(People.GYM, 45, 8).by(method));
        double work = 0;
        for (int u = 0; u < plan.units().size(); u++) {
            Plan.Unit unit = plan.units().get(u);
            work += unit.setUpSeconds() * unit.slots().size();
            for (int round = 1; round <= unit.rounds(); round++) {
                List<Slot> now = new ArrayList<>();
                for (Slot slot : unit.slots()) {
                    if (slot.sets() >= round) {
                        now.add(slot);
                    }
                }
                for (int i = 0; i < now.size(); i++) {
                    work += i > 0 ? unit.changeOverSeconds() : 0;
                    work += lifted(now.get(i), round);
                }
                work += u == plan.units().size() - 1 && round == unit.rounds() ? 0 : unit.restSeconds();
            }
        }
        assertThat((double) plan.minutes().work()).isBetween(work / 60 * 0.9, work / 60 * 1.1 + 1);
        double warmUp = plan.warmUp().stream().mapToInt(WarmUp.Step::seconds).sum() / 60.0;
        assertThat((double) plan.minutes().warmUp()).isBetween(warmUp * 0.9, warmUp * 1.1 + 1);
    }

    /** Seconds of one set as it is lifted: repetition by repetition, arm by arm. */
    private static double lifted(Slot slot, int round) {
        if (slot.stationSeconds() > 0) {
            return slot.stationSeconds();
        }
        double seconds = 0;
        int arms = slot.arms() == Exercise.Arms.TOGETHER
                ? 1
                : slot.arms() == Exercise.Arms.IN_TURN && slot.sides().size() == 1 ? 1 : 2;
        for (int arm = 0; arm < arms; arm++) {
            for (int rep = 0; rep < slot.repsIn(round); rep++) {
                seconds +=
                        slot.tempo().upS() + slot.tempo().holdS() + slot.tempo().downS();
            }
        }
        return seconds;
    }

    @Test
    void rest_is_the_methods_own() {
        assertThat(plan(People.well(People.GYM, 60, 9).by(method("elbow-sparing-heavy")))
                        .restSeconds())
                .isEqualTo(90);
        assertThat(RestAndTime.within(RestAndTime.first(), 60, 60, "Short visit")
                        .reason()
                        .ruleId())
                .isEqualTo("REST-method");
    }
}
