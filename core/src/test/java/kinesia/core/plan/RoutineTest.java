package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Objects;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Exercise.RepRange;
import kinesia.core.exercise.Site;
import kinesia.core.plan.PlanCheck.Written;
import kinesia.core.plan.Routine.About;
import kinesia.core.plan.Routine.Brought;
import kinesia.core.plan.Routine.BroughtLine;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** A routine as trainers write it (common practice, no source) is understood, and changed as little as must be. */
class RoutineTest {
    private static final Routine ROUTINE = new Routine(new Planner(RuleFiles.model(), RuleFiles.methods()));

    private static Brought bring(PlanRequest request, String text) {
        return ROUTINE.bring(request, text, Map.of());
    }

    private static List<Written> slots(Brought brought) {
        return brought.written().stream().flatMap(u -> u.slots().stream()).toList();
    }

    @ParameterizedTest
    @CsvSource({
        "Hammer curls, hammer-curl",
        "Rope pushdown, rope-press-down",
        "Lying dumbbell extension, lying-extension",
        "Concentration curl, concentration",
        "Overhead rope extension, cable-overhead-extension",
        "Close bench press, close-bench-press",
        "Drag curl, drag-curl",
        "Chin-line press, chin-line",
        "Wall push-ups, wall-push-up",
    })
    void names_of_the_trade_are_understood(String name, String key) {
        BroughtLine line =
                bring(People.well(People.GYM, 60, 12), name + " 2x10").lines().get(0);
        assertThat(line.sure()).as(name + " " + line.options()).isTrue();
        assertThat(Objects.requireNonNull(line.meant()).exerciseKey()).contains(key);
    }

    @Test
    void sets_repetitions_and_loads_are_read_as_they_are_written() {
        List<RoutineText.Line> lines = RoutineText.read(
                "Hammer curl 3x10 8 kg, then lying extension 3 x 10-12\n- Rope press-down 12/10/8 20 lb, rest 90 s; "
                        + "2) kickback 2 sets of 15 effort 7");
        assertThat(lines).hasSize(4);
        assertThat(lines.get(0).sets()).isEqualTo(3);
        assertThat(lines.get(0).reps()).isEqualTo(new RepRange(10, 10));
        assertThat(lines.get(0).loadKg()).isEqualTo(8);
        assertThat(lines.get(0).name()).isEqualTo("hammer curl");
        assertThat(lines.get(1).reps()).isEqualTo(new RepRange(10, 12));
        assertThat(lines.get(1).loadKg()).isNull();
        assertThat(lines.get(2).setReps()).containsExactly(12, 10, 8);
        assertThat(lines.get(2).loadKg()).isEqualTo(9.07);
        assertThat(lines.get(3).sets()).isEqualTo(2);
        assertThat(lines.get(3).effort()).isEqualTo(7);
        assertThat(lines.get(3).name()).isEqualTo("kickback");
    }

    @Test
    void what_fits_stays_as_it_was_written() {
        Brought brought =
                bring(People.well(People.GYM, 60, 12), "Seated dumbbell curl 3x12 5 kg; rope press-down 2x10");
        assertThat(brought.lines()).allMatch(l -> l.altered().isEmpty());
        Written curl = slots(brought).get(0);
        assertThat(curl.exerciseKey()).isEqualTo("seated-curl");
        assertThat(curl.sets()).isEqualTo(3);
        assertThat(curl.loadKg()).isEqualTo(5);
        assertThat(slots(brought).get(1).exerciseKey()).isEqualTo("rope-press-down");
    }

    @Test
    void a_sore_shoulder_gets_the_nearest_that_it_may_do_with_the_limit_as_the_reason() {
        PlanRequest sore = People.request(
                People.GYM,
                60,
                12,
                People.limitsOf(Site.FRONT_OF_SHOULDER, Side.RIGHT, "arm-behind"),
                List.of(),
                People.history());
        Brought brought = bring(sore, "Drag curl 2x10 6 kg");
        BroughtLine line = brought.lines().get(0);
        assertThat(Objects.requireNonNull(line.meant()).name()).containsIgnoringCase("drag");
        assertThat(line.altered().get(0).about()).isEqualTo(About.EXERCISE);
        assertThat(line.altered().get(0).reason().exact()).contains("behind");
        assertThat(Objects.requireNonNull(line.done()).exerciseKey()).doesNotContain("drag");
        // The session that comes of it has nothing against it.
        assertThat(new PlanCheck(new Planner(RuleFiles.model(), RuleFiles.methods()))
                        .check(sore, brought.written())
                        .marks())
                .noneMatch(m -> m.kind() == PlanCheck.Kind.LIMIT);
    }

