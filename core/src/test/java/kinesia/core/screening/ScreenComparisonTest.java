package kinesia.core.screening;

import static kinesia.core.screening.Answers.QUESTIONS;
import static kinesia.core.screening.Answers.TODAY;
import static org.assertj.core.api.Assertions.assertThat;

import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.screening.Answers.Sore;
import kinesia.core.screening.ScreenComparison.Change;
import kinesia.core.screening.ScreenComparison.Comparison;
import kinesia.core.screening.ScreenComparison.Line;
import kinesia.core.screening.ScreenComparison.Taken;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ScreenComparisonTest {
    private static Taken taken(int day, Answers answers) {
        return new Taken(TODAY.plusDays(day), answers.build(), answers.assess());
    }

    private static Comparison between(Answers older, Answers newer) {
        return ScreenComparison.between(QUESTIONS, taken(0, older), taken(28, newer));
    }

    private static Sore elbow() {
        return Sore.at(Site.BACK_OF_ELBOW, Side.RIGHT, "deep-bending");
    }

    /** Farrar et al. 2001, quoted from memory: about 2 points. */
    @ParameterizedTest
    @CsvSource({"5, 4, SAME", "5, 3, BETTER", "3, 5, WORSE", "3, 3, SAME"})
    void a_point_of_pain_is_not_a_change_and_two_are(int before, int after, Change change) {
        Comparison c = between(new Answers().sore(elbow().usual(before)), new Answers().sore(elbow().usual(after)));
        assertThat(c.lines())
                .filteredOn(l -> l.what().endsWith("usual pain"))
                .singleElement()
                .extracting(Line::change)
                .isEqualTo(change);
    }

    @ParameterizedTest
    @CsvSource({
        "elbow-bend, 120, 124, SAME", "elbow-bend, 120, 125, BETTER", "elbow-bend, 125, 120, WORSE",
        "elbow-straight, 15, 10, BETTER", "elbow-straight, 10, 15, WORSE", "grip-strength, 20, 21, SAME",
        "grip-strength, 20, 24, BETTER"
    })
    void a_range_changes_only_beyond_its_measurement_error(String check, double before, double after, Change change) {
        Comparison c =
                between(new Answers().range(check, Side.LEFT, before), new Answers().range(check, Side.LEFT, after));
        assertThat(c.lines()).singleElement().extracting(Line::change).isEqualTo(change);
    }

    @Test
    void places_and_limits_that_came_or_went_are_named() {
        Comparison c = between(
                new Answers().sore(elbow()), new Answers().sore(Sore.at(Site.WRIST, Side.LEFT, "gripping-leaning")));
        assertThat(c.lines()).extracting(Line::what).containsExactly("left wrist", "right back of elbow");
        assertThat(c.lines()).extracting(Line::change).containsExactly(Change.NEW, Change.GONE);
        assertThat(c.limitsGone()).allMatch(l -> l.site() == Site.BACK_OF_ELBOW).isNotEmpty();
        assertThat(c.limitsNew()).allMatch(l -> l.site() == Site.WRIST).isNotEmpty();
        assertThat(between(new Answers().sore(elbow()), new Answers().sore(elbow()))
                        .limitsNew())
                .isEmpty();
    }
}
