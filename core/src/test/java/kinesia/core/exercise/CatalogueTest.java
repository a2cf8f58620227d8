package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import kinesia.core.RuleFiles;
import org.junit.jupiter.api.Test;

class CatalogueTest {
    private final String shipped = RuleFiles.text("exercises.yaml");

    @Test
    void the_shipped_catalogue_reads_and_covers_every_head() {
        Catalogue catalogue = Catalogue.parse("exercises.yaml", shipped);
        assertThat(catalogue.all()).hasSizeGreaterThanOrEqualTo(12);
        for (Head head : Head.values()) {
            assertThat(catalogue.all())
                    .as(head.words())
                    .anyMatch(e -> e.stimulus().containsKey(head));
        }
        assertThat(catalogue.all()).allSatisfy(e -> {
            assertThat(e.cues()).isNotEmpty();
            assertThat(e.setUp()).isNotEmpty();
            assertThat(e.faults()).isNotEmpty();
            assertThat(e.landmark()).isNotBlank();
        });
    }

    @Test
    void an_unknown_field_is_refused_with_its_line() {
        String broken = shipped.replaceFirst("    breathing:", "    breething:");
        assertThatThrownBy(() -> Catalogue.parse("exercises.yaml", broken))
                .hasMessageMatching("exercises\\.yaml:\\d+: unknown field 'breething'.*");
    }

    @Test
    void a_share_over_one_and_an_impossible_angle_are_refused() {
        assertThatThrownBy(() -> Catalogue.parse(
                        "x.yaml", shipped.replaceFirst("biceps-long-head: 0.9", "biceps-long-head: 1.9")))
                .hasMessageContaining("a share is from 0 to 1");
        assertThatThrownBy(() -> Catalogue.parse("x.yaml", shipped.replaceFirst("0, 5\\]", "0, 500]")))
                .hasMessageContaining("from -15 to 160");
    }

    @Test
    void a_key_may_stand_only_once() {
        assertThatThrownBy(() -> Catalogue.parse("x.yaml", shipped.replace("key: drag-curl", "key: incline-curl")))
                .hasMessageContaining("stands twice");
    }
}
