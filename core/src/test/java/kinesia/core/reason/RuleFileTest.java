package kinesia.core.reason;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

class RuleFileTest {
    private static final String TEXT = """
            rules:
              - name: first
                value: 2.5
                tag: pub
              - name: second
                value: many
                tag: hearsay
            """;

    private static RuleFile rule(int i) {
        return RuleFile.parse("rules.yaml", TEXT).at("rules").items().get(i);
    }

    @Test
    void values_are_read_by_name() {
        assertThat(rule(0).at("name").text()).isEqualTo("first");
        assertThat(rule(0).at("value").number()).isEqualTo(2.5);
        assertThat(rule(0).at("tag").choice(Tag.class)).isEqualTo(Tag.PUB);
        assertThat(rule(0).find("nothing")).isEmpty();
    }

    @Test
    void every_error_names_the_file_and_the_line() {
        assertThatThrownBy(() -> rule(0).at("nothing")).hasMessage("rules.yaml:2: missing field 'nothing'");
        assertThatThrownBy(() -> rule(1).at("value").number()).hasMessage("rules.yaml:6: 'many' is not a number");
        assertThatThrownBy(() -> rule(1).at("tag").choice(Tag.class))
                .hasMessage("rules.yaml:7: 'hearsay' is not one of [pub, practice, physics, house]");
        assertThatThrownBy(() -> rule(0).onlyKeys("name", "value"))
                .hasMessage("rules.yaml:2: unknown field 'tag', known are [name, value]");
        assertThatThrownBy(() -> rule(0).at("value").whole()).hasMessage("rules.yaml:3: '2.5' is not a whole number");
        assertThatThrownBy(() -> rule(0).at("name").items()).hasMessage("rules.yaml:2: expected a list");
        assertThatThrownBy(() -> RuleFile.parse("twice.yaml", "a: 1\na: 2").at("a"))
                .hasMessageContaining("field 'a' stands twice");
        assertThatThrownBy(() -> RuleFile.parse("empty.yaml", "")).hasMessage("empty.yaml: empty");
    }

    @Test
    void a_reason_keeps_its_inputs_in_the_order_they_were_compared() {
        Reason reason = Reason.of("RULE", Tag.HOUSE, "over 5", "exact", "plain")
                .with("usual", 2)
                .with("during", 6.50)
                .with("morning", "not answered");
        assertThat(reason.inputs())
                .containsExactly(
                        Map.entry("usual", "2"), Map.entry("during", "6.5"), Map.entry("morning", "not answered"));
        assertThatThrownBy(() -> reason.inputs().put("more", "1")).isInstanceOf(UnsupportedOperationException.class);
    }

    @Test
    void numbers_in_sentences_have_no_false_precision() {
        assertThat(Numbers.plain(2.0)).isEqualTo("2");
        assertThat(Numbers.plain(2.345)).isEqualTo("2.35");
        assertThat(Numbers.plain(-0.001)).isEqualTo("0");
        assertThat(Numbers.plain(1200.0)).isEqualTo("1200");
        assertThat(Numbers.plain(12.6, 0)).isEqualTo("13");
    }
}
