package kinesia.core.response;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.response.TrainingHold.Cause;
import kinesia.core.response.TrainingHold.Known;
import kinesia.core.screening.Answers;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.ScreenAnswers.PastStop;
import org.junit.jupiter.api.Test;

class TrainingHoldTest {
    private static final LocalDate SCREENED = LocalDate.of(2026, 3, 2);
    private static final Assessment GO = new Answers().assess();

    private static SiteSignal signal(Signal signal) {
        Reason reason = Reason.of("RESPONSE-test", Tag.HOUSE, "", "It tingles.", "It tingles.");
        return new SiteSignal(new SessionRecord.Place(Site.WRIST, Side.LEFT), signal, true, true, reason);
    }

    private static Optional<Cause> cause(Known known) {
        return TrainingHold.of(known).map(TrainingHold::cause);
    }

    @Test
    void nothing_holds_somebody_whose_screen_says_go() {
        assertThat(TrainingHold.of(new Known(null, SCREENED, GO, null, List.of())))
                .isEmpty();
    }

    @Test
    void without_a_screen_there_is_nothing_to_plan_on() {
        Known known = new Known(null, null, null, null, List.of());
        assertThat(cause(known)).contains(Cause.NEVER_SCREENED);
        assertThat(TrainingHold.of(known).orElseThrow().whatToDo()).containsExactly("Take the first screen.");
    }

    @Test
    void a_stopped_session_holds_whatever_the_old_screen_says() {
        Known known = new Known(new PastStop("dizziness", SCREENED), SCREENED, GO, SCREENED, List.of());
        assertThat(cause(known)).contains(Cause.STOPPED);
        assertThat(TrainingHold.of(known).orElseThrow().reasons().get(0).exact())
                .contains("dizziness");
    }

    @Test
    void a_screen_that_is_not_finished_says_what_to_ask_first() {
        Assessment unfinished = new Answers().sitesNotAsked().assess();
        TrainingHold hold = TrainingHold.of(new Known(null, SCREENED, unfinished, null, List.of()))
                .orElseThrow();
        assertThat(hold.cause()).isEqualTo(Cause.SCREEN);
        assertThat(hold.whatToDo()).contains("Finish the screen.");
        assertThat(hold.reasons()).isNotEmpty();
    }

    @Test
    void a_referral_by_response_holds_until_a_screen_is_taken_after_it() {
        List<SiteSignal> refer = List.of(signal(Signal.GO), signal(Signal.REFER));
        assertThat(cause(new Known(null, SCREENED, GO, SCREENED.plusDays(3), refer)))
                .contains(Cause.RESPONSE);
        assertThat(cause(new Known(null, SCREENED, GO, SCREENED, refer))).contains(Cause.RESPONSE);
        assertThat(cause(new Known(null, SCREENED.plusDays(4), GO, SCREENED.plusDays(3), refer)))
                .isEmpty();
        assertThat(cause(new Known(null, SCREENED, GO, SCREENED.plusDays(3), List.of(signal(Signal.EASE)))))
                .isEmpty();
    }

    @Test
    void what_is_next_is_what_holds_then_what_is_open_then_the_morning_then_the_day() {
        TrainingHold never =
                TrainingHold.of(new Known(null, null, null, null, List.of())).orElseThrow();
        TrainingHold stopped = TrainingHold.of(
                        new Known(new PastStop("dizziness", SCREENED), SCREENED, GO, SCREENED, List.of()))
                .orElseThrow();
        assertThat(NextAction.of(never, true, true, true)).isEqualTo(NextAction.SCREEN);
        assertThat(NextAction.of(stopped, true, true, true)).isEqualTo(NextAction.HELD);
        assertThat(NextAction.of(null, true, true, true)).isEqualTo(NextAction.CONTINUE_SESSION);
        assertThat(NextAction.of(null, false, true, true)).isEqualTo(NextAction.MORNING_CHECK);
        assertThat(NextAction.of(null, false, false, true)).isEqualTo(NextAction.SESSION);
        assertThat(NextAction.of(null, false, false, false)).isEqualTo(NextAction.REST);
    }
}
