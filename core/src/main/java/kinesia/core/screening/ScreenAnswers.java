package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * Everything asked at a screen. Null or absent means not answered, and never no.
 *
 * @param flags answer to each gate and red flag by its id
 * @param readiness the questions before exercise
 * @param pressure blood pressure, where it has to be asked
 * @param cautions answer to each medical caution of the intake, and to each question before cuffs, by its id
 * @param soreSites sore places; null when not asked, empty when there are none
 * @param checks movement checks that were done, at most one for each check and side
 * @param clearances what licensed clinicians allowed; those that do not hold on the day are passed over
 */
public record ScreenAnswers(
        Map<String, FlagAnswer> flags,
        Readiness readiness,
        Pressure pressure,
        Map<String, Boolean> cautions,
        @Nullable List<SiteRecord> soreSites,
        List<CheckResult> checks,
        List<Clearance> clearances) {

    public ScreenAnswers {
        flags = Map.copyOf(flags);
        cautions = Map.copyOf(cautions);
        soreSites = soreSites == null ? null : List.copyOf(soreSites);
        // Screens stored before checks and clearances were asked have neither.
        checks = checks == null ? List.of() : List.copyOf(checks);
        clearances = clearances == null ? List.of() : List.copyOf(clearances);
        if (checks.stream().map(c -> c.check() + c.side()).distinct().count() < checks.size()) {
            throw new InvalidValue("checks", "has one check twice for the same side");
        }
    }

    /** The same answers with other clearances. */
    public ScreenAnswers withClearances(List<Clearance> others) {
        return new ScreenAnswers(flags, readiness, pressure, cautions, soreSites, checks, others);
    }

    Optional<CheckResult> check(String key, Side side) {
        return checks.stream()
                .filter(c -> c.check().equals(key) && c.side() == side)
                .findFirst();
    }

    /** Yes or no to a flag, and which arm where the flag is about one (null: not said, so both). */
    public record FlagAnswer(boolean present, @Nullable Side side) {}

    /**
     * @param regularlyActive planned, at least 30 minutes, three days a week for three months
     * @param knownDisease of heart, metabolism or kidneys
     * @param symptoms of any of them
     * @param changedSinceClearance whether health changed since the last clearance; asked only of those who have one
     */
    public record Readiness(
            @Nullable Boolean regularlyActive,
            @Nullable Boolean knownDisease,
            @Nullable Boolean symptoms,
            @Nullable Boolean changedSinceClearance) {}

    /**
     * @param concern known or borderline pressure: only then are readings asked for
     * @param readings one or two, the last one decides
     */
    public record Pressure(@Nullable Boolean concern, List<Reading> readings) {
        private static final int MOST_READINGS = 2;

        public Pressure {
            readings = List.copyOf(readings);
            if (readings.size() > MOST_READINGS) {
                throw new InvalidValue("readings", "has more than " + MOST_READINGS + " readings");
            }
        }
    }

    /**
     * One reading: systolic 60 to 260, diastolic 30 to 160 mmHg, pulse 30 to 220 per minute.
     *
     * @param newlyIrregular whether the pulse is irregular and was not before
     */
    public record Reading(
            int systolic,
            int diastolic,
            int pulse,
            @Nullable Boolean newlyIrregular) {
        public Reading {
            InvalidValue.requireWithin("systolic", systolic, 60, 260, "mmHg");
            InvalidValue.requireWithin("diastolic", diastolic, 30, 160, "mmHg");
            InvalidValue.requireWithin("pulse", pulse, 30, 220, "beats per minute");
            if (diastolic >= systolic) {
                throw new InvalidValue("diastolic", "must be below the systolic reading of " + systolic + " mmHg");
            }
        }
    }

    /** Whether {@code day} is one of the clearances' days for {@code purpose}. */
    boolean hasClearance(Clearance.Purpose purpose, LocalDate day) {
        return clearances.stream().anyMatch(c -> c.purpose() == purpose && c.holdsOn(day));
    }
}
