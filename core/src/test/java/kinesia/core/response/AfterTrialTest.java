package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.dose.ReachableLoads;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.Carryover;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

/** What a visit with trial sets leaves for the next one (RULES 4). */
class AfterTrialTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);
    private static final ReachableLoads LOADS = new ReachableLoads(
            Stream.of(2, 3, 4, 5, 6, 8).map(kg -> Load.ofKg(kg)).toList());

    private static Carryover after(LoggedSet... sets) {
        Exercise curl = RuleFiles.model().catalogue().get("seated-curl");
        Slot slot = new Slot(
                curl.key(),
                curl.name(),
                curl.group(),
                curl.arms(),
                curl.movement(),
                sets.length,
                new Exercise.RepRange(8, 12),
                Load.ofKg(4),
                true,
                Effort.of(7.5),
                curl.tempo(),
                Map.of(),
                Map.of());
        return AfterTrial.of(new ExerciseLog(List.of(new Done(0, slot, List.of(sets)))), LOADS);
    }

    private static LoggedSet set(int number, double kg, int reps, double effort) {
        return new LoggedSet(
                DAY, "seated-curl", null, number, Load.ofKg(kg), reps, Effort.of(effort), PainScore.NONE, null, null);
    }

    @Test
    void a_load_that_was_found_is_judged_by_the_sets_that_followed_and_no_more_as_a_trial() {
        Carryover right = after(set(1, 4, 8, 4), set(2, 5, 8, 5.5), set(3, 4, 12, 8));
        assertThat(right.trial()).isFalse();
        assertThat(right.load().kg()).isEqualTo(4);
        assertThat(right.reason().exact())
                .isEqualTo(
                        "4 kg was found by trial sets, and 12 repetitions with it felt like 8: it is the load to work with.");
        Carryover tooMuch = after(set(1, 4, 8, 4), set(2, 5, 8, 5.5), set(3, 4, 12, 9.5));
        assertThat(tooMuch.load().kg()).isEqualTo(3);
        assertThat(tooMuch.reason().ruleId()).isEqualTo("LOAD-too-hard");
        Carryover shortOf = after(set(1, 4, 8, 5.5), set(2, 4, 6, 8));
        assertThat(shortOf.load().kg()).as("6 of at least 8").isEqualTo(3);
    }

    @Test
    void a_load_found_by_the_last_set_is_carried_to_the_repetitions_of_the_plan() {
        Carryover found = after(set(1, 5, 8, 7), set(2, 4, 8, 5.5));
        assertThat(found.trial()).isFalse();
        assertThat(found.load().kg()).as("3.8 kg rounded down").isEqualTo(3);
        assertThat(found.reason().exact()).contains("felt like 5.5", "for 12 repetitions that makes 3 kg");
    }

    @Test
    void the_search_goes_on_at_the_next_visit_and_ends_with_the_third_set() {
        Carryover sought = after(set(1, 3, 8, 3), set(2, 4, 8, 4));
        assertThat(sought.trial()).isTrue();
        assertThat(sought.load().kg()).as("a quarter more").isEqualTo(5);
        Carryover over = after(set(1, 3, 8, 3), set(2, 4, 8, 4), set(3, 5, 8, 4.5));
        assertThat(over.trial()).isFalse();
        assertThat(over.load().kg()).isEqualTo(5);
        assertThat(over.reason().exact())
                .isEqualTo("After 3 trial sets, the last of which felt like 4.5, 5 kg is the load to work with.");
        Carryover between = after(set(1, 4, 8, 3), set(2, 6, 8, 7.5));
        assertThat(between.trial()).as("4 kg would be next, and was tried").isFalse();
        // 8 with 2.5 in reserve are 10.5 to failure, 12 at 7.5 are 14.5: 6 kg become 5.5.
        assertThat(between.load().kg()).isEqualTo(5);
        assertThat(between.reason().exact())
                .isEqualTo("4 kg felt like 3 and 6 kg felt like 7.5: 5 kg is the load to work with.");
    }
}
