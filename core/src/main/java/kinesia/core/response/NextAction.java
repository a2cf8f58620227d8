package kinesia.core.response;

import org.jspecify.annotations.Nullable;

/** The one thing to do next with a client. */
public enum NextAction {
    SCREEN,
    HELD,
    CONTINUE_SESSION,
    MORNING_CHECK,
    SESSION,
    REST;

    /**
     * What comes first: what holds, then what is open, then the answer that the next session waits for.
     *
     * @param hold why the client may not train; null when nothing holds
     * @param open whether a session is planned or running
     * @param morningDue whether the morning after the last session is not answered yet
     * @param today whether the client may be trained today already
     */
    public static NextAction of(@Nullable TrainingHold hold, boolean open, boolean morningDue, boolean today) {
        if (hold != null) {
            return hold.cause() == TrainingHold.Cause.NEVER_SCREENED ? SCREEN : HELD;
        }
        if (open) {
            return CONTINUE_SESSION;
        }
        if (morningDue) {
            return MORNING_CHECK;
        }
        return today ? SESSION : REST;
    }
}
