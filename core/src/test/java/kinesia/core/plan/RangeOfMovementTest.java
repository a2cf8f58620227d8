package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import kinesia.core.RuleFiles;
import kinesia.core.arm.Movement;
import kinesia.core.arm.Pose;
import org.junit.jupiter.api.Test;

class RangeOfMovementTest {
    private static final Movement CURL = Movement.between(new Pose(0, 0, 90, 0, 0, 0), new Pose(0, 0, 90, 0, 0, 140));

    private static double bend(Movement movement, double progress) {
        return movement.at(progress).elbowFlexionDeg();
    }

    @Test
    void a_movement_inside_the_allowed_bends_stays_as_it_is() {
        assertThat(RangeOfMovement.within(CURL, -15, 160)).contains(CURL);
    }

    @Test
    void a_movement_is_cut_at_both_ends_and_still_runs_from_start_to_end() {
        Movement cut = RangeOfMovement.within(CURL, 30, 120).orElseThrow();
        assertThat(bend(cut, 0)).isCloseTo(30, within(0.2));
        assertThat(bend(cut, 1)).isCloseTo(120, within(0.2));
        assertThat(cut.keyframes().get(0).progress()).isZero();
        assertThat(cut.keyframes().get(cut.keyframes().size() - 1).progress()).isEqualTo(1);
    }

    @Test
    void an_extension_is_cut_at_its_deep_end_where_it_starts() {
        Movement extension =
                RuleFiles.model().catalogue().get("lying-extension").movement();
        Movement cut = RangeOfMovement.within(extension, -15, 90).orElseThrow();
        assertThat(bend(cut, 0)).isCloseTo(90, within(0.2)).isLessThanOrEqualTo(90 + 1e-6);
        assertThat(bend(cut, 1)).isEqualTo(bend(extension, 1));
    }

    @Test
    void what_would_keep_less_than_half_of_its_bend_is_left_out() {
        assertThat(RangeOfMovement.within(CURL, -15, 75)).isPresent();
        assertThat(RangeOfMovement.within(CURL, -15, 65)).isEmpty();
        assertThat(RangeOfMovement.within(CURL, 150, 160)).isEmpty();
    }
}
