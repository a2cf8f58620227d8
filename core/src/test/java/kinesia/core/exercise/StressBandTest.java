package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.Map;
import org.junit.jupiter.api.Test;

class StressBandTest {
    @Test
    void stress_is_said_against_the_reference_of_its_site() {
        Map<Site, Double> stress = new EnumMap<>(Site.class);
        stress.put(Site.WRIST, 1.0);
        stress.put(Site.OUTER_ELBOW, 0.35);
        stress.put(Site.BACK_OF_ELBOW, 1.9);
        Map<Site, String> words = StressBand.words(stress);
        assertThat(words).hasSize(Site.values().length);
        assertThat(words.get(Site.WRIST)).isEqualTo("usual");
        assertThat(words.get(Site.OUTER_ELBOW)).isEqualTo("very little");
        assertThat(words.get(Site.BACK_OF_ELBOW)).isEqualTo("much more");
        assertThat(words.get(Site.INNER_ELBOW)).isEqualTo("next to none");
    }

    @Test
    void a_head_counts_as_worked_from_a_real_share_on_the_most_worked_first() {
        assertThat(Head.worked(Map.of(Head.BRACHIORADIALIS, 0.29, Head.BRACHIALIS, 0.9, Head.BICEPS_LONG_HEAD, 0.3)))
                .containsExactly(Head.BRACHIALIS, Head.BICEPS_LONG_HEAD);
    }
}
