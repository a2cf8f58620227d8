package kinesia.core.screening;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import kinesia.core.arm.Side;
import kinesia.core.reason.InvalidValue;
import org.jspecify.annotations.Nullable;

/**
 * Everything asked at a screen. Null or absent means not answered, and never no.
 *
 * @param flags answer to each red flag by its id
 * @param readiness the three questions before exercise
 * @param pressure blood pressure, where it has to be asked
 * @param cautions answer to each medical caution of the intake by its id
 * @param soreSites sore places; null when not asked, empty when there are none
 */
public record ScreenAnswers(
        Map<String, FlagAnswer> flags,
        Readiness readiness,
        Pressure pressure,
        Map<String, Boolean> cautions,
        @Nullable List<SiteRecord> soreSites) {

    public ScreenAnswers {
        flags = Map.copyOf(flags);
        cautions = Map.copyOf(cautions);
        soreSites = soreSites == null ? null : List.copyOf(soreSites);
    }

    /** Yes or no to a flag, and which arm where the flag is about one. */
    public record FlagAnswer(boolean present, @Nullable Side side) {}

    /**
     * @param regularlyActive planned, at least 30 minutes, three days a week for three months
     * @param knownDisease of heart, metabolism or kidneys
     * @param symptoms of any of them
     * @param clearedOn date of a clinician's clearance for hard effort; null when there is none
     */
    public record Readiness(
            @Nullable Boolean regularlyActive,
            @Nullable Boolean knownDisease,
            @Nullable Boolean symptoms,
            @Nullable LocalDate clearedOn) {}

    /**
     * @param concern known or borderline pressure: only then are readings asked for
     * @param readings one or two, the last one decides
     * @param cleared a recorded clearance for raised pressure
     */
    public record Pressure(@Nullable Boolean concern, List<Reading> readings, boolean cleared) {
        public Pressure {
            readings = List.copyOf(readings);
        }
    }

    /** One reading: systolic 60 to 260, diastolic 30 to 160 mmHg, pulse 30 to 220 per minute. */
    public record Reading(int systolic, int diastolic, int pulse) {
        public Reading {
            InvalidValue.requireWithin("systolic", systolic, 60, 260, "mmHg");
            InvalidValue.requireWithin("diastolic", diastolic, 30, 160, "mmHg");
            InvalidValue.requireWithin("pulse", pulse, 30, 220, "beats per minute");
            if (diastolic >= systolic) {
                throw new InvalidValue("diastolic", "must be below the systolic reading of " + systolic + " mmHg");
            }
        }
    }
}
