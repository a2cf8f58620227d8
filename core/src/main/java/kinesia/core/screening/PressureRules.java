package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenAnswers.Earlier;
import kinesia.core.screening.ScreenAnswers.Pressure;
import kinesia.core.screening.ScreenAnswers.Reading;

/**
 * Resting pressure and pulse before a session (Williams et al. 2007 [pub], taken on the cautious side). Everybody's are
 * read once, at the first screen; those of known, borderline or treated pressure before every visit.
 */
final class PressureRules {
    private static final int STOP_SYSTOLIC = 180;
    private static final int STOP_DIASTOLIC = 110;
    private static final int CLEARANCE_SYSTOLIC = 160;
    private static final int CLEARANCE_DIASTOLIC = 100;
    private static final int BORDERLINE_SYSTOLIC = 140;
    private static final int BORDERLINE_DIASTOLIC = 90;
    private static final int STOP_PULSE_OVER = 120;
    private static final int LIGHT_PULSE_OVER = 100;
    private static final double LIGHT_EFFORT = 5;
    private static final double LONGEST_HOLD_S = 6;
    private static final int QUIET_MINUTES = 5;
    private static final int READING_HOLDS_DAYS = 7;
    private static final double UNMEASURED_EFFORT = 7;
    private static final int MEASURE_WITHIN_DAYS = 14;
    // The version of the rules that asks everybody's pressure.
    private static final int ASKED_OF_ALL_FROM = 2;

    private final Work work;
    private final Pressure pressure;
    private final Optional<Reading> earlier;

    private PressureRules(Work work) {
        this.work = work;
        this.pressure = work.answers().pressure();
        this.earlier = Optional.ofNullable(work.answers().earlier()).map(Earlier::reading);
    }

    static void apply(Work work) {
        new PressureRules(work).apply();
    }

    private void apply() {
        Boolean said = pressure.concern();
        if (said == null) {
            work.ask("Is the blood pressure known to be raised or borderline, or is it treated?");
        }
        Optional<Reading> read = pressure.lastPressure();
        boolean concern = isConcern(work.answers());
        if (read.isPresent()) {
            judgePressure(read.get(), concern);
        } else if (said != null) {
            unread(concern);
        }
        pulse();
    }

    /** Whether it is read before every visit: known, borderline or treated, or the last or an earlier reading at 140/90 or more. */
    static boolean isConcern(ScreenAnswers answers) {
        boolean treated = Boolean.TRUE.equals(answers.readiness().pressureAlone());
        Earlier before = answers.earlier();
        Reading known = before == null ? null : before.reading();
        return Boolean.TRUE.equals(answers.pressure().concern())
                || treated
                || Stream.concat(answers.pressure().lastPressure().stream(), Stream.ofNullable(known))
                        .anyMatch(r -> r.isFrom(BORDERLINE_SYSTOLIC, BORDERLINE_DIASTOLIC));
    }

    /** Whether a reading is due before the visit of {@code day}, a screen taken on {@code takenOn} being the last. */
    static boolean isDue(ScreenAnswers answers, LocalDate takenOn, LocalDate day) {
        Earlier before = answers.earlier();
        Reading known = before == null ? null : before.reading();
        return isConcern(answers)
                && Stream.concat(answers.pressure().lastPressure().stream(), Stream.ofNullable(known))
                        .map(r -> r.orOn(takenOn).on())
                        .filter(Objects::nonNull)
                        .noneMatch(on -> !on.plusDays(READING_HOLDS_DAYS).isBefore(day));
    }

    /** No pressure was read at this screen. */
    private void unread(boolean concern) {
        if (concern && earlier.filter(r -> holdsOn(r, work.today())).isPresent()) {
            judgePressure(earlier.get(), true);
        } else if (concern) {
            work.ask("A blood pressure reading of the last " + READING_HOLDS_DAYS
                    + " days, taken sitting after five quiet minutes");
        } else if (Boolean.TRUE.equals(pressure.noMeter())) {
            withoutMeter();
        } else if (earlier.isEmpty()) {
            work.ask(
                    "One reading of blood pressure, sitting, after five quiet minutes; or say that there is no meter",
                    ASKED_OF_ALL_FROM);
        }
    }

