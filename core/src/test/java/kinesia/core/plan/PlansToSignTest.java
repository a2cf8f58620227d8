package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Method.Layout;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.SessionProblem.Where;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a careful trainer would stumble over in a printed plan (common practice, no source): not in any method's plan. */
class PlansToSignTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Methods METHODS = RuleFiles.methods();
    private static final Planner PLANNER = new Planner(MODEL, METHODS);
    private static final Equipment HOME = new Equipment(
            List.of(1.0, 2.0, 4.0, 6.0),
            null,
            null,
            null,
            null,
            List.of(new Equipment.Band("green", 40)),
            Set.of("chair", "mat"),
            List.of(new Equipment.HouseholdObject("jug", 3.8), new Equipment.HouseholdObject("can", 0.8)));

    /** A plan and the words to find it again. */
    private record Page(String who, PlanRequest request, Plan plan) {}

    static Stream<Method> methods() {
        return METHODS.all().stream();
    }

    private static List<Page> pages(Method method) {
        List<SoreSite> sore = List.of(new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(3)));
        List<Page> pages = new ArrayList<>();
        for (Equipment room : List.of(People.GYM, HOME)) {
            for (int sets : new int[] {2, 3, 6, 8}) {
                for (int minutes : new int[] {10, 30, 45}) {
                    PlanRequest well = People.well(room, minutes, sets).by(method);
                    PlanRequest limited = People.request(
                                    room,
                                    minutes,
                                    sets,
                                    People.limitsOf(Site.BACK_OF_ELBOW, Side.RIGHT, "straightening-under-load"),
                                    sore,
                                    People.history())
                            .by(method)
                            .within(ArmBudget.of(sore, People.week(2, 1), place -> 20, Learned.NONE));
                    for (PlanRequest request : List.of(well, limited)) {
                        Plan plan = PLANNER.plan(request).plan();
                        if (plan != null) {
                            String who = method.key() + " " + minutes + " min, " + sets + " sets, "
                                    + (request.soreSites().isEmpty() ? "well" : "sore")
                                    + (room == HOME ? " at home" : "");
                            pages.add(new Page(who, request, plan));
                        }
                    }
                }
            }
        }
        return pages;
    }

    private static Exercise entry(Slot slot) {
        return MODEL.catalogue().get(slot.exerciseKey());
    }

    @ParameterizedTest
    @MethodSource("methods")
    void the_warm_up_is_not_longer_than_the_work(Method method) {
        for (Page page : pages(method)) {
            int work = SessionClock.workSeconds(page.plan().units());
            int warmUp = WarmUp.seconds(page.plan().warmUp());
            // Before very little work what is left is two or three minutes and one lighter set.
            int least = WarmUp.BRIEF_GENERAL_S + 2 * 65;
            assertThat(warmUp).as(page.who()).isLessThanOrEqualTo(Math.max(work, least));
        }
    }

    @ParameterizedTest
    @MethodSource("methods")
    void no_movement_is_there_twice_but_in_parts(Method method) {
        for (Page page : pages(method)) {
            Set<String> seen = new HashSet<>();
            for (Slot slot : page.plan().slots()) {
                Exercise exercise = entry(slot);
                String part = exercise.key().contains("lower-half")
                        ? " lower"
                        : exercise.key().contains("upper-half") ? " upper" : "";
                boolean turning = exercise.movementFamily().contains("turn");
                assertThat(turning || seen.add(exercise.movementFamily() + part))
                        .as(page.who() + ": " + slot.name())
                        .isTrue();
            }
        }
    }

    @ParameterizedTest
    @MethodSource("methods")
    void nobody_walks_to_the_other_end_of_the_room_or_down_to_the_floor_within_a_round(Method method) {
        for (Page page : pages(method)) {
            for (Unit unit : page.plan().units()) {
                Set<Where> places = new HashSet<>();
                unit.slots().forEach(s -> places.add(SessionNumbers.where(entry(s))));
                if (unit.layout() == Layout.PAIRS) {
                    boolean floorAndNot = places.contains(Where.FLOOR) && places.size() > 1;
                    places.remove(Where.FREE);
                    assertThat(places.size() <= 1 && !floorAndNot)
                            .as(page.who() + places)
                            .isTrue();
                } else if (unit.layout() != Layout.STRAIGHT) {
                    assertThat(places).as(page.who()).doesNotContain(Where.FLOOR);
                }
            }
        }
    }

    @ParameterizedTest
    @MethodSource("methods")
    void a_load_asked_to_be_lighter_is_lighter(Method method) {
        for (Page page : pages(method)) {
            for (Slot slot : page.plan().slots()) {
                if (slot.loadShare() < 1 && entry(slot).bodyWeightShare() == 0) {
                    double fresh = fresh(page, slot.exerciseKey());
                    assertThat(slot.load().kg())
                            .as(page.who() + ": " + slot.name())
                            .isLessThanOrEqualTo(fresh * slot.loadShare() * 1.1 + 1e-9);
                }
            }
        }
    }

    /** What the same client would start {@code key} with when nothing comes before it. */
    private static double fresh(Page page, String key) {
        return PLANNER.candidates(page.request()).fits().stream()
                .filter(f -> f.exercise().key().equals(key))
                .mapToDouble(Fit::boundKg)
                .findFirst()
                .orElseThrow();
    }

    @Test
    void the_press_at_a_reduced_load_closes_the_pairs() {
        for (Page page : pages(METHODS.find("preloaded-pairs").orElseThrow())) {
            List<Unit> units = page.plan().units();
            for (int u = 0; u < units.size(); u++) {
                boolean reduced = units.get(u).slots().stream().anyMatch(s -> s.loadShare() < 1);
                assertThat(reduced).as(page.who() + " unit " + u).isEqualTo(u == units.size() - 1);
            }
        }
    }

    @Test
    void three_sets_of_a_muscle_are_not_three_exercises_of_one_set() {
        for (Method method : METHODS.all()) {
            Plan plan = PLANNER.plan(People.well(People.GYM, 45, 3).by(method)).plan();
            if (plan == null || Set.of("seated", "extension-day").contains(method.key())) {
                continue; // one exercise for each head, or of each kind
            }
            long single = plan.slots().stream()
                    .filter(s -> s.sets() == 1
                            && entry(s).role() == Role.MAIN
                            && s.targetEffort().value() >= 6)
                    .count();
            assertThat(single).as(method.key()).isLessThanOrEqualTo(2);
        }
    }

    @Test
    void a_shoulder_exercise_never_tried_starts_under_what_the_shoulder_has_carried() {
        Method blocks = METHODS.find("blocks-of-three").orElseThrow();
        double light = press(
                blocks,
                Stream.concat(lifted("seated-curl", 2), lifted("rope-press-down", 5))
                        .toList());
        double strong = press(
                blocks,
                Stream.concat(lifted("seated-curl", 9), lifted("chin-line-dumbbell-press", 12))
                        .toList());
        // A first press asks of the shoulder at most twice what the curl does.
        assertThat(light).isLessThanOrEqualTo(3);
        assertThat(strong).isBetween(4.0, 24.0);
    }

    /** At two visits, so that it counts however far it is over the norm. */
    private static Stream<LoggedSet> lifted(String key, double kg) {
        assertThat(MODEL.catalogue().find(key)).as(key).isPresent();
        return Stream.of(9, 6)
                .map(days -> new LoggedSet(
                        People.DAY.minusDays(days),
                        key,
                        null,
                        1,
                        Load.ofKg(kg),
                        12,
                        Effort.of(7.5),
                        PainScore.NONE,
                        null,
                        null));
    }

    private static double press(Method method, List<LoggedSet> history) {
        Set<String> others = MODEL.catalogue().all().stream()
                .filter(e -> e.role() == Role.COMPANION && !e.name().equals("Seated shoulder press"))
                .map(Exercise::key)
                .collect(Collectors.toSet());
        PlanRequest request = People.request(People.GYM, 45, 6, List.of(), List.of(), history)
                .by(method)
                .wishing(new PlanRequest.Wishes(Set.of(), others));
        Plan plan = PLANNER.plan(request).plan();
        assertThat(plan).isNotNull();
        return plan.slots().stream()
                .filter(s -> entry(s).role() == Role.COMPANION)
                .mapToDouble(s -> s.load().kg())
                .max()
                .orElse(0);
    }

    @Test
    void a_planner_that_remembers_the_client_answers_as_one_that_does_not() {
        for (Method method : METHODS.all()) {
            PlanRequest request = People.well(People.GYM, 40, 5).by(method);
            assertThat(PLANNER.plan(request)).isEqualTo(new Planner(MODEL, METHODS).plan(request));
        }
    }

    @Test
    void a_household_series_has_parts_of_the_range() {
        Equipment jugs = new Equipment(
                List.of(),
                null,
                null,
                null,
                null,
                List.of(),
                Set.of("chair"),
                List.of(new Equipment.HouseholdObject("jug", 3.8)));
        Plan plan = PLANNER.plan(
                        People.well(jugs, 40, 8).by(METHODS.find("household").orElseThrow()))
                .plan();
        assertThat(plan).isNotNull();
        Map<String, Long> families = plan.slots().stream()
                .filter(s -> entry(s).group() == Head.Group.FLEXORS)
                .collect(Collectors.groupingBy(s -> entry(s).movementFamily(), Collectors.counting()));
        assertThat(families.get("hammer-curl")).isEqualTo(3);
    }

    /** The invented people, three lengths: what makes a way of working what it is, is there, or it is refused with a reason. */
    @ParameterizedTest
    @MethodSource("methods")
    void a_way_of_working_is_whole_or_refused(Method method) {
        Planner planner = new Planner(MODEL, METHODS, RuleFiles.careWork());
        for (Course.Who who : PrintVisits.people()) {
            for (int minutes : PrintVisits.MINUTES) {
                PlanRequest request =
                        new Course(who, minutes).visits(1).get(0).request().by(method);
                PlanResult result = planner.plan(request);
                String title = method.key() + ", " + who.name() + ", " + minutes + " minutes";
                if (result.plan() == null) {
                    assertThat(result.refusals()).as(title).isNotEmpty();
                    assertThat(result.refusals().get(0).exact()).as(title).isNotBlank();
                } else {
                    assertThat(MethodTraits.missing(request, result.plan()))
                            .as(title)
                            .isEmpty();
                }
            }
        }
    }
}
