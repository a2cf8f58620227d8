package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kinesia.core.dose.Load;
import org.junit.jupiter.api.Test;

/** Start loads of thirty first sessions: within a reachable step of what norms and strength curve give, or with the reason. */
class FirstSessionsTest {
    @Test
    void each_start_load_is_the_heaviest_there_is_under_what_is_right_or_says_that_it_is_a_little_heavy() {
        List<FirstSessions.Start> starts = FirstSessions.all();
        assertThat(starts).hasSizeGreaterThan(75);
        // Beside a load that is right, one that is a little heavy is rare.
        assertThat(starts.stream().filter(FirstSessionsTest::isALittleHeavy).count())
                .isLessThan(10);
        for (FirstSessions.Start start : starts) {
            if (start.first() == null) {
                continue;
            }
            String which = start.who().who() + ": " + start.slot().name();
            double right = start.first().kg();
            Load load = start.slot().load();
            boolean heavy = isALittleHeavy(start);
            assertThat(load.kg()).as(which).isLessThanOrEqualTo(right * (heavy ? 1.1 : 1.05) + 0.006);
            double lighter = start.slot().reps().high() > 14 ? 0.9 : 1;
            start.loads()
                    .above(load.kg())
                    .ifPresent(next ->
                            assertThat(next.kg()).as(which + ", the next load").isGreaterThan(right * lighter * 0.94));
        }
    }

    private static boolean isALittleHeavy(FirstSessions.Start start) {
        return start.slot().why().get(Plan.Aspect.LOAD).ruleId().equals("LOAD-a-little-heavy");
    }
}
