package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Arrays;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Place;
import kinesia.core.exercise.Site;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class RampPainTest {
    private static final Place PLACE = new Place(Site.BACK_OF_ELBOW, Side.RIGHT);

    @ParameterizedTest(name = "usual {0}, easy sets at {1}: swap {2}")
    @CsvSource({
        "2, 2, false",
        "2, 3, false",
        "2, 4, true",
        "2, 3 1, false",
        "2, 1 3, true",
        "2, 0 1, false",
        "0, 0 1, false",
        "0, 0 2, true",
        "5, 3 4, false",
        "5, 4 6, true"
    })
    void pain_that_grows_or_stands_two_over_usual_is_a_swap(int usual, String said, boolean swap) {
        assertThat(RampPain.swap(
                                PLACE,
                                PainScore.of(usual),
                                Arrays.stream(said.split(" "))
                                        .map(n -> PainScore.of(Integer.parseInt(n)))
                                        .toList())
                        .isPresent())
                .isEqualTo(swap);
    }
}
