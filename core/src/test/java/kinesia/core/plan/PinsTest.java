package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.plan.PlanRequest.Wishes;
import org.junit.jupiter.api.Test;

/** What the trainer fixes is in the session, or stands beside it with its reason. */
class PinsTest {
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods());

    private static Method method(String key) {
        return RuleFiles.methods().find(key).orElseThrow();
    }

    private static Plan plan(PlanRequest request, String... pinned) {
        PlanResult result = PLANNER.plan(request.wishing(new Wishes(Set.of(pinned), Set.of())));
        assertThat(result.plan()).as(result.refusals().toString()).isNotNull();
        return result.plan();
    }

    private static List<WhyNot> lost(Plan plan) {
        return plan.lostPins() == null ? List.of() : plan.lostPins();
    }

    private static List<String> keys(Plan plan) {
        return plan.slots().stream().map(Slot::exerciseKey).toList();
    }

    @Test
    void a_pinned_drag_curl_stays_where_the_arm_behind_is_quiet() {
        assertThat(keys(plan(People.well(People.GYM, 40, 6).by(method("joint-sparing")), "drag-curl")))
                .contains("drag-curl");
        assertThat(keys(plan(People.well(People.GYM, 40, 6), "drag-curl"))).contains("drag-curl");
    }

    @Test
    void a_limit_keeps_a_pin_out_and_is_the_one_reason() {
        PlanRequest request = People.request(
                People.GYM,
                40,
                6,
                People.limitsOf(Site.FRONT_OF_SHOULDER, Side.RIGHT, "arm-behind"),
                List.of(),
                People.history());
        Plan plan = plan(request, "drag-curl", "seated-curl");
        assertThat(keys(plan)).contains("seated-curl").doesNotContain("drag-curl");
        assertThat(lost(plan)).hasSize(1);
        WhyNot lost = lost(plan).get(0);
        assertThat(lost.exerciseKey()).isEqualTo("drag-curl");
        assertThat(lost.reasons()).hasSize(1);
        assertThat(lost.reasons().get(0).exact()).contains("behind");
    }

    @Test
    void pins_win_over_likeness_and_over_what_may_give_way() {
        assertThat(keys(plan(People.well(People.GYM, 40, 6), "seated-curl", "standing-curl")))
                .contains("seated-curl", "standing-curl");
        // A short visit has both arms together; that may give way.
        assertThat(keys(plan(People.well(People.GYM, 40, 6).by(method("short-visit")), "concentration-curl")))
                .contains("concentration-curl");
    }

    @Test
    void what_is_not_of_the_way_of_working_is_said() {
        Plan plan = plan(People.well(People.GYM, 40, 6).by(method("seated")), "standing-curl");
        assertThat(lost(plan)).extracting(WhyNot::exerciseKey).containsExactly("standing-curl");
        assertThat(lost(plan).get(0).reasons().get(0).ruleId()).isEqualTo("PIN-method");
    }

    @Test
    void minutes_take_as_few_pins_as_they_must() {
        String[] four = {"seated-curl", "concentration-curl", "rope-press-down", "rope-lying-extension"};
        Stream.of(four)
                .forEach(k ->
                        assertThat(RuleFiles.model().catalogue().find(k)).as(k).isPresent());
        Plan short_ = plan(People.well(People.GYM, 12, 6).by(method("form-first")), four);
        List<String> lost = lost(short_).stream().map(WhyNot::exerciseKey).toList();
        assertThat(lost).isNotEmpty().hasSizeLessThan(4);
        assertThat(lost(short_))
                .allMatch(w -> w.reasons().get(0).exact().contains("12 minutes")
                        || w.reasons().get(0).exact().contains("sets"));
    }

    @Test
    void very_many_pins_are_answered_too() {
        String[] twenty = RuleFiles.model().catalogue().all().stream()
                .filter(e -> e.role() == kinesia.core.exercise.Role.MAIN)
                .map(kinesia.core.exercise.Exercise::key)
                .limit(20)
                .toArray(String[]::new);
        Plan plan = plan(People.well(People.GYM, 30, 5), twenty);
        assertThat(keys(plan)).containsAnyOf(twenty);
        assertThat(lost(plan)).isNotEmpty();
    }

    @Test
    void each_pin_is_in_the_session_or_beside_it() {
        List<String> all = RuleFiles.model().catalogue().all().stream()
                .filter(e -> e.role() == kinesia.core.exercise.Role.MAIN)
                .map(kinesia.core.exercise.Exercise::key)
                .collect(Collectors.toCollection(ArrayList::new));
        for (int seed = 0; seed < 60; seed++) {
            Random random = new Random(seed);
            Collections.shuffle(all, random);
            Set<String> pinned = new TreeSet<>(all.subList(0, 1 + random.nextInt(4)));
            List<Method> methods = RuleFiles.methods().all();
            PlanRequest request = People.well(People.GYM, 20 + random.nextInt(40), 3 + random.nextInt(6))
                    .by(random.nextBoolean() ? Methods.open() : methods.get(random.nextInt(methods.size())))
                    .wishing(new Wishes(pinned, Set.of()));
            Plan plan = PLANNER.plan(request).plan();
            if (plan == null) {
                continue;
            }
            Set<String> there = new TreeSet<>(keys(plan));
            there.retainAll(pinned);
            Set<String> lost =
                    lost(plan).stream().map(WhyNot::exerciseKey).collect(Collectors.toCollection(TreeSet::new));
            Set<String> both = new TreeSet<>(there);
            both.addAll(lost);
            String who = "seed " + seed + " " + request.method().key() + " " + pinned;
            assertThat(both).as(who).isEqualTo(pinned);
            assertThat(Collections.disjoint(there, lost)).as(who).isTrue();
            assertThat(lost(plan)).as(who).allMatch(w -> w.reasons().size() == 1);
        }
    }
}
