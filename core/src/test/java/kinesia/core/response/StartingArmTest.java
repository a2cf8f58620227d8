package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.dose.Effort;
import kinesia.core.dose.Load;
import kinesia.core.dose.LoggedSet;
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
}
