package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.HashMap;
import java.util.Map;
import kinesia.core.RuleFiles;
import org.junit.jupiter.api.Test;

class PressLineTest {
    /** Whoever leans on the hands or presses a load away pushes along the forearm: common practice, no source. */
    @Test
    void push_ups_dips_and_close_presses_push_along_the_forearm() {
        int pressed = 0;
        for (Exercise e : RuleFiles.model().catalogue().all()) {
            boolean meantToBend = e.movementFamily().equals("chin-line-press") || e.role() == Role.COMPANION;
            if ((e.isCalled("press") || e.isCalled("dip")) && !meantToBend) {
                pressed++;
                boolean inside = e.key().equals("narrow-bar-press") || e.key().equals("close-hand-push-up");
                assertThat(PressLine.worstDeg(e)).as(e.key()).isLessThan(inside ? 28 : 19);
            }
        }
        assertThat(pressed).isGreaterThan(15);
    }

    @Test
    void a_forearm_that_lies_across_is_refused_with_its_line() {
        Map<String, String> texts = new HashMap<>(RuleFiles.catalogue());
        texts.computeIfPresent(
                "dips-and-push-ups.yaml",
                (file, text) -> text.replace("pivot: feet, tilt: 10", "pivot: feet, tilt: 25"));
        assertThatThrownBy(() -> Catalogue.parse(texts))
                .hasMessageContaining("dips-and-push-ups.yaml")
                .hasMessageContaining("leaves the line of push by 25 degrees");
    }
}
