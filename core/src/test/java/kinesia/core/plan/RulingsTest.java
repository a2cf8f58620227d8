package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Load;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.reason.InvalidValue;
import kinesia.core.response.Changes;
import kinesia.core.response.Ruling;
import kinesia.core.response.Ruling.Choice;
import kinesia.core.response.Rulings;
import org.junit.jupiter.api.Test;

/** What a trainer says against a change is what the plan holds, with what stands against it marked. */
class RulingsTest {
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods());
    private static final Rulings RULINGS = new Rulings(new PlanCheck(PLANNER));
    private static final PlanRequest REQUEST = People.well(People.GYM, 40, 8);
    private static final Plan NEXT = PLANNER.plan(REQUEST).plan();
    private static final Slot FIRST = NEXT.mainSlots().get(0);

    private static Ruling ruling(Changes.Kind kind, Choice choice) {
        return ruling(FIRST.exerciseKey(), kind, choice);
    }

    private static Ruling ruling(String key, Changes.Kind kind, Choice choice) {
        return new Ruling(key, kind, "SOME-rule", "what it goes by", choice, choice == Choice.ACCEPTED ? "" : "tired");
    }

    /** The plan of the session before, in which the first exercise was {@code slot}. */
    private static Plan last(Slot slot) {
        Plan.Unit unit = NEXT.units().get(0);
        List<Slot> slots = new java.util.ArrayList<>(unit.slots());
        slots.set(0, slot);
        List<Plan.Unit> units = new java.util.ArrayList<>(NEXT.units());
        units.set(
                0,
                new Plan.Unit(
                        unit.letter(),
                        unit.layout(),
                        unit.restSeconds(),
                        unit.changeOverSeconds(),
                        unit.setUpSeconds(),
                        slots));
        return new Plan(
                NEXT.visitOn().minusDays(3),
                NEXT.warmUp(),
                units,
                NEXT.restSeconds(),
                NEXT.restReason(),
                NEXT.minutes(),
                List.of(),
                List.of());
    }

    private static Slot at(double kg, int low, int high) {
        return FIRST.dosed(
                new Plan.SideDose(FIRST.movement(), new RepRange(low, high), Load.ofKg(kg), FIRST.targetEffort()),
                Map.of());
    }

    private static Slot applied(Plan last, Ruling... rulings) {
        return RULINGS.applied(REQUEST, last, NEXT, List.of(rulings))
                .mainSlots()
                .get(0);
    }

    @Test
    void an_accepted_change_leaves_the_plan_as_it_is() {
        assertThat(RULINGS.applied(
                        REQUEST, last(at(2, 8, 12)), NEXT, List.of(ruling(Changes.Kind.LOAD, Choice.ACCEPTED))))
                .isSameAs(NEXT);
    }

    @Test
    void overruled_a_number_is_what_it_was_and_says_who_decided_it() {
        Slot slot = applied(last(at(2, 8, 12)), ruling(Changes.Kind.LOAD, Choice.OVERRULED));
        assertThat(slot.load().kg()).isEqualTo(2);
        assertThat(slot.reps()).isEqualTo(FIRST.reps());
        assertThat(slot.why().get(Aspect.LOAD).ruleId()).isEqualTo("RULING-overruled");
        assertThat(slot.why().get(Aspect.LOAD).exact()).contains("tired");
        assertThat(slot.why().get(Aspect.REPS)).isEqualTo(FIRST.why().get(Aspect.REPS));
    }

    @Test
    void softened_a_load_is_one_there_is_between_the_two() {
        Slot slot = applied(
                last(at(Math.max(1, FIRST.load().kg() / 2), 8, 12)), ruling(Changes.Kind.LOAD, Choice.SOFTENED));
        assertThat(slot.load().kg())
                .isBetween(Math.max(1, FIRST.load().kg() / 2), FIRST.load().kg());
        assertThat(slot.load().kg()).isLessThan(FIRST.load().kg());
    }

    @Test
    void softened_sets_and_repetitions_are_half_way_rounded_down() {
        int sets = FIRST.sets() + 3;
        Plan last =
                last(at(FIRST.load().kg(), FIRST.reps().low() + 4, FIRST.reps().high() + 5)
                        .withSets(sets, null));
        Slot slot =
                applied(last, ruling(Changes.Kind.SETS, Choice.SOFTENED), ruling(Changes.Kind.REPS, Choice.SOFTENED));
        assertThat(slot.sets()).isEqualTo(FIRST.sets() + 1);
        assertThat(slot.reps())
                .isEqualTo(new RepRange(FIRST.reps().low() + 2, FIRST.reps().high() + 2));
    }

    @Test
    void what_was_left_out_comes_back_in_the_place_of_what_came_in_for_the_same_muscle() {
        String other = RuleFiles.model().catalogue().all().stream()
                .filter(e -> e.group() == FIRST.group() && e.role().trainsTheArm())
                .map(kinesia.core.exercise.Exercise::key)
                .filter(k ->
                        NEXT.slots().stream().noneMatch(s -> s.exerciseKey().equals(k)))
                .filter(new PlanCheck(PLANNER).loads(REQUEST)::containsKey)
                .findFirst()
                .orElseThrow();
        Slot before = renamed(other);
        Plan plan = RULINGS.applied(
                REQUEST, last(before), NEXT, List.of(ruling(other, Changes.Kind.SWAPPED_OUT, Choice.OVERRULED)));
        assertThat(plan.mainSlots()).hasSameSizeAs(NEXT.mainSlots());
        assertThat(plan.mainSlots().get(0).exerciseKey()).isEqualTo(other);
        assertThat(plan.mainSlots().get(0).sets()).isEqualTo(FIRST.sets());
        assertThat(plan.whyNot()).noneMatch(w -> w.exerciseKey().equals(other));
    }

    private static Slot renamed(String key) {
        return new Slot(
                key,
                RuleFiles.model().catalogue().nameOf(key),
                FIRST.group(),
                FIRST.arms(),
                FIRST.movement(),
                FIRST.sets(),
                FIRST.reps(),
                FIRST.load(),
                false,
                FIRST.targetEffort(),
                FIRST.tempo(),
                FIRST.stress(),
                FIRST.why());
    }

    @Test
    void more_sets_than_there_are_are_marked_on_the_plan() {
        Plan last = last(FIRST.withSets(6, null));
        Plan plan = RULINGS.applied(REQUEST, last, NEXT, List.of(ruling(Changes.Kind.SETS, Choice.OVERRULED)));
        assertThat(plan.mainSlots().get(0).sets()).isEqualTo(6);
        assertThat(plan.notes()).extracting(r -> r.ruleId()).contains("CHECK-sets");
        assertThat(plan.minutes().work()).isGreaterThan(NEXT.minutes().work());
    }

    @Test
    void the_last_answer_to_a_change_stands() {
        Ruling first = ruling(Changes.Kind.LOAD, Choice.OVERRULED);
        Ruling after = ruling(Changes.Kind.LOAD, Choice.ACCEPTED);
        Ruling beside = ruling(Changes.Kind.SETS, Choice.SOFTENED);
        assertThat(Ruling.standing(List.of(first, beside, after))).containsExactlyInAnyOrder(after, beside);
    }

    @Test
    void rules_are_counted_the_most_often_overruled_first() {
        Ruling other = new Ruling("a", Changes.Kind.SETS, "OTHER", "", Choice.ACCEPTED, "");
        List<Ruling.RuledOn> counted =
                Ruling.counted(List.of(other, ruling(Changes.Kind.LOAD, Choice.OVERRULED), other));
        assertThat(counted).extracting(Ruling.RuledOn::ruleId).containsExactly("SOME-rule", "OTHER");
        assertThat(counted.get(0).words()).containsExactly("tired");
        assertThat(counted.get(1).accepted()).isEqualTo(2);
    }

    @Test
    void a_word_is_needed_to_go_against_a_rule() {
        assertThatThrownBy(() -> new Ruling("a", Changes.Kind.LOAD, "R", "", Choice.OVERRULED, "  "))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("word");
    }

    @Test
    void over_many_people_a_ruling_touches_what_it_is_about_and_lies_between_the_two() {
        List<RuledVisits.Ruled> all = RuledVisits.all();
        assertThat(all).hasSizeGreaterThan(100);
        for (RuledVisits.Ruled r : all) {
            String key = r.change().key();
            String as = r.who() + ", visit " + r.visit() + ", " + r.change() + " " + r.said();
            Slot before = slot(r.last(), key);
            Slot ruled = slot(r.ruled(), key);
            switch (r.change().kind()) {
                case SWAPPED_OUT -> assertThat(ruled).as(as).isNotNull();
                case SWAPPED_IN -> {
                    boolean stays =
                            r.said() == Choice.SOFTENED || r.next().mainSlots().size() == 1;
                    assertThat(ruled != null).as(as).isEqualTo(stays);
                }
                case LOAD ->
                    assertThat(ruled.load().kg())
                            .as(as)
                            .isBetween(
                                    Math.min(
                                            before.load().kg(),
                                            slot(r.next(), key).load().kg()),
                                    Math.max(
                                            before.load().kg(),
                                            slot(r.next(), key).load().kg()));
                case SETS ->
                    assertThat(ruled.sets())
                            .as(as)
                            .isBetween(
                                    Math.min(before.sets(), slot(r.next(), key).sets()),
                                    Math.max(before.sets(), slot(r.next(), key).sets()));
                case REPS, EFFORT, REST ->
                    assertThat(r.ruled().mainSlots())
                            .as(as)
                            .hasSameSizeAs(r.next().mainSlots());
            }
            assertThat(r.ruled().mainSlots().stream()
                            .filter(s -> !s.exerciseKey().equals(key))
                            .toList())
                    .as(as + ": nothing else is touched")
                    .allMatch(s -> r.next().mainSlots().contains(s));
        }
    }

    private static Slot slot(Plan plan, String key) {
        return plan.mainSlots().stream()
                .filter(s -> s.exerciseKey().equals(key))
                .findFirst()
                .orElse(null);
    }

    @Test
    void an_overruled_rest_says_who_decided_it() {
        Plan last = new Plan(
                NEXT.visitOn().minusDays(3),
                NEXT.warmUp(),
                NEXT.units(),
                NEXT.restSeconds() + 30,
                NEXT.restReason(),
                NEXT.minutes(),
                List.of(),
                List.of());
        Plan plan = RULINGS.applied(
                REQUEST, last, NEXT, List.of(ruling(Changes.REST, Changes.Kind.REST, Choice.OVERRULED)));
        assertThat(plan.restSeconds()).isEqualTo(NEXT.restSeconds() + 30);
        assertThat(plan.restReason().ruleId()).isEqualTo("RULING-overruled");
    }

    @Test
    void where_nothing_lies_between_it_says_so() {
        Slot oneMore = FIRST.withSets(FIRST.sets() + 1, null);
        Slot fewer = applied(last(oneMore), ruling(Changes.Kind.SETS, Choice.SOFTENED));
        assertThat(fewer.sets()).isEqualTo(FIRST.sets());
        assertThat(fewer.why().get(Aspect.SETS).exact()).contains("Nothing lies between", "the change stands");
    }
}