    @Test
    void a_load_that_is_too_much_is_lowered_to_what_is_right_and_here() {
        BroughtLine line = bring(People.well(People.GYM, 60, 12), "Seated dumbbell curl 3x12 40 kg")
                .lines()
                .get(0);
        assertThat(line.altered()).hasSize(1);
        assertThat(line.altered().get(0).about()).isEqualTo(About.LOAD);
        assertThat(line.altered().get(0).was()).isEqualTo("40 kg");
    }

    @Test
    void sets_over_the_weeks_are_taken_from_what_has_most() {
        Brought brought = bring(
                People.well(People.GYM, 60, 5),
                "Seated dumbbell curl 4x10, concentration curl 3x10, rope press-down 3x10");
        List<Written> slots = slots(brought);
        assertThat(slots.get(0).sets() + slots.get(1).sets()).isEqualTo(5);
        assertThat(slots.get(2).sets()).isEqualTo(3);
        assertThat(brought.lines().get(0).altered())
                .extracting(Routine.Altered::about)
                .containsExactly(About.SETS);
    }

    @Test
    void what_nobody_can_tell_is_asked() {
        PlanRequest request = People.well(People.GYM, 60, 12);
        Brought brought = bring(request, "Curl 3x10; whirling snatch 3x5; triceps pressdowns 2x12");
        assertThat(brought.lines().get(0).sure()).isFalse();
        assertThat(brought.lines().get(0).options()).isNotEmpty();
        assertThat(brought.lines().get(1).options()).isEmpty();
        assertThat(brought.lines().get(2).sure()).isTrue();
        // What is sure stands there already.
        assertThat(slots(brought)).extracting(Written::exerciseKey).containsExactly("rope-press-down");
        Brought chosen = ROUTINE.bring(request, "Curl 3x10", Map.of(0, "seated-curl"));
        assertThat(slots(chosen)).extracting(Written::exerciseKey).containsExactly("seated-curl");
    }

    @Test
    void a_text_without_an_exercise_is_refused_at_its_field() {
        for (String text : List.of("", "  ", "3x10", "x".repeat(4001))) {
            assertThatThrownBy(() -> RoutineText.read(text))
                    .isInstanceOf(InvalidValue.class)
                    .hasMessageContaining("must have from 1");
        }
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "Curl 7x10",
                "Curl 0x10",
                "Curl 3x31",
                "Curl 3x99999999999",
                "Curl 3x10 effort 11",
                "Curl 3x10 rest 301 s",
                "Curl 3x10, rest 99999999999 s"
            })
    void a_number_that_cannot_be_is_refused_and_not_changed_without_a_word(String text) {
        assertThatThrownBy(() -> RoutineText.read(text))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("can be");
    }

    @Test
    void the_numbers_at_the_edge_are_taken() {
        RoutineText.Line line =
                RoutineText.read("Curl 6x30 effort 10 rest 300 s").get(0);
        assertThat(line.sets()).isEqualTo(6);
        assertThat(line.reps()).isEqualTo(new RepRange(30, 30));
        assertThat(line.effort()).isEqualTo(10);
        assertThat(line.restSeconds()).isEqualTo(300);
    }

    @Test
    void an_exercise_that_is_not_there_is_refused_at_its_line() {
        PlanRequest request = People.well(People.GYM, 60, 12);
        assertThatThrownBy(() -> ROUTINE.bring(request, "Curl 3x10", Map.of(0, "no-such")))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("no-such");
    }

    @Test
    void a_load_over_what_is_right_is_never_rounded_up_where_a_sore_place_is_loaded() {
        List<SoreSite> sore = List.of(new SoreSite(Site.CROOK_OF_ELBOW, Side.RIGHT, PainScore.of(3)));
        PlanRequest request = People.request(People.GYM, 60, 12, List.of(), sore, People.history());
        double right = new Planner(RuleFiles.model(), RuleFiles.methods())
                .toWriteBy(request).fits().stream()
                        .filter(f -> f.exercise().key().equals("standing-curl"))
                        .mapToDouble(Fit::boundKg)
                        .findFirst()
                        .orElseThrow();
        Written curl = slots(ROUTINE.bring(request, "Standing curl 3x12 40 kg", Map.of(0, "standing-curl")))
                .get(0);
        assertThat(Objects.requireNonNull(curl.loadKg())).isLessThanOrEqualTo(right + 1e-9);
    }
}
