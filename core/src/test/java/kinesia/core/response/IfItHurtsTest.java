package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.plan.Plan;
import kinesia.core.plan.SoreSite;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

/** Before a visit it is said what to watch and what pain would change. */
class IfItHurtsTest {
    private static final Plan PLAN = LearningTest.visit(0, List.of("rope-press-down", "standing-curl"), 0, 2)
            .plan();

    private static SoreSite sore(Site site, int usual) {
        return new SoreSite(site, Side.RIGHT, PainScore.of(usual));
    }

    @Test
    void it_names_what_asks_most_of_the_sorest_place() {
        String said = IfItHurts.of(PLAN, List.of(sore(Site.WRIST, 1), sore(Site.BACK_OF_ELBOW, 3)))
                .reason()
                .exact();
        assertThat(said).startsWith("Rope press-down asks most of the right back of elbow. Over 5, or sharp");
    }

    @Test
    void with_nothing_sore_it_speaks_of_pain_anywhere() {
        assertThat(IfItHurts.of(PLAN, List.of()).reason().exact()).startsWith("Over 5, or sharp at any number");
    }
}