    private void withoutMeter() {
        LocalDate by = work.takenOn().plusDays(MEASURE_WITHIN_DAYS);
        work.limit(
                List.of(LimitRow.of(Limit.Kind.LARGEST_EFFORT, UNMEASURED_EFFORT)),
                null,
                null,
                Reason.of(
                                "PRESSURE-no-meter",
                                Tag.HOUSE,
                                "a first reading of everybody",
                                "The blood pressure has not been measured, as there is no meter: effort stays at 7, and it is"
                                        + " to be measured by " + by + ".",
                                "Until we know your blood pressure we keep a little in hand.")
                        .with("measure by", by),
                by);
    }

    /** Whether {@code reading} is of the seven days before {@code day}, that one included. */
    private boolean holdsOn(Reading reading, LocalDate day) {
        return !work.known(reading.on()).plusDays(READING_HOLDS_DAYS).isBefore(day);
    }

    private void judgePressure(Reading last, boolean concern) {
        // Where the pressure is known the reading stands in for the visit's; elsewhere it is the screen's, once.
        if (!holdsOn(last, concern ? work.today() : work.takenOn())) {
            work.ask("A blood pressure reading of the last " + READING_HOLDS_DAYS + " days; this one is of "
                    + work.known(last.on()));
            return;
        }
        if (needsSecond(r -> r.isFrom(CLEARANCE_SYSTOLIC, CLEARANCE_DIASTOLIC), Reading::hasPressure)) {
            return;
        }
        if (last.isFrom(STOP_SYSTOLIC, STOP_DIASTOLIC)) {
            work.found(refer(pressureReason(last, "PRESSURE-stop", STOP_SYSTOLIC, STOP_DIASTOLIC)));
        } else if (last.isFrom(CLEARANCE_SYSTOLIC, CLEARANCE_DIASTOLIC)) {
            Reason reason = pressureReason(last, "PRESSURE-clearance", CLEARANCE_SYSTOLIC, CLEARANCE_DIASTOLIC);
            // Pressure that was known before is what a clearance for pressure is about; found today, none knew of it.
            boolean known = Boolean.TRUE.equals(pressure.concern())
                    || earlier.filter(r -> r.isFrom(BORDERLINE_SYSTOLIC, BORDERLINE_DIASTOLIC))
                            .isPresent();
            LocalDate since = known ? LocalDate.MIN : work.known(last.on());
            if (work.clearance(Clearance.Purpose.PRESSURE, null, null, since).isPresent()) {
                work.limit(
                        List.of(
                                LimitRow.of(Limit.Kind.NO_BREATH_HOLDING),
                                LimitRow.of(Limit.Kind.LONGEST_HOLD, LONGEST_HOLD_S),
                                LimitRow.of(Limit.Kind.NO_CUFFS)),
                        new Reason(
                                reason.ruleId(),
                                reason.tag(),
                                reason.inputs(),
                                reason.threshold(),
                                reason.exact() + " It is cleared: no breath-holding, no hold over 6 s and no cuffs.",
                                "With your blood pressure we breathe through every lift."));
            } else {
                work.found(refer(reason));
            }
        }
        if (concern) {
            work.note("Blood pressure is read before every visit; a reading of the last " + READING_HOLDS_DAYS
                    + " days stands in for it.");
        }
    }

