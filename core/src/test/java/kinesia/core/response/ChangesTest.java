package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Aspect;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.plan.Plan.Unit;
import kinesia.core.plan.Plan.WhyNot;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.response.Changes.Change;
import kinesia.core.response.Changes.Kind;
import org.junit.jupiter.api.Test;

class ChangesTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private static Reason reason(String id) {
        return Reason.of(id, Tag.HOUSE, "", id + " is why.", "Because.");
    }

    private static Slot slot(String key, double kg, int sets, int high, double effort) {
        Exercise e = RuleFiles.model().catalogue().get(key);
        Map<Aspect, Reason> why = new EnumMap<>(Aspect.class);
        for (Aspect aspect : Aspect.values()) {
            why.put(aspect, reason(aspect.name()));
        }
        return new Slot(
                key,
                e.name(),
                e.group(),
                e.arms(),
                e.movement(),
                sets,
                new Exercise.RepRange(8, high),
                Load.ofKg(kg),
                false,
                Effort.of(effort),
                e.tempo(),
                Map.of(),
                why);
    }

    private static Plan plan(int rest, List<WhyNot> whyNot, Slot... slots) {
        return new Plan(
                DAY,
                List.of(),
                List.of(new Unit("A", kinesia.core.plan.Method.Layout.PAIRS, 90, 10, 30, List.of(slots))),
                rest,
                reason("REST"),
                new Plan.Minutes(7, 20),
                whyNot,
                List.of());
    }

    @Test
    void the_same_plan_again_changed_nothing() {
        Plan plan = plan(90, List.of(), slot("seated-curl", 4, 2, 12, 7.5));
        assertThat(Changes.between(plan, plan)).isEmpty();
    }

    @Test
    void each_difference_carries_the_reason_of_its_own_aspect() {
        List<Change> changes = Changes.between(
                plan(90, List.of(), slot("seated-curl", 4, 2, 12, 7.5)),
                plan(85, List.of(), slot("seated-curl", 5, 3, 13, 6)));
        assertThat(changes)
                .extracting(Change::kind)
                .containsExactly(Kind.LOAD, Kind.SETS, Kind.REPS, Kind.EFFORT, Kind.REST);
        assertThat(changes)
                .extracting(c -> c.reason().ruleId())
                .containsExactly("LOAD", "SETS", "REPS", "EFFORT", "REST");
        assertThat(changes.get(0).from()).isEqualTo("4 kg");
        assertThat(changes.get(0).to()).isEqualTo("5 kg");
        assertThat(changes.get(2).to()).isEqualTo("8 to 13");
    }

    @Test
    void what_went_out_says_why_not_and_what_came_in_says_why() {
        WhyNot out = new WhyNot("lying-extension", "Lying dumbbell extension", true, List.of(reason("EASE-swap")));
        List<Change> changes = Changes.between(
                plan(90, List.of(), slot("lying-extension", 4, 2, 12, 7.5)),
                plan(90, List.of(out), slot("rope-press-down", 10, 2, 12, 7.5)));
        assertThat(changes).extracting(Change::kind).containsExactly(Kind.SWAPPED_OUT, Kind.SWAPPED_IN);
        assertThat(changes).extracting(c -> c.reason().ruleId()).containsExactly("EASE-swap", "CHOICE");
    }

    @Test
    void the_most_important_come_first_and_those_of_one_exercise_together() {
        List<Change> changes = Changes.between(
                plan(90, List.of(), slot("seated-curl", 4, 2, 12, 7.5), slot("rope-press-down", 10, 2, 12, 7.5)),
                plan(85, List.of(), slot("seated-curl", 4, 3, 12, 7.5), slot("rope-press-down", 12, 3, 12, 7.5)));
        assertThat(changes).extracting(Change::kind).containsExactly(Kind.LOAD, Kind.SETS, Kind.SETS, Kind.REST);
        assertThat(changes.get(0).exerciseName()).isEqualTo("Rope press-down");
        assertThat(changes.get(1).exerciseName()).isEqualTo("Rope press-down");
        assertThat(changes.get(2).exerciseName()).isEqualTo("Seated dumbbell curl, palm up");
    }
}
