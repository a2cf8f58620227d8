package kinesia.core.screening;

import java.util.List;
import java.util.Optional;
import kinesia.core.reason.Reason;
import kinesia.core.reason.Tag;
import kinesia.core.screening.ScreenAnswers.Pressure;
import kinesia.core.screening.ScreenAnswers.Reading;

/** Resting pressure and pulse before a session (Williams et al. 2007 [pub], taken on the cautious side). */
final class PressureRules {
    private static final int STOP_SYSTOLIC = 180;
    private static final int STOP_DIASTOLIC = 110;
    private static final int CLEARANCE_SYSTOLIC = 160;
    private static final int CLEARANCE_DIASTOLIC = 100;
    private static final int STOP_PULSE_OVER = 120;
    private static final int LIGHT_PULSE_OVER = 100;
    private static final double LIGHT_EFFORT = 5;
    private static final double LONGEST_HOLD_S = 6;

    private PressureRules() {}

    static void apply(Work work) {
        Pressure pressure = work.answers().pressure();
        Boolean concern = pressure.concern();
        if (concern == null) {
            work.ask("Is the blood pressure known to be raised or borderline?");
            return;
        }
        Optional<Reading> decides = last(pressure);
        if (!concern && decides.isEmpty()) {
            return;
        }
        if (decides.isEmpty()) {
            work.ask("A blood pressure reading, sitting, after five quiet minutes");
            return;
        }
        Reading last = decides.get();
        if (last.newlyIrregular() == null) {
            work.ask("Is the pulse irregular, and was it not before?");
        }
        boolean raised = last.systolic() >= CLEARANCE_SYSTOLIC
                || last.diastolic() >= CLEARANCE_DIASTOLIC
                || last.pulse() > LIGHT_PULSE_OVER
                || Boolean.TRUE.equals(last.newlyIrregular());
        if (pressure.readings().size() == 1 && raised) {
            work.ask("A second reading after five quiet minutes; no session between them");
            return;
        }
        pressure(last, work);
        pulse(last, work);
    }

    /** The reading that decides; empty when there is none. */
    static Optional<Reading> last(Pressure pressure) {
        List<Reading> readings = pressure.readings();
        return readings.isEmpty() ? Optional.empty() : Optional.of(readings.get(readings.size() - 1));
    }

    private static void pressure(Reading last, Work work) {
        if (last.systolic() >= STOP_SYSTOLIC || last.diastolic() >= STOP_DIASTOLIC) {
            work.found(refer(reason(last, "PRESSURE-stop", Tag.PUB, "180 or 110 mmHg", "is at or over 180/110")));
        } else if (last.systolic() >= CLEARANCE_SYSTOLIC || last.diastolic() >= CLEARANCE_DIASTOLIC) {
            Reason reason = reason(last, "PRESSURE-clearance", Tag.PUB, "160 or 100 mmHg", "is at or over 160/100");
            if (work.clearance(Clearance.Purpose.PRESSURE, null, null).isPresent()) {
                work.limit(
                        List.of(
                                LimitRow.of(Limit.Kind.NO_BREATH_HOLDING),
                                LimitRow.of(Limit.Kind.LONGEST_HOLD, LONGEST_HOLD_S),
                                LimitRow.of(Limit.Kind.NO_CUFFS)),
                        reason);
            } else {
                work.found(refer(reason));
            }
        }
    }

    private static void pulse(Reading last, Work work) {
        if (Boolean.TRUE.equals(last.newlyIrregular())) {
            work.found(
                    refer(reason(last, "PULSE-irregular", Tag.PUB, "newly irregular", "has a newly irregular pulse")));
        }
        if (last.pulse() > STOP_PULSE_OVER) {
            work.found(refer(reason(last, "PULSE-stop", Tag.PUB, "over 120 per minute", "has a pulse over 120")));
        } else if (last.pulse() > LIGHT_PULSE_OVER) {
            work.limit(
                    List.of(LimitRow.of(Limit.Kind.LARGEST_EFFORT, LIGHT_EFFORT)),
                    reason(last, "PULSE-light", Tag.HOUSE, "101 to 120 per minute", "has a pulse over 100"));
        }
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

    private static Reason reason(Reading last, String id, Tag tag, String threshold, String words) {
        return Reason.of(
                        id,
                        tag,
                        threshold,
                        "The last reading of " + last.systolic() + "/" + last.diastolic() + " mmHg, pulse "
                                + last.pulse() + ", " + words + ".",
                        "Your reading is not one we train with as it is.")
                .with("systolic", last.systolic())
                .with("diastolic", last.diastolic())
                .with("pulse", last.pulse());
    }
}
