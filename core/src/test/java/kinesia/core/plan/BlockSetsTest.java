package kinesia.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.screening.PainScore;
import org.junit.jupiter.api.Test;

class BlockSetsTest {
    private static BlockSets of(int sets, int visits, boolean sore, boolean forSize) {
        List<SoreSite> places = sore ? List.of(new SoreSite(Site.WRIST, Side.LEFT, PainScore.of(2))) : List.of();
        return BlockSets.of(
                People.request(People.GYM, 40, sets, List.of(), places, List.of()),
                visits,
                forSize ? Goal.ARM_SIZE : Goal.FUNCTION);
    }

    @Test
    void the_first_week_is_the_coming_visit_times_the_visits() {
        assertThat(of(3, 2, false, false).sets()).isEqualTo(new Block.WeeklySets(6, 2, 16));
        assertThat(of(3, 2, true, false).sets()).isEqualTo(new Block.WeeklySets(6, 1, 12));
    }

    @Test
    void no_week_has_more_than_sixteen_and_what_is_already_done_is_not_cut() {
        assertThat(of(6, 3, false, false).sets()).isEqualTo(new Block.WeeklySets(16, 2, 16));
        assertThat(of(7, 2, true, false).sets()).isEqualTo(new Block.WeeklySets(14, 1, 14));
    }

    @Test
    void who_has_the_most_already_is_not_told_of_more() {
        assertThat(sentence(of(8, 2, false, false)))
                .isEqualTo("16 hard sets every week and none added: no more than 16 is built up.");
        assertThat(sentence(of(7, 2, true, false)))
                .isEqualTo(
                        "14 hard sets every week and none added: no more than 12 is built up where a place is sore.");
        assertThat(sentence(of(3, 2, true, false)))
                .isEqualTo("6 hard sets in the first week, 3 at each visit, then 1 more every week up to 12.");
        assertThat(sentence(of(1, 1, false, false))).startsWith("1 hard set in the first week");
    }

    private static String sentence(BlockSets sets) {
        return sets.reasons().get(0).exact();
    }

    @Test
    void who_wants_size_gets_more_for_the_back_of_the_arm_and_is_told_so() {
        BlockSets look = of(3, 2, false, true);
        assertThat(look.ratio()).isEqualTo(0.75);
        assertThat(look.reasons()).extracting(Reason::ruleId).containsExactly("BLOCK-sets", "BLOCK-ratio");
        assertThat(look.reasons().get(1).exact()).contains("3 sets for the front to 4 for the back");
        assertThat(of(3, 2, false, false).ratio()).isEqualTo(1);
    }

    @Test
    void keeping_adds_nothing_however_many_days_there_are() {
        BlockSets keep = BlockSets.of(People.well(People.GYM, 40, 3), 3, Goal.KEEP);
        assertThat(keep.sets()).isEqualTo(new Block.WeeklySets(3, 0, 3));
        assertThat(sentence(keep))
                .isEqualTo(
                        "3 hard sets a week for each side of the arm and none added: that keeps the strength that is there.");
    }
}
