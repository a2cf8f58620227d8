package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import kinesia.core.arm.Side;
import kinesia.core.exercise.Site;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * What the client says of one sore place. Scores are null until answered; a missing answer is never a no.
 *
 * @param sinceWeeks how long it has been there, 0 to 2600; null when not said, which nothing hangs on
 * @param usualPain on an ordinary day
 * @param worstThisWeek worst in the last seven days
 * @param morningStiffness 0 to 10 like a pain
 * @param stiffMinutes how long the stiffness lasts, 0 to 720; asked when there is any
 * @param settlesHours hours until it is back to usual after use, 0 to 168
 * @param provokedBy keys of the provocations of this site, from the rule file
 * @param flags answer to each site flag of the rule file by its id
 * @param since the day from which the place has been as described, or was first said to be, whichever is later; null for the
 *     day of the screen
 * @param betterWeek whether the worst of this week, being under the usual, was asked once more and stands; null when not asked
 */
public record SiteRecord(
        Site site,
        Side side,
        @Nullable Integer sinceWeeks,
        @Nullable PainScore usualPain,
        @Nullable PainScore painAtRest,
        @Nullable PainScore painInLightUse,
        @Nullable PainScore worstThisWeek,
        @Nullable PainScore morningPain,
        @Nullable PainScore morningStiffness,
        @Nullable Integer stiffMinutes,
        @Nullable Double settlesHours,
        List<String> provokedBy,
        Map<String, Boolean> flags,
        @Nullable LocalDate since,
        @Nullable Boolean betterWeek) {

    /** One whose worst of this week was not asked twice. */
    public SiteRecord(
            Site site,
            Side side,
            @Nullable Integer sinceWeeks,
            @Nullable PainScore usualPain,
            @Nullable PainScore painAtRest,
            @Nullable PainScore painInLightUse,
            @Nullable PainScore worstThisWeek,
            @Nullable PainScore morningPain,
            @Nullable PainScore morningStiffness,
            @Nullable Integer stiffMinutes,
            @Nullable Double settlesHours,
            List<String> provokedBy,
            Map<String, Boolean> flags,
            @Nullable LocalDate since) {
        this(
                site,
                side,
                sinceWeeks,
                usualPain,
                painAtRest,
                painInLightUse,
                worstThisWeek,
                morningPain,
                morningStiffness,
                stiffMinutes,
                settlesHours,
                provokedBy,
                flags,
                since,
                null);
    }

    /** Throws {@link InvalidValue} naming the field. */
    public SiteRecord {
        provokedBy = List.copyOf(provokedBy);
        flags = flags == null ? Map.of() : Map.copyOf(flags);
        if (settlesHours != null) {
            InvalidValue.requireWithin("settlesHours", settlesHours, 0, 168, "hours");
        }
        if (sinceWeeks != null) {
            InvalidValue.requireWithin("sinceWeeks", sinceWeeks, 0, 2600, "weeks");
        }
        if (stiffMinutes != null) {
            InvalidValue.requireWithin("stiffMinutes", stiffMinutes, 0, 720, "minutes");
        }
    }

    /** The same place, as it has been since {@code day}. */
    SiteRecord since(LocalDate day) {
        return new SiteRecord(
                site,
                side,
                sinceWeeks,
                usualPain,
                painAtRest,
                painInLightUse,
                worstThisWeek,
                morningPain,
                morningStiffness,
                stiffMinutes,
                settlesHours,
                provokedBy,
                flags,
                day,
                betterWeek);
    }

    /** Whether the worst of this week is said to be under the usual, so that it is asked once more. */
    boolean isBetterThanUsual() {
        return worstThisWeek != null && usualPain != null && worstThisWeek.value() < usualPain.value();
    }

    /** Whether this morning was worse than the worst of this week is said to be. */
    boolean isUnderTheMorning() {
        return worstThisWeek != null && morningPain != null && worstThisWeek.value() < morningPain.value();
    }

    /** Whether nothing that refers is said of it that was not said in {@code before}. */
    boolean isNoWorseThan(SiteRecord before) {
        boolean noNewFlag = flags.entrySet().stream()
                .filter(Map.Entry::getValue)
                .allMatch(f -> Boolean.TRUE.equals(before.flags.get(f.getKey())));
        return noNewFlag
                && atMost(painAtRest, before.painAtRest)
                && atMost(painInLightUse, before.painInLightUse)
                && atMost(worstThisWeek, before.worstThisWeek)
                && (stiffMinutes == null || (before.stiffMinutes != null && stiffMinutes <= before.stiffMinutes))
                && (settlesHours == null || (before.settlesHours != null && settlesHours <= before.settlesHours));
    }

    private static boolean atMost(@Nullable PainScore now, @Nullable PainScore before) {
        return now == null || (before != null && now.value() <= before.value());
    }

    /** The place in words, for example "right back of elbow". */
    public String where() {
        return side.word() + " " + site.words();
    }

    /** How easily the place flares. */
    public enum Irritability {
        LOW,
        MODERATE,
        HIGH
    }

    /**
     * The highest pain said of this week, at rest and in use, and in a week said to be better than most the usual one; requires
     * the first three to be answered.
     */
    int worst() {
        int week = Math.max(
                Objects.requireNonNull(worstThisWeek).value(),
                Math.max(
                        Objects.requireNonNull(painAtRest).value(),
                        Objects.requireNonNull(painInLightUse).value()));
        return usualPain != null && Boolean.TRUE.equals(betterWeek) ? Math.max(week, usualPain.value()) : week;
    }

    /** The staged bands; requires the pains and hours to settle to be answered. */
    Irritability irritability() {
        double hours = Objects.requireNonNull(settlesHours);
        if (worst() >= PlaceRules.HIGH_IRRITABILITY_PAIN || hours > PlaceRules.HIGH_IRRITABILITY_HOURS) {
            return Irritability.HIGH;
        }
        if (worst() > PlaceRules.LOW_IRRITABILITY_PAIN || hours > PlaceRules.LOW_IRRITABILITY_HOURS) {
            return Irritability.MODERATE;
        }
        return Irritability.LOW;
    }
}
