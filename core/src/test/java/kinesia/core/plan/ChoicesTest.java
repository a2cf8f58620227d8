package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kinesia.core.exercise.Head;
import kinesia.core.exercise.Site;
import org.junit.jupiter.api.Test;

/** Whatever is sore and wherever somebody trains, there is a choice (common practice, no source for the numbers). */
class ChoicesTest {
    private static final List<Choices.Cell> TABLE = Choices.table();

    @Test
    void every_cell_has_its_kind_choices_but_the_one_that_mechanics_forbid() {
        assertThat(TABLE).hasSize(8 * 2 * 3);
        assertThat(TABLE)
                .filteredOn(c -> !forbidden(c))
                .allSatisfy(c -> assertThat(c.isEnough())
                        .as(
                                "%s, %s, %s: %d",
                                c.site().words(),
                                c.group().word(),
                                c.place().word(),
                                c.moving().size())
                        .isTrue());
    }

    /**
     * What bends the elbow pulls at the crook: where every curl asks the same share of the muscle, its tendon holds about the same
     * in all of them, and only the grip and the angle take a quarter off. Lighter or fewer sets spare it, no other exercise does.
     */
    @Test
    void at_equal_effort_no_curl_spares_the_crook_by_half() {
        assertThat(TABLE)
                .filteredOn(ChoicesTest::forbidden)
                .hasSize(3)
                .allSatisfy(c -> assertThat(c.moving()).isEmpty());
    }

    private static boolean forbidden(Choices.Cell cell) {
        return cell.site() == Site.CROOK_OF_ELBOW && cell.group() == Head.Group.FLEXORS;
    }
}
