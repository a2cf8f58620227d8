package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Adjustment;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import kinesia.core.exercise.Workbench;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

/** What a room made itself on the workbench is planned like every other exercise. */
class OwnVariationsTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL);

    /** The entry turned on this body, under the room's own key and name. */
    private static Exercise own(PlanRequest request, String entry, double armForwardDeg) {
        Adjustment forward = new Adjustment(0, armForwardDeg, 0, 0, 0, 0, null, null, 0, 1, 1, 0, null);
        return new Workbench(MODEL.catalogue().get(entry), request.body(), MODEL.stimulusRules())
                .apply(forward)
                .called("own-1", "Our " + entry);
    }

    private static PlanRequest well() {
        return People.well(People.GYM, 40, 6);
    }

    @Test
    void one_that_is_pinned_is_planned_under_its_own_name_with_a_load_the_place_has() {
        PlanRequest request = well().wishing(new PlanRequest.Wishes(Set.of("own-1"), Set.of()));
        Plan plan = PLANNER.plan(request.withOwn(List.of(own(request, "lying-extension", 15))))
                .plan();
        assertThat(plan).isNotNull();
        Plan.Slot slot = plan.slots().stream()
                .filter(s -> s.exerciseKey().equals("own-1"))
                .findFirst()
                .orElseThrow();
        assertThat(slot.name()).isEqualTo("Our lying-extension");
        assertThat(slot.load().kg()).isPositive();
        assertThat(slot.stress()).isNotEmpty();
        // It is a form of its entry's movement: the two are never planned together.
        assertThat(plan.slots()).extracting(Plan.Slot::exerciseKey).doesNotContain("lying-extension");
    }

    @Test
    void limits_hold_for_it_as_for_its_entry() {
        PlanRequest well = well();
        PlanRequest sore = People.request(
                People.GYM,
                40,
                6,
                People.limitsOf(Site.TOP_OUTER_SHOULDER, Side.RIGHT, "overhead"),
                List.of(),
                People.history());
        Exercise own = own(well, "lying-extension", 30);
        assertThat(fit(well, own).isAllowed()).isTrue();
        assertThat(fit(sore, own).isAllowed()).isFalse();
    }

    private static Fit fit(PlanRequest request, Exercise own) {
        return PLANNER.candidates(request.withOwn(List.of(own))).fits().stream()
                .filter(f -> f.exercise().key().equals(own.key()))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void what_was_lifted_with_it_tells_how_strong_somebody_is() {
        LocalDate on = People.DAY.minusDays(4);
        List<LoggedSet> sets = List.of(
                new LoggedSet(on, "own-1", Side.RIGHT, 1, Load.ofKg(6), 12, Effort.of(7), PainScore.NONE, null, null));
        PlanRequest request = People.request(People.GYM, 40, 6, List.of(), List.of(), sets);
        Exercise own = own(request, "seated-curl", 10);
        assertThat(PLANNER.strength(request)
                        .known(Side.RIGHT, Head.Group.FLEXORS)
                        .best())
                .isNull();
        assertThat(PLANNER.strength(request.withOwn(List.of(own)))
                        .known(Side.RIGHT, Head.Group.FLEXORS)
                        .best())
                .isEqualTo(sets.get(0));
    }

    @Test
    void one_that_is_left_out_says_why_and_is_not_planned() {
        PlanRequest request = well();
        Exercise own = own(request, "seated-curl", 10);
        PlanRequest without = request.withOwn(List.of(own))
                .leavingOut(Map.of(
                        "own-1", Reason.of("CHOICE-dropped", Tag.HOUSE, "", "Not kept any more.", "Not any more.")));
        Plan plan = PLANNER.plan(without).plan();
        assertThat(plan).isNotNull();
        assertThat(plan.slots()).extracting(Plan.Slot::exerciseKey).doesNotContain("own-1");
        assertThat(plan.whyNot())
                .filteredOn(w -> w.exerciseKey().equals("own-1"))
                .singleElement()
                .satisfies(w -> assertThat(w.reasons()).extracting("ruleId").containsExactly("CHOICE-dropped"));
    }
}
