package kinesia.core.screening;

import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.Reason;
import org.jspecify.annotations.Nullable;

/** One thing the screen found that decides the outcome, and what to do about it. */
public record Finding(
        Outcome outcome,
        Scope scope,
        @Nullable Side side,
        @Nullable Site site,
        String whatToDo,
        Reason reason) {}
