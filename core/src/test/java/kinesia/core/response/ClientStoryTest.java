package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.util.List;
import kinesia.core.RuleFiles;
import kinesia.core.dose.TrainingStory;
import kinesia.core.plan.Goal;
import kinesia.core.plan.TrainingWeek;
import kinesia.core.response.ClientStory.DoneWeek;
import org.junit.jupiter.api.Test;

/** A record as it is drawn: nothing that was not said, and each set of a week counted once. */
class ClientStoryTest {
    private static final List<String> KEYS = List.of("rope-press-down", "standing-curl");

    private static ClientStory.Done done(int hard) {
        return new ClientStory.Done(hard, 0);
    }

    private static ClientStory story(SessionRecord... sessions) {
        return story(TrainingWeek.of(Goal.FUNCTION, 2), sessions);
    }

    private static ClientStory story(TrainingWeek week, SessionRecord... sessions) {
        ClientStory.Weeks weeks = new ClientStory.Weeks(week, new TrainingStory(0, false, true), true);
        return ClientStory.of(List.of(sessions), RuleFiles.model().catalogue(), weeks);
    }

    @Test
    void a_morning_that_nobody_answered_is_missing_and_not_nought() {
        ClientStory story = story(LearningTest.visit(0, KEYS, 3, 4), LearningTest.visit(1, KEYS, 0, null));
        assertThat(story.places()).hasSize(1);
        List<ClientStory.PlaceSession> elbow = story.places().get(0).sessions();
        assertThat(elbow.get(0).during()).isEqualTo(3);
        assertThat(elbow.get(0).morning()).isEqualTo(4);
        assertThat(elbow.get(0).usual()).isEqualTo(2);
        assertThat(elbow.get(1).morning()).isNull();
    }

    @Test
    void hard_sets_of_a_week_are_counted_by_muscle() {
        // Visits 0 and 1 are a Monday and the Thursday after, visit 2 the Monday of the next week.
        ClientStory story = story(
                LearningTest.visit(0, KEYS, 0, 2),
                LearningTest.visit(1, KEYS, 0, 2),
                LearningTest.visit(2, KEYS, 0, 2));
        assertThat(story.weeks())
                .extracting(DoneWeek::flexors, DoneWeek::extensors)
                .containsExactly(tuple(done(6), done(6)), tuple(done(3), done(3)));
    }

    @Test
    void each_week_stands_against_what_it_was_to_have() {
        ClientStory story = story(
                LearningTest.visit(0, KEYS, 0, 2),
                LearningTest.visit(1, KEYS, 0, 2),
                LearningTest.visit(2, KEYS, 0, 2),
                LearningTest.visit(4, KEYS, 0, 2));
        // New to training: six sets of each muscle, and one more after each good week (RULES 5).
        assertThat(story.weeks()).extracting(DoneWeek::flexorsAim).containsExactly(6, 7, 8);
        assertThat(story.weeks()).extracting(DoneWeek::extensorsAim).containsExactly(6, 7, 8);
        assertThat(story.weeks()).extracting(DoneWeek::most).containsOnly(12);
        assertThat(story.weeks().get(2).aim().exact())
                .startsWith("After good weeks, from 6 to begin with, 8 hard sets");
    }

    @Test
    void what_came_later_does_not_change_what_a_week_was_to_have() {
        SessionRecord first = LearningTest.visit(0, KEYS, 0, 2);
        SessionRecord flare = LearningTest.visit(2, KEYS, 6, 8);
        assertThat(story(first, flare).weeks().get(0))
                .isEqualTo(story(first).weeks().get(0));
        assertThat(story(first, flare, LearningTest.visit(4, KEYS, 0, 2)).weeks())
                .extracting(DoneWeek::flexorsAim)
                .as("a week that hurt adds nothing")
                .containsExactly(6, 7, 7);
    }

    @Test
    void size_takes_more_behind_the_arm_than_in_front() {
        DoneWeek week = story(TrainingWeek.of(Goal.ARM_SIZE, 2), LearningTest.visit(0, KEYS, 0, 2))
                .weeks()
                .get(0);
        assertThat(week.flexorsAim()).isEqualTo(6);
        assertThat(week.extensorsAim()).isEqualTo(8);
    }

    @Test
    void an_exercise_is_told_by_its_best_set_and_only_once_it_came_twice() {
        ClientStory story =
                story(LearningTest.visit(0, KEYS, 0, 2), LearningTest.visit(1, List.of("rope-press-down"), 0, 2));
        assertThat(story.exercises()).hasSize(1);
        ClientStory.DoneDay day = story.exercises().get(0).days().get(0);
        assertThat(day.loadKg()).isEqualTo(4);
        assertThat(day.reps()).isEqualTo(12);
        assertThat(day.sets()).isEqualTo(3);
    }

    private static ClientStory mornings(int... scores) {
        SessionRecord[] sessions = new SessionRecord[scores.length];
        for (int i = 0; i < scores.length; i++) {
            sessions[i] = LearningTest.visit(i, KEYS, 0, scores[i]);
        }
        return story(sessions);
    }

    private static ClientStory.Trend trend(int... scores) {
        return mornings(scores).places().get(0).trend();
    }

    @Test
    void only_two_points_are_called_a_change() {
        assertThat(trend(5, 5, 4, 4, 3, 2, 3, 2, 2).direction()).isEqualTo(ClientStory.Direction.BETTER);
        assertThat(trend(1, 2, 1, 2, 3, 4, 4, 3, 4).direction()).isEqualTo(ClientStory.Direction.WORSE);
        assertThat(trend(3, 3, 3, 3, 2, 2, 2, 1).direction()).isEqualTo(ClientStory.Direction.ABOUT_THE_SAME);
        assertThat(trend(3, 3, 3, 3, 2, 2, 2, 1).reason().exact()).contains("3").contains("1.8");
        assertThat(trend(5, 5, 5, 1, 1, 1, 1)).as("seven mornings are too few").isNull();
    }
}
