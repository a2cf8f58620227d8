package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.TrainingStory;
import kinesia.core.dose.WarmUp;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.Exercise.Tempo;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan.Manner;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.PlanCheck.Written;
import kinesia.core.plan.PlanCheck.WrittenUnit;
import kinesia.core.reason.InvalidValue;
import kinesia.core.response.Changes;
import org.junit.jupiter.api.Test;

/** A session written by hand says everything a composed one does, and gets ramps, clock and marks. */
class PlanCheckTest {
    private static final PlanCheck CHECK = new PlanCheck(new Planner(RuleFiles.model(), RuleFiles.methods()));
    private static final RepRange EIGHT_TO_TWELVE = new RepRange(8, 12);

    private static Written curl(Tempo tempo, List<Integer> setReps, Manner manner) {
        int sets = setReps == null ? 3 : setReps.size();
        return new Written("standing-curl", sets, EIGHT_TO_TWELVE, 6.0, 7.0, tempo, setReps, manner, null);
    }

    private static PlanCheck.Checked check(PlanRequest request, Written... slots) {
        return CHECK.check(request, List.of(new WrittenUnit(Method.Layout.PAIRS, 75, List.of(slots))));
    }

    private static List<PlanCheck.Kind> kinds(PlanCheck.Checked checked) {
        return checked.marks().stream().map(PlanCheck.Mark::kind).toList();
    }

    @Test
    void what_was_written_is_what_stands_in_the_plan() {
        Manner manner = new Manner(true, false, "Elbow strap on");
        PlanRequest request = People.well(People.GYM, 40, 8);
        Plan plan = check(
                        request,
                        curl(new Tempo(2, 2, 4), List.of(12, 10, 8), manner),
                        new Written("rope-press-down", 2, EIGHT_TO_TWELVE, null, null))
                .plan();
        Slot curl = plan.slots().get(0);
        assertThat(curl.tempo()).isEqualTo(new Tempo(2, 2, 4));
        assertThat(curl.setReps()).containsExactly(12, 10, 8);
        assertThat(curl.manner()).isEqualTo(manner);
        assertThat(plan.slots().get(1).manner()).isNull();
        assertThat(plan.units()).hasSize(1);
        assertThat(plan.units().get(0).layout()).isEqualTo(Method.Layout.PAIRS);
        assertThat(plan.units().get(0).restSeconds()).isEqualTo(75);
    }

    @Test
    void the_first_exercise_of_each_muscle_has_its_ramps() {
        PlanRequest request = People.well(People.GYM, 40, 8);
        List<WarmUp.Step> steps = check(
                        request, curl(null, null, null), new Written("rope-press-down", 2, EIGHT_TO_TWELVE, 15.0, null))
                .plan()
                .warmUp();
        assertThat(steps.stream().filter(s -> s.load() != null).map(WarmUp.Step::words))
                .anyMatch(w -> w.contains("Standing dumbbell curl"))
                .anyMatch(w -> w.contains("ope press-down"));
    }

    @Test
    void slower_repetitions_take_longer() {
        PlanRequest request = People.well(People.GYM, 40, 8);
        int usual = check(request, curl(new Tempo(1, 1, 3), null, null))
                .plan()
                .minutes()
                .work();
        int slow = check(request, curl(new Tempo(5, 2, 5), null, null))
                .plan()
                .minutes()
                .work();
        assertThat(slow).isGreaterThan(usual);
    }

    @Test
    void fast_lowering_and_lowering_only_are_marked_where_the_tendon_is_sore() {
        PlanRequest sore = People.request(
                People.GYM,
                40,
                8,
                People.limitsOf(Site.CROOK_OF_ELBOW, Side.RIGHT, "lifting-palm-up"),
                List.of(),
                People.history());
        assertThat(kinds(check(sore, curl(new Tempo(1, 0, 3), null, null)))).doesNotContain(PlanCheck.Kind.TEMPO);
        assertThat(kinds(check(sore, curl(new Tempo(1, 0, 2), null, null)))).contains(PlanCheck.Kind.TEMPO);
        assertThat(kinds(check(sore, curl(new Tempo(1, 0, 3), null, new Manner(false, true, null)))))
                .contains(PlanCheck.Kind.TEMPO);
    }

    @Test
    void lowering_only_is_marked_for_somebody_new() {
        PlanRequest well = People.well(People.GYM, 40, 8);
        Manner lowering = new Manner(false, true, null);
        assertThat(kinds(check(well, curl(null, null, lowering)))).doesNotContain(PlanCheck.Kind.TEMPO);
        PlanRequest fresh = new PlanRequest(
                well.body(),
                well.age(),
                well.visitOn(),
                well.minutes(),
                well.equipment(),
                List.of(),
                List.of(),
                well.dislikes(),
                new PlanRequest.Known(new TrainingStory(2, false, true), List.of(), well.visitOn()),
                well.carryovers(),
                well.inBlock(),
                well.leftOut(),
                well.budget(),
                well.rest(),
                well.door(),
                null,
                false);
        assertThat(kinds(check(fresh, curl(null, null, lowering)))).contains(PlanCheck.Kind.TEMPO);
    }

    @Test
    void what_cannot_be_is_refused_at_its_field() {
        assertThatThrownBy(() ->
                        new Written("standing-curl", 3, EIGHT_TO_TWELVE, null, null, null, List.of(10, 8), null, null))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("one for each set");
        assertThatThrownBy(() ->
                        new Written("standing-curl", 1, EIGHT_TO_TWELVE, null, null, null, List.of(61), null, null))
                .isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> new Manner(false, false, "x".repeat(201))).isInstanceOf(InvalidValue.class);
    }

    @Test
    void what_is_otherwise_than_at_the_last_visit_is_said_of_a_written_session_too() {
        PlanRequest request = People.well(People.GYM, 40, 8);
        Written press = new Written("rope-press-down", 2, EIGHT_TO_TWELVE, 15.0, 7.0);
        Plan last = check(request, curl(null, null, null), press).plan();
        Plan next = check(request, new Written("rope-press-down", 3, new RepRange(10, 15), 10.0, 6.0))
                .plan();
        assertThat(Changes.between(last, next))
                .extracting(Changes.Change::kind)
                .containsExactly(
                        Changes.Kind.SWAPPED_OUT,
                        Changes.Kind.LOAD,
                        Changes.Kind.SETS,
                        Changes.Kind.REPS,
                        Changes.Kind.EFFORT);
    }

    @Test
    void arms_change_at_every_repetition_only_where_each_has_a_weight_and_nothing_else_to_do() {
        PlanRequest well = People.well(People.GYM, 40, 8);
        assertThat(check(well, alternating("concentration-curl")).marks())
                .anyMatch(m -> m.kind() == PlanCheck.Kind.ARMS);
        assertThat(check(well, alternating("standing-curl")).marks()).anyMatch(m -> m.kind() == PlanCheck.Kind.ARMS);
        PlanCheck.Checked free = check(well, alternating("one-arm-curl-and-hammer"));
        assertThat(free.marks()).noneMatch(m -> m.kind() == PlanCheck.Kind.ARMS);
        assertThat(free.plan().slots().get(0).arms()).isEqualTo(kinesia.core.exercise.Exercise.Arms.ALTERNATING);
    }

    private static Written alternating(String key) {
        return new Written(key, 2, EIGHT_TO_TWELVE, null, 7.0, null, null, null, true);
    }
}
