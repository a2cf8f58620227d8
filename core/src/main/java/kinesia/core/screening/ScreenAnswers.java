package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import kinesia.core.arm.Side;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * Everything asked at a screen. Null or absent means not answered, and never no.
 *
 * @param flags answer to each gate and red flag by its id
 * @param readiness the questions before exercise
 * @param pressure blood pressure and pulse
 * @param cautions answer to each medical caution of the intake, and to each question before cuffs, by its id
 * @param details what was said of a caution beyond yes, by its id: which arm, which medicine, the last dose; may
 *     be left out when nothing was said
 * @param soreSites sore places; null when not asked, empty when there are none
 * @param checks movement checks that were done, at most one for each check and side
 * @param clearances what licensed clinicians allowed; those that do not hold on the day are passed over
 * @param earlier what is known from before this screen; null when nothing is
 * @param version of the rules these answers were given to, from 1; null for the present one
 */
public record ScreenAnswers(
        Map<String, FlagAnswer> flags,
        Readiness readiness,
        Pressure pressure,
        Map<String, Boolean> cautions,
        @Nullable Map<String, CautionDetail> details,
        @Nullable List<SiteRecord> soreSites,
        List<CheckResult> checks,
        List<Clearance> clearances,
        @Nullable Earlier earlier,
        @Nullable Integer version) {

    private static final int LONGEST_WORDS = 200;

    public ScreenAnswers {
        flags = Map.copyOf(flags);
        cautions = Map.copyOf(cautions);
        details = details == null ? Map.of() : Map.copyOf(details);
        soreSites = soreSites == null ? null : List.copyOf(soreSites);
        checks = List.copyOf(checks);
        clearances = List.copyOf(clearances);
        if (checks.stream().map(c -> c.check() + c.side()).distinct().count() < checks.size()) {
            throw new InvalidValue("checks", "has one check twice for the same side");
        }
    }

    /** Whether a clinician limits how much is drunk (heart or kidneys). */
    public boolean limitsDrinking() {
        return cautions.getOrDefault("CAUTION-fluid", false);
    }

    /** Whether a medicine slows the heart, so that the pulse says little of the work. */
    public boolean slowsTheHeart() {
        return cautions.getOrDefault("CAUTION-heart-medicine", false);
    }

    /** The last pulse counted at rest; empty where nobody counted. */
    public Optional<Integer> restingPulse() {
        return pressure == null ? Optional.empty() : pressure.lastPulse().map(Reading::pulse);
    }

    @Override
    public Map<String, CautionDetail> details() {
        return Objects.requireNonNullElse(details, Map.of());
    }

    /** The same answers with other clearances. */
    public ScreenAnswers withClearances(List<Clearance> others) {
        return new ScreenAnswers(
                flags, readiness, pressure, cautions, details, soreSites, checks, others, earlier, version);
    }

    /** The same answers as given to the rules of {@code rules}. */
    public ScreenAnswers underVersion(int rules) {
        return new ScreenAnswers(
                flags, readiness, pressure, cautions, details, soreSites, checks, clearances, earlier, rules);
    }

    /** The same answers beside what is known from before; whether the stop was seen stays as it was answered here. */
    public ScreenAnswers after(@Nullable Earlier before) {
        Boolean seen = earlier == null ? null : earlier.stopSeen();
        Earlier known = before == null ? new Earlier(null, seen, null) : before.seen(seen);
        return new ScreenAnswers(
                flags, readiness, pressure, cautions, details, soreSites, checks, clearances, known, version);
    }

    /**
     * The same answers beside pressure and pulse that were read at a door since, oldest first and each with its day: those of the
     * last day stand in for the screen's own, which become what was read before.
     */
    public ScreenAnswers withReadings(List<Reading> since, LocalDate takenOn) {
        if (since.isEmpty()) {
            return this;
        }
        LocalDate last = Objects.requireNonNull(since.get(since.size() - 1).on());
        Reading pulse = pressure.lastPulse().orElse(null);
        List<Reading> ofLastDay = since.stream()
                .filter(r -> last.equals(r.on()))
                .map(r -> r.orPulseOf(pulse))
                .toList();
        List<Reading> few = ofLastDay.subList(Math.max(0, ofLastDay.size() - Pressure.MOST_READINGS), ofLastDay.size());
        Reading before = pressure.lastPressure()
                .map(r -> r.orOn(takenOn).orPulseOf(pulse))
                .orElse(earlier == null ? null : earlier.reading());
        Earlier known = earlier == null
                ? new Earlier(null, null, before)
                : new Earlier(earlier.stop(), earlier.stopSeen(), before);
        return new ScreenAnswers(
                flags,
                readiness,
                new Pressure(pressure.concern(), few, null),
                cautions,
                details,
                soreSites,
                checks,
                clearances,
                known,
                version);
    }

    Optional<CheckResult> check(String key, Side side) {
        return checks.stream()
                .filter(c -> c.check().equals(key) && c.side() == side)
                .findFirst();
    }

    /** What was said of the caution or question {@code id} beyond yes. */
    CautionDetail detail(String id) {
        return details().getOrDefault(id, CautionDetail.NOTHING);
    }

    private static void requireShort(String field, @Nullable String words) {
        if (words != null && words.length() > LONGEST_WORDS) {
            throw new InvalidValue(field, "at most " + LONGEST_WORDS + " characters");
        }
    }

    /**
     * Yes or no to a flag, and which arm where the flag is about one (null: not said, so both).
     *
     * @param since the day it began or was first said here, whichever is later; null for the day of the screen
     */
    public record FlagAnswer(
            boolean present, @Nullable Side side, @Nullable LocalDate since) {
        public FlagAnswer(boolean present, @Nullable Side side) {
            this(present, side, null);
        }
    }

    /**
     * @param side which arm; null when not said, so both
     * @param what which medicine, device or operation, in the client's words
     * @param lastDoseOn of a medicine
     */
    public record CautionDetail(
            @Nullable Side side,
            @Nullable String what,
            @Nullable LocalDate lastDoseOn) {
        static final CautionDetail NOTHING = new CautionDetail(null, null, null);

        public CautionDetail {
            requireShort("what", what);
        }
    }

    /**
     * @param regularlyActive planned, at least 30 minutes, three days a week for three months
     * @param knownDisease of heart, metabolism or kidneys
     * @param symptoms of any of them
     * @param changedSinceClearance whether health changed since the last clearance; asked only of those who have one
     * @param symptomsSince the day the symptoms began or were first said, whichever is later; null for the day of the screen
     * @param symptom which, in the client's words
     * @param disease which, in the client's words
     * @param diseaseSince since when it is known, the month being enough; null when not said
     * @param pressureAlone whether a medicine that slows the heart is taken for the blood pressure and nothing else; asked of
     *     those who name it beside no known disease
     */
    public record Readiness(
            @Nullable Boolean regularlyActive,
            @Nullable Boolean knownDisease,
            @Nullable Boolean symptoms,
            @Nullable Boolean changedSinceClearance,
            @Nullable LocalDate symptomsSince,
            @Nullable String symptom,
            @Nullable String disease,
            @Nullable LocalDate diseaseSince,
            @Nullable Boolean pressureAlone) {
        public Readiness {
            requireShort("symptom", symptom);
            requireShort("disease", disease);
        }

        public Readiness(
                @Nullable Boolean regularlyActive,
                @Nullable Boolean knownDisease,
                @Nullable Boolean symptoms,
                @Nullable Boolean changedSinceClearance) {
            this(regularlyActive, knownDisease, symptoms, changedSinceClearance, null, null, null, null, null);
        }

        /** The same with the day since when the symptoms are known. */
        Readiness symptomsSince(LocalDate day) {
            return new Readiness(
                    regularlyActive,
                    knownDisease,
                    symptoms,
                    changedSinceClearance,
                    day,
                    symptom,
                    disease,
                    diseaseSince,
                    pressureAlone);
        }
    }

    /**
     * @param concern known, borderline or treated pressure
     * @param readings up to three, the last one decides
     * @param noMeter whether the room has no meter to read the pressure with; null when not said
     */
    public record Pressure(
            @Nullable Boolean concern,
            List<Reading> readings,
            @Nullable Boolean noMeter) {
        private static final int MOST_READINGS = 3;

        public Pressure(@Nullable Boolean concern, List<Reading> readings) {
            this(concern, readings, null);
        }

        public Pressure {
            readings = readings == null ? List.of() : List.copyOf(readings);
            if (readings.size() > MOST_READINGS) {
                throw new InvalidValue("readings", "has more than " + MOST_READINGS + " readings");
            }
        }

        /** The last reading that has a pressure. */
        Optional<Reading> lastPressure() {
            return readings.stream().filter(Reading::hasPressure).reduce((a, b) -> b);
        }

        /** The last reading that has a pulse. */
        Optional<Reading> lastPulse() {
            return readings.stream().filter(r -> r.pulse() != null).reduce((a, b) -> b);
        }
    }

    /**
     * One reading: pressure, pulse or both; systolic 60 to 260, diastolic 30 to 160 mmHg, pulse 30 to 220 per minute.
     *
     * @param newlyIrregular whether the pulse is irregular and was not before
     * @param quietMinutes how long the client sat quietly before it, 0 to 120; null when not said
     * @param on the day it was taken; null for the day of the screen
     */
    public record Reading(
            @Nullable Integer systolic,
            @Nullable Integer diastolic,
            @Nullable Integer pulse,
            @Nullable Boolean newlyIrregular,
            @Nullable Integer quietMinutes,
            @Nullable LocalDate on) {
        public Reading(int systolic, int diastolic, int pulse, @Nullable Boolean newlyIrregular) {
            this(systolic, diastolic, pulse, newlyIrregular, null, null);
        }

        /** Throws {@link InvalidValue} naming the field. */
        public Reading {
            require("systolic", systolic, 60, 260, "mmHg");
            require("diastolic", diastolic, 30, 160, "mmHg");
            require("pulse", pulse, 30, 220, "beats per minute");
            require("quietMinutes", quietMinutes, 0, 120, "minutes");
            if ((systolic == null) != (diastolic == null)) {
                throw new InvalidValue(
                        systolic == null ? "systolic" : "diastolic",
                        "is needed: a pressure has an upper and a lower number");
            }
            if (systolic != null && diastolic >= systolic) {
                throw new InvalidValue("diastolic", "must be below the systolic reading of " + systolic + " mmHg");
            }
        }

        private static void require(String field, @Nullable Integer value, int low, int high, String unit) {
            if (value != null) {
                InvalidValue.requireWithin(field, value, low, high, unit);
            }
        }

        boolean hasPressure() {
            return systolic != null;
        }

        /** The same as taken on {@code day} where no day was said. */
        public Reading orOn(LocalDate day) {
            return on == null ? new Reading(systolic, diastolic, pulse, newlyIrregular, quietMinutes, day) : this;
        }

        /** The same with the pulse of {@code other} where it has none of its own. */
        Reading orPulseOf(@Nullable Reading other) {
            return pulse != null || other == null
                    ? this
                    : new Reading(systolic, diastolic, other.pulse(), other.newlyIrregular(), quietMinutes, on);
        }

        /** Whether its pressure is at or over either line. */
        boolean isFrom(int systolicLine, int diastolicLine) {
            return systolic != null && diastolic != null && (systolic >= systolicLine || diastolic >= diastolicLine);
        }
    }

    /**
     * What is known from before this screen.
     *
     * @param stop the emergency sign that ended an earlier screen or session and that nobody has answered for yet
     * @param stopSeen whether a clinician has seen it since and allowed training; null when not answered
     * @param reading the last pressure on record, with its day
     */
    public record Earlier(
            @Nullable PastStop stop,
            @Nullable Boolean stopSeen,
            @Nullable Reading reading) {
        Earlier seen(@Nullable Boolean answer) {
            return new Earlier(stop, answer, reading);
        }
    }

    /** A sign that stopped everything, in words, and the day. */
    public record PastStop(String sign, LocalDate on) {}
}
