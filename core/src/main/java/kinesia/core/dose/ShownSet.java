package kinesia.core.dose;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/**
 * What a logged set says of strength, carried to 12 repetitions at effort 7 by Epley's estimate, and how that fades.
 *
 * @param shown what it showed (N.m) on its day
 * @param pressing from a press, push-up or dip
 */
public record ShownSet(LoggedSet set, double shown, boolean pressing) {
    static final int USUAL_REPS = 12;
    static final double USUAL_RESERVE = 3;
    private static final double EPLEY = 30;
    private static final double EASY_RESERVE = 4;
    // Nobody said: no more than at the highest usual target, which is 8.
    private static final double UNSAID_RESERVE = 2;
    private static final double MOST_TO_FAILURE = 20;
    private static final int FRESH_DAYS = 56;
    private static final int FADE_STEP_DAYS = 28;
    private static final double FADE_STEP = 0.10;
    private static final int BREAK_DAYS = 14;
    private static final int WEEK_DAYS = 7;
    private static final double LEAST_AFTER_BREAK = 0.5;

    /** What {@code set} makes of a load: its part of the load that could be done 12 times at effort 7. */
    public static double carried(LoggedSet set) {
        return share(set.reps(), set.effort());
    }

    /** {@code reps} at {@code effort} against 12 at 7; an effort that nobody said leaves little in reserve. */
    static double share(double reps, @org.jspecify.annotations.Nullable Effort effort) {
        double reserve =
                effort == null ? UNSAID_RESERVE : effort.tellsReserve() ? effort.repsInReserve() : EASY_RESERVE;
        double toFailure = Math.min(MOST_TO_FAILURE, reps + reserve);
        return (EPLEY + toFailure) / (EPLEY + USUAL_REPS + USUAL_RESERVE);
    }

    /**
     * What is left of it on {@code day}: all for eight weeks, then a tenth less for each started four weeks; or, when that is
     * less, what a break since {@code lastOn} leaves.
     */
    double counts(LocalDate day, LocalDate lastOn) {
        return shown * Math.min(faded(ChronoUnit.DAYS.between(set.on(), day)), afterBreak(lastOn, day));
    }

    private static double faded(long days) {
        return days <= FRESH_DAYS
                ? 1
                : Math.max(0, 1 - FADE_STEP * Math.ceil((days - FRESH_DAYS) / (double) FADE_STEP_DAYS));
    }

    private static double afterBreak(LocalDate lastOn, LocalDate day) {
        long over = ChronoUnit.DAYS.between(lastOn, day) - BREAK_DAYS;
        return over <= 0 ? 1 : Math.max(LEAST_AFTER_BREAK, 1 - FADE_STEP * Math.ceil(over / (double) WEEK_DAYS));
    }
}
