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
 */
public record Morning(
        LocalDate on,
        List<SitePain> sites,
        int muscleSoreness,
        @Nullable Double sleepHours,
        boolean sharp,
        boolean tinglingStays) {
    public Morning {
        sites = List.copyOf(sites);
        InvalidValue.requireWithin("muscleSoreness", muscleSoreness, 0, 10, "");
        if (sleepHours != null) {
            InvalidValue.requireWithin("sleepHours", sleepHours, 0, 24, "hours");
        }
    }
}
