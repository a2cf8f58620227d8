package kinesia.core.screening;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.screening.ScreenAnswers.Earlier;
import kinesia.core.screening.ScreenAnswers.FlagAnswer;
import kinesia.core.screening.ScreenAnswers.PastStop;
import kinesia.core.screening.ScreenAnswers.Readiness;
import kinesia.core.screening.ScreenAnswers.Reading;
import org.jspecify.annotations.Nullable;

/** What one screen leaves to the next: the trace of a stop, the last reading, and since when a sign is known. */
public final class Continuity {
    private Continuity() {}

    /**
     * What is known before a screen.
     *
     * @param last the screen before it; null before the first
     * @param stopped what ended a session since; null when nothing did
     */
    public static Earlier before(ScreenComparison.@Nullable Taken last, @Nullable PastStop stopped) {
        if (last == null) {
            return new Earlier(stopped, null, null);
        }
        return new Earlier(stopped == null ? stopOf(last) : stopped, null, readingOf(last));
    }

    private static @Nullable PastStop stopOf(ScreenComparison.Taken last) {
        if (last.assessment().outcome() == Outcome.STOP_NOW) {
            return new PastStop(
                    last.assessment().findings().get(0).reason().exact().replaceAll("[.]$", ""), last.on());
        }
        Earlier carried = last.answers().earlier();
        return carried == null || Boolean.TRUE.equals(carried.stopSeen()) ? null : carried.stop();
    }

    private static @Nullable Reading readingOf(ScreenComparison.Taken last) {
        Optional<Reading> pressure = last.answers().pressure().lastPressure();
        if (pressure.isEmpty()) {
            return last.answers().earlier() == null
                    ? null
                    : last.answers().earlier().reading();
        }
        Reading read = pressure.get();
        Integer pulse = read.pulse() != null
                ? read.pulse()
                : last.answers().pressure().lastPulse().map(Reading::pulse).orElse(null);
        return new Reading(
                read.systolic(),
                read.diastolic(),
                pulse,
                read.newlyIrregular(),
                read.quietMinutes(),
                read.on() == null ? last.on() : read.on());
    }

    /** {@code answers} with the day since when each sign is known, where the screen before already said the same. */
    public static ScreenAnswers known(ScreenAnswers answers, ScreenComparison.@Nullable Taken last) {
        if (last == null) {
            return answers;
        }
        Map<String, FlagAnswer> flags = new HashMap<>(answers.flags());
        flags.replaceAll((id, now) -> known(now, last.answers().flags().get(id), last.on()));
        List<SiteRecord> sites = answers.soreSites() == null
                ? null
                : answers.soreSites().stream().map(s -> known(s, last)).toList();
        return new ScreenAnswers(
                flags,
                known(answers.readiness(), last),
                answers.pressure(),
                answers.cautions(),
                answers.details(),
                sites,
                answers.checks(),
                answers.clearances(),
                answers.earlier(),
                answers.version());
    }

    private static FlagAnswer known(FlagAnswer now, @Nullable FlagAnswer before, LocalDate on) {
        if (before == null || !before.present() || !now.present() || now.since() != null) {
            return now;
        }
        boolean same = before.side() == null || before.side() == now.side();
        return same ? new FlagAnswer(true, now.side(), before.since() == null ? on : before.since()) : now;
    }

    private static Readiness known(Readiness now, ScreenComparison.Taken last) {
        Readiness before = last.answers().readiness();
        boolean same = Boolean.TRUE.equals(now.symptoms())
                && now.symptomsSince() == null
                && Boolean.TRUE.equals(before.symptoms());
        return same ? now.symptomsSince(before.symptomsSince() == null ? last.on() : before.symptomsSince()) : now;
    }

    private static SiteRecord known(SiteRecord now, ScreenComparison.Taken last) {
        List<SiteRecord> all =
                last.answers().soreSites() == null ? List.of() : last.answers().soreSites();
        return all.stream()
                .filter(b -> now.since() == null && b.site() == now.site() && b.side() == now.side())
                .filter(now::isNoWorseThan)
                .findFirst()
                .map(b -> now.since(b.since() == null ? last.on() : b.since()))
                .orElse(now);
    }
}
