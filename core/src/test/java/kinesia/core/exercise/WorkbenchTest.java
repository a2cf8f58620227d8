package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.BandCalibration.Pull;
import kinesia.core.arm.Pose;
import kinesia.core.arm.Sex;
import kinesia.core.dose.ClientStrength;
import kinesia.core.reason.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

class WorkbenchTest {
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final ElbowStrength STRENGTH = ClientStrength.ofAnybody(MODEL, BODY);

    static Stream<Exercise> entries() {
        return MODEL.catalogue().all().stream();
    }

    private static Workbench bench(String key) {
        return new Workbench(MODEL.catalogue().get(key), BODY, MODEL.stimulusRules());
    }

    private static Pose first(Exercise e) {
        return e.movement().at(0);
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("entries")
    void an_untouched_entry_stays_what_it_is_and_every_offered_choice_can_be_taken(Exercise entry) {
        Workbench bench = new Workbench(entry, BODY, MODEL.stimulusRules());
        assertThat(bench.apply(Adjustment.NONE)).isEqualTo(entry);
        for (Implement implement : bench.scope().implementChoices()) {
            Exercise turned = bench.apply(Adjustment.implement(implement));
            assertThat(turned.implement()).isEqualTo(implement);
            assertThat(turned.equipment()).containsAll(implement.equipment());
            assertThat(MODEL.curve(turned, BODY, 4).summary().peakDemandNm()).isFinite();
        }
        for (Grip grip : bench.scope().grips()) {
            assertThat(bench.apply(Adjustment.grip(grip)).grip()).isEqualTo(grip);
        }
    }

    @Test
    void hanging_arms_keep_hanging_when_the_bench_is_tipped_and_pressing_arms_go_with_it() {
        Exercise flatter = bench("incline-curl").apply(Adjustment.bench(-15));
        assertThat(first(flatter).torsoPitchDeg()).isEqualTo(-60);
        assertThat(first(flatter).elevationDeg()).isEqualTo(-60);
        Exercise press = bench("incline-close-press").apply(Adjustment.bench(-15));
        assertThat(first(press).torsoPitchDeg()).isEqualTo(-75);
        assertThat(first(press).elevationDeg()).isEqualTo(20);
    }

    @Test
    void flared_elbows_leave_the_hand_pointing_where_it_did() {
        Exercise flared = bench("lying-extension").apply(Adjustment.flare(20));
        assertThat(first(flared).planeOfElevationDeg()).isEqualTo(70);
        // The clinical angle, rotation less plane, is what stays.
        assertThat(first(flared).axialRotationDeg() - first(flared).planeOfElevationDeg())
                .isEqualTo(-90);
    }

    @Test
    void turning_the_palm_moves_work_from_the_biceps_to_brachialis_and_forearm() {
        Exercise up = MODEL.catalogue().get("seated-curl");
        Exercise neutral = bench("seated-curl").apply(Adjustment.grip(Grip.NEUTRAL));
        assertThat(neutral.stimulus().get(Head.BICEPS_SHORT_HEAD))
                .isLessThan(up.stimulus().get(Head.BICEPS_SHORT_HEAD));
        assertThat(neutral.stimulus().get(Head.BRACHIORADIALIS))
                .isGreaterThan(up.stimulus().get(Head.BRACHIORADIALIS));
        assertThat(neutral.stimulus().values()).allSatisfy(v -> assertThat(v).isBetween(0.0, 1.0));
    }

    @Test
    void two_changes_one_after_the_other_are_both_at_once() {
        Adjustment first = Adjustment.armForward(15).then(Adjustment.range(0.1, 0.9));
        Adjustment both = first.then(Adjustment.armForward(-5)).then(Adjustment.range(0.5, 1));
        assertThat(both.armForwardDeg()).isEqualTo(10);
        assertThat(both.rangeFrom()).isCloseTo(0.5, within(1e-12));
        assertThat(both.rangeTo()).isCloseTo(0.9, within(1e-12));
    }

    @Test
    void a_dumbbell_curl_against_a_low_cable_still_loads_the_flexors() {
        Exercise cable = bench("standing-curl").apply(Adjustment.implement(Implement.CABLE_HANDLE));
        assertThat(MODEL.curve(cable, BODY, 6).summary().peakDemandNm()).isPositive();
        Exercise band = bench("standing-curl").apply(Adjustment.implement(Implement.BAND));
        assertThat(MODEL.curve(band, BODY, 6)
                        .samples()
                        .get(5)
                        .load()
                        .resistance()
                        .norm())
                .as("there is tension from the start")
                .isPositive();
    }

    @Test
    void a_measured_band_pulls_as_measured() {
        Adjustment measured = new Adjustment(
                0,
                0,
                0,
                0,
                0,
                0,
                null,
                null,
                0,
                1,
                2,
                0.05,
                new Adjustment.MeasuredBand(0.6, new Pull(0.9, 28), new Pull(1.2, 48)));
        Exercise curl = bench("band-curl").apply(measured);
        ResistanceSpec.Elastic spec = (ResistanceSpec.Elastic) curl.resistance();
        assertThat(spec.freeLength() * BODY.statureM()).isCloseTo(0.6, within(1e-9));
        assertThat(spec.startShare()).isCloseTo(8.0 / 48, within(1e-9));
        assertThat(spec.count()).isEqualTo(2);
    }

    @Test
    void what_cannot_be_is_refused_at_its_field_with_the_range() {
        refused("seated-curl", Adjustment.bench(10), "benchDeg", "no bench that tips");
        refused("floor-push-up", Adjustment.armForward(10), "armForwardDeg", "set by the exercise");
        refused("overhead-extension", Adjustment.armForward(60), "armForwardDeg", "must be from");
        refused("seated-hammer-curl", Adjustment.implement(Implement.STRAIGHT_BAR), "implement", "cannot be done with");
        refused("rope-press-down", Adjustment.implement(Implement.DUMBBELL), "implement", "cannot be done with");
        refused("rope-press-down", Adjustment.grip(Grip.PALM_UP), "grip", "cannot be held");
        assertThatThrownBy(() -> Adjustment.range(0.5, 0.52))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("rangeTo"));
        assertThatThrownBy(() -> Adjustment.armForward(200))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("armForwardDeg"));
    }

    private static void refused(String key, Adjustment change, String field, String message) {
        assertThatThrownBy(() -> bench(key).apply(change))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo(field))
                .hasMessageContaining(message);
    }

    @Test
    void load_at_long_muscle_length_counts_more_only_when_asked() {
        Exercise pad = MODEL.catalogue().get("sloped-pad-full-curl");
        var curve = MODEL.curve(pad, BODY, 5);
        double plain = MODEL.stimulus(pad, curve, STRENGTH, false).get(Head.BRACHIALIS);
        double more = MODEL.stimulus(pad, curve, STRENGTH, true).get(Head.BRACHIALIS);
        assertThat(more).isBetween(plain * 1.01, plain * 1.10 + 1e-9);
    }
}
