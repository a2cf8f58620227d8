package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The orders of the trade at equal effort. Common practice, no source. */
class StressOrderTest {
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final ExerciseModel MODEL = RuleFiles.model();

    private static double stress(String key, Site site) {
        return MODEL.stress(MODEL.catalogue().get(key), BODY).get(site);
    }

    @ParameterizedTest(name = "{0}: {1} < {2}")
    @CsvSource({
        "FRONT_OF_SHOULDER, drag-curl, seated-curl",
        "FRONT_OF_SHOULDER, seated-curl, incline-curl",
        "FRONT_OF_SHOULDER, drag-curl, standing-curl",
        "FRONT_OF_SHOULDER, standing-curl, incline-curl",
        "FRONT_OF_SHOULDER, drag-curl, incline-curl",
        "FRONT_OF_SHOULDER, steep-incline-curl, incline-curl",
        "CROOK_OF_ELBOW, standing-curl, sloped-pad-full-curl",
        "OUTER_ELBOW, standing-curl, standing-hammer-curl",
        "OUTER_ELBOW, standing-hammer-curl, palm-down-dumbbell-curl",
        "INNER_ELBOW, standing-curl, bar-curl",
        "OUTER_ELBOW, seated-curl, seated-hammer-curl",
        "OUTER_ELBOW, seated-hammer-curl, palm-down-curl",
        "INNER_ELBOW, seated-curl, bar-curl",
        "CROOK_OF_ELBOW, seated-hammer-curl, sloped-pad-curl",
        "BACK_OF_ELBOW, rope-press-down, lying-extension",
        "BACK_OF_ELBOW, lying-extension, overhead-extension",
        "TOP_OUTER_SHOULDER, rope-press-down, lying-extension",
        "TOP_OUTER_SHOULDER, supported-kickback, lying-extension",
        "TOP_OUTER_SHOULDER, lying-extension, overhead-extension",
        "CROOK_OF_ELBOW, seated-curl, sloped-pad-full-curl",
        "CROOK_OF_ELBOW, sloped-pad-curl, sloped-pad-full-curl",
        "BACK_OF_ELBOW, chin-line-press, lying-extension",
        "WRIST, close-bar-press, narrow-bar-press",
        "TOP_JOINT_OF_SHOULDER, close-floor-press, bench-dip",
        "FRONT_OF_SHOULDER, close-floor-press, bench-dip",
        "WRIST, seated-curl, bar-curl"
    })
    void easier_comes_before_harder(Site site, String easier, String harder) {
        assertThat(stress(easier, site)).isLessThan(stress(harder, site));
    }

    @Test
    void the_reference_of_a_site_is_one() {
        assertThat(stress("seated-curl", Site.CROOK_OF_ELBOW)).isCloseTo(1, within(1e-6));
        assertThat(stress("rope-press-down", Site.BACK_OF_ELBOW)).isCloseTo(1, within(1e-6));
    }

    @Test
    void every_exercise_works_the_group_that_it_is_for() {
        for (Exercise exercise : MODEL.catalogue().all()) {
            if (!exercise.role().trainsTheArm()) {
                continue;
            }
            double load = MODEL.equalEffortLoad(exercise, BODY);
            double mean = MODEL.curve(exercise, BODY, load).samples().stream()
                    .mapToDouble(sample -> sample.load().elbowDemandNm())
                    .average()
                    .orElseThrow();
            assertThat(Math.signum(mean)).as(exercise.key()).isEqualTo(exercise.group() == Head.Group.FLEXORS ? 1 : -1);
        }
    }

    @Test
    void equal_effort_means_the_same_peak_at_the_elbow() {
        Exercise curl = MODEL.catalogue().get("cable-curl");
        double load = MODEL.equalEffortLoad(curl, BODY);
        assertThat(Math.abs(MODEL.curve(curl, BODY, load).summary().peakDemandNm()))
                .isCloseTo(20, within(0.2));
    }

    @Test
    void a_kickback_loads_late_and_a_sloped_pad_early() {
        // Mechanics: a kickback loads most where the muscle is short; a sloped pad near its longest.
        Exercise kickback = MODEL.catalogue().get("supported-kickback");
        Exercise pad = MODEL.catalogue().get("sloped-pad-curl");
        assertThat(MODEL.curve(kickback, BODY, 4).summary().profile())
                .isEqualTo(kinesia.core.arm.LoadCurve.Profile.LATE);
        assertThat(MODEL.curve(pad, BODY, 4).summary().profile()).isEqualTo(kinesia.core.arm.LoadCurve.Profile.EARLY);
    }
}
