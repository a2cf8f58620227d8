package kinesia.core.response;

import java.time.LocalDate;
import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Head;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * The check on the morning after a session.
 *
 * @param sites joint and tendon pain by place
 * @param muscleSoreness soreness in the belly of the muscle, 0 to 10; expected after new work
 * @param soreMuscle which muscle that is; null when not said
 * @param soreSide the arm that alone is sore; null for both alike or not said
 * @param sleepHours 0 to 24; null when not said
 * @param sharp sharp, catching or giving way, whatever the number
 * @param tinglingStays tingling that does not go
 * @param stiffMinutes how long the arms were stiff, 0 to 240 minutes; null when not said
 * @param flags signs that end training until somebody has looked, by the ids of their questions; empty where there were none
 */
public record Morning(
        LocalDate on,
        List<SitePain> sites,
        int muscleSoreness,
        Head.@Nullable Group soreMuscle,
        @Nullable Side soreSide,
        @Nullable Double sleepHours,
        boolean sharp,
        boolean tinglingStays,
        @Nullable Integer stiffMinutes,
        List<String> flags) {
    private static final int LONGEST_STIFF = 240;
    /** From here soreness can count as joint pain, so muscle and arm are asked [house]. */
    public static final int ASK_MUSCLE_FROM = 3;

    /** One of which the sore muscle, stiffness and signs were not asked. */
    public Morning(
            LocalDate on,
            List<SitePain> sites,
            int muscleSoreness,
            @Nullable Double sleepHours,
            boolean sharp,
            boolean tinglingStays) {
        this(on, sites, muscleSoreness, null, null, sleepHours, sharp, tinglingStays, null, List.of());
    }

    public Morning {
        sites = List.copyOf(sites);
        flags = List.copyOf(flags);
        InvalidValue.requireWithin("muscleSoreness", muscleSoreness, 0, 10, "");
        if (sleepHours != null) {
            InvalidValue.requireWithin("sleepHours", sleepHours, 0, 24, "hours");
        }
        if (stiffMinutes != null) {
            InvalidValue.requireWithin("stiffMinutes", stiffMinutes, 0, LONGEST_STIFF, "minutes");
        }
    }
}
