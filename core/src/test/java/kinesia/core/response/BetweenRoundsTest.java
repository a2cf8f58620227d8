package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.PulseAim;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.Method;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.response.BetweenRounds.Found;
import kinesia.core.response.BetweenRounds.Next;
import kinesia.core.response.BetweenRounds.RoundAdvice;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A pulse under the aim is answered with more weight or pace in the last round (common practice, no source). */
class BetweenRoundsTest {
    private static final Plan.Unit CIRCUIT = new Plan.Unit(
            "A",
            Method.Layout.CIRCUIT,
            50,
            10,
            30,
            List.of(station("seated-curl"), station("rope-press-down"), station("band-blade-row")));
    private static final PulseAim AIM = PulseAim.of(60, 70, false).orElseThrow();

    private static Slot station(String key) {
        Exercise e = RuleFiles.model().catalogue().get(key);
        return new Slot(
                key,
                e.name(),
                e.group(),
                e.arms(),
                e.movement(),
                3,
                new Exercise.RepRange(10, 10),
                Load.ofKg(4),
                false,
                Effort.of(7.5),
                e.tempo(),
                Map.of(),
                Map.of());
    }

    @ParameterizedTest(name = "after round {0} at {1}: {2}")
    @CsvSource({
        "1, 95, GO_ON",
        "2, 95, MORE",
        "1, 108, GO_ON",
        "2, 108, GO_ON",
        "2, 128, GO_ON",
        "2, 129, LESS",
        "1, 151, LESS",
        "1, 152, WAIT",
        "2, 170, WAIT"
    })
    void the_pulse_after_a_round_says_how_the_next_is_done(int round, int pulse, Next next) {
        assertThat(CIRCUIT.rounds()).isEqualTo(3);
        assertThat(after(new Found(round, pulse, null), AIM).next()).isEqualTo(next);
    }

    @ParameterizedTest(name = "effort {0}: {1}")
    @CsvSource({"4.5, MORE", "5.5, MORE", "6, GO_ON", "8.5, GO_ON", "9, LESS"})
    void where_the_pulse_says_nothing_effort_steers(double effort, Next next) {
        assertThat(after(new Found(2, 88, Effort.of(effort)), null).next()).isEqualTo(next);
    }

    @Test
    void where_a_place_is_sore_more_is_pace_and_never_weight() {
        RoundAdvice sore = BetweenRounds.after(CIRCUIT, new Found(2, 95, null), AIM, true);
        assertThat(sore.reason().exact()).contains("no more weight");
        assertThat(after(new Found(2, 95, null), AIM).reason().exact()).contains("weight or pace");
    }

    @Test
    void what_nobody_counted_or_said_changes_nothing() {
        assertThat(after(new Found(2, null, null), AIM).reason().ruleId()).isEqualTo("ROUND-unsaid");
        assertThat(after(new Found(2, null, null), null).next()).isEqualTo(Next.GO_ON);
    }

    private static RoundAdvice after(Found found, PulseAim aim) {
        return BetweenRounds.after(CIRCUIT, found, aim, false);
    }

    @Test
    void every_answer_is_one_sentence_with_what_was_found() {
        for (int pulse : List.of(80, 110, 140, 165)) {
            assertThat(after(new Found(1, pulse, null), AIM).reason().exact())
                    .startsWith("Pulse " + pulse + " against 108 to 128: ");
        }
    }
}
