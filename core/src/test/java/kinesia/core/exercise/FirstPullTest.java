package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import kinesia.core.RuleFiles;
import org.junit.jupiter.api.Test;

/** A band that slips or strikes the face is a fault of the trade (common practice, no source). */
class FirstPullTest {
    @Test
    void every_band_is_looked_at_before_its_first_pull_and_nothing_else() {
        for (Exercise exercise : RuleFiles.model().catalogue().all()) {
            boolean band = exercise.implement() == Implement.BAND;
            assertThat(FirstPull.check(exercise).isPresent()).as(exercise.key()).isEqualTo(band);
            boolean anchored = exercise.equipment().stream().anyMatch(t -> t.endsWith("anchor"));
            FirstPull.check(exercise)
                    .ifPresent(said -> assertThat(said.contains("anchor"))
                            .as(exercise.key())
                            .isEqualTo(anchored));
        }
    }
}
