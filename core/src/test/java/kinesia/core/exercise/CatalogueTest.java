package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import kinesia.core.RuleFiles;
import org.junit.jupiter.api.Test;

class CatalogueTest {
    private final String shipped = RuleFiles.text("exercises/curls.yaml");

    private static Catalogue parse(String text) {
        return Catalogue.parse(Map.of("curls.yaml", text));
    }

    @Test
    void the_shipped_catalogue_reads_and_covers_every_head() {
        Catalogue catalogue = RuleFiles.model().catalogue();
        assertThat(catalogue.all()).hasSizeGreaterThanOrEqualTo(100);
        for (Head head : Head.values()) {
            assertThat(catalogue.all())
                    .as(head.words())
                    .anyMatch(e -> e.stimulus().containsKey(head));
        }
        assertThat(catalogue.all()).allSatisfy(e -> {
            assertThat(e.guidance().cues()).isNotEmpty();
            assertThat(e.guidance().setUp()).isNotEmpty();
            assertThat(e.guidance().faults()).isNotEmpty();
            assertThat(e.guidance().landmark()).isNotBlank();
        });
    }

    @Test
    void an_unknown_field_is_refused_with_its_line() {
        String broken = shipped.replaceFirst("    breathing:", "    breething:");
        assertThatThrownBy(() -> parse(broken)).hasMessageMatching("curls\\.yaml:\\d+: unknown field 'breething'.*");
    }

    @Test
    void a_share_over_one_and_an_impossible_angle_are_refused() {
        assertThatThrownBy(() -> parse(shipped.replaceFirst("biceps-long-head: 0.9", "biceps-long-head: 1.9")))
                .hasMessageContaining("is not from 0 to 1 of a set");
        assertThatThrownBy(() -> parse(shipped.replaceFirst("0, 5\\]", "0, 500]")))
                .hasMessageContaining("from -15 to 160");
    }

    @Test
    void a_key_may_stand_only_once() {
        assertThatThrownBy(() -> parse(shipped.replace("key: drag-curl", "key: incline-curl")))
                .hasMessageContaining("stands twice");
    }
}
