package kinesia.core.screening;

import java.util.List;
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

    private PressureRules() {}

    static void apply(Pressure pressure, ScreeningRules.Work work) {
        Boolean concern = pressure.concern();
        if (concern == null) {
            work.missing.add("Is the blood pressure known to be raised or borderline?");
            return;
        }
        if (!concern) {
            return;
        }
        List<Reading> readings = pressure.readings();
        if (readings.isEmpty()) {
            work.missing.add("A blood pressure reading, sitting, after five quiet minutes");
            return;
        }
        Reading last = readings.get(readings.size() - 1);
        boolean raised = last.systolic() >= CLEARANCE_SYSTOLIC
                || last.diastolic() >= CLEARANCE_DIASTOLIC
                || last.pulse() > LIGHT_PULSE_OVER;
        if (readings.size() == 1 && raised) {
            work.missing.add("A second reading after five quiet minutes");
            return;
        }
        if (last.systolic() >= STOP_SYSTOLIC || last.diastolic() >= STOP_DIASTOLIC) {
            work.found(refer(reason(last, "PRESSURE-stop", Tag.PUB, "180 or 110 mmHg", "is at or over 180/110")));
        } else if (last.systolic() >= CLEARANCE_SYSTOLIC || last.diastolic() >= CLEARANCE_DIASTOLIC) {
            Reason reason = reason(last, "PRESSURE-clearance", Tag.PUB, "160 or 100 mmHg", "is at or over 160/100");
            if (pressure.cleared()) {
                work.limit(
                        List.of(
                                new LimitRow(Limit.Kind.NO_BREATH_HOLDING, null, null, null, null),
                                new LimitRow(Limit.Kind.NO_CUFFS, null, null, null, null)),
                        null,
                        null,
                        reason);
            } else {
                work.found(refer(reason));
            }
        }
        if (last.pulse() > STOP_PULSE_OVER) {
            work.found(refer(reason(last, "PULSE-stop", Tag.PUB, "over 120 per minute", "has a pulse over 120")));
        } else if (last.pulse() > LIGHT_PULSE_OVER) {
            work.limit(
                    List.of(new LimitRow(Limit.Kind.LARGEST_EFFORT, LIGHT_EFFORT, null, null, null)),
                    null,
                    null,
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
                        "Your reading is higher than we train with.")
                .with("systolic", last.systolic())
                .with("diastolic", last.diastolic())
                .with("pulse", last.pulse());
    }
}
