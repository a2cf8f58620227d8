package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.Optional;
import kinesia.core.response.TrainingHold.Cause;
import kinesia.core.response.TrainingHold.Known;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.ScreenAnswers.PastStop;
import org.junit.jupiter.api.Test;

class TrainingHoldTest {
    private static final LocalDate SCREENED = LocalDate.of(2026, 3, 2);
    private static final Assessment GO = new Answers().assess();

    private static Optional<Cause> cause(Known known) {
        return TrainingHold.of(known).map(TrainingHold::cause);
    }

    @Test
    void nothing_holds_somebody_whose_screen_says_go() {
        assertThat(TrainingHold.of(new Known(null, SCREENED, GO))).isEmpty();
    }

    @Test
    void without_a_screen_there_is_nothing_to_plan_on() {
        Known known = new Known(null, null, null);
        assertThat(cause(known)).contains(Cause.NEVER_SCREENED);
        assertThat(TrainingHold.of(known).orElseThrow().whatToDo()).containsExactly("Take the first screen.");
    }

    @Test
    void a_stopped_session_holds_whatever_the_old_screen_says() {
        Known known = new Known(new PastStop("dizziness", SCREENED), SCREENED, GO);
        assertThat(cause(known)).contains(Cause.STOPPED);
        assertThat(TrainingHold.of(known).orElseThrow().reasons().get(0).exact())
                .contains("dizziness");
    }

    @Test
    void a_screen_that_is_not_finished_says_what_to_ask_first() {
        Assessment unfinished = new Answers().sitesNotAsked().assess();
        TrainingHold hold =
                TrainingHold.of(new Known(null, SCREENED, unfinished)).orElseThrow();
        assertThat(hold.cause()).isEqualTo(Cause.SCREEN);
        assertThat(hold.whatToDo()).contains("Finish the screen.");
        assertThat(hold.reasons()).isNotEmpty();
    }

    @Test
    void what_is_next_is_what_holds_then_what_is_open_then_the_morning_then_the_day() {
        TrainingHold never = TrainingHold.of(new Known(null, null, null)).orElseThrow();
        TrainingHold stopped = TrainingHold.of(new Known(new PastStop("dizziness", SCREENED), SCREENED, GO))
                .orElseThrow();
        assertThat(NextAction.of(never, true, true, true)).isEqualTo(NextAction.SCREEN);
        assertThat(NextAction.of(stopped, true, true, true)).isEqualTo(NextAction.HELD);
        assertThat(NextAction.of(null, true, true, true)).isEqualTo(NextAction.CONTINUE_SESSION);
        assertThat(NextAction.of(null, false, true, true)).isEqualTo(NextAction.MORNING_CHECK);
        assertThat(NextAction.of(null, false, false, true)).isEqualTo(NextAction.SESSION);
        assertThat(NextAction.of(null, false, false, false)).isEqualTo(NextAction.REST);
    }
}
