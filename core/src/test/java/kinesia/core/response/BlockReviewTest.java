package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.time.LocalDate;
import java.util.List;
import kinesia.core.arm.Sex;
import kinesia.core.dose.ArmCurlNorms;
import kinesia.core.reason.InvalidValue;
import kinesia.core.response.BlockReview.Went;
import kinesia.core.response.Outcomes.Activity;
import kinesia.core.response.Outcomes.OfArms;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Nothing is called a gain that measuring twice would give by itself. */
class BlockReviewTest {
    private static final LocalDate DAY = LocalDate.of(2026, 3, 2);

    private static Outcomes outcomes(
            int lifting, int carrying, int ringing, Integer pushes, double curls, double grip) {
        return new Outcomes(
                List.of(
                        new Activity("lifting trays", lifting),
                        new Activity("carrying water", carrying),
                        new Activity("ringing", ringing)),
                pushes,
                pushes == null ? null : "table",
                new OfArms(null, curls),
                new OfArms(null, 30.0),
                new OfArms(null, grip),
                OfArms.NONE,
                OfArms.NONE);
    }

    private static BlockReview.Result between(Outcomes before, Outcomes after) {
        return BlockReview.between(
                new BlockReview.Taken(DAY, before),
                new BlockReview.Taken(DAY.plusWeeks(6), after),
                ArmCurlNorms.of(Sex.FEMALE, 72));
    }

    private static Went change(BlockReview.Result result, String what) {
        return result.lines().stream()
                .filter(l -> l.what().startsWith(what))
                .findFirst()
                .orElseThrow()
                .change();
    }

    /** 2 points of the mean, 3 of one activity: Stratford et al. 1995, quoted from memory. */
    @ParameterizedTest(name = "{0} and {1} and {2}: mean {3}, first {4}")
    @CsvSource({"7, 4, 4, SAME, BETTER", "6, 6, 6, BETTER, SAME", "6, 5, 4, SAME, SAME", "1, 2, 2, WORSE, WORSE"})
    void own_activities_change_by_two_points_on_average_and_three_alone(
            int lifting, int carrying, int ringing, Went mean, Went first) {
        BlockReview.Result result =
                between(outcomes(4, 4, 4, 8, 14, 20), outcomes(lifting, carrying, ringing, 8, 14, 20));
        assertThat(change(result, "What matters")).isEqualTo(mean);
        assertThat(change(result, "lifting trays")).isEqualTo(first);
    }

    @ParameterizedTest(name = "{0} pushes, {1} curls, grip {2}: {3}, {4}, {5}")
    @CsvSource({
        "10, 16, 21.9, SAME, SAME, SAME",
        "11, 17, 22.3, BETTER, BETTER, BETTER",
        "5, 11, 17.9, WORSE, WORSE, WORSE"
    })
    void counts_and_grip_change_beyond_their_error(
            int pushes, double curls, double grip, Went ofPushes, Went ofCurls, Went ofGrip) {
        BlockReview.Result result = between(outcomes(4, 4, 4, 8, 14, 20), outcomes(4, 4, 4, pushes, curls, grip));
        assertThat(change(result, "Pushes, table")).isEqualTo(ofPushes);
        assertThat(change(result, "30-second arm curl, right")).isEqualTo(ofCurls);
        assertThat(change(result, "Grip before it hurts, right")).isEqualTo(ofGrip);
    }

    @Test
    void an_honest_review_says_that_nothing_is_beyond_error() {
        BlockReview.Result result = between(outcomes(4, 4, 4, 8, 14, 20), outcomes(5, 5, 4, 9, 15, 20.5));
        assertThat(result.lines()).extracting(BlockReview.Measured::change).containsOnly(Went.SAME);
        assertThat(result.proposal().words()).startsWith("Not beyond measuring error");
        assertThat(result.proposal().reason().exact()).startsWith("0 of 8 measures gained and 0 lost");
    }

    @Test
    void one_measure_alone_may_be_chance_and_as_much_lost_as_gained_is_looked_at() {
        assertThat(between(outcomes(4, 4, 4, 8, 14, 20), outcomes(4, 4, 4, 12, 14, 20))
                        .proposal()
                        .words())
                .startsWith("One measure alone may be chance");
        assertThat(between(outcomes(4, 4, 4, 8, 14, 20), outcomes(4, 4, 4, 12, 18, 20))
                        .proposal()
                        .words())
                .startsWith("Go on");
        assertThat(between(outcomes(4, 4, 4, 8, 14, 20), outcomes(4, 4, 4, 12, 10, 20))
                        .proposal()
                        .words())
                .startsWith("Look again");
    }

    @Test
    void what_only_one_review_measured_is_not_compared() {
        BlockReview.Result result = between(outcomes(4, 4, 4, null, 14, 20), outcomes(4, 4, 4, 12, 14, 20));
        assertThat(result.lines()).noneMatch(l -> l.what().startsWith("Pushes"));
        assertThat(result.norm())
                .isEqualTo("Half of the people from 70 on do 12 to 17 curls in 30 seconds with 2.27 kg.");
    }

    @Test
    void more_lost_than_gained_is_looked_at_first() {
        assertThat(between(outcomes(4, 4, 4, 8, 14, 20), outcomes(1, 1, 1, 8, 14, 20))
                        .proposal()
                        .words())
                .startsWith("Look again");
    }

    @Test
    void what_cannot_be_is_refused_at_its_field() {
        List<Activity> two = List.of(new Activity("a", 1), new Activity("b", 2));
        assertThatThrownBy(() ->
                        new Outcomes(two, null, null, OfArms.NONE, OfArms.NONE, OfArms.NONE, OfArms.NONE, OfArms.NONE))
                .isInstanceOf(InvalidValue.class)
                .hasMessageContaining("three to five");
        assertThatThrownBy(() -> outcomes(4, 4, 4, 8, 61, 20)).isInstanceOf(InvalidValue.class);
        assertThatThrownBy(() -> outcomes(4, 11, 4, 8, 14, 20)).isInstanceOf(InvalidValue.class);
    }
}
