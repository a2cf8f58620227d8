package kinesia.core.screening;

import java.util.List;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What the client says of one sore place. Pain scores are null until answered; a missing answer is never a no.
 *
 * @param usualPain on an ordinary day
 * @param painInLightUse at rest or in light use, the higher
 * @param worstThisWeek worst in the last seven days
 * @param settlesHours hours until it is back to usual after use, 0 to 168
 * @param provokedBy keys of the provocations of this site, from the rule file
 * @param painfulArcFromDeg elevation at which it begins to hurt, 10 to 180; null when not measured
 */
public record SiteRecord(
        Site site,
        Side side,
        @Nullable PainScore usualPain,
        @Nullable PainScore painInLightUse,
        @Nullable PainScore worstThisWeek,
        @Nullable PainScore morningPain,
        @Nullable Double settlesHours,
        List<String> provokedBy,
        @Nullable Double painfulArcFromDeg) {

    public SiteRecord {
        provokedBy = List.copyOf(provokedBy);
        if (settlesHours != null) {
            InvalidValue.requireWithin("settlesHours", settlesHours, 0, 168, "hours");
        }
        if (painfulArcFromDeg != null) {
            InvalidValue.requireWithin("painfulArcFromDeg", painfulArcFromDeg, 10, 180, "degrees");
        }
    }

    /** How easily the place flares. */
    public enum Irritability {
        LOW,
        MODERATE,
        HIGH
    }

    /** The staged bands; requires worst pain and hours to settle to be answered. */
    Irritability irritability() {
        int worst = java.util.Objects.requireNonNull(worstThisWeek).value();
        double hours = java.util.Objects.requireNonNull(settlesHours);
        if (worst >= ScreeningRules.HIGH_IRRITABILITY_PAIN || hours > ScreeningRules.HIGH_IRRITABILITY_HOURS) {
            return Irritability.HIGH;
        }
        if (worst > ScreeningRules.LOW_IRRITABILITY_PAIN || hours > ScreeningRules.LOW_IRRITABILITY_HOURS) {
            return Irritability.MODERATE;
        }
        return Irritability.LOW;
    }
}
