package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import kinesia.core.RuleFiles;
import kinesia.core.arm.Sex;
import kinesia.core.arm.Vec3;
import org.junit.jupiter.api.Test;

class FigureTest {
    private static final Body BODY = new Body(Sex.FEMALE, 1.66, 68);
    private static final ExerciseModel MODEL = RuleFiles.model();

    private static Figure figure(String key) {
        return Figure.of(MODEL, MODEL.catalogue().get(key), BODY, 4);
    }

    @Test
    void limbs_keep_their_lengths_in_every_frame_of_every_exercise() {
        for (Exercise exercise : MODEL.catalogue().all()) {
            Figure figure = figure(exercise.key());
            assertThat(figure.frames()).hasSize(Figure.FRAMES);
            for (Figure.Frame f : figure.frames()) {
                assertThat(f.elbow().norm())
                        .as(exercise.key())
                        .isCloseTo(BODY.arm().upperArmLengthM(), within(1e-9));
                assertThat(f.grip().minus(f.elbow()).norm())
                        .isCloseTo(BODY.arm().gripDistanceM(), within(1e-9));
                assertThat(f.hip().norm()).isCloseTo(0.288 * 1.66, within(1e-9));
            }
        }
    }

    @Test
    void a_standing_client_is_upright_a_lying_one_level_and_the_elbow_hangs_in_a_curl() {
        Vec3 standing = figure("bar-curl").frames().get(0).hip();
        assertThat(standing.y()).isLessThan(-0.4);
        assertThat(standing.x()).isCloseTo(0, within(1e-9));
        Vec3 lying = figure("lying-extension").frames().get(0).hip();
        assertThat(lying.y()).isCloseTo(0, within(1e-9));
        assertThat(figure("seated-curl").frames().get(10).elbow().y()).isLessThan(-0.3);
    }

    @Test
    void only_cables_and_bands_have_an_anchor_and_the_peak_is_that_of_the_curve() {
        assertThat(figure("rope-press-down").anchor()).isNotNull();
        assertThat(figure("band-curl").anchor()).isNotNull();
        assertThat(figure("seated-curl").anchor()).isNull();
        Figure curl = figure("seated-curl");
        assertThat(curl.peakDemandNm())
                .isGreaterThanOrEqualTo(curl.frames().stream()
                                .mapToDouble(f -> Math.abs(f.demandNm()))
                                .max()
                                .orElseThrow()
                        - 1e-9);
        assertThat(curl.peakBendDeg()).isCloseTo(90, within(1.5));
    }
}
