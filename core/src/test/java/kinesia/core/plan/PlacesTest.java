package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Equipment;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.ExerciseModel;
import kinesia.core.exercise.Implement;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** What a place can state, and what that opens. */
class PlacesTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Planner PLANNER = new Planner(MODEL, RuleFiles.methods());

    static Stream<Exercise> entries() {
        return MODEL.catalogue().all().stream();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("entries")
    void each_entry_can_be_planned_in_some_place(Exercise e) {
        assertThat(ReachableLoads.missingFor(People.GYM, e)).as(e.key()).isEmpty();
        assertThat(ReachableLoads.of(
                                People.GYM, e, People.well(People.GYM, 45, 6).body())
                        .isEmpty())
                .as(e.key())
                .isFalse();
    }

    @Test
    void anchors_are_there_by_name_by_their_height_or_by_a_door() {
        assertThat(withFurniture("low anchor").hasAnchor("low anchor")).isTrue();
        assertThat(withFurniture("low anchor").hasAnchor("high anchor")).isFalse();
        for (String anchor : List.of("low anchor", "middle anchor", "high anchor")) {
            assertThat(withFurniture("door anchor").hasAnchor(anchor)).isTrue();
            assertThat(withFurniture("chair").hasAnchor(anchor)).isFalse();
        }
        assertThat(withFurniture("post").hasAnchor("high anchor")).isFalse();
        Equipment measured = only(new Equipment.Fixtures(List.of(), List.of(0.3, 2.0), false));
        assertThat(measured.hasAnchor("low anchor")).isTrue();
        assertThat(measured.hasAnchor("middle anchor")).isFalse();
        assertThat(measured.hasAnchor("high anchor")).isTrue();
    }

    private static Equipment only(Equipment.@Nullable Fixtures fixtures, Equipment.Machine... machines) {
        return new Equipment(
                List.of(),
                null,
                null,
                null,
                null,
                List.of(),
                Set.of(),
                List.of(),
                fixtures,
                List.of(machines),
                null,
                null);
    }

    private static Equipment withFurniture(String... furniture) {
        return new Equipment(List.of(), null, null, null, null, List.of(), Set.of(furniture), List.of());
    }

    @Test
    void a_machine_gives_the_loads_of_its_own_stack() {
        Exercise curl = MODEL.catalogue().get("machine-curl");
        Equipment room = only(null, new Equipment.Machine("curl machine", new Equipment.Stack(5, 5, 15, 0)));
        assertThat(ReachableLoads.of(room, curl, People.well(room, 40, 4).body())
                        .loads())
                .extracting(l -> l.kg())
                .containsExactly(5.0, 10.0, 15.0);
        assertThat(ReachableLoads.missingFor(room, MODEL.catalogue().get("seated-machine-dip")))
                .containsExactly("dip machine");
    }

    /** Nobody stands by at home: what may not be done alone is neither planned nor unmarked when it is written by hand. */
    @Test
    void where_clients_train_alone_nothing_is_planned_that_needs_somebody_near() {
        Equipment gym = People.GYM;
        Equipment alone = new Equipment(
                gym.dumbbellsKg(),
                gym.handle(),
                gym.straightBar(),
                gym.angledBar(),
                gym.stack(),
                gym.bands(),
                gym.furniture(),
                gym.household(),
                gym.fixtures(),
                gym.machines(),
                true,
                null);
        for (Method method : RuleFiles.methods().all()) {
            Plan plan = PLANNER.plan(People.well(alone, 45, 8).by(method)).plan();
            if (plan != null) {
                assertThat(plan.slots())
                        .allMatch(s -> MODEL.catalogue()
                                .get(s.exerciseKey())
                                .guidance()
                                .homeAlone());
            }
        }
        PlanCheck.Checked checked = new PlanCheck(PLANNER)
                .check(
                        People.well(alone, 45, 8),
                        List.of(new PlanCheck.WrittenUnit(
                                Method.Layout.STRAIGHT,
                                60,
                                List.of(new PlanCheck.Written(
                                        "ring-dip", 2, new Exercise.RepRange(6, 10), null, 7.0)))));
        assertThat(checked.marks())
                .anySatisfy(m -> assertThat(m.reason().ruleId()).isEqualTo("HOME-alone"));
    }

    @Test
    void an_exercise_written_twice_is_refused_where_it_is_written_and_once_kept_counts_once() {
        PlanCheck.Written curl = new PlanCheck.Written("seated-curl", 2, new Exercise.RepRange(8, 12), null, 7.0);
        List<PlanCheck.WrittenUnit> twice = List.of(
                new PlanCheck.WrittenUnit(Method.Layout.STRAIGHT, 60, List.of(curl)),
                new PlanCheck.WrittenUnit(Method.Layout.STRAIGHT, 60, List.of(curl)));
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> PlanCheck.requireOnce("written", twice))
                .hasMessageContaining("stands in this session already")
                .extracting("field")
                .isEqualTo("written[1].slots[0].exerciseKey");
        Plan plan = new PlanCheck(PLANNER)
                .check(People.well(People.GYM, 45, 8), twice)
                .plan();
        assertThat(plan.slots()).hasSize(1);
        assertThat(plan.slots().get(0).sets()).isEqualTo(4);
    }

    @Test
    void a_band_is_stretched_no_further_than_it_was_measured() {
        for (Exercise e : MODEL.catalogue().all()) {
            if (e.implement() == Implement.BAND) {
                var body = People.well(People.GYM, 45, 6).body();
                EaseTrial whole = new EaseTrial(
                        e,
                        body,
                        kinesia.core.exercise.Site.WRIST,
                        new EaseTrial.Path(
                                e.movement(),
                                body.arm(),
                                kinesia.core.exercise.Site.WRIST,
                                e.movement().at(0)));
                assertThat(whole.bandStretch()).as(e.key()).isBetween(1.0, ReachableLoads.MOST_STRETCH);
            }
        }
        // A band that was pulled to one and a half times its length says nothing about a press-down that needs twice.
        Equipment shortly = new Equipment(
                List.of(),
                null,
                null,
                null,
                null,
                List.of(new Equipment.Band(
                        "short",
                        20,
                        new Equipment.Pulls(
                                0.6,
                                new kinesia.core.arm.BandCalibration.Pull(0.75, 10),
                                new kinesia.core.arm.BandCalibration.Pull(0.9, 20)))),
                Set.of("high anchor", "chair"),
                List.of());
        Exercise pressDown = MODEL.catalogue().get("band-press-down");
        assertThat(ReachableLoads.missingFor(shortly, pressDown).toString()).contains("measured as far as");
    }
}
