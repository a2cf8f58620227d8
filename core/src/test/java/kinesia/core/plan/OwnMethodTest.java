package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import kinesia.core.RuleFiles;
import kinesia.core.exercise.Catalogue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A method that a room wrote is read as the house's are; what is wrong is named with its line. */
class OwnMethodTest {
    private static final String OWN = """
            key: own-way
            name: Own way
            what: a curl
            near: []
            sections:
              - as: straight
                rounds: [1, 2]
                picks:
                  - {for: flexors, count: [1, 1], movements: [turning-curl]}
            """;
    private static final Catalogue CATALOGUE = RuleFiles.model().catalogue();

    private static Methods with(String text) {
        return RuleFiles.methods().with("own", text, CATALOGUE);
    }

    @Test
    void it_stands_beside_the_houses() {
        Methods all = with(OWN);
        assertThat(all.find("own-way")).isPresent();
        assertThat(all.all()).hasSize(RuleFiles.methods().all().size() + 1);
        assertThatThrownBy(() -> all.with("own", OWN, CATALOGUE))
                .hasMessageContaining("own:1: method 'own-way' stands twice");
    }

    @ParameterizedTest(name = "{0} for {1}: {2}")
    @CsvSource(
            delimiter = '|',
            value = {
                "rounds: [1, 2] | rounds: [1, 99] | at most 8",
                "as: straight | as: sideways | own:6",
                "[turning-curl] | [flying] | own:9",
                "near: [] | near: [nowhere] | own:4",
                "key: own-way | key: Own Way! | own:1: a key is",
                "what: a curl | wat: a curl | unknown field 'wat'",
                "sections: | sections: [ | own:"
            })
    void what_is_wrong_is_refused_where_it_stands(String right, String wrong, String said) {
        assertThatThrownBy(() -> with(OWN.replace(right, wrong)))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(said);
    }
}
