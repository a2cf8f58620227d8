package kinesia.core.dose;

import java.time.LocalDate;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import kinesia.core.screening.PainScore;
import org.jspecify.annotations.Nullable;

/**
 * One set as it was done.
 *
 * @param side null when both arms worked together
 * @param reps 0 to 60; 0 when the set was broken off
 * @param effort as the client said it; null when nobody said, and never filled in from the plan
 * @param pain joint or tendon pain during the set
 * @param painSite where, if there was any
 * @param painSide on which arm, if there was any
 * @param painKind what kind it was; null where nobody said or it was a plain ache
 */
public record LoggedSet(
        LocalDate on,
        String exerciseKey,
        @Nullable Side side,
        int setNumber,
        Load load,
        int reps,
        @Nullable Effort effort,
        PainScore pain,
        @Nullable Site painSite,
        @Nullable Side painSide,
        @Nullable PainKind painKind) {
    public LoggedSet {
        InvalidValue.requireWithin("reps", reps, 0, 60, "repetitions");
        InvalidValue.requireWithin("setNumber", setNumber, 1, 20, "");
    }

    /** One of which nobody said what kind of pain it was. */
    public LoggedSet(
            LocalDate on,
            String exerciseKey,
            @Nullable Side side,
            int setNumber,
            Load load,
            int reps,
            @Nullable Effort effort,
            PainScore pain,
            @Nullable Site painSite,
            @Nullable Side painSide) {
        this(on, exerciseKey, side, setNumber, load, reps, effort, pain, painSite, painSide, null);
    }

    /** The same set under another number. */
    public LoggedSet numbered(int number) {
        return new LoggedSet(on, exerciseKey, side, number, load, reps, effort, pain, painSite, painSide, painKind);
    }

    /** Whether it counts toward the week's hard sets: by what was said, and as {@code planned} where nothing was. */
    public boolean isHard(Effort planned) {
        return (effort == null ? planned : effort).isHard();
    }
}
