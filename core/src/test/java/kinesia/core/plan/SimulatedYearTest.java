package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** A few weeks of a few of the invented clients of {@code ops/simulate-year}; the figures of the whole year stand in docs/decisions. */
class SimulatedYearTest {
    private static final long SEED = 20_261_200;
    private static final int WEEKS = 8;

    @Test
    void the_same_client_lives_through_the_same_weeks() {
        assertThat(SimulateYear.outcome(SEED, 3, SimulatedYear.Rule.KINESIA)
                        .year()
                        .records())
                .isEqualTo(SimulateYear.outcome(SEED, 3, SimulatedYear.Rule.KINESIA)
                        .year()
                        .records());
    }

    @Test
    void what_asks_most_is_mostly_known_and_fewer_visits_go_badly_than_with_a_fixed_rule() {
        List<SimulateYear.Outcome> own = outcomes(SimulatedYear.Rule.KINESIA);
        List<SimulateYear.Outcome> fixed = outcomes(SimulatedYear.Rule.LOAD_WEEKLY);
        assertThat(own.stream().filter(SimulateYear.Outcome::worstFound).count())
                .isGreaterThanOrEqualTo(6);
        assertThat(share(own)).isLessThan(share(fixed));
        assertThat(own)
                .allSatisfy(o ->
                        assertThat(o.tolerance().low()).isLessThan(o.tolerance().high()));
    }

    private static List<SimulateYear.Outcome> outcomes(SimulatedYear.Rule rule) {
        return LongStream.range(SEED, SEED + 8)
                .parallel()
                .mapToObj(s -> SimulateYear.outcome(s, WEEKS, rule))
                .toList();
    }

    private static double share(List<SimulateYear.Outcome> all) {
        return all.stream().mapToInt(SimulateYear.Outcome::bad).sum()
                / (double) all.stream().mapToInt(SimulateYear.Outcome::visits).sum();
    }
}
