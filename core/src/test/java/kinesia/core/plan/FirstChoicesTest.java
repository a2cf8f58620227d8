package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Set;
import kinesia.core.RuleFiles;
import kinesia.core.dose.ClientStrength;
import kinesia.core.dose.FirstLoad;
import kinesia.core.exercise.Exercise;
import kinesia.core.exercise.Head;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Sixty written people against what the rules of the trade give them; see first-choices.yaml for the sources. */
class FirstChoicesTest {
    static List<FirstChoices.Written> people() {
        return FirstChoices.people();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("people")
    void the_first_three_of_each_side_of_the_arm_are_kind_and_none_is_what_provokes_it(FirstChoices.Written who) {
        for (Head.Group group : Head.Group.values()) {
            List<Atlas.Entry> first = who.first(group, 3);
            List<String> keys = first.stream().map(e -> e.exercise().key()).toList();
            Set<String> kind = who.oneOf(group);
            assertThat(keys)
                    .as(FirstChoices.worths(first).toString())
                    .hasSize(3)
                    .doesNotContainAnyElementsOf(who.never(group));
            assertThat(keys).as(FirstChoices.worths(first).toString()).anyMatch(kind::contains);
        }
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("people")
    void the_start_follows_the_arm_curl_norms_and_the_strength_curve(FirstChoices.Written who) {
        boolean sore = !who.person().moderatelySore().isEmpty();
        assertThat(ClientStrength.normCurlKg(who.person(), sore)).isCloseTo(who.curlKg(), within(0.01));
        Exercise lying = RuleFiles.model().catalogue().get("lying-extension");
        assertThat(FirstLoad.of(who.strength(), lying).kg()).isCloseTo(who.lyingExtensionKg(), within(0.03));
        Exercise curl = RuleFiles.model().catalogue().get("standing-curl");
        assertThat(FirstLoad.of(who.strength(), curl).kg()).isCloseTo(who.curlKg(), within(0.02));
    }
}
