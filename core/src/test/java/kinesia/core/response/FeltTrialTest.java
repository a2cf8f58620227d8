package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.response.FeltTrial.Felt;
import kinesia.core.response.FeltTrial.Hardest;
import org.junit.jupiter.api.Test;

class FeltTrialTest {
    private static FeltTrial trial(int first, int second) {
        return new FeltTrial(
                Site.BACK_OF_ELBOW,
                new Felt("rope-press-down", 5, first, 6, Hardest.END),
                new Felt("lying-extension", 3, second, 4, Hardest.START));
    }

    @Test
    void two_points_apart_names_the_easier_one() {
        // Farrar et al. 2001, quoted from memory: two points on 0 to 10 is the smallest change worth calling one.
        assertThat(trial(1, 3).says("Press-down", "Lying").exact())
                .startsWith("Press-down was easier on the back of elbow by 2 points")
                .contains("the muscle felt more in Press-down");
        assertThat(trial(4, 0).says("Press-down", "Lying").exact()).startsWith("Lying was easier");
    }

    @Test
    void one_point_apart_cannot_be_told_apart() {
        assertThat(trial(2, 3).says("Press-down", "Lying").exact()).contains("cannot tell the two apart (2 and 3)");
    }

    @Test
    void impossible_ratings_and_a_trial_against_itself_are_refused() {
        assertThatThrownBy(() -> new Felt("a", 5, 11, 0, Hardest.EVEN))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("joint"));
        assertThatThrownBy(() -> new Felt("a", -1, 0, 0, Hardest.EVEN))
                .isInstanceOfSatisfying(
                        InvalidValue.class, e -> assertThat(e.field()).isEqualTo("loadKg"));
        Felt same = new Felt("a", 1, 0, 0, Hardest.EVEN);
        assertThatThrownBy(() -> new FeltTrial(Site.WRIST, same, same)).hasMessageContaining("another exercise");
    }
}
