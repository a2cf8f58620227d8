package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.Plan;
import kinesia.core.plan.Plan.Slot;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class StartingArmTest {
    private static LoggedSet set(@Nullable Side side, int number, int reps, double kg) {
        return new LoggedSet(
                LocalDate.of(2026, 3, 2),
                "concentration-curl",
                side,
                number,
                Load.ofKg(kg),
                reps,
                Effort.of(7),
                PainScore.NONE,
                null,
                null);
    }

    @Test
    void the_arms_begin_in_turn_from_visit_to_visit() {
        assertThat(StartingArm.after(List.of(set(Side.RIGHT, 1, 10, 5), set(Side.LEFT, 1, 10, 5))))
                .isEqualTo(Side.LEFT);
        assertThat(StartingArm.after(List.of(set(Side.LEFT, 1, 10, 5), set(Side.RIGHT, 1, 11, 5))))
                .isEqualTo(Side.RIGHT);
        assertThat(StartingArm.after(List.of(set(null, 1, 10, 5)))).isEqualTo(Side.RIGHT);
        assertThat(StartingArm.after(List.of())).isEqualTo(Side.RIGHT);
    }

    @Test
    void the_weaker_arm_leads_from_two_repetitions_on() {
        assertThat(StartingArm.after(List.of(set(Side.LEFT, 1, 8, 5), set(Side.RIGHT, 1, 10, 5))))
                .isEqualTo(Side.LEFT);
        assertThat(StartingArm.after(List.of(set(Side.LEFT, 1, 9, 5), set(Side.RIGHT, 1, 10, 5))))
                .isEqualTo(Side.RIGHT);
        // Another load says nothing.
        assertThat(StartingArm.after(List.of(set(Side.LEFT, 1, 8, 6), set(Side.RIGHT, 1, 10, 5))))
                .isEqualTo(Side.RIGHT);
    }

    private static Slot slot(Exercise.Arms arms, double leftKg) {
        Exercise curl = RuleFiles.model().catalogue().get("concentration-curl");
        Exercise.RepRange reps = new Exercise.RepRange(8, 12);
        Map<Side, Plan.SideDose> sides = new EnumMap<>(Side.class);
        sides.put(Side.LEFT, new Plan.SideDose(curl.movement(), reps, Load.ofKg(leftKg), Effort.of(7)));
        sides.put(Side.RIGHT, new Plan.SideDose(curl.movement(), reps, Load.ofKg(6), Effort.of(7)));
        return new Slot(
                curl.key(),
                curl.name(),
                curl.group(),
                arms,
                curl.movement(),
                3,
                reps,
                reps,
                List.of(),
                0,
                Load.ofKg(6),
                1,
                false,
                Effort.of(7),
                curl.tempo(),
                Map.of(),
                sides,
                Map.of(),
                null);
    }

    @Test
    void in_an_exercise_with_a_load_for_each_arm_the_weaker_one_begins() {
        assertThat(StartingArm.ofSets(slot(Exercise.Arms.IN_TURN, 5), Side.RIGHT))
                .containsExactly(Side.LEFT, Side.LEFT, Side.LEFT);
        assertThat(StartingArm.ofSets(slot(Exercise.Arms.IN_TURN, 7), Side.LEFT))
                .containsExactly(Side.RIGHT, Side.RIGHT, Side.RIGHT);
        assertThat(StartingArm.ofSets(slot(Exercise.Arms.IN_TURN, 6), Side.LEFT))
                .containsExactly(Side.LEFT, Side.LEFT, Side.LEFT);
    }

    @Test
    void arms_that_change_at_every_repetition_begin_set_by_set_in_turn() {
        assertThat(StartingArm.ofSets(slot(Exercise.Arms.ALTERNATING, 6), Side.LEFT))
                .containsExactly(Side.LEFT, Side.RIGHT, Side.LEFT);
        assertThat(StartingArm.ofSets(slot(Exercise.Arms.TOGETHER, 6), Side.LEFT))
                .isEmpty();
    }
}