    private void pulse() {
        Optional<Reading> read = pressure.lastPulse();
        if (read.isEmpty()) {
            boolean counted = earlier.filter(r -> r.pulse() != null).isPresent();
            if (!counted && pressure.concern() != null) {
                work.ask("The pulse at rest, counted by hand for a minute", ASKED_OF_ALL_FROM);
            }
            return;
        }
        Reading last = read.get();
        int beats = Objects.requireNonNull(last.pulse());
        if (last.newlyIrregular() == null) {
            work.ask("Is the pulse irregular, and was it not before?");
        } else if (last.newlyIrregular()) {
            work.found(refer(pulseReason(
                    last,
                    "PULSE-irregular",
                    Tag.PUB,
                    "newly irregular",
                    "The pulse is irregular and was not before.")));
        } else if (irregularInTheFirstAlone()) {
            work.ask(
                    "A third reading of the pulse after five quiet minutes: it was irregular in the first and not in the"
                            + " second");
        }
        if (needsSecond(r -> r.pulse() != null && r.pulse() > LIGHT_PULSE_OVER, r -> r.pulse() != null)) {
            return;
        }
        if (beats > STOP_PULSE_OVER) {
            work.found(refer(pulseReason(
                    last,
                    "PULSE-stop",
                    Tag.PUB,
                    "over 120 per minute",
                    "The pulse at rest of " + beats + " per minute is over 120.")));
        } else if (beats > LIGHT_PULSE_OVER) {
            work.limit(
                    List.of(LimitRow.of(Limit.Kind.LARGEST_EFFORT, LIGHT_EFFORT)),
                    pulseReason(
                            last,
                            "PULSE-light",
                            Tag.HOUSE,
                            "101 to 120 per minute",
                            "The pulse at rest of " + beats + " per minute is over 100: effort stays at 5."));
        }
    }

    private boolean irregularInTheFirstAlone() {
        List<Reading> pulses =
                pressure.readings().stream().filter(r -> r.pulse() != null).toList();
        return pulses.size() == 2 && Boolean.TRUE.equals(pulses.get(0).newlyIrregular());
    }

    /** Asks for the second reading that a raised first one needs, with five quiet minutes before it. */
    private boolean needsSecond(Predicate<Reading> raised, Predicate<Reading> counts) {
        List<Reading> readings = pressure.readings().stream().filter(counts).toList();
        if (readings.isEmpty() || !raised.test(readings.get(0))) {
            return false;
        }
        Integer quiet = readings.get(readings.size() - 1).quietMinutes();
        if (readings.size() > 1 && quiet != null && quiet >= QUIET_MINUTES) {
            return false;
        }
        work.ask(
                readings.size() > 1
                        ? "A second reading after five quiet minutes; before this one "
                                + (quiet == null ? "nobody said how many there were" : "there were " + quiet)
                        : "A second reading after five quiet minutes; no session between them");
        return true;
    }

    private static Finding refer(Reason reason) {
        return new Finding(
                Outcome.REFER_BEFORE_LOADING,
                Scope.ALL,
                null,
                null,
                "No session today. Ask for medical advice on the reading.",
                reason);
    }

    /** Names the number that is over its line, or both. */
    private static Reason pressureReason(Reading last, String id, int systolicLine, int diastolicLine) {
        int systolic = Objects.requireNonNull(last.systolic());
        int diastolic = Objects.requireNonNull(last.diastolic());
        boolean upper = systolic >= systolicLine;
        boolean lower = diastolic >= diastolicLine;
        String over = upper && lower
                ? "both numbers are at or over " + systolicLine + "/" + diastolicLine
                : upper
                        ? "the upper number is at or over " + systolicLine
                        : "the lower number is at or over " + diastolicLine;
        return Reason.of(
                        id,
                        Tag.PUB,
                        systolicLine + " or " + diastolicLine + " mmHg",
                        "The last reading was " + systolic + "/" + diastolic + " mmHg: " + over + ".",
                        "Your blood pressure today is not one we train with as it is.")
                .with("systolic", systolic)
                .with("diastolic", diastolic);
    }

    private static Reason pulseReason(Reading last, String id, Tag tag, String threshold, String exact) {
        return Reason.of(
                        id,
                        tag,
                        threshold,
                        exact,
                        tag == Tag.HOUSE
                                ? "With this pulse we take it easy today."
                                : "Your pulse is not one we train with today.")
                .with("pulse", String.valueOf(last.pulse()));
    }
}
