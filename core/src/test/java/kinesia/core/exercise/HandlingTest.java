package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.Sex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** How the load of every entry comes up and goes down, and what can go wrong with it; common practice, no source. */
class HandlingTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Body BODY = new Body(Sex.FEMALE, 1.64, 66);

    static Stream<Exercise> loaded() {
        return MODEL.catalogue().all().stream().filter(e -> e.implement() != Implement.NOTHING);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("loaded")
    void every_loaded_entry_says_how_the_load_comes_up_and_goes_down_and_two_faults(Exercise e) {
        Guidance guidance = e.guidance();
        assertThat(guidance.up()).as(e.key()).matches("[A-Z].{8,}[^.]");
        assertThat(guidance.down()).as(e.key()).matches("[A-Z].{8,}[^.]");
        assertThat(guidance.faults()).as(e.key()).hasSizeGreaterThanOrEqualTo(2).doesNotHaveDuplicates();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("loaded")
    void what_can_fall_strike_tip_or_bottom_out_has_its_danger_line(Exercise e) {
        LoadCurve curve = MODEL.curve(e, BODY, 2);
        boolean lying = e.takes(Stance.SUPINE) || e.stance() == Stance.FLOOR;
        boolean overTheFace = lying && e.resistance() instanceof ResistanceSpec.Weight;
        boolean overhead =
                curve.summary().largestElevationDeg() > 120 && e.resistance() instanceof ResistanceSpec.Weight;
        boolean anchored = e.implement() == Implement.BAND && e.role() != Role.WARM_UP;
        boolean hangs = e.isCalled("dip");
        boolean padded = e.upperArmSupported();
        if (overTheFace || overhead || anchored || hangs || padded) {
            assertThat(e.guidance().danger()).as(e.key()).isNotBlank();
        }
    }

    @Test
    void a_load_from_overhead_comes_down_in_front_and_never_behind_the_head() {
        for (String key : List.of("overhead-extension", "one-arm-overhead-extension", "jug-overhead-extension")) {
            assertThat(MODEL.catalogue().get(key).guidance().down())
                    .contains("shoulder", "thigh", "never down behind the head");
        }
    }

    @Test
    void whoever_lies_on_the_floor_is_told_how_to_get_down_and_up() {
        loaded().filter(e -> e.stance() == Stance.FLOOR || e.takes(Stance.FLOOR))
                .forEach(e -> assertThat(e.guidance().up() + " " + e.guidance().down())
                        .as(e.key())
                        .containsAnyOf("Go down over", "get up over", "hand on the chair", "hand on a chair"));
    }

    @Test
    void nothing_that_hangs_is_seated_and_one_knee_on_a_bench_is_kneeling() {
        assertThat(MODEL.catalogue().get("bench-dip").stance()).isEqualTo(Stance.HANGING);
        assertThat(MODEL.catalogue().get("supported-kickback").takes(Stance.KNEELING))
                .isTrue();
        assertThat(MODEL.catalogue().get("straight-arm-kickback").takes(Stance.KNEELING))
                .isTrue();
        // Hips carried by a seat: nobody whose hands carry the body is seated.
        assertThat(MODEL.catalogue().all())
                .filteredOn(e -> e.stance() == Stance.SEATED)
                .noneMatch(e -> e.implement() == Implement.BODY_WEIGHT);
    }

    @Test
    void rings_and_bars_are_not_for_home_alone() {
        assertThat(MODEL.catalogue().get("ring-dip").guidance().homeAlone()).isFalse();
        assertThat(MODEL.catalogue().get("bar-dip").guidance().homeAlone()).isFalse();
    }
}
