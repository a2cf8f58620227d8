package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.IntStream;
import kinesia.core.RuleFiles;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Exercise;
import kinesia.core.plan.Plan.Slot;
import org.junit.jupiter.api.Test;

/** RULES 7: on paper stands what is on the screen, over the slots of some hundred plans of every way of working. */
class SlotWordsTest {
    private static final int PLANS = 200;
    private static final Planner PLANNER = new Planner(RuleFiles.model(), RuleFiles.methods(), RuleFiles.careWork());

    @Test
    void every_slot_says_its_arm_load_sets_repetitions_effort_and_tempo() {
        AtomicInteger slots = new AtomicInteger();
        AtomicInteger ofOneArm = new AtomicInteger();
        IntStream.range(0, PLANS).parallel().forEach(seed -> {
            Plan plan =
                    PLANNER.plan(RandomClientsTest.somebody(new Random(seed))).plan();
            for (Slot slot : plan == null ? List.<Slot>of() : plan.slots()) {
                slots.incrementAndGet();
                String words = String.join("; ", SlotWords.of(slot));
                assertThat(words).contains(slot.sets() + (slot.sets() == 1 ? " set" : " sets"));
                for (Side side : slot.sides().keySet()) {
                    assertThat(words).contains(slot.of(side).load().label());
                    assertThat(slot.stationSeconds() > 0
                                    || !slot.setReps().isEmpty()
                                    || words.contains(
                                            String.valueOf(slot.of(side).reps().high())))
                            .as(words)
                            .isTrue();
                }
                slot.setReps()
                        .forEach(reps -> assertThat(slot.stationSeconds() > 0 || words.contains(reps + ""))
                                .as(words)
                                .isTrue());
                assertThat(words).contains(slot.load().label(), slot.tempo().downS() + " s down", "effort ");
                boolean turns = slot.arms() == Exercise.Arms.IN_TURN;
                if (turns && slot.sides().size() == 1) {
                    ofOneArm.incrementAndGet();
                    Side only = slot.sides().keySet().iterator().next();
                    assertThat(words)
                            .contains(only.word() + " arm only")
                            .doesNotContain(only.other().word());
                } else {
                    assertThat(words).contains(turns ? "each arm in turn" : "both arms together");
                }
            }
        });
        assertThat(slots.get()).isGreaterThan(PLANS);
        assertThat(ofOneArm.get()).isPositive();
    }
}
