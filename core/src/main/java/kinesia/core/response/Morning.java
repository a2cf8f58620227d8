package kinesia.core.response;

import java.time.LocalDate;
import java.util.List;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * The check on the morning after a session.
 *
 * @param sites joint and tendon pain by place
 * @param muscleSoreness soreness in the belly of the muscle, 0 to 10; expected after new work, steers nothing here
 * @param sleepHours 0 to 24; null when not said
 * @param sharp sharp, catching or giving way, whatever the number
 * @param tinglingStays tingling that does not go
 * @param stiffMinutes how long the arms were stiff, 0 to 240 minutes; null when not said
 * @param flag a sign that ends training until somebody has looked, by the id of its question; null where there was none
 */
public record Morning(
        LocalDate on,
        List<SitePain> sites,
        int muscleSoreness,
        @Nullable Double sleepHours,
        boolean sharp,
        boolean tinglingStays,
        @Nullable Integer stiffMinutes,
        @Nullable String flag) {
    private static final int LONGEST_STIFF = 240;

    /** One of which stiffness and signs were not asked. */
    public Morning(
            LocalDate on,
            List<SitePain> sites,
            int muscleSoreness,
            @Nullable Double sleepHours,
            boolean sharp,
            boolean tinglingStays) {
        this(on, sites, muscleSoreness, sleepHours, sharp, tinglingStays, null, null);
    }

    public Morning {
        sites = List.copyOf(sites);
        InvalidValue.requireWithin("muscleSoreness", muscleSoreness, 0, 10, "");
        if (sleepHours != null) {
            InvalidValue.requireWithin("sleepHours", sleepHours, 0, 24, "hours");
        }
        if (stiffMinutes != null) {
            InvalidValue.requireWithin("stiffMinutes", stiffMinutes, 0, LONGEST_STIFF, "minutes");
        }
    }
}
