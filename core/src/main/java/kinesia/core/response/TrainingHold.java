package kinesia.core.response;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.Assessment;
import kinesia.core.screening.Finding;
import kinesia.core.screening.ScreenAnswers.PastStop;
import org.jspecify.annotations.Nullable;

/**
 * Why a client may not train for now. The one answer to that question: the planner, the composer, Today and the floor ask it
 * here.
 *
 * @param reasons worst first, never empty
 * @param whatToDo before anything is planned
 */
public record TrainingHold(Cause cause, List<Reason> reasons, List<String> whatToDo) {
    public TrainingHold {
        reasons = List.copyOf(reasons);
        whatToDo = List.copyOf(whatToDo);
    }

    /** What holds. */
    public enum Cause {
        /** The last session was stopped, and no screen has recorded what happened. */
        STOPPED,
        NEVER_SCREENED,
        /** The pressure is to be read before the visit. */
        READING_DUE,
        /** What the latest screen says, or that it is not complete. */
        SCREEN
    }

    /**
     * What is known of a client.
     *
     * @param stop what ended the last session; null when nothing did
     * @param screenedOn the day of the latest screen; null before the first
     * @param assessment what it says now; null before the first
     * @param readingDue whether the pressure is to be read before the visit
     */
    public record Known(
            @Nullable PastStop stop,
            @Nullable LocalDate screenedOn,
            @Nullable Assessment assessment,
            boolean readingDue) {
        /** One of whom no reading is due. */
        public Known(@Nullable PastStop stop, @Nullable LocalDate screenedOn, @Nullable Assessment assessment) {
            this(stop, screenedOn, assessment, false);
        }
    }

    /** What holds a client of whom this is {@code known}; empty when a session may be planned. */
    public static Optional<TrainingHold> of(Known known) {
        PastStop stop = known.stop();
        if (stop != null) {
            return Optional.of(stopped(stop));
        }
        Assessment assessment = known.assessment();
        LocalDate screenedOn = known.screenedOn();
        if (assessment == null || screenedOn == null) {
            return Optional.of(new TrainingHold(
                    Cause.NEVER_SCREENED,
                    List.of(Reason.of(
                            "SCREEN-missing",
                            Tag.HOUSE,
                            "a screen before the first session",
                            "There is no screen yet; nothing is planned without one.",
                            "Before we lift anything, a few questions.")),
                    List.of("Take the first screen.")));
        }
        if (known.readingDue()) {
            return Optional.of(readingDue());
        }
        if (!assessment.allowsPlanning()) {
            return Optional.of(byScreen(assessment));
        }
        return Optional.empty();
    }

    private static TrainingHold stopped(PastStop stop) {
        return new TrainingHold(
                Cause.STOPPED,
                List.of(Reason.of(
                                "HOLD-stop",
                                Tag.HOUSE,
                                "until a new screen records what happened",
                                "The last session was stopped: " + stop.sign()
                                        + ". Nothing is planned until a new screen records what happened.",
                                "First we write down what happened and who has looked at it.")
                        .with("sign", stop.sign())),
                List.of("Take a new screen before anything is planned."));
    }

    private static TrainingHold readingDue() {
        return new TrainingHold(
                Cause.READING_DUE,
                List.of(Reason.of(
                        "PRESSURE-due",
                        Tag.HOUSE,
                        "known, borderline or treated: a reading of the last 7 days before the visit",
                        "The blood pressure is known, borderline or treated, and no reading of the last 7 days is on record:"
                                + " nothing is planned before one.",
                        "Before we start we read your blood pressure.")),
                List.of("Read pressure and pulse, sitting, after five quiet minutes."));
    }

    private static TrainingHold byScreen(Assessment assessment) {
        List<String> todo = new ArrayList<>(
                assessment.findings().stream().map(Finding::whatToDo).distinct().toList());
        if (!assessment.missing().isEmpty()) {
            todo.add("Finish the screen.");
        }
        return new TrainingHold(Cause.SCREEN, assessment.holds(), todo);
    }
}
