package kinesia.core.dose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import kinesia.core.reason.InvalidValue;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Published formulas, all quoted from memory. */
class HeartRateTest {
    /** Tanaka, Monahan and Seals 2001: 208 - 0.7 age. */
    @ParameterizedTest(name = "{0} years: {1}")
    @CsvSource({"60, 166", "50, 173", "80, 152", "20, 194"})
    void the_maximum_follows_from_age(int age, double most) {
        assertThat(HeartRate.max(age)).isCloseTo(most, within(1e-9));
    }

    /** Gellish et al. 2007, 192 - 0.007 age squared, found much the same in other people. */
    @ParameterizedTest
    @CsvSource({"50", "60", "70", "80"})
    void another_formula_of_other_people_is_within_half_a_standard_deviation(int age) {
        assertThat(HeartRate.max(age)).isCloseTo(192 - 0.007 * age * age, within(HeartRate.MISSES_BY / 1.5));
    }

    /** Karvonen, Kentala and Mustala 1957: a maximum of 166 and 70 at rest. */
    @ParameterizedTest(name = "{0} of the reserve: {1}")
    @CsvSource({"0, 70", "0.4, 108.4", "0.6, 127.6", "1, 166"})
    void a_share_of_the_reserve_lies_between_rest_and_maximum(double share, double rate) {
        assertThat(HeartRate.ofReserve(166, 70, share)).isCloseTo(rate, within(1e-9));
    }

    /** Moderate work is 40 to 59 % of the reserve or 64 to 76 % of the maximum (ACSM's guidelines). */
    @Test
    void the_aim_is_moderate_work_and_falls_with_age() {
        PulseAim known = PulseAim.of(60, 70, false).orElseThrow();
        assertThat(known.low()).isEqualTo(108);
        assertThat(known.high()).isEqualTo(128);
        assertThat(known.reason().exact()).contains("166 a minute at most").contains("70 at rest");
        PulseAim uncounted = PulseAim.of(60, null, false).orElseThrow();
        assertThat(uncounted.low()).isEqualTo(106);
        assertThat(uncounted.high()).isEqualTo(126);
        PulseAim older = PulseAim.of(80, 70, false).orElseThrow();
        assertThat(older.high()).isLessThan(known.high());
        assertThat(known.ease()).isGreaterThan(known.high()).isLessThan(166);
    }

    @Test
    void under_a_medicine_that_slows_the_heart_the_pulse_is_no_aim() {
        assertThat(PulseAim.of(60, 52, true)).isEmpty();
    }

    @Test
    void a_pulse_at_rest_that_cannot_be_is_refused() {
        assertThatThrownBy(() -> HeartRate.ofReserve(166, 20, 0.5)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> HeartRate.max(12)).isInstanceOf(InvalidValue.class);
    }

    /** 6 to 8 US fluid ounces for each 15 minutes, common practice, no source; 1 fl oz is 29.57 ml. */
    @Test
    void water_is_six_to_eight_ounces_for_a_quarter_of_an_hour_and_nothing_is_said_under_a_limit() {
        assertThat(Water.of(15, false).orElseThrow().exact()).contains("180 to 240 ml");
        assertThat(6 * 29.57).isCloseTo(180, within(5.0));
        assertThat(8 * 29.57).isCloseTo(240, within(5.0));
        assertThat(Water.of(45, false).orElseThrow().exact()).contains("540 to 720 ml");
        // Casa et al. 2000: at most 300 ml each ten minutes.
        assertThat(240).isLessThan(300 * 15 / 10);
        assertThat(Water.of(45, true)).isEmpty();
    }
}
