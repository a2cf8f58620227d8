package kinesia.core.dose;

import kinesia.core.exercise.Exercise;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;

/** Rest between rounds of pairs and how long a session takes. */
public final class RestAndTime {
    public static final int CHANGE_OVER_S = 10;
    /** To set one exercise up [house]. */
    public static final int SET_UP_S = 30;

    private static final int LONGEST_REST_S = 90;
    private static final int TRIM_S = 5;
    private static final double LIGHT_SHARE = 0.60;
    private static final double HEAVY_SHARE = 0.75;

    private RestAndTime() {}

    /** Rest in seconds and why. */
    public record Rest(int seconds, Reason reason) {}

    /** The first rest: 90 s, because nothing is known yet. */
    public static Rest first() {
        return new Rest(
                LONGEST_REST_S,
                Reason.of(
                        "REST-start",
                        Tag.PRACTICE,
                        "90 s, trimmed by 5 s a session to 60 s",
                        "Rest starts at 90 s after each pair and is trimmed by 5 s a session while all goes well.",
                        "We begin with plenty of rest."));
    }

    /** The rest after a session with {@code last} seconds; trimmed when repetitions and effort held and all was go. */
    public static Rest after(int last, boolean held) {
        int next = held ? last - TRIM_S : last;
        return new Rest(
                next,
                Reason.of(
                                "REST-trim",
                                Tag.PRACTICE,
                                "5 s a session down to the method's shortest",
                                held
                                        ? "Rest goes from " + last + " to " + next
                                                + " s: repetitions and effort held, all go."
                                        : "Rest stays at " + last
                                                + " s: it gets shorter after a session in which repetitions, effort and joints were as meant.",
                                held ? "A little less rest today." : "The rest stays as it was.")
                        .with("last rest", last + " s")
                        .with("held", held));
    }

    /**
     * {@code wanted} within what is usual after sets with {@code share}, 0 to 1, of the most that can be lifted once
     * [practice, upper end pub].
     */
    public static Rest byLoad(Rest wanted, double share) {
        Band band = share < LIGHT_SHARE ? Band.LIGHT : share <= HEAVY_SHARE ? Band.MIDDLE : Band.HEAVY;
        int seconds = Math.max(band.leastS, Math.min(band.mostS, wanted.seconds()));
        if (seconds == wanted.seconds()) {
            return wanted;
        }
        String percent = Numbers.plain(100 * share, 0) + " %";
        return new Rest(
                seconds,
                Reason.of(
                                "REST-load",
                                Tag.PRACTICE,
                                "under 60 % of the most that can be lifted once 45 to 60 s, to 75 % 60 to 90 s, above 90 to"
                                        + " 180 s",
                                "Today's sets are about " + percent + " of the most that could be lifted once: "
                                        + band.leastS + " to " + band.mostS + " s of rest, so " + seconds + " s.",
                                band == Band.LIGHT
                                        ? "The weights are light, so a short rest is enough."
                                        : band == Band.HEAVY
                                                ? "The weights are heavy, so we take our time between sets."
                                                : "A minute or so between sets is right for these.")
                        .with("share of the most", percent)
                        .with("rest", seconds + " s"));
    }

    private enum Band {
        LIGHT(45, 60),
        MIDDLE(60, 90),
        HEAVY(90, 180);

        private final int leastS;
        private final int mostS;

        Band(int leastS, int mostS) {
            this.leastS = leastS;
            this.mostS = mostS;
        }
    }

    /** {@code wanted} within what a method rests, from {@code mostS} down to {@code leastS}. */
    public static Rest within(Rest wanted, int mostS, int leastS, String method) {
        if (wanted.seconds() > mostS || wanted.seconds() < leastS) {
            int seconds = Math.max(leastS, Math.min(mostS, wanted.seconds()));
            return new Rest(
                    seconds,
                    Reason.of(
                                    "REST-method",
                                    Tag.PRACTICE,
                                    mostS + " to " + leastS + " s",
                                    mostS == leastS
                                            ? "Rest is " + seconds + " s in this way of working: " + method + "."
                                            : "Rest is " + seconds + " s, the "
                                                    + (seconds == leastS ? "shortest" : "longest")
                                                    + " of this way of working: " + method + ".",
                                    "That is how long we rest in this one.")
                            .with("rest", seconds + " s"));
        }
        return wanted;
    }

    /** Seconds of one set of {@code reps}; twice as long when the arms work in turn. */
    public static int setSeconds(Exercise exercise, int reps) {
        return reps * exercise.tempo().secondsPerRep() * exercise.arms().timesAsLong();
    }
}
