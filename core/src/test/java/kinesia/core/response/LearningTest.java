package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.IntFunction;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Side;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.RestAndTime;
import kinesia.core.dose.SaidEffort;
import kinesia.core.exercise.Body;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.plan.ArmBudget;
import kinesia.core.plan.Goal;
import kinesia.core.plan.Method;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class LearningTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final Place ELBOW = new Place(Site.BACK_OF_ELBOW, Side.RIGHT);
    private static final SoreSite SORE = new SoreSite(Site.BACK_OF_ELBOW, Side.RIGHT, PainScore.of(2));
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final int USUAL = 2;

    /** One visit: what was done, three sets of twelve each, how it hurt in the first of them and on the morning after. */
    static SessionRecord visit(int number, List<String> keys, int hurt, @Nullable Integer morning) {
        LocalDate on = DAY.plusDays(number * 7L / 2);
        List<Plan.Slot> slots = keys.stream().map(LearningTest::slot).toList();
        List<LoggedSet> sets = new ArrayList<>();
        for (String key : keys) {
            for (int n = 1; n <= 3; n++) {
                boolean here = hurt > 0 && key.equals(keys.get(0));
                sets.add(new LoggedSet(
                        on,
                        key,
                        null,
                        n,
                        Load.ofKg(4),
                        12,
                        Effort.of(7),
                        PainScore.of(here ? hurt : 0),
                        here ? ELBOW.site() : null,
                        here ? ELBOW.side() : null));
            }
        }
        return new SessionRecord(
                on,
                plan(on, slots),
                List.of(SORE),
                sets,
                morning == null ? null : new Morning(on.plusDays(1), said(morning), 1, null, false, false),
                said(USUAL));
    }

    private static List<SitePain> said(int pain) {
        return List.of(new SitePain(ELBOW.site(), ELBOW.side(), PainScore.of(pain)));
    }

    private static Plan plan(LocalDate on, List<Plan.Slot> slots) {
        return new Plan(
                on,
                List.of(),
                List.of(new Plan.Unit("A", Method.Layout.STRAIGHT, 90, 10, 30, slots)),
                90,
                RestAndTime.first().reason(),
                new Plan.Minutes(7, 20),
                List.of(),
                List.of());
    }

    private static Plan.Slot slot(String key) {
        Exercise e = MODEL.catalogue().get(key);
        return new Plan.Slot(
                key,
                e.name(),
                e.group(),
                e.arms(),
                e.movement(),
                3,
                new Exercise.RepRange(8, 12),
                Load.ofKg(4),
                false,
                Effort.of(7),
                e.tempo(),
                MODEL.stress(e, BODY, ClientStrength.ofAnybody(MODEL, BODY)),
                Map.of());
    }

    private static List<SessionRecord> visits(int many, IntFunction<SessionRecord> each) {
        List<SessionRecord> all = new ArrayList<>();
        for (int v = 0; v < many; v++) {
            all.add(each.apply(v));
        }
        return all;
    }

    private static LearnedPlace learned(List<SessionRecord> records) {
        return LearnedPlace.of(MODEL.catalogue(), List.of(SORE), records, RoomEvidence.NONE, null)
                .get(0);
    }

    private static final List<String> BOTH = List.of("lying-extension", "rope-press-down");

    @Test
    void before_anything_was_answered_the_house_weeks_hold() {
        Tolerance none = learned(List.of()).tolerance();
        assertThat(none.dose()).isCloseTo(ArmBudget.weekly(SORE), within(1.0));
        assertThat(none.learned()).isFalse();
        assertThat(none.answered()).isZero();
    }

    @Test
    void quiet_mornings_raise_what_a_place_is_believed_to_take_and_bad_ones_lower_it() {
        Tolerance quiet = learned(visits(12, v -> visit(v, BOTH, 0, USUAL))).tolerance();
        Tolerance edge = learned(visits(12, v -> visit(v, BOTH, 0, USUAL + 1))).tolerance();
        Tolerance bad = learned(visits(12, v -> visit(v, BOTH, 0, USUAL + 2))).tolerance();
        assertThat(quiet.dose()).isGreaterThan(1.3 * edge.dose());
        assertThat(edge.dose()).isGreaterThan(1.2 * bad.dose());
        assertThat(quiet.quiet()).isEqualTo(12);
        assertThat(bad.quiet()).isZero();
    }

    @Test
    void at_its_tolerance_a_place_stands_one_over_usual_by_definition() {
        // One point over on every morning: the week that was done is what it takes (RULES 6, the edge of go).
        List<SessionRecord> records = visits(24, v -> visit(v, BOTH, 0, USUAL + 1));
        double week = Exposure.of(ELBOW, records).get(23).weekDose(Map.of());
        Tolerance t = learned(records).tolerance();
        assertThat(t.learned()).isTrue();
        assertThat(week).isBetween(t.low(), t.high());
        assertThat(t.high() - t.low()).isLessThanOrEqualTo(0.4 * t.dose());
    }

    @Test
    void a_morning_nobody_answered_says_nothing() {
        List<SessionRecord> said = visits(6, v -> visit(v, BOTH, 0, USUAL + 1));
        List<SessionRecord> half = visits(6, v -> visit(v, BOTH, 0, v % 2 == 0 ? USUAL + 1 : null));
        assertThat(learned(half).tolerance().answered()).isEqualTo(3);
        assertThat(learned(half).tolerance().high() - learned(half).tolerance().low())
                .isGreaterThan(learned(said).tolerance().high()
                        - learned(said).tolerance().low());
    }

    @Test
    void what_hurts_in_its_own_sets_comes_to_count_for_more_with_its_counts() {
        LearnedPlace place = learned(visits(10, v -> visit(v, BOTH, 4, USUAL)));
        LearnedPlace.AskedOfIt lying = place.exercises().get(0);
        assertThat(lying.counts().exerciseKey()).isEqualTo("lying-extension");
        assertThat(lying.counts().weight()).isGreaterThan(1.25);
        assertThat(lying.counts().hurt()).isEqualTo(10);
        assertThat(lying.reason().exact())
                .contains("0 of 10 mornings worse", "hurt in its own sets at 10 of 10 visits", "counts for more");
    }

    @Test
    void mornings_tell_two_exercises_apart_that_were_done_on_different_days() {
        // Weeks apart, so that no week holds both.
        List<SessionRecord> records = visits(12, v -> {
            boolean lying = v % 2 == 0;
            SessionRecord one =
                    visit(4 * v, List.of(lying ? "lying-extension" : "rope-press-down"), 0, lying ? USUAL + 3 : USUAL);
            return one;
        });
        Map<String, Double> weights = Learning.of(List.of(SORE), records, RoomEvidence.NONE)
                .places()
                .get(0)
                .stress()
                .weights();
        assertThat(weights.get("lying-extension")).isGreaterThan(1.2);
        assertThat(weights.get("rope-press-down")).isLessThan(0.8);
        assertThat(learned(records).trial()).isNull();
    }

    @Test
    void a_weight_is_where_the_points_it_got_and_the_points_it_was_due_balance() {
        // The stationary point of a gamma prior and Poisson counts: weight x (prior + due) = prior + got.
        List<SessionRecord> records = visits(12, v -> visit(v, BOTH, 0, v % 3 == 0 ? USUAL + 3 : USUAL));
        LearnedStress learned = Learning.of(List.of(SORE), records, RoomEvidence.NONE)
                .places()
                .get(0)
                .stress();
        // Always together, so that nothing speaks against either: both keep their house weight.
        learned.weights().values().forEach(w -> assertThat(w).isCloseTo(1.0, within(0.1)));
    }

    @Test
    void two_that_were_always_done_together_are_told_apart_by_a_trial_of_one() {
        LearnedPlace place = learned(visits(6, v -> visit(v, BOTH, 0, v > 2 ? USUAL + 2 : USUAL)));
        assertThat(place.trial()).isNotNull();
        assertThat(place.trial().exact()).contains("3 of 6 mornings", "always done together", "Leave out");
    }

    @Test
    void doors_that_stand_elsewhere_than_the_screen_ask_for_a_new_one() {
        List<SessionRecord> calm = visits(8, v -> visit(v, BOTH, 0, USUAL));
        List<SessionRecord> moved = calm.stream()
                .map(r -> new SessionRecord(r.on(), r.planned(), r.soreSites(), r.sets(), r.morning(), said(USUAL + 1)))
                .toList();
        assertThat(learned(calm).usualMoved()).isFalse();
        assertThat(learned(moved).usualMoved()).isTrue();
    }

    @Test
    void a_plan_counts_what_was_learned() {
        List<SessionRecord> records = visits(10, v -> visit(v, BOTH, 4, USUAL));
        double factor = Learning.of(List.of(SORE), records, RoomEvidence.NONE)
                .learned(MODEL.catalogue())
                .factor("lying-extension", ELBOW);
        assertThat(factor).isGreaterThan(1.25);
        TrainingWeek week = TrainingWeek.of(Goal.FUNCTION, 2);
        List<SessionRecord> edge = visits(24, v -> visit(v, BOTH, 0, USUAL + 1));
        double most = ArmBudget.of(
                        List.of(SORE),
                        week,
                        place -> 0,
                        Learning.of(List.of(SORE), edge, RoomEvidence.NONE).learned(MODEL.catalogue()))
                .get(0)
                .most();
        double house = ArmBudget.of(List.of(SORE), week, place -> 0, kinesia.core.plan.Learned.NONE)
                .get(0)
                .most();
        assertThat(most).isNotEqualTo(house);
    }

    @Test
    void a_forecast_is_made_of_chances_and_gets_worse_with_the_dose() {
        List<SessionRecord> records = visits(12, v -> visit(v, BOTH, 0, USUAL + 1));
        Learning.AtPlace at = Learning.at(SORE, records, RoomEvidence.NONE);
        LocalDate next = records.get(11).on().plusDays(3);
        Forecast light = Forecast.of(SORE, at, records, plan(next, List.of(slot("seated-curl"))));
        Forecast heavy = Forecast.of(
                SORE,
                at,
                records,
                plan(next, List.of(slot("lying-extension"), slot("rope-press-down"), slot("overhead-extension"))));
        for (Forecast f : List.of(light, heavy)) {
            assertThat(f.go() + f.same() + f.ease()).isCloseTo(1, within(1e-9));
            assertThat(Math.min(f.go(), Math.min(f.same(), f.ease()))).isGreaterThanOrEqualTo(0);
        }
        assertThat(heavy.go()).isLessThan(light.go());
        assertThat(heavy.ease()).isGreaterThan(light.ease());
    }

    @Test
    void a_forecast_knows_nothing_of_what_came_later() {
        List<SessionRecord> calm = visits(9, v -> visit(v, BOTH, 0, USUAL));
        List<SessionRecord> turned = new ArrayList<>(calm);
        turned.set(8, visit(8, BOTH, 0, USUAL + 5));
        List<Forecast.Checked> a = Forecast.checked(SORE, calm, RoomEvidence.NONE);
        List<Forecast.Checked> b = Forecast.checked(SORE, turned, RoomEvidence.NONE);
        assertThat(a.get(8).said().go()).isEqualTo(b.get(8).said().go());
        assertThat(a.get(8).came()).isEqualTo(Signal.GO);
        assertThat(b.get(8).came()).isEqualTo(Signal.EASE);
    }

    @Test
    void the_brier_score_is_the_mean_square_of_what_was_missing() {
        // Worked by hand: said 0.9 and 0.6, a go and none: (0.01 + 0.36) / 2.
        Forecast first = forecast(0.9);
        Forecast second = forecast(0.6);
        ForecastRecord record = ForecastRecord.of(
                List.of(new Forecast.Checked(first, Signal.GO), new Forecast.Checked(second, Signal.SAME)));
        assertThat(record.brier()).isCloseTo(0.185, within(1e-9));
        assertThat(record.right()).isEqualTo(1);
        assertThat(record.visits()).isEqualTo(2);
        // Counting says 1/2 before the first and 2/3 before the second (Laplace's rule of succession).
        assertThat(record.baseBrier()).isCloseTo((0.25 + 4.0 / 9) / 2, within(1e-9));
    }

    private static Forecast forecast(double go) {
        return new Forecast(ELBOW, go, 1 - go, 0, 100, 0, RestAndTime.first().reason());
    }

    @Test
    void a_room_says_what_its_joints_answered_once_three_have() {
        List<SessionRecord> hurts = visits(10, v -> visit(v, BOTH, 4, USUAL));
        Learning.AtPlace joint = Learning.at(SORE, hurts, RoomEvidence.NONE);
        assertThat(RoomEvidence.of(List.of(joint, joint)).exercises()).isEmpty();
        RoomEvidence room = RoomEvidence.of(List.of(joint, joint, joint));
        RoomEvidence.AtSite lying = room.exercises().get(0);
        assertThat(lying.exerciseKey()).isEqualTo("lying-extension");
        assertThat(lying.joints()).isEqualTo(3);
        assertThat(lying.worse()).isEqualTo(3);
        assertThat(lying.weight()).isBetween(1.0, joint.stress().weights().get("lying-extension"));
        assertThat(lying.says("Lying extension").exact())
                .contains("3 of 3 places")
                .doesNotContain("Maren");
        // A new client begins there.
        assertThat(Learning.at(SORE, visits(1, v -> visit(v, BOTH, 0, USUAL)), room)
                        .stress()
                        .weights()
                        .get("lying-extension"))
                .isGreaterThan(1);
    }

    @Test
    void a_session_at_home_becomes_its_sets_and_only_the_last_says_how_it_was() {
        Plan plan = plan(DAY, List.of(slot("lying-extension"), slot("seated-curl")));
        List<LoggedSet> sets = HomeLog.sets(
                plan,
                DAY,
                List.of(
                        new HomeLog.ExerciseSaid(
                                "lying-extension",
                                2,
                                SaidEffort.Word.HARD,
                                new SitePain(ELBOW.site(), ELBOW.side(), PainScore.of(3))),
                        new HomeLog.ExerciseSaid("seated-curl", 0, null, null)));
        List<LoggedSet> lying = sets.stream()
                .filter(s -> s.exerciseKey().equals("lying-extension"))
                .toList();
        assertThat(sets).isEqualTo(lying);
        assertThat(lying).extracting(LoggedSet::setNumber).containsOnly(1, 2);
        assertThat(lying.stream().filter(s -> s.setNumber() == 1)).allMatch(s -> s.effort() == null);
        assertThat(lying.stream().filter(s -> s.setNumber() == 2))
                .allMatch(s -> s.effort() != null && s.effort().value() == 8.5);
        assertThat(lying.stream().filter(s -> s.pain().atLeast(1))).hasSize(1);
        assertThatThrownBy(() -> HomeLog.sets(plan, DAY, List.of(new HomeLog.ExerciseSaid("dip", 1, null, null))))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(
                        () -> HomeLog.sets(plan, DAY, List.of(new HomeLog.ExerciseSaid("seated-curl", 4, null, null))))
                .isInstanceOf(InvalidValue.class);
    }

    @Test
    void every_sign_of_a_morning_is_one_of_the_screen_and_says_whom_to_call() {
        MorningSigns signs = MorningSigns.parse("morning.yaml", RuleFiles.text("morning.yaml"), RuleFiles.questions());
        assertThat(signs.all())
                .hasSizeGreaterThan(8)
                .allSatisfy(s -> assertThat(s.call()).startsWith("Call your "));
        assertThat(signs.find("FLAG-chest-pressure").orElseThrow().now()).isTrue();
        assertThat(signs.find("FLAG-fever").orElseThrow().now()).isFalse();
        assertThatThrownBy(() -> MorningSigns.parse(
                        "morning.yaml", "signs:\n  - {flag: FLAG-nothing, words: \"x\"}\n", RuleFiles.questions()))
                .hasMessageContaining("morning.yaml")
                .hasMessageContaining("2");
        assertThat(Set.copyOf(signs.all())).hasSameSizeAs(signs.all());
    }
}
