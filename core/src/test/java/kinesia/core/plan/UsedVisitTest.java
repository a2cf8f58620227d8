package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Role;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Limit;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

/** The visit that was booked is used: warm-up by its share, main work, care work, and what is free is said (house rules). */
class UsedVisitTest {
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());

    private static Plan plan(PlanRequest request) {
        Plan plan = PLANNER.plan(request).plan();
        assertThat(plan).isNotNull();
        return plan;
    }

    @ParameterizedTest(name = "{0} minutes: at most {1} s")
    @CsvSource({"10, 200", "15, 300", "18, 360", "20, 375", "35, 487", "60, 675"})
    void a_warm_up_has_its_share(int minutes, int seconds) {
        assertThat(WarmUp.shareSeconds(minutes)).isEqualTo(seconds);
        Plan plan = plan(People.well(People.GYM, minutes, 8));
        assertThat(WarmUp.seconds(plan.warmUp())).isLessThanOrEqualTo(seconds);
        assertThat(plan.minutes().total()).isLessThanOrEqualTo(minutes);
    }

    @Test
    void a_short_visit_cuts_the_general_part_first_and_keeps_a_ramp_for_each_muscle() {
        Plan usual = plan(People.well(People.GYM, 60, 8));
        assertThat(usual.warmUp().get(0).seconds()).isEqualTo(WarmUp.GENERAL_S);
        Plan twenty = plan(People.well(People.GYM, 20, 8));
        assertThat(twenty.warmUp().get(0).seconds()).isBetween(WarmUp.SHORT_GENERAL_S, WarmUp.GENERAL_S - 1);
        Plan ten = plan(People.well(People.GYM, 10, 8));
        assertThat(ten.warmUp().get(0).seconds()).isEqualTo(WarmUp.BRIEF_GENERAL_S);
        assertThat(ten.warmUp().get(0).words()).contains("arms in every direction");
        assertThat(ten.warmUp())
                .filteredOn(s -> s.exerciseKey() != null)
                .hasSize(2)
                .allSatisfy(s -> assertThat(s.reps()).isEqualTo(6));
    }

    @Test
    void nobody_in_a_wheelchair_is_told_to_walk() {
        List<Limit> limits =
                new Answers().caution("CAUTION-wheelchair").assess().limits();
        Plan plan = plan(People.request(People.GYM, 35, 6, limits, List.of(), People.history()));
        assertThat(plan.warmUp().get(0).words())
                .contains("sitting")
                .doesNotContain("walk")
                .doesNotContain("march");
    }

    @Test
    void care_work_fills_what_main_work_leaves_and_is_no_hard_work() {
        Plan plan = plan(People.well(People.GYM, 35, 2));
        List<Unit> care = plan.units().stream().filter(Unit::care).toList();
        assertThat(care).isNotEmpty();
        // It comes after all main work.
        assertThat(plan.units().indexOf(care.get(0))).isEqualTo(plan.units().size() - care.size());
        assertThat(SessionClock.workSeconds(care)).isLessThanOrEqualTo(720);
        for (Unit unit : care) {
            Exercise exercise =
                    RuleFiles.model().catalogue().get(unit.slots().get(0).exerciseKey());
            assertThat(exercise.role()).isEqualTo(Role.CARE);
            assertThat(unit.slots().get(0).targetEffort().isHard()).isFalse();
        }
    }

    @ParameterizedTest(name = "{0}: {1}")
    @CsvSource({
        "OUTER_ELBOW, wrist-work",
        "INNER_ELBOW, wrist-work",
        "FRONT_OF_SHOULDER, blade-row",
        "TOP_OUTER_SHOULDER, outward-turn",
        "WRIST, wrist-work"
    })
    void care_begins_with_what_the_sore_place_asks_for(Site site, String movement) {
        List<SoreSite> sore = List.of(new SoreSite(site, Side.RIGHT, PainScore.of(2)));
        Plan plan = plan(People.request(People.GYM, 40, 2, List.of(), sore, People.history()));
        Unit first = plan.units().stream().filter(Unit::care).findFirst().orElseThrow();
        assertThat(RuleFiles.model()
                        .catalogue()
                        .get(first.slots().get(0).exerciseKey())
                        .movementFamily())
                .isEqualTo(movement);
        assertThat(first.slots().get(0).why().get(Plan.Aspect.CHOICE).exact()).contains(site.words());
    }

    @Test
    void what_stays_free_names_the_rule_and_the_minutes_that_would_do() {
        Plan plan = plan(People.well(People.GYM, 55, 2));
        assertThat(plan.free()).isNotNull();
        assertThat(plan.free().minutes()).isEqualTo(55 - plan.minutes().total());
        assertThat(plan.free().enough())
                .isGreaterThanOrEqualTo(plan.minutes().total())
                .isLessThan(55);
        assertThat(plan.free().reason().exact())
                .contains("2 hard sets")
                .containsAnyOf("twelve minutes", "care work for it here");
        assertThat(plan(People.well(People.GYM, 20, 8)).free()).isNull();
    }

    static Stream<Method> methods() {
        return Stream.concat(RuleFiles.methods().all().stream().filter(m -> !m.cuffs()), Stream.of(Methods.open()));
    }

    /** More minutes never give less time of main work, minute by minute. */
    @ParameterizedTest
    @MethodSource("methods")
    void more_minutes_never_give_less_work(Method method) {
        List<PlanRequest> people = List.of(
                People.well(People.GYM, 60, 6),
                People.request(
                        People.GYM,
                        60,
                        4,
                        People.limitsOf(Site.FRONT_OF_SHOULDER, Side.LEFT, "arm-behind"),
                        List.of(new SoreSite(Site.FRONT_OF_SHOULDER, Side.LEFT, PainScore.of(3))),
                        List.of()),
                People.request(
                        People.with(
                                List.of(1.0, 2.0, 3.0),
                                List.of(new kinesia.core.dose.Equipment.Band("thin", 20)),
                                java.util.Set.of("chair", "high anchor")),
                        60,
                        5,
                        List.of(),
                        List.of(),
                        People.history()));
        for (PlanRequest who : people) {
            int last = 0;
            for (int minutes : IntStream.rangeClosed(PlanRequest.SHORTEST_MINUTES, PlanRequest.LONGEST_MINUTES)
                    .toArray()) {
                Plan plan = PLANNER.plan(who.by(method).lasting(minutes)).plan();
                int work = plan == null
                        ? 0
                        : SessionClock.workSeconds(
                                plan.units().stream().filter(u -> !u.care()).toList());
                assertThat(work)
                        .as(method.key() + " at " + minutes + " minutes")
                        .isGreaterThanOrEqualTo(last);
                last = work;
            }
        }
    }
}
