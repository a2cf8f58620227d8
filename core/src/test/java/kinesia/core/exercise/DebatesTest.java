package kinesia.core.exercise;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import kinesia.core.RuleFiles;
import org.junit.jupiter.api.Test;

class DebatesTest {
    private static final Catalogue CATALOGUE = RuleFiles.model().catalogue();
    private static final Debates DEBATES = Debates.parse("debates.yaml", RuleFiles.text("debates.yaml"), CATALOGUE);

    private static List<String> asked(String key) {
        return DEBATES.about(CATALOGUE.get(key)).stream()
                .map(Debates.Debate::question)
                .toList();
    }

    @Test
    void what_a_trainer_asks_of_an_exercise_is_said_with_it() {
        assertThat(asked("rope-press-down"))
                .anyMatch(q -> q.contains("Which head"))
                .anyMatch(q -> q.contains("softly"));
        assertThat(asked("supported-kickback")).anyMatch(q -> q.contains("kickback"));
        assertThat(asked("concentration-curl")).anyMatch(q -> q.contains("peak"));
        assertThat(asked("close-hand-curl")).anyMatch(q -> q.contains("close or wide"));
        assertThat(asked("close-bar-press")).anyMatch(q -> q.contains("grip of a close press"));
        assertThat(asked("seated-curl")).isEmpty();
    }

    @Test
    void a_name_that_the_catalogue_does_not_have_is_refused_with_its_line() {
        String wrong = RuleFiles.text("debates.yaml").replace("about: [kickback]", "about: [kickbak]");
        assertThatThrownBy(() -> Debates.parse("debates.yaml", wrong, CATALOGUE))
                .hasMessageMatching("debates.yaml:\\d+: .*kickbak.*");
    }
}
