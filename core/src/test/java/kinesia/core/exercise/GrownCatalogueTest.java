package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.ToDoubleFunction;
import kinesia.core.RuleFiles;
import kinesia.core.arm.LoadCurve;
import kinesia.core.arm.LoadCurve.Sample;
import kinesia.core.dose.ClientStrength;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** What mechanics say of the entries for homes, wheelchairs and sore grips: where they are hard, and what they spare. */
class GrownCatalogueTest {
    private static final ExerciseModel MODEL = RuleFiles.model();
    private static final Catalogue CATALOGUE = MODEL.catalogue();
    private static final Body BODY = Body.ANYBODY;
    private static final ElbowStrength STRENGTH = ClientStrength.ofAnybody(MODEL, BODY);

    private static LoadCurve curve(String key) {
        Exercise exercise = CATALOGUE.get(key);
        return MODEL.curve(exercise, BODY, MODEL.equalEffortLoad(exercise, BODY, STRENGTH));
    }

    private static double stress(String key, Site site) {
        Map<Site, Double> all = MODEL.stress(CATALOGUE.get(key), BODY, STRENGTH);
        return all.getOrDefault(site, 0.0);
    }

    private static double hardestAt(String key) {
        List<Sample> samples = curve(key).samples();
        ToDoubleFunction<Sample> demand = s -> Math.abs(s.load().elbowDemandNm());
        return samples.stream()
                .max(java.util.Comparator.comparingDouble(demand))
                .orElseThrow()
                .progress();
    }

    @Test
    void the_catalogue_has_at_least_165_entries_that_a_trainer_can_tell_apart() {
        assertThat(CATALOGUE.all()).hasSizeGreaterThanOrEqualTo(165);
        assertThat(CATALOGUE.all()).extracting(Exercise::name).doesNotHaveDuplicates();
        // Nothing that moves, is held and is loaded exactly alike stands twice.
        assertThat(CATALOGUE.all())
                .filteredOn(e -> e.isModelled() && e.role() == Role.MAIN)
                .extracting(e -> List.of(
                        e.movement(),
                        e.implement(),
                        e.grip(),
                        e.stance(),
                        e.arms(),
                        e.resistance(),
                        e.equipment(),
                        e.traits(),
                        e.tempo()))
                .doesNotHaveDuplicates();
    }

    /** A weight is hardest where the forearm is level: early on a table or a chair's back, late in a kickback. */
    @ParameterizedTest
    @CsvSource({
        "table-curl, 0, 0.4",
        "chair-back-curl, 0, 0.4",
        "incline-pad-curl, 0, 0.4",
        "lowering-curl, 0.5, 0.8",
        "all-fours-kickback, 0.9, 1",
        "seated-kickback, 0.9, 1",
        "foot-band-kickback, 0.9, 1",
        "seated-band-kickback, 0.9, 1",
        "standing-overhead-extension, 0, 0.3"
    })
    void each_is_hard_where_mechanics_say(String key, double from, double to) {
        assertThat(hardestAt(key)).as(key).isBetween(from, to);
    }

    @ParameterizedTest
    @ValueSource(strings = {"palm-up-pull-down", "band-pull-down", "strap-row", "strap-curl"})
    void a_pull_bends_the_elbow_all_the_way(String key) {
        assertThat(curve(key).samples()).allMatch(s -> s.load().elbowDemandNm() > 0);
    }

    @ParameterizedTest
    @ValueSource(strings = {"strap-extension", "machine-extension", "rope-lying-extension", "floor-band-extension"})
    void a_push_straightens_it_all_the_way(String key) {
        assertThat(curve(key).samples()).allMatch(s -> s.load().elbowDemandNm() < 0);
    }

    @Test
    void what_does_not_move_asks_the_same_all_along_and_is_pushed_as_hard_as_is_said() {
        for (Exercise hold : CATALOGUE.all()) {
            if (hold.implement() == Implement.FIXED) {
                LoadCurve curve = curve(hold.key());
                assertThat(curve.evenness()).as(hold.key()).isGreaterThan(0.999);
                assertThat(ExerciseModel.askedShare(curve, STRENGTH))
                        .as(hold.key())
                        .isBetween(0.97, 1.03);
                assertThat(hold.tempo().holdS()).as(hold.key()).isBetween(10, 45);
            }
        }
    }

    /** On fists or handles the wrist holds about half of what it does on the flat hand (coaching experience, no source). */
    @ParameterizedTest
    @CsvSource({
        "wall-fist-push-up, wall-push-up",
        "table-fist-push-up, table-push-up",
        "knee-handle-push-up, knee-push-up",
        "floor-handle-push-up, floor-push-up"
    })
    void fists_and_handles_take_half_off_the_wrist(String straight, String flat) {
        assertThat(stress(straight, Site.WRIST) / stress(flat, Site.WRIST)).isBetween(0.4, 0.65);
        assertThat(CATALOGUE.get(straight).isOnFlatHands()).isFalse();
        assertThat(CATALOGUE.get(flat).isOnFlatHands()).isTrue();
    }

    @Test
    void a_cuff_asks_no_grip_and_a_support_spares_the_shoulder() {
        for (String key :
                List.of("cuffed-cable-curl", "cuffed-press-down", "wrapped-band-curl", "seated-band-kickback")) {
            assertThat(stress(key, Site.OUTER_ELBOW)).as(key).isLessThan(0.3);
        }
        for (String key :
                List.of("chair-back-curl", "table-curl", "thigh-band-curl", "pad-cable-curl", "machine-extension")) {
            assertThat(stress(key, Site.FRONT_OF_SHOULDER)).as(key).isLessThan(0.35);
        }
    }

    @Test
    void what_the_model_has_no_joint_for_carries_no_number() {
        List<Exercise> without =
                CATALOGUE.all().stream().filter(e -> !e.isModelled()).toList();
        assertThat(without).extracting(Exercise::key).contains("wrist-back-lowering", "hammer-turn", "finger-spread");
        assertThat(without).allSatisfy(e -> {
            assertThat(e.role()).isEqualTo(Role.CARE);
            assertThat(e.stimulus()).isEmpty();
            assertThat(MODEL.stress(e, BODY, STRENGTH)).isEmpty();
            assertThat(e.traits().unmodelled()).isNotNull();
        });
    }

    @Test
    void lowering_alone_is_kept_for_whoever_pins_it() {
        for (String key : List.of("lowering-curl", "lowering-press-down")) {
            Exercise lowering = CATALOGUE.get(key);
            assertThat(lowering.traits().risky()).isTrue();
            assertThat(lowering.traits().safer()).isNotNull();
            assertThat(lowering.tempo().downS()).isGreaterThanOrEqualTo(5);
        }
    }
}
