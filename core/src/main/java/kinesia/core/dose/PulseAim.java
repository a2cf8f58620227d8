package kinesia.core.dose;

import java.util.Optional;
import kinesia.core.reason.Numbers;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import org.jspecify.annotations.Nullable;

/**
 * What the pulse should be at the end of a circuit's round: moderate work, 40 to 60 % of the reserve, or without a resting pulse
 * 64 to 76 % of the maximum (ACSM's guidelines, quoted from memory [pub]). Where a medicine slows the heart there is none.
 *
 * @param low beats per minute, inclusive
 * @param high beats per minute, inclusive
 * @param ease from here on the next round waits until it is down: where vigorous work ends
 */
public record PulseAim(int low, int high, int ease, Reason reason) {
    private static final double LOW = 0.40;
    private static final double HIGH = 0.60;
    private static final double VIGOROUS_TO = 0.85;
    private static final double LOW_OF_MAX = 0.64;
    private static final double HIGH_OF_MAX = 0.76;
    private static final double VIGOROUS_TO_OF_MAX = 0.93;

    /**
     * The aim of somebody of {@code age}.
     *
     * @param resting pulse at rest; null where nobody counted it
     * @param slowed whether a medicine slows the heart
     */
    public static Optional<PulseAim> of(int age, @Nullable Integer resting, boolean slowed) {
        if (slowed) {
            return Optional.empty();
        }
        double max = HeartRate.max(age);
        int low = rate(max, resting, LOW, LOW_OF_MAX);
        int high = rate(max, resting, HIGH, HIGH_OF_MAX);
        return Optional.of(new PulseAim(
                low,
                high,
                rate(max, resting, VIGOROUS_TO, VIGOROUS_TO_OF_MAX),
                Reason.of(
                                "PULSE-aim",
                                Tag.PUB,
                                "moderate work: 40 to 60 % of the reserve; the maximum from age misses by about "
                                        + HeartRate.MISSES_BY,
                                "At " + age + " the heart does about " + Numbers.plain(max, 0) + " a minute at most"
                                        + (resting == null ? "" : ", and " + resting + " at rest")
                                        + ": a round should end at " + low + " to " + high
                                        + ", give or take ten. How hard it feels counts more.",
                                "Warm and breathing, but able to talk.")
                        .with("age", age)
                        .with("most", Numbers.plain(max, 0))
                        .with("at rest", resting == null ? "not counted" : String.valueOf(resting))));
    }

    private static int rate(double max, @Nullable Integer resting, double ofReserve, double ofMax) {
        return (int) Math.round(resting == null ? ofMax * max : HeartRate.ofReserve(max, resting, ofReserve));
    }
}
