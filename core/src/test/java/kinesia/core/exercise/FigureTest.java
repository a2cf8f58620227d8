package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
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
                assertThat(f.elbow().minus(f.shoulder()).norm())
                        .as(exercise.key())
                        .isCloseTo(BODY.arm().upperArmLengthM(), within(1e-9));
                assertThat(f.grip().minus(f.elbow()).norm())
                        .isCloseTo(BODY.arm().gripDistanceM(), within(1e-9));
                assertThat(f.hip().minus(middle(f)).norm()).isCloseTo(0.288 * 1.66, within(1e-9));
                assertThat(f.otherElbow().minus(f.otherShoulder()).norm())
                        .isCloseTo(BODY.arm().upperArmLengthM(), within(1e-9));
            }
        }
    }

    private static Vec3 middle(Figure.Frame f) {
        return Vec3.mix(f.shoulder(), 0.5, f.otherShoulder(), 0.5);
    }

    @Test
    void nobody_sinks_into_the_floor_and_every_post_stands_on_it() {
        for (Exercise exercise : MODEL.catalogue().all()) {
            Figure figure = figure(exercise.key());
            for (Figure.Frame f : figure.frames()) {
                for (Vec3 p : java.util.stream.Stream.of(
                                List.of(f.elbow(), f.grip(), f.hip(), f.otherElbow(), f.otherGrip()),
                                f.leg(),
                                f.otherLeg())
                        .flatMap(List::stream)
                        .toList()) {
                    assertThat(p.y()).as(exercise.key()).isGreaterThan(figure.floorY() - 0.03);
                }
            }
            assertThat(figure.props().stream().filter(p -> p.kind() == Figure.PropKind.POST))
                    .as(exercise.key())
                    .allSatisfy(p -> assertThat(p.points().get(1).y()).isCloseTo(figure.floorY(), within(1e-9)));
        }
    }

    @Test
    void hands_that_carry_the_body_stay_where_they_are() {
        for (String key : List.of("floor-push-up", "wall-push-up", "bench-dip", "ring-dip")) {
            List<Figure.Frame> frames = figure(key).frames();
            assertThat(frames)
                    .allSatisfy(
                            f -> assertThat(f.grip().minus(frames.get(0).grip()).norm())
                                    .isLessThan(1e-9));
        }
        // In a push-up the feet stay too: the body turns about them.
        for (String key : List.of("floor-push-up", "bench-push-up", "knee-push-up", "wall-push-up")) {
            List<Figure.Frame> frames = figure(key).frames();
            int pivot = key.startsWith("knee") ? 1 : 2;
            Vec3 foot = frames.get(0).leg().get(pivot);
            assertThat(frames)
                    .as(key)
                    .allSatisfy(f ->
                            assertThat(f.leg().get(pivot).minus(foot).norm()).isLessThan(0.08));
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
